package app.gradior.finding;

import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** What was asked cannot be done; carries every fault found. */
public final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Why, in HTTP's terms. */
    public enum Kind {
        /** The request cannot be read. */
        MALFORMED,
        /** No such thing in this kitchen. */
        MISSING,
        /** It no longer fits what is there. */
        CONFLICT,
        /** It can be read but not done. */
        UNFIT
    }

    private final Kind kind;
    private final transient List<Fault> faults;

    public Refusal(Kind kind, List<Fault> faults) {
        super(
                faults.isEmpty()
                        ? kind.name()
                        : faults.get(0).field() + ": " + faults.get(0).why());
        this.kind = kind;
        this.faults = List.copyOf(faults);
    }

    public static Refusal unfit(String field, Finding why) {
        return new Refusal(Kind.UNFIT, List.of(new Fault(field, why)));
    }

    public static Refusal unfit(String field, String words) {
        return unfit(field, new Wrong.Said(words));
    }

    public static Refusal malformed(String field, Finding why) {
        return new Refusal(Kind.MALFORMED, List.of(new Fault(field, why)));
    }

    public static Refusal malformed(String field, String words) {
        return malformed(field, new Wrong.Said(words));
    }

    /** Nothing of that name in this kitchen; says the same whether another kitchen has it or nobody. */
    public static Refusal missing(Thing what) {
        return new Refusal(Kind.MISSING, List.of(new Fault("id", new Wrong.Unknown(what))));
    }

    public static Refusal conflict(String field, Finding why) {
        return new Refusal(Kind.CONFLICT, List.of(new Fault(field, why)));
    }

    public static Refusal conflict(String field, String words) {
        return conflict(field, new Wrong.Said(words));
    }

    public Kind kind() {
        return kind;
    }

    public List<Fault> faults() {
        return faults;
    }

    /**
     * Runs a core call; a value it refuses becomes a fault of that field. A rule that names the value puts it under it: {@code pot} and
     * {@code topDiameterMm} give {@code pot.topDiameterMm}.
     */
    public static <T> T checked(String field, Supplier<T> call) {
        try {
            return call.get();
        } catch (Unfit e) {
            boolean deeper = !e.field().isEmpty() && !field.endsWith(e.field());
            throw unfit(deeper ? (field.isEmpty() ? "" : field + ".") + e.field() : field, e.why());
        } catch (IllegalArgumentException e) {
            throw unfit(field, new Wrong.NotTaken());
        }
    }

    /**
     * A number within bounds.
     *
     * @throws Refusal when it is not, NaN included
     */
    public static double inRange(String field, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw unfit(field, new Wrong.Range(field, value, low, high, unit));
        }
        return value;
    }

    /**
     * A value that has to be there.
     *
     * @throws Refusal when it is not
     */
    public static <T> T given(String field, @Nullable T value) {
        if (value == null) {
            throw malformed(field, new Wrong.NotGiven());
        }
        return value;
    }

    /** A text of 1 to that many characters, stripped. */
    public static String text(String field, String value, int longest) {
        String stripped = value.strip();
        if (stripped.isEmpty() || stripped.length() > longest) {
            throw unfit(field, stripped.isEmpty() ? new Wrong.Blank() : new Wrong.TooLong(longest));
        }
        return stripped;
    }
}
