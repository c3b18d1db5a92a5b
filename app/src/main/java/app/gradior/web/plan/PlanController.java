package app.gradior.web.plan;

import app.gradior.care.Caution;
import app.gradior.care.Cautions;
import app.gradior.estimate.Band;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.kitchen.Batches;
import app.gradior.kitchen.Fault;
import app.gradior.kitchen.Kitchen;
import app.gradior.kitchen.KitchenKit;
import app.gradior.kitchen.Planning;
import app.gradior.kitchen.Refusal;
import app.gradior.kitchen.SauceBook;
import app.gradior.kitchen.WaterTests;
import app.gradior.measure.Numbers;
import app.gradior.mixture.SpecificVolume;
import app.gradior.simmer.PotState;
import app.gradior.solve.Reduction;
import app.gradior.store.Rows.BurnerRow;
import app.gradior.store.Rows.SauceRow;
import app.gradior.texture.Stair;
import app.gradior.vessel.PotShape;
import app.gradior.web.draw.SectionDrawing;
import app.gradior.web.draw.StairDrawing;
import app.gradior.web.frame.Figures;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** One batch before the heat is on. */
@Controller
@RequestMapping("/plan")
class PlanController {
    private final SauceBook book;
    private final KitchenKit kit;
    private final Planning planning;
    private final Batches batches;
    private final WaterTests tests;

    PlanController(SauceBook book, KitchenKit kit, Planning planning, Batches batches, WaterTests tests) {
        this.tests = tests;
        this.book = book;
        this.kit = kit;
        this.planning = planning;
        this.batches = batches;
    }

    /** The form's fields as they came; each may be missing. */
    record Asked(
            @Nullable Long sauce,
            @Nullable Long pot,
            @Nullable Long burner,
            @Nullable String look,
            @Nullable String lid,
            @Nullable String step,
            @Nullable String served,
            @Nullable String altitude) {}

    /** The form's fields as shown. */
    record Form(
            long sauce, long pot, long burner, String look, String lid, String step, String served, String altitude) {}

    /** What comes out, in words and drawings. */
    record View(
            String statement,
            boolean possible,
            String field,
            String minutes,
            String minutesBand,
            String yieldFigure,
            String yieldUnit,
            List<String[]> rows,
            String section,
            String stair,
            List<Caution> cautions,
            String startMm,
            String stopMm) {}

    @GetMapping
    String plan(@ModelAttribute("kitchen") Kitchen kitchen, Asked asked, Model model) {
        List<SauceRow> sauces = book.sauces(kitchen.id());
        model.addAttribute("sauces", sauces);
        if (sauces.isEmpty()) {
            return "plan/none";
        }
        Long wanted = asked.sauce();
        fill(kitchen, asked, wanted == null ? sauces.get(0).id() : wanted, model);
        return "plan/plan";
    }

    /** The answer alone, for a form that is being moved. */
    @GetMapping("/answer")
    String answer(@ModelAttribute("kitchen") Kitchen kitchen, Asked asked, Model model) {
        Long sauce = asked.sauce();
        if (sauce == null) {
            throw Refusal.malformed("sauce", "Choose a sauce.");
        }
        fill(kitchen, asked, sauce, model);
        return "plan/answer";
    }

    @PostMapping("/start")
    String start(@ModelAttribute("kitchen") Kitchen kitchen, Asked asked, Model model, HttpServletResponse response) {
        List<SauceRow> sauces = book.sauces(kitchen.id());
        model.addAttribute("sauces", sauces);
        Long sauceId = asked.sauce();
        if (sauceId == null) {
            throw Refusal.malformed("sauce", "Choose a sauce.");
        }
        Setting setting = fill(kitchen, asked, sauceId, model);
        Planning.Question question = setting.question();
        if (!setting.faults().isEmpty() || question == null) {
            response.setStatus(422);
            return "plan/plan";
        }
        Planning.Answer answer = planning.answer(question);
        if (answer.impossible().isPresent()) {
            response.setStatus(422);
            return "plan/plan";
        }
        long id = batches.start(
                kitchen,
                question.sauce().name(),
                question.sauce().id(),
                question.sauce().version(),
                planning.plan(question, answer),
                batches.now());
        return "redirect:/pot/" + id;
    }

