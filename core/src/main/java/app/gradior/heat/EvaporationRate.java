package app.gradior.heat;

/** How fast vapour leaves a pot: ṁ = A·J·f_lid·f_thick·c_pair, and never more than the burner can boil off. */
public final class EvaporationRate {
    private static final double SECONDS_PER_HOUR = 3600;
    /** Viscosity at which thick sauce bubbles half as fast as water, Pa·s; fit to kitchen reductions. */
    private static final double THICK_PA_S = 1;

    private static final double THICK_EXPONENT = 0.8;

    /** Relative volatility of acetic acid to water in dilute boiling solution, dimensionless (handbook VLE). */
    public static final double ACETIC_RELATIVE_VOLATILITY = 0.7;

    private EvaporationRate() {}

    /** f_thick = 1/(1 + (η/1 Pa·s)^0.8), 0 to 1. */
    public static double thicknessShare(double viscosityPaS) {
        return 1 / (1 + Math.pow(viscosityPaS / THICK_PA_S, THICK_EXPONENT));
    }

    /**
     * Vapour leaving, kg/s.
     *
     * @param surfaceM2 free surface at the present level
     * @param fluxKgPerM2H J of the look
     * @param lidShare f_lid
     * @param viscosityPaS of the sauce in the pot
     * @param pairFactor c_pair
     * @param netPowerW heat into the sauce; infinite when unknown
     * @param tempC of the pot
     */
    // Wide: factors of one formula.
    public static double kgPerS(
            double surfaceM2,
            double fluxKgPerM2H,
            double lidShare,
            double viscosityPaS,
            double pairFactor,
            double netPowerW,
            double tempC) {
        double free =
                surfaceM2 * fluxKgPerM2H / SECONDS_PER_HOUR * lidShare * thicknessShare(viscosityPaS) * pairFactor;
        return Math.min(free, netPowerW / WaterProperties.latentHeatJPerKg(tempC));
    }
}
