package app.gradior.measure;

import app.gradior.measure.Words.Token;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The amount at the head of a line.
 *
 * @param count how many units; empty when the line gives no number
 * @param rangeLogSd spread that a range ("2–3") adds
 * @param unit the unit named, if any
 * @param size small, large or empty
 * @param fill heaped or scant spoons: factor on the count
 * @param packing packed or loose: factor on what a volume weighs
 * @param part juice or zest, when only that is wanted
 * @param end first token that does not belong to the amount
 */
record Amount(
        OptionalDouble count,
        double rangeLogSd,
        Optional<Unit> unit,
        String size,
        double fill,
        double packing,
        Optional<String> part,
        int end) {
    private static final double HEAPED = 1.6;
    private static final double SCANT = 0.9;
    private static final double GENEROUS = 1.15;
    private static final double LOOSE = 0.8;

    /** Standard deviation of the logarithm, a unit's own and the range's together. */
    double spread(double unitLogSd) {
        return Math.hypot(unitLogSd, rangeLogSd);
    }

    static Amount read(List<Token> tokens) {
        return new Reader(tokens).read();
    }

    private static final class Reader {
        private final List<Token> tokens;
        private int at;
        private OptionalDouble count = OptionalDouble.empty();
        private double rangeLogSd;
        private Optional<Unit> unit = Optional.empty();
        private String size = "";
        private double fill = 1;
        private double packing = 1;
        private Optional<String> part = Optional.empty();

        Reader(List<Token> tokens) {
            this.tokens = tokens;
        }

        Amount read() {
            skipHedges();
            readPart();
            readCount();
            readAdjectives();
            readMultiple();
            readUnit();
            readAdjectives();
            if (count.isEmpty() && unit.isEmpty() && part.isEmpty()) {
                readTrailing();
            }
            return new Amount(count, rangeLogSd, unit, size, fill, packing, part, at);
        }

        private boolean now(String word) {
            return at < tokens.size() && tokens.get(at).is(word);
        }

        private boolean skip(String... words) {
            for (String word : words) {
                if (now(word)) {
                    at++;
                    return true;
                }
            }
            return false;
        }

        private void skipHedges() {
            while (skip("about", "approx", "approximately", "around", "roughly", "nearly", "the", "-", "–", "*")) {
                // each skip moves on
            }
        }

        private void readPart() {
            if ((now("juice") || now("zest"))
                    && at + 1 < tokens.size()
                    && (tokens.get(at + 1).is("of")
                            || Words.numberWord(tokens.get(at + 1)).isPresent())) {
                part = Optional.of(tokens.get(at).text());
                at++;
                skip("and");
                skip("zest", "juice");
                skip("of");
                skip("the");
            }
        }

        private void readCount() {
            if (at >= tokens.size()) {
                return;
            }
            OptionalDouble first = Words.numberWord(tokens.get(at));
            if (first.isEmpty()) {
                return;
            }
            double value = first.getAsDouble();
            at++;
            if (value == 1 && (now("few") || now("couple") || now("half") || now("quarter") || now("dozen"))) {
                value = Words.numberWord(tokens.get(at)).orElse(1);
                at++;
            }
            if (value < 1) {
                skip("of");
                skip("a", "an");
            }
            count = OptionalDouble.of(value);
            readRangeEnd(value);
        }

        private void readRangeEnd(double low) {
            int back = at;
            if (skip("-", "–", "to", "or")
                    && at < tokens.size()
                    && tokens.get(at).isNumber()) {
                double high = tokens.get(at).number().getAsDouble();
                if (high > low && low > 0) {
                    at++;
                    count = OptionalDouble.of((low + high) / 2);
                    // A range is read as four in five of what cooks would take.
                    rangeLogSd = Math.log(high / low) / (2 * 1.2816);
                    return;
                }
            }
            at = back;
        }

        private void readAdjectives() {
            boolean more = true;
            while (more && at < tokens.size()) {
                switch (tokens.get(at).text()) {
                    case "small" -> size = "small";
                    case "large", "big" -> size = "large";
                    case "medium", "level", "of", "good", "very", "firmly", "tightly", "packed" -> {
                        // understood, changes nothing
                    }
                    case "heaped", "heaping", "rounded" -> fill = HEAPED;
                    case "scant" -> fill = SCANT;
                    case "generous" -> fill = GENEROUS;
                    case "loose", "loosely", "lightly" -> packing = LOOSE;
                    default -> more = false;
                }
                if (more) {
                    at++;
                }
            }
        }

        /** "2 x 400 g cans", "a 400 g can": a second number, with its unit, is the size of one. */
        private void readMultiple() {
            if (count.isEmpty()) {
                return;
            }
            int back = at;
            skip("x", "×", "*");
            if (at + 1 < tokens.size() && tokens.get(at).isNumber()) {
                Optional<Unit> each = Unit.named(tokens.get(at + 1).text());
                if (each.isPresent()) {
                    count = OptionalDouble.of(
                            count.getAsDouble() * tokens.get(at).number().getAsDouble());
                    unit = each;
                    at += 2;
                    skipContainer();
                    return;
                }
            }
            at = back;
        }

        private void skipContainer() {
            if (at < tokens.size()
                    && Unit.named(tokens.get(at).text())
                            .filter(u -> u.kind() == Unit.Kind.CONTAINER)
                            .isPresent()) {
                at++;
            }
        }

        private void readUnit() {
            if (unit.isPresent() || at >= tokens.size()) {
                return;
            }
            if (now("fl") || now("fluid")) {
                at++;
                skip("oz", "ounce");
                unit = Optional.of(Unit.FLUID_OUNCE);
                return;
            }
            Optional<Unit> named = Unit.named(tokens.get(at).text());
            // "4 cloves" ends there: then it is the spice, not a unit of something.
            boolean nothingFollows =
                    at + 1 >= tokens.size() || tokens.get(at + 1).isMark();
            if (named.isPresent() && !(named.get().kind() == Unit.Kind.COUNT && nothingFollows)) {
                unit = named;
                at++;
                if (unit.get().kind() == Unit.Kind.WEIGHT) {
                    skipContainer();
                }
            }
        }

        /** "Cornflour 20 g", "salt: 1 tsp". */
        private void readTrailing() {
            for (int i = at; i + 1 < tokens.size(); i++) {
                Optional<Unit> named = Unit.named(tokens.get(i + 1).text());
                if (tokens.get(i).isNumber() && named.isPresent()) {
                    count = tokens.get(i).number();
                    unit = named;
                    return;
                }
            }
        }
    }
}
