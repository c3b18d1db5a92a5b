package app.gradior.finding;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;

/** What may be wrong with any value that somebody gives. Names of fields are those of the API. */
public sealed interface Wrong extends Finding {
    /** Outside its bounds; the unit with its space before it, or empty. */
    record Range(String field, double value, double low, double high, String unit) implements Wrong {}

    /** Less than it may be. */
    record Least(String field, double value, double low, String unit) implements Wrong {}

    /** Not above what it has to be. */
    record NotAbove(String field, double value, double low, String unit) implements Wrong {}

    /** Above nothing and up to a bound. */
    record Share(String field, double value, double high, String unit) implements Wrong {}

    /** None of the keys there are. */
    record Key(String field, String key, List<String> keys) implements Wrong {
        /** With the keys of all constants of a kind. */
        public static <T> Key of(String field, String key, T[] values, Function<T, String> keyOf) {
            return new Key(field, key, Arrays.stream(values).map(keyOf).toList());
        }
    }

    /** Not a number. */
    record NoNumber(String field) implements Wrong {}

    /** Not there, or null. */
    record NotGiven() implements Wrong {}

    /** A text that has to say something. */
    record Blank() implements Wrong {}

    /** A text of too many characters. */
    record TooLong(int longest) implements Wrong {}

    /** A list with too few or too many in it. */
    record Count(String field, int has, int least, int most) implements Wrong {}

    /** A list with nothing in it. */
    record Empty(String field) implements Wrong {}

    /** Nothing that is taken there. */
    record NotTaken() implements Wrong {}

    /** Nothing of that kind in this kitchen. */
    record Unknown(Thing what) implements Wrong {}

    /** In words that were found already. */
    record Said(String words) implements Wrong {}
}
