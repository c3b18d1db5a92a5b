package app.gradior.room.plan;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** A row as its table holds it; times are UTC. */
record PlanRow(
        long id,
        long kitchenId,
        long sauceId,
        String name,
        int revision,
        String draft,
        @Nullable LocalDateTime serveAt,
        String ticks,
        @Nullable Long batchId,
        LocalDateTime savedAt) {}
