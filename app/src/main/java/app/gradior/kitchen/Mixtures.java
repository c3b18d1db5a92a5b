package app.gradior.kitchen;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.vessel.PotShape;

/** Mixtures that have already lost some of their water. */
public final class Mixtures {
    private static final double MOST_S = 30 * 24 * 3600;

    private Mixtures() {}

    /**
     * The mixture after so many grams have boiled off, water with the alcohol and acid that go with it. How fast does not
     * matter: composition follows from how much is gone.
     *
     * @throws Refusal of the field evaporatedG when there is not that much to lose
     */
    public static Mixture evaporated(Mixture mixture, double evaporatedG) {
        if (evaporatedG == 0) {
            return mixture;
        }
        Refusal.inRange("evaporatedG", evaporatedG, 0, 1e6, " g");
        double wanted = mixture.massG() - evaporatedG;
        SimmerRun run = new SimmerRun(
                mixture,
                PotOnHeat.unknownPair(new PotShape(1000, 1000, 600), 0),
                new Heat(Look.ROLLING, LidState.OPEN),
                1,
                20);
        if (!(mixture.waterG() > 1) || run.advanceUntil(r -> r.massG() - wanted, MOST_S) != SimmerRun.End.REACHED) {
            throw Refusal.unfit(
                    "evaporatedG", "evaporatedG is " + evaporatedG + " g: the mixture has not that much to lose");
        }
        return run.mixture();
    }
}
