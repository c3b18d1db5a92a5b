package app.gradior.texture;

import app.gradior.finding.Unfit;
import app.gradior.heat.BoilingPoint;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;

/**
 * How thick one sauce is, at any temperature and however much of its water has gone.
 *
 * <p>Apparent viscosity at 50 1/s: η = k_fat·(η_s + η_net); the network's parts mix by their square roots. Everything
 * that does not evaporate is worked out once, so that asking again with less water is cheap. Raw starch counts none.
 */
public final class Consistency {
    /** Reference temperature of the thickener strengths, °C. */
    private static final double REFERENCE_C = 20;
    /** Sugar holds back starch from this serum concentration on, °Bx; share lost per °Bx; least share left. */
    private static final double SUGAR_HOLDS_FROM_BRIX = 20;

    private static final double SHARE_LOST_PER_BRIX = 0.012;
    private static final double LEAST_STARCH_SHARE = 0.3;
    /** Volume fraction at which droplets lock and exponent: Krieger and Dougherty 1959, for soft droplets. */
    private static final double FAT_PACKING = 0.74;

    private static final double FAT_EXPONENT = -1.85;
    private static final double MOST_FAT = 0.70;
    private static final StarchKind[] KINDS = StarchKind.values();

    private final double sugarLikeG;
    private final double fixedSolublesG;
    private final double fixedSoluteMol;
    private final double pulpBodyG;
    private final double[] powderG;
    private final boolean starchy;
    private final double[] allKept = {1, 1, 1, 1, 1, 1};
    private final double fatMl;
    private final double fixedMl20c;
    private final double fixedMassG;
    private final double bodyFactor;

    /**
     * The consistency of that mixture.
     *
     * @param bodyFactor what this sauce's network is worth over the model's, above 0; 1 until known
     */
    public Consistency(Mixture mixture, double bodyFactor) {
        Unfit.above("bodyFactor", bodyFactor, 0, "");
        this.sugarLikeG = mixture.sugarsG() + mixture.otherSolublesG();
        this.fixedSolublesG = sugarLikeG + mixture.saltG() + mixture.otherAcidsG();
        this.fixedSoluteMol = BoilingPoint.fixedSoluteMol(mixture.saltG(), mixture.otherAcidsG());
        this.pulpBodyG = mixture.body().effectiveG();
        this.powderG = new double[KINDS.length];
        for (StarchKind kind : KINDS) {
            powderG[kind.ordinal()] = mixture.setPowderG(kind);
        }
        double set = 0;
        for (double grams : powderG) {
            set += grams;
        }
        this.starchy = set > 0;
        this.fatMl = SpecificVolume.fatMl20c(mixture.emulsifiedFatG());
        this.fixedMl20c = SpecificVolume.fixedMl20c(mixture);
        this.fixedMassG = mixture.massG() - mixture.waterG() - mixture.ethanolG() - mixture.aceticG();
        this.bodyFactor = bodyFactor;
    }

    /** Apparent viscosity, Pa·s at 50 1/s, with so much water, ethanol and acetic acid left. */
    public double viscosityPaS(double waterG, double ethanolG, double aceticG, double tempC) {
        return flow(waterG, ethanolG, aceticG, tempC).viscosityPaS();
    }

    /**
     * Viscosity and yield stress.
     *
     * @throws IllegalArgumentException when there is no liquid at all
     */
    public Flow flow(double waterG, double ethanolG, double aceticG, double tempC) {
        return flow(waterG, ethanolG, aceticG, tempC, allKept);
    }

