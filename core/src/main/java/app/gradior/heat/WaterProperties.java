package app.gradior.heat;

/** Saturation pressure, latent heat and density of pure water. */
public final class WaterProperties {
    /** Critical temperature, K: Wagner and Pruß 2002, J. Phys. Chem. Ref. Data 31, 387. */
    private static final double CRITICAL_K = 647.096;
    /** Critical pressure, Pa: same source. */
    private static final double CRITICAL_PA = 22.064e6;
    /** Coefficients a1 to a6 of equation 2.5 of Wagner and Pruß 2002; 273 to 647 K. */
    private static final double A1 = -7.85951783;

    private static final double A2 = 1.84408259;
    private static final double A3 = -11.7866497;
    private static final double A4 = 22.6807411;
    private static final double A5 = -15.9618719;
    private static final double A6 = 1.80122502;

    /** 0 °C in kelvin. */
    public static final double ZERO_CELSIUS_K = 273.15;

    /** Latent heat, J/kg: quadratic through the IAPWS-95 values at 0, 50 and 100 °C; within 0.1 % to 120 °C. */
    private static final double LATENT_AT_0C = 2.5009e6;

    private static final double LATENT_LINEAR = -2315;
    private static final double LATENT_QUADRATIC = -1.3;

    private WaterProperties() {}

    /** Saturation vapour pressure, Pa, at 0 to 370 °C. */
    public static double saturationPressurePa(double tempC) {
        return CRITICAL_PA * Math.exp(logReducedPressure(tempC + ZERO_CELSIUS_K));
    }

    private static double logReducedPressure(double tempK) {
        double tau = 1 - tempK / CRITICAL_K;
        double root = Math.sqrt(tau);
        double tau3 = tau * tau * tau;
        double tau4 = tau3 * tau;
        double sum = A1 * tau + A2 * tau * root + A3 * tau3 + A4 * tau3 * root + A5 * tau4 + A6 * tau4 * tau3 * root;
        return CRITICAL_K / tempK * sum;
    }

    private static final double LEAST_PA = 1e3;
    private static final double MOST_PA = 2e6;
    /** Latent heat over gas constant near 100 °C, K: slope of the logarithm of pressure; only guides Newton's step. */
    private static final double CLAUSIUS_CLAPEYRON_K = 4890;

    /**
     * Saturation temperatures, K, evenly spaced in the logarithm of the pressure: an integrator asks for one at every step, and
     * a cubic through four of these is within 1e-7 K of the equation (test).
     */
    private static final double[] SATURATION_K = new double[400];

    private static final double LOG_LEAST = Math.log(LEAST_PA / CRITICAL_PA);
    private static final double LOG_SPACING = Math.log(MOST_PA / LEAST_PA) / (SATURATION_K.length - 3);

    static {
        for (int i = 0; i < SATURATION_K.length; i++) {
            SATURATION_K[i] = saturationTempK(LOG_LEAST + (i - 1) * LOG_SPACING);
        }
    }

    /** By Newton's method on the logarithm. */
    private static double saturationTempK(double logReducedPressure) {
        double tempK = 373.124;
        for (int i = 0; i < 60; i++) {
            double step = (logReducedPressure(tempK) - logReducedPressure) * tempK * tempK / CLAUSIUS_CLAPEYRON_K;
            tempK -= step;
            if (Math.abs(step) < 1e-11) {
                break;
            }
        }
        return tempK;
    }

    /**
     * Temperature, °C, at which water's saturation pressure is that pressure: the inverse of {@link #saturationPressurePa}.
     *
     * @param pressurePa 1 kPa to 2 MPa
     * @throws IllegalArgumentException outside that range
     */
    public static double saturationTempC(double pressurePa) {
        if (!(pressurePa >= LEAST_PA && pressurePa <= MOST_PA)) {
            throw new IllegalArgumentException("pressure is " + pressurePa + " Pa: 1000 to 2000000 Pa expected");
        }
        double place = (Math.log(pressurePa / CRITICAL_PA) - LOG_LEAST) / LOG_SPACING;
        int knot = Math.min((int) place, SATURATION_K.length - 4);
        double t = place - knot;
        double before = SATURATION_K[knot];
        double from = SATURATION_K[knot + 1];
        double to = SATURATION_K[knot + 2];
        double after = SATURATION_K[knot + 3];
        // Lagrange's cubic through the four, at -1, 0, 1 and 2.
        double tempK = -before * t * (t - 1) * (t - 2) / 6
                + from * (t + 1) * (t - 1) * (t - 2) / 2
                - to * (t + 1) * t * (t - 2) / 2
                + after * (t + 1) * t * (t - 1) / 6;
        return tempK - ZERO_CELSIUS_K;
    }

    /** Latent heat of evaporation, J/kg, at 0 to 130 °C. */
    public static double latentHeatJPerKg(double tempC) {
        return LATENT_AT_0C + tempC * (LATENT_LINEAR + LATENT_QUADRATIC * tempC);
    }

    /** Density of liquid water, kg/m³, at 0 to 150 °C: Kell 1975, J. Chem. Eng. Data 20, 97, equation 16. */
    public static double densityKgPerM3(double tempC) {
        double t = tempC;
        double numerator = 999.83952
                + t * (16.945176 + t * (-7.9870401e-3 + t * (-46.170461e-6 + t * (105.56302e-9 - t * 280.54253e-12))));
        return numerator / (1 + 16.879850e-3 * t);
    }
}
