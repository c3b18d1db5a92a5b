package app.gradior.mixture;

import app.gradior.larder.Composition;
import app.gradior.larder.Food;

/**
 * pH of a mixture, from the charge balance of its weak acids.
 *
 * <p>Acids are acetic and citric; protein (0.9 mmol of carboxyl a gram, pK 4.4) and phosphate (pK 6.8) take up acid as they are driven
 * down; everything else that holds or lifts a food's pH (potassium salts) is one number, its alkalinity: strong base in excess of
 * strong acid, mol, chosen so that the food alone has the pH its row says. All of it adds up over ingredients as mass does, so the pH
 * of a mixture follows. Dissociation constants at 25 °C:
 * CRC Handbook. Activity coefficients are left out: within 0.15 of tables for pure acids. An estimate for taste, pots and
 * starch; never good enough to preserve by.
 */
public final class Acidity {
    private static final double K_ACETIC = Math.pow(10, -4.756);
    private static final double K1_CITRIC = Math.pow(10, -3.128);
    private static final double K2_CITRIC = Math.pow(10, -4.761);
    private static final double K3_CITRIC = Math.pow(10, -6.396);
    private static final double K_PROTEIN = Math.pow(10, -4.4);
    private static final double K_PHOSPHATE = Math.pow(10, -6.8);
    private static final double CARBOXYL_MOL_PER_G = 0.9e-3;
    private static final double MOL_PER_MMOL = 1e-3;
    private static final double LN10 = Math.log(10);
    private static final double K_WATER = 1e-14;
    private static final double ACETIC_G_PER_MOL = 60.05;
    private static final double CITRIC_G_PER_MOL = 192.12;
    private static final double G_PER_KG = 1000;
    /** pH of a food whose row names acids but no pH: leaves and spices; arbitrary. */
    private static final double UNNAMED_PH = 5.0;
    /** pH of a food that has protein or phosphate and whose row names neither acid nor pH: beans, nuts, cheese; about what they have. */
    private static final double NEUTRAL_PH = 6.3;
    /** A dry food's pH is that of its paste with so much water, g in 100 g. */
    private static final double LEAST_WATER_G = 50;

    private static final double LOWEST_PH = 0.5;
    private static final double HIGHEST_PH = 12.5;
    /** About that of most sauces: the search begins there. */
    private static final double LIKELY_PH = 4.3;

    private static final int MOST_STEPS = 100;
    /** Newton's last step: what is left after it is of the order of its square. */
    private static final double LAST_STEP = 1e-6;

    private Acidity() {}

    /**
     * What takes up acid as the pH falls.
     *
     * @param proteinG g
     * @param phosphateMmol mmol
     */
    public record Buffers(double proteinG, double phosphateMmol) {
        public static final Buffers NONE = new Buffers(0, 0);

        /** Those of a mixture. */
        public static Buffers of(Body body) {
            return new Buffers(body.g(Body.Part.PROTEIN), body.g(Body.Part.PHOSPHATE));
        }

        /** Acid that they take up at most on the way to a sharp sauce, mol. */
        public double mostMol() {
            return CARBOXYL_MOL_PER_G * proteinG + MOL_PER_MMOL * phosphateMmol;
        }

        private double chargeMol(double h) {
            return CARBOXYL_MOL_PER_G * proteinG * share(K_PROTEIN, h)
                    + MOL_PER_MMOL * phosphateMmol * share(K_PHOSPHATE, h);
        }

        private double slopeMol(double h) {
            return CARBOXYL_MOL_PER_G * proteinG * shareSlope(K_PROTEIN, h)
                    + MOL_PER_MMOL * phosphateMmol * shareSlope(K_PHOSPHATE, h);
        }
    }

    /** Moles of acid, each as often as it gives a proton before a sauce is sharp. */
    public static double acidMol(double aceticG, double otherAcidsG) {
        return aceticG / ACETIC_G_PER_MOL + otherAcidsG / CITRIC_G_PER_MOL;
    }

