package app.gradior.plan;

import app.gradior.finding.Unfit;
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
        Unfit.inRange("servedC", servedC, -20, 110, " °C");
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
     * @param why and what would
     */
    public record Impossible(String field, CannotReach why) implements Outcome {}

    /** Follows the pot to its end. */
    public Outcome solve(StopAt target) {
        if (!(start.waterG() > 1)) {
            return new Impossible("start", new CannotReach.NoWater());
        }
        SimmerRun run = run();
        double startMl = run.volumeMlHot();
        if (!pot.shape().holds(startMl)) {
            return new Impossible(
                    "pot", new CannotReach.Overfull(startMl, pot.shape().capacityMl()));
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
            OptionalDouble water = Thinning.waterToStep(start, t.step(), servedC, bodyFactor);
            return new Impossible("target", tooThick(run.stepServed(), servedC, t.step(), water));
        }
        return new Impossible(
                "target",
                target instanceof StopAt.Mass
                        ? new CannotReach.TooLight(run.massG())
                        : new CannotReach.TooLittle(run.volumeMl20c()));
    }

    /** A sauce that is thicker than wanted, and the water that thins it, if any does. */
    static CannotReach tooThick(double stepServed, double servedC, double wantedStep, OptionalDouble waterG) {
        return waterG.isPresent()
                ? new CannotReach.TooThick(stepServed, servedC, wantedStep, waterG.getAsDouble())
                : new CannotReach.TooThickToThin(stepServed, servedC, wantedStep);
    }

    private Outcome notReached(SimmerRun.End end, SimmerRun run) {
        if (end == SimmerRun.End.TIME) {
            return new Impossible("heat", new CannotReach.TakesTooLong());
        }
        return new Impossible("target", new CannotReach.NoThicker(run.volumeMl20c(), run.stepServed(), servedC));
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
}
