package app.gradior.texture;

import app.gradior.larder.StarchKind;
import app.gradior.mixture.Body;
import app.gradior.mixture.Mixture;

/** The network that holds a sauce: pulp, set starch, starch of cells, egg; what heat frees of it and what sugar and cold do to it. */
final class Network {
    /** Sugar holds back starch from this serum concentration on, °Bx; share lost per °Bx; least share left. */
    private static final double SUGAR_HOLDS_FROM_BRIX = 20;

    private static final double SUGAR_HOLDS_PULP_FROM_BRIX = 45;
    private static final double SHARE_LOST_PER_BRIX = 0.012;
    private static final double LEAST_STARCH_SHARE = 0.3;
    /** Set white thickens as so much set yolk. */
    private static final double WHITE_OVER_YOLK = 0.3;
    /** Raw yolk thickens as so much set yolk. */
    private static final double RAW_OVER_SET = 0.15;
    /** Starch sets in the cold with this time. */
    private static final double SETS_COLD_H = 5;
    /** How much more starch of cells and meal thickens once it has set. */
    private static final double CELLS_SET_COLD = 1.2;

    private static final double COLDEST_C = 5;
    private static final StarchKind[] KINDS = StarchKind.values();

    private final Sourness sourness;
    private final double freeG;
    private final double smoothG;
    private final double softG;
    private final double middleG;
    private final double firmG;
    private final double lastingG;
    private final double rawPulseG;
    private final double rawTuberG;
    private final double rawMealG;
    private final double inCellsG;
    private final double looseG;
    private final double eggG;
    private final double[] powderG = new double[KINDS.length];
    private final boolean starchy;
    private final boolean softens;

    /** That of a mixture which is so sour. */
    Network(Mixture mixture, Sourness sourness) {
        Body body = mixture.body();
        this.sourness = sourness;
        this.freeG = body.freeG();
        this.smoothG = body.g(Body.Part.FREE);
        this.softG = body.g(Body.Part.SOFT);
        this.middleG = body.g(Body.Part.MIDDLE);
        this.firmG = body.g(Body.Part.FIRM);
        this.lastingG = body.g(Body.Part.LASTING);
        this.rawPulseG = body.g(Body.Part.RAW_PULSE);
        this.rawTuberG = body.g(Body.Part.RAW_TUBER);
        this.rawMealG = body.g(Body.Part.RAW_MEAL);
        this.inCellsG = body.g(Body.Part.IN_CELLS);
        this.looseG = body.g(Body.Part.LOOSE);
        this.eggG = body.g(Body.Part.SET_YOLK)
                + RAW_OVER_SET * body.g(Body.Part.YOLK)
                + WHITE_OVER_YOLK * body.g(Body.Part.SET_WHITE);
        double set = 0;
        for (StarchKind kind : KINDS) {
            powderG[kind.ordinal()] = mixture.setPowderG(kind);
            set += powderG[kind.ordinal()];
        }
        this.starchy = set > 0;
        this.softens = softG + middleG + firmG + rawPulseG + rawTuberG + rawMealG > 0;
    }

    /** Whether any starch has set in it. */
    boolean starchy() {
        return starchy;
    }

    /** Whether it has set starch of that kind. */
    boolean has(StarchKind kind) {
        return powderG[kind.ordinal()] > 0;
    }

    /** Whether pieces in it fall apart or starch in cells swells. */
    boolean softens() {
        return softens;
    }

    /** Share of the pulp that was smooth from the start, after so many minutes at a simmer. */
    double smoothShare(double heatedMin) {
        return smoothG / Math.max(1e-9, pulpG(heatedMin));
    }

    /** The network by what builds it: square roots of viscosities, √(Pa·s); what of it has set in the cold. */
    record Parts(double pulp, double starch, double cells, double egg, double weightedYield, double set) {
        double root() {
            return pulp + starch + cells + egg;
        }
    }

