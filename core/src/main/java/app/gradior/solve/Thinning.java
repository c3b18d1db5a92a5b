package app.gradior.solve;

import app.gradior.mixture.Mixture;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import java.util.OptionalDouble;

/** The other direction: what to add to a sauce that is too thick. */
public final class Thinning {
    private static final double MOST_TIMES_MASS = 50;
    private static final int BISECTIONS = 60;

    private Thinning() {}

    /**
     * Grams of water that bring a sauce down to a step at its serving temperature.
     *
     * @return empty when it is no thicker than that already, or no amount would do
     */
    public static OptionalDouble waterToStep(Mixture sauce, double step, double servedC, double bodyFactor) {
        Consistency consistency = new Consistency(sauce.cooked(), bodyFactor);
        double most = MOST_TIMES_MASS * sauce.massG();
        if (!(distance(consistency, sauce, 0, servedC, step) > 0)
                || distance(consistency, sauce, most, servedC, step) > 0) {
            return OptionalDouble.empty();
        }
        double low = 0;
        double high = most;
        for (int i = 0; i < BISECTIONS; i++) {
            double middle = (low + high) / 2;
            if (distance(consistency, sauce, middle, servedC, step) > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return OptionalDouble.of((low + high) / 2);
    }

    private static double distance(Consistency c, Mixture m, double addedG, double servedC, double step) {
        return Stair.step(c.viscosityPaS(m.waterG() + addedG, m.ethanolG(), m.aceticG(), servedC)) - step;
    }
}
