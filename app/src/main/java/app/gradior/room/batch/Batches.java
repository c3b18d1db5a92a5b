package app.gradior.room.batch;

import app.gradior.batch.Admission;
import app.gradior.batch.Batch;
import app.gradior.batch.BatchAdvice;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.BatchTelling;
import app.gradior.batch.EventBody;
import app.gradior.batch.Origin;
import app.gradior.batch.Understood;
import app.gradior.estimate.Estimator;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Pace;
import app.gradior.estimate.Prompt;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.kept.Inserted;
import app.gradior.kept.Utc;
import app.gradior.room.faults.CannotReckon;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.FoodSnapshots;
import app.gradior.room.words.Told;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Live and finished batches: starting, recording what happens, forecasting. */
@Service
public class Batches {
    /** More are never asked for at once. */
    private static final int ALL = 500;

    static final String CLIENT_KEY = "[A-Za-z0-9._:-]{1,64}";
    private static final Duration EARLIEST_START = Duration.ofHours(24);
    /** No batch is on for longer, as far as looking for it goes. */
    private static final Duration LONGEST_ON = Duration.ofDays(3);

    private final BatchMapper batches;
    private final Logs logs;
    private final EventJson json;
    private final Understanding understanding;
    private final FoodSnapshots foods;
    private final BatchLoading loading;
    private final BatchSummaries summaries;
    private final Recorders recorders;
    private final Clock clock;
    private final ApplicationEventPublisher publisher;

    // Wide: what recording a batch touches.
    Batches(
            BatchMapper batches,
            Logs logs,
            EventJson json,
            Understanding understanding,
            FoodSnapshots foods,
            BatchLoading loading,
            BatchSummaries summaries,
            Recorders recorders,
            Clock clock,
            ApplicationEventPublisher publisher) {
        this.batches = batches;
        this.logs = logs;
        this.json = json;
        this.understanding = understanding;
        this.foods = foods;
        this.loading = loading;
        this.summaries = summaries;
        this.recorders = recorders;
        this.clock = clock;
        this.publisher = publisher;
    }

    /** An event as it comes in. */
    public record Draft(String clientKey, Instant at, EventBody body) {
        public Draft {
            if (!clientKey.matches(CLIENT_KEY)) {
                throw Refusal.unfit("clientKey", Told.of("batches.to-letters-digits-dots-colons-dashes"));
            }
        }
    }

    /** What came of recording: the event, and whether it had been recorded before. */
    public record Recorded(BatchEvent event, boolean repeat) {}

    /**
     * Starts a batch.
     *
     * @param startedAt up to 24 h ago
     * @return its id
     */
    @Transactional
    public long start(Kitchen kitchen, String name, Origin origin, BatchPlan plan, Instant startedAt) {
        Instant now = clock.instant();
        if (startedAt.isAfter(now.plus(Admission.CLOCK_SKEW)) || startedAt.isBefore(now.minus(EARLIEST_START))) {
            throw Refusal.unfit("startedAt", Told.of("batches.startedat-is-up-to-h-ago", startedAt));
        }
        return insert(kitchen.id(), name, origin, plan, startedAt);
    }

    public long insert(long kitchenId, String name, Origin origin, BatchPlan plan, Instant startedAt) {
        foods.keep(kitchenId, plan.lines());
        Inserted key = new Inserted();
        batches.insert(
                new BatchRow(
                        0,
                        kitchenId,
                        origin.sauceId(),
                        origin.version(),
                        origin.potId(),
                        origin.burnerId(),
                        Refusal.text("name", name, 120),
                        json.write(plan),
                        Batch.State.LIVE.name(),
                        Utc.of(startedAt),
                        null),
                key);
        batches.insertPlan(kitchenId, key.getId(), json.write(plan));
        batches.understood(kitchenId, key.getId());
        summaries.keep(kitchenId, batch(kitchenId, key.getId()));
        return key.getId();
    }

    /**
     * Records several things that happen now, all or none.
     *
     * @throws Refusal when one of them does not fit this batch
     */
    @Transactional
    public void recordNow(Kitchen kitchen, long batchId, List<EventBody> bodies) {
        Instant now = clock.instant();
        bodies.forEach(
                body -> record(kitchen, batchId, new Draft(UUID.randomUUID().toString(), now, body)));
    }

