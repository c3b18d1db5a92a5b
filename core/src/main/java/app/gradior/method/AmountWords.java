package app.gradior.method;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Where the words of an amount are in a sentence of a method, beside the name of a food. */
final class AmountWords {
    private static final Pattern NUMBER =
            Pattern.compile("\\d+(?:\\.\\d+)?|a|an|half|quarter|couple|few|some|handful|pinch|splash|squeeze");
    private static final Set<String> BOUNDS =
            Set.of(",", ";", "and", "with", "in", "into", "to", "plus", "or", "then", "of the", "but", "so");
    private static final Set<String> PARTS =
            Set.of("(", "and", "with", "in", "into", "to", "plus", "or", "then", "for");

    private AmountWords() {}

    /** Where the words of an amount may begin that stands before a name. */
    static int start(List<String> words, int before, int mention) {
        int start = mention;
        while (start > before && !BOUNDS.contains(words.get(start - 1))) {
            start--;
        }
        return start;
    }

    /** Where the amount begins before a name: what stands before it ("soften a") says nothing of it. */
    static int firstAmount(List<String> words, int start, int to) {
        for (int i = start; i < to; i++) {
            if (isNumber(words.get(i))) {
                return i;
            }
        }
        return start;
    }

    /** Whether a figure is among them. */
    static boolean hasNumber(List<String> words, int from, int to) {
        return words.subList(from, to).stream().anyMatch(word -> Character.isDigit(word.charAt(0)));
    }

    /** The first figure that stands in the same part of the sentence; -1 for none. */
    static int firstNumber(List<String> words, int from, int to) {
        for (int i = from; i < to && !PARTS.contains(words.get(i)); i++) {
            if (Character.isDigit(words.get(i).charAt(0))) {
                return i;
            }
        }
        return -1;
    }

    /** Whether one of them is a number, in figures or in words. */
    static boolean isGiven(List<String> words) {
        return words.stream().anyMatch(AmountWords::isNumber);
    }

    private static boolean isNumber(String word) {
        return Character.isDigit(word.charAt(0)) || NUMBER.matcher(word).matches();
    }
}
