package app.gradior.web.pot;

import app.gradior.estimate.Band;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.kitchen.Batch;
import app.gradior.kitchen.BatchEvent;
import app.gradior.kitchen.BatchPlan;
import app.gradior.kitchen.EventBody;
import app.gradior.kitchen.IngredientInput;
import app.gradior.larder.StarchKind;
import app.gradior.measure.Numbers;
import app.gradior.mixture.SpecificVolume;
import app.gradior.sauce.Overnight;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.Heat;
import app.gradior.texture.Stair;
import app.gradior.web.draw.DescentDrawing;
import app.gradior.web.draw.SectionDrawing;
import app.gradior.web.draw.StairDrawing;
import app.gradior.web.frame.Figures;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A pot as a page shows it: the three answers, the drawings, what to do and what happened.
 *
 * @param handsInMin minutes until hands are wanted, for sorting; very large when there is no end in sight
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
        double handsInMin,
        String lossLine,
        String stair,
        String section,
        String descent,
        Heat heat,
        boolean onHeat,
        List<StageChip> stages,
        StageCard stage,
        List<Entry> log,
        String asOf) {

    private static final Band THINNEST = new Band(1, 1, 1);

    /** Begins the client keys of instruments that read by themselves; docs/api.md says so. */
    private static final String INSTRUMENT_KEY = "device-";

    /** Marks of one kind closer than this share one word, min. */
    private static final double APART_MIN = 4;

    /** So much thicker than wanted is worth thinning, steps. */
    private static final double PAST_STEP = 0.4;

    /** Events that say no more than that they happened. */
    private static final Map<String, String> PLAIN = Map.of(
            "stir", "Stirred",
            "blended", "Blended",
            "offHeat", "Off the heat for a while",
            "backOn", "Back on the heat",
            "stageDone", "Next stage");

    private static final Map<String, String> SHORT = Map.of(
            "stageDone",
            "next",
            "taken",
            "taken out",
            "blended",
            "blended",
            "sieved",
            "sieved",
            "offHeat",
            "off",
            "backOn",
            "back on");

    /** A line of the log; the key is that of an event that can be undone, or empty. */
    public record Entry(String time, String words, String undoKey, boolean doubted) {}

    /** The view of a batch with that forecast. */
    public static PotView of(
            Batch batch,
            Forecast forecast,
            Prompt prompt,
            Optional<Batch.NextPortion> portion,
            Figures figures,
            Instant now) {
        Band left =
                forecast.finish().map(f -> f.minutesFrom(forecast.nowMinute())).orElse(new Band(1e9, 1e9, 1e9));
        boolean known = forecast.finish().isPresent();
        boolean open = forecast.finish().map(Forecast.Finish::highIsOpen).orElse(true);
        double startMm = batch.plan()
                .pot()
                .shape()
                .levelMm(forecast.stageStartMl20c() * SpecificVolume.expansion(hottest(forecast)));
        Band yield = forecast.finish().map(Forecast.Finish::volumeMl20c).orElse(forecast.volumeMl20c());
        OptionalDouble stopMm = forecast.stageEnd()
                .map(end -> OptionalDouble.of(end.levelMm().middle()))
                .orElse(OptionalDouble.empty());
        String pot = "in the pot, " + figures.temp(forecast.likely().tempC());
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
                liquid(forecast)
                        ? Stair.Tread.of(forecast.stepServed().middle()).label()
                        : "nothing liquid yet",
                figures.temp(batch.plan().servedC()),
                figures.volumeFigure(yield.middle()),
                figures.volumeUnit(yield.middle()),
                figures.volumeBand(yield),
                known ? Numbers.plain(left.middle(), 0) : "—",
                known ? figures.minutesBand(left, open) : "not as it is set now",
                forecast.handsInMinutes(),
                lossLine(forecast, figures),
                StairDrawing.draw(
                        liquid(forecast) ? forecast.stepHot().middle() : THINNEST.middle(),
                        liquid(forecast) ? forecast.stepServed() : THINNEST,
                        batch.plan().targetStep(),
                        pot,
                        table),
                SectionDrawing.draw(
                        batch.plan().pot().shape(), startMm, forecast.levelMm().middle(), stopMm, true),
                descent(batch, forecast, figures),
                batch.heat(),
                batch.onHeat(),
                StageChip.all(batch, forecast, figures),
                StageCard.of(batch, forecast, portion, figures, now),
                log(batch, forecast, figures),
                figures.time(now));
    }

    private static boolean liquid(Forecast forecast) {
        return !Double.isNaN(forecast.stepServed().middle());
    }

    private static double hottest(Forecast forecast) {
        return Double.isNaN(forecast.boilingC().middle())
                ? 100
                : forecast.boilingC().middle();
    }

    private static String lossLine(Forecast forecast, Figures figures) {
        String inPot = figures.mass(forecast.massG().middle()) + " in the pot"
                + (liquid(forecast)
                        ? ", salt " + Numbers.fixed(forecast.saltPercent().middle(), 1) + " %."
                        : ".");
        if (!liquid(forecast)) {
            return inPot;
        }
        return figures.mass(Math.max(0, forecast.lossGPerMin().middle())) + " a minute leaves now. Boils at "
                + figures.temp(forecast.boilingC().middle()) + ". " + inPot;
    }

    private static String next(Batch batch, Forecast forecast, Figures figures) {
        List<BatchPlan.PlanStage> course = batch.plan().course();
        int at = batch.stage();
        if (at < course.size() && lastOnHeat(course, at)) {
            return takeOff(batch, forecast, figures);
        }
        if (at >= course.size()) {
            return "Finish: cool it, fill jars, label.";
        }
        if (at + 1 == course.size()) {
            return "After this it is done.";
        }
        BatchPlan.PlanStage next = course.get(at + 1);
        String in = next.lines().stream()
                .map(line -> batch.plan().lines().get(line).text())
                .collect(Collectors.joining(", "));
        String when = forecast.stageEnd()
                .filter(end -> end.minute().middle() > forecast.nowMinute())
                .map(end -> " about " + figures.time(batch.momentOf(end.minute().middle())))
                .orElse("");
        return next.name() + when + (in.isEmpty() ? "." : ", with " + in + ".");
    }

    private static boolean lastOnHeat(List<BatchPlan.PlanStage> course, int at) {
        return course.get(at).kind().way() != StageKind.Way.OFF_THE_HEAT
                && course.subList(at + 1, course.size()).stream()
                        .allMatch(s -> s.kind().way() == StageKind.Way.OFF_THE_HEAT);
    }

    private static String takeOff(Batch batch, Forecast forecast, Figures figures) {
        return forecast.stageEnd()
                .map(f -> {
                    Stair.Tread cold = Stair.Tread.of(f.stepServed().middle());
                    if (forecast.stepServed().middle() > batch.plan().targetStep() + PAST_STEP) {
                        return "It is past "
                                + Stair.Tread.of(batch.plan().targetStep()).label()
                                + ": a little water thins it. Record it as added and see.";
                    }
                    return "At " + Numbers.plain(f.levelMm().middle(), 0) + " mm, or "
                            + figures.mass(
                                    f.massG().middle() + batch.plan().pot().emptyG())
                            + " with the pot, take it off the heat. Served at "
                            + figures.temp(batch.plan().servedC()) + " that is " + cold.label() + ".";
                })
                .orElse("Change the heat, lift the lid or add a thickener: then there is an end to say.");
    }

    static String descent(Batch batch, Forecast forecast, Figures figures) {
        List<DescentDrawing.Tick> ticks = new ArrayList<>();
        Map<String, Double> wordAt = new HashMap<>();
        int stage = 0;
        List<BatchPlan.PlanStage> course = batch.plan().course();
        for (BatchEvent event : batch.standing()) {
            String word = tick(event.body());
            if (event.body() instanceof EventBody.StageDone && ++stage < course.size()) {
                word = course.get(stage).kind().label().split(" ")[0].toLowerCase(Locale.ROOT);
            }
            double minute = batch.minuteOf(event.at());
            boolean near = minute - wordAt.getOrDefault(word, Double.NEGATIVE_INFINITY) < APART_MIN;
            if (!word.isEmpty()) {
                ticks.add(new DescentDrawing.Tick(minute, near ? "" : word));
                wordAt.put(word, near ? wordAt.getOrDefault(word, minute) : minute);
            }
        }
        double stop = forecast.stageEnd().map(f -> f.massG().middle()).orElse(Double.NaN);
        String words = "Mass in the pot over time, from "
                + figures.mass(forecast.curve().get(0).massG().middle()) + " to "
                + figures.mass(forecast.massG().middle()) + " now"
                + forecast.stageEnd()
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

    /** The log, the latest first. */
    private static List<Entry> log(Batch batch, Forecast forecast, Figures figures) {
        List<BatchEvent> readings = batch.readings();
        Set<String> doubted = forecast.wildReadings().stream()
                .filter(i -> i < readings.size())
                .map(i -> readings.get(i).clientKey())
                .collect(Collectors.toSet());
        List<Entry> entries = entries(batch, doubted, figures);
        Collections.reverse(entries);
        return entries;
    }

    /**
     * What happened, in the order it did; what an instrument tells every minute is one line until something else happens.
     *
     * @param doubted client keys of readings that fit nothing else known
     */
    public static List<Entry> entries(Batch batch, Set<String> doubted, Figures figures) {
        List<Entry> entries = new ArrayList<>();
        int told = 0;
        String since = "";
        for (BatchEvent event : batch.standing()) {
            boolean doubt = doubted.contains(event.clientKey());
            boolean again = byInstrument(event) && told > 0 && !doubt;
            if (byInstrument(event) && !doubt) {
                told++;
                since = told == 1 ? figures.time(event.at()) : since;
            } else {
                told = 0;
            }
            if (again) {
                entries.remove(entries.size() - 1);
            }
            String many = told > 1 ? " · " + told + " readings since " + since : "";
            entries.add(new Entry(
                    figures.time(event.at()),
                    words(batch, event.body(), figures) + many,
                    event.body() instanceof EventBody.Finished ? "" : event.clientKey(),
                    doubt));
        }
        return entries;
    }

    /** A scale or a probe says so by its key; cooks' taps and other programs' events stand for themselves. */
    private static boolean byInstrument(BatchEvent event) {
        return event.clientKey().startsWith(INSTRUMENT_KEY)
                && (event.body() instanceof EventBody.Weight || event.body() instanceof EventBody.Temperature);
    }

    /** An event in words; lines are named by the batch's plan. */
    public static String words(Batch batch, EventBody body, Figures figures) {
        if (body instanceof EventBody.Ticked ticked) {
            return "In: " + names(batch, ticked.lines());
        }
        if (body instanceof EventBody.LeftOut left) {
            return "Left out: " + names(batch, left.lines());
        }
        return words(body, figures);
    }

    private static String names(Batch batch, List<Integer> lines) {
        return lines.stream()
                .filter(line -> line >= 0 && line < batch.plan().lines().size())
                .map(line -> batch.plan().lines().get(line).text())
                .collect(Collectors.joining("; "));
    }

    private static String words(EventBody body, Figures figures) {
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
            return "Next day" + (next.step() == null ? "" : ", step " + Numbers.plain(next.step(), 1))
                    + (next.ringMm() == null ? "" : ", ring " + Numbers.plain(next.ringMm(), 0) + " mm")
                    + (next.flavour() == null
                            ? ""
                            : ", " + Overnight.ofKey(next.flavour()).label());
        }
        return PLAIN.getOrDefault(body.type(), "");
    }

    private static String name(IngredientInput input) {
        return input.line() != null
                ? input.line()
                : Numbers.plain(input.massG() == null ? 0 : input.massG(), 1) + " g " + input.food();
    }
}
