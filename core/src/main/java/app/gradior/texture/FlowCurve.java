package app.gradior.texture;

/**
 * How a sauce resists at any rate of shear: Herschel and Bulkley 1926, τ = τ₀ + K·γ̇^n. K is such that it meets the stair's viscosity
 * at 50 1/s; n falls from 1 of a syrup toward 0.4 the more it stands by itself (tomato concentrates 0.40 to 0.59: Harper and El Sahrigi 1965).
 *
 * @param yieldPa τ₀, stress below which it stands
 * @param consistency K, Pa·sⁿ
 * @param index n
 */
public record FlowCurve(double yieldPa, double consistency, double index) {
    private static final double STAIR_PER_S = 50;
    private static final double MOST_THINNING = 0.65;
    /** Yield stress over viscosity at which it is half as shear thinning as it gets, 1/s. */
    private static final double HALF_THINNING_PER_S = 6;
    /** However much it stands, so much of its resistance at 50 1/s is flow. */
    private static final double LEAST_FLOWING = 0.1;

    /** Of a flow that is known at 50 1/s. */
    public static FlowCurve of(Consistency.Flow flow) {
        double stands = flow.yieldStressPa() / flow.viscosityPaS();
        double n = 1 - MOST_THINNING * stands / (stands + HALF_THINNING_PER_S);
        double flowing =
                Math.max(LEAST_FLOWING * flow.viscosityPaS(), flow.viscosityPaS() - flow.yieldStressPa() / STAIR_PER_S);
        return new FlowCurve(flow.yieldStressPa(), flowing / Math.pow(STAIR_PER_S, n - 1), n);
    }

    /** Apparent viscosity, Pa·s, at a rate of shear, 1/s. */
    public double viscosityPaS(double ratePerS) {
        return yieldPa / ratePerS + consistency * Math.pow(ratePerS, index - 1);
    }

    /**
     * Mean velocity of a film, m/s; 0 when it stands.
     *
     * @param depthM of the film
     * @param wallPa stress on what it runs over
     */
    double filmMPerS(double depthM, double wallPa) {
        if (!(wallPa > yieldPa)) {
            return 0;
        }
        double sheared = 1 - yieldPa / wallPa;
        double surface = index / (index + 1) * Math.pow((wallPa - yieldPa) / consistency, 1 / index) * depthM * sheared;
        return surface * (1 - index / (2 * index + 1) * sheared);
    }
}
