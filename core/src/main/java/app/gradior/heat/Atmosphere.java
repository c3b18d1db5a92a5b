package app.gradior.heat;

/** Air pressure by altitude: ISO 2533 standard atmosphere, troposphere. */
public final class Atmosphere {
    /** Pressure at sea level, Pa. */
    public static final double SEA_LEVEL_PA = 101_325;
    /** Temperature lapse over sea-level temperature, 0.0065 K/m over 288.15 K, 1/m. */
    private static final double LAPSE_PER_M = 0.0065 / 288.15;
    /** g·M/(R·lapse), dimensionless. */
    private static final double EXPONENT = 5.25588;
    /** Lowest and highest altitude a kitchen may have here, metres. */
    public static final double LOWEST_M = -430;

    public static final double HIGHEST_M = 5500;

    private Atmosphere() {}

    /**
     * Air pressure, Pa.
     *
     * @param altitudeM metres above the sea, {@link #LOWEST_M} to {@link #HIGHEST_M}
     */
    public static double pressurePa(double altitudeM) {
        if (!(altitudeM >= LOWEST_M && altitudeM <= HIGHEST_M)) {
            throw new IllegalArgumentException(
                    "altitude is " + altitudeM + " m: " + LOWEST_M + " to " + HIGHEST_M + " m expected");
        }
        return SEA_LEVEL_PA * Math.pow(1 - LAPSE_PER_M * altitudeM, EXPONENT);
    }
}
