package app.gradior.estimate;

import app.gradior.Sauces;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Kind;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.vessel.PotShape;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * Simulated cooks whose pot, sauce, measuring and eye differ from the model by amounts drawn from the stated spreads: whether the
 * bands hold the truth, how far off the finish is, and how long an update takes. Run by {@code ./gradior bench}, which writes
 * the result to the page on the model when it is named.
 */
final class CooksBenchmark {
    private static final int COOKS = 500;
    private static final long SEED = 4_711;
    private static final double EMPTY_G = 1950;
    private static final double SCALE_SD_G = 5;
    private static final double SPOON_SD = 0.6;
    private static final double LONGEST_MIN = 300;
    private static final double SHORTEST_MIN = 8;
    private static final String BEGIN = "<!-- cooks: written by ./gradior bench -->";
    private static final String END = "<!-- end of cooks -->";

    private CooksBenchmark() {}

    /** A kind of sauce that is reduced, and to what. */
    private record Dish(String name, Mixture start, PotShape pot, double targetStep, double servedC) {}

    private static final List<Dish> DISHES = List.of(
            new Dish("milled fruit", Sauces.damson(), new PotShape(240, 232, 130), 6.5, 20),
            new Dish(
                    "passata and stock",
                    Sauces.of("passata", 800).plus(Sauces.of("vegetable-stock", 500)),
                    new PotShape(280, 255, 72),
                    6,
                    60),
            new Dish("syrup", Sauces.syrup(45), new PotShape(200, 196, 115), 3.5, 20));

    /** What one cook's forecast came to. */
    private record Score(boolean inMass, boolean inServed, boolean inFinish, double finishErrorShare, double ms) {}

    public static void main(String[] args) throws IOException {
        Random random = new Random(SEED);
        List<Score> scores = new ArrayList<>();
        for (int i = 0; scores.size() < COOKS; i++) {
            score(Truth.draw(DISHES.get(i % DISHES.size()), random), random).ifPresent(scores::add);
        }
        List<String> rows = rows(scores);
        System.out.printf("%n%s%n", String.join(System.lineSeparator(), rows));
        if (args.length > 0) {
            write(Path.of(args[0]), rows);
        }
    }

    /** One cook's true pot, followed afresh to whichever minute is asked. */
    private record Truth(Dish dish, Heat heat, double water, double solids, double pair, double body, double look) {
        static Truth draw(Dish dish, Random random) {
            return new Truth(
                    dish,
                    new Heat(random.nextBoolean() ? Look.LIVELY : Look.GENTLE, LidState.OPEN),
                    Math.exp(0.03 * random.nextGaussian()),
                    Math.exp(0.02 * random.nextGaussian()),
                    Math.exp(0.30 * random.nextGaussian()),
                    Math.exp(0.50 * random.nextGaussian()),
                    Math.exp(0.15 * random.nextGaussian()));
        }

        PotOnHeat pot() {
            return PotOnHeat.unknownPair(dish.pot(), 50);
        }

        SimmerRun at(double minute) {
            SimmerRun run = new SimmerRun(
                    dish.start().scaled(water, solids), pot().withPairFactor(pair), heat, body, dish.servedC());
            run.set(heat, look);
            run.advance(60 * minute);
            return run;
        }

        /** When it is really there; infinite when it never is. */
        double finishMinute() {
            SimmerRun run = at(0);
            boolean there = run.stepServed() < dish.targetStep()
                    && run.advanceUntil(r -> dish.targetStep() - r.stepServed(), 60 * LONGEST_MIN)
                            == SimmerRun.End.REACHED;
            return there ? run.minute() : Double.POSITIVE_INFINITY;
        }
    }

    /** Two weigh-ins in the first half and a look at the spoon at its end; then the forecast is asked for. */
    private static Optional<Score> score(Truth truth, Random random) {
        double finish = truth.finishMinute();
        if (!(finish >= SHORTEST_MIN && finish <= LONGEST_MIN)) {
            return Optional.empty();
        }
        double asked = 0.5 * finish;
        List<Happening> seen = new ArrayList<>();
        for (double at : new double[] {0.2 * finish, 0.45 * finish}) {
            double grossG = truth.at(at).massG() + EMPTY_G + SCALE_SD_G * random.nextGaussian();
            seen.add(new Happening(at, new Reading(Kind.WEIGHT, grossG)));
        }
        SimmerRun now = truth.at(asked);
        seen.add(new Happening(asked, new Reading(Kind.SPOON, now.stepHot() + SPOON_SD * random.nextGaussian())));
        Dish dish = truth.dish();
        BatchStory story = new BatchStory(
                dish.start(),
                Ingredients.Spread.EXACT,
                truth.pot(),
                false,
                EMPTY_G,
                truth.heat(),
                dish.servedC(),
                seen);
        long before = System.nanoTime();
        Forecast forecast = Estimator.forecast(story, asked, dish.targetStep());
        double ms = (System.nanoTime() - before) / 1e6;
        Band minute = forecast.finish().map(Forecast.Finish::minute).orElse(new Band(1e6, 1e6, 1e6));
        return Optional.of(new Score(
                holds(forecast.massG(), now.massG()),
                holds(forecast.stepServed(), now.stepServed()),
                holds(minute, finish),
                Math.abs(minute.middle() - finish) / (finish - asked),
                ms));
    }

    private static boolean holds(Band band, double truth) {
        return band.low() <= truth && truth <= band.high();
    }

    private static List<String> rows(List<Score> scores) {
        return List.of(
                "| " + scores.size() + " cooks, two weigh-ins and a spoon in the first half | measured | demanded |",
                "|---|---|---|",
                share("80 % band of the mass holds the truth", scores, Score::inMass),
                share("80 % band of the served step holds the truth", scores, Score::inServed),
                share("80 % band of the finish holds the truth", scores, Score::inFinish),
                String.format(
                        Locale.ROOT,
                        "| finish, off by, in the median, of the time that remained | %.1f %% | 8 %% at most |",
                        100 * middle(scores, Score::finishErrorShare)),
                String.format(
                        Locale.ROOT,
                        "| an update, in the median, on one core | %.1f ms | 40 ms at most |",
                        middle(scores, Score::ms)));
    }

    private static String share(String what, List<Score> scores, Predicate<Score> holds) {
        double share = 100.0 * scores.stream().filter(holds).count() / scores.size();
        return String.format(Locale.ROOT, "| %s | %.0f %% | 72 to 88 %% |", what, share);
    }

    private static double middle(List<Score> scores, ToDoubleFunction<Score> figure) {
        double[] values = scores.stream().mapToDouble(figure).sorted().toArray();
        return values[values.length / 2];
    }

    private static void write(Path page, List<String> rows) throws IOException {
        String text = Files.readString(page);
        int from = text.indexOf(BEGIN);
        int to = text.indexOf(END);
        if (from < 0 || to < from) {
            throw new IllegalStateException(page + " has no place for the result");
        }
        Files.writeString(
                page,
                text.substring(0, from + BEGIN.length()) + "\n" + String.join("\n", rows) + "\n" + text.substring(to));
    }
}
