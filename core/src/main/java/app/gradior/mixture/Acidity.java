package app.gradior.mixture;

import app.gradior.larder.Composition;
import app.gradior.larder.Food;

/**
 * pH of a mixture, from the charge balance of its weak acids.
 *
 * <p>Acids are acetic and citric; everything else that holds or lifts a food's pH (potassium salts, proteins, phosphates) is
 * one number, its alkalinity: strong base in excess of strong acid, mol, chosen so that the food alone has the pH its row
 * says. Alkalinity adds up over ingredients as mass does, so the pH of a mixture follows. Dissociation constants at 25 °C:
 * CRC Handbook. Activity coefficients are left out: within 0.15 of tables for pure acids. An estimate for taste, pots and
 * starch; never good enough to preserve by.
 */
public final class Acidity {
    private static final double K_ACETIC = Math.pow(10, -4.756);
    private static final double K1_CITRIC = Math.pow(10, -3.128);
    private static final double K2_CITRIC = Math.pow(10, -4.761);
    private static final double K3_CITRIC = Math.pow(10, -6.396);
    private static final double LN10 = Math.log(10);
    private static final double K_WATER = 1e-14;
    private static final double ACETIC_G_PER_MOL = 60.05;
    private static final double CITRIC_G_PER_MOL = 192.12;
    private static final double G_PER_KG = 1000;
    /** pH of a food whose row names acids but no pH: leaves and spices; arbitrary. */
    private static final double UNNAMED_PH = 5.0;
    /** A dry food's pH is that of its paste with so much water, g in 100 g. */
    private static final double LEAST_WATER_G = 50;

    private static final double LOWEST_PH = 0.5;
    private static final double HIGHEST_PH = 12.5;
    private static final int BISECTIONS = 34;

    private Acidity() {}

    /** Alkalinity of 100 g of a food, mol. */
    static double alkalinityMolPer100g(Food food) {
        Composition c = food.per100g();
        boolean sour = c.acetic() + c.otherAcids() > 0;
        if (food.ph().isEmpty() && !sour) {
            return 0;
        }
        double h = Math.pow(10, -food.ph().orElse(UNNAMED_PH));
        double waterKg = Math.max(LEAST_WATER_G, c.water()) / G_PER_KG;
        double anionMol = acetateMol(c.acetic(), h) + citrateChargeMol(c.otherAcids(), h);
        return anionMol + waterKg * (K_WATER / h - h);
    }

    /**
     * pH of that much acid in that much water.
     *
     * @param waterG above 0; 7 is answered without water
     * @param alkalinityMol as {@link Mixture#alkalinityMol}
     */
    public static double ph(double waterG, double aceticG, double otherAcidsG, double alkalinityMol) {
        if (!(waterG > 0)) {
            return 7;
        }
        double low = LOWEST_PH;
        double high = HIGHEST_PH;
        for (int i = 0; i < BISECTIONS; i++) {
            double middle = (low + high) / 2;
            if (isAbove(middle, waterG, aceticG, otherAcidsG, alkalinityMol)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** Whether the pH of such a mixture is above that one: cheaper than asking for the pH. */
    public static boolean isAbove(double ph, double waterG, double aceticG, double otherAcidsG, double alkalinityMol) {
        double h = Math.exp(-LN10 * ph);
        double excessMol = alkalinityMol
                + waterG / G_PER_KG * (h - K_WATER / h)
                - acetateMol(aceticG, h)
                - citrateChargeMol(otherAcidsG, h);
        return excessMol > 0;
    }

    private static double acetateMol(double aceticG, double h) {
        return aceticG / ACETIC_G_PER_MOL * K_ACETIC / (K_ACETIC + h);
    }

    private static double citrateChargeMol(double citricG, double h) {
        double one = K1_CITRIC * h * h;
        double two = K1_CITRIC * K2_CITRIC * h;
        double three = K1_CITRIC * K2_CITRIC * K3_CITRIC;
        return citricG / CITRIC_G_PER_MOL * (one + 2 * two + 3 * three) / (h * h * h + one + two + three);
    }
}
