package app.gradior.web.plan;

import app.gradior.care.Cautions;
import app.gradior.care.Storage;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.glaze.Brushed;
import app.gradior.glaze.Brushing;
import app.gradior.glaze.Fire;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.SpecificVolume;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.SauceVersion;
import app.gradior.room.book.StagePlan;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.plan.ClockPlans;
import app.gradior.room.plan.PlanAnswer;
import app.gradior.room.plan.PlanDraft;
import app.gradior.room.plan.PlanWork;
import app.gradior.room.plan.Planning;
import app.gradior.room.plan.Plans;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Portions;
import app.gradior.sauce.Use;
import app.gradior.web.frame.Figures;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One batch before the heat is on. */
@Controller
@RequestMapping("/plan")
class PlanController {
    private final SauceBook book;
    private final KitchenKit kit;
    private final Planning planning;
    private final Plans plans;
    private final ClockPlans clocks;

    PlanController(SauceBook book, KitchenKit kit, Planning planning, Plans plans, ClockPlans clocks) {
        this.book = book;
        this.kit = kit;
        this.planning = planning;
        this.plans = plans;
        this.clocks = clocks;
    }

    /** A stage whose heat can be set. */
    public record HeatRow(int index, String name, String look, String lid) {}

    @GetMapping
    String plan(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam Map<String, String> asked, Model model) {
        List<SauceVersion> sauces = book.sauces(kitchen.id());
        model.addAttribute("sauces", sauces);
        if (sauces.isEmpty()) {
            return "plan/none";
        }
        Map<String, String> full = new HashMap<>(asked);
        full.putIfAbsent("sauce", String.valueOf(sauces.get(0).id()));
        fill(kitchen, full, model);
        return "plan/plan";
    }

    /** A kept plan. */
    @GetMapping("/{id}")
    String kept(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        model.addAttribute("sauces", book.sauces(kitchen.id()));
        fill(kitchen, Map.of("plan", String.valueOf(id)), model);
        return "plan/plan";
    }

    /** The answer alone, for a form that is being moved. */
    @GetMapping("/answer")
    String answer(@ModelAttribute("kitchen") Kitchen kitchen, @RequestParam Map<String, String> asked, Model model) {
        fill(kitchen, asked, model);
        return "plan/answer";
    }

    @PostMapping("/save")
    String save(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam Map<String, String> asked,
            Model model,
            HttpServletResponse response) {
        Setting setting = fill(kitchen, asked, model);
        if (!setting.faults().isEmpty()) {
            return again(kitchen, model, response);
        }
        long id = plans.save(kitchen, setting.planId(), setting.revision(), setting.draft());
        return "redirect:/plan/" + id + "?saved";
    }

    @PostMapping("/start")
    String start(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam Map<String, String> asked,
            Model model,
            HttpServletResponse response) {
        Setting setting = fill(kitchen, asked, model);
        PlanAnswer answer = setting.answer();
        if (answer == null || answer.done().isEmpty()) {
            return again(kitchen, model, response);
        }
        try {
            return "redirect:/pot/" + plans.start(kitchen, setting.planId(), answer);
        } catch (Refusal refusal) {
            if (refusal.kind() != Refusal.Kind.CONFLICT) {
                throw refusal;
            }
            model.addAttribute("faults", refusal.faults());
            return again(kitchen, model, response);
        }
    }

    /** The page as it was sent, with what is wrong. */
    private String again(Kitchen kitchen, Model model, HttpServletResponse response) {
        model.addAttribute("sauces", book.sauces(kitchen.id()));
        response.setStatus(422);
        return "plan/plan";
    }

    /** The form made sense of. */
    private record Setting(
            PlanDraft draft, @Nullable PlanAnswer answer, List<Fault> faults, long planId, int revision) {}

    private Setting fill(Kitchen kitchen, Map<String, String> asked, Model model) {
        Figures figures = new Figures(kitchen);
        long planId = id(asked.get("plan"));
        Optional<Plans.Saved> saved = planId == 0 ? Optional.empty() : Optional.of(plans.plan(kitchen, planId));
        long sauceId = asked.containsKey("sauce")
                ? id(asked.get("sauce"))
                : saved.map(s -> s.draft().sauceId())
                        .orElseThrow(() -> Refusal.malformed("sauce", Told.of("plan-controller.choose-a-sauce")));
        SauceBook.Sauce sauce = book.sauce(kitchen, sauceId);
        Equipment ware = kit.ware(kitchen.id());
        PlanDraft base = saved.map(Plans.Saved::draft).orElseGet(() -> begin(kitchen, ware, sauce));
        PlanForm form = new PlanForm(asked, base, figures);
        List<Fault> faults = form.faults();
        PlanDraft draft = form.draft();
        @Nullable PlanAnswer answer = null;
        if (faults.isEmpty()) {
            try {
                answer = planning.answer(kitchen, ware, draft);
            } catch (Refusal refusal) {
                if (refusal.kind() == Refusal.Kind.MISSING) {
                    throw refusal;
                }
                faults.addAll(refusal.faults());
            }
        }
        int revision = saved.map(Plans.Saved::revision).orElse(0);
        model.addAttribute("f", form.fields());
        model.addAttribute("planId", planId);
        model.addAttribute("revision", asked.containsKey("revision") ? id(asked.get("revision")) : revision);
        model.addAttribute("begun", saved.map(Plans.Saved::batchId).orElse(null));
        choices(kitchen, ware, sauce, draft, model);
        model.addAttribute("faults", faults);
        model.addAttribute("view", answer == null ? null : new PlanView(answer, figures));
        clock(kitchen, ware, planId, answer, figures, model);
        return new Setting(
                draft,
                answer,
                faults,
                planId,
                asked.containsKey("revision") ? (int) id(asked.get("revision")) : revision);
    }

