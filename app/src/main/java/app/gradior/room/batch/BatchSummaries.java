package app.gradior.room.batch;

import app.gradior.batch.Batch;
import app.gradior.batch.EventBody;
import app.gradior.room.faults.CannotReckon;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Lessons;
import java.time.Instant;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is kept beside a batch so that nobody has to reckon it again: its line in the log, and what it taught. */
@Service
public class BatchSummaries {
    private static final Logger LOG = LoggerFactory.getLogger(BatchSummaries.class);

    private final BatchLoading loading;
    private final LogMapper log;
    private final Lessons lessons;

    BatchSummaries(BatchLoading loading, LogMapper log, Lessons lessons) {
        this.loading = loading;
        this.log = log;
        this.lessons = lessons;
    }

    /** Batches without a summary. */
    List<Long> unsummarised(long kitchenId) {
        return log.unsummarised(kitchenId);
    }

    /** What the log sorts and searches by, from plan and events; takes its lesson too when it is finished. */
    @Transactional(noRollbackFor = CannotReckon.class)
    public void rebuild(Kitchen kitchen, long batchId) {
        Batch batch = loading.batch(kitchen.id(), batchId);
        keep(kitchen.id(), batch);
        learn(kitchen, batch);
    }

    /** What the log sorts and searches by. */
    void keep(long kitchenId, Batch batch) {
        Instant end = batch.finishedAt();
        log.summarise(
                kitchenId,
                batch.id(),
                batch.plan().pot().name(),
                end == null ? null : batch.minuteOf(end),
                batch.finish().map(EventBody.Finished::yieldMl).orElse(null),
                batch.nextDay().map(EventBody.NextDay::step).orElse(null),
                batch.rating().map(EventBody.Rated::stars).orElse(null),
                LogFilter.plain(
                        String.join(" ", batch.name(), batch.plan().pot().name(), batch.notes())));
    }

    /** A batch that cannot be reckoned teaches nothing, and ends all the same. */
    void learn(Kitchen kitchen, Batch batch) {
        try {
            lessons.learn(kitchen, batch);
        } catch (RuntimeException e) {
            LOG.warn("batch {} teaches nothing: {}", batch.id(), Odd.why(e));
        }
    }

    /** A batch goes, and what it taught with it. */
    void forget(long kitchenId, long batchId) {
        lessons.forget(kitchenId, batchId);
    }
}
