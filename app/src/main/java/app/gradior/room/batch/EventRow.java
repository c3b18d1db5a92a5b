package app.gradior.room.batch;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A row as its table holds it; times are UTC.
 *
 * @param recorderId who or what recorded it; absent when nobody knows
 * @param recorder their name; read with the row, and not written by it
 */
record EventRow(
        long id,
        long kitchenId,
        long batchId,
        String clientKey,
        LocalDateTime happenedAt,
        LocalDateTime recordedAt,
        String type,
        String body,
        @Nullable String understood,
        @Nullable Long recorderId,
        @Nullable String recorder) {}
