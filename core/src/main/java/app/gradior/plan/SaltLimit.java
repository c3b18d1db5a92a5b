package app.gradior.plan;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How salty a sauce may be, whose limit that is, and what its salt comes from.
 *
 * @param mostPercent saltier than this is too salty, g in 100 g, above 0 to 30
 * @param usual whether it is the usual limit, which nobody set
 * @param sources foods with their salt, as they go in; empty when they are not known
 */
public record SaltLimit(double mostPercent, boolean usual, List<Source> sources) {
    /** A source of less than this share is not worth a word. */
    private static final double LEAST_SHARE = 0.1;

    private static final double LEAST_G = 0.05;

    public SaltLimit {
        if (!(mostPercent > 0 && mostPercent <= 30)) {
            throw new Unfit("mostSaltPercent", new Wrong.Share("mostSaltPercent", mostPercent, 30, " %"));
        }
        sources = List.copyOf(sources);
    }

    /** A limit that a cook set, of a sauce whose sources of salt are not known. */
    public static SaltLimit of(double mostPercent) {
        return new SaltLimit(mostPercent, false, List.of());
    }

    /** So much salt from so much of a food, g. */
    public record Source(Food food, double massG) {
        public double saltG() {
            return massG * food.per100g().salt() / 100;
        }

        boolean isSalt() {
            return food.plainSalt();
        }
    }

    /**
     * The same with what its salt comes from.
     *
     * @param factor how many times the lines are taken
     */
    public SaltLimit from(List<LineReading> lines, double factor) {
        Map<String, Source> byFood = new LinkedHashMap<>();
        for (LineReading line : lines) {
            line.food()
                    .filter(food -> food.per100g().salt() > 0 && line.massG() > 0)
                    .ifPresent(food -> byFood.merge(
                            food.id(),
                            new Source(food, factor * line.massG()),
                            (a, b) -> new Source(a.food(), a.massG() + b.massG())));
        }
        return new SaltLimit(mostPercent, usual, List.copyOf(byFood.values()));
    }

    /** What would take so much salt out of it: salt itself held back where there is so much, else less of what brings most of it, else both. */
    List<WishFinding> less(double overG) {
        double all = sources.stream().mapToDouble(Source::saltG).sum();
        double salt = sources.stream()
                .filter(Source::isSalt)
                .mapToDouble(Source::saltG)
                .sum();
        Optional<Source> main = sources.stream()
                .filter(source -> !source.isSalt() && source.saltG() > LEAST_SHARE * all)
                .max(Comparator.comparingDouble(Source::saltG));
        if (sources.isEmpty() || salt >= overG) {
            return List.of(new WishFinding.HoldBackSalt(overG));
        }
        if (main.isEmpty()) {
            return salt > LEAST_G ? List.of(new WishFinding.HoldBackSalt(salt)) : List.of();
        }
        double share = main.get().saltG() / all;
        if (salt <= LEAST_G || main.get().saltG() >= overG) {
            return List.of(lessOf(main.get(), share, overG));
        }
        return List.of(new WishFinding.HoldBackSalt(salt), lessOf(main.get(), share, overG - salt));
    }

    private static WishFinding lessOf(Source source, double share, double overG) {
        double grams = Math.min(source.massG(), overG / source.saltG() * source.massG());
        return source.food().pourable()
                ? new WishFinding.PourLess(
                        source.food(), share, grams / source.food().densityGPerMl())
                : new WishFinding.TakeLess(source.food(), share, grams);
    }
}