    /**
     * Records an event once: the same client key again changes nothing and gets the first answer.
     *
     * <p>On a cluster a commit may be refused because another node's came first: it is done again, and the client key sees to it that it is
     * kept once.
     *
     * @throws Refusal when it does not fit this batch
     */
    @Transactional
    @Retryable(includes = ConcurrencyFailureException.class, maxRetries = 4, delay = 20, jitter = 20, multiplier = 2)
    public Recorded record(Kitchen kitchen, long batchId, Draft draft) {
        BatchRow row = batches.lock(kitchen.id(), batchId).orElseThrow(() -> Refusal.missing(Thing.BATCH));
        if (row.state().equals(Batch.State.FINISHED.name())) {
            logs.layOut(kitchen.id(), batchId);
        }
        Optional<EventRow> before = batches.findEvent(kitchen.id(), batchId, draft.clientKey());
        if (before.isPresent()) {
            return new Recorded(loading.event(before.get()), true);
        }
        Batch batch = loading.batch(row);
        Admission.check(batch, draft.at(), draft.body(), clock.instant());
        List<Understood> understood = understood(kitchen, batch::recorded, draft.body());
        foods.keep(kitchen.id(), understood);
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        Instant at = draft.at().isAfter(now) ? now : draft.at().truncatedTo(ChronoUnit.MILLIS);
        Acting.Who by = recorders.now();
        EventRow event = new EventRow(
                0,
                kitchen.id(),
                batchId,
                draft.clientKey(),
                Utc.of(at),
                Utc.of(now),
                draft.body().type(),
                json.write(draft.body()),
                understood.isEmpty() ? null : json.write(understood),
                recorders.id(kitchen.id(), by),
                by.name());
        Inserted key = new Inserted();
        batches.insertEvent(event, key);
        BatchEvent recorded =
                new BatchEvent(key.getId(), draft.clientKey(), at, now, draft.body(), understood, by.name());
        Batch after = moved(kitchen.id(), batchId, recorded) ? batch(kitchen.id(), batchId) : batch.with(recorded);
        summaries.keep(kitchen.id(), after);
        if (teaches(draft.body(), after)) {
            summaries.learn(kitchen, after);
        }
        publisher.publishEvent(new BatchChanged(kitchen.id(), batchId, recorded));
        return new Recorded(recorded, false);
    }

    /** Whether it is in another state by this, which is kept then. */
    private boolean moved(long kitchenId, long batchId, BatchEvent by) {
        if (by.body() instanceof EventBody.Finished) {
            batches.finish(kitchenId, batchId, Utc.of(by.at()));
        } else if (by.body() instanceof EventBody.SetAside) {
            batches.move(kitchenId, batchId, Batch.State.LIVE.name(), Batch.State.ASIDE.name());
        } else if (by.body() instanceof EventBody.TakenUp) {
            batches.move(kitchenId, batchId, Batch.State.ASIDE.name(), Batch.State.LIVE.name());
        } else {
            return false;
        }
        return true;
    }

    private static boolean teaches(EventBody body, Batch batch) {
        boolean corrects = body instanceof EventBody.Corrected || body instanceof EventBody.Undo;
        return body instanceof EventBody.Finished
                || body instanceof EventBody.NextDay
                || corrects && batch.state() == Batch.State.FINISHED;
    }

    /** What an event puts in, understood for good. */
    private List<Understood> understood(
            Kitchen kitchen, Function<EventBody.Corrected, Understood> before, EventBody body) {
        List<Understood> understood = understanding.of(kitchen, before, body);
        for (int i = 0; i < understood.size() && body instanceof EventBody.Added; i++) {
            Refusal.inRange("ingredients[" + i + "].massG", understood.get(i).massG(), 0.01, 20_000, " g");
        }
        return understood;
    }

    /**
     * That this kitchen has the batch.
     *
     * @throws Refusal when it has not
     */
    public void check(long kitchenId, long batchId) {
        if (batches.count(kitchenId, batchId) == 0) {
            throw Refusal.missing(Thing.BATCH);
        }
    }

    public Batch batch(long kitchenId, long batchId) {
        return loading.batch(kitchenId, batchId);
    }

    /** Live batches by their plans alone, for those who ask what is on and not what happened. */
    public List<Batch> livePlans(long kitchenId) {
        List<Odd> odd = new ArrayList<>();
        return batches.inState(kitchenId, Batch.State.LIVE.name(), ALL, 0).stream()
                .flatMap(row -> Odd.tried(odd, row.name(), "", () -> loading.bare(row)).stream())
                .toList();
    }

    /**
     * What every live batch has.
     *
     * @param lastEntry id of the latest entry of its log: another one means that something changed
     */
    public record Head(long id, String name, long lastEntry) {}

    /** All that are on, the latest first, without a look into their plans and logs. */
    public List<Head> liveHeads(long kitchenId) {
        return batches.heads(kitchenId, Batch.State.LIVE.name(), ALL).stream()
                .map(row -> new Head(row.id(), row.name(), row.lastEntry()))
                .toList();
    }

    /**
     * Batches, the latest first.
     *
     * @param state absent for all
     * @param skip so many of the latest
     * @param odd takes those that cannot be read
     */
    public List<Batch> latest(long kitchenId, Batch.@Nullable State state, int most, int skip, List<Odd> odd) {
        return loading.readable(
                state == null
                        ? batches.all(kitchenId, most, skip)
                        : batches.inState(kitchenId, state.name(), most, skip),
                odd);
    }

