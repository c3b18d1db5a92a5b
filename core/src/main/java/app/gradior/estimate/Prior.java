package app.gradior.estimate;

/**
 * What is believed of a pot and its sauce before anything is read.
 *
 * @param pairLogSd spread of the burner-and-pot pair's factor around the pot's, standard deviation of its logarithm
 * @param bodyFactor what the sauce's network is worth over the model's, in the middle
 * @param bodyLogSd its spread, standard deviation of its logarithm
 */
public record Prior(double pairLogSd, double bodyFactor, double bodyLogSd) {
    private static final double PAIR_LOG_SD = 0.30;
    private static final double MEASURED_PAIR_LOG_SD = 0.12;
    private static final double BODY_LOG_SD = 0.50;
    /** Nothing measured, nothing learnt. */
    public static final Prior UNKNOWN = new Prior(PAIR_LOG_SD, 1, BODY_LOG_SD);

    public Prior {
        if (!(pairLogSd > 0 && bodyFactor > 0 && bodyLogSd > 0)) {
            throw new IllegalArgumentException(
                    "a prior needs spreads and a factor above 0: " + pairLogSd + ", " + bodyFactor + ", " + bodyLogSd);
        }
    }

    /** Nothing learnt; the pair measured by a water test, or not. */
    public static Prior of(boolean pairMeasured) {
        return pairMeasured ? new Prior(MEASURED_PAIR_LOG_SD, 1, BODY_LOG_SD) : UNKNOWN;
    }
}
