package app.gradior.estimate;

import app.gradior.heat.Look;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/**
 * A forecast at half of a reduction that was weighed twice, beside one of its members as often as it has members; alone, and two at a
 * time on two cores. Run by {@code ./gradior bench}.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 8, time = 1)
@Measurement(iterations = 8, time = 1)
@Fork(1)
public class ForecastBenchmark {
    private static final int WAYS = 64;

    private final BatchStory story;
    private final double asked;
    private final Posterior posterior;
    private final double horizon;
    private final double[][] ways = new double[WAYS][];
    private int next;

    public ForecastBenchmark() {
        Random random = new Random(1);
        HiddenCook.Cooked cooked =
                HiddenCook.steady(HiddenDishes.all(Look.LIVELY).get(1)).cook();
        asked = 0.5 * cooked.finishMinute();
        story = CooksBenchmark.seen(cooked, asked, random);
        posterior = new Posterior(story.upTo(asked), asked);
        EnsembleMember best = posterior.member(posterior.mode());
        best.follow(asked);
        horizon = Estimator.horizonMinute(best, asked);
        for (int i = 0; i < WAYS; i++) {
            ways[i] = posterior.mode();
            for (int j = 0; j < ways[i].length; j++) {
                ways[i][j] += Math.sqrt(posterior.variance(j)) * random.nextGaussian();
            }
        }
    }

    @Benchmark
    public Forecast forecast() {
        return Estimator.forecast(story, asked);
    }

    /** One way that the batch may be, followed to now and on to its end. */
    @Benchmark
    public Object oneMember() {
        next = (next + 1) % WAYS;
        EnsembleMember member = posterior.member(ways[next]);
        member.follow(asked);
        return Estimator.run(member, asked, horizon, story.parts().size());
    }

    public static void main(String[] args) throws RunnerException {
        double forecast = row("forecast", 1);
        double members = Posterior.MEMBERS * row("oneMember", 1);
        double two = row("forecast", 2);
        System.out.printf(
                Locale.ROOT,
                "its members alone take %.1f ms of %.1f (%.0f %%); two at a time are done %.2f times as often as one%n",
                members / 1000,
                forecast / 1000,
                100 * members / forecast,
                2 * forecast / two);
    }

    /** Prints what one takes; answers µs. */
    private static double row(String what, int threads) throws RunnerException {
        RunResult result = new Runner(new OptionsBuilder()
                        .include(ForecastBenchmark.class.getName() + "." + what + "$")
                        .threads(threads)
                        .addProfiler(GCProfiler.class)
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .runSingle();
        double us = result.getPrimaryResult().getScore();
        System.out.printf(
                Locale.ROOT,
                "%-26s %10.1f µs, %.2f MB allocated%n",
                what + (threads > 1 ? ", " + threads + " at a time" : ""),
                us,
                allocated(result) / 1e6);
        return us;
    }

    private static double allocated(RunResult result) {
        return result.getSecondaryResults().entrySet().stream()
                .filter(entry -> entry.getKey().endsWith("gc.alloc.rate.norm"))
                .mapToDouble(entry -> entry.getValue().getScore())
                .findFirst()
                .orElse(Double.NaN);
    }
}
