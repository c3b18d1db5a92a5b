package app.gradior.batch;

import app.gradior.care.Caution;
import app.gradior.care.StageCautions;
import app.gradior.estimate.BatchStory;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.Forecast;
import app.gradior.finding.Refusal;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Moves;
import app.gradior.sauce.Piece;
import app.gradior.simmer.PotState;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A batch's plan and events as the core takes them: what happened when, and all that went into the pot. */
public final class BatchTelling {
    private final Batch batch;
    private final BatchPlan plan;
    private final Map<String, List<Understood>> added;

    public BatchTelling(Batch batch) {
        this.batch = batch;
        this.plan = batch.plan().with(batch.lines());
        this.added = batch.additions();
    }

    /** What each kind of event tells the estimator; empty for what changes nothing in the pot. */
    private static final EventCases<Told, Optional<BatchStory.What>> TELLS =
            EventCases.<Told, Optional<BatchStory.What>>otherwise((event, told) -> Optional.empty())
                    .on(
                            EventBody.Read.class,
                            (read, told) -> Optional.of(new BatchStory.Reading(read.kind(), read.value())))
                    .on(EventBody.StageDone.class, (done, told) -> Optional.of(new BatchStory.NextStage()))
                    .on(EventBody.HeatSet.class, (set, told) -> Optional.of(new BatchStory.LookSet(set.look())))
                    .on(EventBody.LidSet.class, (set, told) -> Optional.of(new BatchStory.LidSet(set.state())))
                    .on(EventBody.Added.class, (added, told) -> Optional.of(told.added()))
                    .on(EventBody.Slurry.class, (slurry, told) -> Optional.of(told.slurry()))
                    .on(EventBody.Taken.class, (taken, told) -> Optional.of(taken(taken)))
                    .on(
                            EventBody.Coated.class,
                            (coated, told) ->
                                    Optional.ofNullable(coated.massG()).map(g -> new BatchStory.Taken(g, 0)))
                    .on(
                            EventBody.Blended.class,
                            (blended, told) -> Optional.of(
                                    new BatchStory.Pressed(Pressing.BLENDED, BatchStory.Pressed.NOT_WEIGHED)))
                    .on(EventBody.Sieved.class, (sieved, told) -> Optional.of(pressed(sieved)))
                    .on(EventBody.OffHeat.class, (off, told) -> Optional.of(new BatchStory.OnHeat(false)))
                    .on(EventBody.BackOn.class, (back, told) -> Optional.of(new BatchStory.OnHeat(true)));

    /** An event of a batch, the stage it happened in, and what was told before. */
    private record Told(BatchTelling telling, BatchEvent event, int stage, List<Happening> before) {
        Mixture in() {
            return telling.mixture(telling.readings(event));
        }

        /** Food that is put into a stage that cooks it is no part of the sauce. */
        BatchStory.Added added() {
            Map<Integer, Piece> foods = new HashMap<>();
            List<LineReading> sauce = new ArrayList<>();
            int fresh = -1 - foodsBefore();
            for (LineReading line : telling.readings(event)) {
                Optional<Piece> food =
                        line.food().filter(one -> telling.cooks(stage, one)).map(one -> Piece.of(one, line.massG()));
                food.ifPresentOrElse(one -> foods.put(fresh - foods.size(), one), () -> sauce.add(line));
            }
            return new BatchStory.Added(telling.mixture(sauce), foods);
        }

        private int foodsBefore() {
            return before.stream()
                    .mapToInt(one -> one.what() instanceof BatchStory.Added added
                            ? added.foods().size()
                            : 0)
                    .sum();
        }

        BatchStory.What slurry() {
            return telling.pours(stage) ? new BatchStory.Poured(in()) : new BatchStory.Added(in());
        }
    }

    private static BatchStory.What taken(EventBody.Taken taken) {
        return new BatchStory.Taken(taken.massG() == null ? 0 : taken.massG(), taken.ml() == null ? 0 : taken.ml());
    }

    private static BatchStory.What pressed(EventBody.Sieved sieved) {
        return new BatchStory.Pressed(
                sieved.milled() ? Pressing.MILLED : Pressing.SIEVED,
                sieved.leftG() == null ? BatchStory.Pressed.NOT_WEIGHED : sieved.leftG());
    }

    /** What the estimator is told. */
    public BatchStory story() {
        List<Happening> happenings = new ArrayList<>();
        Set<Integer> everOut = new TreeSet<>();
        Set<Integer> out = new TreeSet<>();
        for (BatchState.Placed placed : batch.folded().standing()) {
            BatchEvent event = placed.event();
            double minute = batch.minuteOf(event.at());
            if (event.body() instanceof EventBody.LeftOut left) {
                everOut.addAll(left.lines());
                out.addAll(left.lines());
            } else if (event.body() instanceof EventBody.Ticked ticked) {
                for (int line : ticked.lines()) {
                    if (out.remove(line)) {
                        happenings.add(new Happening(minute, putIn(line)));
                    }
                }
            } else {
                TELLS.of(event.body(), new Told(this, event, placed.stage(), happenings))
                        .ifPresent(what -> happenings.add(new Happening(minute, what)));
            }
        }
        return new BatchStory(
                plan.parts(everOut),
                plan.ingredients().spread(),
                plan.potOnHeat(),
                plan.prior(),
                plan.pot().emptyG(),
                plan.servedC(),
                plan.hotAtStart(),
                happenings);
    }

