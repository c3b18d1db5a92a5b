package app.gradior.web.practice;

import app.gradior.access.Right;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.practice.CookEye;
import app.gradior.practice.FreePot;
import app.gradior.practice.Lesson;
import app.gradior.practice.PotSetting;
import app.gradior.practice.Scenario;
import app.gradior.practice.Weekly;
import app.gradior.room.book.SauceBook;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.practice.PracticeRun;
import app.gradior.room.practice.Practices;
import app.gradior.room.words.Words;
import app.gradior.texture.Bubbles;
import app.gradior.texture.Stair;
import app.gradior.web.draw.EyeDrawing;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.Needs;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What can be practised, the stove, and the reveal. Practising changes nothing of the kitchen's: who looks on may do it too. */
@Controller
@RequestMapping("/practice")
@Needs(Right.LOOK)
class PracticeController {
    private static final String PAGE = "redirect:/practice";

    private final Practices practices;
    private final SauceBook book;
    private final KitchenKit kit;
    private final Clock clock;

    PracticeController(Practices practices, SauceBook book, KitchenKit kit, Clock clock) {
        this.practices = practices;
        this.book = book;
        this.kit = kit;
        this.clock = clock;
    }

    static Practices.Cook cook(KitchenUser user) {
        return new Practices.Cook(user.kitchenId(), user.accountId());
    }

    /**
     * A lesson as it is listed.
     *
     * @param best of a hundred; empty before it was done
     */
    record Row(Lesson lesson, String best) {}

    /** A sense as it is listed: what practice showed of it in words. */
    record EyeRow(CookEye.Sense sense, String says) {}

    @GetMapping
    String list(@ModelAttribute("kitchen") Kitchen kitchen, @AuthenticationPrincipal KitchenUser user, Model model) {
        Practices.Cook cook = cook(user);
        Map<String, Double> best = practices.best(cook);
        model.addAttribute(
                "lessons",
                Arrays.stream(Lesson.values())
                        .map(lesson -> new Row(lesson, shown(best.get(lesson.key()))))
                        .toList());
        model.addAttribute("weekly", shown(best.get(Practices.WEEKLY)));
        model.addAttribute(
                "left",
                practices.latest(cook).stream()
                        .filter(past -> past.score().isEmpty())
                        .limit(3)
                        .toList());
        model.addAttribute("sauces", book.sauces(kitchen.id()));
        model.addAttribute("kitPots", kit.pots(kitchen.id()));
        eye(cook, model);
        model.addAttribute("person", !user.isDevice());
        return "practice/list";
    }

    private static String shown(@Nullable Double score) {
        return score == null ? "" : String.valueOf(Math.round(score));
    }

    private void eye(Practices.Cook cook, Model model) {
        List<CookEye.Judgement> judged = practices.judged(cook);
        List<EyeRow> rows = Arrays.stream(CookEye.Sense.values())
                .flatMap(sense -> CookEye.of(sense, judged).stream())
                .map(eye -> new EyeRow(eye.sense(), EyeWords.of(eye, CookEye.learnt(eye.sense(), judged))))
                .toList();
        model.addAttribute("eye", rows);
        if (!rows.isEmpty()) {
            model.addAttribute("eyeDrawing", EyeDrawing.draw(judged));
        }
        model.addAttribute("used", practices.isUsed(cook));
    }

    /** Begins a lesson, the pot of the week, or one of the kitchen's own sauces in one of its pots. */
    @PostMapping
    String start(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam String what,
            @RequestParam(defaultValue = "0") long sauce,
            @RequestParam(defaultValue = "0") long pot,
            RedirectAttributes flash) {
        Practices.Cook cook = cook(user);
        if (what.equals(Practices.FREE)) {
            return at(free(kitchen, cook, sauce, pot, flash));
        }
        if (what.equals(Practices.WEEKLY)) {
            long seed = Weekly.seed(LocalDate.ofInstant(clock.instant(), kitchen.zone()));
            return at(practices.start(cook, what, "", Weekly.scenario(seed), seed));
        }
        Lesson lesson = Lesson.ofKey(what).orElseThrow(() -> Refusal.missing(Thing.PRACTICE));
        return at(practices.start(cook, what, "", lesson.scenario(), clock.millis()));
    }

    private long free(Kitchen kitchen, Practices.Cook cook, long sauceId, long potId, RedirectAttributes flash) {
        SauceBook.Sauce sauce = book.sauce(kitchen, sauceId);
        KitchenKit.KitPot pot = kit.pot(kitchen.id(), potId);
        double watts = kit.burners(kitchen.id()).stream()
                .mapToDouble(KitBurner::netPowerW)
                .filter(Double::isFinite)
                .max()
                .orElse(PotSetting.USUAL_BURNER_W);
        FreePot.Made made = Refusal.checked(
                "sauce",
                () -> FreePot.of(
                        sauce.ingredients(),
                        pot.shape(),
                        pot.emptyG(),
                        watts,
                        Scenario.Goal.of(
                                sauce.draft().targetStep(), sauce.draft().servedC())));
        if (!made.leftOut().isEmpty()) {
            flash.addFlashAttribute("leftOut", Words.say(made.leftOut()));
        }
        return practices.start(cook, Practices.FREE, sauce.name(), made.scenario(), clock.millis());
    }

    private static String at(long id) {
        return PAGE + "/" + id;
    }

    /** The stove, or the truth once all is off. */
    @GetMapping("/{id}")
    String one(
            @AuthenticationPrincipal KitchenUser user,
            @ModelAttribute("figures") Figures figures,
            @PathVariable long id,
            Model model) {
        PracticeRun run = practices.run(cook(user), id);
        model.addAttribute("run", run);
        Optional<Lesson> lesson = Lesson.ofKey(run.what());
        model.addAttribute("lesson", lesson);
        model.addAttribute(
                "title",
                lesson.map(Words::say)
                        .orElseGet(() -> run.name().isEmpty() ? Words.text("page.practice.weekly") : run.name()));
        if (run.isOver()) {
            model.addAttribute("view", RevealView.of(run, figures));
            model.addAttribute("next", lesson.flatMap(Lesson::next));
            return "practice/reveal";
        }
        model.addAttribute("stove", StoveView.of(run, lesson));
        model.addAttribute("treads", Stair.Tread.values());
        model.addAttribute(
                "treadOf", Stair.Tread.of(run.practice().scenario().goal().step()));
        model.addAttribute("bubbles", Bubbles.values());
        return "practice/stove";
    }

    /** Lets forecasts of real pots reckon with this cook's eye, or no longer. */
    @PostMapping("/eye")
    @Needs(Right.SELF)
    String use(@AuthenticationPrincipal KitchenUser user, @RequestParam boolean used) {
        practices.use(cook(user), used);
        return PAGE + "#eye";
    }

    /** Un-learns it. */
    @PostMapping("/eye/forget")
    @Needs(Right.SELF)
    String forget(@AuthenticationPrincipal KitchenUser user) {
        practices.forget(cook(user));
        return PAGE + "#eye";
    }
}