    /** What of it thickens in so much serum, g, at that moment. */
    Parts parts(double serumG, Consistency.Serum serum, Consistency.Moment at) {
        double brix = serum.brix();
        double pulp = Thickener.PULP.rootViscosity(pulpG(at.heatedMin()) * pulpShare(brix) / serumG, serum);
        double weightedYield = pulp * Thickener.PULP.yieldRatePerS();
        double set = setCold(at.tempC(), at.heldH(), brix);
        double starch = 0;
        double setRoot = 0;
        if (starchy) {
            double share = starchShare(brix);
            for (StarchKind kind : KINDS) {
                double grams = powderG[kind.ordinal()];
                if (grams > 0) {
                    Thickener thickener = Thickener.of(kind);
                    double part =
                            thickener.rootViscosity(grams * at.keptShares()[kind.ordinal()] * share / serumG, serum)
                                    * Math.sqrt(1 + kind.setsCold() * set);
                    starch += part;
                    setRoot += part * setShare(kind.setsCold() * set);
                    weightedYield += part * thickener.yieldRatePerS();
                }
            }
        }
        double cells = 0;
        double cellsG = cellStarchG(at.heatedMin());
        if (cellsG > 0) {
            cells = Thickener.CELL_STARCH.rootViscosity(cellsG * starchShare(brix) / serumG, serum)
                    * Math.sqrt(1 + CELLS_SET_COLD * set);
            weightedYield += cells * Thickener.CELL_STARCH.yieldRatePerS();
            setRoot += cells * setShare(CELLS_SET_COLD * set);
        }
        double egg = eggG > 0 ? Thickener.EGG.rootViscosity(eggG / serumG, serum) : 0;
        return new Parts(pulp, starch, cells, egg, weightedYield, setRoot);
    }

    /** Share of a network of starch that has set, when it is so much stronger for it. */
    private static double setShare(double stronger) {
        return stronger / (1 + stronger);
    }

    /** How far starch has set in the cold, 0 to 1: in hours, the more the colder; sugar holds it up. */
    private static double setCold(double tempC, double heldH, double brix) {
        if (tempC >= Consistency.COLD_C || !(heldH > 0)) {
            return 0;
        }
        return (1 - Math.exp(-heldH / SETS_COLD_H))
                * Math.min(1, (Consistency.COLD_C - tempC) / (Consistency.COLD_C - COLDEST_C))
                * (1 - brix / 125);
    }

    private double pulpG(double heatedMin) {
        if (!softens || !(heatedMin > 0)) {
            return freeG + Body.BOUND_SHARE * (softG + middleG + firmG + lastingG);
        }
        double bound = left(Body.Part.SOFT, softG, heatedMin)
                + left(Body.Part.MIDDLE, middleG, heatedMin)
                + left(Body.Part.FIRM, firmG, heatedMin);
        return freeG + softG + middleG + firmG - bound + Body.BOUND_SHARE * (bound + lastingG);
    }

    private double cellStarchG(double heatedMin) {
        double swollen = looseG + Body.IN_CELLS_SHARE * inCellsG;
        if (!softens || !(heatedMin > 0)) {
            return swollen;
        }
        return swollen
                + (rawMealG - left(Body.Part.RAW_MEAL, rawMealG, heatedMin))
                + Body.IN_CELLS_SHARE
                        * (rawPulseG
                                - left(Body.Part.RAW_PULSE, rawPulseG, heatedMin)
                                + rawTuberG
                                - left(Body.Part.RAW_TUBER, rawTuberG, heatedMin));
    }

    /** Of so many grams what is left after a while; this is asked at every step of every pot. */
    private double left(Body.Part part, double grams, double heatedMin) {
        return grams > 0 ? grams * Body.left(part, heatedMin, sourness.keepsFirm()) : 0;
    }

    /** 1 − 0.012·(Bx − 20), between 0.3 and 1: sugar takes the water that starch needs. */
    private static double starchShare(double brix) {
        double lost = SHARE_LOST_PER_BRIX * Math.max(0, brix - SUGAR_HOLDS_FROM_BRIX);
        return Math.max(LEAST_STARCH_SHARE, 1 - lost);
    }

    /** Sugar takes pulp's water too, from jam's strength on. */
    private static double pulpShare(double brix) {
        return 1 - SHARE_LOST_PER_BRIX * Math.max(0, brix - SUGAR_HOLDS_PULP_FROM_BRIX);
    }
}
