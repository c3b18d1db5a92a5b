package app.gradior.mixture;

import app.gradior.heat.WaterProperties;

/**
 * Volumes: specific volumes of the parts add up at 20 °C; a hot mixture swells as water does.
 *
 * <p>Densities of the parts, g/mL at 20 °C: water and ethanol as pure liquids (CRC Handbook); sugars 1.59 (sucrose);
 * salt 2.16 (halite); acids 1.3; other solubles, pulp, starch and coarse solids 1.5 (carbohydrate and protein); fat 0.92
 * (vegetable oils). Sucrose solutions come out within 1.5 % of published densities.
 */
public final class SpecificVolume {
    static final double WATER_G_PER_ML = 0.998;
    static final double ETHANOL_G_PER_ML = 0.789;
    static final double SUGARS_G_PER_ML = 1.59;
    static final double SALT_G_PER_ML = 2.16;
    static final double ACIDS_G_PER_ML = 1.3;
    static final double OTHER_SOLUBLES_G_PER_ML = 1.5;
    static final double PULP_G_PER_ML = 1.5;
    static final double STARCH_G_PER_ML = 1.5;
    static final double COARSE_G_PER_ML = 1.5;
    static final double FAT_G_PER_ML = 0.92;
    private static final double REFERENCE_C = 20;

    private SpecificVolume() {}

    static double volumeMl20c(Mixture m) {
        return m.waterG() / WATER_G_PER_ML
                + m.ethanolG() / ETHANOL_G_PER_ML
                + m.aceticG() / ACIDS_G_PER_ML
                + fixedMl20c(m);
    }

    /** Volume of what does not evaporate, millilitres at 20 °C. */
    public static double fixedMl20c(Mixture m) {
        return m.sugarsG() / SUGARS_G_PER_ML
                + m.saltG() / SALT_G_PER_ML
                + m.otherAcidsG() / ACIDS_G_PER_ML
                + m.otherSolublesG() / OTHER_SOLUBLES_G_PER_ML
                + m.pulpG() / PULP_G_PER_ML
                + m.starch().totalG() / STARCH_G_PER_ML
                + m.coarseG() / COARSE_G_PER_ML
                + fatMl20c(m.emulsifiedFatG() + m.freeFatG());
    }

    /** Volume of what evaporates, millilitres at 20 °C. */
    public static double volatileMl20c(double waterG, double ethanolG, double aceticG) {
        return waterG / WATER_G_PER_ML + ethanolG / ETHANOL_G_PER_ML + aceticG / ACIDS_G_PER_ML;
    }

    /** Volume of solids that are no sugar, millilitres. */
    public static double solidMl20c(double grams) {
        return grams / COARSE_G_PER_ML;
    }

    /** Volume of fat, millilitres at 20 °C. */
    public static double fatMl20c(double fatG) {
        return fatG / FAT_G_PER_ML;
    }

    /**
     * Volume at a temperature over volume at 20 °C, as water swells.
     *
     * @param tempC 0 to 150 °C
     */
    public static double expansion(double tempC) {
        return WaterProperties.densityKgPerM3(REFERENCE_C) / WaterProperties.densityKgPerM3(tempC);
    }
}
