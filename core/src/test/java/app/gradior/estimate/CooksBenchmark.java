package app.gradior.estimate;

import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.estimate.HiddenCook.Cooked;
import app.gradior.estimate.HiddenCook.End;
import app.gradior.heat.Look;
import app.gradior.reading.ReadingKind;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * Cooks before pots that are not the model's ({@link HiddenCook}): whether the bands hold the truth, how far off the finish is, and how
 * long an update takes. Run by {@code ./gradior bench}, which writes the result to the page on the model when it is named.
 */
final class CooksBenchmark {
    private static final int COOKS = 500;
    private static final long SEED = 4_711;
    private static final double SCALE_SD_G = 5;
    private static final double SPOON_SD = 0.6;
    private static final double LONGEST_MIN = 360;
    private static final double SHORTEST_MIN = 8;
    private static final String BEGIN = "<!-- cooks: written by ./gradior bench -->";
    private static final String END = "<!-- end of cooks -->";

    private CooksBenchmark() {}

    /** What one cook's forecast came to at half of the time. */
    record Score(
            String dish, End end, boolean inMass, boolean inServed, boolean inFinish, double offShare, double ms) {}

    public static void main(String[] args) throws IOException {
        List<Score> scores = scores(COOKS);
        List<String> rows = rows(scores);
        System.out.printf("%n%s%n", String.join(System.lineSeparator(), rows));
        if (args.length > 0) {
            write(Path.of(args[0]), rows);
        }
    }

    /** So many cooks, the dishes in turn. */
    static List<Score> scores(int cooks) {
        List<Score> scores = new ArrayList<>();
        for (int i = 0; scores.size() < cooks; i++) {
            Random random = new Random(SEED + i);
            List<HiddenCook.Dish> dishes = HiddenDishes.all(random.nextBoolean() ? Look.LIVELY : Look.GENTLE);
            score(dishes.get(i % dishes.size()), random).ifPresent(scores::add);
        }
        return scores;
    }

    /** Two weigh-ins in the first half and a look at the spoon at its end; then the forecast is asked for. */
    private static Optional<Score> score(HiddenCook.Dish dish, Random random) {
        Cooked cooked = new HiddenCook(dish, random).cook();
        double finish = cooked.finishMinute();
        if (!(finish >= SHORTEST_MIN && finish < LONGEST_MIN)) {
            return Optional.empty();
        }
        double asked = 0.5 * finish;
        HiddenCook.Moment now = cooked.at(asked);
        BatchStory story = seen(cooked, asked, random);
        long before = System.nanoTime();
        Forecast forecast = Estimator.forecast(story, asked);
        double ms = (System.nanoTime() - before) / 1e6;
        Band minute = forecast.finish().map(Forecast.Finish::minute).orElse(new Band(1e6, 1e6, 1e6));
        return Optional.of(new Score(
                dish.name(),
                dish.end(),
                holds(forecast.massG(), now.massG()),
                holds(onStair(forecast.stepServed()), onStair(now.stepServed())),
                holds(minute, finish),
                (minute.middle() - finish) / (finish - asked),
                ms));
    }

    /** What is known by then: two weigh-ins, and a clumsy spoon with each cook's own error and each look's. */
    static BatchStory seen(Cooked cooked, double asked, Random random) {
        double finish = cooked.finishMinute();
        List<Happening> seen = new ArrayList<>();
        for (double at : new double[] {0.2 * finish, 0.45 * finish}) {
            double grossG = cooked.at(at).massG() + HiddenCook.EMPTY_G + SCALE_SD_G * random.nextGaussian();
            seen.add(new Happening(at, new Reading(ReadingKind.WEIGHT, grossG)));
        }
        double spoon = cooked.at(asked).stepHot() + 0.4 * random.nextGaussian() + SPOON_SD * random.nextGaussian();
        seen.add(new Happening(asked, new Reading(ReadingKind.SPOON, Math.max(0, spoon))));
        return cooked.told().with(seen);
    }

    /** Nobody tells what is below the first step of the stair from what is far below it. */
    private static double onStair(double step) {
        return Math.max(1, Math.min(9, step));
    }

    private static Band onStair(Band band) {
        return new Band(onStair(band.low()), onStair(band.middle()), onStair(band.high()));
    }

    private static boolean holds(Band band, double truth) {
        return band.low() <= truth && truth <= band.high();
    }

    static double share(List<Score> scores, Predicate<Score> holds) {
        return 100.0 * scores.stream().filter(holds).count() / scores.size();
    }

    static double off(List<Score> scores) {
        return 100 * middle(scores, score -> Math.abs(score.offShare()));
    }

    static List<Score> of(List<Score> scores, End end) {
        return scores.stream().filter(score -> score.end() == end).toList();
    }

    private static List<String> rows(List<Score> scores) {
        List<String> rows = new ArrayList<>(List.of(
                "| " + scores.size()
                        + " cooks, two weigh-ins and a spoon in the first half | by weight | by share | by thickness | demanded |",
                "|---|---|---|---|---|"));
        rows.add(row("80 % band of the mass holds the truth", scores, s -> share(s, Score::inMass), "72 to 88 %"));
        rows.add(row(
                "80 % band of the served step holds the truth", scores, s -> share(s, Score::inServed), "72 to 88 %"));
        rows.add(row("80 % band of the finish holds the truth", scores, s -> share(s, Score::inFinish), "72 to 88 %"));
        rows.add(row(
                "finish, off by, in the median, of the time that remained",
                scores,
                CooksBenchmark::off,
                "10 % at most, by thickness 15 %"));
        rows.add(String.format(
                Locale.ROOT,
                "| an update, in the median, on one core | %.1f ms | | | 40 ms at most |",
                middle(scores, Score::ms)));
        return rows;
    }

    private static String row(String what, List<Score> scores, ToDoubleFunction<List<Score>> figure, String demanded) {
        StringBuilder row = new StringBuilder("| " + what + " |");
        for (End end : End.values()) {
            row.append(String.format(Locale.ROOT, " %.0f %% |", figure.applyAsDouble(of(scores, end))));
        }
        return row + " " + demanded + " |";
    }

    private static double middle(List<Score> scores, ToDoubleFunction<Score> figure) {
        double[] values = scores.stream().mapToDouble(figure).toArray();
        Arrays.sort(values);
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
