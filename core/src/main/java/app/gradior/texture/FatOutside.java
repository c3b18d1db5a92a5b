package app.gradior.texture;

import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;

/**
 * A paste whose liquid is fat: nut butters, chocolate. Solids in fat, η = η_fat·(1 − φ/φ_m)^−2 (Maron and Pierce 1956); ground nuts pack
 * worse than sugar. Fat is the outside where there is more of it than of all that its little water can dissolve.
 */
final class FatOutside {
    /** Under this share of the volume, what is watery is inside the fat. */
    private static final double MOST_SERUM = 0.25;
    /** What a gram of water keeps dissolved at most, g. */
    private static final double DISSOLVES = 4;

    private static final double NUT_PACKING = 0.385;
    private static final double CRYSTAL_PACKING = 0.65;
    private static final double MOST_FILLED = 0.97;
    private static final double EXPONENT = -2;
    /** Vegetable oil: 70 mPa·s at 20 °C, 16 mPa·s at 65 °C; published, rounded. */
    private static final double OIL_20_PA_S = 0.070;

    private static final double OIL_LOG_PER_K = Math.log(0.070 / 0.016) / 45;
    private static final double REFERENCE_C = 20;

    private final double fatMl;
    private final double crystalsG;
    private final double fineG;
    private final double solublesG;

    /**
     * Of that mixture.
     *
     * @param keptInDropletsG fat that yolk keeps in the water
     */
    FatOutside(Mixture m, double keptInDropletsG) {
        double fatG = m.emulsifiedFatG() + m.freeFatG();
        fatMl = SpecificVolume.fatMl20c(Math.max(0, fatG - keptInDropletsG));
        crystalsG = m.sugarsG() + m.saltG();
        solublesG = crystalsG + m.otherSolublesG() + m.otherAcidsG();
        fineG = m.otherSolublesG() + m.pulpG() + m.coarseG() + m.starch().totalG();
    }

    /** Whether fat is the outside with so much water left. */
    boolean holds(double waterG, double ethanolG, double aceticG) {
        double liquidG = waterG + ethanolG + aceticG;
        if (!(fatMl > 0) || fatMl < liquidG || !(solidMl() > 0)) {
            return false;
        }
        double dissolvedG = Math.min(solublesG, DISSOLVES * liquidG);
        double serumMl = liquidG + SpecificVolume.solidMl20c(dissolvedG);
        double allMl = fatMl + liquidG + solidMl();
        return serumMl < MOST_SERUM * allMl && fatMl > serumMl;
    }

    private double solidMl() {
        return SpecificVolume.solidMl20c(crystalsG + fineG);
    }

    /** Whether there is too little fat to hold its solids together. */
    boolean isPowder(double waterG) {
        return filled(waterG) >= MOST_FILLED;
    }

    private double filled(double waterG) {
        double solids = solidMl();
        double packing = (crystalsG * CRYSTAL_PACKING + fineG * NUT_PACKING) / (crystalsG + fineG);
        return (solids + waterG) / (solids + waterG + fatMl) / packing;
    }

    /** Apparent viscosity, Pa·s. Water makes solids stick, so that the same pack worse. */
    double viscosityPaS(double waterG, double tempC) {
        double oil = OIL_20_PA_S * Math.exp(-OIL_LOG_PER_K * (tempC - REFERENCE_C));
        return oil * Math.pow(1 - Math.min(MOST_FILLED, filled(waterG)), EXPONENT);
    }
}
