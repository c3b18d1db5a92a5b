package app.gradior.finding;

import java.util.List;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What was asked cannot be done; carries every fault found. */
public final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private static final Pattern NAMED = Pattern.compile("^([a-z][A-Za-z0-9]*) is ");

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
                        : faults.get(0).field() + ": " + faults.get(0).message());
        this.kind = kind;
        this.faults = List.copyOf(faults);
    }

    public static Refusal unfit(String field, String message) {
        return new Refusal(Kind.UNFIT, List.of(new Fault(field, message)));
    }

    public static Refusal malformed(String field, String message) {
        return new Refusal(Kind.MALFORMED, List.of(new Fault(field, message)));
    }

    /** Nothing of that name in this kitchen; says the same whether another kitchen has it or nobody. */
    public static Refusal missing(String what) {
        return new Refusal(Kind.MISSING, List.of(new Fault("id", "There is no such " + what + " in this kitchen.")));
    }

    public static Refusal conflict(String field, String message) {
        return new Refusal(Kind.CONFLICT, List.of(new Fault(field, message)));
    }

    public Kind kind() {
        return kind;
    }

    public List<Fault> faults() {
        return faults;
    }

    /**
     * Runs a core call; a value it refuses becomes a fault of that field. A core message that starts with a parameter's name
     * is put under it: {@code pot} and "topDiameterMm is 3 mm…" give {@code pot.topDiameterMm}.
     */
    public static <T> T checked(String field, Supplier<T> call) {
        try {
            return call.get();
        } catch (IllegalArgumentException e) {
            String message = String.valueOf(e.getMessage());
            Matcher named = NAMED.matcher(message);
            boolean deeper = named.find() && !field.endsWith(named.group(1));
            String path = deeper ? (field.isEmpty() ? "" : field + ".") + named.group(1) : field;
            throw unfit(path, message);
        }
    }

    /**
     * A number within bounds.
     *
     * @throws Refusal when it is not, NaN included
     */
    public static double inRange(String field, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw unfit(field, field + " is " + value + unit + ": " + low + " to " + high + unit + " expected");
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
            throw malformed(field, "this field is missing or null");
        }
        return value;
    }

    /** A text of 1 to that many characters, stripped. */
    public static String text(String field, String value, int longest) {
        String stripped = value.strip();
        if (stripped.isEmpty() || stripped.length() > longest) {
            throw unfit(field, stripped.isEmpty() ? "Please fill this in." : "At most " + longest + " characters.");
        }
        return stripped;
    }
}
