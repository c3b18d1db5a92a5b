package app.gradior.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The truth of a practice pot that was taken off: what it was, what it would have been, and what each decision cost.
 *
 * @param score of a hundred, in its parts
 * @param stepHot when it came off
 * @param stepServed at the table
 * @param volumeMl it gives, at 20 °C
 * @param minutes it took
 * @param steadyMinutes what a steady hand takes
 * @param burnt 0 not at all, 0.3 to be tasted, 1 ruined
 * @param saltPercent g in 100 g
 * @param spiltG boiled over
 * @param curve its step when served, minute by minute
 * @param judged what was said beside what was
 * @param costs what cost most, dearest first
 */
public record Reveal(
        Score score,
        double stepHot,
        double stepServed,
        double volumeMl,
        double minutes,
        double steadyMinutes,
        double burnt,
        double saltPercent,
        double spiltG,
        List<CurvePoint> curve,
        List<Judged> judged,
        List<Cost> costs) {
    private static final double EVERY_S = 30;
    private static final int MOST_COSTS = 5;
    /** Nobody waits longer for what will not come, min. */
    private static final double LONGEST_WAIT_MIN = 180;

    private static final double WAITS_S = 10;
    /** What is too little to be told, of a hundred. */
    private static final double TOLD = 1;

    /** @param minute since the start */
    public record CurvePoint(double minute, double stepServed, double massG) {}

    /**
     * @param stepNow what it was in the pot
     * @param stepCold what it would have been at the table
     * @param minutesLeft until it would have been right, left as it was; infinite when never
     */
    public record Judged(Said said, double stepNow, double stepCold, double minutesLeft) {
        /** What it says of the cook's eye. */
        public List<CookEye.Judgement> judgements() {
            return List.of(
                    new CookEye.Judgement(CookEye.Sense.NOW, said.stepNow(), stepNow, stepNow),
                    new CookEye.Judgement(CookEye.Sense.COLD, said.stepCold(), stepCold, stepNow),
                    new CookEye.Judgement(
                            CookEye.Sense.MINUTES,
                            said.minutesLeft(),
                            Math.min(Said.MOST_MINUTES, minutesLeft),
                            stepNow));
        }
    }

    /**
     * What a decision cost.
     *
     * @param points of a hundred that the pot would have had more without it; below 0 what it gained
     */
    public record Cost(Deed deed, double points) {}

    /**
     * @param pot which was taken off
     * @throws IllegalStateException when it still stands on the heat
     */
    public static Reveal of(Practice practice, int pot, List<Said> said) {
        Deed off = practice.deeds().stream()
                .filter(deed -> deed.pot() == pot && deed.kind() == Deed.Kind.OFF)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("pot " + pot + " is on the heat"));
        PracticePot end = practice.at(pot, off.atS()).pot();
        Steady steady = Steady.of(practice, pot);
        Score score = score(practice.scenario().goal(), end, steady, off.atS());
        return new Reveal(
                score,
                end.stepHot(),
                end.stepAt(practice.scenario().goal().servedC()),
                end.volumeMl(),
                off.atS() / 60,
                steady.minutes(),
                end.burnt(),
                end.saltPercent(),
                end.spiltG(),
                curve(practice, pot, off.atS()),
                judged(practice, pot, said),
                costs(practice, pot, off, steady, score));
    }

    private static Score score(Scenario.Goal goal, PracticePot end, Steady steady, double offS) {
        double step = end.stepAt(goal.servedC());
        double could = steady.volumeAt(step);
        return Score.of(new Score.Outcome(
                step - goal.step(),
                Math.min(1, end.volumeMl() / could),
                offS / 60,
                steady.minutes(),
                end.burnt(),
                Double.isNaN(goal.saltPercent()) ? 0 : end.saltPercent() - goal.saltPercent(),
                end.touches()));
    }

    private static List<CurvePoint> curve(Practice practice, int pot, double untilS) {
        List<CurvePoint> curve = new ArrayList<>();
        PracticePot now = practice.fresh(pot);
        List<Deed> todo = new ArrayList<>(
                practice.deeds().stream().filter(deed -> deed.pot() == pot).toList());
        double servedC = practice.scenario().goal().servedC();
        for (double s = 0; ; s = Math.min(untilS, s + EVERY_S)) {
            while (!todo.isEmpty() && todo.get(0).atS() <= s) {
                now.to(todo.get(0).atS());
                now.apply(todo.remove(0));
            }
            now.to(s);
            curve.add(new CurvePoint(s / 60, now.stepAt(servedC), now.massG()));
            if (s >= untilS) {
                return curve;
            }
        }
    }

    private static List<Judged> judged(Practice practice, int pot, List<Said> said) {
        return said.stream()
                .filter(one -> one.pot() == pot)
                .map(one -> {
                    // What is judged just before it comes off is judged of a pot that is on.
                    Practice on = practice.stillOn(pot);
                    PracticePot then = on.at(pot, one.atS()).pot();
                    double servedC = practice.scenario().goal().servedC();
                    return new Judged(one, then.stepHot(), then.stepAt(servedC), minutesLeft(on, one));
                })
                .toList();
    }

    /** Until it is as thick as wanted, if nothing is done but stirred. */
    private static double minutesLeft(Practice practice, Said said) {
        Scenario.Goal goal = practice.scenario().goal();
        PracticePot pot = practice.at(said.pot(), said.atS()).pot();
        double waited = 0;
        while (pot.stepAt(goal.servedC()) < goal.step()) {
            waited += WAITS_S;
            if (waited > 60 * LONGEST_WAIT_MIN) {
                return Double.POSITIVE_INFINITY;
            }
            pot.to(said.atS() + waited);
        }
        return waited / 60;
    }

    // Wide: a pot that is over, and what it is measured by.
    private static List<Cost> costs(Practice practice, int pot, Deed off, Steady steady, Score score) {
        Scenario.Goal goal = practice.scenario().goal();
        List<Cost> costs = new ArrayList<>();
        for (Deed deed : practice.deeds()) {
            if (deed.pot() == pot && deed.kind().changes() && deed != off) {
                PracticePot other = practice.without(deed).at(pot, off.atS()).pot();
                costs.add(new Cost(deed, score(goal, other, steady, off.atS()).total() - score.total()));
            }
        }
        bestOff(practice, pot, off, steady)
                .ifPresent(best -> costs.add(new Cost(off, Math.max(0, best - score.total()))));
        return costs.stream()
                .filter(cost -> Math.abs(cost.points()) >= TOLD)
                .sorted(Comparator.comparingDouble(Cost::points).reversed())
                .limit(MOST_COSTS)
                .toList();
    }

    /** The most it could have had, taken off at another moment before or soon after. */
    private static Optional<Double> bestOff(Practice practice, int pot, Deed off, Steady steady) {
        Scenario.Goal goal = practice.scenario().goal();
        Practice open = practice.without(off);
        double best = Double.NEGATIVE_INFINITY;
        double until = Math.min(Deed.LONGEST_S, off.atS() + 20 * 60);
        PracticePot now = practice.fresh(pot);
        List<Deed> todo = new ArrayList<>(
                open.deeds().stream().filter(deed -> deed.pot() == pot).toList());
        for (double s = 0; s <= until; s += EVERY_S) {
            while (!todo.isEmpty() && todo.get(0).atS() <= s) {
                now.to(todo.get(0).atS());
                now.apply(todo.remove(0));
            }
            now.to(s);
            best = Math.max(best, score(goal, now, steady, s).total());
        }
        return best > Double.NEGATIVE_INFINITY ? Optional.of(best) : Optional.empty();
    }
}
