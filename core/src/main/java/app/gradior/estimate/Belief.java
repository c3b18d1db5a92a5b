package app.gradior.estimate;

import app.gradior.heat.Look;
import app.gradior.sauce.Ingredients;
import java.util.EnumSet;
import java.util.List;

/**
 * What is uncertain about a batch, as independent standard normal numbers z: each parameter is exp(sd·z).
 *
 * <p>Spreads (standard deviations of logarithms): burner-and-pot pair 0.30, 0.12 once measured; the sauce's body 0.50;
 * starting water 0.03 with the lines' own; each look 0.15.
 */
final class Belief {
    private static final double PAIR_LOG_SD = 0.30;
    private static final double MEASURED_PAIR_LOG_SD = 0.12;
    static final double BODY_LOG_SD = 0.50;
    private static final double WATER_LOG_SD = 0.03;
    private static final double SOLIDS_LOG_SD = 0.02;
    private static final double LOOK_LOG_SD = 0.15;

    private final double pairSd;
    private final double waterSd;
    private final double solidsSd;
    private final List<Look> looks;

    Belief(BatchStory story) {
        this.pairSd = pairLogSd(story.pairKnown());
        this.waterSd = waterLogSd(story.spread());
        this.solidsSd = solidsLogSd(story.spread());
        EnumSet<Look> used = EnumSet.of(story.heat().look());
        for (BatchStory.Happening happening : story.happenings()) {
            if (happening.what() instanceof BatchStory.LookSet set) {
                used.add(set.look());
            }
        }
        this.looks = List.copyOf(used);
    }

    private static double pairLogSd(boolean known) {
        return known ? MEASURED_PAIR_LOG_SD : PAIR_LOG_SD;
    }

    /** Of the rate of evaporation at one look: pair and look together. */
    static double rateLogSd(boolean pairKnown) {
        return Math.hypot(pairLogSd(pairKnown), LOOK_LOG_SD);
    }

    static double waterLogSd(Ingredients.Spread spread) {
        return Math.hypot(WATER_LOG_SD, spread.waterLogSd());
    }

    static double solidsLogSd(Ingredients.Spread spread) {
        return Math.hypot(SOLIDS_LOG_SD, spread.solidsLogSd());
    }

    /** How many numbers z has. */
    int size() {
        return 4 + looks.size();
    }

    double pairFactor(double[] z) {
        return Math.exp(pairSd * z[0]);
    }

    double bodyFactor(double[] z) {
        return Math.exp(BODY_LOG_SD * z[1]);
    }

    double waterFactor(double[] z) {
        return Math.exp(waterSd * z[2]);
    }

    double solidsFactor(double[] z) {
        return Math.exp(solidsSd * z[3]);
    }

    double lookFactor(double[] z, Look look) {
        int at = looks.indexOf(look);
        return at < 0 ? 1 : Math.exp(LOOK_LOG_SD * z[4 + at]);
    }
}
