package app.gradior.estimate;

import app.gradior.plan.Reduction;
import app.gradior.plan.StopAt;
import app.gradior.sauce.Ingredients;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Minutes of a planned reduction with their band, before anything has been read from the pot. */
public final class ReductionForecast {
    private static final int MEMBERS = 128;
    private static final long SEED = 7_041L;

    private ReductionForecast() {}

    /**
     * The band of minutes around a reduction that can be done.
     *
     * @param done its nominal answer, which is the band's middle
     */
    public static Band minutes(
            Reduction reduction, StopAt target, Reduction.Done done, Ingredients.Spread spread, Prior prior) {
        if (target instanceof StopAt.Minutes || done.minutes() == 0) {
            return new Band(done.minutes(), done.minutes(), done.minutes());
        }
        Belief belief = Belief.ofReducing(prior, spread, reduction.heat().look());
        Random random = new Random(SEED);
        List<Double> minutes = new ArrayList<>();
        for (int m = 0; m < MEMBERS / 2; m++) {
            double[] z = new double[belief.size()];
            for (int j = 0; j < z.length; j++) {
                z[j] = random.nextGaussian();
            }
            minutes.add(minutes(reduction, target, belief, z));
            for (int j = 0; j < z.length; j++) {
                z[j] = -z[j];
            }
            minutes.add(minutes(reduction, target, belief, z));
        }
        double[] values = minutes.stream().mapToDouble(Double::doubleValue).toArray();
        double[] weights = new double[values.length];
        java.util.Arrays.fill(weights, 1);
        Band band = WeightedSample.band(values, weights);
        return new Band(Math.min(band.low(), done.minutes()), done.minutes(), Math.max(band.high(), done.minutes()));
    }

    /** One member's minutes: 0 when it is there at once, the longest time when it never is. */
    private static double minutes(Reduction nominal, StopAt target, Belief belief, double[] z) {
        double factor = Math.max(
                0.05,
                Math.min(
                        20,
                        nominal.pot().pairFactor()
                                * belief.pairFactor(z)
                                * belief.lookFactor(z, nominal.heat().look())));
        Reduction member = new Reduction(
                nominal.start().scaled(belief.waterFactor(z), belief.solidsFactor(z)),
                nominal.pot().withPairFactor(factor),
                nominal.heat(),
                nominal.servedC(),
                belief.bodyFactor(z),
                nominal.starchLast());
        return member.minutesTo(target);
    }
}
