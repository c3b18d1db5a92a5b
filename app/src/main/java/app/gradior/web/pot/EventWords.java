package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.BatchState;
import app.gradior.batch.EventBody;
import app.gradior.batch.EventCases;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Understood;
import app.gradior.measure.Numbers;
import app.gradior.reading.ReadingKind;
import app.gradior.room.words.Language;
import app.gradior.room.words.Words;
import app.gradior.texture.Bubbles;
import app.gradior.texture.Stair;
import app.gradior.web.draw.DescentDrawing;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** A batch's events in words: the lines of its log and the marks on its curve. */
public final class EventWords {
    /** Marks of one kind closer than this share one word, min. */
    private static final double APART_MIN = 4;

    /** Begins the client keys of instruments that read by themselves; docs/api.md says so. */
    private static final String INSTRUMENT_KEY = "device-";

    private static final Map<ReadingKind, String> READ_MARKS = Map.of(
            ReadingKind.WEIGHT,
            "event-mark.weighed",
            ReadingKind.LEVEL,
            "event-mark.dipped",
            ReadingKind.SPOON,
            "event-mark.spoon",
            ReadingKind.TRAIL,
            "event-mark.line",
            ReadingKind.DRIP,
            "event-mark.drip");

    /** Readings that an instrument takes by itself. */
    private static final Set<ReadingKind> BY_INSTRUMENT = EnumSet.of(ReadingKind.WEIGHT, ReadingKind.TEMPERATURE);

    /** The word at a mark on the curve; empty for none. */
    private static final EventCases<String, String> MARKS = EventCases.<String, String>otherwise((event, none) -> none)
            .on(
                    EventBody.Read.class,
                    (read, none) -> Optional.ofNullable(READ_MARKS.get(read.kind()))
                            .map(Words::text)
                            .orElse(none))
            .on(EventBody.Added.class, (event, to) -> Words.text("event-mark.added"))
            .on(EventBody.Slurry.class, (event, to) -> Words.text("event-mark.slurry"))
            .on(EventBody.StageDone.class, (event, to) -> Words.text("event-mark.next"))
            .on(EventBody.Taken.class, (event, to) -> Words.text("event-mark.taken-out"))
            .on(EventBody.Coated.class, (event, to) -> Words.text("event-mark.coat"))
            .on(EventBody.Blended.class, (event, to) -> Words.text("event-mark.blended"))
            .on(EventBody.Sieved.class, (event, to) -> Words.text("event-mark.sieved"))
            .on(EventBody.OffHeat.class, (event, to) -> Words.text("event-mark.off"))
            .on(EventBody.BackOn.class, (event, to) -> Words.text("event-mark.back-on"))
            .on(EventBody.HeatSet.class, (set, none) -> Words.say(set.look()))
            .on(EventBody.LidSet.class, (set, none) -> Words.text("event-mark.lid", set.state()));

    /** An event of a batch, told in a kitchen's figures. */
    private record Told(Batch batch, BatchEvent event, Figures figures) {}

