package app.gradior.room.batch;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.BatchTelling;
import app.gradior.batch.Origin;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.kept.Utc;
import app.gradior.room.faults.CannotReckon;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.larder.FoodSnapshots;
import app.gradior.room.larder.FoodsThen;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Batches from their rows, with the foods of then; and what an older version recorded, understood once and kept. */
@Component
public class BatchLoading {
    private final BatchMapper batches;
    private final Logs logs;
    private final Kitchens kitchens;
    private final EventJson json;
    private final Understanding understanding;
    private final FoodSnapshots foods;
    /** By their texts: the foods in them are told by their content. */
    private final Cache<String, BatchPlan> plansRead = Caffeine.newBuilder()
            .maximumWeight(8_000_000)
            .weigher((String text, BatchPlan plan) -> text.length())
            .build();

    BatchLoading(
            BatchMapper batches,
            Logs logs,
            Kitchens kitchens,
            EventJson json,
            Understanding understanding,
            FoodSnapshots foods) {
        this.batches = batches;
        this.logs = logs;
        this.kitchens = kitchens;
        this.json = json;
        this.understanding = understanding;
        this.foods = foods;
    }

    /**
     * A batch with its log.
     *
     * @throws CannotReckon when what was kept of it cannot be read
     */
    Batch batch(BatchRow row) {
        List<EventRow> kept = logs.of(row.kitchenId(), row.id());
        try {
            return with(row, kept);
        } catch (RuntimeException e) {
            throw new CannotReckon(row.id(), row.name(), e);
        }
    }

    /**
     * A batch by its id.
     *
     * @throws Refusal when the kitchen has none with it
     */
    Batch batch(long kitchenId, long batchId) {
        return batch(batches.find(kitchenId, batchId).orElseThrow(() -> Refusal.missing(Thing.BATCH)));
    }

    /** A batch with its events; one by one, since what has not been understood yet may correct what came before it. */
    private Batch with(BatchRow row, List<EventRow> kept) {
        Batch bare = bare(row);
        FoodsThen then = foods.of(row.kitchenId());
        List<BatchEvent> events = new ArrayList<>();
        for (EventRow of : kept) {
            BatchEvent event = event(of, then);
            events.add(event.isUnderstood() ? event : understoodNow(row.kitchenId(), bare.with(events), event));
        }
        return bare.with(events);
    }

    /** What an older version recorded, by the foods and measures of now; left as it is when that says nothing. */
    private BatchEvent understoodNow(long kitchenId, Batch before, BatchEvent event) {
        Kitchen kitchen = kitchens.kitchen(kitchenId);
        try {
            return event.with(understanding.of(kitchen, before::recorded, event.body()));
        } catch (Refusal notUnderstood) {
            return event;
        }
    }

    /** An event of a batch. */
    BatchEvent event(EventRow row) {
        return event(row, foods.of(row.kitchenId()));
    }

    private BatchEvent event(EventRow row, FoodsThen then) {
        String understood = row.understood();
        String by = row.recorder();
        return new BatchEvent(
                row.id(),
                row.clientKey(),
                Utc.instant(row.happenedAt()),
                Utc.instant(row.recordedAt()),
                json.read(row.type(), row.body()),
                understood == null ? List.of() : json.understood(understood, then),
                by == null ? "" : by);
    }

    /**
     * Batches of rows.
     *
     * @param odd takes those that cannot be read
     */
    List<Batch> readable(List<BatchRow> rows, List<Odd> odd) {
        return rows.stream()
                .flatMap(row -> Odd.tried(odd, row.name(), "/pot/" + row.id(), () -> batch(row)).stream())
                .toList();
    }

    /** A batch by its plan alone. */
    Batch bare(BatchRow row) {
        return new Batch(
                row.id(),
                new Origin(row.sauceId(), row.sauceVersion(), row.potId(), row.burnerId()),
                row.name(),
                plan(row),
                Batch.State.valueOf(row.state()),
                Utc.instant(row.startedAt()),
                row.finishedAt() == null ? null : Utc.instant(row.finishedAt()),
                List.of());
    }

    /** A plan that is understood never changes: it is read once for all who ask soon. */
    private BatchPlan plan(BatchRow row) {
        BatchPlan known = plansRead.getIfPresent(row.plan());
        if (known != null) {
            return known;
        }
        BatchPlan plan = json.plan(row.plan(), foods.of(row.kitchenId()));
        if (json.isUnderstood(row.plan())) {
            plansRead.put(row.plan(), plan);
        }
        return plan;
    }

    /**
     * Understands what a batch recorded and nobody has yet, by the foods and measures of now, and keeps that for good.
     *
     * @throws CannotReckon when something of it is not understood: then nothing changes
     */
    @Transactional(noRollbackFor = CannotReckon.class)
    public void understand(long kitchenId, long batchId) {
        BatchRow row = batches.lock(kitchenId, batchId).orElseThrow(() -> Refusal.missing(Thing.BATCH));
        Batch batch = batch(row);
        for (BatchEvent event : batch.standing()) {
            if (!event.isUnderstood()) {
                throw new CannotReckon(batchId, batch.name(), BatchTelling.notUnderstood(event));
            }
        }
        if (!json.isUnderstood(row.plan())) {
            foods.keep(kitchenId, batch.plan().lines());
            batches.understandPlan(kitchenId, batchId, json.write(batch.plan()));
        }
        for (BatchEvent event : batch.events()) {
            if (event.body().linesIn() > 0 && event.isUnderstood()) {
                foods.keep(kitchenId, event.understood());
                batches.understandEvent(kitchenId, event.id(), json.write(event.understood()));
            }
        }
        batches.understood(kitchenId, batchId);
    }
}
