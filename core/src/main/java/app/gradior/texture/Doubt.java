package app.gradior.texture;

import java.util.Map;

/**
 * How sure the model is of a thickness: the spread of what builds it, each weighed by its share.
 *
 * @param logSd standard deviation of the logarithm of the viscosity
 * @param cause what most of it comes from
 */
public record Doubt(double logSd, Cause cause) {
    private static final double MIDDLE_80 = 1.2816;

    /** What builds a sauce, and how well its strength is known: standard deviations of logarithms, kitchen teaching. */
    public enum Cause {
        SERUM(0.05),
        /** Pulp of purées. */
        PULP(0.15),
        /** Pulp that comes out of pieces. */
        PIECES(0.7),
        STARCH(0.2),
        CELLS(0.5),
        GELATINE(1.0),
        EGG(0.5),
        PECTIN(0.7),
        FAT(0.3);

        private final double logSd;

        Cause(double logSd) {
            this.logSd = logSd;
        }

        public double logSd() {
            return logSd;
        }
    }

    /** Of shares, which need not add up to 1. */
    static Doubt of(Map<Cause, Double> shares) {
        double all = 0;
        double spread = 0;
        Cause most = Cause.SERUM;
        double mostSpread = 0;
        for (Map.Entry<Cause, Double> share : shares.entrySet()) {
            double part = share.getValue() * share.getKey().logSd();
            all += share.getValue();
            spread += part;
            if (part > mostSpread) {
                mostSpread = part;
                most = share.getKey();
            }
        }
        return new Doubt(spread / all, most);
    }

    /** How far a step may be off to either side, four times of five. */
    public double steps() {
        return MIDDLE_80 * logSd / Stair.LOG_RATIO;
    }
}
