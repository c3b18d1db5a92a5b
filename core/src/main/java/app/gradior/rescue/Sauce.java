package app.gradior.rescue;

import app.gradior.mixture.Mixture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import java.util.Optional;

/**
 * A sauce that went wrong.
 *
 * @param mixture as it is in the pot
 * @param servedC serving temperature, °C
 * @param bodyFactor what its network is worth over the model's
 * @param hob where it can be boiled down; empty when that is not known
 */
public record Sauce(Mixture mixture, double servedC, double bodyFactor, Optional<Hob> hob) {
    private static final double LONGEST_S = 12 * 3600;
    private static final double SECONDS_PER_MINUTE = 60;

    public Sauce {
        mixture = mixture.cooked();
    }

    /** A pot on its burner, as it is set when something boils off. */
    public record Hob(PotOnHeat pot, Heat heat) {}

    /** How much of something it has. */
    public double of(Measure measure) {
        return measure.of(mixture, servedC, bodyFactor);
    }

    double of(Measure measure, Mixture other) {
        return measure.of(other.cooked(), servedC, bodyFactor);
    }

    /** Minutes in which so much leaves a mixture in its pot; NaN when nobody knows. */
    double minutes(Mixture from, double evaporatedG) {
        if (hob.isEmpty() || !(evaporatedG > 0)) {
            return evaporatedG > 0 ? Double.NaN : 0;
        }
        SimmerRun run = new SimmerRun(from, hob.get().pot(), hob.get().heat(), bodyFactor, servedC).briskly();
        double wantedG = from.massG() - evaporatedG;
        return run.advanceUntil(r -> r.massG() - wantedG, LONGEST_S) == SimmerRun.End.REACHED
                ? run.minute()
                : LONGEST_S / SECONDS_PER_MINUTE;
    }

    /** The most that leaves it in so many minutes, g; endless when nobody knows. */
    double mostGoneG(double minutes) {
        if (hob.isEmpty() || Double.isInfinite(minutes)) {
            return Double.POSITIVE_INFINITY;
        }
        SimmerRun run = new SimmerRun(mixture, hob.get().pot(), hob.get().heat(), bodyFactor, servedC).briskly();
        run.advance(Math.max(0, minutes) * SECONDS_PER_MINUTE);
        return mixture.massG() - run.massG();
    }
}