    /** A line of the log for every kind of event. */
    static final EventCases<Told, String> WORDS = EventCases.<Told, String>each()
            .on(EventBody.Stirred.class, (event, to) -> Words.text("event-words.stirred"))
            .on(
                    EventBody.Coated.class,
                    (coat, told) -> Words.text("event-words.coat")
                            + (coat.massG() == null ? "" : ", " + told.figures().mass(coat.massG())))
            .on(EventBody.Blended.class, (event, to) -> Words.text("event-words.blended"))
            .on(EventBody.OffHeat.class, (event, to) -> Words.text("event-words.off-the-heat-for-a-while"))
            .on(EventBody.InHand.class, (event, to) -> Words.text("event-words.in-hand"))
            .on(EventBody.BackOn.class, (event, to) -> Words.text("event-words.back-on-the-heat"))
            .on(EventBody.SetAside.class, (event, to) -> Words.text("event-words.set-aside"))
            .on(EventBody.TakenUp.class, (event, to) -> Words.text("event-words.taken-up-again"))
            .on(EventBody.StageDone.class, (event, to) -> Words.text("event-words.next-stage"))
            .on(EventBody.Undo.class, (event, to) -> Words.text("event-words.taken-back"))
            .on(EventBody.Read.class, (read, told) -> read(read.kind(), read.value(), told.figures()))
            .on(EventBody.HeatSet.class, (set, told) -> Words.text("event-words.heat", set.look()))
            .on(EventBody.LidSet.class, (set, told) -> Words.text("event-words.lid", set.state()))
            .on(EventBody.Added.class, (added, told) -> Words.text("event-words.added", names(added, told.event())))
            .on(
                    EventBody.Slurry.class,
                    (s, told) -> Words.text(
                            "event-words.slurry-g-in-g-water",
                            Numbers.plain(s.starchG(), 1),
                            s.starch(),
                            Numbers.plain(s.liquidG(), 0)))
            .on(
                    EventBody.Taken.class,
                    (taken, told) -> Words.text(
                            "event-words.taken-out",
                            taken.massG() != null
                                    ? told.figures().mass(taken.massG())
                                    : told.figures().volume(taken.ml() == null ? 0 : taken.ml())))
            .on(
                    EventBody.Sieved.class,
                    (sieved, told) -> Words.text(sieved.milled() ? "event-words.milled" : "event-words.sieved")
                            + (sieved.leftG() == null
                                    ? ""
                                    : ", "
                                            + Words.text(
                                                    "event-words.stayed-behind",
                                                    told.figures().mass(sieved.leftG()))))
            .on(
                    EventBody.Ticked.class,
                    (ticked, told) -> Words.text("event-words.in", names(told.batch(), ticked.lines())))
            .on(
                    EventBody.LeftOut.class,
                    (left, told) -> Words.text("event-words.left-out", names(told.batch(), left.lines())))
            .on(EventBody.Corrected.class, (corrected, told) -> corrected(told))
            .on(EventBody.Note.class, (note, told) -> Words.text("event-words.note", note.text()))
            .on(
                    EventBody.Finished.class,
                    (finished, told) -> Words.text("event-words.off-the-heat-for-good")
                            + (finished.yieldMl() == null
                                    ? ""
                                    : ": " + told.figures().volume(finished.yieldMl())))
            .on(EventBody.NextDay.class, (next, told) -> nextDay(next))
            .on(EventBody.Rated.class, (rated, told) -> Words.text("event-words.rated-of", rated.stars()))
            .on(
                    EventBody.Cooling.class,
                    (cooling, told) -> Words.text("event-words.cooling", cooling.container())
                            + (cooling.c() == null ? "" : ": " + told.figures().temp(cooling.c())));

    /** ... and closer than this share of the time so far. */
    private static final double APART_SHARE = 0.1;

    private EventWords() {}

    /**
     * A line of the log.
     *
     * @param undoKey of an event that can be undone; empty for one that cannot
     * @param by who or what recorded it; empty when nobody knows, or all of the batch is by one
     */
    public record Entry(String time, String words, String undoKey, boolean doubted, String by) {}

    /** Who recorded all of a batch; empty when there were several, or nobody knows. */
    public static String onlyBy(Batch batch) {
        List<String> names =
                batch.standing().stream().map(BatchEvent::by).distinct().toList();
        return names.size() == 1 ? names.get(0) : "";
    }

