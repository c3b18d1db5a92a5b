package app.gradior.room.words;

import com.ibm.icu.text.DecimalFormat;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.math.BigDecimal;
import java.text.Format;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.regex.Matcher;
import org.jspecify.annotations.Nullable;

/**
 * One text of a bundle, ready to be filled in. ICU's patterns, and in them formats of our own: {@code {massG, cooks}} is filled by what
 * the cooks' format makes of the figure massG. A number in a figure's place stands for itself: {@code {74, temp}}.
 */
final class Pattern {
    private static final java.util.regex.Pattern OWN = java.util.regex.Pattern.compile(
            "\\{(\\w+), *(cooks|volume|temp|litres1?|grams|time|hours|percent|commas|oneOf|field)}"
                    + "|\\{(\\w+), *key,");

    private static final java.util.regex.Pattern NUMBER = java.util.regex.Pattern.compile("\\d+");

    private final MessageFormat format;
    private final List<Own> own = new ArrayList<>();
    /** The text itself where no figure is asked for, as with most. */
    private final @Nullable String constant;

    /** A figure in a format of ours, and the name it then has. */
    private record Own(String figure, String format, String as) {}

    Pattern(String text, ULocale locale) {
        Matcher matcher = OWN.matcher(text);
        StringBuilder plain = new StringBuilder();
        while (matcher.find()) {
            boolean key = matcher.group(1) == null;
            String figure = key ? matcher.group(3) : matcher.group(1);
            String kind = key ? "key" : matcher.group(2);
            String as = figure + "_" + kind;
            own.add(new Own(figure, kind, as));
            matcher.appendReplacement(plain, key ? "{" + as + ", select," : "{" + as + "}");
        }
        matcher.appendTail(plain);
        format = new MessageFormat(plain.toString(), locale);
        for (Format part : format.getFormats()) {
            if (part instanceof DecimalFormat number) {
                number.setRoundingMode(BigDecimal.ROUND_HALF_UP);
            }
        }
        constant = format.getArgumentNames().isEmpty() ? format.format(Map.of()).strip() : null;
    }

    /** Names of the figures it asks for. */
    List<String> asks() {
        List<String> names = new ArrayList<>(format.getArgumentNames());
        own.forEach(one -> {
            names.remove(one.as());
            names.add(one.figure());
        });
        return names;
    }

    /**
     * The text with its figures.
     *
     * @param worded what a figure is in words when the text asks for no format
     * @param formatted what a figure is in a format of ours
     */
    String filled(
            Map<String, @Nullable Object> figures,
            Function<@Nullable Object, Object> worded,
            BiFunction<String, @Nullable Object, String> formatted) {
        if (constant != null) {
            return constant;
        }
        Map<String, Object> filled = new HashMap<>();
        for (String name : format.getArgumentNames()) {
            if (figures.containsKey(name)) {
                filled.put(name, worded.apply(figures.get(name)));
            }
        }
        for (Own one : own) {
            if (figures.containsKey(one.figure())) {
                filled.put(one.as(), formatted.apply(one.format(), figures.get(one.figure())));
            } else if (NUMBER.matcher(one.figure()).matches()) {
                filled.put(one.as(), formatted.apply(one.format(), Double.valueOf(one.figure())));
            }
        }
        String text;
        synchronized (format) { // it is not safe for two threads at once, and a copy takes ten times as long
            text = format.format(filled);
        }
        return text.indexOf("  ") < 0
                ? text.strip()
                : text.replaceAll(" {2,}", " ").strip();
    }
}
