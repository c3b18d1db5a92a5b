package app.gradior.batch;

import app.gradior.finding.Refusal;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.StageName;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;

/** Whether an event fits a batch as it stands. */
public final class Admission {
    /** How far ahead of our clock another device's may be. */
    public static final Duration CLOCK_SKEW = Duration.ofMinutes(5);
    /** A pot that nobody touched for so long is set aside: longer than any stock simmers overnight without a look; arbitrary. */
    public static final Duration UNTOUCHED = Duration.ofHours(12);

    /** A scale that tells every five seconds does so for seven hours. */
    public static final int MOST_READINGS = 5000;

    public static final int MOST_OTHER_EVENTS = 5000;

    /** Said of a batch that is off the heat for good. */
    private static final Set<Class<? extends EventBody>> LATE =
            Set.of(EventBody.NextDay.class, EventBody.Rated.class, EventBody.Cooling.class);
    /** Taken of a finished batch beside those. */
    private static final Set<Class<? extends EventBody>> AFTERWARDS =
            Set.of(EventBody.Note.class, EventBody.Corrected.class);

    private static final Set<Class<? extends EventBody>> FROM_ASIDE =
            Set.of(EventBody.TakenUp.class, EventBody.Finished.class, EventBody.Note.class);
    /** What ends, takes back or finishes is taken however much there is. */
    private static final Set<Class<? extends EventBody>> ALWAYS = Set.of(
            EventBody.Finished.class,
            EventBody.Undo.class,
            EventBody.StageDone.class,
            EventBody.SetAside.class,
            EventBody.TakenUp.class);

    private static final Set<Class<? extends EventBody>> NEVER_UNDONE =
            Set.of(EventBody.SetAside.class, EventBody.TakenUp.class);

    private static final EventCases<Batch, Boolean> FITS = EventCases.<Batch, Boolean>otherwise((event, batch) -> true)
            .on(EventBody.Read.class, Admission::read)
            .on(EventBody.Ticked.class, (ticked, batch) -> lines(ticked.lines(), batch))
            .on(EventBody.LeftOut.class, (left, batch) -> lines(left.lines(), batch))
            .on(EventBody.StageDone.class, Admission::stage)
            .on(EventBody.Undo.class, Admission::undone);

    private Admission() {}

    /**
     * That an event fits.
     *
     * @param at when it happened
     * @param now by our clock
     * @throws Refusal naming the field that does not, or the state the batch is in
     */
    public static void check(Batch batch, Instant at, EventBody body, Instant now) {
        if (at.isAfter(now.plus(CLOCK_SKEW))) {
            throw Refusal.unfit("at", new AdmissionFinding.InTheFuture(at, now));
        }
        if (at.isBefore(batch.startedAt())) {
            throw Refusal.unfit("at", new AdmissionFinding.BeforeTheStart(at, batch.startedAt()));
        }
        room(batch, body);
        state(batch, body);
        FITS.of(body, batch);
    }

    /** Readings have a limit, so that a device that tells without end ends. */
    private static void room(Batch batch, EventBody body) {
        boolean reading = body instanceof EventBody.Read;
        int most = reading ? MOST_READINGS : MOST_OTHER_EVENTS;
        long have = batch.events().stream()
                .filter(e -> e.body() instanceof EventBody.Read == reading)
                .count();
        if (!ALWAYS.contains(body.getClass()) && have >= most) {
            throw Refusal.conflict(
                    "events",
                    reading ? new AdmissionFinding.TooManyReadings(most) : new AdmissionFinding.TooManyEntries(most));
        }
    }

    private static void state(Batch batch, EventBody body) {
        Class<? extends EventBody> kind = body.getClass();
        boolean late = LATE.contains(kind);
        boolean afterwards = late
                || AFTERWARDS.contains(kind)
                || body instanceof EventBody.Undo undo && batch.isCorrection(undo.undoneKey());
        switch (batch.state()) {
            case ASIDE -> refuseIf(!FROM_ASIDE.contains(kind), new AdmissionFinding.SetAside());
            case FINISHED -> refuseIf(!afterwards, new AdmissionFinding.Finished());
            case LIVE -> {
                refuseIf(body instanceof EventBody.TakenUp, new AdmissionFinding.NotSetAside());
                refuseIf(late, new AdmissionFinding.StillOn());
            }
        }
    }

    private static void refuseIf(boolean wrong, AdmissionFinding why) {
        if (wrong) {
            throw Refusal.conflict("state", why);
        }
    }

    /** That a pot like this one can be read so. */
    private static boolean read(EventBody.Read read, Batch batch) {
        ReadingKind kind = read.kind();
        double emptyG = batch.plan().pot().emptyG();
        double rimMm = batch.plan().pot().heightMm();
        if (kind == ReadingKind.WEIGHT && read.value() < emptyG) {
            throw Refusal.unfit(
                    kind.field(), new AdmissionFinding.LighterThanThePot(kind.field(), read.value(), emptyG));
        }
        if (kind == ReadingKind.LEVEL && read.value() > rimMm) {
            throw Refusal.unfit(kind.field(), new AdmissionFinding.AboveTheRim(kind.field(), read.value(), rimMm));
        }
        return true;
    }

    private static boolean lines(List<Integer> lines, Batch batch) {
        lines.forEach(
                line -> Refusal.inRange("lines", line, 0, batch.plan().lines().size() - 1, ""));
        return true;
    }

    private static boolean stage(EventBody.StageDone done, Batch batch) {
        List<BatchPlan.PlanStage> course = batch.plan().course();
        Integer ended = done.stage();
        int at = batch.stage();
        if (ended != null && ended < at && ended < course.size()) {
            StageName over = course.get(ended).name();
            throw Refusal.conflict(
                    "stage",
                    at < course.size()
                            ? new AdmissionFinding.StageIsOver(
                                    over, course.get(at).name())
                            : new AdmissionFinding.LastStageIsOver(over));
        }
        if (at >= course.size()) {
            throw Refusal.conflict("type", new AdmissionFinding.AllStagesAreOver());
        }
        if (ended != null && ended > at) {
            throw Refusal.conflict(
                    "stage",
                    new AdmissionFinding.AnotherStageFirst(course.get(at).name()));
        }
        return true;
    }

    private static boolean undone(EventBody.Undo undo, Batch batch) {
        boolean stands = batch.standing().stream()
                .filter(e -> !NEVER_UNDONE.contains(e.body().getClass()))
                .anyMatch(e -> e.clientKey().equals(undo.undoneKey()));
        if (!stands) {
            throw Refusal.unfit("undoneKey", new AdmissionFinding.NoSuchEvent(undo.undoneKey()));
        }
        return true;
    }
}
