package app.gradior.web.pot;

import app.gradior.estimate.Band;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.kitchen.Batch;
import app.gradior.kitchen.BatchEvent;
import app.gradior.kitchen.EventBody;
import app.gradior.kitchen.IngredientInput;
import app.gradior.larder.StarchKind;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.simmer.Heat;
import app.gradior.texture.Stair;
import app.gradior.web.draw.DescentDrawing;
import app.gradior.web.draw.SectionDrawing;
import app.gradior.web.draw.StairDrawing;
import app.gradior.web.frame.Figures;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/**
 * A pot as a page shows it: the three answers, the drawings, what to do and what happened.
 *
 * @param minutesLeft for sorting; very large when there is no end in sight
 */
public record PotView(
        long id,
        String name,
        String potName,
        String started,
        Prompt prompt,
        String next,
        String stepHot,
        String stepServed,
        String servedTread,
        String servedTemp,
        String yieldFigure,
        String yieldUnit,
        String yieldBand,
        String leftFigure,
        String leftBand,
        double minutesLeft,
        String lossLine,
        String stair,
        String section,
        String descent,
        Heat heat,
        boolean onHeat,
        List<Entry> log,
        String asOf) {

    /** So much thicker than wanted is worth thinning, steps. */
    private static final double PAST_STEP = 0.4;

    /** Events that say no more than that they happened. */
    private static final Map<String, String> PLAIN = Map.of(
            "stir", "Stirred",
            "blended", "Blended",
            "offHeat", "Off the heat for a while",
            "backOn", "Back on the heat",
            "stageDone", "Stage done");

    private static final Map<String, String> SHORT = Map.of(
            "taken", "taken out", "blended", "blended", "sieved", "sieved", "offHeat", "off", "backOn", "back on");

    /** A line of the log; the key is that of an event that can be undone, or empty. */
    public record Entry(String time, String words, String undoKey, boolean doubted) {}

    /** The view of a batch with that forecast. */
    public static PotView of(Batch batch, Forecast forecast, Figures figures, Instant now, Mixture start) {
        Prompt prompt = batch.prompt(forecast, now);
        Band left =
                forecast.finish().map(f -> f.minutesFrom(forecast.nowMinute())).orElse(new Band(1e9, 1e9, 1e9));
        boolean known = forecast.finish().isPresent();
        boolean open = forecast.finish().map(Forecast.Finish::highIsOpen).orElse(true);
        double startMm = batch.plan()
                .pot()
                .shape()
                .levelMm(start.volumeMl20c()
                        * SpecificVolume.expansion(forecast.boilingC().middle()));
        Band yield = forecast.finish().map(Forecast.Finish::volumeMl20c).orElse(forecast.volumeMl20c());
        OptionalDouble stopMm = known
                ? OptionalDouble.of(forecast.finish().orElseThrow().levelMm().middle())
                : OptionalDouble.empty();
        String pot = "in the pot, "
                + figures.temp(batch.heat().look().potTempC(forecast.boilingC().middle()));
        String table = "at the table, " + figures.temp(batch.plan().servedC());
        return new PotView(
                batch.id(),
                batch.name(),
                batch.plan().pot().name(),
                figures.time(batch.startedAt()),
                prompt,
                next(batch, forecast, figures),
                figures.step(forecast.stepHot().middle()),
                figures.step(forecast.stepServed().middle()),
                Stair.Tread.of(forecast.stepServed().middle()).label(),
                figures.temp(batch.plan().servedC()),
                figures.volumeFigure(yield.middle()),
                figures.volumeUnit(yield.middle()),
                figures.volumeBand(yield),
                known ? Numbers.plain(left.middle(), 0) : "—",
                known ? figures.minutesBand(left, open) : "not as it is set now",
                left.middle(),
                lossLine(forecast, figures),
                StairDrawing.draw(
                        forecast.stepHot().middle(),
                        forecast.stepServed(),
                        batch.plan().targetStep(),
                        pot,
                        table),
                SectionDrawing.draw(
                        batch.plan().pot().shape(), startMm, forecast.levelMm().middle(), stopMm, true),
                descent(batch, forecast, figures),
                batch.heat(),
                batch.onHeat(),
                log(batch, forecast, figures),
                figures.time(now));
    }

    private static String lossLine(Forecast forecast, Figures figures) {
        return figures.mass(Math.max(0, forecast.lossGPerMin().middle())) + " a minute leaves at this heat. Boils at "
                + figures.temp(forecast.boilingC().middle()) + ". "
                + figures.mass(forecast.massG().middle())
                + " in the pot, salt " + Numbers.fixed(forecast.saltPercent().middle(), 1) + " %.";
    }

    private static String next(Batch batch, Forecast forecast, Figures figures) {
        return forecast.finish()
                .map(f -> {
                    Stair.Tread hot = Stair.Tread.of(f.stepHot().middle());
                    Stair.Tread cold = Stair.Tread.of(batch.plan().targetStep());
                    if (forecast.stepServed().middle() > batch.plan().targetStep() + PAST_STEP) {
                        return "It is past " + cold.label() + ": a little water thins it. Record it as added and see.";
                    }
                    return "At " + Numbers.plain(f.levelMm().middle(), 0) + " mm, or "
                            + figures.mass(
                                    f.massG().middle() + batch.plan().pot().emptyG())
                            + " with the pot, take it off the heat. It still looks like "
                            + hot.label() + " then: it " + hot.spoon() + ". Served at "
                            + figures.temp(batch.plan().servedC()) + " it is " + cold.label() + ".";
                })
                .orElse("Change the heat, lift the lid or add a thickener: then there is an end to say.");
    }

    static String descent(Batch batch, Forecast forecast, Figures figures) {
        List<DescentDrawing.Tick> ticks = new ArrayList<>();
        for (BatchEvent event : batch.standing()) {
            String word = tick(event.body());
            if (!word.isEmpty()) {
                ticks.add(new DescentDrawing.Tick(batch.minuteOf(event.at()), word));
            }
        }
        double stop = forecast.finish().map(f -> f.massG().middle()).orElse(Double.NaN);
        String words = "Mass in the pot over time, from "
                + figures.mass(forecast.curve().get(0).massG().middle()) + " to "
                + figures.mass(forecast.massG().middle()) + " now"
                + forecast.finish()
                        .map(f -> "; it meets the stop line between "
                                + figures.time(batch.momentOf(f.minute().low())) + " and "
                                + figures.time(batch.momentOf(f.minute().high())))
                        .orElse("");
        return DescentDrawing.draw(
                forecast.curve(), forecast.nowMinute(), stop, ticks, m -> figures.time(batch.momentOf(m)), words);
    }

    private static String tick(EventBody body) {
        if (body instanceof EventBody.Weight) {
            return "weighed";
        }
        if (body instanceof EventBody.Level) {
            return "dipped";
        }
        if (body instanceof EventBody.Spoon) {
            return "spoon";
        }
        if (body instanceof EventBody.HeatSet set) {
            return Look.ofKey(set.look()).label();
        }
        if (body instanceof EventBody.LidSet set) {
            return "lid " + LidState.ofKey(set.state()).label();
        }
        if (body instanceof EventBody.Added) {
            return "added";
        }
        return body instanceof EventBody.Slurry ? "slurry" : SHORT.getOrDefault(body.type(), "");
    }

    private static List<Entry> log(Batch batch, Forecast forecast, Figures figures) {
        List<BatchEvent> readings = batch.readings();
        List<String> doubted = forecast.wildReadings().stream()
                .filter(i -> i < readings.size())
                .map(i -> readings.get(i).clientKey())
                .toList();
        List<Entry> entries = new ArrayList<>();
        for (BatchEvent event : batch.standing()) {
            entries.add(new Entry(
                    figures.time(event.at()),
                    words(event.body(), figures),
                    event.body() instanceof EventBody.Finished ? "" : event.clientKey(),
                    doubted.contains(event.clientKey())));
        }
        Collections.reverse(entries);
        return entries;
    }

    /** An event in words. */
    public static String words(EventBody body, Figures figures) {
        if (body instanceof EventBody.Weight r) {
            return "Weighed: " + Numbers.plain(r.grossG(), 0) + " g";
        }
        if (body instanceof EventBody.Level r) {
            return "Dipped: " + Numbers.plain(r.mm(), 0) + " mm";
        }
        if (body instanceof EventBody.Volume r) {
            return "Jug: " + figures.volume(r.ml()) + " hot";
        }
        if (body instanceof EventBody.Spoon r) {
            return "Spoon: step " + Numbers.plain(r.step(), 1) + " "
                    + Stair.Tread.of(r.step()).label();
        }
        if (body instanceof EventBody.Ring r) {
            return "Ring: " + Numbers.plain(r.mm(), 0) + " mm";
        }
        if (body instanceof EventBody.Brix r) {
            return "Brix: " + Numbers.plain(r.percent(), 1);
        }
        if (body instanceof EventBody.Temperature r) {
            return "Probe: " + figures.temp(r.c());
        }
        if (body instanceof EventBody.HeatSet set) {
            return "Heat: " + Look.ofKey(set.look()).label();
        }
        if (body instanceof EventBody.LidSet set) {
            return "Lid: " + LidState.ofKey(set.state()).label();
        }
        if (body instanceof EventBody.Added added) {
            return "Added: " + added.ingredients().stream().map(PotView::name).collect(Collectors.joining("; "));
        }
        if (body instanceof EventBody.Slurry s) {
            return "Slurry: " + Numbers.plain(s.starchG(), 1) + " g "
                    + StarchKind.ofKey(s.starch()).label() + " in " + Numbers.plain(s.liquidG(), 0) + " g water";
        }
        if (body instanceof EventBody.Taken taken) {
            return "Taken out: "
                    + (taken.massG() != null
                            ? figures.mass(taken.massG())
                            : figures.volume(taken.ml() == null ? 0 : taken.ml()));
        }
        if (body instanceof EventBody.Sieved sieved) {
            return (sieved.milled() ? "Milled" : "Sieved")
                    + (sieved.leftG() == null ? "" : ", " + figures.mass(sieved.leftG()) + " stayed behind");
        }
        if (body instanceof EventBody.Note note) {
            return "Note: " + note.text();
        }
        if (body instanceof EventBody.Finished finished) {
            return "Off the heat" + (finished.yieldMl() == null ? "" : ": " + figures.volume(finished.yieldMl()));
        }
        if (body instanceof EventBody.NextDay next) {
            return "Next day" + (next.step() == null ? "" : ": step " + Numbers.plain(next.step(), 1));
        }
        return PLAIN.getOrDefault(body.type(), "");
    }

    private static String name(IngredientInput input) {
        return input.line() != null
                ? input.line()
                : Numbers.plain(input.massG() == null ? 0 : input.massG(), 1) + " g " + input.food();
    }
}
