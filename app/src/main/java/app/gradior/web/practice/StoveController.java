package app.gradior.web.practice;

import app.gradior.access.Right;
import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.practice.CookEye;
import app.gradior.practice.Deed;
import app.gradior.practice.Practice;
import app.gradior.practice.Said;
import app.gradior.practice.Shown;
import app.gradior.practice.Sight;
import app.gradior.room.practice.PracticeRun;
import app.gradior.room.practice.Practices;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.Needs;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the drawn stove asks: what is to be seen, and what comes of a deed. It is never told how thick a pot is. */
@RestController
@RequestMapping("/practice/{id}")
@Needs(Right.LOOK)
class StoveController {
    /** Longest look ahead, s. */
    private static final double LONGEST_LOOK_S = 1800;

    private static final double[] SALT_TASTES = {0.35, 0.8, 1.4, 1.9};
    private static final double BURNT_TASTES = 0.2;
    private static final double BURNT_RUINS = 0.7;

    private final Practices practices;

    StoveController(Practices practices) {
        this.practices = practices;
    }

    /** One moment as the script draws it, and what a cook would name of it. */
    record Frame(Sight sight, List<Sight.Look> looks) {
        static Frame of(Sight sight) {
            return new Frame(sight, sight.looks());
        }
    }

    /**
     * What came of a deed.
     *
     * @param atS when hands are free again
     * @param says what was read, in words; empty where it is drawn
     * @param figure seconds of a trail or a stream, mm of a ring, for the drawing
     * @param over whether all pots are off
     */
    record Done(
            double atS,
            String kind,
            double[] coatMm,
            @Nullable Double lineS,
            @Nullable Double figure,
            String says,
            boolean over) {}

    @GetMapping("/sights")
    List<Frame> sights(
            @AuthenticationPrincipal KitchenUser user,
            @PathVariable long id,
            @RequestParam int pot,
            @RequestParam double from,
            @RequestParam(name = "for", defaultValue = "600") double forS) {
        Practice practice = practices.run(PracticeController.cook(user), id).practice();
        if (pot < 0 || pot >= practice.scenario().pots().size()) {
            throw Refusal.unfit("pot", Told.of("practices.no-such-pot"));
        }
        double start = Refusal.inRange("from", from, 0, Deed.LONGEST_S, " s");
        double span = Refusal.inRange("for", forS, 0, LONGEST_LOOK_S, " s");
        return practice.sights(pot, start, span).stream().map(Frame::of).toList();
    }

    @PostMapping("/do")
    Done does(
            @AuthenticationPrincipal KitchenUser user,
            @PathVariable long id,
            @RequestParam double atS,
            @RequestParam(defaultValue = "0") int pot,
            @RequestParam String kind,
            @RequestParam(defaultValue = "0") double value) {
        Deed deed = Refusal.checked("deed", () -> new Deed(atS, pot, Deed.Kind.ofKey(kind), value));
        PracticeRun run = practices.does(PracticeController.cook(user), id, deed);
        List<Deed> all = run.practice().deeds();
        Deed last = all.get(all.size() - 1);
        Shown shown = run.practice().lastShown().orElseThrow();
        return new Done(
                last.atS() + last.kind().busyS(),
                kind,
                shown.coatMm(),
                known(shown.lineS()),
                known(shown.figure()),
                says(shown),
                run.isOver());
    }

    private static @Nullable Double known(double figure) {
        return Double.isFinite(figure) ? figure : null;
    }

    private static String says(Shown shown) {
        return switch (shown.kind()) {
            case WEIGH -> Words.text("stove.weighs", Numbers.plain(shown.figure(), 0));
            case DIP -> Words.text("stove.dips", Numbers.plain(shown.figure(), 0));
            case RING -> Words.text("stove.rings", Numbers.plain(shown.figure(), 0));
            case TASTE -> taste(shown);
            default -> "";
        };
    }

    private static String taste(Shown shown) {
        int salt = 0;
        while (salt < SALT_TASTES.length && shown.figure() > SALT_TASTES[salt]) {
            salt++;
        }
        String burnt = shown.burnt() > BURNT_RUINS ? "ruined" : shown.burnt() > BURNT_TASTES ? "some" : "none";
        return Words.text("stove.salt-" + salt) + " " + Words.text("stove.burnt-" + burnt);
    }

    /** What the cook judges, before the truth is shown. */
    // Wide: all that is judged at once.
    @PostMapping("/say")
    void says(
            @AuthenticationPrincipal KitchenUser user,
            @PathVariable long id,
            @RequestParam double atS,
            @RequestParam(defaultValue = "0") int pot,
            @RequestParam double stepNow,
            @RequestParam double stepCold,
            @RequestParam double minutesLeft) {
        Said said = Refusal.checked("said", () -> new Said(atS, pot, stepNow, stepCold, minutesLeft));
        practices.says(PracticeController.cook(user), id, said);
    }

    /** What one sense reads: a step of the spoon, seconds, a look of the bubbles. */
    @PostMapping("/read")
    void reads(
            @AuthenticationPrincipal KitchenUser user,
            @PathVariable long id,
            @RequestParam String sense,
            @RequestParam(defaultValue = "0") int pot,
            @RequestParam double atS,
            @RequestParam double said) {
        CookEye.Sense which = Refusal.checked("sense", () -> CookEye.Sense.ofKey(sense.toLowerCase(Locale.ROOT)));
        practices.reads(PracticeController.cook(user), id, which, pot, atS, said);
    }
}
