package app.gradior.plan;

import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.PotState;
import app.gradior.simmer.SimmerRun;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * One pot reduced at one setting until it is where the cook wants it.
 *
 * @param start what is in the pot
 * @param pot where
 * @param heat how it is set, all the while
 * @param servedC serving temperature, −20 to 110 °C
 * @param bodyFactor what this sauce's network is worth over the model's; 1 until known
 * @param starchLast whether the starch goes in at the end, so that long boiling does not wear it
 */
public record Reduction(
        Mixture start, PotOnHeat pot, Heat heat, double servedC, double bodyFactor, boolean starchLast) {
    private static final double SECONDS_PER_MINUTE = 60;
    private static final int CURVE_POINTS = 41;

    public Reduction {
        if (!(servedC >= -20 && servedC <= 110)) {
            throw new IllegalArgumentException("servedC is " + servedC + " °C: -20 to 110 °C expected");
        }
    }

    /** A reduction with everything in the pot from the start, starch included. */
    public Reduction(Mixture start, PotOnHeat pot, Heat heat, double servedC, double bodyFactor) {
        this(start, pot, heat, servedC, bodyFactor, false);
    }

    /** What came of the question. */
    public sealed interface Outcome {}

    /**
     * It can be done.
     *
     * @param trajectory from the start to the end, evenly spaced in time; at least two points
     */
    public record Done(List<PotState> trajectory) implements Outcome {
        public Done {
            trajectory = List.copyOf(trajectory);
        }

        public PotState first() {
            return trajectory.get(0);
        }

        public PotState last() {
            return trajectory.get(trajectory.size() - 1);
        }

        public double minutes() {
            return last().minute();
        }
    }

    /**
     * It cannot.
     *
     * @param field what to change: start, pot, heat or target
     * @param statement why, and what would, in a sentence for the cook
     */
    public record Impossible(String field, String statement) implements Outcome {}

    /** Follows the pot to its end. */
    public Outcome solve(StopAt target) {
        if (!(start.waterG() > 1)) {
            return new Impossible("start", "There is no water in this pot: nothing can boil off. Add a liquid.");
        }
        SimmerRun run = run();
        double startMl = run.volumeMlHot();
        if (!pot.shape().holds(startMl)) {
            return new Impossible(
                    "pot",
                    "The sauce starts at " + litres(startMl) + " hot and this pot holds "
                            + litres(pot.shape().capacityMl())
                            + " to the brim: take a larger pot, or cook it in two.");
        }
        SimmerRun.StopEvent event = event(target, run);
        if (event.distance(run) < 0) {
            return alreadyPast(target, run);
        }
        double minutes;
        if (target instanceof StopAt.Minutes fixed) {
            minutes = fixed.minutes();
        } else {
            SimmerRun.End end = event.distance(run) <= 0
                    ? SimmerRun.End.REACHED
                    : run.advanceUntil(event, StopAt.MOST_MINUTES * SECONDS_PER_MINUTE);
            if (end != SimmerRun.End.REACHED) {
                return notReached(end, run);
            }
            minutes = run.minute();
        }
        if (target instanceof StopAt.StepServed && run.levelMm() < SimmerRun.SHALLOWEST_MM) {
            return notReached(SimmerRun.End.DRY, run);
        }
        return new Done(trajectory(minutes));
    }

    /**
     * Minutes to the target without its trajectory: 0 when it is met at the start, {@link StopAt#MOST_MINUTES} when it never
     * is.
     */
    public double minutesTo(StopAt target) {
        if (target instanceof StopAt.Minutes fixed) {
            return fixed.minutes();
        }
        SimmerRun run = run();
        SimmerRun.StopEvent event = event(target, run);
        if (event.distance(run) <= 0) {
            return 0;
        }
        SimmerRun.End end = run.advanceUntil(event, StopAt.MOST_MINUTES * SECONDS_PER_MINUTE);
        return end == SimmerRun.End.REACHED ? run.minute() : StopAt.MOST_MINUTES;
    }

    SimmerRun run() {
        SimmerRun run = new SimmerRun(start, pot, heat, bodyFactor, servedC);
        return starchLast ? run.sparingStarch() : run;
    }

    /** The distance to a target, above 0 before it. */
    private static SimmerRun.StopEvent event(StopAt target, SimmerRun atStart) {
        if (target instanceof StopAt.StepServed t) {
            return run -> t.step() - run.stepServed();
        }
        if (target instanceof StopAt.Volume t) {
            return run -> run.volumeMl20c() - t.volumeMl20c();
        }
        if (target instanceof StopAt.Fraction t) {
            double wantedMl = t.left() * atStart.volumeMl20c();
            return run -> run.volumeMl20c() - wantedMl;
        }
        if (target instanceof StopAt.Mass t) {
            return run -> run.massG() - t.massG();
        }
        return run -> 1;
    }

    private Outcome alreadyPast(StopAt target, SimmerRun run) {
        if (target instanceof StopAt.StepServed t) {
            String sentence = "It is already at step " + Numbers.fixed(run.stepServed(), 1) + " when served at "
                    + Numbers.plain(servedC, 0) + " °C, thicker than the " + Numbers.plain(t.step(), 1) + " wanted";
            OptionalDouble water = Thinning.waterToStep(start, t.step(), servedC, bodyFactor);
            String advice = water.isPresent()
                    ? ": thin it with about " + Numbers.plain(water.getAsDouble(), 0)
                            + " g of water instead of reducing, or choose a higher step."
                    : ": choose a higher step.";
            return new Impossible("target", sentence + advice);
        }
        String now = target instanceof StopAt.Mass
                ? Numbers.plain(run.massG(), 0) + " g"
                : Numbers.plain(run.volumeMl20c(), 0) + " mL";
        return new Impossible("target", "There is only " + now + " in the pot: reducing cannot give more.");
    }

    private Outcome notReached(SimmerRun.End end, SimmerRun run) {
        if (end == SimmerRun.End.TIME) {
            return new Impossible(
                    "heat",
                    "At this look and lid it would take more than a day: lift the lid, turn the heat up or take a"
                            + " wider pot.");
        }
        return new Impossible(
                "target",
                "Reduced as far as it goes (" + litres(run.volumeMl20c()) + ") it is step "
                        + Numbers.fixed(run.stepServed(), 1) + " at " + Numbers.plain(servedC, 0)
                        + " °C and no thicker: add a thickener, or choose a lower step.");
    }

    private List<PotState> trajectory(double minutes) {
        SimmerRun run = run();
        List<PotState> points = new ArrayList<>(CURVE_POINTS);
        points.add(run.look());
        for (int i = 1; i < CURVE_POINTS && minutes > 0; i++) {
            run.advance(minutes * SECONDS_PER_MINUTE / (CURVE_POINTS - 1));
            points.add(run.look());
        }
        if (points.size() == 1) {
            points.add(points.get(0));
        }
        return points;
    }

    private static String litres(double ml) {
        return Numbers.plain(ml / 1000, 2) + " L";
    }
}
