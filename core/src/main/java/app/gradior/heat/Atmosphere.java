package app.gradior.heat;

import app.gradior.finding.Unfit;

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
        Unfit.inRange("altitude", altitudeM, LOWEST_M, HIGHEST_M, " m");
        return SEA_LEVEL_PA * Math.pow(1 - LAPSE_PER_M * altitudeM, EXPONENT);
    }
}
