package app.gradior.measure;

import java.util.OptionalDouble;

/** Reads how many: "one and a half", "a few", "half a dozen", "three quarters", "2 to 3". */
final class CountReader {
    private static final int DOZEN = 12;
    /** A range is read as four in five of what cooks would take: tenth and ninetieth percentile of a standard normal. */
    private static final double BAND = 1.2816;
    /** Wider is no range of one thing. */
    private static final double WIDEST = 12;
    /** "Seven eighths" is the most that is said of a share. */
    private static final double MOST_SHARES = 7;

    private static final Counted NONE = new Counted(OptionalDouble.empty(), 0);

    private final Cursor line;

    private CountReader(Cursor line) {
        this.line = line;
    }

    /**
     * How many.
     *
     * @param count empty when it does not say
     * @param rangeLogSd spread that a range adds
     */
    record Counted(OptionalDouble count, double rangeLogSd) {}

    /** Moves past it. */
    static Counted read(Cursor line) {
        return new CountReader(line).read();
    }

    private Counted read() {
        OptionalDouble first = line.number(0);
        if (first.isEmpty()) {
            return NONE;
        }
        line.on(1);
        double value = mixedWords(first.getAsDouble());
        if (value < 1) {
            line.skip("of");
            line.skip("a", "an", "the");
        }
        return withRange(line.skip("dozen") ? DOZEN * value : value);
    }

    /** "one and a half", "a few", "three quarters", "1 and 1/2", "a couple of". */
    private double mixedWords(double value) {
        if (value == 1 && line.isAny(0, "few", "couple", "half", "quarter", "third")) {
            double words = line.number(0).orElse(1);
            line.on(1);
            line.skip("of");
            return words;
        }
        if (value >= 1 && value <= MOST_SHARES && line.isAny(0, "quarter", "third", "half", "eighth")) {
            double share = line.number(0).orElse(1);
            line.on(1);
            return value * share;
        }
        int back = line.at();
        if (line.skip("and")) {
            line.skip("a", "one");
            double rest = line.number(0).orElse(0);
            if (rest > 0 && rest < 1) {
                line.on(1);
                return value + rest;
            }
            line.to(back);
        }
        return value;
    }

    private Counted withRange(double low) {
        int back = line.at();
        if (line.skip("-", "–", "to", "or", "and") && !line.isAny(0, "a", "an")) {
            double high = line.number(0).orElse(0);
            if (high > low && low > 0 && high <= WIDEST * low) {
                line.on(1);
                return new Counted(OptionalDouble.of((low + high) / 2), Math.log(high / low) / (2 * BAND));
            }
        }
        line.to(back);
        return new Counted(OptionalDouble.of(low), 0);
    }
}
