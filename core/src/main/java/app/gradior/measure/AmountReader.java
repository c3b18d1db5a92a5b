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

    private final Cursor line;
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
        this.line = new Cursor(tokens);
    }

    Amount read() {
        skipHedges();
        readParts();
        CountReader.Counted counted = CountReader.read(line);
        count = counted.count();
        rangeLogSd = counted.rangeLogSd();
        readPartsOfCount();
        readAdjectives();
        readLength();
        readMultiple();
        readUnit();
        readHalfMore();
        readMore();
        skipSecondMeasure();
        if (line.is(",") && line.isAny(1, "heaped", "heaping", "rounded", "level")) {
            line.on(1);
        }
        readAdjectives();
        line.skip(",");
        if (count.isEmpty() && unit.isEmpty() && parts.isEmpty()) {
            readTrailing();
        }
        if (unit.filter(u -> u.kind() == Unit.Kind.WEIGHT).isPresent()) {
            // A scale has no heap.
            fill = 1;
        } else if (heaped) {
            fill *= unit.filter(u -> u == Unit.CUP).isPresent() ? HEAPED_CUP : HEAPED_SPOON;
        }
        return new Amount(count, rangeLogSd, unit, more, size, fill, packing, parts, lengthCm, line.at());
    }

    private void skipHedges() {
        while (line.skip(
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
        if (!line.isAny(0, "juice", "zest")) {
            return;
        }
        int ahead = 1;
        if (line.is(1, "and") && line.isAny(2, "juice", "zest")) {
            ahead = 3;
        }
        boolean follows = line.isAny(ahead, "of", "from") || line.number(ahead).isPresent();
        if (!follows) {
            return;
        }
        for (int i = 0; i < ahead; i++) {
            takePart(line.token(i));
        }
        line.on(ahead);
        line.skip("of", "from");
        line.skip("the");
    }

    private void takePart(Token token) {
        if (token.is("juice")) {
            parts.add(Part.JUICE);
        } else if (token.is("zest")) {
            parts.add(Part.ZEST);
        }
    }

    /** "half the juice of a lemon", "1 zest". */
    private void readPartsOfCount() {
        int back = line.at();
        line.skip("the");
        if (line.isAny(0, "juice", "zest") && line.is(1, "of")) {
            takePart(line.token(0));
            line.on(2);
            OptionalDouble times = line.number(0);
            if (times.isPresent()) {
                line.on(1);
                count = OptionalDouble.of(count.orElse(1) * times.getAsDouble());
            }
        } else {
            line.to(back);
        }
    }

    private void readAdjectives() {
        boolean on = true;
        while (on && !line.isOver()) {
            switch (line.token(0).text()) {
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
                line.on(1);
            }
        }
    }

    /** "5 cm piece of", "a 2-inch knob of", "thumb-sized piece of". */
    private void readLength() {
        int back = line.at();
        boolean times = count.isPresent() && line.skipTimes();
        boolean ofEach = line.isNumber(0) && count.isPresent();
        double each = count.orElse(1);
        if (ofEach) {
            each = line.number(0).orElse(1);
            line.on(1);
            line.skip("-");
        }
        if (times && !ofEach) {
            line.to(back);
            return;
        }
        boolean inches = line.is("inch") || line.is("in") && line.isAny(1, "piece", "knob", "length");
        if (inches || line.isAny(0, "cm", "centimetre", "centimeter")) {
            line.on(1);
            line.skip("-");
            lengthCm = OptionalDouble.of(each * (inches ? CM_PER_INCH : 1));
            count = OptionalDouble.of(ofEach ? count.getAsDouble() : 1);
            line.skip("long");
            line.skip("piece", "knob", "length", "chunk", "stick", "slice");
            line.skip("of");
            return;
        }
        line.to(back);
    }

    /** "2 x 400 g cans", "a 400 g can": a second number, with its unit, is the size of one. */
    private void readMultiple() {
        if (count.isEmpty() || lengthCm.isPresent()) {
            return;
        }
        int back = line.at();
        line.skipTimes();
        if (line.isNumber(0)) {
            int unitAhead = line.is(1, "-") ? 2 : 1;
            Optional<Unit> each = line.unit(unitAhead);
            if (each.isPresent() && each.get().isExact()) {
                count = OptionalDouble.of(
                        count.getAsDouble() * line.token(0).number().getAsDouble());
                unit = each;
                line.on(unitAhead + 1);
                skipContainer();
                return;
            }
        }
        line.to(back);
    }

    private void skipContainer() {
        line.skip("-");
        if (line.is("spoon")
                || line.unit(0).filter(u -> u.kind() == Unit.Kind.CONTAINER).isPresent()) {
            line.on(1);
        }
    }

    private void readUnit() {
        if (unit.isPresent() || line.isOver() || lengthCm.isPresent()) {
            return;
        }
        if (line.is("fl") || line.is("fluid")) {
            line.on(1);
            line.skip("oz", "ounce");
            unit = Optional.of(Unit.FLUID_OUNCE);
            return;
        }
        Optional<Unit> named = line.unit(0);
        // "4 cloves" ends there: then it is the spice, not a unit of something.
        boolean nothingFollows = line.isOver(1) || line.token(1).isMark();
        if (named.isPresent() && !(named.get().kind() == Unit.Kind.COUNT && nothingFollows)) {
            unit = named;
            line.on(1);
            if (unit.get().isExact()) {
                skipContainer();
            }
        }
    }

    /** "a stick and a half of butter", "a cup and a half". */
    private void readHalfMore() {
        int back = line.at();
        if (unit.isPresent() && line.skip("and", "&")) {
            line.skip("a", "one");
            OptionalDouble part = line.number(0);
            boolean unitFollows = line.unit(1).isPresent();
            if (part.isPresent() && part.getAsDouble() > 0 && part.getAsDouble() < 1 && !unitFollows) {
                line.on(1);
                count = OptionalDouble.of(count.orElse(1) + part.getAsDouble());
                return;
            }
        }
        line.to(back);
    }

    /** "1 lb 4 oz", "1 pint 5 fl oz", "1 cup plus 2 tbsp", "50 g + 20 g". */
    private void readMore() {
        if (unit.isEmpty() || !unit.get().isExact()) {
            return;
        }
        int back = line.at();
        boolean plus = line.skip("plus", "+", "and", "&");
        if (line.isNumber(0)) {
            boolean fluid = line.is(1, "fl") || line.is(1, "fluid");
            Optional<Unit> second = fluid ? Optional.of(Unit.FLUID_OUNCE) : line.unit(1);
            boolean fits = second.isPresent() && second.get().isExact();
            if (fits && (plus || isPartOf(second.get(), unit.get()))) {
                more = Optional.of(new Measured(line.token(0).number().getAsDouble(), second.get()));
                line.on(2);
                if (fluid) {
                    line.skip("oz", "ounce");
                }
                return;
            }
        }
        line.to(back);
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
        while (unit.isPresent() && line.is("/") && line.isNumber(1)) {
            int back = line.at();
            line.on(2);
            if (line.is("fl") || line.is("fluid")) {
                line.on(1);
            }
            if (line.unit(0).filter(Unit::isExact).isEmpty()) {
                line.to(back);
                return;
            }
            line.on(1);
            if (line.isNumber(0) && line.unit(1).filter(Unit::isExact).isPresent()) {
                line.on(2);
            }
        }
    }

    /** "Cornflour 20 g", "salt: 1 tsp", "tomatoes 2 x 400 g", "butter – a knob". */
    private void readTrailing() {
        for (int ahead = 0; !line.isOver(ahead + 1); ahead++) {
            Optional<Unit> named = line.unit(ahead + 1);
            if (line.isNumber(ahead) && named.isPresent()) {
                count = line.number(ahead);
                unit = named;
                int times = line.isTimes(ahead - 1) ? ahead - 2 : ahead - 1;
                if (times >= 0 && line.isNumber(times) && named.get().isExact()) {
                    count = OptionalDouble.of(line.number(times).getAsDouble() * count.getAsDouble());
                }
                return;
            }
        }
        for (int ahead = 1; !line.isOver(ahead); ahead++) {
            Token before = line.token(ahead - 1);
            if (line.isNumber(ahead) && (before.isMark() || before.is("x"))) {
                count = line.number(ahead);
                int end = line.at();
                line.on(ahead + 1);
                readAdjectives();
                line.to(end);
                return;
            }
        }
    }
}
