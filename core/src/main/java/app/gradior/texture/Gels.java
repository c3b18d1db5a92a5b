package app.gradior.texture;

import app.gradior.larder.SolidFat;
import app.gradior.mixture.Body;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;

/**
 * What sets when a sauce is cold: gelatine, pectin with sugar and acid, solid fat. Strengths are apparent viscosities at 50 1/s, Pa·s,
 * with which a gel resists a spoon; kitchen teaching and published moduli, rounded. They ripen with the hours.
 */
final class Gels {
    /** Gelatine: hot it is a polymer of η_sp = x·e^(0.65·x), x = 0.30·c (g in 100 g serum); Huggins-Martin fit about 60 °C. */
    private static final double GELATINE_X = 0.30;

    private static final double GELATINE_MARTIN = 0.65;
    private static final double MOST_GELATINE_X = 9;
    /** Cold its modulus grows with the square of what is above the least that sets: trembling at 1 to 2 %, cut at 3 %. */
    private static final double GELATINE_LEAST = 0.4;

    private static final double GELATINE_PA_S = 1.9;
    private static final double GELATINE_SETS_C = 25;
    private static final double GELATINE_FULL_K = 12;
    private static final double GELATINE_HOURS = 3;

    /** Pectin sets in this much sugar and this sharpness; ramps at both ends. */
    private static final double PECTIN_FROM_BRIX = 57;

    private static final double PECTIN_FULL_BRIX = 64;
    private static final double PECTIN_SOUREST = 2.5;
    private static final double PECTIN_SOUR = 2.8;
    private static final double PECTIN_MILD = 3.4;
    private static final double PECTIN_MILDEST = 3.8;
    private static final double PECTIN_PA_S = 130;
    private static final double PECTIN_SETS_C = 60;
    /** Above this nothing sets. */
    static final double NOTHING_SETS_C = PECTIN_SETS_C;

    private static final double PECTIN_FULL_K = 30;
    private static final double PECTIN_HOURS = 4;

    /** A network of fat crystals: by the cube of its share of the volume; soft butter at 20 °C stands on step 9. */
    private static final double FAT_PA_S = 5500;

    private static final double FAT_HOURS = 1;
    private static final double NO_FAT_SOLID_C = 38;
    private static final SolidFat[] FATS = SolidFat.values();

    /** What is set is set: it is told no stronger. */
    private static final double SET_PA_S = 25;

    private final double gelatineG;
    private final double pectinG;
    private final double[] fatG = new double[FATS.length];
    private final boolean fatty;
    private final Sourness sourness;

    /** Of a mixture which is so sour. */
    Gels(Mixture mixture, Sourness sourness) {
        Body body = mixture.body();
        gelatineG = body.g(Body.Part.GELATINE);
        pectinG = body.g(Body.Part.PECTIN);
        double all = 0;
        for (int i = 0; i < FATS.length; i++) {
            fatG[i] = body.fatG(FATS[i]);
            all += fatG[i];
        }
        fatty = all > 0;
        this.sourness = sourness;
    }

    private static double sharpness(double ph) {
        return Math.min(ramp(ph, PECTIN_SOUREST, PECTIN_SOUR), ramp(-ph, -PECTIN_MILDEST, -PECTIN_MILD));
    }

    /** 0 below, 1 above, straight between. */
    static double ramp(double value, double from, double to) {
        return Math.max(0, Math.min(1, (value - from) / (to - from)));
    }

    private static double ripe(double hours, double slow) {
        return 1 - Math.exp(-hours / slow);
    }

    private double gelatinePercent(double serumG, double heatedMin) {
        return 100 * gelatineG * Body.left(Body.Part.GELATINE, heatedMin, false) / serumG;
    }

    /** Whether long boiling takes any of it. */
    boolean weakens() {
        return gelatineG > 0;
    }

    /** Factor on the serum's viscosity. */
    double serumFactor(double serumG, double heatedMin) {
        if (!(gelatineG > 0)) {
            return 1;
        }
        double x = Math.min(MOST_GELATINE_X, GELATINE_X * gelatinePercent(serumG, heatedMin));
        return 1 + x * Math.exp(GELATINE_MARTIN * x);
    }

    /** Strength of the water's gels, Pa·s. */
    double waterGelPaS(double serumG, double brix, double tempC, double heatedMin, double heldH) {
        return Math.min(SET_PA_S, gelatinePaS(serumG, tempC, heatedMin, heldH) + pectinPaS(serumG, brix, tempC, heldH));
    }

    double gelatinePaS(double serumG, double tempC, double heatedMin, double heldH) {
        if (!(gelatineG > 0) || tempC >= GELATINE_SETS_C) {
            return 0;
        }
        double over = Math.max(0, gelatinePercent(serumG, heatedMin) - GELATINE_LEAST);
        return GELATINE_PA_S
                * over
                * over
                * ramp(-tempC, -GELATINE_SETS_C, GELATINE_FULL_K - GELATINE_SETS_C)
                * ripe(heldH, GELATINE_HOURS);
    }

    double pectinPaS(double serumG, double brix, double tempC, double heldH) {
        if (!(pectinG > 0) || tempC >= PECTIN_SETS_C) {
            return 0;
        }
        double percent = 100 * pectinG / serumG;
        return PECTIN_PA_S
                * percent
                * percent
                * ramp(brix, PECTIN_FROM_BRIX, PECTIN_FULL_BRIX)
                * sharpness(sourness.ph())
                * ramp(-tempC, -PECTIN_SETS_C, PECTIN_FULL_K - PECTIN_SETS_C)
                * ripe(heldH, PECTIN_HOURS);
    }

    /** Strength of its crystals of fat, Pa·s. */
    double fatGelPaS(double volumeMl, double tempC, double heldH) {
        if (!fatty || tempC >= NO_FAT_SOLID_C) {
            return 0;
        }
        double solidMl = 0;
        for (int i = 0; i < FATS.length; i++) {
            solidMl += SpecificVolume.fatMl20c(fatG[i] * FATS[i].solidShare(tempC));
        }
        double share = solidMl / volumeMl;
        return Math.min(SET_PA_S, FAT_PA_S * share * share * share * ripe(heldH, FAT_HOURS));
    }
}
