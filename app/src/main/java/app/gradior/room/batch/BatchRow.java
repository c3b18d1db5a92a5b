package app.gradior.room.batch;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
record BatchRow(
        long id,
        long kitchenId,
        @Nullable Long sauceId,
        @Nullable Integer sauceVersion,
        @Nullable Long potId,
        @Nullable Long burnerId,
        String name,
        String plan,
        String state,
        LocalDateTime startedAt,
        @Nullable LocalDateTime finishedAt) {}
