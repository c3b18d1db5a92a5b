package app.gradior.batch;

import app.gradior.reading.ReadingKind;
import app.gradior.simmer.Heat;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * What a batch's plan and log come to. The log is gone through once, in the order in which things happened; pages, API, lists, files,
 * alarms and the estimator all read what that gave.
 */
public final class BatchState {
    private static final EventCases<Fold, Boolean> CASES = EventCases.<Fold, Boolean>otherwise((event, fold) -> false)
            .does(EventBody.Added.class, (added, fold) -> fold.putIn())
            .does(EventBody.Slurry.class, (slurry, fold) -> fold.poured(slurry))
            .does(EventBody.Corrected.class, (kept, fold) -> fold.corrections.add(fold.event()))
            .does(EventBody.Ticked.class, (ticked, fold) -> fold.ticked(ticked.lines()))
            .does(EventBody.LeftOut.class, (left, fold) -> fold.leftOut(left.lines()))
            .does(EventBody.StageDone.class, (done, fold) -> fold.nextStage())
            .does(EventBody.HeatSet.class, (set, fold) -> fold.set(new Heat(set.look(), fold.heat.lid())))
            .does(EventBody.LidSet.class, (set, fold) -> fold.set(new Heat(fold.heat.look(), set.state())))
            .does(EventBody.OffHeat.class, (off, fold) -> fold.onHeat(false))
            .does(EventBody.BackOn.class, (back, fold) -> fold.onHeat(true))
            .does(EventBody.Stirred.class, (stirred, fold) -> fold.stirred())
            .does(
                    EventBody.Coated.class,
                    (coated, fold) -> fold.coats.add(fold.event().at()))
            .does(EventBody.Read.class, (read, fold) -> fold.read(read.kind()))
            .does(EventBody.Note.class, (note, fold) -> fold.noted(Optional.of(note.text())))
            .does(EventBody.Finished.class, (finished, fold) -> fold.noted(Optional.ofNullable(finished.note())))
            .does(EventBody.NextDay.class, (next, fold) -> fold.noted(Optional.ofNullable(next.note())))
            .does(EventBody.Cooling.class, (kept, fold) -> fold.coolings.add(fold.event()));

    private final Fold fold;

    private BatchState(Fold fold) {
        this.fold = fold;
    }

    /** A standing event and the stage, by its place from 0, in which it happened; the number of stages after the last. */
    public record Placed(BatchEvent event, int stage) {}

    /** What became of the plan's lines: those ticked, and those left out. */
    public record Ticks(Set<Integer> in, Set<Integer> out) {}

    /**
     * What was poured of the slurry since the stage began.
     *
     * @param last when the last portion went in; absent before the first
     * @param seen whether it was looked at since
     */
    public record Poured(double starchG, Optional<Instant> last, boolean seen) {}

    /**
     * The state that a log comes to.
     *
     * @param events in order of the time they happened, those taken back included
     */
    public static BatchState of(BatchPlan plan, Instant startedAt, List<BatchEvent> events) {
        Set<String> undone = new HashSet<>();
        for (BatchEvent event : events) {
            if (event.body() instanceof EventBody.Undo undo) {
                undone.add(undo.undoneKey());
            }
        }
        Fold fold = new Fold(plan, startedAt);
        for (BatchEvent event : events) {
            if (!(event.body() instanceof EventBody.Undo) && !undone.contains(event.clientKey())) {
                fold.take(event);
            }
        }
        fold.correct();
        return new BatchState(fold);
    }

    /** One pass over a log. */
    private static final class Fold {
        private final BatchPlan plan;
        private final List<Placed> standing = new ArrayList<>();
        private final Map<Class<? extends EventBody>, BatchEvent> last = new LinkedHashMap<>();
        private final List<BatchEvent> corrections = new ArrayList<>();
        private final List<BatchEvent> coolings = new ArrayList<>();
        private final List<BatchEvent> readings = new ArrayList<>();
        private final List<Instant> stageEnds = new ArrayList<>();
        private final List<Instant> coats = new ArrayList<>();
        private final List<String> notes = new ArrayList<>();
        private final Set<Integer> in = new TreeSet<>();
        private final Set<Integer> out = new TreeSet<>();
        private final Map<String, List<Understood>> additions = new LinkedHashMap<>();
        private final List<Understood> lines;
        private Heat heat;
        private boolean onHeat;
        private Instant stageBegan;
        private Instant stirred;
        private Poured poured = new Poured(0, Optional.empty(), false);
        private @Nullable BatchEvent taking;

        Fold(BatchPlan plan, Instant startedAt) {
            this.plan = plan;
            this.lines = new ArrayList<>(plan.lines());
            BatchPlan.PlanStage first = plan.course().get(0);
            this.heat = first.heat();
            this.onHeat = first.onHeat();
            this.stageBegan = startedAt;
            this.stirred = startedAt;
        }

