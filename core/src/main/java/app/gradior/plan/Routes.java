package app.gradior.plan;

import app.gradior.finding.Unfit;
import app.gradior.mixture.Mixture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * All the ways to one step: reduce only, starch only, and every mix between, each with its yield, minutes and starch.
 *
 * @param start what is in the pot
 * @param heat how it is set while it reduces
 * @param mix the starch and what it is stirred into
 * @param targetStep wanted at the serving temperature
 * @param servedC serving temperature, °C
 * @param after what happens between the reduction and the starch
 */
// Wide: what ways are reckoned from.
public record Routes(
        Mixture start,
        PotOnHeat pot,
        Heat heat,
        Thickening.Mix mix,
        double targetStep,
        double servedC,
        double bodyFactor,
        Afterwards after) {
    /** Points of a whole curve. */
    public static final int POINTS = 25;
    /** No cook reduces longer than this to save starch, min; arbitrary. */
    private static final double LONGEST_MIN = 6 * 60;

    private static final double SECONDS_PER_MINUTE = 60;
    private static final double WIDEST_FACTOR = 2.5;

    /** What a sauce becomes after it has reduced and before the starch goes in: later additions, a sieve. */
    @FunctionalInterface
    public interface Afterwards {
        /** Nothing happens. */
        Afterwards NOTHING = reduced -> reduced;

        Mixture of(Mixture reduced);
    }

    public Routes {
        new StopAt.StepServed(targetStep);
        Unfit.inRange("servedC", servedC, -20, 110, " °C");
    }

    /** Ways on which nothing comes between the reduction and the starch. */
    public Routes(
            Mixture start,
            PotOnHeat pot,
            Heat heat,
            Thickening.Mix mix,
            double targetStep,
            double servedC,
            double bodyFactor) {
        this(start, pot, heat, mix, targetStep, servedC, bodyFactor, Afterwards.NOTHING);
    }

    /**
     * One way.
     *
     * @param minutes of reducing
     * @param evaporatedG in that time
     * @param starchG powder that does the rest
     * @param coldLiquidG what it is stirred into
     * @param stepHot in the pot at the end
     * @param sauce at the end, starch set
     */
    public record Point(
            double minutes, double evaporatedG, double starchG, double coldLiquidG, double stepHot, Mixture sauce) {
        /** Yield, mL at 20 °C. */
        public double volumeMl20c() {
            return sauce.volumeMl20c();
        }
    }

    /** What came of the question. */
    public sealed interface Outcome {}

    /**
     * The ways there are.
     *
     * @param points from reduce-only, or as near as it gets, to starch-only
     */
    public record Curve(List<Point> points) implements Outcome {
        public Curve {
            points = List.copyOf(points);
        }

        public Point mostReduced() {
            return points.get(0);
        }

        public Point leastReduced() {
            return points.get(points.size() - 1);
        }
    }

    /**
     * There is no way.
     *
     * @param field what to change: start, pot or target
     * @param why and what would
     */
    public record NoWay(String field, CannotReach why) implements Outcome {}

    /**
     * What was chosen for a wish, or why nothing.
     *
     * @param why empty when a point was chosen
     */
    public record Choice(List<Point> chosen, Optional<CannotReach> why) {
        public Choice {
            chosen = List.copyOf(chosen);
        }

        static Choice of(Point point) {
            return new Choice(List.of(point), Optional.empty());
        }

        static Choice none(CannotReach why) {
            return new Choice(List.of(), Optional.of(why));
        }
    }

    /** The whole curve, evenly spaced in what has evaporated. */
    public Outcome curve() {
        if (!(start.waterG() > 1)) {
            return new NoWay("start", new CannotReach.NoWater());
        }
        SimmerRun run = run();
        if (!pot.shape().holds(run.volumeMlHot())) {
            return new NoWay(
                    "pot",
                    new CannotReach.Overfull(run.volumeMlHot(), pot.shape().capacityMl()));
        }
        if (stepServed(run) > targetStep) {
            return tooThick(run);
        }
        double mostG = mostEvaporatedG();
        List<Point> points = new ArrayList<>(POINTS);
        run = run();
        for (int i = 0; i < POINTS; i++) {
            double wantedG = start.massG() - mostG * i / (POINTS - 1);
            run.advanceUntil(r -> r.massG() - wantedG, i == 0 ? 0 : LONGEST_MIN * SECONDS_PER_MINUTE);
            OptionalDouble starch = starchG(run);
            if (starch.isPresent()) {
                points.add(0, point(run, starch.getAsDouble()));
            }
        }
        if (points.isEmpty()) {
            return new NoWay("target", new CannotReach.NeitherWay(mix.kind(), targetStep));
        }
        return new Curve(points);
    }

    private NoWay tooThick(SimmerRun run) {
        OptionalDouble water = Thinning.waterToStep(after.of(start), targetStep, servedC, bodyFactor);
        return new NoWay("target", Reduction.tooThick(stepServed(run), servedC, targetStep, water));
    }

    private SimmerRun run() {
        return new SimmerRun(start, pot, heat, bodyFactor, servedC);
    }

    /** What reducing alone would evaporate, or all that it can in the longest time. */
    private double mostEvaporatedG() {
        SimmerRun run = run();
        run.advanceUntil(r -> targetStep - stepServed(r), LONGEST_MIN * SECONDS_PER_MINUTE);
        return start.massG() - run.massG();
    }

    /** Step when served, once all that comes after has happened. */
    private double stepServed(SimmerRun run) {
        return after == Afterwards.NOTHING
                ? run.stepServed()
                : Consistency.step(after.of(run.mixture()).cooked(), bodyFactor, servedC);
    }

    private OptionalDouble starchG(SimmerRun run) {
        return new Thickening(after.of(run.mixture()), mix, run.tempC(), servedC, bodyFactor).starchG(targetStep);
    }

    private Point point(SimmerRun run, double starchG) {
        Thickening thickening = new Thickening(after.of(run.mixture()), mix, run.tempC(), servedC, bodyFactor);
        Mixture sauce = thickening.with(starchG);
        return new Point(
                run.minute(),
                start.massG() - run.massG(),
                starchG,
                starchG * mix.liquidRatio(),
                Consistency.step(sauce, bodyFactor, run.tempC()),
                sauce);
    }

    /** The way that evaporates so much, g. */
    Point evaporating(double massG) {
        SimmerRun run = run();
        run.advanceUntil(r -> r.massG() - (start.massG() - massG), LONGEST_MIN * SECONDS_PER_MINUTE);
        return point(run, starchG(run).orElse(0));
    }

    /** The way that ends with so much starch, or the nearest there is. */
    Point withStarch(Curve curve, double wantedG) {
        Point most = curve.leastReduced();
        Point least = curve.mostReduced();
        if (wantedG >= most.starchG()) {
            return most;
        }
        if (wantedG <= least.starchG()) {
            return least;
        }
        return Roots.between(
                        most.evaporatedG(),
                        least.evaporatedG(),
                        g -> evaporating(g).starchG() - wantedG)
                .stream()
                .mapToObj(this::evaporating)
                .findFirst()
                .orElse(least);
    }

    /** The way that gives a yield, mL at 20 °C, within a time if there is one. */
    public Choice forYield(Curve curve, double yieldMl, OptionalDouble deadlineMin) {
        Point least = curve.mostReduced();
        Point most = curve.leastReduced();
        if (yieldMl > most.volumeMl20c()) {
            return Choice.none(new CannotReach.GivesLess(most.volumeMl20c(), yieldMl, yieldMl / most.volumeMl20c()));
        }
        if (yieldMl < least.volumeMl20c()) {
            return Choice.none(new CannotReach.GivesMore(least.volumeMl20c(), yieldMl, yieldMl / least.volumeMl20c()));
        }
        double evaporatedG = Roots.between(
                        most.evaporatedG(),
                        least.evaporatedG(),
                        g -> evaporating(g).volumeMl20c() - yieldMl)
                .orElse(least.evaporatedG());
        Point point = evaporating(evaporatedG);
        if (deadlineMin.isPresent() && point.minutes() > deadlineMin.getAsDouble()) {
            return tooLate(curve, point, deadlineMin.getAsDouble());
        }
        return Choice.of(point);
    }

    /** The way that uses the least starch within a time. */
    public Choice forDeadline(Curve curve, double deadlineMin) {
        Point reduced = curve.mostReduced();
        if (reduced.minutes() <= deadlineMin) {
            return Choice.of(reduced);
        }
        SimmerRun run = run();
        run.advance(deadlineMin * SECONDS_PER_MINUTE);
        OptionalDouble starch = starchG(run);
        return starch.isPresent()
                ? Choice.of(point(run, starch.getAsDouble()))
                : Choice.none(new CannotReach.NotInTime(
                        deadlineMin, mix.kind(), Math.ceil(curve.leastReduced().minutes() - deadlineMin)));
    }

    private Choice tooLate(Curve curve, Point point, double deadlineMin) {
        Optional<CannotReach.WiderPan> wider = widerFactor(point.evaporatedG(), deadlineMin).stream()
                .mapToObj(
                        factor -> new CannotReach.WiderPan(Math.ceil(pot.shape().topLengthMm() * factor / 10)))
                .findFirst();
        Optional<CannotReach.InTime> instead = forDeadline(curve, deadlineMin).chosen().stream()
                .map(p -> new CannotReach.InTime(p.volumeMl20c(), p.starchG(), mix.kind()))
                .findFirst();
        return Choice.none(new CannotReach.TooLate(
                point.volumeMl20c(),
                Math.ceil(point.minutes()),
                deadlineMin,
                Math.ceil(point.minutes() - deadlineMin),
                wider,
                instead));
    }

    /** How much wider a pot evaporates that much in that time; empty when none in reason does. */
    private OptionalDouble widerFactor(double evaporatedG, double minutes) {
        return Roots.between(1, WIDEST_FACTOR, factor -> {
            PotShape s = pot.shape();
            PotOnHeat wide = new PotOnHeat(s.wider(factor), pot.altitudeM(), pot.pairFactor(), pot.netPowerW());
            SimmerRun run = new SimmerRun(start, wide, heat, bodyFactor, servedC);
            run.advance(minutes * SECONDS_PER_MINUTE);
            return start.massG() - run.massG() - evaporatedG;
        });
    }
}
