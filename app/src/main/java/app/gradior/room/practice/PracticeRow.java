package app.gradior.room.practice;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** As the table has it. */
// Wide: columns of practice_run.
record PracticeRow(
        long id,
        long kitchenId,
        long accountId,
        String what,
        String name,
        long seed,
        String scenario,
        String deeds,
        String said,
        LocalDateTime startedAt,
        @Nullable LocalDateTime endedAt,
        @Nullable Double score) {}
