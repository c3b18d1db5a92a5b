package app.gradior.plan;

import app.gradior.larder.Food;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import java.util.function.ToDoubleFunction;

/** How much of a food brings a sauce's salt, sugar or acid to a target: the final seasoning. */
public final class Seasoning {
    private static final double MOST_PERCENT = 95;

    /** What is tasted. */
    public enum Taste {
        SALT("salt", Mixture::saltG),
        SUGARS("sugar", Mixture::sugarsG),
        ACID("acid", m -> m.aceticG() + m.otherAcidsG());

        private final String label;
        private final ToDoubleFunction<Mixture> grams;

        Taste(String label, ToDoubleFunction<Mixture> grams) {
            this.label = label;
            this.grams = grams;
        }

        public String label() {
            return label;
        }

        /** Grams of it in a mixture. */
        public double grams(Mixture m) {
            return grams.applyAsDouble(m);
        }

        /** Grams of it in 100 g of a mixture. */
        public double percent(Mixture m) {
            return m.massG() > 0 ? 100 * grams(m) / m.massG() : 0;
        }
    }

    private Seasoning() {}

    /**
     * Grams of a food that bring a sauce to that taste, g in 100 g. The food's own mass dilutes, and is counted.
     *
     * @throws IllegalArgumentException when the sauce is past it already, or the food is no stronger than the target
     */
    public static double addG(Mixture sauce, Food food, Taste taste, double targetPercent) {
        if (!(targetPercent >= 0 && targetPercent <= MOST_PERCENT)) {
            throw new IllegalArgumentException(
                    "targetPercent is " + targetPercent + " %: 0 to " + MOST_PERCENT + " % expected");
        }
        double has = taste.percent(sauce);
        if (has > targetPercent) {
            throw new IllegalArgumentException("targetPercent is " + Numbers.plain(targetPercent, 2)
                    + " %: the sauce already has " + Numbers.plain(has, 2) + " % " + taste.label()
                    + "; make more of it without, or thin it");
        }
        double brings = taste.percent(Mixture.of(food, 100));
        if (!(brings > targetPercent)) {
            throw new IllegalArgumentException("food is " + food.name() + " with " + Numbers.plain(brings, 2) + " % "
                    + taste.label() + ": choose one stronger than the " + Numbers.plain(targetPercent, 2)
                    + " % wanted");
        }
        return sauce.massG() * (targetPercent - has) / (brings - targetPercent);
    }
}
