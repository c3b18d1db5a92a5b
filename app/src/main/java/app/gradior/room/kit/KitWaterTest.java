package app.gradior.room.kit;

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
    /** The same of another kitchen, pot and burner. */
    public KitWaterTest of(long newId, long kitchen, long pot, long burner) {
        return new KitWaterTest(newId, kitchen, pot, burner, startedAt, startG, look, endG, minutes, pairFactor, logSd);
    }
}
