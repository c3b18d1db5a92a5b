package app.gradior.estimate;

import app.gradior.finding.Finding;
import app.gradior.finding.Unfit;
import app.gradior.larder.Catalogue;
import app.gradior.mixture.Mixture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import java.util.List;

/**
 * What a burner-and-pot pair really does, from plain water boiled for some minutes and weighed before and after.
 *
 * @param factor c_pair
 * @param logSd how far it may be off: the scale, and the eye that set the look
 */
public record WaterTest(double factor, double logSd) {
    private static final double SCALE_G = 5;
    private static final double LOOK_LOG_SD = 0.15;
    private static final double SECONDS_PER_MINUTE = 60;
    private static final double SHORTEST_MIN = 3;
    private static final double LONGEST_MIN = 120;

    public WaterTest {
        if (!(factor >= PotOnHeat.LEAST_PAIR_FACTOR && factor <= PotOnHeat.MOST_PAIR_FACTOR)) {
            throw new Unfit(new NoSuchPair(factor, PotOnHeat.LEAST_PAIR_FACTOR, PotOnHeat.MOST_PAIR_FACTOR));
        }
    }

    /** Neither a pot nor a burner does so much more or less than another: a weight or the minutes are wrong. */
    public record NoSuchPair(double factor, double least, double most) implements Finding {}

    /** Less than all the water that was there at the start has to be left, and some. */
    public record NothingLost(double endG, double startG) implements Finding {}

    /**
     * The factor from a test.
     *
     * @param pot as if its factor were 1
     * @param startG water at the start, g
     * @param endG water at the end, g; less than at the start
     */
    public static WaterTest of(PotOnHeat pot, Heat heat, double startG, double endG, double minutes) {
        if (!(endG < startG && endG > 0)) {
            throw new Unfit("endG", new NothingLost(endG, startG));
        }
        Unfit.inRange("minutes", minutes, SHORTEST_MIN, LONGEST_MIN, " min");
        Mixture water = Mixture.of(Catalogue.standard().water(), startG);
        SimmerRun run = new SimmerRun(water, pot.withPairFactor(1), heat, 1, 20);
        run.advance(minutes * SECONDS_PER_MINUTE);
        double expected = startG - run.massG();
        double lost = startG - endG;
        return new WaterTest(lost / expected, Math.hypot(Math.sqrt(2) * SCALE_G / lost, LOOK_LOG_SD));
    }

    /** Several tests of one pair taken together: each counts by how sure it is; the eye's error does not average away whole. */
    public static WaterTest together(List<WaterTest> tests) {
        double weights = 0;
        double sum = 0;
        for (WaterTest test : tests) {
            double weight = 1 / (test.logSd * test.logSd);
            weights += weight;
            sum += weight * Math.log(test.factor);
        }
        if (!(weights > 0)) {
            throw new IllegalArgumentException("there is no test to take together");
        }
        return new WaterTest(Math.exp(sum / weights), Math.sqrt(1 / weights));
    }
}
