package app.gradior.heat;

/**
 * Water activity and boiling point of a solution.
 *
 * <p>Norrish 1966 (J. Food Technol. 1, 25): a_w = x_w · exp(−K·x_s²), with sugars as sucrose, salt as two ions, acids as
 * citric and acetic. Other solubles count as sucrose by weight, being sugars and small proteins. Alcohol is left out: it
 * lowers the boiling point of a wine sauce by 1 to 3 K for its first minutes.
 */
public final class BoilingPoint {
    /** Norrish's constant for sucrose, dimensionless; fits to 70 °Bx. */
    static final double NORRISH_SUCROSE = 6.47;

    private static final double ROOT_SUCROSE = Math.sqrt(NORRISH_SUCROSE);
    private static final double ROOT_HEXOSE = Math.sqrt(2.26);
    /** Molar masses, g/mol. */
    static final double WATER_G_PER_MOL = 18.015;

    static final double SUCROSE_G_PER_MOL = 342.30;
    static final double HEXOSE_G_PER_MOL = 180.16;
    static final double SALT_G_PER_MOL = 58.44;
    static final double ACETIC_G_PER_MOL = 60.05;
    static final double CITRIC_G_PER_MOL = 192.12;
    private static final double IONS_OF_SALT = 2;
    /** Below this the Norrish equation is no longer used; thick caramel, far past any sauce. */
    private static final double LOWEST_ACTIVITY = 0.3;

    private BoilingPoint() {}

    /** Moles of what does not evaporate and is not sugar: salt's ions and non-volatile acids. */
    public static double fixedSoluteMol(double saltG, double otherAcidsG) {
        return IONS_OF_SALT * saltG / SALT_G_PER_MOL + otherAcidsG / CITRIC_G_PER_MOL;
    }

    /**
     * Water activity, 0 to 1.
     *
     * @param waterG water, above 0 for an answer above the floor
     * @param sugarLikeG sugars and other solubles, grams
     * @param fixedSoluteMol as {@link #fixedSoluteMol} answers
     * @param aceticG acetic acid, grams
     */
    public static double waterActivity(double waterG, double sugarLikeG, double fixedSoluteMol, double aceticG) {
        return waterActivity(waterG, sugarLikeG, 0, fixedSoluteMol, aceticG);
    }

    /**
     * The same with glucose and fructose told apart: twice the moles, a weaker pull on each (Norrish 1966: K 2.25 for glucose, 2.28
     * for fructose; what both kinds do together goes by the roots, Ross 1975).
     *
     * @param sugarLikeG sugars that are neither, and other solubles, grams
     * @param hexosesG glucose and fructose, grams
     */
    public static double waterActivity(
            double waterG, double sugarLikeG, double hexosesG, double fixedSoluteMol, double aceticG) {
        double waterMol = waterG / WATER_G_PER_MOL;
        double sugarMol = sugarLikeG / SUCROSE_G_PER_MOL;
        double hexoseMol = hexosesG / HEXOSE_G_PER_MOL;
        double totalMol = waterMol + sugarMol + hexoseMol + fixedSoluteMol + aceticG / ACETIC_G_PER_MOL;
        if (!(totalMol > 0)) {
            return 1;
        }
        double pull = (ROOT_SUCROSE * sugarMol + ROOT_HEXOSE * hexoseMol) / totalMol;
        double activity = waterMol / totalMol * Math.exp(-pull * pull);
        return Math.max(LOWEST_ACTIVITY, activity);
    }

    /**
     * Boiling temperature of a sauce with alcohol in it, °C: water has then to bring only its own share of the vapour, as the equilibrium
     * of both says.
     */
    public static double boilingC(double waterActivity, double waterG, double ethanolG, double pressurePa) {
        if (!(ethanolG > 0)) {
            return boilingC(waterActivity, pressurePa);
        }
        double x = EthanolWater.moleFraction(waterG, ethanolG);
        double waterShare = (1 - EthanolWater.vapourMoleFraction(x)) / (1 - x);
        return boilingC(waterActivity / waterShare, pressurePa);
    }

    /** Boiling temperature, °C, where a_w · p_sat(T) is the air pressure. */
    public static double boilingC(double waterActivity, double pressurePa) {
        return WaterProperties.saturationTempC(pressurePa / waterActivity);
    }
}
