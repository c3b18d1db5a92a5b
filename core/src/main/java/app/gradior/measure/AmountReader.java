package app.gradior.measure;

import app.gradior.measure.Amount.Measured;
import app.gradior.measure.Amount.Part;
import app.gradior.measure.Words.Token;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Walks once over the head of a line and collects its {@link Amount}. */
final class AmountReader {
    private static final double HEAPED_SPOON = 1.6;
    private static final double HEAPED_CUP = 1.2;
    private static final double SCANT = 0.9;
    private static final double GENEROUS = 1.15;
    private static final double LOOSE = 0.8;
    private static final double CM_PER_INCH = 2.54;
    /** A range is read as four in five of what cooks would take: tenth and ninetieth percentile of a standard normal. */
    private static final double BAND = 1.2816;

    private final List<Token> tokens;
    private int at;
    private OptionalDouble count = OptionalDouble.empty();
    private double rangeLogSd;
    private Optional<Unit> unit = Optional.empty();
    private Optional<Measured> more = Optional.empty();
    private String size = "";
    private boolean heaped;
    private double fill = 1;
    private double packing = 1;
    private final Set<Part> parts = EnumSet.noneOf(Part.class);
    private OptionalDouble lengthCm = OptionalDouble.empty();

    AmountReader(List<Token> tokens) {
        this.tokens = tokens;
    }

    Amount read() {
        skipHedges();
        readParts();
        readCount();
        readPartsOfCount();
        readAdjectives();
        readLength();
        readMultiple();
        readUnit();
        readHalfMore();
        readMore();
        skipSecondMeasure();
        if (now(",") && (next(1, "heaped") || next(1, "heaping") || next(1, "rounded") || next(1, "level"))) {
            at++;
        }
        readAdjectives();
        skip(",");
        if (count.isEmpty() && unit.isEmpty() && parts.isEmpty()) {
            readTrailing();
        }
        if (unit.filter(u -> u.kind() == Unit.Kind.WEIGHT).isPresent()) {
            // A scale has no heap.
            fill = 1;
        } else if (heaped) {
            fill *= unit.filter(u -> u == Unit.CUP).isPresent() ? HEAPED_CUP : HEAPED_SPOON;
        }
        return new Amount(count, rangeLogSd, unit, more, size, fill, packing, parts, lengthCm, at);
    }

    private boolean now(String word) {
        return at < tokens.size() && tokens.get(at).is(word);
    }