    /** The form made sense of: a question, or faults. */
    private record Setting(Planning.@Nullable Question question, List<Fault> faults) {}

    private Setting fill(Kitchen kitchen, Asked asked, long sauceId, Model model) {
        SauceBook.Sauce sauce = book.sauce(kitchen, sauceId);
        List<KitchenKit.KitPot> pots = kit.pots(kitchen.id());
        List<BurnerRow> burners = kit.burners(kitchen.id());
        KitchenKit.KitPot pot = asked.pot() == null ? firstThatFits(pots, sauce) : kit.pot(kitchen.id(), asked.pot());
        Optional<BurnerRow> burner = asked.burner() == null
                ? burners.stream().findFirst()
                : asked.burner() == 0 ? Optional.empty() : Optional.of(kit.burner(kitchen.id(), asked.burner()));
        Form form = new Form(
                sauceId,
                pot.id(),
                burner.map(BurnerRow::id).orElse(0L),
                or(asked.look(), Look.LIVELY.key()),
                or(asked.lid(), LidState.OPEN.key()),
                or(asked.step(), Numbers.plain(sauce.draft().targetStep(), 1)),
                or(asked.served(), new Figures(kitchen).degrees(sauce.draft().servedC())),
                or(asked.altitude(), Numbers.plain(kitchen.altitudeM(), 0).replace(",", "")));
        model.addAttribute("form", form);
        model.addAttribute("sauce", sauce);
        model.addAttribute("pots", pots);
        model.addAttribute("burners", burners);
        model.addAttribute("looks", Look.values());
        model.addAttribute("lids", LidState.values());
        model.addAttribute("treads", Stair.Tread.values());
        List<Fault> faults = new ArrayList<>();
        Planning.@Nullable Question question = question(kitchen, sauce, pot, burner, form, faults);
        model.addAttribute("faults", faults);
        model.addAttribute("view", question == null ? null : view(question, new Figures(kitchen)));
        return new Setting(question, faults);
    }

    private static KitchenKit.KitPot firstThatFits(List<KitchenKit.KitPot> pots, SauceBook.Sauce sauce) {
        if (pots.isEmpty()) {
            throw Refusal.unfit("pot", "There is no pot in your kit yet: add one on the Kit page.");
        }
        double hotMl = sauce.ingredients().mixture().volumeMl20c() * SpecificVolume.expansion(100);
        return pots.stream()
                .filter(p -> Cautions.suits(p.shape(), p.material(), hotMl))
                .findFirst()
                .orElse(pots.get(0));
    }

    private static String or(@Nullable String asked, String otherwise) {
        return asked == null ? otherwise : asked;
    }

    private Planning.@Nullable Question question(
            Kitchen kitchen,
            SauceBook.Sauce sauce,
            KitchenKit.KitPot pot,
            Optional<BurnerRow> burner,
            Form form,
            List<Fault> faults) {
        double step = number(form.step(), "step", 1, 9, "The step wanted is from 1 (Broth) to 9 (Set).", faults);
        double servedC = new Figures(kitchen).celsius(form.served());
        if (!(servedC >= -20 && servedC <= 100)) {
            faults.add(new Fault("served", "The serving temperature is from −20 to 100 °C (−4 to 212 °F)."));
        }
        double altitude =
                number(form.altitude(), "altitude", -430, 5500, "The altitude is from −430 to 5,500 metres.", faults);
        Look look = Look.LIVELY;
        LidState lid = LidState.OPEN;
        try {
            look = Look.ofKey(form.look());
            lid = LidState.ofKey(form.lid());
        } catch (IllegalArgumentException e) {
            faults.add(new Fault("look", String.valueOf(e.getMessage())));
        }
        OptionalDouble pair = burner.flatMap(b -> tests.pair(kitchen.id(), pot.id(), b.id()))
                .map(test -> OptionalDouble.of(test.factor()))
                .orElse(OptionalDouble.empty());
        return faults.isEmpty()
                ? new Planning.Question(sauce, pot, burner, look, lid, altitude, step, servedC, pair)
                : null;
    }

