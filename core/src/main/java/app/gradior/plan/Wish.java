package app.gradior.plan;

import app.gradior.measure.Numbers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;

/**
 * What a cook wishes of a sauce beyond its step, and the way that meets it, or why none does and what would.
 *
 * @param yieldMl mL at 20 °C; empty to take it as it is written
 * @param reduceMinutes minutes there are for reducing; empty without a serving time
 * @param mostSaltPercent saltier than this is too salty, g in 100 g
 * @param starchAllowed whether starch may help
 */
public record Wish(
        OptionalDouble yieldMl, OptionalDouble reduceMinutes, double mostSaltPercent, boolean starchAllowed) {
    /** Less starch than this is none, g. */
    private static final double SOME_STARCH_G = 0.05;
    /** No cook tells yields apart that are this near, as a share. */
    private static final double NEAR_END_SHARE = 0.02;

    public Wish {
        if (!(mostSaltPercent > 0 && mostSaltPercent <= 30)) {
            throw new IllegalArgumentException("mostSaltPercent is " + mostSaltPercent + ": above 0 to 30 expected");
        }
    }

    /** What stands in the way. */
    public enum Obstacle {
        YIELD,
        STARCH,
        TIME,
        SALT
    }

    /**
     * The answer.
     *
     * @param point the way that comes nearest
     * @param obstacle what the wish fails on; empty when it is met
     * @param why in a sentence, when it is not met
     * @param instead the nearest things that can, as parts of a sentence
     */
    public record Answer(Routes.Point point, Optional<Obstacle> obstacle, String why, List<String> instead) {
        public Answer {
            instead = List.copyOf(instead);
        }

        public boolean met() {
            return obstacle.isEmpty();
        }

        static Answer met(Routes.Point point) {
            return new Answer(point, Optional.empty(), "", List.of());
        }
    }

    /**
     * How amounts are written in the answer's sentences.
     *
     * @param starch the starch's name
     * @param volume millilitres at 20 °C in the cook's measures
     */
    public record Words(String starch, DoubleFunction<String> volume) {
        /** In millilitres. */
        public static Words metric(String starch) {
            return new Words(starch, ml -> Numbers.plain(5 * Math.round(ml / 5), 0) + " mL");
        }

        String ml(double ml) {
            return volume.apply(ml);
        }
    }

    /** The way that meets it, or the nearest. */
    public Answer of(SauceRoutes.Ways ways, Words words) {
        Routes.Curve curve = ways.curve();
        Routes.Point least = curve.mostReduced();
        Routes.Point most = curve.leastReduced();
        Routes.Point point = starchAllowed ? ways.written() : least;
        if (yieldMl.isPresent()) {
            double wanted = nearEnd(curve, yieldMl.getAsDouble());
            Routes.Choice choice = ways.routes().forYield(curve, wanted, OptionalDouble.empty());
            if (choice.chosen().isEmpty()) {
                Routes.Point nearest = wanted > least.volumeMl20c() && starchAllowed ? most : least;
                double gives = (wanted > least.volumeMl20c() ? most : least).volumeMl20c();
                return unmet(
                        nearest,
                        Obstacle.YIELD,
                        (wanted > gives
                                        ? "Even thickened without reducing it gives "
                                        : "Reduced all the way it still gives ")
                                + words.ml(gives) + ", not " + words.ml(wanted),
                        List.of("make " + Numbers.cooks(wanted / gives) + " times as much"));
            }
            point = choice.chosen().get(0);
        }
        if (!starchAllowed && point.starchG() > SOME_STARCH_G) {
            return withoutStarch(least, point, words);
        }
        if (reduceMinutes.isPresent() && point.minutes() > reduceMinutes.getAsDouble() + 0.5) {
            return tooLate(ways, point, words);
        }
        return point.sauce().saltPercent() > mostSaltPercent ? tooSalty(curve, point, words) : Answer.met(point);
    }

    /** A yield that an end of the curve all but gives is that end's. */
    public static double nearEnd(Routes.Curve curve, double ml) {
        double least = curve.mostReduced().volumeMl20c();
        double most = curve.leastReduced().volumeMl20c();
        double inside = Math.max(least, Math.min(most, ml));
        return Math.abs(inside - ml) <= NEAR_END_SHARE * ml ? inside : ml;
    }

    private static Answer withoutStarch(Routes.Point least, Routes.Point point, Words words) {
        if (least.starchG() > SOME_STARCH_G) {
            return unmet(
                    least,
                    Obstacle.STARCH,
                    "Reducing alone never takes this sauce to that step",
                    List.of("allow " + grams(least.starchG()) + " of " + words.starch(), "wish for a lower step"));
        }
        return unmet(
                least,
                Obstacle.STARCH,
                "Without starch it gives " + words.ml(least.volumeMl20c()) + ", not " + words.ml(point.volumeMl20c()),
                List.of(
                        "allow " + grams(point.starchG()) + " of " + words.starch(),
                        "make " + Numbers.cooks(point.volumeMl20c() / least.volumeMl20c()) + " times as much"));
    }

    private Answer tooLate(SauceRoutes.Ways ways, Routes.Point point, Words words) {
        double there = Math.max(0, reduceMinutes.orElse(0));
        List<String> instead = new ArrayList<>();
        instead.add("start " + minutes(Math.ceil(point.minutes() - reduceMinutes.orElse(0))) + " earlier");
        if (starchAllowed) {
            ways.routes().forDeadline(ways.curve(), there).chosen().stream()
                    .findFirst()
                    .filter(p -> p.starchG() > point.starchG() + SOME_STARCH_G)
                    .ifPresent(p -> instead.add("take " + grams(p.starchG()) + " of " + words.starch() + " for "
                            + words.ml(p.volumeMl20c())));
        }
        return unmet(
                point,
                Obstacle.TIME,
                "Reducing takes " + minutes(Math.ceil(point.minutes())) + " and there "
                        + (there < 1 ? "is no time for it" : "are " + minutes(Math.floor(there))),
                instead);
    }

    private Answer tooSalty(Routes.Curve curve, Routes.Point point, Words words) {
        List<String> instead = new ArrayList<>();
        double overG = (point.sauce().saltPercent() - mostSaltPercent)
                / 100
                * point.sauce().massG();
        instead.add("hold back " + Numbers.plain(overG, 1) + " g of salt");
        if (starchAllowed) {
            curve.points().stream()
                    .filter(p -> p.sauce().saltPercent() <= mostSaltPercent)
                    .findFirst()
                    .ifPresent(p -> instead.add("stop at " + words.ml(p.volumeMl20c()) + " with " + grams(p.starchG())
                            + " of " + words.starch()));
        }
        return unmet(
                point,
                Obstacle.SALT,
                "It comes to " + Numbers.fixed(point.sauce().saltPercent(), 1) + " % salt, over the "
                        + Numbers.plain(mostSaltPercent, 1) + " % you set",
                instead);
    }

    private static Answer unmet(Routes.Point point, Obstacle obstacle, String why, List<String> instead) {
        return new Answer(point, Optional.of(obstacle), why, instead);
    }

    private static String minutes(double minutes) {
        long whole = Math.round(minutes);
        return whole >= 120 ? whole / 60 + " h " + whole % 60 + " min" : whole + " min";
    }

    private static String grams(double g) {
        return Numbers.plain(g, g < 10 ? 1 : 0) + " g";
    }
}
