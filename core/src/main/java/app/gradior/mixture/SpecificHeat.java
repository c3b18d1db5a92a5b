package app.gradior.mixture;

/**
 * Heat that warms a mixture by one kelvin: parts add up by mass. J/(g·K) between 20 and 100 °C: water 4.19, ethanol 2.6, fat
 * 2.0, everything else 1.5 (Choi and Okos 1986, carbohydrate and protein, rounded).
 */
public final class SpecificHeat {
    private static final double WATER_J_PER_G_K = 4.19;
    private static final double ETHANOL_J_PER_G_K = 2.6;
    private static final double FAT_J_PER_G_K = 2.0;
    private static final double SOLIDS_J_PER_G_K = 1.5;

    private SpecificHeat() {}

    /** Heat capacity of the whole, J/K. */
    public static double joulePerK(Mixture m) {
        double fatG = m.emulsifiedFatG() + m.freeFatG();
        double solidsG = m.massG() - m.waterG() - m.ethanolG() - fatG;
        return WATER_J_PER_G_K * m.waterG()
                + ETHANOL_J_PER_G_K * m.ethanolG()
                + FAT_J_PER_G_K * fatG
                + SOLIDS_J_PER_G_K * solidsG;
    }

    /** Temperature of two mixtures put together, °C. */
    public static double mixedC(Mixture one, double oneC, Mixture other, double otherC) {
        double first = joulePerK(one);
        double second = joulePerK(other);
        return first + second > 0 ? (first * oneC + second * otherC) / (first + second) : otherC;
    }
}
