package app.gradior.devices;

import java.time.Duration;
import java.time.Instant;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * A kitchen scale under the pot: it rounds to the gram, is off by a little each time, drifts, and now and then the pot is lifted or
 * somebody leans on it.
 */
final class Scale {
    private static final double NOISE_SD_G = 1.5;
    private static final double DRIFT_SD_G_PER_ROOT_MIN = 0.4;
    private static final double MOST_DRIFT_G = 6;
    private static final double LIFTED = 0.06;
    private static final double LEANED_ON = 0.01;
    private static final double LEANING_G = 240;
    private static final double SECONDS_PER_MINUTE = 60;

    private final Random random;
    private double driftG;
    private Instant last = Instant.EPOCH;

    Scale(Random random) {
        this.random = random;
    }

    /**
     * What it shows.
     *
     * @param grossG what truly stands on it
     * @return empty while the pot is lifted: a scale that shows its own zero tells nothing of the pot
     */
    OptionalDouble reads(double grossG, Instant now) {
        drift(now);
        if (random.nextDouble() < LIFTED) {
            return OptionalDouble.empty();
        }
        double leaning = random.nextDouble() < LEANED_ON ? LEANING_G : 0;
        return OptionalDouble.of(Math.round(grossG + driftG + leaning + NOISE_SD_G * random.nextGaussian()));
    }

    private void drift(Instant now) {
        if (!last.equals(Instant.EPOCH)) {
            double minutes = Math.max(0, Duration.between(last, now).toMillis() / 1000.0 / SECONDS_PER_MINUTE);
            driftG += DRIFT_SD_G_PER_ROOT_MIN * Math.sqrt(minutes) * random.nextGaussian();
            driftG = Math.max(-MOST_DRIFT_G, Math.min(MOST_DRIFT_G, driftG));
        }
        last = now;
    }
}
