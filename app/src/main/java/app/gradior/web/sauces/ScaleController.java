package app.gradior.web.sauces;

import app.gradior.care.Cautions;
import app.gradior.course.SauceRun;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.measure.LineReading;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.plan.Scaling;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StagePlan;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Lines;
import app.gradior.room.larder.Swaps;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Use;
import app.gradior.simmer.PotOnHeat;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A sauce made larger or smaller, and one of its ingredients swapped for another. */
@Controller
@RequestMapping("/sauces/{id}")
class ScaleController {
    private final SauceBook book;
    private final KitchenKit kit;
    private final Lines lines;
    private final Swaps swaps;

    ScaleController(SauceBook book, KitchenKit kit, Lines lines, Swaps swaps) {
        this.book = book;
        this.kit = kit;
        this.lines = lines;
        this.swaps = swaps;
    }

    /** The question's fields as they came. */
    record ScaleForm(
            @Nullable String by,
            @Nullable String factor,
            @Nullable String yieldMl,
            @Nullable String guests,
            @Nullable String use,
            @Nullable String line,
            @Nullable String haveG,
            @Nullable Long pot) {}

    /** A time for so much of it. */
    record Timed(String times, String minutes, String gives, String note) {}

    @GetMapping("/scale")
    String scale(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, ScaleForm asked, Model model) {
        fill(kitchen, id, asked, model);
        return "sauces/scale";
    }

    @GetMapping("/scale/answer")
    String answer(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, ScaleForm asked, Model model) {
        fill(kitchen, id, asked, model);
        return "sauces/scaled";
    }

    private void fill(Kitchen kitchen, long id, ScaleForm asked, Model model) {
        SauceBook.Sauce sauce = book.sauce(kitchen, id);
        List<LineReading> readings = sauce.ingredients().lines();
        List<KitchenKit.KitPot> pots = kit.pots(kitchen.id());
        String by = asked.by() == null ? "factor" : asked.by();
        model.addAttribute("sauce", sauce);
        model.addAttribute("readings", readings);
        model.addAttribute("pots", pots);
        model.addAttribute("uses", Use.values());
        model.addAttribute("by", by);
        model.addAttribute("asked", asked);
        List<Fault> faults = new ArrayList<>();
        model.addAttribute("faults", faults);
        try {
            KitchenKit.KitPot pot = pot(asked, pots, sauce);
            model.addAttribute("pot", pot);
            SauceRun.Cooked once = cooked(sauce, readings, 1, pot, kitchen);
            double gives = once.stuck().isEmpty()
                    ? once.out().volumeMl20c()
                    : sauce.ingredients().mixture().volumeMl20c();
            double factor = factor(by, asked, sauce, readings, gives);
            answer(kitchen, sauce, readings, pot, factor, model);
        } catch (Refusal refusal) {
            faults.addAll(refusal.faults());
        }
    }

    private static KitchenKit.KitPot pot(ScaleForm asked, List<KitchenKit.KitPot> pots, SauceBook.Sauce sauce) {
        if (pots.isEmpty()) {
            throw Refusal.unfit("pot", Told.of("scale-controller.there-is-no-pot-in-your"));
        }
        Long wanted = asked.pot();
        double hotMl = sauce.ingredients().mixture().volumeMl20c() * SpecificVolume.expansion(100);
        return pots.stream()
                .filter(p -> wanted == null ? Cautions.suits(p.shape(), p.material(), hotMl) : p.id() == wanted)
                .findFirst()
                .orElse(pots.get(0));
    }

    private static SauceRun.Cooked cooked(
            SauceBook.Sauce sauce, List<LineReading> readings, double factor, KitchenKit.KitPot pot, Kitchen kitchen) {
        return StagePlan.cook(sauce.draft(), readings, factor, PotOnHeat.unknownPair(pot.shape(), kitchen.altitudeM()));
    }

