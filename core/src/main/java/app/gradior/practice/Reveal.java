package app.gradior.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

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
    /** How far after it came off a better moment is looked for, s. */
    private static final double LOOKS_PAST_S = 20 * 60;

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
        Deed off = off(practice, pot);
        PracticePot end = practice.at(pot, off.atS());
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

    private static Deed off(Practice practice, int pot) {
        return practice.takenOff(pot).orElseThrow(() -> new IllegalStateException("pot " + pot + " is on the heat"));
    }

    /** The score alone. */
    public static Score score(Practice practice, int pot) {
        double offS = off(practice, pot).atS();
        return score(practice.scenario().goal(), practice.at(pot, offS), Steady.of(practice, pot), offS);
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
        double servedC = practice.scenario().goal().servedC();
        practice.follow(
                pot, untilS, EVERY_S, (s, now) -> curve.add(new CurvePoint(s / 60, now.stepAt(servedC), now.massG())));
        return curve;
    }

    /** What was said of a pot, beside what it was. */
    public static List<Judged> judged(Practice practice, int pot, List<Said> said) {
        return said.stream()
                .filter(one -> one.pot() == pot)
                .map(one -> {
                    // What is judged just before it comes off is judged of a pot that is on.
                    Practice on = practice.stillOn(pot);
                    PracticePot then = on.at(pot, one.atS());
                    double servedC = practice.scenario().goal().servedC();
                    return new Judged(one, then.stepHot(), then.stepAt(servedC), minutesLeft(on, one));
                })
                .toList();
    }

    /** Until it is as thick as wanted, if nothing is done but stirred. */
    private static double minutesLeft(Practice practice, Said said) {
        Scenario.Goal goal = practice.scenario().goal();
        PracticePot pot = practice.at(said.pot(), said.atS());
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
                PracticePot other = practice.without(deed).at(pot, off.atS());
                costs.add(new Cost(deed, score(goal, other, steady, off.atS()).total() - score.total()));
            }
        }
        costs.add(new Cost(off, Math.max(0, bestOff(practice, pot, off, steady) - score.total())));
        return costs.stream()
                .filter(cost -> Math.abs(cost.points()) >= TOLD)
                .sorted(Comparator.comparingDouble(Cost::points).reversed())
                .limit(MOST_COSTS)
                .toList();
    }

    /** The most it could have had, taken off at another moment before or soon after. */
    private static double bestOff(Practice practice, int pot, Deed off, Steady steady) {
        Scenario.Goal goal = practice.scenario().goal();
        double[] best = {0};
        practice.stillOn(pot)
                .follow(
                        pot,
                        Math.min(Deed.LONGEST_S, off.atS() + LOOKS_PAST_S),
                        EVERY_S,
                        (s, now) -> best[0] =
                                Math.max(best[0], score(goal, now, steady, s).total()));
        return best[0];
    }
}