    /** Alkalinity of 100 g of a food, mol. */
    static double alkalinityMolPer100g(Food food) {
        Composition c = food.per100g();
        boolean sour = c.acids() > 0;
        Buffers buffers = new Buffers(food.makeup().protein(), food.makeup().phosphateMmol());
        if (food.ph().isEmpty() && !sour && !(buffers.mostMol() > 0)) {
            return 0;
        }
        double h = Math.pow(10, -food.ph().orElse(sour ? UNNAMED_PH : NEUTRAL_PH));
        double waterKg = Math.max(LEAST_WATER_G, c.water()) / G_PER_KG;
        double anionMol = c.acetic() / ACETIC_G_PER_MOL * share(K_ACETIC, h)
                + c.otherAcids() / CITRIC_G_PER_MOL * Citrate.at(h).charge()
                + buffers.chargeMol(h);
        return anionMol + waterKg * (K_WATER / h - h);
    }

    /**
     * pH of that much acid in that much water.
     *
     * @param waterG above 0; 7 is answered without water
     * @param alkalinityMol as {@link Mixture#alkalinityMol}
     */
    // Wide: the charges that balance.
    public static double ph(double waterG, double aceticG, double otherAcidsG, double alkalinityMol, Buffers buffers) {
        if (!(waterG > 0)) {
            return 7;
        }
        Charges charges = Charges.of(waterG, aceticG, otherAcidsG, alkalinityMol, buffers);
        double low = LOWEST_PH;
        double high = HIGHEST_PH;
        double ph = LIKELY_PH;
        for (int i = 0; i < MOST_STEPS; i++) {
            double h = Math.exp(-LN10 * ph);
            double excessMol = charges.excessMol(h);
            if (excessMol > 0) {
                low = ph;
            } else {
                high = ph;
            }
            double next = ph + excessMol / (LN10 * charges.slopeMol(h));
            if (Math.abs(next - ph) < LAST_STEP) {
                return Math.max(LOWEST_PH, Math.min(HIGHEST_PH, next));
            }
            ph = next > low && next < high ? next : (low + high) / 2;
        }
        return ph;
    }

    /** Whether the pH of such a mixture is above that one: cheaper than asking for the pH. */
    // Wide: the charges that balance.
    public static boolean isAbove(
            double ph, double waterG, double aceticG, double otherAcidsG, double alkalinityMol, Buffers buffers) {
        return Charges.of(waterG, aceticG, otherAcidsG, alkalinityMol, buffers).excessMol(Math.exp(-LN10 * ph)) > 0;
    }

    /** What balances at one concentration h of protons, mol/L: all of it mol, water kg. */
    private record Charges(double waterKg, double aceticMol, double citricMol, double alkalinityMol, Buffers buffers) {
        static Charges of(double waterG, double aceticG, double otherAcidsG, double alkalinityMol, Buffers buffers) {
            return new Charges(
                    waterG / G_PER_KG,
                    aceticG / ACETIC_G_PER_MOL,
                    otherAcidsG / CITRIC_G_PER_MOL,
                    alkalinityMol,
                    buffers);
        }

        /** Above 0 while there are more protons than the pH has: less sharp it would balance. */
        double excessMol(double h) {
            return alkalinityMol
                    + waterKg * (h - K_WATER / h)
                    - aceticMol * share(K_ACETIC, h)
                    - citricMol * Citrate.at(h).charge()
                    - buffers.chargeMol(h);
        }

        /** How much more of it there is with each e-fold of h; above 0. */
        double slopeMol(double h) {
            return waterKg * (h + K_WATER / h)
                    + aceticMol * shareSlope(K_ACETIC, h)
                    + citricMol * Citrate.at(h).slope()
                    + buffers.slopeMol(h);
        }
    }

    /** Share of an acid that has given its proton. */
    private static double share(double k, double h) {
        return k / (k + h);
    }

    /** How much less of that there is with each e-fold of h. */
    private static double shareSlope(double k, double h) {
        return k * h / ((k + h) * (k + h));
    }

    /** How often each of a molecule of citric acid's protons has gone, one to three of them, as parts of {@code all}. */
    private record Citrate(double one, double two, double three, double all) {
        static Citrate at(double h) {
            double one = K1_CITRIC * h * h;
            double two = K1_CITRIC * K2_CITRIC * h;
            double three = K1_CITRIC * K2_CITRIC * K3_CITRIC;
            return new Citrate(one, two, three, h * h * h + one + two + three);
        }

        /** Charges in the mean. */
        double charge() {
            return (one + 2 * two + 3 * three) / all;
        }

        /** How much less that is with each e-fold of h: the spread of the charges about their mean, squared. */
        double slope() {
            return (one + 4 * two + 9 * three) / all - charge() * charge();
        }
    }
}
