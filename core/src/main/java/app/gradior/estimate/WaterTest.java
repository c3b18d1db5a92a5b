package app.gradior.estimate;

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

    public WaterTest {
        if (!(factor >= 0.05 && factor <= 20)) {
            throw new IllegalArgumentException("the pair's factor is " + Math.round(100 * factor) / 100.0
                    + ": 0.05 to 20 expected; check the two weights and the minutes");
        }
    }

    /**
     * The factor from a test.
     *
     * @param pot as if its factor were 1
     * @param startG water at the start, g
     * @param endG water at the end, g; less than at the start
     */
    public static WaterTest of(PotOnHeat pot, Heat heat, double startG, double endG, double minutes) {
        if (!(endG < startG && endG > 0)) {
            throw new IllegalArgumentException(
                    "endG is " + endG + " g: more than 0 and less than the " + startG + " g at the start expected");
        }
        if (!(minutes >= 3 && minutes <= 120)) {
            throw new IllegalArgumentException("minutes is " + minutes + ": 3 to 120 expected");
        }
        Mixture water = Mixture.of(Catalogue.standard().food("water").orElseThrow(), startG);
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