    private boolean next(int ahead, String word) {
        return at + ahead < tokens.size() && tokens.get(at + ahead).is(word);
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

    private Optional<Unit> unitAt(int i) {
        return i < tokens.size() ? Unit.named(tokens.get(i).text()) : Optional.empty();
    }

    private boolean numberAt(int i) {
        return i < tokens.size() && tokens.get(i).isNumber();
    }

    private void skipHedges() {
        while (skip(
                "about",
                "approx",
                "approximately",
                "around",
                "roughly",
                "nearly",
                "circa",
                "the",
                "between",
                "-",
                "–",
                "*",
                "~",
                "•",
                "up",
                "at",
                "least",
                "grated",
                "finely")) {
            // each skip moves on
        }
    }

    /** "juice of 1 lemon", "zest and juice of 2 limes". */
    private void readParts() {
        if (!now("juice") && !now("zest")) {
            return;
        }
        int ahead = 1;
        if (next(1, "and") && (next(2, "zest") || next(2, "juice"))) {
            ahead = 3;
        }
        boolean follows = at + ahead < tokens.size()
                && (next(ahead, "of")
                        || next(ahead, "from")
                        || Words.numberWord(tokens.get(at + ahead)).isPresent());
        if (!follows) {
            return;
        }
        for (int i = 0; i < ahead; i++) {
            takePart(tokens.get(at + i));
        }
        at += ahead;
        skip("of", "from");
        skip("the");
    }

    private void takePart(Token token) {
        if (token.is("juice")) {
            parts.add(Part.JUICE);
        } else if (token.is("zest")) {
            parts.add(Part.ZEST);
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
        value = mixedWords(value);
        if (value < 1) {
            skip("of");
            skip("a", "an", "the");
            if (skip("dozen")) {
                value *= 12;
            }
        } else if (skip("dozen")) {
            value *= 12;
        }
        count = OptionalDouble.of(value);
        readRangeEnd(value);
    }

    /** "one and a half", "a few", "three quarters", "1 and 1/2", "a couple of". */
    private double mixedWords(double value) {
        if (value == 1 && (now("few") || now("couple") || now("half") || now("quarter") || now("third"))) {
            double words = Words.numberWord(tokens.get(at)).orElse(1);
            at++;
            skip("of");
            return words;
        }
        if (value >= 1 && value <= 7 && (now("quarter") || now("third") || now("half") || now("eighth"))) {
            double share = Words.numberWord(tokens.get(at)).orElse(1);
            at++;
            return value * share;
        }
        if (now("and")) {
            int back = at++;
            skip("a", "one");
            OptionalDouble rest = at < tokens.size() ? Words.numberWord(tokens.get(at)) : OptionalDouble.empty();
            if (rest.isPresent() && rest.getAsDouble() > 0 && rest.getAsDouble() < 1) {
                at++;
                return value + rest.getAsDouble();
            }
            at = back;
        }
        return value;
    }

    private void readRangeEnd(double low) {
        int back = at;
        if (skip("-", "–", "to", "or", "and") && at < tokens.size()) {
            OptionalDouble end = Words.numberWord(tokens.get(at));
            boolean word = end.isPresent()
                    && !tokens.get(at).is("a")
                    && !tokens.get(at).is("an");
            if (word && end.getAsDouble() > low && low > 0 && end.getAsDouble() <= 12 * low) {
                at++;
                count = OptionalDouble.of((low + end.getAsDouble()) / 2);
                rangeLogSd = Math.log(end.getAsDouble() / low) / (2 * BAND);
                return;
            }
        }
        at = back;
    }

    /** "half the juice of a lemon", "1 zest". */
    private void readPartsOfCount() {
        int back = at;
        skip("the");
        if ((now("juice") || now("zest")) && next(1, "of")) {
            takePart(tokens.get(at));
            at += 2;
            OptionalDouble times = at < tokens.size() ? Words.numberWord(tokens.get(at)) : OptionalDouble.empty();
            if (times.isPresent()) {
                at++;
                count = OptionalDouble.of(count.orElse(1) * times.getAsDouble());
            }
        } else {
            at = back;
        }
    }

    private void readAdjectives() {
        boolean on = true;
        while (on && at < tokens.size()) {
            switch (tokens.get(at).text()) {
                case "small", "little" -> size = "small";
                case "large", "big" -> size = "large";
                case "medium",
                        "level",
                        "of",
                        "good",
                        "very",
                        "firmly",
                        "tightly",
                        "packed",
                        "sized",
                        "size",
                        "average",
                        "flat",
                        "full",
                        "fat",
                        "long",
                        "thick",
                        "thin",
                        "whole",
                        "extra",
                        "-" -> {
                    // understood, changes nothing
                }
                case "heaped", "heaping", "rounded" -> heaped = true;
                case "scant", "scanty" -> fill = SCANT;
                case "generous" -> fill = GENEROUS;
                case "loose", "loosely", "lightly" -> packing = LOOSE;
                default -> on = false;
            }
            if (on) {
                at++;
            }
        }
    }

    /** "5 cm piece of", "a 2-inch knob of", "thumb-sized piece of". */
    private void readLength() {
        int back = at;
        double each = count.orElse(1);
        if (numberAt(at) && count.isPresent()) {
            each = tokens.get(at).number().orElse(1);
            at++;
            skip("-");
        }
        boolean inches = now("inch") || now("in") && (next(1, "piece") || next(1, "knob") || next(1, "length"));
        if (inches || now("cm") || now("centimetre") || now("centimeter")) {
            at++;
            skip("-");
            lengthCm = OptionalDouble.of(each * (inches ? CM_PER_INCH : 1));
            count = OptionalDouble.of(back == at ? 1 : numberAt(back) ? count.orElse(1) : 1);
            skip("long");
            skip("piece", "knob", "length", "chunk", "stick", "slice");
            skip("of");
            return;
        }
        at = back;
    }

    /** "2 x 400 g cans", "a 400 g can": a second number, with its unit, is the size of one. */
    private void readMultiple() {
        if (count.isEmpty() || lengthCm.isPresent()) {
            return;
        }
        int back = at;
        skip("x", "×", "*");
        if (numberAt(at)) {
            int unitAt = at + 1;
            if (unitAt < tokens.size() && tokens.get(unitAt).is("-")) {
                unitAt++;
            }
            Optional<Unit> each = unitAt(unitAt);
            if (each.isPresent() && each.get().isExact()) {
                count = OptionalDouble.of(
                        count.getAsDouble() * tokens.get(at).number().getAsDouble());
                unit = each;
                at = unitAt + 1;
                skipContainer();
                return;
            }
        }
        at = back;
    }

    private void skipContainer() {
        skip("-");
        if (now("spoon")
                || unitAt(at).filter(u -> u.kind() == Unit.Kind.CONTAINER).isPresent()) {
            at++;
        }
    }

    private void readUnit() {
        if (unit.isPresent() || at >= tokens.size() || lengthCm.isPresent()) {
            return;
        }
        if (now("fl") || now("fluid")) {
            at++;
            skip("oz", "ounce");
            unit = Optional.of(Unit.FLUID_OUNCE);
            return;
        }
        Optional<Unit> named = unitAt(at);
        // "4 cloves" ends there: then it is the spice, not a unit of something.
        boolean nothingFollows = at + 1 >= tokens.size() || tokens.get(at + 1).isMark();
        if (named.isPresent() && !(named.get().kind() == Unit.Kind.COUNT && nothingFollows)) {
            unit = named;
            at++;
            if (unit.get().isExact()) {
                skipContainer();
            }
        }
    }

    /** "a stick and a half of butter", "a cup and a half". */
    private void readHalfMore() {
        int back = at;
        if (unit.isPresent() && skip("and", "&")) {
            skip("a", "one");
            OptionalDouble part = at < tokens.size() ? Words.numberWord(tokens.get(at)) : OptionalDouble.empty();
            boolean unitFollows = unitAt(at + 1).isPresent();
            if (part.isPresent() && part.getAsDouble() > 0 && part.getAsDouble() < 1 && !unitFollows) {
                at++;
                count = OptionalDouble.of(count.orElse(1) + part.getAsDouble());
                return;
            }
        }
        at = back;
    }

    /** "1 lb 4 oz", "1 pint 5 fl oz", "1 cup plus 2 tbsp", "50 g + 20 g". */
    private void readMore() {
        if (unit.isEmpty() || !unit.get().isExact()) {
            return;
        }
        int back = at;
        boolean plus = skip("plus", "+", "and", "&");
        if (numberAt(at)) {
            boolean fluid = next(1, "fl") || next(1, "fluid");
            Optional<Unit> second = fluid ? Optional.of(Unit.FLUID_OUNCE) : unitAt(at + 1);
            boolean fits = second.isPresent() && second.get().isExact();
            if (fits && (plus || isPartOf(second.get(), unit.get()))) {
                more = Optional.of(new Measured(tokens.get(at).number().getAsDouble(), second.get()));
                at += 2;
                if (fluid) {
                    skip("oz", "ounce");
                }
                return;
            }
        }
        at = back;
    }

    /** Units that are said one after the other without a word between. */
    private static boolean isPartOf(Unit second, Unit first) {
        return switch (first) {
            case POUND -> second == Unit.OUNCE;
            case KILOGRAM -> second == Unit.GRAM;
            case PINT, QUART -> second == Unit.FLUID_OUNCE;
            case LITRE -> second == Unit.MILLILITRE || second == Unit.DECILITRE;
            default -> false;
        };
    }

    /** "500 g / 1 lb 2 oz", "250 ml/1 cup": the same again in other units. */
    private void skipSecondMeasure() {
        while (unit.isPresent() && now("/") && numberAt(at + 1)) {
            int back = at;
            at += 2;
            if (now("fl") || now("fluid")) {
                at++;
            }
            if (unitAt(at).filter(Unit::isExact).isEmpty()) {
                at = back;
                return;
            }
            at++;
            if (numberAt(at) && unitAt(at + 1).filter(Unit::isExact).isPresent()) {
                at += 2;
            }
        }
    }

    /** "Cornflour 20 g", "salt: 1 tsp", "butter – a knob". */
    private void readTrailing() {
        for (int i = at; i + 1 < tokens.size(); i++) {
            Optional<Unit> named = unitAt(i + 1);
            if (tokens.get(i).isNumber() && named.isPresent()) {
                count = tokens.get(i).number();
                unit = named;
                return;
            }
        }
        for (int i = at + 1; i < tokens.size(); i++) {
            boolean afterMark = tokens.get(i - 1).isMark() || tokens.get(i - 1).is("x");
            if (tokens.get(i).isNumber() && afterMark) {
                count = tokens.get(i).number();
                int end = at;
                at = i + 1;
                readAdjectives();
                at = end;
                return;
            }
        }
    }
}
