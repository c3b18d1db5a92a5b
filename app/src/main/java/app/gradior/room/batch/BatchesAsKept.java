package app.gradior.room.batch;

import app.gradior.batch.Batch;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.kept.Inserted;
import app.gradior.room.faults.CannotReckon;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A kitchen's batches as they are kept, for its file: one by one, out and in. */
@Service
public class BatchesAsKept {
    private static final Logger LOG = LoggerFactory.getLogger(BatchesAsKept.class);

    private final BatchMapper batches;
    private final Logs logs;
    private final PhotoMapper photos;
    private final BatchLoading loading;
    private final BatchSummaries summaries;
    private final Recorders recorders;

    BatchesAsKept(
            BatchMapper batches,
            Logs logs,
            PhotoMapper photos,
            BatchLoading loading,
            BatchSummaries summaries,
            Recorders recorders) {
        this.batches = batches;
        this.logs = logs;
        this.photos = photos;
        this.loading = loading;
        this.summaries = summaries;
        this.recorders = recorders;
    }

    /** What a batch is of, by ids; each absent for none. */
    public record Of(
            @Nullable Long sauce,
            @Nullable Integer version,
            @Nullable Long pot,
            @Nullable Long burner) {}

    /**
     * An event as it was kept.
     *
     * @param understood absent when it put nothing in
     * @param by name of who or what recorded it; absent when nobody knows
     */
    public record Event(
            String clientKey,
            LocalDateTime at,
            LocalDateTime recordedAt,
            String type,
            String body,
            @Nullable String understood,
            @Nullable String by) {}

    /** A batch: plan, events and what was understood are JSON, photographs JPEG. */
    public record Kept(
            Of of,
            String name,
            String plan,
            String state,
            LocalDateTime startedAt,
            @Nullable LocalDateTime finishedAt,
            List<Event> events,
            List<BatchPhoto> photos) {}

    /** An event that somebody recorded, and of which batch. */
    public record RecordedBy(String batch, LocalDateTime at, String type, String body) {}

    /** All that an account recorded in a kitchen, the oldest first: as it was at one moment, though a log is packed meanwhile. */
    @Transactional(isolation = Isolation.REPEATABLE_READ)
    public List<RecordedBy> recordedBy(long kitchenId, long accountId) {
        return logs.recordedBy(kitchenId, accountId);
    }

    /** The batches' ids, the oldest first. */
    public List<Long> ids(long kitchenId) {
        return batches.ids(kitchenId);
    }

    /** @throws Refusal when there is no such batch */
    public Kept batch(long kitchenId, long id) {
        BatchRow row = batches.find(kitchenId, id).orElseThrow(() -> Refusal.missing(Thing.BATCH));
        return new Kept(
                new Of(row.sauceId(), row.sauceVersion(), row.potId(), row.burnerId()),
                row.name(),
                row.plan(),
                row.state(),
                row.startedAt(),
                row.finishedAt(),
                logs.of(kitchenId, id).stream()
                        .map(e -> new Event(
                                e.clientKey(),
                                e.happenedAt(),
                                e.recordedAt(),
                                e.type(),
                                e.body(),
                                e.understood(),
                                e.recorder()))
                        .toList(),
                photos.ids(kitchenId, id).stream()
                        .flatMap(photo -> photos.find(kitchenId, id, photo).stream())
                        .toList());
    }

    /**
     * A new batch of the kitchen, with what it comes to; one that cannot be reckoned is kept all the same and shows as odd.
     *
     * @return its id
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public long put(Kitchen kitchen, Kept b) {
        long kitchenId = kitchen.id();
        Inserted key = new Inserted();
        batches.insert(
                new BatchRow(
                        0,
                        kitchenId,
                        b.of().sauce(),
                        b.of().version(),
                        b.of().pot(),
                        b.of().burner(),
                        b.name(),
                        b.plan(),
                        Batch.State.LIVE.name(),
                        b.startedAt(),
                        null),
                key);
        long id = key.getId();
        batches.insertPlan(kitchenId, id, b.plan());
        for (Event e : b.events()) {
            batches.insertEvent(
                    new EventRow(
                            0,
                            kitchenId,
                            id,
                            e.clientKey(),
                            e.at(),
                            e.recordedAt(),
                            e.type(),
                            e.body(),
                            e.understood(),
                            recorders.ofFile(kitchenId, e.by()),
                            e.by()),
                    new Inserted());
        }
        LocalDateTime finishedAt = b.finishedAt();
        if (finishedAt != null) {
            batches.finish(kitchenId, id, finishedAt);
        } else if (b.state().equals(Batch.State.ASIDE.name())) {
            batches.move(kitchenId, id, Batch.State.LIVE.name(), Batch.State.ASIDE.name());
        }
        for (BatchPhoto p : b.photos()) {
            photos.insert(new BatchPhoto(0, kitchenId, id, p.addedAt(), Photos.ours(p.image())), new Inserted());
        }
        try {
            loading.understand(kitchenId, id);
            summaries.rebuild(kitchen, id);
        } catch (CannotReckon odd) {
            LOG.warn("batch {} of a file cannot be reckoned: {}", id, Odd.why(odd));
        }
        return id;
    }
}
