package app.gradior.room.batch;

import app.gradior.batch.Batch;
import app.gradior.kept.Utc;
import app.gradior.room.house.Kitchens;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.concurrent.TimeUnit;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Packs the logs of batches that were finished long ago, each in a transaction of its own. It begins an hour after a start: while nodes of
 * an older version are still on, which would find such a log empty, nothing is packed.
 */
@Component
public class PastUpkeep {
    /** Over a year, so that what was cooked at this season last year is as it was; arbitrary. */
    static final Duration AFTER = Duration.ofDays(400);

    private static final Logger LOG = LoggerFactory.getLogger(PastUpkeep.class);
    /** Another node may take over after ten minutes: well before that this one stops until the next hour. */
    private static final Duration AT_MOST = Duration.ofMinutes(5);

    private final Kitchens kitchens;
    private final PastMapper past;
    private final BatchMapper batches;
    private final Logs logs;
    private final TransactionOperations transaction;
    private final Clock clock;

    PastUpkeep(
            Kitchens kitchens,
            PastMapper past,
            BatchMapper batches,
            Logs logs,
            TransactionOperations transaction,
            Clock clock) {
        this.kitchens = kitchens;
        this.past = past;
        this.batches = batches;
        this.logs = logs;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** Packs all that is due, as far as there is time; one that cannot be keeps no other from it. */
    @Scheduled(initialDelay = 60, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    @SchedulerLock(name = "past")
    public void pack() {
        Instant begun = clock.instant();
        LocalDateTime before = Utc.of(begun.minus(AFTER));
        for (long kitchenId : kitchens.ids()) {
            for (long id : past.due(kitchenId, before)) {
                if (clock.instant().isAfter(begun.plus(AT_MOST))) {
                    return;
                }
                pack(kitchenId, id);
            }
        }
    }

    private void pack(long kitchenId, long id) {
        try {
            transaction.executeWithoutResult(status -> batches.lock(kitchenId, id)
                    .filter(row -> row.state().equals(Batch.State.FINISHED.name()))
                    .ifPresent(row -> logs.pack(kitchenId, id)));
        } catch (RuntimeException e) {
            LOG.warn("batch {} of kitchen {} is not packed: {}", id, kitchenId, e.toString());
        }
    }
}