        void take(BatchEvent next) {
            taking = next;
            standing.add(
                    new Placed(next, Math.min(stageEnds.size(), plan.course().size())));
            last.put(next.body().getClass(), next);
            CASES.of(next.body(), this);
        }

        private BatchEvent event() {
            return Objects.requireNonNull(taking);
        }

        void putIn() {
            additions.put(event().clientKey(), new ArrayList<>(event().understood()));
        }

        void poured(EventBody.Slurry slurry) {
            poured = new Poured(poured.starchG() + slurry.starchG(), Optional.of(event().at()), false);
            putIn();
        }

        void read(ReadingKind kind) {
            readings.add(event());
            if (kind.showsThickness()) {
                poured = new Poured(poured.starchG(), poured.last(), true);
            }
        }

        void ticked(List<Integer> ticked) {
            in.addAll(ticked);
            out.removeAll(ticked);
        }

        void leftOut(List<Integer> left) {
            out.addAll(left);
            in.removeAll(left);
        }

        void nextStage() {
            stageEnds.add(event().at());
            stageBegan = event().at();
            poured = new Poured(0, Optional.empty(), false);
            boolean more = stageEnds.size() < plan.course().size();
            if (more) {
                heat = plan.course().get(stageEnds.size()).heat();
            }
            onHeat = more && plan.course().get(stageEnds.size()).onHeat();
        }

        void set(Heat now) {
            heat = now;
        }

        void onHeat(boolean on) {
            onHeat = on;
        }

        void stirred() {
            stirred = event().at();
        }

        void noted(Optional<String> note) {
            note.ifPresent(notes::add);
        }

        /** Corrections hold for what was recorded, whenever it was. */
        void correct() {
            for (BatchEvent correction : corrections) {
                EventBody.Corrected body = (EventBody.Corrected) correction.body();
                List<Understood> of =
                        body.added() == null ? lines : additions.getOrDefault(body.added(), new ArrayList<>());
                if (correction.isUnderstood() && body.line() < of.size()) {
                    of.set(body.line(), correction.understood().get(0));
                }
            }
        }
    }

    /** Events that stand, with their stages: without those taken back, and without the takings-back. */
    public List<Placed> standing() {
        return Collections.unmodifiableList(fold.standing);
    }

    /** The last standing event of that kind. */
    public Optional<BatchEvent> last(Class<? extends EventBody> kind) {
        return Optional.ofNullable(fold.last.get(kind));
    }

    /** The plan's lines as they stand: as understood at the start, or as corrected since. */
    public List<Understood> lines() {
        return Collections.unmodifiableList(fold.lines);
    }

    /** What was added and poured, as it stands, by the client keys of the events that put it in. */
    public Map<String, List<Understood>> additions() {
        return Collections.unmodifiableMap(fold.additions);
    }

    /** What became of the plan's lines. */
    public Ticks ticks() {
        return new Ticks(Collections.unmodifiableSet(fold.in), Collections.unmodifiableSet(fold.out));
    }

    /** Place of the stage it is in; the number of stages when all are over. */
    public int stage() {
        return Math.min(fold.stageEnds.size(), fold.plan.course().size());
    }

    /** When each stage that is over ended. */
    public List<Instant> stageEnds() {
        return Collections.unmodifiableList(fold.stageEnds.subList(0, stage()));
    }

    /** When the stage it is in began. */
    public Instant stageBegan() {
        return fold.stageBegan;
    }

    /** How the pot is set. */
    public Heat heat() {
        return fold.heat;
    }

    /** Whether it stands on the heat. */
    public boolean onHeat() {
        return fold.onHeat;
    }

    /** Readings, in the order the estimator numbers them. */
    public List<BatchEvent> readings() {
        return Collections.unmodifiableList(fold.readings);
    }

    /** When something was last read from the pot, if ever. */
    public Optional<Instant> lastReading() {
        return fold.readings.isEmpty()
                ? Optional.empty()
                : Optional.of(fold.readings.get(fold.readings.size() - 1).at());
    }

    /** When each coat went on the food. */
    public List<Instant> coats() {
        return Collections.unmodifiableList(fold.coats);
    }

    /** When it was last stirred, or the stage began. */
    public Instant stirred() {
        return fold.stirred.isAfter(fold.stageBegan) ? fold.stirred : fold.stageBegan;
    }

    /** What was poured of the slurry since the stage began. */
    public Poured poured() {
        return fold.poured;
    }

    /** All that was said of how it cools. */
    public List<BatchEvent> coolings() {
        return Collections.unmodifiableList(fold.coolings);
    }

    /** All notes, of the cooking, the finish and the next day, a line each. */
    public String notes() {
        return String.join("\n", fold.notes);
    }
}
