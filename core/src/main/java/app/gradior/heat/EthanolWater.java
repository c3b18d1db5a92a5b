package app.gradior.heat;

/**
 * Vapour over boiling mixtures of ethanol and water at 101.325 kPa, mole fractions, interpolated linearly between
 * measured points (chemical engineering handbooks). Holds near sea level; at kitchen altitudes it moves by less than the
 * spread of what cooks do.
 */
public final class EthanolWater {
    private static final double[] LIQUID_X = {
        0.0, 0.0190, 0.0721, 0.0966, 0.1238, 0.1661, 0.2337, 0.3273, 0.3965, 0.5079, 0.5732, 0.6763, 0.7472, 0.8943, 1.0
    };
    private static final double[] VAPOUR_Y = {
        0.0, 0.1700, 0.3891, 0.4375, 0.4704, 0.5089, 0.5445, 0.5826, 0.6122, 0.6564, 0.6841, 0.7385, 0.7815, 0.8943, 1.0
    };
    static final double ETHANOL_G_PER_MOL = 46.07;

    private EthanolWater() {}

    /**
     * Mole fraction of ethanol in the vapour.
     *
     * @param liquidX mole fraction in the liquid, 0 to 1
     */
    public static double vapourMoleFraction(double liquidX) {
        if (!(liquidX >= 0 && liquidX <= 1)) {
            throw new IllegalArgumentException("mole fraction is " + liquidX + ": 0 to 1 expected");
        }
        int right = 1; // sauces are found between the first two points
        while (LIQUID_X[right] < liquidX) {
            right++;
        }
        double share = (liquidX - LIQUID_X[right - 1]) / (LIQUID_X[right] - LIQUID_X[right - 1]);
        return VAPOUR_Y[right - 1] + share * (VAPOUR_Y[right] - VAPOUR_Y[right - 1]);
    }

    /** Mole fraction of ethanol in a liquid of so much water and ethanol. */
    static double moleFraction(double waterG, double ethanolG) {
        double ethanolMol = ethanolG / ETHANOL_G_PER_MOL;
        return ethanolMol / (ethanolMol + waterG / BoilingPoint.WATER_G_PER_MOL);
    }

    /** Grams of ethanol in a gram of the vapour that leaves a liquid of so much water and ethanol. */
    public static double vapourMassFraction(double waterG, double ethanolG) {
        if (!(ethanolG > 0)) {
            return 0;
        }
        double y = vapourMoleFraction(moleFraction(waterG, ethanolG));
        double ethanolPart = y * ETHANOL_G_PER_MOL;
        return ethanolPart / (ethanolPart + (1 - y) * BoilingPoint.WATER_G_PER_MOL);
    }
}