    private BatchStory.Added putIn(int line) {
        return plan.cooksIn(line)
                .map(piece -> new BatchStory.Added(Mixture.EMPTY, Map.of(line, piece)))
                .orElseGet(() -> new BatchStory.Added(plan.line(line)));
    }

    private Mixture mixture(List<LineReading> lines) {
        return new Ingredients(lines, plan.texture()).mixture();
    }

    private boolean cooks(int stage, Food food) {
        List<BatchPlan.PlanStage> course = plan.course();
        return stage < course.size() && Piece.cooksIn(course.get(stage).kind(), food);
    }

    private boolean pours(int stage) {
        List<BatchPlan.PlanStage> course = plan.course();
        return stage < course.size() && !course.get(stage).pours().isEmpty();
    }

    /** All that went in, what was not planned too and what was left out not: what labels and shelf dates go by. */
    public Ingredients wentIn() {
        return without(batch.ticks().out());
    }

    /** All that went in but these lines of the plan. */
    private Ingredients without(Set<Integer> out) {
        List<LineReading> planned = plan.ingredients().lines();
        List<LineReading> in = new ArrayList<>();
        for (int i = 0; i < planned.size(); i++) {
            if (!out.contains(i)) {
                in.add(planned.get(i));
            }
        }
        for (BatchEvent event : batch.standing()) {
            in.addAll(readings(event));
        }
        return new Ingredients(in, plan.texture());
    }

    /** What went in before a stage began. */
    private List<LineReading> before(int stage) {
        Set<Integer> out = new TreeSet<>(batch.ticks().out());
        out.addAll(beside(stage));
        List<LineReading> in = new ArrayList<>();
        for (BatchPlan.PlanStage earlier : plan.course().subList(0, stage)) {
            Stream.concat(earlier.lines().stream(), earlier.pours().stream())
                    .filter(line -> !out.contains(line))
                    .forEach(line -> in.add(plan.lines().get(line).line()));
        }
        in.addAll(added(during -> during < stage));
        return in;
    }

    /** What was put in by hand during such stages. */
    private List<LineReading> added(IntPredicate stages) {
        return batch.folded().standing().stream()
                .filter(placed -> stages.test(placed.stage()))
                .flatMap(placed -> readings(placed.event()).stream())
                .toList();
    }

    /** The plan's lines that were lifted out before a stage and are not back. */
    private Set<Integer> beside(int stage) {
        Moves moves = new Moves();
        plan.course().subList(0, stage).forEach(earlier -> moves.add(earlier.kind(), earlier.working()));
        return moves.beside();
    }

    /** The cautions of the stage it is in. */
    List<Caution> cautions(Forecast forecast) {
        int at = batch.stage();
        if (at >= plan.course().size()) {
            return List.of();
        }
        BatchPlan.PlanStage stage = plan.course().get(at);
        Set<Integer> out = batch.ticks().out();
        List<LineReading> in = new ArrayList<>(added(during -> during == at));
        stage.lines().stream()
                .filter(line -> !out.contains(line))
                .forEach(line -> in.add(plan.lines().get(line).line()));
        PotState now = forecast.likely();
        double heatC =
                Double.isNaN(now.boilingC()) ? now.tempC() : batch.heat().look().potTempC(now.boilingC());
        return StageCautions.of(
                stage.kind(),
                new StageCautions.InPot(now.mixture(), now.mixture(), Math.max(now.tempC(), heatC), now.tempC()),
                in,
                before(at));
    }

    /** Whole pieces in it that come out before a blade. */
    public Optional<Caution> wholePieces() {
        Set<Integer> out = new TreeSet<>(batch.ticks().out());
        out.addAll(beside(Math.min(batch.stage(), plan.course().size())));
        return StageCautions.wholePieces(without(out).lines());
    }

    /** Why a batch with such an event cannot be reckoned. */
    public static Refusal notUnderstood(BatchEvent event) {
        String words = event.body() instanceof EventBody.Added added
                ? added.ingredients().stream()
                        .map(i -> i.line() == null ? "" + i.food() : i.line())
                        .collect(Collectors.joining("; "))
                : "";
        return Refusal.unfit("entry", new AdmissionFinding.NotUnderstood(words));
    }

    private List<LineReading> readings(BatchEvent event) {
        if (!event.isUnderstood()) {
            throw notUnderstood(event);
        }
        return added.getOrDefault(event.clientKey(), List.of()).stream()
                .map(Understood::line)
                .toList();
    }
}
