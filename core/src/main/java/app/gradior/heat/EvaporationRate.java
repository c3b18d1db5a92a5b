package app.gradior.heat;

/**
 * How fast vapour leaves a pot. Below its boil by the pressure of the vapour over it and by how well a thick sauce brings heat to its skin;
 * at the boil by how hard it boils, less what a lid gives back; never more than the burner can boil off after what the walls lose.
 *
 * <p>Constants are closed forms of an energy and mass balance of open and covered pots of water, from 16 to 32 cm, 85 to 100 °C, sea level
 * to 3000 m, within 15 % (docs/model.md).
 */
public final class EvaporationRate {
    private static final double SECONDS_PER_HOUR = 3600;
    /** J of open water at 85 °C at sea level, kg/(m²·h), and the pressure of its vapour there. */
    private static final double FLUX_AT_85 = 8.8;

    private static final double PRESSURE_AT_85_PA = 57_800;
    private static final double PRESSURE_EXPONENT = 1.38;
    private static final double SEA_LEVEL_PA = 101_325;
    private static final double AIR_EXPONENT = -0.8;
    /** A thick sauce moves less under its skin, which is cooler then: what is lost of the flux of water. */
    private static final double STILL_SHARE = 0.45;

    private static final double STILL_PA_S = 0.008;
    private static final double THICK_LOSS = 0.172;
    private static final double THICK_LOSS_AT_PA_S = 0.3;
    private static final double THICK_LOSS_EXPONENT = 0.18;
    private static final double WATER_SHARE = 0.926;
    private static final double LEAST_SHARE = 0.1;
    /** Viscosity at which a boiling sauce bubbles half as fast as water, Pa·s; fit to kitchen reductions. */
    private static final double THICK_PA_S = 1;

    private static final double THICK_EXPONENT = 0.8;
    /** Heat through a bare lid and through the wall below the level, W/(m²·K). */
    private static final double LID_W_PER_M2_K = 12;

    private static final double WALL_W_PER_M2_K = 10;
    /** Air around a pot, °C. */
    public static final double ROOM_C = 20;

    /** Relative volatility of acetic acid to water in dilute boiling solution, dimensionless (handbook VLE). */
    public static final double ACETIC_RELATIVE_VOLATILITY = 0.7;

    private EvaporationRate() {}

    /** f_thick at the boil = 1/(1 + (η/1 Pa·s)^0.8), 0 to 1. */
    public static double thicknessShare(double viscosityPaS) {
        return 1 / (1 + Math.pow(viscosityPaS / THICK_PA_S, THICK_EXPONENT));
    }

    /** The same below the boil, where nothing but its own warmth moves a sauce. */
    static double stillShare(double viscosityPaS) {
        double share = 1
                - STILL_SHARE * viscosityPaS / (viscosityPaS + STILL_PA_S)
                - THICK_LOSS * Math.pow(viscosityPaS / THICK_LOSS_AT_PA_S, THICK_LOSS_EXPONENT);
        return Math.max(LEAST_SHARE, share / WATER_SHARE);
    }

    /**
     * A pot as it stands: what vapour leaves and heat is lost through.
     *
     * @param surfaceM2 free surface at the present level
     * @param wallM2 wall below the level
     * @param mouthM2 what a lid covers
     * @param pairFactor c_pair
     * @param netPowerW heat into pot and sauce; infinite when unknown
     * @param pressurePa of the air
     */
    public record Pot(
            double surfaceM2, double wallM2, double mouthM2, double pairFactor, double netPowerW, double pressurePa) {}

    /**
     * What is in it.
     *
     * @param waterActivity 0 to 1
     * @param viscosityPaS in the pot
     */
    public record Sauce(double tempC, double waterActivity, double viscosityPaS) {}

    /** J of a sauce below its boil in an open pot, kg/(m²·h). */
    static double fluxBelowBoil(Sauce sauce, double pressurePa) {
        double vapourPa = sauce.waterActivity() * WaterProperties.saturationPressurePa(sauce.tempC());
        return FLUX_AT_85
                * Math.pow(vapourPa / PRESSURE_AT_85_PA, PRESSURE_EXPONENT)
                * Math.pow(pressurePa / SEA_LEVEL_PA, AIR_EXPONENT)
                * stillShare(sauce.viscosityPaS());
    }

    /**
     * Vapour leaving a pot that looks like that, kg/s.
     *
     * @param lookFactor how this look differs from its usual, 1 until known
     */
    public static double kgPerS(Pot pot, Sauce sauce, Look look, LidState lid, double lookFactor) {
        double latent = WaterProperties.latentHeatJPerKg(sauce.tempC());
        double most = Math.max(0, pot.netPowerW() - wallLossW(pot, sauce.tempC())) / latent;
        double factor = lookFactor * pot.pairFactor() * pot.surfaceM2() / SECONDS_PER_HOUR;
        if (!look.boils()) {
            return Math.min(most, factor * fluxBelowBoil(sauce, pot.pressurePa()) * lid.share());
        }
        double made = Math.min(most, factor * look.boilingFluxKgPerM2H() * thicknessShare(sauce.viscosityPaS()));
        double condensed =
                LID_W_PER_M2_K * lid.covered() * pot.mouthM2() * Math.max(0, sauce.tempC() - ROOM_C) / latent;
        return Math.max(0, made - condensed);
    }

    /** Heat that an open pot takes to boil as hard as it is set, W. */
    public static double boilingW(Pot pot, Sauce sauce, Look look) {
        double kgPerS = pot.pairFactor()
                * pot.surfaceM2()
                / SECONDS_PER_HOUR
                * look.boilingFluxKgPerM2H()
                * thicknessShare(sauce.viscosityPaS());
        return kgPerS * WaterProperties.latentHeatJPerKg(sauce.tempC()) + wallLossW(pot, sauce.tempC());
    }

    /** Heat that the wall of a pot loses, W. */
    static double wallLossW(Pot pot, double tempC) {
        return WALL_W_PER_M2_K * pot.wallM2() * Math.max(0, tempC - ROOM_C);
    }

    /**
     * Heat that a pot which does not boil loses, W, and the vapour that takes part of it, kg/s.
     *
     * @param lid over it
     */
    public static Losses losses(Pot pot, Sauce sauce, LidState lid) {
        double kgPerS = pot.surfaceM2() / SECONDS_PER_HOUR * fluxBelowBoil(sauce, pot.pressurePa()) * lid.share();
        double lidW = LID_W_PER_M2_K * lid.covered() * pot.mouthM2() * Math.max(0, sauce.tempC() - ROOM_C);
        return new Losses(
                wallLossW(pot, sauce.tempC()) + lidW + kgPerS * WaterProperties.latentHeatJPerKg(sauce.tempC()),
                kgPerS);
    }

    /** Heat lost, W, and vapour gone, kg/s. */
    public record Losses(double watts, double kgPerS) {}
}
