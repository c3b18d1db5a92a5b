package app.gradior.simmer;

import app.gradior.Sauces;
import app.gradior.course.SauceRun;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.larder.StarchKind;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Routes;
import app.gradior.plan.Thickening;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/** How fast the core answers; run by {@code ./gradior bench}, which prints the table of {@link #main}. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class CoreBenchmark {
    private static final double HOUR_S = 3600;
    private static final double EQUAL_ERROR = 1e-6;
    private static final PotShape SLOPED = new PotShape(280, 200, 140);
    private static final PotOnHeat POT = PotOnHeat.unknownPair(SLOPED, 0);
    private static final Heat LIVELY = new Heat(Look.LIVELY, LidState.OPEN);
    private final Mixture sauce =
            Sauces.damson().times(1.5).plus(Sauces.of("wine-red", 200)).plus(Sauces.of("salt", 6));
    private final List<Stage> stages = List.of(
            Stage.of(StageKind.SWEAT, Sauces.of("butter", 40).plus(Sauces.of("leek", 400)), new StageEnd.Minutes(10)),
            Stage.of(StageKind.DEGLAZE, Sauces.of("wine-white", 200), new StageEnd.FractionOfAdded(0.5)),
            Stage.of(StageKind.SIMMER, Sauces.of("vegetable-stock", 700), new StageEnd.Minutes(15)),
            Stage.of(StageKind.BLEND, new StageEnd.Minutes(3)),
            Stage.of(
                    StageKind.SLURRY, Sauces.of("cornflour", 12).plus(Sauces.of("water", 18)), new StageEnd.Minutes(2)),
            Stage.of(StageKind.REDUCE, new StageEnd.StepServed(5.5)),
            Stage.of(StageKind.SEASON, Sauces.of("salt", 4), new StageEnd.CooksWord(1)),
            Stage.of(StageKind.ENRICH, Sauces.of("cream-double", 60), new StageEnd.CooksWord(1)));
    private final Routes routes = new Routes(sauce, POT, LIVELY, Thickening.Mix.slurry(StarchKind.MAIZE), 6.5, 20, 1);
    private final LineReader reader = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);
    private final String[] lines = {
        "1½ cups packed brown sugar", "2 x 400 g tins chopped tomatoes, drained", "juice of half a lemon",
        "a good glug of olive oil", "500 g / 1 lb 2 oz gooseberries, topped and tailed", "3 cloves of garlic, crushed"
    };
    private int next;
    private double tolerance;

    /** The loosest tolerance at which the general integrator is within 1e-6 of what evaporated. */
    @Setup
    public void equalAccuracy() {
        tolerance = 1;
        while (error(true) > EQUAL_ERROR) {
            tolerance /= 10;
        }
    }

    /** A 60-minute reduction in a sloped pot. */
    @Benchmark
    public double reduceAnHour() {
        SimmerRun run = new SimmerRun(sauce, POT, LIVELY, 1, 20);
        run.advance(HOUR_S);
        return run.massG();
    }

    /** The same by a general adaptive integrator, at the same accuracy. */
    @Benchmark
    public double reduceAnHourHipparchus() {
        return hipparchus(new SimmerRun(sauce, POT, LIVELY, 1, 20), tolerance);
    }

    static double hipparchus(SimmerRun run, double tolerance) {
        RateProblem problem = run.problem();
        OrdinaryDifferentialEquation equation = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return problem.size();
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                double[] rates = new double[y.length];
                problem.rates(y, rates);
                return rates;
            }
        };
        DormandPrince853Integrator integrator =
                new DormandPrince853Integrator(1e-3, HOUR_S, 1000 * tolerance, tolerance);
        double[] end = integrator
                .integrate(equation, new ODEState(0, run.state()), HOUR_S)
                .getPrimaryState();
        return end[0] + end[1] + end[2];
    }

    @Benchmark
    public double eightStages() {
        return SauceRun.cook(stages, POT, 1, 60).minutes();
    }

    @Benchmark
    public int routesOf25Points() {
        return ((Routes.Curve) routes.curve()).points().size();
    }

    @Benchmark
    public LineReading readALine() {
        next = (next + 1) % lines.length;
        return reader.read(lines[next]);
    }

    /** Prints the table: what, median and 95th percentile in microseconds, budget. */
    public static void main(String[] args) throws RunnerException {
        Map<String, Double> budgetUs =
                Map.of("reduceAnHour", 150.0, "eightStages", 1000.0, "routesOf25Points", 10_000.0, "readALine", 20.0);
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(CoreBenchmark.class.getName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        List<String> table = new ArrayList<>();
        double ours = 0;
        double general = 0;
        for (RunResult result : results) {
            String name = result.getPrimaryResult().getLabel();
            double us = result.getPrimaryResult().getStatistics().getPercentile(50);
            ours = name.equals("reduceAnHour") ? us : ours;
            general = name.equals("reduceAnHourHipparchus") ? us : general;
            Double budget = budgetUs.get(name);
            table.add(String.format(
                    Locale.ROOT,
                    "%-26s %10.1f %10.1f %s",
                    name,
                    us,
                    result.getPrimaryResult().getStatistics().getPercentile(95),
                    budget == null
                            ? ""
                            : String.format(Locale.ROOT, "%10.0f %s", budget, us <= budget ? "ok" : "OVER")));
        }
        CoreBenchmark b = new CoreBenchmark();
        b.equalAccuracy();
        System.out.printf("%-26s %10s %10s %10s%n", "core, one thread, µs", "median", "95 of 100", "budget");
        table.forEach(System.out::println);
        System.out.printf(
                Locale.ROOT,
                "the hour by the general integrator takes %.1f times as long as by ours (errors %.1e and %.1e of what evaporated)%n",
                general / ours,
                b.error(true),
                b.error(false));
    }

    /** Error of the evaporated mass over the hour against one-second steps, as a share. */
    private double error(boolean hipparchus) {
        SimmerRun fine = new SimmerRun(sauce, POT, LIVELY, 1, 20);
        double before = fine.massG();
        for (int i = 0; i < HOUR_S; i++) {
            fine.advance(1);
        }
        double[] state = fine.state();
        double evaporated = before - fine.massG();
        double volatiles = state[0] + state[1] + state[2];
        double found = hipparchus ? reduceAnHourHipparchus() : volatiles + (reduceAnHour() - fine.massG());
        return Math.abs(found - volatiles) / evaporated;
    }
}