    private static double factor(
            String by, ScaleForm asked, SauceBook.Sauce sauce, List<LineReading> readings, double gives) {
        return switch (by) {
            case "yield" -> Refusal.checked("yieldMl", () -> Scaling.byYield(number(asked.yieldMl(), gives), gives));
            case "guests" -> {
                Use use = asked.use() == null
                        ? sauce.draft().use().orElse(Use.POUR_OVER)
                        : Refusal.checked("use", () -> Use.valueOf(String.valueOf(asked.use())));
                yield Refusal.checked("guests", () -> Scaling.byGuests((int) number(asked.guests(), 6), use, gives));
            }
            case "ingredient" -> {
                int line = (int) number(asked.line(), 0);
                if (line < 0 || line >= readings.size()) {
                    throw Refusal.unfit("line", Told.of("scale-controller.choose-one-of-the-lines"));
                }
                double needed = readings.get(line).massG();
                yield Refusal.checked("haveG", () -> Scaling.byIngredient(number(asked.haveG(), needed), needed));
            }
            default -> Refusal.checked("factor", () -> Scaling.byFactor(number(asked.factor(), 2)));
        };
    }

    private static double number(@Nullable String text, double usual) {
        return text == null || text.isBlank() ? usual : Numbers.parse(text).orElse(Double.NaN);
    }

    private static void answer(
            Kitchen kitchen,
            SauceBook.Sauce sauce,
            List<LineReading> readings,
            KitchenKit.KitPot pot,
            double factor,
            Model model) {
        Figures figures = new Figures(kitchen);
        List<String[]> scaled = new ArrayList<>();
        for (LineReading reading : readings) {
            scaled.add(new String[] {
                reading.food().map(Words::say).orElse(reading.text()),
                figures.mass(reading.massG()),
                figures.mass(reading.massG() * factor)
            });
        }
        model.addAttribute("factor", Numbers.cooks(factor));
        model.addAttribute("scaled", scaled);
        List<Timed> times = new ArrayList<>();
        for (double times1 : factor == 1 ? new double[] {1, 2, 3} : new double[] {1, factor}) {
            SauceRun.Cooked cooked = cooked(sauce, readings, times1, pot, kitchen);
            Mixture start = sauce.ingredients().mixture().times(times1);
            double full = start.volumeMl20c()
                    * SpecificVolume.expansion(100)
                    / pot.shape().capacityMl();
            times.add(new Timed(
                    Numbers.cooks(times1) + " ×",
                    cooked.stuck().isPresent() ? "—" : figures.minutes(cooked.minutes()),
                    cooked.stuck().isPresent()
                            ? "—"
                            : figures.volume(cooked.out().volumeMl20c()),
                    cooked.stuck().isPresent()
                            ? Words.say(cooked.stuck().get().why(), figures)
                            : full > Cautions.FULLEST_SHARE
                                    ? Words.text(
                                            "scale-controller.the-pot-would-be-full-it", Numbers.plain(100 * full, 0))
                                    : Words.text("scale-controller.fits-full", Numbers.plain(100 * full, 0))));
        }
        model.addAttribute("times", times);
    }

    // --- swapping
    // -----------------------------------------------------------------------------------------------------

    @GetMapping("/swap")
    String swap(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int line,
            @RequestParam(defaultValue = "") String to,
            Model model) {
        SauceBook.Sauce sauce = book.sauce(kitchen, id);
        List<LineReading> readings = sauce.ingredients().lines();
        model.addAttribute("sauce", sauce);
        model.addAttribute("readings", readings);
        model.addAttribute("line", line);
        model.addAttribute("to", to);
        model.addAttribute("faults", List.of());
        model.addAttribute("foods", lines.foodNames(kitchen));
        try {
            double servedC = sauce.draft().servedC();
            model.addAttribute("swaps", swaps.shown(kitchen, readings, line, to, servedC));
        } catch (Refusal refusal) {
            model.addAttribute("swaps", List.of());
            model.addAttribute("faults", refusal.faults());
        }
        return "sauces/swap";
    }

    /** Puts the swap into the sauce, as a new version. */
    @PostMapping("/swap")
    String keep(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam int line,
            @RequestParam(defaultValue = "") String to) {
        SauceBook.Sauce sauce = book.sauce(kitchen, id);
        Swaps.Swap swapped = swaps.of(
                kitchen, sauce.ingredients().lines(), line, to, sauce.draft().servedC());
        SauceBook.Draft draft = sauce.draft()
                .swapped(line, swapped.newLines().stream().map(Lines.Typed::of).toList());
        book.save(kitchen, id, sauce.version(), draft);
        return "redirect:/sauces/" + id + "?saved";
    }
}
