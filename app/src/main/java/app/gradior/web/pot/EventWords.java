package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Understood;
import app.gradior.clock.CoolingIn;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.measure.Numbers;
import app.gradior.sauce.Overnight;
import app.gradior.texture.Stair;
import app.gradior.web.draw.DescentDrawing;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** A batch's events in words: the lines of its log and the marks on its curve. */
public final class EventWords {
    /** Marks of one kind closer than this share one word, min. */
    private static final double APART_MIN = 4;

    /** Begins the client keys of instruments that read by themselves; docs/api.md says so. */
    private static final String INSTRUMENT_KEY = "device-";

    /** Events that say no more than that they happened. */
    private static final Map<String, String> PLAIN = Map.of(
            "stir", "Stirred",
            "blended", "Blended",
            "offHeat", "Off the heat for a while",
            "backOn", "Back on the heat",
            "setAside", "Set aside",
            "takenUp", "Taken up again",
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

    /** ... and closer than this share of the time so far. */
    private static final double APART_SHARE = 0.1;

    private EventWords() {}

    /** A line of the log; the key is that of an event that can be undone, or empty. */
    public record Entry(String time, String words, String undoKey, boolean doubted) {}

    /** Marks for the curve: what happened, named where there is room. */
    public static List<DescentDrawing.Tick> ticks(Batch batch) {
        List<DescentDrawing.Tick> ticks = new ArrayList<>();
        Map<String, Double> wordAt = new HashMap<>();
        List<BatchEvent> standing = batch.standing();
        double last = standing.stream()
                .filter(event -> !tick(event.body()).isEmpty())
                .mapToDouble(event -> batch.minuteOf(event.at()))
                .max()
                .orElse(0);
        double apart = Math.max(APART_MIN, APART_SHARE * last);
        int stage = 0;
        List<BatchPlan.PlanStage> course = batch.plan().course();
        for (BatchEvent event : standing) {
            String word = tick(event.body());
            if (event.body() instanceof EventBody.StageDone && ++stage < course.size()) {
                word = course.get(stage).kind().label().split(" ")[0].toLowerCase(Locale.ROOT);
            }
            double minute = batch.minuteOf(event.at());
            boolean near = minute - wordAt.getOrDefault(word, Double.NEGATIVE_INFINITY) < apart;
            if (!word.isEmpty()) {
                ticks.add(new DescentDrawing.Tick(minute, near ? "" : word));
                wordAt.put(word, near ? wordAt.getOrDefault(word, minute) : minute);
            }
        }
        return ticks;
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
                    words(batch, event, figures) + many,
                    movesState(event.body()) ? "" : event.clientKey(),
                    doubt));
        }
        return entries;
    }

    /** Whether it moves the batch from one state to another: that is not undone. */
    private static boolean movesState(EventBody body) {
        return body instanceof EventBody.Finished
                || body instanceof EventBody.SetAside
                || body instanceof EventBody.TakenUp;
    }

    /** A scale or a probe says so by its key; cooks' taps and other programs' events stand for themselves. */
    private static boolean byInstrument(BatchEvent event) {
        return event.clientKey().startsWith(INSTRUMENT_KEY)
                && (event.body() instanceof EventBody.Weight || event.body() instanceof EventBody.Temperature);
    }

    /** An event in words; lines are named by the batch's plan. */
    public static String words(Batch batch, BatchEvent event, Figures figures) {
        EventBody body = event.body();
        if (body instanceof EventBody.Corrected && !event.understood().isEmpty()) {
            Understood now = event.understood().get(0);
            return "Corrected: “" + now.text() + "” was " + figures.mass(now.massG()) + " "
                    + now.food().name();
        }
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
            return "Added: "
                    + added.ingredients().stream().map(EventWords::name).collect(Collectors.joining("; "));
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
        if (body instanceof EventBody.Rated rated) {
            return "Rated " + rated.stars() + " of 5";
        }
        if (body instanceof EventBody.Cooling cooling) {
            return "Cooling " + CoolingIn.valueOf(cooling.container()).label()
                    + (cooling.c() == null ? "" : ": " + figures.temp(cooling.c()));
        }
        return PLAIN.getOrDefault(body.type(), "");
    }

    private static String name(IngredientInput input) {
        return input.line() != null
                ? input.line()
                : Numbers.plain(input.massG() == null ? 0 : input.massG(), 1) + " g " + input.food();
    }
}
