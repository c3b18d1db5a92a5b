package app.gradior.practice;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.List;

/**
 * What is to be cooked.
 *
 * @param pots one to three
 * @param goal the same for all of them
 * @param starch what a slurry is made of, an id of the table of foods
 */
public record Scenario(List<PotSetting> pots, Goal goal, String starch) {
    public static final int MOST_POTS = 3;

    public Scenario {
        pots = List.copyOf(pots);
        if (pots.isEmpty()) {
            throw new Unfit("pots", new Wrong.Empty("pots"));
        }
    }

    /** The usual starch of a slurry. */
    public static final String CORNFLOUR = "cornflour";

    /**
     * What is wanted at the table.
     *
     * @param step on the stair, at {@code servedC}
     * @param servedC °C
     * @param saltPercent g in 100 g; NaN where nobody asks
     */
    public record Goal(double step, double servedC, double saltPercent) {
        public static Goal of(double step, double servedC) {
            return new Goal(step, servedC, Double.NaN);
        }
    }
}
