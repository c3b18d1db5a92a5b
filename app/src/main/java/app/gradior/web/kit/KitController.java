package app.gradior.web.kit;

import app.gradior.estimate.WaterTest;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.heat.BurnerKind;
import app.gradior.heat.Look;
import app.gradior.measure.Numbers;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.words.Words;
import app.gradior.vessel.Jar;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import app.gradior.web.draw.FromAboveDrawing;
import app.gradior.web.draw.SectionDrawing;
import app.gradior.web.form.Bound;
import app.gradior.web.form.TypedNumber;
import app.gradior.web.form.Within;
import app.gradior.web.frame.Figures;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Pots, burners, jars and tokens. */
@Controller
@RequestMapping("/kit")
class KitController {
    private final KitchenKit kit;
    private final Tokens tokens;

    KitController(KitchenKit kit, Tokens tokens) {
        this.kit = kit;
        this.tokens = tokens;
    }

    /** A pot of the list. */
    record PotEntry(long id, String name, String says, String section) {}

    /** A burner-and-pot pair and what is known of it. */
    record Pair(String pot, String burner, String says) {}

    @GetMapping
    String kit(@ModelAttribute("kitchen") Kitchen kitchen, Model model) {
        return page(kitchen, PotForm.BLANK, List.of(), model);
    }

    @GetMapping("/pots/{id}")
    String pot(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        return page(kitchen, PotForm.of(kit.pot(kitchen.id(), id)), List.of(), model);
    }

    /** The section of the pot that is being typed. */
    @GetMapping("/pots/answer")
    String drawn(@ModelAttribute("kitchen") Kitchen kitchen, PotForm form, Model model) {
        drawing(kitchen, form, model);
        return "kit/drawn";
    }

    private static void drawing(Kitchen kitchen, PotForm form, Model model) {
        try {
            PotShape shape = form.shape();
            model.addAttribute("section", SectionDrawing.halfFull(shape) + FromAboveDrawing.draw(shape));
            model.addAttribute(
                    "holds",
                    Words.text(
                            "kit-controller.holds-to-the-brim-to-cook",
                            new Figures(kitchen).volume(shape.capacityMl()),
                            new Figures(kitchen).volume(2 * shape.capacityMl() / 3)));
        } catch (Refusal refusal) {
            model.addAttribute("section", "");
            model.addAttribute(
                    "holds",
                    form.begun()
                            ? Words.say(refusal.faults().get(0))
                            : Words.text("kit-controller.it-is-drawn-to-scale-as"));
        }
    }

    private String page(Kitchen kitchen, PotForm form, List<Fault> faults, Model model) {
        Figures figures = new Figures(kitchen);
        List<KitchenKit.KitPot> pots = kit.pots(kitchen.id());
        List<KitBurner> burners = kit.burners(kitchen.id());
        model.addAttribute("pots", pots.stream().map(pot -> entry(pot, figures)).toList());
        model.addAttribute("burners", burners);
        model.addAttribute("potsAway", kit.potsPutAway(kitchen.id()));
        model.addAttribute("burnersAway", kit.burnersPutAway(kitchen.id()));
        model.addAttribute("burnerTypes", BurnerKind.values());
        model.addAttribute("jars", kit.jars(kitchen.id()));
        model.addAttribute("pairs", pairs(kitchen, pots, burners));
        model.addAttribute("looks", Look.values());
        model.addAttribute("tokens", tokens.of(kitchen.id()));
        model.addAttribute("lives", Tokens.Life.values());
        model.addAttribute("scopes", EnumSet.range(Tokens.Scope.BENCH, Tokens.Scope.ALL));
        model.addAttribute("materials", PotMaterial.values());
        model.addAttribute("outlines", PotShape.Outline.values());
        model.addAttribute("potForm", form);
        model.addAttribute("faults", faults);
        drawing(kitchen, form, model);
        return "kit/kit";
    }

