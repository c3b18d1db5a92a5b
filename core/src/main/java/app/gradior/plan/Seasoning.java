package app.gradior.plan;

import app.gradior.finding.Unfit;
import app.gradior.larder.Food;
import app.gradior.mixture.Mixture;
import java.util.function.ToDoubleFunction;

/** How much of a food brings a sauce's salt, sugar or acid to a target: the final seasoning. */
public final class Seasoning {
    private static final double MOST_PERCENT = 95;

    /** What is tasted. */
    public enum Taste {
        SALT(Mixture::saltG),
        SUGARS(Mixture::sugarsG),
        ACID(m -> m.aceticG() + m.otherAcidsG());

        private final ToDoubleFunction<Mixture> grams;

        Taste(ToDoubleFunction<Mixture> grams) {
            this.grams = grams;
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
        Unfit.inRange("targetPercent", targetPercent, 0, MOST_PERCENT, " %");
        double has = taste.percent(sauce);
        if (has > targetPercent) {
            throw new Unfit("targetPercent", new BalanceFinding.TastesAlready(targetPercent, has, taste));
        }
        double brings = taste.percent(Mixture.of(food, 100));
        if (!(brings > targetPercent)) {
            throw new Unfit("food", new BalanceFinding.TooWeak(food, brings, taste, targetPercent));
        }
        return sauce.massG() * (targetPercent - has) / (brings - targetPercent);
    }
}
