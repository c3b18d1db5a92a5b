package app.gradior.simmer;

import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.vessel.PotShape;
import java.util.Optional;

/** Mixtures that have already lost some of their water. */
public final class BoiledDown {
    private static final double LONGEST_S = 30 * 24 * 3600;
    private static final double ROOM_C = 20;

    private BoiledDown() {}

    /**
     * The mixture after so many grams have boiled off, water with the alcohol and acid that go with it. How fast does not
     * matter: composition follows from how much is gone.
     *
     * @param evaporatedG 0 or more
     * @return empty when there is not that much to lose
     */
    public static Optional<Mixture> by(Mixture mixture, double evaporatedG) {
        if (evaporatedG == 0) {
            return Optional.of(mixture);
        }
        double wantedG = mixture.massG() - evaporatedG;
        Heat heat = new Heat(Look.ROLLING, LidState.OPEN);
        PotOnHeat wide = PotOnHeat.unknownPair(new PotShape(1000, 1000, 600), 0);
        if (!(mixture.waterG() > 1)) {
            return Optional.empty();
        }
        SimmerRun run = new SimmerRun(mixture, wide, heat, 1, ROOM_C);
        boolean reached = run.advanceUntil(r -> r.massG() - wantedG, LONGEST_S) == SimmerRun.End.REACHED;
        return reached ? Optional.of(run.mixture()) : Optional.empty();
    }

    /**
     * The same.
     *
     * @throws Refusal of the field evaporatedG when there is not that much to lose
     */
    public static Mixture evaporated(Mixture mixture, double evaporatedG) {
        Refusal.inRange("evaporatedG", evaporatedG, 0, 1e6, " g");
        return by(mixture, evaporatedG).orElseThrow(() -> Refusal.unfit("evaporatedG", new NotThatMuch(evaporatedG)));
    }
}
