package app.gradior.room.kit;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
// Wide: columns of its table.
public record KeptLesson(
        long batchId,
        long kitchenId,
        @Nullable Long sauceId,
        @Nullable Long potId,
        @Nullable Long burnerId,
        LocalDateTime finishedAt,
        double pairLog,
        double pairPrecision,
        double bodyLog,
        double bodyPrecision,
        double tookMin,
        @Nullable Double foretoldMin,
        @Nullable Double foretoldLowMin,
        @Nullable Double foretoldHighMin,
        @Nullable Double unlearntMin,
        boolean counted) {}