    private List<Pair> pairs(Kitchen kitchen, List<KitchenKit.KitPot> pots, List<KitBurner> burners) {
        List<Pair> pairs = new ArrayList<>();
        Equipment ware = kit.ware(kitchen.id());
        for (KitchenKit.KitPot pot : pots) {
            for (KitBurner burner : burners) {
                Equipment.Known known = ware.pair(pot, Optional.of(burner));
                if (known.any()) {
                    pairs.add(new Pair(pot.name(), burner.name(), says(known)));
                }
            }
        }
        return pairs;
    }

    /** What is known of a pair in words. */
    private static String says(Equipment.Known known) {
        String from = Stream.of(
                        counted(
                                known.tests(),
                                Words.text("kit-controller.water-test"),
                                Words.text("kit-controller.water-tests")),
                        counted(known.batches(), "batch", "batches"))
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(" and "));
        return Words.text(
                "kit-controller.from",
                says(new WaterTest(known.learnt().factor(), known.learnt().logSd())),
                from);
    }

    private static String counted(int count, String one, String many) {
        return count == 0 ? "" : count + " " + (count == 1 ? one : many);
    }

    /** A pair's factor in words. */
    static String says(WaterTest test) {
        double percent = 100 * (test.factor() - 1);
        String than = Math.abs(percent) < 3
                ? Words.text("kit-controller.evaporates-as-the-model-says")
                : Words.text(
                        "kit-controller.evaporates-than-the-model-says",
                        Numbers.plain(Math.abs(percent), 0),
                        (percent > 0 ? Words.text("kit-controller.more") : Words.text("kit-controller.less")));
        return Words.text(
                "kit-controller.give-or-take-factor",
                than,
                Numbers.plain(100 * test.logSd(), 0),
                Numbers.fixed(test.factor(), 2));
    }

    private static PotEntry entry(KitchenKit.KitPot pot, Figures figures) {
        PotShape shape = pot.shape();
        return new PotEntry(
                pot.id(),
                pot.name(),
                Words.text(
                        "kit-controller.mm-rim-mm-floor-mm-high",
                        across(shape, shape.topLengthMm(), shape.topWidthMm()),
                        across(shape, shape.baseLengthMm(), shape.baseWidthMm()),
                        Numbers.plain(shape.heightMm(), 0),
                        figures.volume(shape.capacityMl()),
                        Numbers.plain(pot.emptyG(), 0),
                        Words.say(pot.material()),
                        (pot.lid() ? Words.text("kit-controller.with-a-lid") : Words.text("kit-controller.no-lid"))),
                SectionDrawing.halfFull(shape) + FromAboveDrawing.draw(shape));
    }

    /** "240", or "380 × 270" of what is long. */
    private static String across(PotShape shape, double lengthMm, double widthMm) {
        String length = Numbers.plain(lengthMm, 0);
        return shape.outline().isLong() ? length + " × " + Numbers.plain(widthMm, 0) : length;
    }

    @PostMapping("/pots")
    String putPot(@ModelAttribute("kitchen") Kitchen kitchen, PotForm form, Model model, HttpServletResponse response) {
        try {
            kit.putPot(kitchen.id(), form.pot());
            return "redirect:/kit";
        } catch (Refusal refusal) {
            response.setStatus(422);
            return page(kitchen, form, refusal.faults(), model);
        }
    }

    @PostMapping("/pots/{id}/remove")
    String removePot(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean fromHob) {
        kit.removePot(kitchen.id(), id);
        return fromHob ? "redirect:/" : "redirect:/kit";
    }

    @PostMapping("/pots/{id}/out")
    String takeOutPot(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        kit.takeOutPot(kitchen.id(), id);
        return "redirect:/kit";
    }

    private static final String HEAT = "kit-controller.heat-into-the-pot";
    private static final String HOW_MANY = "kit-controller.how-many";

    /** A new burner as typed. */
    record NewBurnerForm(
            @NotBlank @Size(max = 80) String burnerName,
            @Nullable BurnerKind type,

            @Within(label = HEAT, least = KitchenKit.WEAKEST_BURNER_W, most = KitchenKit.STRONGEST_BURNER_W, unit = "W")
            @Nullable
            TypedNumber netPowerW) {
        double watts() {
            return TypedNumber.of(netPowerW).value();
        }
    }

    /** A burner's row as typed. */
    record BurnerForm(
            long id,
            int revision,
            @NotBlank @Size(max = 80) String name,

            @Within(label = HEAT, least = KitchenKit.WEAKEST_BURNER_W, most = KitchenKit.STRONGEST_BURNER_W, unit = "W")
            @Nullable
            TypedNumber netPowerW) {
        double watts() {
            return TypedNumber.of(netPowerW).value();
        }
    }

    /** Jars as typed; the jar's own rules say what it may hold. */
    record JarForm(
            @NotBlank @Size(max = 80) String jarName,
            @Nullable TypedNumber brimMl,
            @Nullable TypedNumber headspaceMm,

            @Within(label = HOW_MANY, least = 0, most = KitchenKit.MOST_JARS) @Nullable
            TypedNumber count) {
        Jar jar() {
            return Refusal.checked(
                    "",
                    () -> Jar.withHeadspace(
                            jarName,
                            TypedNumber.of(brimMl).value(),
                            TypedNumber.of(headspaceMm).value(),
                            (int) TypedNumber.of(count).value()));
        }
    }

    /** How many jars there are, as typed. */
    record CountForm(
            long id,
            int revision,

            @Within(label = HOW_MANY, least = 0, most = KitchenKit.MOST_JARS) @Nullable
            TypedNumber count) {
        int many() {
            return (int) TypedNumber.of(count).value();
        }
    }

    @PostMapping("/burners")
    String addBurner(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @Valid @ModelAttribute("newBurner") NewBurnerForm form,
            BindingResult bound,
            Model model,
            HttpServletResponse response) {
        return done(
                kitchen,
                "burners",
                () -> {
                    Bound.check(bound);
                    kit.addBurner(kitchen.id(), form.burnerName(), Refusal.given("type", form.type()), form.watts());
                },
                model,
                response);
    }

    @PostMapping("/burners/{id}")
    String changeBurner(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @Valid @ModelAttribute("typedBurner") BurnerForm form,
            BindingResult bound,
            Model model,
            HttpServletResponse response) {
        return done(
                kitchen,
                "burners",
                () -> {
                    Bound.check(bound);
                    kit.changeBurner(kitchen.id(), form.id(), form.revision(), form.name(), form.watts());
                },
                model,
                response);
    }

    @PostMapping("/burners/{id}/out")
    String takeOutBurner(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        kit.takeOutBurner(kitchen.id(), id);
        return "redirect:/kit#burners";
    }

    @PostMapping("/burners/{id}/remove")
    String removeBurner(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        kit.removeBurner(kitchen.id(), id);
        return "redirect:/kit#burners";
    }

    @PostMapping("/jars")
    String addJar(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @Valid @ModelAttribute("jarForm") JarForm form,
            BindingResult bound,
            Model model,
            HttpServletResponse response) {
        return done(
                kitchen,
                "jars",
                () -> {
                    Bound.check(bound);
                    kit.addJar(kitchen.id(), form.jar());
                },
                model,
                response);
    }

    /** Does it and goes to that part of the page, or shows the page with what is wrong and all that was typed. */
    private String done(Kitchen kitchen, String part, Runnable work, Model model, HttpServletResponse response) {
        try {
            work.run();
        } catch (Refusal refusal) {
            response.setStatus(422);
            return page(kitchen, PotForm.BLANK, refusal.faults(), model);
        }
        return "redirect:/kit#" + part;
    }

    @PostMapping("/jars/{id}/count")
    String countJars(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @Valid @ModelAttribute("typedCount") CountForm form,
            BindingResult bound,
            Model model,
            HttpServletResponse response) {
        return done(
                kitchen,
                "jars",
                () -> {
                    Bound.check(bound);
                    kit.countJars(kitchen.id(), form.id(), form.many(), form.revision());
                },
                model,
                response);
    }

    @PostMapping("/jars/{id}/remove")
    String removeJar(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id) {
        kit.removeJar(kitchen.id(), id);
        return "redirect:/kit#jars";
    }
}
