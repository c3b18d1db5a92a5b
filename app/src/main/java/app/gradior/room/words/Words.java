package app.gradior.room.words;

import app.gradior.finding.Fault;
import app.gradior.finding.Finding;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.Numbers;
import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.util.ULocale;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Says things: findings, names, and texts by their key, in the language of whoever asks. */
public final class Words {
    private static final Bundle ENGLISH = new Bundle(ULocale.UK, "/words/words.properties");
    private static final Bundle AMERICAN =
            new Bundle(ULocale.US, "/words/words.properties", "/words/words_en_US.properties");

    private static final int ML_PER_L = 1000;
    private static final int MIN_PER_H = 60;

    private final Bundle bundle;
    private final Units units;

    private Words(Language language, Units units) {
        this.bundle = language == Language.AMERICAN ? AMERICAN : ENGLISH;
        this.units = units;
    }

    /** Those of a language, with a reader's units. */
    public static Words in(Language language, Units units) {
        return new Words(language, units);
    }

    private static Words now() {
        return in(Language.now(), Units.METRIC);
    }

    /** What a finding, a named constant, a food or a list of them is in words. */
    public static String say(Object what) {
        return now().words(what);
    }

    /** The same with volumes and temperatures as the reader wants them. */
    public static String say(Object what, Units units) {
        return in(Language.now(), units).words(what);
    }

    /** What is wrong, in words. */
    public static String say(Fault fault) {
        return say(fault.why());
    }

    /** Another text that belongs to a finding or a constant: its advice, its unit. */
    public static String say(Object what, String part) {
        return now().words(what, part);
    }

    /** The same in the reader's units. */
    public static String say(Object what, String part, Units units) {
        return in(Language.now(), units).words(what, part);
    }

    /**
     * A text by its key.
     *
     * @param figures what {0}, {1} and so on are
     */
    public static String text(String key, @Nullable Object... figures) {
        return now().byKey(key, figures);
    }

    /** Whether there is such a text. */
    static boolean has(String key) {
        return now().bundle.has(key);
    }

    static Set<String> keys(Language language) {
        return in(language, Units.METRIC).bundle.keys();
    }

    static String raw(Language language, String key) {
        return in(language, Units.METRIC).bundle.raw(key).orElseThrow();
    }

    static List<String> asks(Language language, String key) {
        return in(language, Units.METRIC).bundle.pattern(key).asks();
    }

    /** A text by its key, in this language. */
    public String byKey(String key, @Nullable Object... figures) {
        Map<String, @Nullable Object> named = new LinkedHashMap<>();
        for (int i = 0; i < figures.length; i++) {
            named.put(String.valueOf(i), figures[i]);
        }
        return filled(key, named);
    }

    /** What it is in words of this language. */
    public String words(Object what) {
        return words(what, "");
    }

    private String words(Object what, String part) {
        if (what instanceof Finding finding) {
            return filled(key(finding.code(), part), finding.figures());
        }
        if (what instanceof Enum<?> constant) {
            return filled(key(key(constant), part), Map.of());
        }
        return String.valueOf(worded(what));
    }

    private static String key(Enum<?> constant) {
        return Finding.codeOf(constant.getDeclaringClass()) + "." + constant.name();
    }

    private static String key(String code, String part) {
        return part.isEmpty() ? code : code + "." + part;
    }

    private String filled(String key, Map<String, @Nullable Object> figures) {
        return bundle.pattern(key).filled(figures, this::worded, this::formatted);
    }

    /** A figure as ICU takes it: numbers stay numbers, since plurals ask for them; a decimal is written as cooks read it. */
    private Object worded(@Nullable Object value) {
        if (value == null) {
            return "";
        }
        if (value instanceof Finding finding) {
            return words(finding);
        }
        if (value instanceof Enum<?> constant) {
            // One without a name is a program's: it is told as programs write it.
            return bundle.has(key(constant)) ? words(constant) : constant.name();
        }
        if (value instanceof Food food) {
            return bundle.raw("food." + food.id())
                    .filter(other -> Catalogue.standard()
                            .food(food.id())
                            .filter(standard -> standard.name().equals(food.name()))
                            .isPresent())
                    .orElse(food.name());
        }
        if (value instanceof Optional<?> maybe) {
            return maybe.map(this::worded).orElse("none");
        }
        if (value instanceof Collection<?> list) {
            return ListFormatter.getInstance(bundle.locale()).format(each(list));
        }
        return value instanceof Number || value instanceof String ? value : String.valueOf(value);
    }

    private List<String> each(Collection<?> list) {
        return list.stream().map(one -> String.valueOf(worded(one))).toList();
    }

    private String formatted(String format, @Nullable Object value) {
        Objects.requireNonNull(value, format);
        return switch (format) {
            case "key" -> ((Enum<?>) value).name();
            case "commas" -> String.join(", ", each((Collection<?>) value));
            case "oneOf" ->
                ListFormatter.getInstance(bundle.locale(), ListFormatter.Type.OR, ListFormatter.Width.WIDE)
                        .format(each((Collection<?>) value));
            case "field" -> bundle.raw("field." + value).orElse(String.valueOf(value));
            default -> formatted(format, ((Number) value).doubleValue());
        };
    }

    private String formatted(String format, double value) {
        return switch (format) {
            case "volume" -> units.volume(value);
            case "temp" -> units.temp(value);
            case "litres" -> Numbers.plain(value / ML_PER_L, 2) + " L";
            case "litres1" -> Numbers.plain(value / ML_PER_L, 1) + " L";
            case "grams" -> Numbers.plain(value, value < 10 ? 1 : 0) + " g";
            case "time" -> time(Math.round(value));
            case "hours" -> byKey("format.hours", (int) Math.round(value));
            case "percent" -> Numbers.plain(100 * value, 0) + " %";
            default -> Numbers.cooks(value);
        };
    }

    private String time(long minutes) {
        return minutes >= 2 * MIN_PER_H
                ? byKey("format.hoursAndMinutes", minutes / MIN_PER_H, minutes % MIN_PER_H)
                : byKey("format.minutes", minutes);
    }
}
