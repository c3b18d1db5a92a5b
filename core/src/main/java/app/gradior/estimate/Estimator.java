package app.gradior.estimate;

import app.gradior.estimate.Posterior.Weighted;
import app.gradior.plan.StopAt;
import app.gradior.reading.ReadingKind;
import app.gradior.simmer.PotState;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/** Turns a batch's story into a forecast. Deterministic: the same story and minute give the same figures. */
public final class Estimator {
    /**
     * What is left in the pot and on the spoon, half a minute between the word and the hand, and a density that a few degrees change: no yield is
     * known better than this, whatever was weighed. Estimate from practice.
     */
    private static final double YIELD_AT_BEST = 0.025;

    private static final int PAST_POINTS = 24;
    private static final int FUTURE_POINTS = 16;
    /** What happened at once is drawn as a step, this long, min; of so many happenings at most. */
    private static final double MOMENT_MIN = 1e-6;

    private static final int MOST_STEPS = 100;
    /** The curve goes on for so much longer than the finish is most likely to take, so that its band is seen. */
    private static final double OVERSHOOT = 1.5;

    private static final double SHORTEST_CURVE_MIN = 5;
    /** What any kitchen can read: with a scale, a stick, a spoon, a stopwatch, a plate. */
    private static final List<ReadingKind> READABLE =
            Arrays.stream(ReadingKind.values()).filter(ReadingKind::isAskedFor).toList();

    private Estimator() {}

    /**
     * The forecast as known at a minute, from what happened up to it.
     *
     * @param nowMinute since the start, 0 or more
     */
    public static Forecast forecast(BatchStory story, double nowMinute) {
        return forecast(story, nowMinute, Pace.STRAIGHT_ON);
    }

