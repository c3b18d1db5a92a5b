package app.gradior.measure;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.FoodMeasure;
import app.gradior.measure.LineReading.Sureness;
import app.gradior.measure.Words.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Reads a recipe line as people write it: amount, unit, food, preparation. Never throws on any text; takes time in
 * proportion to the line's length; says how sure it is. Thread-safe.
 */
public final class LineReader {
    /** Longer lines are read up to here. */
    public static final int LONGEST_LINE = 300;

    private static final double MOST_GRAMS = 100_000;
    /** Spread of a piece that the food's row does not list, and the grams it is then taken for; arbitrary. */
    private static final double UNKNOWN_PIECE_LOG_SD = 0.6;

    private static final double UNKNOWN_PIECE_G = 50;
    private static final double SMALL_PIECE = 0.65;
    private static final double LARGE_PIECE = 1.4;

    private final FoodIndex index;
    private final MeasureSystem system;

    public LineReader(Catalogue catalogue, MeasureSystem system) {
        this.index = new FoodIndex(catalogue);
        this.system = system;
    }

    /** What the line says. */
    public LineReading read(String line) {
        String text = line.length() > LONGEST_LINE ? line.substring(0, LONGEST_LINE) : line;
        List<Token> tokens = Words.tokens(text);
        Bracket bracket = Bracket.cutFrom(tokens);
        Amount amount = Amount.read(tokens);
        Optional<FoodIndex.Match> match = match(tokens, amount);
        if (match.isEmpty()) {
            String remark = text.isBlank() ? "" : "No food found in this line: say which one it is.";
            return new LineReading(
                    line, Optional.empty(), 0, 0, Sureness.UNSURE, "", leftOver(tokens, 0, 0, amount), remark);
        }
        return weigh(line, tokens, bracket, amount, match.get());
    }

    private Optional<FoodIndex.Match> match(List<Token> tokens, Amount amount) {
        int comma = endOfPhrase(tokens, amount.end());
        Optional<FoodIndex.Match> inPhrase = index.find(tokens, amount.end(), comma);
        return inPhrase.isPresent() ? inPhrase : index.find(tokens, 0, tokens.size());
    }

    private static int endOfPhrase(List<Token> tokens, int from) {
        for (int i = from; i < tokens.size(); i++) {
            String word = tokens.get(i).text();
            if ((word.equals(",") || word.equals(";") || Words.isConnector(word)) && i > from) {
                return i;
            }
        }
        return tokens.size();
    }

