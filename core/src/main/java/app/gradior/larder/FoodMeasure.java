package app.gradior.larder;

/**
 * What one household measure of a food weighs.
 *
 * @param massG grams, above 0
 * @param logSd standard deviation of the logarithm of the mass: 0.1 is about ± 10 %
 */
public record FoodMeasure(double massG, double logSd) {
    public FoodMeasure {
        if (!(massG > 0 && massG <= 20_000)) {
            throw new IllegalArgumentException("a measure's mass is " + massG + " g: more than 0 expected");
        }
        if (!(logSd >= 0 && logSd <= 1.5)) {
            throw new IllegalArgumentException("a measure's spread is " + logSd + ": 0 to 1.5 expected");
        }
    }
}
