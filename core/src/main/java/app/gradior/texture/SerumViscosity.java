package app.gradior.texture;

/**
 * Viscosity of the serum as of a sucrose solution: Génotelle's equation (Mathlouthi and Génotelle 1995, in Sucrose:
 * Properties and Applications, ch. 6). Within 4 % of tables for 0 to 75 °Bx, 0 to 80 °C; used to 86 °Bx and 110 °C.
 */
public final class SerumViscosity {
    private static final double LOG10_MPA_S_PER_PA_S = 3;
    private static final double LN10 = Math.log(10);

    private SerumViscosity() {}

    /**
     * Dynamic viscosity, Pa·s.
     *
     * @param brixPercent 0 to 100
     * @param tempC above −20 °C
     */
    public static double paS(double brixPercent, double tempC) {
        double x = concentration(brixPercent);
        return Math.exp(log(x, toFiveQuarters(x), tempC));
    }

    /** Génotelle's x, from °Bx. */
    static double concentration(double brixPercent) {
        return brixPercent / (1900 - 18 * brixPercent);
    }

    /** x^1.25: without a power, which costs an integrator more than two roots. */
    static double toFiveQuarters(double x) {
        return x * Math.sqrt(Math.sqrt(x));
    }

    /** Logarithm of the viscosity in Pa·s, from x and x^1.25, for callers that need several temperatures. */
    static double log(double x, double xPow125, double tempC) {
        double phi = (30 - tempC) / (91 + tempC);
        return LN10 * (22.46 * x - 0.114 + phi * (1.1 + 43.1 * xPow125) - LOG10_MPA_S_PER_PA_S);
    }
}
