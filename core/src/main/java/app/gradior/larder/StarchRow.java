package app.gradior.larder;

/**
 * All that is known of a starch.
 *
 * @param starchShare grams of starch in one gram of powder as bought, 0 to 1
 * @param gelatinisationC temperature from which it sets in plain water, °C
 * @param heldLossPerMin share of its thickening lost in a minute at the boil
 * @param acidSensitivity of the loss in a sour sauce, over maize's
 * @param roux whether it is cooked in fat before liquid comes to it
 * @param weeps whether its gel weeps when it thaws
 */
record StarchRow(
        double starchShare,
        double gelatinisationC,
        Strength strength,
        double heldLossPerMin,
        double acidSensitivity,
        boolean roux,
        boolean weeps,
        StarchHandling handling) {
    /**
     * How strongly it builds a network: (c/c*)^m, falling with the serum's viscosity to the power q.
     *
     * @param criticalOverMaize c* by weight of powder, over cornflour's
     * @param exponent m
     * @param heatExponent q
     * @param setsCold how much more it thickens once it has stood cold for long
     */
    record Strength(double criticalOverMaize, double exponent, double heatExponent, double setsCold) {}
}
