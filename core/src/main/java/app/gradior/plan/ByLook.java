package app.gradior.plan;

import app.gradior.finding.Finding;
import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Body;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Starches;
import app.gradior.texture.Consistency;
import java.util.Locale;

/** A sauce of which only its look is known: how thick at which temperature, what makes it thick, how much of it. */
public final class ByLook {
    private static final double SERUM_BRIX = 10;
    private static final double LEAST_BRIX = 0.1;
    private static final double MOST_BRIX = 85;
    private static final double MOST_G_PER_G = 0.6;

    private ByLook() {}

    /** What makes a sauce thick. */
    public enum Kind {
        PULP,
        STARCH,
        SYRUP;

        /** The kind of that name, in any case. */
        public static Kind ofKey(String key) {
            for (Kind kind : values()) {
                if (kind.name().toLowerCase(Locale.ROOT).equals(key)) {
                    return kind;
                }
            }
            throw new Unfit(
                    "kind",
                    Wrong.Key.of("kind", key, values(), kind -> kind.name().toLowerCase(Locale.ROOT)));
        }
    }

    /**
     * The mixture that looks like that.
     *
     * @param step 0 to 9.5 at {@code tempC}
     * @param volumeMl20c 10 to 50000 mL
     * @throws IllegalArgumentException when no such sauce is that thick or that thin
     */
    public static Mixture sauce(Kind kind, double step, double tempC, double volumeMl20c) {
        check("step", step, 0, 9.5, "");
        check("tempC", tempC, 0, 110, " °C");
        check("volumeMl", volumeMl20c, 10, 50_000, " mL");
        double low = kind == Kind.SYRUP ? LEAST_BRIX : 0;
        double high = kind == Kind.SYRUP ? MOST_BRIX : MOST_G_PER_G;
        double amount = Roots.between(low, high, x -> Consistency.step(perGram(kind, x), 1, tempC) - step)
                .orElseThrow(() -> new Unfit(
                        "step",
                        new NotThatThick(
                                step, kind, step(perGram(kind, low), tempC), step(perGram(kind, high), tempC))));
        Mixture one = perGram(kind, amount);
        return one.times(volumeMl20c / one.volumeMl20c());
    }

    /** No sauce that is thick from that is at that step; it can be from one to the other. */
    public record NotThatThick(double step, Kind kind, double low, double high) implements Finding {}

    private static double step(Mixture m, double tempC) {
        return Consistency.step(m, 1, tempC);
    }

    /** A gram or so of it. */
    private static Mixture perGram(Kind kind, double amount) {
        Food sugar = Catalogue.standard().food("sugar").orElseThrow();
        Food water = Catalogue.standard().water();
        double brix = kind == Kind.SYRUP ? amount : SERUM_BRIX;
        Mixture serum = Mixture.of(sugar, brix / 100).plus(Mixture.of(water, 1 - brix / 100));
        return switch (kind) {
            case SYRUP -> serum;
            case STARCH ->
                serum.plus(Mixture.of(Catalogue.standard().powder(StarchKind.MAIZE), amount))
                        .cooked();
            case PULP -> serum.plus(pulp(amount));
        };
    }

    private static Mixture pulp(double grams) {
        return new Mixture(0, 0, 0, 0, 0, 0, 0, 0, 0, Starches.NONE, grams, 0, Body.ofPulp(grams), 0, 0);
    }

    private static void check(String name, double value, double low, double high, String unit) {
        Unfit.inRange(name, value, low, high, unit);
    }
}
