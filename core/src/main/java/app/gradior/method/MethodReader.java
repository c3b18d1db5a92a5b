package app.gradior.method;

import app.gradior.larder.Catalogue;
import app.gradior.measure.LineReader;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.WrittenIn;
import app.gradior.method.ReadRecipe.ReadStage;
import app.gradior.method.ReadRecipe.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads how a sauce is made: plain text or Markdown, written, or said by somebody who cooks. Never throws on any text; takes time in proportion
 * to its length. Nothing of the text is lost: what is not used is said, with the reason.
 */
public final class MethodReader {
    /** Longer texts are read up to here, characters. */
    public static final int LONGEST = 200_000;

    /** What it is written in is told by as much of it, characters. */
    private static final int TELLING = 20_000;

    private static final Pattern TALKS = Pattern.compile(
            "\\b(?:i'm|i've|we're|gonna|okay|ok|alright|right so|so we|you guys|let me|i'll|um|uh|y'all|hello|hey|welcome back|look at that|see that|i do|i want)\\b");
    private static final double TALK_PER_WORD = 1 / 90.0;
    private static final Pattern PERSONS =
            Pattern.compile("\\b(?:i|i'[a-z]+|my|you|you're|you've|we|it's|that's|there's|they're)\\b");
    private static final double PERSONS_PER_WORD = 0.035;

    private final Function<MeasureSystem, LineReader> readers;

    /** A reader with the standard names. */
    public MethodReader(Catalogue larder) {
        this(kept(larder));
    }

    /** A reader of lines knows every name of the larder: it is made once for each kind of measures. */
    private static Function<MeasureSystem, LineReader> kept(Catalogue larder) {
        Map<MeasureSystem, LineReader> readers = new ConcurrentHashMap<>();
        return system -> readers.computeIfAbsent(system, key -> new LineReader(larder, key));
    }

    /**
     * A reader.
     *
     * @param readers of lines, by what they are written in
     */
    public MethodReader(Function<MeasureSystem, LineReader> readers) {
        this.readers = readers;
    }

    /**
     * What a text says.
     *
     * @param measures what it is written in; empty for what its words tell
     * @param otherwise what it is written in when its words do not tell
     */
    public ReadRecipe read(String whole, Optional<MeasureSystem> measures, MeasureSystem otherwise) {
        String text = whole.length() > LONGEST ? whole.substring(0, LONGEST) : whole;
        MeasureSystem system = measures.orElseGet(() -> WrittenIn.guess(List.of(
                        text.substring(0, Math.min(text.length(), TELLING)).split("\\R")))
                .map(WrittenIn::system)
                .orElse(otherwise));
        LineReader reader = readers.apply(system);
        return isSpoken(text) ? new Talk(text, reader, system).read() : new Written(text, reader, system).read();
    }

    /**
     * A recipe with a piece of it made a stage that the reading left: what it says to do, else something that is put in. It stands where the text
     * has it; no line goes in with it.
     *
     * @param at a piece that was left; any other changes nothing
     */
    public ReadRecipe made(ReadRecipe read, String text, Span at) {
        Optional<ReadRecipe.Left> piece =
                read.left().stream().filter(left -> left.at().equals(at)).findFirst();
        if (piece.isEmpty()) {
            return read;
        }
        LineReader reader = readers.apply(read.measures());
        StageBuilder builder = new StageBuilder(new LineBook(reader, true), new Ends(read.measures()));
        ReadStage stage = builder.alone(Clause.of(text, at.from(), at.to(), true, false));
        List<ReadStage> stages = new ArrayList<>(read.stages());
        int before =
                (int) stages.stream().filter(s -> s.at().from() < at.from()).count();
        stages.add(before, stage);
        return read.withStages(stages)
                .without(piece.get())
                .withLines(read.lines().stream()
                        .map(line -> line.stage() > before ? line.in(line.stage() + 1) : line)
                        .toList());
    }

    /** What finds the pieces that words name among the lines of a sauce written in these measures. */
    public PieceWords pieces(MeasureSystem measures) {
        return new PieceWords(readers.apply(measures));
    }

    /** Whether somebody talks: by the small words of talk, and by how often a person speaks of persons. */
    static boolean isSpoken(String text) {
        String low = text.toLowerCase(Locale.ROOT).replace('’', '\'');
        int words = Math.max(1, low.split("\\s+").length);
        return count(TALKS, low) > words * TALK_PER_WORD || count(PERSONS, low) > words * PERSONS_PER_WORD;
    }

    private static int count(Pattern pattern, String text) {
        Matcher m = pattern.matcher(text);
        int count = 0;
        while (m.find()) {
            count++;
        }
        return count;
    }
}