    /** Pots that are set aside: their names by their ids. */
    public Map<Long, String> aside(long kitchenId) {
        Map<Long, String> aside = new LinkedHashMap<>();
        batches.inState(kitchenId, Batch.State.ASIDE.name(), ALL, 0).forEach(row -> aside.put(row.id(), row.name()));
        return aside;
    }

    /** Finished within so long. */
    public List<Batch> finishedWithin(long kitchenId, Duration within) {
        Instant now = clock.instant();
        return batches
                .finishedSince(kitchenId, Utc.of(now.minus(within).minus(LONGEST_ON)), Utc.of(now.minus(within)))
                .stream()
                .flatMap(row -> loading.readable(List.of(row), new ArrayList<>()).stream())
                .toList();
    }

    public List<Batch> all(long kitchenId) {
        return loading.readable(batches.all(kitchenId, ALL, 0), new ArrayList<>());
    }

    /** What is believed at a moment, from the events up to it; a finished batch stands still at its end. */
    public Forecast forecast(Batch batch, Instant at) {
        return forecast(batch, at, Pace.STRAIGHT_ON);
    }

    /** The same, at the pace of whoever asks. */
    public Forecast forecast(Batch batch, Instant at, Pace pace) {
        Instant end = batch.finishedAt();
        Instant known = end != null && at.isAfter(end) ? end : at;
        try {
            return Estimator.forecast(new BatchTelling(batch).story(), batch.minuteOf(known), pace);
        } catch (RuntimeException e) {
            throw new CannotReckon(batch.id(), batch.name(), e);
        }
    }

    /** One thing that was recorded of a batch, without the rest of it. */
    public Optional<BatchEvent> event(long kitchenId, long batchId, long eventId) {
        return batches.event(kitchenId, batchId, eventId).map(loading::event);
    }

    /** How much would go with a batch. */
    public BatchMapper.Kept kept(long kitchenId, long batchId) {
        return batches.kept(kitchenId, batchId);
    }

    /** The name and state of a batch, also of one that cannot be read. */
    public Glance glance(long kitchenId, long batchId) {
        BatchRow row = batches.find(kitchenId, batchId).orElseThrow(() -> Refusal.missing(Thing.BATCH));
        return new Glance(row.id(), row.name(), Batch.State.valueOf(row.state()));
    }

    /** What every batch has, whatever else is wrong with it. */
    public record Glance(long id, String name, Batch.State state) {}

    /** Removes a batch for good, with all that belongs to it; a plan that became it waits again, unless it was finished. */
    @Transactional
    public void delete(long kitchenId, long batchId) {
        BatchRow row = batches.lock(kitchenId, batchId).orElseThrow(() -> Refusal.missing(Thing.BATCH));
        publisher.publishEvent(new BatchGoes(kitchenId, batchId, row.state().equals(Batch.State.FINISHED.name())));
        logs.delete(kitchenId, batchId);
        batches.deletePlan(kitchenId, batchId);
        summaries.forget(kitchenId, batchId);
        batches.deletePhotos(kitchenId, batchId);
        batches.delete(kitchenId, batchId);
    }

    /** What to do with it at a moment. */
    public Prompt prompt(Batch batch, Forecast forecast, Instant at) {
        return new BatchAdvice(batch, forecast, at).prompt();
    }

    /** The portion of slurry to pour now, if one is. */
    public Optional<BatchAdvice.NextPortion> nextPortion(Batch batch, Forecast forecast) {
        return new BatchAdvice(batch, forecast, clock.instant()).nextPortion();
    }

    public Instant now() {
        return clock.instant();
    }

    /** Live batches of which nothing was recorded for so long. */
    List<Long> untouched(long kitchenId, Duration time) {
        return batches.untouched(kitchenId, Utc.of(clock.instant().minus(time)));
    }

    /** Batches that recorded what has not been understood yet. */
    List<Long> notUnderstood(long kitchenId) {
        return batches.notUnderstood(kitchenId);
    }

    /** An event of a batch of the past, taken at its word. */
    public void insertPast(Kitchen kitchen, long batchId, Draft draft) {
        List<Understood> understood =
                understood(kitchen, c -> batch(kitchen.id(), batchId).recorded(c), draft.body());
        foods.keep(kitchen.id(), understood);
        batches.insertEvent(
                new EventRow(
                        0,
                        kitchen.id(),
                        batchId,
                        draft.clientKey(),
                        Utc.of(draft.at()),
                        Utc.of(draft.at()),
                        draft.body().type(),
                        json.write(draft.body()),
                        understood.isEmpty() ? null : json.write(understood),
                        null,
                        null),
                new Inserted());
        if (draft.body() instanceof EventBody.Finished) {
            batches.finish(kitchen.id(), batchId, Utc.of(draft.at()));
        }
    }
}
