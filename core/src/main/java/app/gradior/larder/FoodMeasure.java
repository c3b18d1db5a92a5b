package app.gradior.larder;

import app.gradior.finding.Unfit;

/**
 * What one household measure of a food weighs.
 *
 * @param massG grams, above 0
 * @param logSd standard deviation of the logarithm of the mass: 0.1 is about ± 10 %
 */
public record FoodMeasure(double massG, double logSd) {
    public FoodMeasure {
        Unfit.above("massG", massG, 0, " g");
        Unfit.inRange("massG", massG, 0, 20_000, " g");
        Unfit.inRange("logSd", logSd, 0, 1.5, "");
    }
}
