package app.gradior.plan;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How much of a taste a sauce may have, whose limit that is, and what it comes from.
 *
 * @param mostPercent more than this is too much, g in 100 g, above 0 to 100; of salt to 30
 * @param usual whether it is the usual limit, which nobody set
 * @param sources foods with their part of it, as they go in; empty when they are not known
 */
public record TasteLimit(Taste taste, double mostPercent, boolean usual, List<Source> sources) {
    /** A source of less than this share is not worth a word. */
    private static final double LEAST_SHARE = 0.1;

    private static final double LEAST_G = 0.05;
    private static final double MOST_SALT = 30;

    public TasteLimit {
        double most = taste == Taste.SALT ? MOST_SALT : 100;
        if (!(mostPercent > 0 && mostPercent <= most)) {
            throw new Unfit(field(taste), new Wrong.Share(field(taste), mostPercent, most, " %"));
        }
        sources = List.copyOf(sources);
    }

    /** A limit that a cook set, of a sauce of which nobody knows where its taste comes from. */
    public static TasteLimit of(Taste taste, double mostPercent) {
        return new TasteLimit(taste, mostPercent, false, List.of());
    }

    /** What the limit of a taste is called where it is asked for. */
    public static String field(Taste taste) {
        return switch (taste) {
            case SALT -> "mostSaltPercent";
            case SUGAR -> "mostSugarPercent";
            case SHARPNESS -> "mostAcidPercent";
        };
    }

    /** So much of a taste from so much of a food. */
    public record Source(Taste taste, Food food, double massG) {
        /** Grams of the taste. */
        public double g() {
            return massG * taste.percent(food) / 100;
        }

        boolean isSalt() {
            return taste == Taste.SALT && food.plainSalt();
        }
    }

    /**
     * What would take so much of the taste out of it: so much salt held back, or less of a food, with what is bought in its place.
     *
     * @param food what brings most of it; absent for salt itself
     * @param share of the taste that it brings
     * @param massG of it to leave out
     * @param withWater whether as much water takes its place, because it is a liquid
     */
    public record Less(Optional<Food> food, double share, double massG, boolean withWater) {
        static Less salt(double massG) {
            return new Less(Optional.empty(), 1, massG, false);
        }
    }

    /**
     * The same with what its taste comes from.
     *
     * @param factor how many times the lines are taken
     */
    public TasteLimit from(List<LineReading> lines, double factor) {
        Map<String, Source> byFood = new LinkedHashMap<>();
        for (LineReading line : lines) {
            line.food()
                    .filter(food -> taste.percent(food) > 0 && line.massG() > 0)
                    .ifPresent(food -> byFood.merge(
                            food.id(),
                            new Source(taste, food, factor * line.massG()),
                            (a, b) -> new Source(taste, a.food(), a.massG() + b.massG())));
        }
        return new TasteLimit(taste, mostPercent, usual, List.copyOf(byFood.values()));
    }

    /** Whether a share of the mass is more than it may be. */
    boolean isOver(double percent) {
        return percent > mostPercent;
    }

    /** All of it as it goes in, g; 0 when nobody knows. */
    private double allG() {
        return sources.stream().mapToDouble(Source::g).sum();
    }

    /**
     * What would take so much out of it: salt itself held back where there is so much, else less of what brings most of it, else both.
     *
     * @param overG too much of it in the sauce, g
     * @param inSauceG all of it in the sauce, g: less than went in where some left as vapour
     */
    List<Less> less(double overG, double inSauceG) {
        double all = allG();
        double wantedG = all > 0 && inSauceG > 0 ? overG * all / inSauceG : overG;
        double salt =
                sources.stream().filter(Source::isSalt).mapToDouble(Source::g).sum();
        Optional<Source> main = sources.stream()
                .filter(source -> !source.isSalt() && source.g() > LEAST_SHARE * all)
                .max(Comparator.comparingDouble(Source::g));
        if (taste == Taste.SALT && (sources.isEmpty() || salt >= wantedG)) {
            return List.of(Less.salt(wantedG));
        }
        List<Less> less = new ArrayList<>();
        double leftG = wantedG;
        if (salt > LEAST_G && main.map(source -> source.g() < wantedG).orElse(true)) {
            less.add(Less.salt(salt));
            leftG -= salt;
        }
        if (main.isPresent()) {
            less.add(lessOf(main.get(), main.get().g() / all, leftG));
        }
        return less;
    }

    /** The milder one of what brings most of it, where there is one and it does some good. */
    Optional<WishFinding> milder(Mixture sauce) {
        double all = allG();
        return sources.stream()
                .filter(source -> source.g() > LEAST_SHARE * all)
                .sorted(Comparator.comparingDouble(Source::g).reversed())
                .flatMap(source ->
                        Milder.of(taste, source.food()).stream().map(milder -> milder(source, milder, all, sauce)))
                .findFirst();
    }

    private WishFinding milder(Source source, Food milder, double all, Mixture sauce) {
        double savesShare = source.massG() * (taste.percent(source.food()) - taste.percent(milder)) / 100 / all;
        return new WishFinding.TakeMilder(taste, source.food(), milder, (1 - savesShare) * taste.percent(sauce));
    }

    private static Less lessOf(Source source, double share, double overG) {
        double grams = Math.min(source.massG(), overG / source.g() * source.massG());
        return new Less(Optional.of(source.food()), share, grams, source.food().pourable());
    }
}
