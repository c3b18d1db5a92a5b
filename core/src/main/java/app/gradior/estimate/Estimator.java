package app.gradior.estimate;

import app.gradior.estimate.Posterior.Weighted;
import app.gradior.simmer.PotState;
import app.gradior.simmer.SimmerRun;
import app.gradior.solve.StopAt;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** Turns a batch's story into a forecast. Deterministic: the same story and minute give the same figures. */
public final class Estimator {
    private static final double SECONDS_PER_MINUTE = 60;
    private static final int PAST_POINTS = 24;
    private static final int FUTURE_POINTS = 16;
    /** Part of the way to the finish that the curve goes on past it. */
    private static final double OVERSHOOT = 0.15;

    private static final double SHORTEST_CURVE_MIN = 5;

    private Estimator() {}

    /**
     * The forecast as known at a minute, from what happened up to it.
     *
     * @param nowMinute since the start, 0 or more
     * @param targetStep step wanted at the story's serving temperature
     */
    public static Forecast forecast(BatchStory story, double nowMinute, double targetStep) {
        Posterior posterior = new Posterior(story.upTo(nowMinute), nowMinute);
        List<Weighted> ensemble = posterior.ensemble();
        double[] weights = ensemble.stream().mapToDouble(Weighted::weight).toArray();
        List<PotState> now = ensemble.stream().map(w -> w.member.run().look()).toList();
        double horizon = horizonMinute(posterior, nowMinute, targetStep);
        List<Run> runs = ensemble.stream()
                .map(weighted -> finish(weighted.member.backOn(), nowMinute, targetStep, horizon))
                .toList();
        return new Forecast(
                nowMinute,
                band(now, weights, PotState::massG),
                band(now, weights, PotState::volumeMl20c),
                band(now, weights, PotState::volumeMlHot),
                band(now, weights, PotState::levelMm),
                band(now, weights, PotState::stepHot),
                band(now, weights, PotState::stepServed),
                band(now, weights, PotState::lossGPerMin),
                band(now, weights, PotState::boilingC),
                band(now, weights, state -> state.mixture().saltPercent()),
                band(now, weights, state -> state.mixture().brixPercent()),
                finish(runs, weights),
                curve(posterior, runs, weights, nowMinute, horizon),
                posterior.wildReadings());
    }

    private static Band band(List<PotState> states, double[] weights, ToDoubleFunction<PotState> figure) {
        return WeightedSample.band(states.stream().mapToDouble(figure).toArray(), weights);
    }

    /** One member's way from now on: mass on the grid, and its state when the target is met, if ever. */
    private record Run(double[] gridMassG, Optional<PotState> end) {}

    private static double horizonMinute(Posterior posterior, double nowMinute, double targetStep) {
        Member best = posterior.member(posterior.mode());
        best.follow(nowMinute);
        SimmerRun run = best.backOn();
        if (run.stepServed() < targetStep) {
            run.advanceUntil(r -> targetStep - r.stepServed(), 12 * 60 * SECONDS_PER_MINUTE);
        }
        double minutes = Math.max(SHORTEST_CURVE_MIN, (run.minute() - nowMinute) * 1.5);
        return nowMinute + minutes + OVERSHOOT * nowMinute;
    }

    private static Run finish(SimmerRun run, double nowMinute, double targetStep, double horizon) {
        double[] grid = new double[FUTURE_POINTS + 1];
        grid[0] = run.massG();
        double interval = (horizon - nowMinute) / FUTURE_POINTS;
        Optional<PotState> end = run.stepServed() >= targetStep ? Optional.of(run.look()) : Optional.empty();
        for (int i = 1; i <= FUTURE_POINTS; i++) {
            double until = nowMinute + i * interval;
            if (end.isEmpty()) {
                double seconds = (until - run.minute()) * SECONDS_PER_MINUTE;
                if (run.advanceUntil(r -> targetStep - r.stepServed(), seconds) == SimmerRun.End.REACHED) {
                    end = Optional.of(run.look());
                }
            }
            run.advance((until - run.minute()) * SECONDS_PER_MINUTE);
            grid[i] = run.massG();
        }
        if (end.isEmpty()) {
            double seconds = (StopAt.MOST_MINUTES - (run.minute() - nowMinute)) * SECONDS_PER_MINUTE;
            if (run.advanceUntil(r -> targetStep - r.stepServed(), seconds) == SimmerRun.End.REACHED) {
                end = Optional.of(run.look());
            }
        }
        return new Run(grid, end);
    }

    private static Optional<Forecast.Finish> finish(List<Run> runs, double[] weights) {
        double total = 0;
        double reached = 0;
        List<PotState> ends = new ArrayList<>();
        List<Double> endWeights = new ArrayList<>();
        for (int i = 0; i < runs.size(); i++) {
            total += weights[i];
            if (runs.get(i).end().isPresent()) {
                reached += weights[i];
                ends.add(runs.get(i).end().orElseThrow());
                endWeights.add(weights[i]);
            }
        }
        // Fewer than half the members getting there is no forecast: the cook is told so instead.
        if (!(reached > total / 2)) {
            return Optional.empty();
        }
        double[] w = endWeights.stream().mapToDouble(Double::doubleValue).toArray();
        return Optional.of(new Forecast.Finish(
                band(ends, w, PotState::minute),
                reached < 0.9 * total,
                band(ends, w, PotState::volumeMl20c),
                band(ends, w, PotState::volumeMlHot),
                band(ends, w, PotState::levelMm),
                band(ends, w, PotState::stepHot),
                band(ends, w, state -> state.mixture().saltPercent()),
                band(ends, w, PotState::massG),
                band(ends, w, state -> state.mixture().ethanolG())));
    }

    private static List<Forecast.CurvePoint> curve(
            Posterior posterior, List<Run> runs, double[] weights, double nowMinute, double horizon) {
        List<Forecast.CurvePoint> curve = new ArrayList<>(past(posterior, nowMinute));
        for (int i = 0; i <= FUTURE_POINTS; i++) {
            int at = i;
            double[] masses =
                    runs.stream().mapToDouble(run -> run.gridMassG()[at]).toArray();
            double minute = nowMinute + i * (horizon - nowMinute) / FUTURE_POINTS;
            curve.add(new Forecast.CurvePoint(minute, WeightedSample.band(masses, weights)));
        }
        return curve;
    }

    /** What most likely happened up to now; drawn without a band. */
    private static List<Forecast.CurvePoint> past(Posterior posterior, double nowMinute) {
        List<Forecast.CurvePoint> points = new ArrayList<>();
        if (!(nowMinute > 0)) {
            return points;
        }
        Member best = posterior.member(posterior.mode());
        for (int i = 0; i < PAST_POINTS; i++) {
            double minute = i * nowMinute / PAST_POINTS;
            best.follow(minute);
            double mass = best.run().massG();
            points.add(new Forecast.CurvePoint(minute, new Band(mass, mass, mass)));
        }
        return points;
    }
}
