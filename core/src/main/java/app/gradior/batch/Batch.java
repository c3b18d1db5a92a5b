package app.gradior.batch;

import app.gradior.finding.Refusal;
import app.gradior.simmer.Heat;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A batch: its plan and its log. Everything else about it is worked out from these two, by {@link BatchState}. */
public final class Batch {
    private final long id;
    private final Origin origin;
    private final String name;
    private final BatchPlan plan;
    private final State state;
    private final Instant startedAt;
    private final @Nullable Instant finishedAt;
    private final List<BatchEvent> events;
    private final BatchState folded;

    /**
     * LIVE until its finished event; then FINISHED for good: late readings are still taken, and notes. A live one can be set aside
     * (ASIDE), and be taken up again or finished from there.
     */
    public enum State {
        LIVE,
        ASIDE,
        FINISHED
    }

    /**
     * A batch.
     *
     * @param events in order of the time they happened, undone ones included
     * @param finishedAt when it came off the heat; absent while live
     */
    // Wide: what a batch is kept as.
    public Batch(
            long id,
            Origin origin,
            String name,
            BatchPlan plan,
            State state,
            Instant startedAt,
            @Nullable Instant finishedAt,
            List<BatchEvent> events) {
        this.id = id;
        this.origin = origin;
        this.name = name;
        this.plan = plan;
        this.state = state;
        this.startedAt = startedAt;
        this.finishedAt = finishedAt;
        this.events = List.copyOf(events);
        this.folded = BatchState.of(plan, startedAt, this.events);
    }

    public long id() {
        return id;
    }

    /** What of the kitchen's it is made from and in. */
    public Origin origin() {
        return origin;
    }

    public @Nullable Long sauceId() {
        return origin.sauceId();
    }

    public @Nullable Integer sauceVersion() {
        return origin.version();
    }

    public String name() {
        return name;
    }

    public BatchPlan plan() {
        return plan;
    }

    public State state() {
        return state;
    }

    public Instant startedAt() {
        return startedAt;
    }

    public @Nullable Instant finishedAt() {
        return finishedAt;
    }

    public List<BatchEvent> events() {
        return events;
    }

    /** What plan and log come to. */
    public BatchState folded() {
        return folded;
    }

    /** Events that stand: without those taken back, and without the takings-back. */
    /** The name of whoever took the pot last; empty when nobody did. */
    public String inHand() {
        return standing().stream()
                .filter(event -> event.body() instanceof EventBody.InHand)
                .map(BatchEvent::by)
                .reduce("", (before, last) -> last);
    }

    public List<BatchEvent> standing() {
        return folded.standing().stream().map(BatchState.Placed::event).toList();
    }

    /** Minutes from the start to a moment, not below 0. */
    public double minuteOf(Instant at) {
        return minutesBetween(startedAt, at);
    }

    /** The moment a minute of this batch falls on. */
    public Instant momentOf(double minute) {
        return startedAt.plusMillis(Math.round(minute * 60_000));
    }

    /** The same with that log. */
    public Batch with(List<BatchEvent> log) {
        return new Batch(id, origin, name, plan, state, startedAt, finishedAt, log);
    }

    /** The same with one more entry, recorded after all others: after those that happened before it or at the same moment. */
    public Batch with(BatchEvent event) {
        int place = events.size();
        while (place > 0 && events.get(place - 1).at().isAfter(event.at())) {
            place--;
        }
        List<BatchEvent> log = new ArrayList<>(events);
        log.add(place, event);
        return with(log);
    }

    /** The batch as it was known at a moment: what had been recorded by then, whenever it happened. */
    public Batch knownAt(Instant at) {
        return new Batch(
                id,
                origin,
                name,
                plan,
                State.LIVE,
                startedAt,
                null,
                events.stream().filter(e -> !e.recordedAt().isAfter(at)).toList());
    }

    public Optional<EventBody.Finished> finish() {
        return said(EventBody.Finished.class);
    }

    public Optional<EventBody.NextDay> nextDay() {
        return said(EventBody.NextDay.class);
    }

    /** What was last said of how it cools. */
    public Optional<EventBody.Cooling> cooling() {
        return said(EventBody.Cooling.class);
    }

    public Optional<EventBody.Rated> rating() {
        return said(EventBody.Rated.class);
    }

    private <T extends EventBody> Optional<T> said(Class<T> kind) {
        return folded.last(kind).map(BatchEvent::body).map(kind::cast);
    }

    /** When it came off the heat; refused while it is on. */
    public Instant cameOff() {
        Instant end = finishedAt;
        if (end == null) {
            throw Refusal.conflict("state", new AdmissionFinding.StillOn());
        }
        return end;
    }

    /** All notes, of the cooking, the finish and the next day, a line each. */
    public String notes() {
        return folded.notes();
    }

    /** Place of the stage it is in; the number of stages when all are over. */
    public int stage() {
        return folded.stage();
    }

    /** When the stage it is in began. */
    public Instant stageBegan() {
        return folded.stageBegan();
    }

    /** When each stage that is over ended. */
    public List<Instant> stageEnds() {
        return folded.stageEnds();
    }

    /** The plan's lines as they stand: as understood at the start, or as corrected since. */
    public List<Understood> lines() {
        return folded.lines();
    }

    /** What was added and poured, as it stands, by the client keys of the events that put it in. */
    public Map<String, List<Understood>> additions() {
        return folded.additions();
    }

    /** How the pot is set at the end of the log. */
    public Heat heat() {
        return folded.heat();
    }

    /** Whether it stands on the heat at the end of the log. */
    public boolean onHeat() {
        return folded.onHeat();
    }

    /** The ticks at the end of the log. */
    public BatchState.Ticks ticks() {
        return folded.ticks();
    }

    /** Readings that stand, in the order the estimator numbers them. */
    public List<BatchEvent> readings() {
        return folded.readings();
    }

    /** Whether that is the key of a correction that stands. */
    public boolean isCorrection(String key) {
        return standing().stream().anyMatch(e -> e.clientKey().equals(key) && e.body() instanceof EventBody.Corrected);
    }

    /**
     * The line that a correction is of, as it stands.
     *
     * @throws Refusal when there is none
     */
    public Understood recorded(EventBody.Corrected corrected) {
        String key = corrected.added();
        List<Understood> put = key == null ? lines() : additions().get(key);
        if (put == null) {
            throw Refusal.unfit("added", new AdmissionFinding.NoSuchAddition(String.valueOf(key)));
        }
        Refusal.inRange("line", corrected.line(), 0, put.size() - 1, "");
        return put.get(corrected.line());
    }

    /** Lines of a stage that are neither ticked nor left out, as written. */
    public List<String> unticked(int stage) {
        BatchState.Ticks ticks = ticks();
        return plan.course().get(stage).lines().stream()
                .filter(line -> !ticks.in().contains(line) && !ticks.out().contains(line))
                .map(line -> plan.lines().get(line).text())
                .toList();
    }

    /** Lines of the stages so far that are neither ticked nor left out, as written. */
    public List<String> forgotten() {
        List<String> lines = new ArrayList<>();
        for (int i = 0;
                plan.stages() != null && i <= stage() && i < plan.course().size();
                i++) {
            lines.addAll(unticked(i));
        }
        return lines;
    }

    static double minutesBetween(Instant from, Instant to) {
        return Math.max(0, Duration.between(from, to).toMillis() / 60_000.0);
    }
}