    /** Marks for the curve: what happened, named where there is room. */
    public static List<DescentDrawing.Tick> ticks(Batch batch) {
        List<DescentDrawing.Tick> ticks = new ArrayList<>();
        Map<String, Double> wordAt = new HashMap<>();
        List<BatchEvent> standing = batch.standing();
        double last = standing.stream()
                .filter(event -> !MARKS.of(event.body(), "").isEmpty())
                .mapToDouble(event -> batch.minuteOf(event.at()))
                .max()
                .orElse(0);
        double apart = Math.max(APART_MIN, APART_SHARE * last);
        List<BatchPlan.PlanStage> course = batch.plan().course();
        for (BatchState.Placed placed : batch.folded().standing()) {
            BatchEvent event = placed.event();
            String word = MARKS.of(event.body(), "");
            int next = placed.stage() + 1;
            if (event.body() instanceof EventBody.StageDone && next < course.size()) {
                word = Words.say(course.get(next).kind()).split(" ")[0].toLowerCase(Locale.ROOT);
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

    /**
     * What happened, in the order it did; what an instrument tells every minute is one line until something else happens.
     *
     * @param doubted client keys of readings that fit nothing else known
     */
    public static List<Entry> entries(Batch batch, Set<String> doubted, Figures figures) {
        List<Entry> entries = new ArrayList<>();
        boolean several = onlyBy(batch).isEmpty();
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
            String many = told > 1 ? " " + Words.text("event-words.readings-since", told, since) : "";
            entries.add(new Entry(
                    figures.time(event.at()),
                    words(batch, event, figures) + many,
                    MOVES.contains(event.body().getClass()) ? "" : event.clientKey(),
                    doubt,
                    several ? event.by() : ""));
        }
        return entries;
    }

    /** What moves the batch from one state to another is not undone. */
    private static final Set<Class<? extends EventBody>> MOVES =
            Set.of(EventBody.Finished.class, EventBody.SetAside.class, EventBody.TakenUp.class);

    /** A scale or a probe says so by its key; cooks' taps and other programs' events stand for themselves. */
    private static boolean byInstrument(BatchEvent event) {
        return event.clientKey().startsWith(INSTRUMENT_KEY)
                && event.body() instanceof EventBody.Read read
                && BY_INSTRUMENT.contains(read.kind());
    }

    /** Its line is that of its kind: the figure, and for a spoon the name of the step. */
    private static String read(ReadingKind kind, double value, Figures figures) {
        return Words.in(Language.now(), figures)
                .byKey(
                        "ReadingKind." + kind.name() + ".log",
                        value,
                        kind.isLook() ? Bubbles.nearest(value) : Stair.Tread.of(value));
    }

    /** An event in words; lines are named by the batch's plan. */
    public static String words(Batch batch, BatchEvent event, Figures figures) {
        return WORDS.of(event.body(), new Told(batch, event, figures));
    }

    private static String corrected(Told told) {
        if (told.event().understood().isEmpty()) {
            return Words.text("event-words.corrected");
        }
        Understood now = told.event().understood().get(0);
        return Words.text(
                "event-words.corrected-was", now.text(), told.figures().mass(now.massG()), now.food());
    }

    private static String nextDay(EventBody.NextDay next) {
        return Words.text(
                "event-words.next-day",
                (next.step() == null ? "" : Words.text("event-words.step", Numbers.plain(next.step(), 1))),
                (next.ringMm() == null ? "" : Words.text("event-words.ring-mm-2", Numbers.plain(next.ringMm(), 0))),
                (next.flavour() == null ? "" : ", " + Words.say(next.flavour())));
    }

    private static String names(Batch batch, List<Integer> lines) {
        return lines.stream()
                .filter(line -> line >= 0 && line < batch.plan().lines().size())
                .map(line -> batch.plan().lines().get(line).text())
                .collect(Collectors.joining("; "));
    }

    private static String name(IngredientInput input) {
        return input.line() != null
                ? input.line()
                : Numbers.plain(input.massG() == null ? 0 : input.massG(), 1) + " g " + input.food();
    }

    /** What went in: as it was typed, else by the foods that were understood. */
    private static String names(EventBody.Added added, BatchEvent event) {
        List<String> names = new ArrayList<>();
        for (int i = 0; i < added.ingredients().size(); i++) {
            IngredientInput input = added.ingredients().get(i);
            boolean byFood = input.line() == null
                    && added.ingredients().size() == event.understood().size();
            names.add(
                    byFood
                            ? Words.text(
                                    "event-words.g-of-food",
                                    event.understood().get(i).massG(),
                                    event.understood().get(i).food())
                            : name(input));
        }
        return String.join("; ", names);
    }
}