    private static long id(@Nullable String text) {
        return text != null && text.matches("\\d{1,15}") ? Long.parseLong(text) : 0;
    }

    /** A plan that nobody has touched: the sauce as written, in the first pot that takes it, on the first burner. */
    private static PlanDraft begin(Kitchen kitchen, Equipment ware, SauceBook.Sauce sauce) {
        List<KitchenKit.KitPot> pots = ware.pots();
        if (pots.isEmpty()) {
            throw Refusal.unfit("pot", Told.of("plan-controller.there-is-no-pot-in-your"));
        }
        double hotMl = sauce.ingredients().mixture().volumeMl20c() * SpecificVolume.expansion(100);
        KitchenKit.KitPot pot = pots.stream()
                .filter(p -> Cautions.suits(p.shape(), p.material(), hotMl))
                .findFirst()
                .orElse(pots.get(0));
        long burner = ware.burners().stream().findFirst().map(KitBurner::id).orElse(0L);
        @Nullable
        StarchKind starch = sauce.ingredients().usable().stream()
                .flatMap(line -> StagePlan.powder(line).stream())
                .findFirst()
                .orElse(null);
        return PlanDraft.asWritten(sauce, pot.id(), burner, kitchen.altitudeM(), starch);
    }

    private void choices(Kitchen kitchen, Equipment ware, SauceBook.Sauce newest, PlanDraft draft, Model model) {
        Integer version = draft.version();
        SauceBook.Sauce sauce = version == null ? newest : book.version(kitchen, newest.id(), version);
        model.addAttribute("sauce", sauce);
        model.addAttribute("versions", book.versions(kitchen.id(), sauce.id()));
        model.addAttribute("lines", sauce.ingredients().lines());
        model.addAttribute("pots", ware.pots());
        model.addAttribute("burners", ware.burners());
        model.addAttribute("looks", Look.values());
        model.addAttribute("lids", LidState.values());
        model.addAttribute("uses", Use.values());
        model.addAttribute("starches", StarchKind.values());
        model.addAttribute("appetites", Portions.Appetite.values());
        model.addAttribute("bys", PlanDraft.ScaleBy.values());
        model.addAttribute("storages", Storage.values());
        model.addAttribute(
                "brushed", Arrays.stream(Brushed.values()).map(Brushing::usual).toList());
        model.addAttribute("fires", Fire.values());
        model.addAttribute("brushServed", new Figures(kitchen).degrees(Brushing.BRUSHED_C));
        model.addAttribute("brushStep", Brushing.USUAL_POT_STEP);
        List<HeatRow> heats = new ArrayList<>();
        StagePlan.Laid laid = StagePlan.lay(sauce.draft(), sauce.ingredients().lines(), 1, draft.heats());
        for (int i = 0; i < laid.stages().size(); i++) {
            var stage = laid.stages().get(i);
            if (stage.kind().treatment() == app.gradior.sauce.StageKind.Treatment.BOILING) {
                String title = laid.drafts().get(i).title();
                heats.add(new HeatRow(
                        i,
                        (i + 1) + " " + (title.isBlank() ? Words.say(stage.kind()) : title),
                        stage.look().key(),
                        stage.lid().key()));
            }
        }
        model.addAttribute("heats", heats);
    }

    private void clock(
            Kitchen kitchen, Equipment ware, long planId, @Nullable PlanAnswer answer, Figures figures, Model model) {
        if (answer == null || answer.done().isEmpty()) {
            return;
        }
        Optional<ClockPlans.Day> day = clocks.around(kitchen, ware, planId, answer);
        day.ifPresent(d -> {
            PlanWork work = d.entries().get(0).work();
            model.addAttribute("clock", DayView.drawing(d, figures));
            model.addAttribute("day", new DayView(d, figures));
            model.addAttribute("cooling", new PlanView(answer, figures).coolingWords(work));
        });
    }
}