    /** The same, at the pace of whoever asks. */
    public static Forecast forecast(BatchStory story, double nowMinute, Pace pace) {
        Posterior posterior = new Posterior(story.upTo(nowMinute), nowMinute, pace);
        List<Weighted> ensemble = posterior.ensemble();
        double[] weights = ensemble.stream().mapToDouble(Weighted::weight).toArray();
        List<PotState> now =
                ensemble.stream().map(w -> w.member.course().look()).toList();
        int part = ensemble.get(0).member.part();
        EnsembleMember best = posterior.member(posterior.mode());
        best.follow(nowMinute);
        boolean warming = best.course().isComingToHeat();
        PotState likely = best.course().look();
        double stageStartMl = best.course().stageStartMl20c();
        double horizon = horizonMinute(best, nowMinute);
        int parts = story.parts().size();
        List<Run> runs = ensemble.stream()
                .map(weighted -> {
                    pace.goOn();
                    return run(weighted.member, nowMinute, horizon, parts);
                })
                .toList();
        Sample<PotState> ends = sample(runs, weights, run -> run.ends()[parts]);
        Sample<PotState> stageEnds = sample(runs, weights, run -> run.ends()[Math.min(part, parts - 1)]);
        boolean knowsFinish = ends.isForecast();
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
                part,
                warming,
                part < parts && stageEnds.isForecast() ? Optional.of(stageEnd(stageEnds)) : Optional.empty(),
                knowsFinish ? partEnds(runs, weights, part, parts) : List.of(),
                knowsFinish ? Optional.of(finish(ends)) : Optional.empty(),
                curve(story, posterior, runs, weights, nowMinute, horizon),
                posterior.readings(),
                posterior.wildReadings(),
                likely,
                stageStartMl,
                best.bodyFactor(),
                knowsFinish ? helps(runs, weights, parts) : List.of());
    }

    private static Band band(List<PotState> states, double[] weights, ToDoubleFunction<PotState> figure) {
        return WeightedSample.band(states.stream().mapToDouble(figure).toArray(), weights);
    }

    /**
     * One member's way from now on.
     *
     * @param read what it would read now, by kind
     * @param gridMassG mass on the grid
     * @param ends its state at the end of each stage to come, and last at the end of all; null where it never gets there, or
     *     has been
     */
    record Run(
            Map<ReadingKind, Double> read,
            double[] gridMassG,
            @Nullable PotState[] ends) {}

    static double horizonMinute(EnsembleMember best, double nowMinute) {
        best.goOn();
        double[] end = {nowMinute};
        best.goOnTo(nowMinute + StopAt.MOST_MINUTES / 2, (part, course) -> end[0] = course.minute());
        return nowMinute + Math.max(SHORTEST_CURVE_MIN, (end[0] - nowMinute) * OVERSHOOT);
    }

    static Run run(EnsembleMember member, double nowMinute, double horizon, int parts) {
        Map<ReadingKind, Double> read = new EnumMap<>(ReadingKind.class);
        READABLE.forEach(kind -> read.put(kind, member.read(kind)));
        member.goOn();
        @Nullable PotState[] ends = new @Nullable PotState[parts + 1];
        EnsembleMember.StageEnds keep = (part, course) -> {
            ends[part] = course.look();
            if (part == parts - 1) {
                ends[parts] = ends[part];
            }
        };
        double[] grid = new double[FUTURE_POINTS + 1];
        grid[0] = member.course().massG();
        double interval = (horizon - nowMinute) / FUTURE_POINTS;
        boolean over = member.part() >= parts;
        if (over) {
            ends[parts] = member.course().look();
        }
        for (int i = 1; i <= FUTURE_POINTS; i++) {
            over = member.goOnTo(nowMinute + i * interval, keep);
            grid[i] = member.course().massG();
        }
        if (!over) {
            member.goOnTo(nowMinute + StopAt.MOST_MINUTES, keep);
        }
        return new Run(read, grid, ends);
    }

    /**
     * What those members give that have it.
     *
     * @param share of all weight that have it
     */
    private record Sample<T>(List<T> values, double[] weights, double share) {
        /** Fewer than half the members getting there is no forecast: the cook is told so instead. */
        boolean isForecast() {
            return share > 0.5;
        }

        boolean highIsOpen() {
            return share < 0.9;
        }
    }

    private static Sample<PotState> sample(List<Run> runs, double[] weights, Function<Run, @Nullable PotState> figure) {
        double total = 0;
        double reached = 0;
        List<PotState> values = new ArrayList<>();
        List<Double> valueWeights = new ArrayList<>();
        for (int i = 0; i < runs.size(); i++) {
            total += weights[i];
            PotState value = figure.apply(runs.get(i));
            if (value != null) {
                reached += weights[i];
                values.add(value);
                valueWeights.add(weights[i]);
            }
        }
        return new Sample<>(
                values, valueWeights.stream().mapToDouble(Double::doubleValue).toArray(), reached / total);
    }

    private static Forecast.Finish finish(Sample<PotState> ends) {
        List<PotState> states = ends.values();
        double[] w = ends.weights();
        return new Forecast.Finish(
                band(states, w, PotState::minute),
                ends.highIsOpen(),
                band(states, w, PotState::volumeMl20c).atBest(YIELD_AT_BEST),
                band(states, w, PotState::volumeMlHot),
                band(states, w, PotState::levelMm),
                band(states, w, PotState::stepHot),
                band(states, w, PotState::stepServed),
                band(states, w, state -> state.mixture().saltPercent()),
                band(states, w, PotState::massG),
                band(states, w, state -> state.mixture().ethanolG()));
    }

    private static Forecast.StageEnd stageEnd(Sample<PotState> ends) {
        List<PotState> states = ends.values();
        double[] w = ends.weights();
        return new Forecast.StageEnd(
                band(states, w, PotState::minute),
                ends.highIsOpen(),
                band(states, w, PotState::massG),
                band(states, w, PotState::levelMm),
                band(states, w, PotState::stepHot),
                band(states, w, PotState::stepServed),
                band(states, w, PotState::volumeMl20c));
    }

    private static List<Band> partEnds(List<Run> runs, double[] weights, int from, int parts) {
        List<Band> bands = new ArrayList<>();
        for (int part = from; part < parts; part++) {
            int at = part;
            Sample<PotState> ends = sample(runs, weights, run -> run.ends()[at]);
            if (ends.values().isEmpty()) {
                return List.of();
            }
            bands.add(band(ends.values(), ends.weights(), PotState::minute));
        }
        return bands;
    }

    /**
     * How much of the finish's spread each reading would leave, were it taken now: for numbers that go together as straight
     * lines do, √(1 − cov²/(var T · (var v + sd²))).
     */
    private static List<Forecast.Help> helps(List<Run> runs, double[] weights, int parts) {
        List<Forecast.Help> helps = new ArrayList<>();
        for (ReadingKind kind : READABLE) {
            double sum = 0;
            double readMean = 0;
            double finishMean = 0;
            for (int i = 0; i < runs.size(); i++) {
                PotState end = runs.get(i).ends()[parts];
                if (end != null) {
                    sum += weights[i];
                    readMean += weights[i] * value(runs.get(i), kind);
                    finishMean += weights[i] * end.minute();
                }
            }
            readMean /= sum;
            finishMean /= sum;
            double readVariance = 0;
            double finishVariance = 0;
            double covariance = 0;
            for (int i = 0; i < runs.size(); i++) {
                PotState end = runs.get(i).ends()[parts];
                if (end != null) {
                    double read = value(runs.get(i), kind) - readMean;
                    double finish = end.minute() - finishMean;
                    readVariance += weights[i] / sum * read * read;
                    finishVariance += weights[i] / sum * finish * finish;
                    covariance += weights[i] / sum * read * finish;
                }
            }
            double sd = kind.toldSd(readMean);
            double explained = covariance * covariance / (finishVariance * (readVariance + sd * sd));
            if (Double.isFinite(explained)) {
                helps.add(new Forecast.Help(kind, Math.sqrt(Math.max(0, 1 - explained))));
            }
        }
        helps.sort(Comparator.comparingDouble(Forecast.Help::widthLeft));
        return helps;
    }

    private static double value(Run run, ReadingKind kind) {
        return kind.told(run.read().getOrDefault(kind, Double.NaN));
    }

    private static List<Forecast.CurvePoint> curve(
            BatchStory story, Posterior posterior, List<Run> runs, double[] weights, double nowMinute, double horizon) {
        List<Forecast.CurvePoint> curve = new ArrayList<>(past(story, posterior, nowMinute));
        for (int i = 0; i <= FUTURE_POINTS; i++) {
            int at = i;
            double[] masses =
                    runs.stream().mapToDouble(run -> run.gridMassG()[at]).toArray();
            double minute = nowMinute + i * (horizon - nowMinute) / FUTURE_POINTS;
            curve.add(new Forecast.CurvePoint(minute, WeightedSample.band(masses, weights)));
        }
        return curve;
    }

    /** What most likely happened up to now, with both sides of what changed at once; drawn without a band. */
    private static List<Forecast.CurvePoint> past(BatchStory story, Posterior posterior, double nowMinute) {
        List<Forecast.CurvePoint> points = new ArrayList<>();
        if (!(nowMinute > 0)) {
            return points;
        }
        TreeSet<Double> minutes = new TreeSet<>();
        for (int i = 0; i < PAST_POINTS; i++) {
            minutes.add(i * nowMinute / PAST_POINTS);
        }
        story.happenings().stream()
                .filter(h ->
                        !(h.what() instanceof BatchStory.Reading) && h.minute() > MOMENT_MIN && h.minute() < nowMinute)
                .limit(MOST_STEPS)
                .forEach(h -> {
                    minutes.add(h.minute() - MOMENT_MIN);
                    minutes.add(h.minute());
                });
        EnsembleMember best = posterior.member(posterior.mode());
        for (double minute : minutes) {
            best.follow(minute);
            double mass = best.course().massG();
            points.add(new Forecast.CurvePoint(minute, new Band(mass, mass, mass)));
        }
        return points;
    }
}
