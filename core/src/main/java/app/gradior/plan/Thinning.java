package app.gradior.plan;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.mixture.Mixture;
import app.gradior.texture.Consistency;
import java.util.OptionalDouble;

/** The other direction: what to add to a sauce that is too thick. */
public final class Thinning {
    private static final double MOST_TIMES_MASS = 50;
    private static final double FIRST_SHARE = 0.02;

    private Thinning() {}

    /**
     * Grams of water that bring a sauce down to a step at its serving temperature.
     *
     * @return empty when it is no thicker than that already, or no amount would do
     */
    public static OptionalDouble waterToStep(Mixture sauce, double step, double servedC, double bodyFactor) {
        return toStep(sauce, Catalogue.standard().water(), step, servedC, bodyFactor);
    }

    /**
     * Grams of a liquid food that bring a sauce down to a step at its serving temperature.
     *
     * @return empty when it is no thicker than that already, or no amount would do
     */
    public static OptionalDouble toStep(Mixture sauce, Food with, double step, double servedC, double bodyFactor) {
        Mixture perGram = Mixture.of(with, 1).cooked();
        Mixture cooked = sauce.cooked();
        if (!(Consistency.step(cooked, bodyFactor, servedC) > step)) {
            return OptionalDouble.empty();
        }
        double most = MOST_TIMES_MASS * sauce.massG();
        return Roots.upward(
                FIRST_SHARE * sauce.massG(),
                most,
                g -> step - Consistency.step(cooked.plus(perGram.times(g)), bodyFactor, servedC));
    }
}