    /**
     * The same with only a share of each kind of set starch left, by {@link StarchKind#ordinal}.
     *
     * @throws IllegalArgumentException when there is no liquid at all
     */
    public Flow flow(double waterG, double ethanolG, double aceticG, double tempC, double[] keptShares) {
        double serumG = waterG + ethanolG + aceticG + fixedSolublesG;
        if (!(serumG > 0)) {
            throw new Unfit(new NoLiquid());
        }
        double brix = 100 * (aceticG + fixedSolublesG) / serumG;
        double x = SerumViscosity.concentration(brix);
        double xPow = Math.pow(x, 1.25);
        double serum = SerumViscosity.paS(x, xPow, tempC);
        double serum20 = SerumViscosity.paS(x, xPow, REFERENCE_C);
        double ratioLog = Math.log(serum / serum20);
        double root = Thickener.PULP.rootViscosity(pulpBodyG / serumG, serum20, ratioLog);
        double weightedYield = root * Thickener.PULP.yieldRatePerS();
        if (starchy) {
            double share = starchShare(brix);
            for (StarchKind kind : KINDS) {
                Thickener thickener = Thickener.of(kind);
                double part = thickener.rootViscosity(
                        powderG[kind.ordinal()] * keptShares[kind.ordinal()] * share / serumG, serum20, ratioLog);
                root += part;
                weightedYield += part * thickener.yieldRatePerS();
            }
        }
        double network = bodyFactor * root * root;
        double yieldStressPa = root > 0 ? weightedYield / root * network : 0;
        return new Flow(fatFactor(waterG, ethanolG, aceticG) * (serum + network), yieldStressPa);
    }

    /** 1 − 0.012·(Bx − 20), between 0.3 and 1: sugar takes the water that starch needs. */
    private static double starchShare(double brix) {
        double lost = SHARE_LOST_PER_BRIX * Math.max(0, brix - SUGAR_HOLDS_FROM_BRIX);
        return Math.max(LEAST_STARCH_SHARE, 1 - lost);
    }

    private double fatFactor(double waterG, double ethanolG, double aceticG) {
        if (!(fatMl > 0)) {
            return 1;
        }
        double fraction = Math.min(MOST_FAT, fatMl / volumeMl20c(waterG, ethanolG, aceticG));
        return Math.pow(1 - fraction / FAT_PACKING, FAT_EXPONENT);
    }

    /** Volume at 20 °C, mL. */
    public double volumeMl20c(double waterG, double ethanolG, double aceticG) {
        return fixedMl20c + SpecificVolume.volatileMl20c(waterG, ethanolG, aceticG);
    }

    /** Mass, g. */
    public double massG(double waterG, double ethanolG, double aceticG) {
        return fixedMassG + waterG + ethanolG + aceticG;
    }

    /** Serum concentration, °Bx. */
    public double brixPercent(double waterG, double ethanolG, double aceticG) {
        double solublesG = aceticG + fixedSolublesG;
        return 100 * solublesG / (waterG + ethanolG + solublesG);
    }

    /** Water activity, 0 to 1. */
    public double waterActivity(double waterG, double aceticG) {
        return BoilingPoint.waterActivity(waterG, sugarLikeG, fixedSoluteMol, aceticG);
    }

    /** Whether any starch has set in it. */
    public boolean starchy() {
        return starchy;
    }

    /**
     * Step of the mixture as it stands: only starch that has set counts.
     *
     * @param bodyFactor as in the constructor
     */
    public static double step(Mixture m, double bodyFactor, double tempC) {
        return Stair.step(new Consistency(m, bodyFactor).viscosityPaS(m.waterG(), m.ethanolG(), m.aceticG(), tempC));
    }

    /** Flow of the mixture once it has been at the boil, so that its starch has set. */
    public static Flow flowCooked(Mixture mixture, double tempC) {
        return flowCooked(mixture, 1, tempC);
    }

    /** The same with a body factor as {@link #Consistency}. */
    public static Flow flowCooked(Mixture mixture, double bodyFactor, double tempC) {
        Mixture m = mixture.cooked();
        return new Consistency(m, bodyFactor).flow(m.waterG(), m.ethanolG(), m.aceticG(), tempC);
    }

    /** Step of the mixture once it has been at the boil, body factor 1. */
    public static double stepCooked(Mixture m, double tempC) {
        return Stair.step(flowCooked(m, tempC).viscosityPaS());
    }

    /**
     * How it flows at one temperature.
     *
     * @param viscosityPaS apparent viscosity at 50 1/s
     * @param yieldStressPa stress below which it stands
     */
    public record Flow(double viscosityPaS, double yieldStressPa) {}
}
