package app.gradior.room.kit;

import app.gradior.heat.Look;
import app.gradior.simmer.PotOnHeat;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
public record KitWaterTest(
        long id,
        long kitchenId,
        long potId,
        long burnerId,
        LocalDateTime startedAt,
        double startG,
        String look,
        @Nullable Double endG,
        @Nullable Double minutes,
        @Nullable Double pairFactor,
        @Nullable Double logSd) {
    /** The same of a test from before looks were temperatures: what it weighed is less beside what open water loses now. */
    public KitWaterTest byTheNewLooks() {
        Double was = pairFactor;
        if (was == null) {
            return this;
        }
        double share = switch (Look.ofKey(look)) {
            case STEAMING -> 2.5 / 8.9;
            case BARE -> 4 / 13.5;
            case GENTLE -> 8 / 16.6;
            case LIVELY -> 15.0 / 20;
            case ROLLING -> 32.0 / 35;
        };
        double now = Math.max(PotOnHeat.LEAST_PAIR_FACTOR, was * share);
        return new KitWaterTest(id, kitchenId, potId, burnerId, startedAt, startG, look, endG, minutes, now, logSd);
    }

    /** The same of another kitchen, pot and burner. */
    public KitWaterTest of(long newId, long kitchen, long pot, long burner) {
        return new KitWaterTest(newId, kitchen, pot, burner, startedAt, startG, look, endG, minutes, pairFactor, logSd);
    }
}
