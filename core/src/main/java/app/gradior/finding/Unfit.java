package app.gradior.finding;

/** A value that a rule cannot take: which one, and why. */
public final class Unfit extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final String field;
    private final transient Finding why;

    /** A value whose name the rule does not know. */
    public Unfit(Finding why) {
        this("", why);
    }

    /**
     * A value with its name.
     *
     * @param field as the API calls it; empty when whoever asked knows better
     */
    public Unfit(String field, Finding why) {
        super(field.isEmpty() ? why.toString() : field + ": " + why);
        this.field = field;
        this.why = why;
    }

    public String field() {
        return field;
    }

    public Finding why() {
        return why;
    }

    /**
     * A number within bounds, both included.
     *
     * @param unit with its space before it, or empty
     * @throws Unfit when it is not, NaN included
     */
    public static double inRange(String field, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw new Unfit(field, new Wrong.Range(field, value, low, high, unit));
        }
        return value;
    }

    /**
     * A number that is not below a bound.
     *
     * @throws Unfit when it is, or is NaN
     */
    public static double atLeast(String field, double value, double low, String unit) {
        if (!(value >= low)) {
            throw new Unfit(field, new Wrong.Least(field, value, low, unit));
        }
        return value;
    }

    /**
     * A number above a bound.
     *
     * @throws Unfit when it is not, NaN included
     */
    public static double above(String field, double value, double low, String unit) {
        if (!(value > low)) {
            throw new Unfit(field, new Wrong.NotAbove(field, value, low, unit));
        }
        return value;
    }
}
