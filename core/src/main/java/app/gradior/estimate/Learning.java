package app.gradior.estimate;

import app.gradior.reading.ReadingKind;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What finished batches teach: how fast a burner-and-pot pair really boils away, and what a sauce's body is really worth.
 *
 * <p>A batch's readings say something of both, as normal evidence about their logarithms with the prior taken out. Evidence of several
 * batches adds up by its precision, each batch's limited by how much two batches of the same pair or sauce differ, and is shrunk toward
 * the prior: with few batches little changes (normal mean with known variances; any textbook on Bayesian data analysis, "the eight
 * schools" with the spreads given).
 */
public final class Learning {
    /** Two batches on one pair differ by so much beside how a cook sees a simmer, which every batch has of its own; rounded. */
    private static final double PAIR_BETWEEN_LOG_SD = 0.05;
    /** Two batches of one sauce differ by so much: ripeness, brands; rounded. */
    private static final double BODY_BETWEEN_LOG_SD = 0.12;

    private static final double NEGLIGIBLE = 1e-6;
    /** Of a kind's spread: how much is from one cook to another, and how much one cook's own; together it is 1. */
    private static final double HAND_BETWEEN_COOKS = 0.6;

    private static final double HAND_WITHIN = 0.8;
    /** One cook's hand differs from batch to batch by so much of it; rounded. */
    private static final double HAND_BETWEEN_BATCHES = 0.25;
    /** The usual spread counts as so many readings. */
    private static final double USUAL_READINGS = 8;
    /** A reading so many standard deviations off says nothing of the hand. */
    private static final double WILD = 4;

    private Learning() {}

    /**
     * Evidence about the logarithm of a factor.
     *
     * @param log where it points; 0 when it says nothing
     * @param precision one over its variance; 0 when it says nothing
     */
    public record Evidence(double log, double precision) {
        /** Says nothing. */
        public static final Evidence NONE = new Evidence(0, 0);

        public Evidence {
            if (!(precision >= 0) || !Double.isFinite(log)) {
                throw new IllegalArgumentException(
                        "evidence is " + log + " with precision " + precision + ": finite and 0 or more expected");
            }
        }
    }

    /** What one batch says of its pair and of its sauce's body. */
    public record Lesson(Evidence pair, Evidence body) {}

    /**
     * What is believed of a factor.
     *
     * @param factor in the middle
     * @param logSd its spread
     */
    public record Learnt(double factor, double logSd) {}

    /**
     * What a batch says, by all that was read of it; what was believed before does not count.
     *
     * @param endMinute when it came off the heat
     */
    public static Lesson lesson(BatchStory story, double endMinute) {
        Posterior posterior = new Posterior(story.unlearnt(), endMinute);
        return new Lesson(
                evidence(posterior, Belief.PAIR, Prior.UNKNOWN.pairLogSd()),
                evidence(posterior, Belief.BODY, Prior.UNKNOWN.bodyLogSd()));
    }

    /**
     * What a batch says of how its cook reads by one kind, against all else that is known of it.
     *
     * @param readings how many, 1 or more
     * @param mean of what they read over the model, as {@link ReadingKind#told} compares them
     * @param squares sum of squares about that mean
     * @param modelSd how sure the model is of that mean
     */
    public record HandLesson(int readings, double mean, double squares, double modelSd) {}

    /**
     * What a batch says of its cook's hand: nothing unless its thickness was found afterwards.
     *
     * @param endMinute when it came off the heat
     */
    public static Map<ReadingKind, HandLesson> hands(BatchStory story, double endMinute) {
        Map<ReadingKind, HandLesson> hands = new EnumMap<>(ReadingKind.class);
        if (story.reads(ReadingKind.SERVED) || story.reads(ReadingKind.NEXT_DAY_RING)) {
            BatchStory all = story.unlearnt();
            for (ReadingKind kind : ReadingKind.values()) {
                if (kind.isByHand() && all.reads(kind)) {
                    hand(all, kind, endMinute).ifPresent(lesson -> hands.put(kind, lesson));
                }
            }
        }
        return hands;
    }

    private static Optional<HandLesson> hand(BatchStory story, ReadingKind kind, double endMinute) {
        Posterior others = new Posterior(story.without(kind), endMinute);
        Posterior.Apart apart = others.apart(story.only(kind), kind);
        double sum = 0;
        double squares = 0;
        int n = 0;
        for (double off : apart.off()) {
            if (Math.abs(off) < WILD * kind.toldSd(0)) {
                sum += off;
                squares += off * off;
                n++;
            }
        }
        return n == 0
                ? Optional.empty()
                : Optional.of(new HandLesson(n, sum / n, Math.max(0, squares - sum * sum / n), apart.meanSd()));
    }

    /** What batches say of a cook's hand together; the usual spread, and no bias, when there are none. */
    public static Hand hand(ReadingKind kind, List<HandLesson> lessons) {
        double usual = kind.toldSd(0);
        double within = USUAL_READINGS * square(HAND_WITHIN * usual);
        double readings = USUAL_READINGS;
        for (HandLesson one : lessons) {
            within += one.squares();
            readings += one.readings() - 1;
        }
        within /= readings;
        double precision = 1 / square(HAND_BETWEEN_COOKS * usual);
        double sum = 0;
        for (HandLesson one : lessons) {
            double counts =
                    1 / (within / one.readings() + square(one.modelSd()) + square(HAND_BETWEEN_BATCHES * usual));
            precision += counts;
            sum += counts * one.mean();
        }
        return new Hand(sum / precision, Math.sqrt(within + 1 / precision));
    }

    /** The posterior of a number with its prior divided out. */
    private static Evidence evidence(Posterior posterior, int number, double priorLogSd) {
        double variance = square(priorLogSd) * posterior.variance(number);
        double precision = 1 / variance - 1 / square(priorLogSd);
        if (!(precision > NEGLIGIBLE)) {
            return Evidence.NONE;
        }
        double log = priorLogSd * posterior.mode()[number] / variance / precision;
        return new Evidence(log, precision);
    }

    /** What batches and water tests say of a pair together. */
    public static Learnt pair(List<Evidence> evidence) {
        return together(evidence, Prior.UNKNOWN.pairLogSd(), PAIR_BETWEEN_LOG_SD);
    }

    /** What batches say of a sauce's body together: of the next one, which differs from their middle as they do. */
    public static Learnt body(List<Evidence> evidence) {
        Learnt middle = together(evidence, Prior.UNKNOWN.bodyLogSd(), BODY_BETWEEN_LOG_SD);
        double next = Math.hypot(middle.logSd(), BODY_BETWEEN_LOG_SD);
        return new Learnt(middle.factor(), Math.min(Prior.UNKNOWN.bodyLogSd(), next));
    }

    /** Shrunk toward 1 by the prior, each batch's word limited by the spread between batches. */
    private static Learnt together(List<Evidence> evidence, double priorLogSd, double betweenLogSd) {
        double precision = 1 / square(priorLogSd);
        double sum = 0;
        for (Evidence one : evidence) {
            double limited = one.precision() / (1 + one.precision() * square(betweenLogSd));
            precision += limited;
            sum += limited * one.log();
        }
        return new Learnt(Math.exp(sum / precision), Math.sqrt(1 / precision));
    }

    private static double square(double x) {
        return x * x;
    }
}
