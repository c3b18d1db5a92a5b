package app.gradior.method;

import app.gradior.measure.LineReader;
import app.gradior.measure.Numbers;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A piece of text as patterns see it: lower case, words in the singular, every number in digits, one blank between words. */
final class Norm {
    private static final Map<String, String> SMALL = Map.ofEntries(
            Map.entry("one", "1"),
            Map.entry("two", "2"),
            Map.entry("three", "3"),
            Map.entry("four", "4"),
            Map.entry("five", "5"),
            Map.entry("six", "6"),
            Map.entry("seven", "7"),
            Map.entry("eight", "8"),
            Map.entry("nine", "9"));

    private static final Pattern DEGREE_C = Pattern.compile("(?<=\\d) ?[°º] ?C\\b");
    private static final Pattern DEGREE_F = Pattern.compile("(?<=\\d) ?[°º](?: ?F\\b)?");

    /** What a pan is called says nothing of what is done in it. */
    private static final Pattern PAN =
            Pattern.compile("\\b(?:frying|fry|saute|sauce|stew|simmering|roasting|stock) (?:pan|pot)\\b");

    private Norm() {}

    static String of(String text) {
        return of(LineReader.words(
                DEGREE_F.matcher(DEGREE_C.matcher(text).replaceAll(" degc ")).replaceAll(" degf ")));
    }

    static String of(List<String> words) {
        return PAN.matcher(joined(words)).replaceAll("pan");
    }

    /** A text as it is, with what a pattern finds turned into blanks, so that places in it stay what they are. */
    static String blanked(String text, Pattern pattern) {
        return pattern.matcher(text)
                .replaceAll(found -> " ".repeat(found.group().length()));
    }

    private static String joined(List<String> words) {
        return words.stream().map(Norm::digits).collect(Collectors.joining(" "));
    }

    private static String digits(String word) {
        char first = word.charAt(0);
        if (Character.isDigit(first) || Character.getType(first) == Character.OTHER_NUMBER || first == '.') {
            return Numbers.parse(word).stream()
                    .mapToObj(value -> Numbers.plain(value, 3).replace(",", ""))
                    .findFirst()
                    .orElse(word);
        }
        return SMALL.getOrDefault(word, word);
    }
}
