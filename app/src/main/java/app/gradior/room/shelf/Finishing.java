package app.gradior.room.shelf;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchTelling;
import app.gradior.batch.EventBody;
import app.gradior.care.ShelfLife;
import app.gradior.care.Storage;
import app.gradior.clock.Cooling;
import app.gradior.clock.CoolingIn;
import app.gradior.clock.CoolingWatch;
import app.gradior.clock.HotHold;
import app.gradior.estimate.Forecast;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.words.Words;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import app.gradior.vessel.Jar;
import app.gradior.vessel.JarFilling;
import app.gradior.vessel.PotShape;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What comes once a batch is off the heat: how it cools, what holds it, how long it keeps, how it holds warm. */
@Service
public class Finishing {
    private static final double HALF_AN_HOUR_S = 1800;
    private static final int HALF_HOURS = 3;
    private static final double FILLED_C = 85;

    private final Batches batches;
    private final KitchenKit kit;

    Finishing(Batches batches, KitchenKit kit) {
        this.batches = batches;
        this.kit = kit;
    }

    /** A way of cooling and how it goes. */
    public record CoolingChoice(CoolingIn in, CoolingWatch watch) {
        /** Whether both limits are kept. */
        public boolean inTime() {
            return watch.minutesTo21() <= Cooling.WARM_WITHIN_MIN && watch.minutesTo5() <= Cooling.COLD_WITHIN_MIN;
        }
    }

    /** Held hot, nothing added: how thick it is after so long, as hot as it is held and served. */
    public record Held(int minutes, double lostG, double stepHot, double stepServed) {}

    /** What a tool would make of it: yield, mL at 20 °C, and step served. */
    public record Tool(String name, double volumeMl, double stepServed) {}

    /**
     * All of it.
     *
     * @param what what the cook means to do with it
     * @param chosen the way it cools, corrected by the last reading
     * @param ways all ways there are, as reckoned
     * @param since when it began to cool: when it came off the heat, or was no longer held hot
     * @param held whether it is held hot, so that no clock runs
     * @param read whether anybody read its temperature since
     * @param elapsedMin since then
     * @param hotMl as it is filled
     * @param holding at a bare steam with the lid ajar, half an hour after half an hour
     * @param done what is in it, most likely
     */
    // Wide: all that the finish page asks of a batch.
    public record View(
            Batch batch,
            Forecast forecast,
            Storage what,
            CoolingChoice chosen,
            List<CoolingChoice> ways,
            Instant since,
            boolean held,
            boolean read,
            double elapsedMin,
            double coldMl,
            double hotMl,
            Optional<JarFilling.Answer> jars,
            ShelfLife shelf,
            List<Held> holding,
            List<Tool> tools,
            Ingredients ingredients,
            Mixture done) {
        public View {
            ways = List.copyOf(ways);
            tools = List.copyOf(tools);
            holding = List.copyOf(holding);
        }
    }

    /** The finish of a finished batch. */
    public View of(Kitchen kitchen, Batch batch) {
        Instant end = batch.cameOff();
        Forecast forecast = batches.forecast(batch, end);
        Mixture done = forecast.likely().mixture();
        double coldMl = batch.finish().map(EventBody.Finished::yieldMl).orElse(done.volumeMl20c());
        Mixture got = done.times(coldMl / done.volumeMl20c());
        List<BatchEvent> coolings = batch.folded().coolings();
        Optional<EventBody.Cooling> said = batch.cooling();
        Storage meant = batch.plan().then();
        Storage what = said.map(EventBody.Cooling::what).orElse(meant == null ? Storage.FRIDGE : meant);
        List<Jar> jars = KitchenKit.jars(kit.jars(kitchen.id()));
        HotHold hold = hold(batch, got, jars, coolings, end);
        Instant since = end.plusMillis(Math.round(hold.sinceMinute() * 60_000));
        List<CoolingChoice> ways = Arrays.stream(CoolingIn.values())
                .map(in -> way(batch, got, jars, in, hold.fromC()))
                .toList();
        List<BatchEvent> told = coolings.stream()
                .filter(event -> event.at().isAfter(since) && ((EventBody.Cooling) event.body()).c() != null)
                .toList();
        CoolingIn in = said.map(EventBody.Cooling::container).orElseGet(() -> best(ways));
        CoolingChoice reckoned =
                ways.stream().filter(w -> w.in() == in).findFirst().orElse(ways.get(0));
        CoolingChoice chosen = new CoolingChoice(in, read(reckoned.watch().course(), told, since));
        Ingredients ingredients = new BatchTelling(batch).wentIn();
        double hotMl = coldMl * app.gradior.mixture.SpecificVolume.expansion(FILLED_C);
        return new View(
                batch,
                forecast,
                what,
                chosen,
                ways,
                since,
                hold.held(),
                !told.isEmpty(),
                Math.max(0, minutes(since, batches.now())),
                coldMl,
                hotMl,
                jars.isEmpty() || hotMl > JarFilling.MOST_ML
                        ? Optional.empty()
                        : Optional.of(JarFilling.of(hotMl, jars)),
                ShelfLife.of(ingredients, got, what.cools() ? what : Storage.FRIDGE),
                held(batch, got, forecast.likelyBody()),
                tools(batch, got, forecast.likelyBody()),
                ingredients,
                got);
    }

