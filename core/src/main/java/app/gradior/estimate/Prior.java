package app.gradior.estimate;

import app.gradior.reading.ReadingKind;
import app.gradior.texture.Doubt;
import java.util.Map;

/**
 * What is believed of a pot and its sauce before anything is read.
 *
 * @param pairLogSd spread of the burner-and-pot pair's factor around the pot's, standard deviation of its logarithm
 * @param bodyFactor what the sauce's network is worth over the model's, in the middle
 * @param bodyLogSd its spread, standard deviation of its logarithm
 * @param hands how the cook reads, by kind; those of which nothing was learnt are left out
 */
public record Prior(double pairLogSd, double bodyFactor, double bodyLogSd, Map<ReadingKind, Hand> hands) {
    private static final double PAIR_LOG_SD = 0.30;
    private static final double MEASURED_PAIR_LOG_SD = 0.12;
    private static final double BODY_LOG_SD = 0.50;
    /** Two models that both meet the published tables differ by so much elsewhere: measured against the judge of {@code ./gradior bench}. */
    private static final double FORM_LOG_SD = 0.15;

    /** Nothing measured, nothing learnt. */
    public static final Prior UNKNOWN = new Prior(PAIR_LOG_SD, 1, BODY_LOG_SD, Map.of());

    public Prior {
        if (!(pairLogSd > 0 && bodyFactor > 0 && bodyLogSd > 0)) {
            throw new IllegalArgumentException(
                    "a prior needs spreads and a factor above 0: " + pairLogSd + ", " + bodyFactor + ", " + bodyLogSd);
        }
        // Batches recorded before hands were learnt have none.
        hands = hands == null ? Map.of() : Map.copyOf(hands);
    }

    /**
     * The same of a sauce whose thickness is known so well by what builds it.
     *
     * @param learnt whether batches of it taught something: then it is known at least so well as they say
     */
    public Prior ofSauce(Doubt doubt, boolean learnt) {
        double built = Math.hypot(FORM_LOG_SD, doubt.logSd());
        return new Prior(pairLogSd, bodyFactor, learnt ? Math.min(bodyLogSd, built) : built, hands);
    }

    /** The same of a cook whose hand is known. */
    public Prior by(Map<ReadingKind, Hand> known) {
        return new Prior(pairLogSd, bodyFactor, bodyLogSd, known);
    }

    /** Standard deviations by which a prediction lies above what was read, by this cook's hand. */
    double off(ReadingKind kind, double predicted, double read) {
        Hand hand = hands.get(kind);
        double apart = kind.told(predicted) - kind.told(read);
        return hand == null ? apart / kind.toldSd(read) : (apart + hand.bias()) / hand.sd();
    }

    /** Nothing learnt; the pair measured by a water test, or not. */
    public static Prior of(boolean pairMeasured) {
        return pairMeasured ? new Prior(MEASURED_PAIR_LOG_SD, 1, BODY_LOG_SD, Map.of()) : UNKNOWN;
    }
}
