package app.gradior.room.batch;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
public record BatchSummary(
        long id,
        long kitchenId,
        @Nullable Long sauceId,
        String name,
        String state,
        LocalDateTime startedAt,
        String potName,
        @Nullable Double minutes,
        @Nullable Double yieldMl,
        @Nullable Double stepCold,
        @Nullable Integer rating) {}