    private static HotHold hold(Batch batch, Mixture got, List<Jar> jars, List<BatchEvent> coolings, Instant end) {
        List<HotHold.Said> said = coolings.stream()
                .map(event -> {
                    EventBody.Cooling cooling = (EventBody.Cooling) event.body();
                    return new HotHold.Said(
                            minutes(end, event.at()), cooling.what() == Storage.HOLD_HOT, cooling.container());
                })
                .toList();
        return HotHold.of(
                batch.plan().then() == Storage.HOLD_HOT,
                said,
                (in, fromC) -> way(batch, got, jars, in, fromC).watch().hotUntilMinute());
    }

    private static double minutes(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / 60_000.0;
    }

    private static CoolingIn best(List<CoolingChoice> ways) {
        return ways.stream()
                .filter(CoolingChoice::inTime)
                .findFirst()
                .orElse(ways.get(ways.size() - 1))
                .in();
    }

    private static CoolingChoice way(Batch batch, Mixture got, List<Jar> jars, CoolingIn in, double fromC) {
        PotShape shape = batch.plan().pot().shape();
        double level = shape.levelMm(got.volumeMl20c());
        double diameter = 2000 * Math.sqrt(shape.surfaceM2(level) / Math.PI);
        double jarMl = jars.stream().mapToDouble(Jar::fillMl).max().orElse(CoolingIn.USUAL_JAR_ML);
        return new CoolingChoice(in, CoolingWatch.of(in.course(got, diameter, level, jarMl, fromC)));
    }

    /** The course, corrected by the last reading of it. */
    private static CoolingWatch read(Cooling.Course course, List<BatchEvent> told, Instant since) {
        CoolingWatch watch = CoolingWatch.of(course);
        double fromC = course.points().get(0).tempC();
        for (BatchEvent event : told) {
            Double c = ((EventBody.Cooling) event.body()).c();
            double minute = minutes(since, event.at());
            if (c != null && minute > 1 && c < fromC - 1) {
                watch = CoolingWatch.read(course, minute, c);
            }
        }
        return watch;
    }

    private static List<Held> held(Batch batch, Mixture got, double body) {
        SimmerRun run = new SimmerRun(
                got,
                batch.plan().potOnHeat(),
                new Heat(Look.STEAMING, LidState.AJAR),
                body,
                batch.plan().servedC());
        List<Held> held = new ArrayList<>();
        for (int i = 1; i <= HALF_HOURS; i++) {
            run.advance(HALF_AN_HOUR_S);
            held.add(new Held(30 * i, got.massG() - run.massG(), run.stepHot(), run.stepServed()));
        }
        return held;
    }

    private static List<Tool> tools(Batch batch, Mixture got, double body) {
        List<Tool> tools = new ArrayList<>();
        for (Pressing pressing : Pressing.values()) {
            Mixture kept = pressing.of(got).kept();
            String name = switch (pressing) {
                case BLENDED -> "blended";
                case MILLED -> Words.text("finishing.through-a-food-mill");
                case SIEVED -> Words.text("finishing.through-a-sieve");
            };
            tools.add(new Tool(
                    name,
                    kept.volumeMl20c(),
                    Consistency.step(kept, body, batch.plan().servedC())));
        }
        return tools;
    }
}
