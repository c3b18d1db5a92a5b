package app.gradior.measure;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading.Sureness;
import app.gradior.measure.Words.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Reads a recipe line as people write it: amount, unit, food, preparation. Never throws on any text; takes time in
 * proportion to the line's length; says how sure it is. Thread-safe.
 */
public final class LineReader {
    /** Longer lines are read up to here. */
    public static final int LONGEST_LINE = 300;

    private static final double MOST_GRAMS = 100_000;

    private final FoodIndex index;
    private final Weigher weigher;
    private final OwnMeasures own;

    public LineReader(Catalogue catalogue, MeasureSystem system) {
        this(catalogue, system, Map.of());
    }

    /**
     * A reader that knows a kitchen's own measures too.
     *
     * @param ownMeasuresMl millilitres of one, by its word in the singular: "ladle" 90
     */
    public LineReader(Catalogue catalogue, MeasureSystem system, Map<String, Double> ownMeasuresMl) {
        this.index = new FoodIndex(RegionalNames.in(system, catalogue));
        this.weigher = new Weigher(system);
        this.own = new OwnMeasures(ownMeasuresMl);
    }

    /**
     * The words of a line that name its food, for a kitchen that wants them remembered: what is left of the line without its
     * amount, up to the first number or mark. Empty when nothing is left.
     */
    public String foodWords(String line) {
        List<Token> tokens = Words.tokens(LineHead.cut(head(line)));
        NumberWords.compose(tokens);
        Bracket.cutFrom(tokens);
        Amount amount = Amount.read(tokens);
        List<String> words = new ArrayList<>();
        int end = Words.endOfPhrase(tokens, amount.end());
        for (int i = amount.end(); i < end; i++) {
            boolean times = Words.isTimes(tokens.get(i))
                    && i + 1 < tokens.size()
                    && tokens.get(i + 1).isNumber();
            boolean word = !tokens.get(i).isNumber() && !tokens.get(i).isMark() && !times;
            if (word) {
                words.add(tokens.get(i).text());
            } else if (!words.isEmpty()) {
                // "Salt: about 20 g": behind the name comes how much.
                break;
            }
        }
        return String.join(" ", words);
    }

    /** A text's words: in the singular, without accents, numbers that several words say as one. */
    public static List<String> words(String text) {
        List<Token> tokens = Words.tokens(text);
        NumberWords.compose(tokens);
        return tokens.stream().map(Token::text).toList();
    }

    /**
     * A food that a text names.
     *
     * @param from its first word, of the text's {@link #words}
     * @param to after its last
     */
    public record Mention(Food food, int from, int to) {}

    /** The foods that a text names, in their order, the longest name at each place. */
    public List<Mention> mentions(String text) {
        List<Token> tokens = Words.tokens(text);
        NumberWords.compose(tokens);
        List<Mention> mentions = new ArrayList<>();
        for (int at = 0; at < tokens.size(); ) {
            Optional<FoodIndex.Match> match = index.longestAt(tokens, at, tokens.size());
            match.ifPresent(m -> mentions.add(new Mention(m.food(), m.from(), m.to())));
            at = match.map(FoodIndex.Match::to).orElse(at + 1);
        }
        return mentions;
    }

    /** The lines of one food each that a line stands for: itself, when it names one. */
    public List<String> parts(String line) {
        return new LineParts(this).of(head(line));
    }

    /** Whether words are the name of a food and no more. */
    boolean namesOneFood(String words) {
        List<Token> tokens = Words.tokens(words);
        return index.find(tokens, 0, tokens.size())
                .filter(match -> LineParts.isName(tokens, match))
                .isPresent();
    }

    /** What the line says. */
    public LineReading read(String line) {
        String text = LineHead.cut(head(line));
        if (LineHead.isHeading(text)) {
            return nothing(line, List.of(), Optional.of(new LineRemark.Heading()));
        }
        List<Token> tokens = Words.tokens(text);
        boolean foreign = ForeignWords.anyJoins(tokens)
                && ForeignWords.joins(tokens, Amount.read(tokens).end());
        LineReading reading = read(line, text, tokens);
        if (!foreign && reading.sureness() != Sureness.UNSURE) {
            return reading;
        }
        return ForeignWords.translated(text, tokens)
                .map(ours -> read(line, text, ours))
                .filter(translated -> translated.usable() && translated.sureness() != Sureness.UNSURE)
                .map(LineReader::fromAfar)
                .orElse(reading);
    }

    /** A line in another language is never quite sure. */
    private static LineReading fromAfar(LineReading read) {
        return new LineReading(
                read.text(),
                read.food(),
                read.massG(),
                read.logSd(),
                Sureness.LIKELY,
                read.amount(),
                read.unknownWords(),
                read.remark().or(() -> read.food().map(LineRemark.Translated::new)));
    }

    private LineReading read(String line, String text, List<Token> tokens) {
        NumberWords.compose(tokens);
        own.translate(tokens);
        Bracket bracket = Bracket.cutFrom(tokens);
        Amount amount = Amount.read(tokens);
        Optional<FoodIndex.Match> match = match(tokens, amount);
        if (match.isPresent()) {
            return weigh(line, tokens, bracket, amount, match.get());
        }
        List<String> words = LineDoubts.leftOver(tokens, 0, 0, amount);
        return index.near(words)
                .map(near -> nearMiss(line, tokens, bracket, amount, near))
                .orElseGet(() ->
                        nothing(line, words, text.isBlank() ? Optional.empty() : Optional.of(new LineRemark.NoFood())));
    }

    /** As much of a line as is read. */
    public static String head(String line) {
        return line.length() > LONGEST_LINE ? line.substring(0, LONGEST_LINE) : line;
    }

