package app.gradior.method;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Amounts as somebody says them: "a kilo and a half", "two teaspoons", "four of them"; not the minutes and degrees among them. */
final class TalkAmounts {
    private static final Set<String> SMALL = Set.of(
            "two", "three", "four", "five", "six", "seven", "eight", "nine", "one", "half", "quarter", "couple", "a",
            "an", "few", "pinch", "handful", "knob", "splash", "glug", "dash", "third");
    private static final Set<String> UNITS = Set.of(
            "cup",
            "gram",
            "g",
            "kilo",
            "kg",
            "ml",
            "mil",
            "litre",
            "liter",
            "pint",
            "quart",
            "tablespoon",
            "tbsp",
            "teaspoon",
            "tsp",
            "ounce",
            "oz",
            "pound",
            "lb",
            "clove",
            "sprig",
            "leaf",
            "stick",
            "pinch",
            "handful",
            "glass",
            "can",
            "tin",
            "bunch",
            "spoon",
            "ladle",
            "grating",
            "stalk",
            "thumb",
            "knob",
            "mug",
            "head",
            "rasher",
            "slice",
            "tub",
            "jar",
            "packet",
            "carton",
            "bag",
            "dash",
            "splash",
            "glug",
            "spoonful");
    private static final Set<String> TIMES = Set.of(
            "minute",
            "min",
            "hour",
            "second",
            "degree",
            "inch",
            "people",
            "person",
            "month",
            "week",
            "year",
            "day",
            "centimetre",
            "cm",
            "mm",
            "time",
            "portion",
            "jar");
    private static final Map<String, String> MISHEARD =
            Map.of("time", "thyme", "come", "cumin", "flower", "flour", "stalk", "stock", "leaks", "leeks");
    private static final Set<String> OPEN_ENDS = Set.of("and", "of", "a", "an");

    private TalkAmounts() {}

    /** Whether a word is of an amount: a figure, a small number, a unit. */
    static boolean isAmountWord(String word) {
        return Character.isDigit(word.charAt(0)) || SMALL.contains(word) || UNITS.contains(word);
    }

    /** The words of an amount alone. */
    static String strip(List<String> words) {
        List<String> kept = new ArrayList<>();
        for (String word : words) {
            if (UNITS.contains(word)
                    || Character.isDigit(word.charAt(0))
                    || SMALL.contains(word)
                    || word.equals("of")
                    || word.equals("and")
                    || word.equals("small")
                    || word.equals("large")
                    || word.equals("medium")
                    || word.equals("big")
                    || word.equals("heaped")) {
                kept.add(word);
            }
        }
        // "A kilo and a bit": what is left open is left out.
        while (kept.size() > 1 && OPEN_ENDS.contains(kept.get(kept.size() - 1))) {
            kept.remove(kept.size() - 1);
        }
        return String.join(" ", kept).replace("an ", "a ");
    }

    /** Where an amount begins: a figure, or a small number before a unit or right before the food. */
    static int amountAt(List<String> words, int from, int to) {
        for (int i = from; i < to; i++) {
            String word = words.get(i);
            boolean figure = Character.isDigit(word.charAt(0));
            boolean small = SMALL.contains(word);
            boolean counted = i + 1 < words.size()
                    && (UNITS.contains(words.get(i + 1))
                            || i + 2 < words.size()
                                    && UNITS.contains(words.get(i + 2))
                                    && SMALL.contains(words.get(i + 1))
                            || i + 3 < words.size()
                                    && words.get(i + 1).equals("of")
                                    && UNITS.contains(words.get(i + 3)));
            if (i + 1 < words.size() && TIMES.contains(words.get(i + 1))
                    || i + 2 < words.size()
                            && TIMES.contains(words.get(i + 2))
                            && (SMALL.contains(words.get(i + 1))
                                    || Character.isDigit(words.get(i + 1).charAt(0)))) {
                continue;
            }
            boolean pronoun = word.equals("a") || word.equals("an") || word.equals("one");
            if (figure || small && (counted || !pronoun) || pronoun && i >= to - 3) {
                return i;
            }
        }
        return -1;
    }

    /** The size that is said between an amount and its food, with a blank before it; empty for none. */
    static String size(List<String> words, int from, int to) {
        for (String word : words.subList(from, to)) {
            if (word.equals("small") || word.equals("large") || word.equals("medium") || word.equals("big")) {
                return " " + word;
            }
        }
        return "";
    }

    /** Words that captions mishear: "time" by the sprig or the spoon is thyme. */
    static List<String> heardRight(List<String> words) {
        List<String> right = new ArrayList<>(words);
        for (int i = 0; i < right.size(); i++) {
            String meant = MISHEARD.get(right.get(i));
            if (meant != null && isNamed(right, i)) {
                right.set(i, meant);
            }
        }
        return right;
    }

    private static boolean isNamed(List<String> words, int at) {
        String before = at > 0 ? words.get(at - 1) : "";
        String next = at + 1 < words.size() ? words.get(at + 1) : "";
        return switch (words.get(at)) {
            case "time" ->
                before.equals("of")
                        || before.equals("and")
                        || next.equals("three")
                        || next.equals("stick")
                        || next.equals("leaf");
            case "come" -> before.equals("of") || before.equals("then") && next.equals("in") || before.equals("ground");
            case "flower" -> before.equals("of") || before.equals("plain") || before.equals("the");
            case "stalk" ->
                before.equals("chicken")
                        || before.equals("beef")
                        || before.equals("vegetable")
                        || before.equals("veg")
                        || before.equals("fish");
            default -> true;
        };
    }

    /** Whether an amount names no unit. */
    static boolean isBare(String amount) {
        return UNITS.stream().noneMatch(unit -> (" " + amount + " ").contains(" " + unit + " "));
    }

    /** The first unit among words; empty for none. */
    static String unit(List<String> words) {
        return words.stream().filter(UNITS::contains).findFirst().orElse("");
    }
}