    private LineReading weigh(String line, List<Token> tokens, Bracket bracket, Amount amount, FoodIndex.Match match) {
        Food food = match.food();
        Weighed weighed = weigh(food, tokens, bracket, amount);
        List<String> unknown = leftOver(tokens, match.from(), match.to(), amount);
        boolean otherFood = unknown.stream().anyMatch(word -> standsAfter(tokens, word, match.to()));
        Sureness sureness = weighed.sureness();
        String remark = weighed.remark();
        if (otherFood) {
            sureness = Sureness.UNSURE;
            remark = "Taken as " + food.name() + "; not understood: " + String.join(", ", unknown) + ".";
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
                    "That is more than 100 kg: check the amount.");
        }
        return new LineReading(
                line, Optional.of(food), weighed.grams(), weighed.logSd(), sureness, weighed.words(), unknown, remark);
    }

    /** Words after the food and before a comma may make it another food: "tomato ketchup". */
    private static boolean standsAfter(List<Token> tokens, String word, int from) {
        int end = endOfPhrase(tokens, from);
        return tokens.subList(Math.min(from, end), end).stream().anyMatch(token -> token.is(word));
    }

    private static List<String> leftOver(List<Token> tokens, int from, int to, Amount amount) {
        List<String> words = new ArrayList<>();
        int end = endOfPhrase(tokens, amount.end());
        for (int i = amount.end(); i < end; i++) {
            Token token = tokens.get(i);
            boolean plain = !token.isNumber() && !token.isMark() && token.text().length() > 2;
            if ((i < from || i >= to)
                    && plain
                    && !Words.isDescriptor(token.text())
                    && Unit.named(token.text()).isEmpty()) {
                words.add(token.text());
            }
        }
        return words;
    }

    private record Weighed(double grams, double logSd, Sureness sureness, String words, String remark) {}

    private Weighed weigh(Food food, List<Token> tokens, Bracket bracket, Amount amount) {
        if (bracket.grams().isPresent()) {
            double each = bracket.grams().getAsDouble();
            boolean perPiece = bracket.directlyAfterCount(amount);
            double grams = perPiece ? each * amount.count().orElse(1) : each;
            return new Weighed(grams, 0.03, Sureness.SURE, Numbers.plain(grams, 0) + " g", "");
        }
        if (amount.count().isEmpty() && amount.unit().isEmpty() && amount.part().isEmpty()) {
            return new Weighed(0, 0, Sureness.UNSURE, "no amount", "No amount given: counted as none.");
        }
        double count = amount.count().orElse(1) * amount.fill();
        Optional<Unit> unit = amount.unit().isPresent() ? amount.unit() : unitAfterFood(food, tokens, amount.end());
        String words = Numbers.cooks(amount.count().orElse(1))
                + unit.map(u -> " " + u.key()).orElse(amount.size().isEmpty() ? "" : " " + amount.size());
        if (amount.part().isPresent()) {
            return counted(
                    food,
                    amount.part().get(),
                    count,
                    0.25,
                    40,
                    amount,
                    words + " (" + amount.part().get() + ")");
        }
        if (unit.isEmpty()) {
            return pieces(food, count, amount, words);
        }
        Unit u = unit.get();
        return switch (u.kind()) {
            case WEIGHT -> new Weighed(count * u.grams(), amount.spread(u.logSd()), Sureness.SURE, words, "");
            case VOLUME -> volume(food, u, count, amount, words);
            case CONTAINER, COUNT -> counted(food, u.key(), count, u.logSd(), u.grams(), amount, words);
        };
    }

    /** "2 celery sticks", "3 garlic cloves": the unit stands behind the food. */
    private static Optional<Unit> unitAfterFood(Food food, List<Token> tokens, int from) {
        for (int i = from; i < tokens.size(); i++) {
            Optional<Unit> unit = Unit.named(tokens.get(i).text());
            if (unit.isPresent()
                    && food.measure(unit.get().key()).isPresent()
                    && !food.name().contains(unit.get().key())) {
                return unit;
            }
        }
        return Optional.empty();
    }

    private Weighed volume(Food food, Unit unit, double count, Amount amount, String words) {
        Optional<FoodMeasure> own = food.measure(unit.key());
        double packing = amount.packing();
        if (own.isPresent()) {
            // A food's cups and spoons are US ones; pinches, glugs and glasses are what they are.
            double ratio = unit.millilitres(system) / unit.millilitres(MeasureSystem.US);
            return new Weighed(
                    count * own.get().massG() * ratio * packing,
                    amount.spread(own.get().logSd()),
                    Sureness.SURE,
                    words,
                    "");
        }
        double grams = count * unit.millilitres(system) * food.densityGPerMl() * packing;
        return new Weighed(grams, amount.spread(unit.logSd()), Sureness.SURE, words, "");
    }

    private Weighed counted(
            Food food, String key, double count, double logSd, double fallbackG, Amount amount, String words) {
        Optional<FoodMeasure> own = food.measure(key);
        if (own.isPresent()) {
            return new Weighed(
                    count * own.get().massG() * sizeFactor(amount.size()),
                    amount.spread(own.get().logSd()),
                    Sureness.SURE,
                    words,
                    "");
        }
        String remark = "Taken as " + Numbers.plain(fallbackG, 1) + " g each: weigh it if you can.";
        return new Weighed(count * fallbackG, amount.spread(Math.max(0.3, logSd)), Sureness.LIKELY, words, remark);
    }

    private Weighed pieces(Food food, double count, Amount amount, String words) {
        String size = amount.size();
        Optional<FoodMeasure> sized = size.isEmpty() ? Optional.empty() : food.measure("piece-" + size);
        Optional<FoodMeasure> piece = sized.isPresent() ? sized : food.measure("piece");
        if (piece.isEmpty()) {
            Optional<FoodMeasure> clove = food.measure("fruit");
            if (clove.isPresent()) {
                return new Weighed(
                        count * clove.get().massG(), amount.spread(clove.get().logSd()), Sureness.LIKELY, words, "");
            }
            return new Weighed(
                    count * UNKNOWN_PIECE_G,
                    UNKNOWN_PIECE_LOG_SD,
                    Sureness.UNSURE,
                    words,
                    "No unit given: taken as 50 g each. Say g, mL, cups or spoons.");
        }
        double factor = sized.isPresent() ? 1 : sizeFactor(size);
        return new Weighed(
                count * piece.get().massG() * factor, amount.spread(piece.get().logSd()), Sureness.SURE, words, "");
    }

    private static double sizeFactor(String size) {
        return switch (size) {
            case "small" -> SMALL_PIECE;
            case "large" -> LARGE_PIECE;
            default -> 1;
        };
    }

    /** A weight in brackets: "(about 300 g)", "1 (15 oz) can". */
    private record Bracket(OptionalDouble grams, int from) {
        /** Finds the first bracket, takes it out of the line and reads a weight from it. */
        static Bracket cutFrom(List<Token> tokens) {
            int open = indexOf(tokens, "(", 0);
            if (open < 0) {
                return new Bracket(OptionalDouble.empty(), -1);
            }
            int close = indexOf(tokens, ")", open);
            int end = close < 0 ? tokens.size() : close + 1;
            OptionalDouble grams = OptionalDouble.empty();
            for (int i = open; i + 1 < end; i++) {
                Optional<Unit> unit = Unit.named(tokens.get(i + 1).text());
                if (tokens.get(i).isNumber() && unit.isPresent() && unit.get().kind() == Unit.Kind.WEIGHT) {
                    grams = OptionalDouble.of(
                            tokens.get(i).number().getAsDouble() * unit.get().grams());
                    break;
                }
            }
            tokens.subList(open, end).clear();
            return new Bracket(grams, open);
        }

        private static int indexOf(List<Token> tokens, String mark, int from) {
            for (int i = from; i < tokens.size(); i++) {
                if (tokens.get(i).is(mark)) {
                    return i;
                }
            }
            return -1;
        }

        boolean directlyAfterCount(Amount amount) {
            return amount.count().isPresent() && from <= 1;
        }
    }
}