    private static LineReading nothing(String line, List<String> words, Optional<LineRemark> remark) {
        return new LineReading(line, Optional.empty(), 0, 0, Sureness.UNSURE, "", words, remark);
    }

    /** The food that was nearly named: offered, never taken in silence. */
    private LineReading nearMiss(
            String line, List<Token> tokens, Bracket bracket, Amount amount, FoodIndex.NearMiss near) {
        Weigher.Weighed weighed = weigher.weigh(near.food(), tokens, tokens.size(), bracket, amount);
        return new LineReading(
                line,
                Optional.of(near.food()),
                Math.min(MOST_GRAMS, weighed.grams()),
                weighed.logSd(),
                Sureness.UNSURE,
                weighed.words(),
                List.of(),
                Optional.of(new LineRemark.NearMiss(near.typed(), near.food())));
    }

    /** What the line says if the cook says which food it is: the line's amount of that food. */
    public LineReading readAs(String line, Food food) {
        List<Token> tokens = Words.tokens(LineHead.cut(head(line)));
        NumberWords.compose(tokens);
        own.translate(tokens);
        Bracket bracket = Bracket.cutFrom(tokens);
        Amount amount = Amount.read(tokens);
        int end = Words.endOfPhrase(tokens, amount.end());
        Weigher.Weighed weighed = weigher.weigh(food, tokens, end, bracket, amount);
        double grams = Math.min(MOST_GRAMS, weighed.grams());
        return new LineReading(
                line,
                Optional.of(food),
                grams,
                weighed.logSd(),
                weighed.sureness(),
                weighed.words(),
                List.of(),
                weighed.remark());
    }

    private Optional<FoodIndex.Match> match(List<Token> tokens, Amount amount) {
        Optional<FoodIndex.Match> shared = index.sharingItsNoun(tokens, amount.end());
        if (shared.isPresent()) {
            return shared;
        }
        int comma = Words.endOfPhrase(tokens, amount.end());
        Optional<FoodIndex.Match> inPhrase = index.find(tokens, amount.end(), comma);
        return (inPhrase.isPresent() ? inPhrase : index.find(tokens, 0, tokens.size()))
                .map(match -> asMeant(match, tokens, amount));
    }

    /** What the words beside a name make of it: a spoon of pepper is black, tomatoes in a tin are tinned, ginger may be ground. */
    private FoodIndex.Match asMeant(FoodIndex.Match match, List<Token> tokens, Amount amount) {
        String words = match.words(tokens);
        if (words.equals("pepper") && isSpiceAmount(amount)) {
            return index.named("black " + words).map(match::of).orElse(match);
        }
        boolean root = amount.lengthCm().isPresent()
                || amount.unit().filter(u -> u == Unit.THUMB || u == Unit.KNOB).isPresent();
        if (root && match.food().measure(Unit.KNOB.key()).isEmpty()) {
            Optional<FoodIndex.Match> fresh = index.named("fresh " + words).map(match::of);
            if (fresh.isPresent()) {
                return fresh.get();
            }
        }
        for (Token token : tokens) {
            String state = Words.STATES.get(token.text());
            if (state != null) {
                Optional<FoodIndex.Match> other =
                        index.named(state + " " + words).map(match::of);
                if (other.isPresent()) {
                    return other.get();
                }
            }
        }
        return match;
    }

    private static boolean isSpiceAmount(Amount amount) {
        return amount.unit()
                .map(unit -> unit.kind() == Unit.Kind.VOLUME && unit != Unit.CUP && unit != Unit.LITRE
                        || unit == Unit.GRIND
                        || unit == Unit.GRATING)
                .orElse(amount.count().isEmpty());
    }

    private LineReading weigh(String line, List<Token> tokens, Bracket bracket, Amount amount, FoodIndex.Match match) {
        Food food = match.food();
        Weigher.Weighed weighed = weigher.weigh(food, tokens, match.to(), bracket, amount);
        LineDoubts doubts = new LineDoubts(index, tokens, bracket, match, amount);
        List<String> unknown = doubts.unknown();
        Sureness sureness = weighed.sureness();
        Optional<LineRemark> remark = weighed.remark();
        Optional<Food> and = doubts.and();
        Optional<Food> or = doubts.or();
        List<String> changing = doubts.changing();
        if (!changing.isEmpty() || doubts.isPartOfMore()) {
            sureness = Sureness.UNSURE;
            remark = Optional.of(new LineRemark.NotUnderstood(food, changing));
        } else if (and.isPresent()) {
            sureness = Sureness.UNSURE;
            remark = Optional.of(new LineRemark.TwoFoods(food, and.get()));
        } else if (doubts.standsAfter(unknown)) {
            sureness = Sureness.UNSURE;
            remark = Optional.of(new LineRemark.NotUnderstood(food, unknown));
        } else if (or.isPresent()) {
            sureness = sureness == Sureness.SURE ? Sureness.LIKELY : sureness;
            remark = Optional.of(new LineRemark.OrAnother(food, or.get()));
        } else if (!unknown.isEmpty() && sureness == Sureness.SURE) {
            sureness = Sureness.LIKELY;
        }
        if (weighed.grams() > MOST_GRAMS) {
            return new LineReading(
                    line,
                    Optional.of(food),
                    0,
                    0,
                    Sureness.UNSURE,
                    "",
                    unknown,
                    Optional.of(new LineRemark.TooMuch(MOST_GRAMS / 1000)));
        }
        return new LineReading(
                line, Optional.of(food), weighed.grams(), weighed.logSd(), sureness, weighed.words(), unknown, remark);
    }
}
