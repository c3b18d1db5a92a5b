package app.gradior.estimate;

import app.gradior.Sauces;
import app.gradior.course.PotCourse;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.estimate.BatchStory.StoryStage;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.vessel.PotShape;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
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

    /** A kind of sauce, its stages, and whether its end hangs on how thick it is. */
    private record Dish(String name, List<StoryStage> parts, PotShape pot, double servedC, boolean byStep) {}

    private static StoryStage stage(StageKind kind, Mixture adds, Look look, StageEnd end) {
        return StoryStage.of(new Stage(kind, adds, look, LidState.OPEN, end));
    }

    private static List<Dish> dishes(Look look) {
        Mixture none = Mixture.EMPTY;
        Mixture fruit = Sauces.of("damson", 1000).plus(Sauces.of("water", 250));
        Mixture sour = Sauces.of("sugar-brown", 220).plus(Sauces.of("vinegar-cider", 120));
        Mixture mushrooms = Sauces.of("mushroom", 500).plus(Sauces.of("butter", 30));
        Mixture slurry = Sauces.of("potato-starch", 20).plus(Sauces.of("water", 30));
        return List.of(
                new Dish(
                        "stewed and milled fruit, to a step",
                        List.of(
                                stage(StageKind.SIMMER, fruit, Look.GENTLE, new StageEnd.Minutes(18)),
                                stage(StageKind.MILL, none, Look.STEAMING, new StageEnd.Minutes(6)),
                                stage(StageKind.ADD, sour, Look.GENTLE, new StageEnd.Minutes(2)),
                                stage(StageKind.REDUCE, none, look, new StageEnd.StepServed(6.5))),
                        new PotShape(240, 232, 130),
                        20,
                        true),
                new Dish(
                        "gravy, reduced to a weight, then starch",
                        List.of(
                                stage(StageKind.SWEAT, mushrooms, Look.STEAMING, new StageEnd.Minutes(12)),
                                stage(
                                        StageKind.DEGLAZE,
                                        Sauces.of("wine-white", 400),
                                        look,
                                        new StageEnd.FractionOfAdded(0.5)),
                                stage(
                                        StageKind.SIMMER,
                                        Sauces.of("vegetable-stock", 700),
                                        look,
                                        new StageEnd.Weight(950)),
                                new StoryStage(Stage.of(StageKind.SLURRY, new StageEnd.Minutes(2)), slurry)),
                        new PotShape(280, 255, 72),
                        65,
                        false),
                new Dish(
                        "syrup, by half",
                        List.of(stage(StageKind.REDUCE, Sauces.syrup(35), look, new StageEnd.FractionLeft(0.5))),
                        new PotShape(200, 196, 115),
                        20,
                        false),
                new Dish(
                        "passata and stock, to a step",
                        List.of(stage(
                                StageKind.REDUCE,
                                Sauces.of("passata", 800).plus(Sauces.of("vegetable-stock", 500)),
                                look,
                                new StageEnd.StepServed(6))),
                        new PotShape(280, 255, 72),
                        60,
                        true));
    }

    /** What one cook's forecast came to. */
    private record Score(
            boolean byStep, boolean inMass, boolean inServed, boolean inFinish, double finishErrorShare, double ms) {}

    public static void main(String[] args) throws IOException {
        Random random = new Random(SEED);
        List<Score> scores = new ArrayList<>();
        for (int i = 0; scores.size() < COOKS; i++) {
            List<Dish> dishes = dishes(random.nextBoolean() ? Look.LIVELY : Look.GENTLE);
            score(Truth.draw(dishes.get(i % dishes.size()), random), random).ifPresent(scores::add);
        }
        List<String> rows = rows(scores);
        System.out.printf("%n%s%n", String.join(System.lineSeparator(), rows));
        if (args.length > 0) {
            write(Path.of(args[0]), rows);
        }
    }

    /** One cook's true pot, followed afresh to whichever minute is asked. */
    private record Truth(
            Dish dish,
            double water,
            double solids,
            double pair,
            double body,
            Map<Look, Double> looks,
            double warmUp,
            double leftBehind) {
        static Truth draw(Dish dish, Random random) {
            Map<Look, Double> looks = new EnumMap<>(Look.class);
            for (Look look : Look.values()) {
                looks.put(look, Math.exp(0.15 * random.nextGaussian()));
            }
            return new Truth(
                    dish,
                    Math.exp(0.03 * random.nextGaussian()),
                    Math.exp(0.02 * random.nextGaussian()),
                    Math.exp(0.30 * random.nextGaussian()),
                    Math.exp(0.50 * random.nextGaussian()),
                    looks,
                    Math.exp(0.25 * random.nextGaussian()),
                    Math.exp(0.20 * random.nextGaussian()));
        }

        PotOnHeat pot() {
            return PotOnHeat.unknownPair(dish.pot(), 50);
        }

        /** The pot at a minute; what the cook did until then is told. */
        PotCourse at(double minute, Consumer<Happening> told) {
            PotCourse course = new PotCourse(
                    pot().withPairFactor(pair),
                    body,
                    dish.servedC(),
                    new PotCourse.Variation(look -> looks.getOrDefault(look, 1.0), warmUp, leftBehind));
            for (int i = 0; i < dish.parts().size(); i++) {
                StoryStage part = dish.parts().get(i);
                Stage s = part.stage();
                if (i > 0) {
                    told.accept(new Happening(course.minute(), new BatchStory.NextStage()));
                }
                course.begin(new Stage(s.kind(), s.adds().scaled(water, solids), s.look(), s.lid(), s.end()));
                if (part.inPortions().massG() > 0) {
                    course.add(part.inPortions());
                    told.accept(new Happening(course.minute(), new BatchStory.Poured(part.inPortions())));
                }
                if (course.advanceToEnd(minute - course.minute()) != SimmerRun.End.REACHED) {
                    return course;
                }
            }
            course.end();
            return course;
        }

        PotCourse at(double minute) {
            return at(minute, happening -> {});
        }
    }

    /** Two weigh-ins in the first half and a look at the spoon at its end; then the forecast is asked for. */
    private static Optional<Score> score(Truth truth, Random random) {
        double finish = truth.at(LONGEST_MIN).minute();
        if (!(finish >= SHORTEST_MIN && finish < LONGEST_MIN)) {
            return Optional.empty();
        }
        double asked = 0.5 * finish;
        List<Happening> seen = new ArrayList<>();
        PotCourse now = truth.at(asked, seen::add);
        for (double at : new double[] {0.2 * finish, 0.45 * finish}) {
            double grossG = truth.at(at).massG() + EMPTY_G + SCALE_SD_G * random.nextGaussian();
            seen.add(new Happening(at, new Reading(ReadingKind.WEIGHT, grossG)));
        }
        double spoon = now.stepHot() + SPOON_SD * random.nextGaussian();
        if (Double.isFinite(spoon)) {
            seen.add(new Happening(asked, new Reading(ReadingKind.SPOON, spoon)));
        }
        Dish dish = truth.dish();
        BatchStory story = new BatchStory(
                dish.parts(),
                Ingredients.Spread.EXACT,
                truth.pot(),
                Prior.UNKNOWN,
                EMPTY_G,
                dish.servedC(),
                false,
                seen);
        long before = System.nanoTime();
        Forecast forecast = Estimator.forecast(story, asked);
        double ms = (System.nanoTime() - before) / 1e6;
        Band minute = forecast.finish().map(Forecast.Finish::minute).orElse(new Band(1e6, 1e6, 1e6));
        return Optional.of(new Score(
                dish.byStep(),
                holds(forecast.massG(), now.massG()),
                holds(forecast.stepServed(), now.look().stepServed()),
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
                off("of all", scores, "8 %"),
                off(
                        "where the end is a weight, a share or minutes",
                        scores.stream().filter(score -> !score.byStep()).toList(),
                        "8 %"),
                off(
                        "where the end is a step",
                        scores.stream().filter(Score::byStep).toList(),
                        "8 %"),
                String.format(
                        Locale.ROOT,
                        "| an update, in the median, on one core | %.1f ms | 40 ms at most |",
                        middle(scores, Score::ms)));
    }

    private static String share(String what, List<Score> scores, Predicate<Score> holds) {
        double share = 100.0 * scores.stream().filter(holds).count() / scores.size();
        return String.format(Locale.ROOT, "| %s | %.0f %% | 72 to 88 %% |", what, share);
    }

    private static String off(String whose, List<Score> scores, String demanded) {
        return String.format(
                Locale.ROOT,
                "| finish, off by, in the median, of the time that remained: %s | %.1f %% | %s at most |",
                whose,
                100 * middle(scores, Score::finishErrorShare),
                demanded);
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
