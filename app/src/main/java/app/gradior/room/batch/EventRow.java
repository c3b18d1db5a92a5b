package app.gradior.room.batch;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
record EventRow(
        long id,
        long kitchenId,
        long batchId,
        String clientKey,
        LocalDateTime happenedAt,
        LocalDateTime recordedAt,
        String type,
        String body,
        @Nullable String understood) {}
