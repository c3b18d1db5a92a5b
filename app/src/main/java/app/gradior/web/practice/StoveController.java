package app.gradior.web.practice;

import app.gradior.access.Right;
import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.practice.Burnt;
import app.gradior.practice.CookEye;
import app.gradior.practice.Deed;
import app.gradior.practice.Practice;
import app.gradior.practice.Said;
import app.gradior.practice.Salty;
import app.gradior.practice.Shown;
import app.gradior.practice.Sight;
import app.gradior.room.practice.PracticeRun;
import app.gradior.room.practice.Practices;
import app.gradior.room.words.Words;
import app.gradior.web.frame.KitchenUser;
import app.gradior.web.frame.Needs;
import java.util.List;
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
     * @param lookedS when it was done: a pot that is read by it is read as it was then
     * @param freeS when hands are free again
     * @param says what was read, in words; empty where it is drawn
     * @param figure seconds of a trail or a stream, mm of a ring, for the drawing
     * @param over whether all pots are off
     */
    record Done(
            double lookedS,
            double freeS,
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
                last.atS(),
                run.practice().freeAtS(),
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
            case TASTE -> Words.say(Salty.of(shown.figure())) + " " + Words.say(Burnt.of(shown.burnt()));
            default -> "";
        };
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
        CookEye.Sense which = Refusal.checked("sense", () -> CookEye.Sense.ofKey(sense));
        practices.reads(PracticeController.cook(user), id, which, pot, atS, said);
    }
}