    private static double number(
            String text, String field, double low, double high, String message, List<Fault> faults) {
        double value = Numbers.parse(text).orElse(Double.NaN);
        if (!(value >= low && value <= high)) {
            faults.add(new Fault(field, "“" + text.strip() + "”: " + message));
        }
        return value;
    }

    private View view(Planning.Question question, Figures figures) {
        Planning.Answer answer = planning.answer(question);
        PotShape shape = question.pot().shape();
        if (answer.impossible().isPresent()) {
            Reduction.Impossible no = answer.impossible().orElseThrow();
            double level = shape.levelMm(answer.startVolumeMlHot());
            return new View(
                    no.statement(),
                    false,
                    no.field(),
                    "—",
                    "",
                    "—",
                    "",
                    List.of(),
                    SectionDrawing.draw(shape, level, level, OptionalDouble.empty(), false),
                    "",
                    answer.cautions(),
                    "",
                    "");
        }
        return possible(question, answer, answer.done().orElseThrow(), figures);
    }

    private static View possible(
            Planning.Question question, Planning.Answer answer, Reduction.Done done, Figures figures) {
        PotState end = done.last();
        PotState begin = done.first();
        Band minutes = answer.minutes().orElseThrow();
        double gross = end.massG() + question.pot().emptyG();
        String level = Numbers.plain(end.levelMm(), 0) + " mm";
        List<String[]> rows = new ArrayList<>();
        rows.add(new String[] {"Stop at", level + ", " + figures.volume(end.volumeMlHot()) + " hot"});
        rows.add(new String[] {"On the scale then", Numbers.plain(gross, 0) + " g with the pot"});
        rows.add(new String[] {
            "From", Numbers.plain(begin.levelMm(), 0) + " mm, " + figures.volume(begin.volumeMlHot()) + " hot"
        });
        rows.add(new String[] {
            "In the pot at that moment",
            figures.step(end.stepHot()) + " " + Stair.Tread.of(end.stepHot()).label()
        });
        rows.add(new String[] {"Water gone", figures.mass(begin.massG() - end.massG())});
        rows.add(new String[] {
            "Salt then",
            Numbers.fixed(end.mixture().saltPercent(), 1) + " %, from "
                    + Numbers.fixed(begin.mixture().saltPercent(), 1) + " %"
        });
        if (begin.mixture().ethanolG() > 0.5) {
            rows.add(new String[] {
                "Alcohol left",
                figures.mass(end.mixture().ethanolG()) + " of "
                        + figures.mass(begin.mixture().ethanolG())
            });
        }
        rows.add(new String[] {"Boils at", figures.temp(begin.boilingC()) + ", then " + figures.temp(end.boilingC())});
        Band served = new Band(end.stepServed(), end.stepServed(), end.stepServed());
        return new View(
                "Take it off at " + level + ". It will still look like "
                        + Stair.Tread.of(end.stepHot()).label() + "; served it is "
                        + Stair.Tread.of(end.stepServed()).label() + ".",
                true,
                "",
                Numbers.plain(minutes.middle(), 0),
                figures.minutesBand(minutes, minutes.high() >= 1439),
                figures.volumeFigure(end.volumeMl20c()),
                figures.volumeUnit(end.volumeMl20c()),
                rows,
                SectionDrawing.draw(
                        question.pot().shape(),
                        begin.levelMm(),
                        begin.levelMm(),
                        OptionalDouble.of(end.levelMm()),
                        false),
                StairDrawing.draw(
                        end.stepHot(),
                        served,
                        question.targetStep(),
                        "in the pot then, " + figures.temp(end.tempC()),
                        "at the table, " + figures.temp(question.servedC())),
                answer.cautions(),
                Numbers.plain(begin.levelMm(), 1),
                Numbers.plain(end.levelMm(), 1));
    }
}
