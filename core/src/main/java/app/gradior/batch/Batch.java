package app.gradior.batch;

import app.gradior.care.Caution;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.estimate.Watch;
import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.Heat;
import app.gradior.simmer.Stirring;
import app.gradior.solve.Thickening;
import app.gradior.texture.Stair;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A batch: its plan and its log. Everything else about it is worked out from these two.
 *
 * @param events in order of the time they happened, undone ones included
 * @param finishedAt when it came off the heat; absent while live
 */
public record Batch(
        long id,
        @Nullable Long sauceId,
        @Nullable Integer sauceVersion,
        String name,
        BatchPlan plan,
        State state,
        Instant startedAt,
        @Nullable Instant finishedAt,
        List<BatchEvent> events) {

    /** A pot of fat wants stirring so often, min; arbitrary. */
    private static final double STIR_FAT_MIN = 1;
    /** Lines that go in are asked for at the start of their stage, and once more when it ends, min. */
    private static final double ASK_FOR_LINES_MIN = 4;

    /**
     * LIVE until its finished event; then FINISHED for good: late readings are still taken, and notes. A live one can be set aside
     * (ASIDE), and be taken up again or finished from there.
     */
    public enum State {
        LIVE,
        ASIDE,
        FINISHED
    }

    public Batch {
        events = List.copyOf(events);
    }

    /** Events that stand: without those taken back, and without the takings-back. */
    public List<BatchEvent> standing() {
        Set<String> undone = new HashSet<>();
        for (BatchEvent event : events) {
            if (event.body() instanceof EventBody.Undo undo) {
                undone.add(undo.undoneKey());
            }
        }
        return events.stream()
                .filter(e -> !(e.body() instanceof EventBody.Undo) && !undone.contains(e.clientKey()))
                .toList();
    }

    /** Minutes from the start to a moment, not below 0. */
    public double minuteOf(Instant at) {
        return minutesBetween(startedAt, at);
    }

    /** The moment a minute of this batch falls on. */
    public Instant momentOf(double minute) {
        return startedAt.plusMillis(Math.round(minute * 60_000));
    }

    public Batch with(List<BatchEvent> log) {
        return new Batch(id, sauceId, sauceVersion, name, plan, state, startedAt, finishedAt, log);
    }

    /** The batch as it was known at a moment: what had been recorded by then, whenever it happened. */
    public Batch knownAt(Instant at) {
        return new Batch(
                id,
                sauceId,
                sauceVersion,
                name,
                plan,
                State.LIVE,
                startedAt,
                null,
                events.stream().filter(e -> !e.recordedAt().isAfter(at)).toList());
    }

    public Optional<EventBody.Finished> finish() {
        return last(EventBody.Finished.class);
    }

    public Optional<EventBody.NextDay> nextDay() {
        return last(EventBody.NextDay.class);
    }

    /** When it came off the heat; refused while it is on. */
    public Instant cameOff() {
        Instant end = finishedAt;
        if (end == null) {
            throw Refusal.conflict("state", "This batch is still on: take it off the heat first.");
        }
        return end;
    }

    /** What was last said of how it cools. */
    public Optional<EventBody.Cooling> cooling() {
        return last(EventBody.Cooling.class);
    }

    public Optional<EventBody.Rated> rating() {
        return last(EventBody.Rated.class);
    }

    /** All notes, of the cooking, the finish and the next day, a line each. */
    public String notes() {
        List<String> notes = new ArrayList<>();
        for (BatchEvent event : standing()) {
            if (event.body() instanceof EventBody.Note note) {
                notes.add(note.text());
            } else if (event.body() instanceof EventBody.Finished finished && finished.note() != null) {
                notes.add(finished.note());
            } else if (event.body() instanceof EventBody.NextDay next && next.note() != null) {
                notes.add(next.note());
            }
        }
        return String.join("\n", notes);
    }

    private <T extends EventBody> Optional<T> last(Class<T> type) {
        Optional<T> found = Optional.empty();
        for (BatchEvent event : standing()) {
            if (type.isInstance(event.body())) {
                found = Optional.of(type.cast(event.body()));
            }
        }
        return found;
    }

    /** Place of the stage it is in; the number of stages when all are over. */
    public int stage() {
        long done = standing().stream()
                .filter(event -> event.body() instanceof EventBody.StageDone)
                .count();
        return (int) Math.min(done, plan.course().size());
    }

    /** When the stage it is in began. */
    public Instant stageBegan() {
        return last(event -> event.body() instanceof EventBody.StageDone)
                .map(BatchEvent::at)
                .orElse(startedAt);
    }

    /** When each stage that is over ended. */
    public List<Instant> stageEnds() {
        return standing().stream()
                .filter(event -> event.body() instanceof EventBody.StageDone)
                .map(BatchEvent::at)
                .limit(plan.course().size())
                .toList();
    }

    private Optional<BatchEvent> last(Predicate<BatchEvent> wanted) {
        return standing().stream().filter(wanted).reduce((a, b) -> b);
    }

    private Stream<BatchEvent> sinceStageBegan() {
        List<BatchEvent> standing = standing();
        int from = 0;
        for (int i = 0; i < standing.size(); i++) {
            from = standing.get(i).body() instanceof EventBody.StageDone ? i + 1 : from;
        }
        return standing.subList(from, standing.size()).stream();
    }

    /** The plan's lines as they stand: as understood at the start, or as corrected since. */
    public List<Understood> lines() {
        List<Understood> lines = new ArrayList<>(plan.lines());
        for (BatchEvent event : standing()) {
            if (event.body() instanceof EventBody.Corrected corrected
                    && corrected.added() == null
                    && event.isUnderstood()) {
                lines.set(corrected.line(), event.understood().get(0));
            }
        }
        return lines;
    }

    /** What was added and poured, as it stands, by the client keys of the events that put it in. */
    public Map<String, List<Understood>> additions() {
        Map<String, List<Understood>> additions = new LinkedHashMap<>();
        for (BatchEvent event : standing()) {
            if (event.body() instanceof EventBody.Added || event.body() instanceof EventBody.Slurry) {
                additions.put(event.clientKey(), new ArrayList<>(event.understood()));
            }
        }
        for (BatchEvent event : standing()) {
            if (event.body() instanceof EventBody.Corrected corrected && corrected.added() != null) {
                List<Understood> put = additions.get(corrected.added());
                if (put != null && event.isUnderstood() && corrected.line() < put.size()) {
                    put.set(corrected.line(), event.understood().get(0));
                }
            }
        }
        return additions;
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
            throw Refusal.unfit("added", "no standing addition of this batch has the key '" + key + "'");
        }
        Refusal.inRange("line", corrected.line(), 0, put.size() - 1, "");
        return put.get(corrected.line());
    }

    /** What became of the plan's lines: those ticked, and those left out. */
    public record Ticks(Set<Integer> in, Set<Integer> out) {}

    /** The ticks at the end of the log. */
    public Ticks ticks() {
        Set<Integer> in = new TreeSet<>();
        Set<Integer> out = new TreeSet<>();
        for (BatchEvent event : standing()) {
            if (event.body() instanceof EventBody.Ticked ticked) {
                in.addAll(ticked.lines());
                out.removeAll(ticked.lines());
            } else if (event.body() instanceof EventBody.LeftOut left) {
                out.addAll(left.lines());
                in.removeAll(left.lines());
            }
        }
        return new Ticks(in, out);
    }

    /** How the pot is set at the end of the log. */
    public Heat heat() {
        List<BatchPlan.PlanStage> course = plan.course();
        int stage = 0;
        Heat heat = new Heat(course.get(0).look(), course.get(0).lid());
        for (BatchEvent event : standing()) {
            if (event.body() instanceof EventBody.HeatSet set) {
                heat = new Heat(Look.ofKey(set.look()), heat.lid());
            } else if (event.body() instanceof EventBody.LidSet set) {
                heat = new Heat(heat.look(), LidState.ofKey(set.state()));
            } else if (event.body() instanceof EventBody.StageDone && ++stage < course.size()) {
                heat = new Heat(course.get(stage).look(), course.get(stage).lid());
            }
        }
        return heat;
    }

    /** When something was last read from the pot, if ever. */
    public Optional<Instant> lastReading() {
        return standing().stream()
                .filter(event -> BatchTelling.isReading(event.body()))
                .map(BatchEvent::at)
                .reduce((a, b) -> b);
    }

    /** What to do with it now. */
    public Prompt prompt(Forecast forecast, Instant now) {
        List<BatchPlan.PlanStage> course = plan.course();
        int stage = stage();
        if (stage >= course.size()) {
            return Prompt.allOver(forecast);
        }
        if (!onHeat() && course.get(stage).onHeat()) {
            return Prompt.offTheHeat(forecast);
        }
        Instant heard = events.stream().map(BatchEvent::at).reduce(startedAt, (a, b) -> b.isAfter(a) ? b : a);
        double sinceReading = lastReading().map(at -> minutesBetween(at, now)).orElse(Double.POSITIVE_INFINITY);
        Instant stirred = standing().stream()
                .filter(event -> event.body() instanceof EventBody.Stirred)
                .map(BatchEvent::at)
                .reduce(stageBegan(), (a, b) -> b.isAfter(a) ? b : a);
        return Prompt.of(
                forecast,
                new Watch(
                        minutesBetween(heard, now),
                        sinceReading,
                        stirring(forecast),
                        minutesBetween(stirred, now),
                        atHand(forecast, now)));
    }

    private Stirring stirring(Forecast forecast) {
        double step = forecast.stepHot().middle();
        if (plan.course().get(stage()).kind().way() == StageKind.Way.FRYING || Double.isNaN(step)) {
            return new Stirring(STIR_FAT_MIN);
        }
        return Stirring.of(
                Stair.viscosityPaS(step),
                forecast.brixPercent().middle(),
                Math.max(1, forecast.levelMm().middle()),
                heat().look());
    }

    private Watch.AtHand atHand(Forecast forecast, Instant now) {
        List<BatchPlan.PlanStage> course = plan.course();
        int at = stage();
        BatchPlan.PlanStage stage = course.get(at);
        boolean fresh = minutesBetween(stageBegan(), now) < ASK_FOR_LINES_MIN;
        return new Watch.AtHand(
                stage.with(Mixture.EMPTY),
                stage.name(),
                at + 1 < course.size() ? course.get(at + 1).name() : "",
                course.subList(at + 1, course.size()).stream().noneMatch(BatchPlan.PlanStage::onHeat),
                fresh && plan.stages() != null ? unticked(at) : List.of(),
                pouring(forecast, now, stage));
    }

    /** Lines of a stage that are neither ticked nor left out, as written. */
    public List<String> unticked(int stage) {
        Ticks ticks = ticks();
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

    private Optional<Watch.Pouring> pouring(Forecast forecast, Instant now, BatchPlan.PlanStage stage) {
        if (stage.pours().isEmpty() || forecast.warming()) {
            return Optional.empty();
        }
        List<BatchEvent> here = sinceStageBegan().toList();
        int lastPour = -1;
        boolean seen = false;
        double pouredG = 0;
        for (int i = 0; i < here.size(); i++) {
            EventBody body = here.get(i).body();
            if (body instanceof EventBody.Slurry slurry) {
                lastPour = i;
                seen = false;
                pouredG += slurry.starchG();
            }
            seen |= body instanceof EventBody.Spoon || body instanceof EventBody.Ring;
        }
        double target = stage.stepServed() == null ? plan.targetStep() : stage.stepServed();
        Thickening thickening = new Thickening(
                forecast.likely().mixture(),
                slurryMix(stage),
                forecast.likely().tempC(),
                plan.servedC(),
                forecast.likelyBody());
        return Optional.of(new Watch.Pouring(
                thickening.next(target, pouredG),
                lastPour < 0
                        ? Double.POSITIVE_INFINITY
                        : minutesBetween(here.get(lastPour).at(), now),
                seen));
    }

    /** What to take care of in the stage it is in. */
    public List<Caution> cautions(Forecast forecast) {
        return new BatchTelling(this).cautions(forecast);
    }

    /** Whole pieces in it that come out before it is blended or milled. */
    public Optional<Caution> wholePieces() {
        return new BatchTelling(this).wholePieces();
    }

    /** The slurry that a stage takes. */
    private Thickening.Mix slurryMix(BatchPlan.PlanStage stage) {
        Understood powder = lines().get(stage.pours().get(0));
        Understood liquid = lines().get(stage.pours().get(1));
        StarchKind kind = powder.food()
                .starchKind()
                .orElseThrow(() -> new IllegalStateException(powder.food().id() + " is no starch"));
        double ratio = liquid.massG() / powder.massG();
        return new Thickening.Mix(
                kind,
                Thickening.Form.SLURRY,
                Math.max(Thickening.Mix.LEAST_RATIO, Math.min(Thickening.Mix.MOST_RATIO, ratio)));
    }

    /** The portion to pour now, if one is, and of what. */
    public Optional<NextPortion> nextPortion(Forecast forecast, Instant now) {
        int at = stage();
        if (at >= plan.course().size()) {
            return Optional.empty();
        }
        BatchPlan.PlanStage stage = plan.course().get(at);
        return pouring(forecast, now, stage)
                .flatMap(Watch.Pouring::next)
                .map(portion -> new NextPortion(slurryMix(stage).kind(), portion));
    }

    /** A portion of a slurry. */
    public record NextPortion(StarchKind starch, Thickening.Portion portion) {}

    private static double minutesBetween(Instant from, Instant to) {
        return Math.max(0, Duration.between(from, to).toMillis() / 60_000.0);
    }

    /** Readings that stand, in the order the estimator numbers them. */
    public List<BatchEvent> readings() {
        return standing().stream().filter(e -> BatchTelling.isReading(e.body())).toList();
    }

    /** Whether it stands on the heat at the end of the log. */
    public boolean onHeat() {
        List<BatchPlan.PlanStage> course = plan.course();
        int stage = 0;
        boolean on = course.get(0).onHeat();
        for (BatchEvent event : standing()) {
            if (event.body() instanceof EventBody.StageDone) {
                stage++;
                on = stage < course.size() && course.get(stage).onHeat();
            } else {
                on = event.body() instanceof EventBody.BackOn || on && !(event.body() instanceof EventBody.OffHeat);
            }
        }
        return on;
    }
}
