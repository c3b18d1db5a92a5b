package app.gradior.estimate;

import app.gradior.course.Variation;
import app.gradior.heat.Look;
import app.gradior.mixture.Pressing;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageKind;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What is uncertain about a batch, as independent standard normal numbers z: each parameter is exp(sd·z).
 *
 * <p>Spreads (standard deviations of logarithms): burner-and-pot pair and the sauce's body by the prior; starting water 0.03
 * with the lines' own; each look 0.15 to 0.45 ({@link #lookLogSd}); the heat from now on 0.06; the time to get hot 0.25 and what stays in a mill or sieve 0.20, both rounded.
 */
final class Belief {
    private static final double WATER_LOG_SD = 0.03;
    private static final double SOLIDS_LOG_SD = 0.02;
    private static final double WARM_UP_LOG_SD = 0.25;
    private static final double LEFT_BEHIND_LOG_SD = 0.20;
    /** Heat that is set by eye wanders: its mean over what is left, against its mean until now; kitchen estimate. */
    private static final double DRIFT_LOG_SD = 0.06;
    /** Places of the numbers in z. */
    static final int PAIR = 0;

    static final int BODY = 1;
    /** What the heat will do from now on; no reading tells of it. */
    static final int DRIFT = 4;

    private static final int LOOKS_FROM = 5;

    private final Prior prior;
    private final double waterSd;
    private final double solidsSd;
    private final List<Look> looks;
    private final boolean warms;
    private final boolean presses;

    private Belief(Prior prior, Ingredients.Spread spread, Set<Look> looks, boolean warms, boolean presses) {
        this.prior = prior;
        this.waterSd = waterLogSd(spread);
        this.solidsSd = solidsLogSd(spread);
        this.looks = List.copyOf(looks);
        this.warms = warms;
        this.presses = presses;
    }

    /** Of a pot that is hot and is only reduced, at one look. */
    static Belief ofReducing(Prior prior, Ingredients.Spread spread, Look look) {
        return new Belief(prior, spread, EnumSet.of(look), false, false);
    }

    /** Of a batch. */
    static Belief of(BatchStory story) {
        EnumSet<Look> used = EnumSet.noneOf(Look.class);
        boolean press = false;
        for (BatchStory.StoryStage part : story.parts()) {
            Stage stage = part.stage();
            if (stage.kind().treatment() == StageKind.Treatment.BOILING
                    || stage.kind().sweats()) {
                used.add(stage.look());
            }
            press |=
                    stage.kind().tool().filter(tool -> tool != Pressing.BLENDED).isPresent();
        }
        for (BatchStory.Happening happening : story.happenings()) {
            if (happening.what() instanceof BatchStory.LookSet set) {
                used.add(set.look());
            }
            press |= happening.what() instanceof BatchStory.Pressed;
        }
        boolean warm = !story.hotAtStart() || story.parts().size() > 1;
        return new Belief(story.prior(), story.spread(), used, warm, press);
    }

    /** Of the rate of evaporation at one look: pair and look together. */
    static double rateLogSd(Prior prior, Look look) {
        return Math.hypot(prior.pairLogSd(), lookLogSd(look));
    }

    /** How well cooks set a look: one that boils is plain to see, one below the boil hardly; kitchen teaching. */
    static double lookLogSd(Look look) {
        return switch (look) {
            case STEAMING, BARE -> 0.45;
            case GENTLE -> 0.25;
            case LIVELY, ROLLING -> 0.15;
        };
    }

    static double waterLogSd(Ingredients.Spread spread) {
        return Math.hypot(WATER_LOG_SD, spread.waterLogSd());
    }

    static double solidsLogSd(Ingredients.Spread spread) {
        return Math.hypot(SOLIDS_LOG_SD, spread.solidsLogSd());
    }

    /** How many numbers z has. */
    int size() {
        return LOOKS_FROM + looks.size() + (warms ? 1 : 0) + (presses ? 1 : 0);
    }

    double pairFactor(double[] z) {
        return Math.exp(prior.pairLogSd() * z[PAIR]);
    }

    double bodyFactor(double[] z) {
        return prior.bodyFactor() * Math.exp(prior.bodyLogSd() * z[BODY]);
    }

    double waterFactor(double[] z) {
        return Math.exp(waterSd * z[2]);
    }

    double solidsFactor(double[] z) {
        return Math.exp(solidsSd * z[3]);
    }

    double lookFactor(double[] z, Look look) {
        int at = looks.indexOf(look);
        return at < 0 ? 1 : Math.exp(lookLogSd(look) * z[LOOKS_FROM + at]);
    }

    double driftFactor(double[] z) {
        return Math.exp(DRIFT_LOG_SD * z[DRIFT]);
    }

    private double warmUpFactor(double[] z) {
        return warms ? Math.exp(WARM_UP_LOG_SD * z[LOOKS_FROM + looks.size()]) : 1;
    }

    private double leftBehindFactor(double[] z) {
        return presses ? Math.exp(LEFT_BEHIND_LOG_SD * z[size() - 1]) : 1;
    }

    /** How a pot with these numbers differs from the model. */
    Variation variation(double[] z) {
        return new Variation(look -> lookFactor(z, look), warmUpFactor(z), leftBehindFactor(z));
    }
}
