package app.gradior.measure;

import app.gradior.measure.Words.Token;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * The amount at the head of a line.
 *
 * @param count how many units; empty when the line gives no number
 * @param rangeLogSd spread that a range ("2–3") adds
 * @param unit the unit named, if any
 * @param more a second measure to be added: "1 lb 4 oz", "1 cup plus 2 tbsp"
 * @param size small, large or empty
 * @param fill heaped or scant measures: factor on the count
 * @param packing packed or loose: factor on what a volume weighs
 * @param parts juice or zest, when only that is wanted
 * @param lengthCm of a piece of root; empty when the line gives none
 * @param end first token that does not belong to the amount
 */
record Amount(
        OptionalDouble count,
        double rangeLogSd,
        Optional<Unit> unit,
        Optional<Measured> more,
        String size,
        double fill,
        double packing,
        Set<Part> parts,
        OptionalDouble lengthCm,
        int end) {
    Amount {
        parts = parts.isEmpty() ? Set.of() : EnumSet.copyOf(parts);
    }

    /** A part of a fruit, keyed as foods name their measures. */
    enum Part {
        JUICE,
        ZEST
    }

    /** So many of a unit. */
    record Measured(double count, Unit unit) {}

    /** Whether the line says how much in any way. */
    boolean isGiven() {
        return count.isPresent() || unit.isPresent() || !parts.isEmpty();
    }

    /** Standard deviation of the logarithm, a unit's own and the range's together. */
    double spread(double unitLogSd) {
        return Math.hypot(unitLogSd, rangeLogSd);
    }

    static Amount read(List<Token> tokens) {
        return new AmountReader(tokens).read();
    }
}
