package app.gradior.kitchen;

import app.gradior.estimate.BatchStory;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Kind;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.Stirring;
import app.gradior.texture.Stair;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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

    /** LIVE until its finished event; then FINISHED for good. Late readings are still taken, and notes. */
    public enum State {
        LIVE,
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

    private <T extends EventBody> Optional<T> last(Class<T> type) {
        Optional<T> found = Optional.empty();
        for (BatchEvent event : standing()) {
            if (type.isInstance(event.body())) {
                found = Optional.of(type.cast(event.body()));
            }
        }
        return found;
    }

    /** How the pot is set at the end of the log. */
    public Heat heat() {
        Look look = plan.look();
        LidState lid = plan.lid();
        for (BatchEvent event : standing()) {
            if (event.body() instanceof EventBody.HeatSet set) {
                look = Look.ofKey(set.look());
            } else if (event.body() instanceof EventBody.LidSet set) {
                lid = LidState.ofKey(set.state());
            }
        }
        return new Heat(look, lid);
    }

    /** When something was last read from the pot, if ever. */
    public Optional<Instant> lastReading() {
        return standing().stream()
                .filter(event -> reading(event.body()) != null)
                .map(BatchEvent::at)
                .reduce((a, b) -> b);
    }

    /** What to do with it now. */
    public Prompt prompt(Forecast forecast, Instant now) {
        if (!onHeat()) {
            return Prompt.offTheHeat(forecast);
        }
        Instant heard = events.stream().map(BatchEvent::at).reduce(startedAt, (a, b) -> b.isAfter(a) ? b : a);
        double sinceReading = lastReading().map(at -> minutesBetween(at, now)).orElse(Double.POSITIVE_INFINITY);
        Instant stirred = standing().stream()
                .filter(event -> event.body() instanceof EventBody.Stirred)
                .map(BatchEvent::at)
                .reduce(startedAt, (a, b) -> b.isAfter(a) ? b : a);
        Stirring stirring = Stirring.of(
                Stair.viscosityPaS(forecast.stepHot().middle()),
                forecast.brixPercent().middle(),
                Math.max(1, forecast.levelMm().middle()),
                heat().look());
        return Prompt.of(forecast, minutesBetween(heard, now), sinceReading, stirring, minutesBetween(stirred, now));
    }

    private static double minutesBetween(Instant from, Instant to) {
        return Math.max(0, Duration.between(from, to).toMillis() / 60_000.0);
    }

    /** Readings that stand, in the order the estimator numbers them. */
    public List<BatchEvent> readings() {
        return standing().stream().filter(e -> reading(e.body()) != null).toList();
    }

    /** What the estimator is told. */
    public BatchStory story(Lines lines, Kitchen kitchen) {
        List<Happening> happenings = new ArrayList<>();
        for (BatchEvent event : standing()) {
            BatchStory.What what = what(event.body(), lines, kitchen);
            if (what != null) {
                happenings.add(new Happening(minuteOf(event.at()), what));
            }
        }
        return new BatchStory(
                plan.start(lines.catalogue(kitchen)),
                plan.ingredients(lines.catalogue(kitchen)).spread(),
                plan.potOnHeat(),
                plan.pairFactor() != null,
                plan.pot().emptyG(),
                plan.heat(),
                plan.servedC(),
                happenings);
    }

    private BatchStory.@Nullable What what(EventBody body, Lines lines, Kitchen kitchen) {
        if (body instanceof EventBody.HeatSet set) {
            return new BatchStory.LookSet(Look.ofKey(set.look()));
        }
        if (body instanceof EventBody.LidSet set) {
            return new BatchStory.LidSet(LidState.ofKey(set.state()));
        }
        if (body instanceof EventBody.Added added) {
            return new BatchStory.Added(mixture(added, lines, kitchen));
        }
        if (body instanceof EventBody.Slurry slurry) {
            StarchKind kind = StarchKind.ofKey(slurry.starch());
            Mixture powder = Mixture.of(lines.catalogue(kitchen).powder(kind), slurry.starchG());
            return new BatchStory.Added(
                    powder.plus(Mixture.of(lines.food(kitchen, "water", "liquid"), slurry.liquidG())));
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

    /** Whether it stands on the heat at the end of the log. */
    public boolean onHeat() {
        boolean on = true;
        for (BatchEvent event : standing()) {
            on = event.body() instanceof EventBody.BackOn || on && !(event.body() instanceof EventBody.OffHeat);
        }
        return on;
    }

    private Mixture mixture(EventBody.Added added, Lines lines, Kitchen kitchen) {
        List<LineReading> readings = new ArrayList<>();
        for (int i = 0; i < added.ingredients().size(); i++) {
            readings.add(added.ingredients().get(i).read(lines, kitchen, "ingredients[" + i + "]"));
        }
        return new Ingredients(readings, plan.texture()).mixture();
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
