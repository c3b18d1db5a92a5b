package app.gradior.batch;

import app.gradior.care.Caution;
import app.gradior.care.StageCautions;
import app.gradior.estimate.BatchStory;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Kind;
import app.gradior.estimate.Forecast;
import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.sauce.Ingredients;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

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

    /** What the estimator is told. */
    public BatchStory story() {
        List<Happening> happenings = new ArrayList<>();
        Set<Integer> everOut = new TreeSet<>();
        Set<Integer> out = new TreeSet<>();
        int stage = 0;
        for (BatchEvent event : batch.standing()) {
            double minute = batch.minuteOf(event.at());
            if (event.body() instanceof EventBody.LeftOut left) {
                everOut.addAll(left.lines());
                out.addAll(left.lines());
            } else if (event.body() instanceof EventBody.Ticked ticked) {
                for (int line : ticked.lines()) {
                    if (out.remove(line)) {
                        happenings.add(new Happening(minute, new BatchStory.Added(plan.line(line))));
                    }
                }
            } else {
                BatchStory.What what = what(event, stage);
                stage += event.body() instanceof EventBody.StageDone ? 1 : 0;
                if (what != null) {
                    happenings.add(new Happening(minute, what));
                }
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

    private boolean pours(int stage) {
        List<BatchPlan.PlanStage> course = plan.course();
        return stage < course.size() && !course.get(stage).pours().isEmpty();
    }

    private BatchStory.@Nullable What what(BatchEvent event, int stage) {
        EventBody body = event.body();
        if (body instanceof EventBody.StageDone) {
            return new BatchStory.NextStage();
        }
        if (body instanceof EventBody.HeatSet set) {
            return new BatchStory.LookSet(Look.ofKey(set.look()));
        }
        if (body instanceof EventBody.LidSet set) {
            return new BatchStory.LidSet(LidState.ofKey(set.state()));
        }
        if (body instanceof EventBody.Added) {
            return new BatchStory.Added(new Ingredients(readings(event), plan.texture()).mixture());
        }
        if (body instanceof EventBody.Slurry) {
            Mixture in = new Ingredients(readings(event), plan.texture()).mixture();
            return pours(stage) ? new BatchStory.Poured(in) : new BatchStory.Added(in);
        }
        if (body instanceof EventBody.Taken taken) {
            return new BatchStory.Taken(taken.massG() == null ? 0 : taken.massG(), taken.ml() == null ? 0 : taken.ml());
        }
        if (body instanceof EventBody.Blended) {
            return new BatchStory.Pressed(Pressing.BLENDED, BatchStory.Pressed.NOT_WEIGHED);
        }
        if (body instanceof EventBody.Sieved sieved) {
            return new BatchStory.Pressed(
                    sieved.milled() ? Pressing.MILLED : Pressing.SIEVED,
                    sieved.leftG() == null ? BatchStory.Pressed.NOT_WEIGHED : sieved.leftG());
        }
        if (body instanceof EventBody.OffHeat) {
            return new BatchStory.OnHeat(false);
        }
        if (body instanceof EventBody.BackOn) {
            return new BatchStory.OnHeat(true);
        }
        return reading(body);
    }

    /** All that went in, what was not planned too and what was left out not: what labels and shelf dates go by. */
    public Ingredients wentIn() {
        List<LineReading> planned = plan.ingredients().lines();
        Set<Integer> out = batch.ticks().out();
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

    /** What went in before a stage began, or was added since. */
    private List<LineReading> before(int stage) {
        Set<Integer> out = batch.ticks().out();
        List<LineReading> in = new ArrayList<>();
        for (BatchPlan.PlanStage earlier : plan.course().subList(0, stage)) {
            Stream.concat(earlier.lines().stream(), earlier.pours().stream())
                    .filter(line -> !out.contains(line))
                    .forEach(line -> in.add(plan.lines().get(line).line()));
        }
        batch.standing().forEach(event -> in.addAll(readings(event)));
        return in;
    }

    /** The cautions of the stage it is in. */
    List<Caution> cautions(Forecast forecast) {
        int at = batch.stage();
        if (at >= plan.course().size()) {
            return List.of();
        }
        BatchPlan.PlanStage stage = plan.course().get(at);
        Set<Integer> out = batch.ticks().out();
        List<LineReading> in = stage.lines().stream()
                .filter(line -> !out.contains(line))
                .map(line -> plan.lines().get(line).line())
                .toList();
        double brix = forecast.brixPercent().middle();
        return StageCautions.of(
                stage.kind(),
                Double.isNaN(brix) ? 0 : brix,
                in,
                before(at),
                forecast.likely().tempC());
    }

    /** Whole pieces in it that come out before a blade. */
    Optional<Caution> wholePieces() {
        return StageCautions.wholePieces(wentIn().lines());
    }

    /** Why a batch with such an event cannot be reckoned. */
    public static Refusal notUnderstood(BatchEvent event) {
        String words = event.body() instanceof EventBody.Added added
                ? added.ingredients().stream()
                        .map(i -> i.line() == null ? "" + i.food() : i.line())
                        .collect(Collectors.joining("; "))
                : "an entry";
        return Refusal.unfit(
                "entry", "nobody knows what “" + words + "” is: teach the larder the word, or take the entry back");
    }

    private List<LineReading> readings(BatchEvent event) {
        if (!event.isUnderstood()) {
            throw notUnderstood(event);
        }
        return added.getOrDefault(event.clientKey(), List.of()).stream()
                .map(Understood::line)
                .toList();
    }

    public static boolean isReading(EventBody body) {
        return reading(body) != null;
    }

    /** The figure of a reading, in its own unit. */
    public static Optional<Double> readingOf(EventBody body) {
        return Optional.ofNullable(reading(body)).map(BatchStory.Reading::value);
    }

    private static BatchStory.@Nullable Reading reading(EventBody body) {
        if (body instanceof EventBody.Weight r) {
            return new BatchStory.Reading(Kind.WEIGHT, r.grossG());
        }
        if (body instanceof EventBody.Level r) {
            return new BatchStory.Reading(Kind.LEVEL, r.mm());
        }
        if (body instanceof EventBody.Volume r) {
            return new BatchStory.Reading(Kind.VOLUME, r.ml());
        }
        if (body instanceof EventBody.Spoon r) {
            return new BatchStory.Reading(Kind.SPOON, r.step());
        }
        if (body instanceof EventBody.Ring r) {
            return new BatchStory.Reading(Kind.RING, r.mm());
        }
        if (body instanceof EventBody.Brix r) {
            return new BatchStory.Reading(Kind.BRIX, r.percent());
        }
        if (body instanceof EventBody.Temperature r) {
            return new BatchStory.Reading(Kind.TEMPERATURE, r.c());
        }
        return null;
    }
}
