package app.gradior.practice;

import java.util.ArrayList;
import java.util.List;

/**
 * The steady hand: cooks the same pot, open, lively while it is thin and calmer as it thickens, stirs enough, and takes it off when it is right.
 * What a score measures time and yield by.
 */
final class Steady {
    private static final double STIRS_S = 20;
    private static final double LONGEST_S = 3 * 3600;
    private static final double THICK_STEP = 4.5;
    private static final double LEAST_G = 60;
    /** What is too thick from the start is thinned by so much at a time. */
    private static final double SPLASH_G = 10;

    private static final double SPLASHES_S = 6;
    private static final double NEAR_STEP = 0.1;
    private static final int LIVELY_KNOB = 6;
    private static final int CALM_KNOB = 4;

    /** What it had at each step of the stair on the way, mL. */
    private record Mark(double step, double ml) {}

    private final List<Mark> marks;
    private final double minutes;

    private Steady(List<Mark> marks, double minutes) {
        this.marks = marks;
        this.minutes = minutes;
    }

    /**
     * Cooks a pot of a practice from its beginning. What goes in beside heat is the cook's own: a slurry poured, water splashed and salt are
     * put in at once here, so that a thickened sauce is measured by a thickened one.
     */
    static Steady of(Practice practice, int number) {
        Scenario.Goal goal = practice.scenario().goal();
        PracticePot pot = practice.fresh(number);
        pot.apply(new Deed(0, number, Deed.Kind.LID, 0));
        for (Deed deed : practice.deeds()) {
            if (deed.pot() == number && deed.kind().goesIn()) {
                pot.apply(new Deed(0, number, deed.kind(), deed.value()));
            }
        }
        List<Mark> marks = new ArrayList<>();
        double s = 0;
        double done = Double.NaN;
        while (pot.stepAt(goal.servedC()) > goal.step() + NEAR_STEP && s < LONGEST_S) {
            pot.apply(new Deed(s, number, Deed.Kind.SPLASH, SPLASH_G));
            pot.apply(new Deed(s, number, Deed.Kind.STIR, 0));
            s += SPLASHES_S;
            pot.to(s);
        }
        // On past the goal, so that what was taken off late has its measure as well.
        while (s < LONGEST_S && !(s > 2 * done + 600)) {
            boolean thick = pot.stepHot() > THICK_STEP;
            pot.apply(new Deed(s, number, Deed.Kind.HEAT, thick ? CALM_KNOB : LIVELY_KNOB));
            pot.apply(new Deed(s, number, Deed.Kind.STIR, 0));
            double step = pot.stepAt(goal.servedC());
            marks.add(new Mark(step, pot.volumeMl()));
            if (Double.isNaN(done) && step >= goal.step()) {
                done = s;
            }
            if (pot.massG() < LEAST_G) {
                break;
            }
            s += STIRS_S;
            pot.to(s);
        }
        return new Steady(marks, (Double.isNaN(done) ? LONGEST_S : done) / 60);
    }

    double minutes() {
        return minutes;
    }

    /** What there is of it at that thickness, mL. */
    double volumeAt(double step) {
        return marks.stream()
                .filter(mark -> mark.step() >= step)
                .findFirst()
                .orElse(marks.get(marks.size() - 1))
                .ml();
    }
}
