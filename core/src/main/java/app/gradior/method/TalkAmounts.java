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
            "squeeze",
            "inch",
            "strip",
            "wedge",
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
    private static final List<String> NUMBERS =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine");
    private static final Set<String> PRONOUNS = Set.of("a", "an", "one");
    private static final Set<String> SIZES = Set.of("small", "large", "medium", "big", "heaped", "level", "good");
    /** Units that are said without a number: "pinch of salt", "teaspoon of sugar". */
    private static final Set<String> LOOSE_UNITS = Set.of(
            "pinch",
            "handful",
            "splash",
            "glug",
            "dash",
            "knob",
            "squeeze",
            "teaspoon",
            "tablespoon",
            "tsp",
            "tbsp",
            "cup",
            "spoonful",
            "spoon",
            "sprig",
            "bunch",
            "rasher",
            "glass");

    private static final Map<String, String> SMALLER = Map.of(
            "kilo", "gram", "kg", "gram", "litre", "ml", "liter", "ml", "pint", "ml", "cup", "ml", "pound", "gram");
    /** More than anybody counts out: it is weighed or measured. */
    private static final double MANY = 20;

    private static final Set<String> HALVES = Set.of("a", "half", "quarter");
    private static final Set<String> FRACTIONS = Set.of("half", "quarter", "third");
    private static final Set<String> LENGTHS = Set.of("inch", "cm", "centimetre");
    private static final Set<String> TINS = Set.of("can", "tin", "jar", "carton", "packet", "tub");
    private static final Set<String> WEIGHTS = Set.of("g", "gram", "ounce", "oz", "ml", "mil");
    private static final int TIN_SIZE_WITHIN = 8;
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
            if (isAmountWord(word)
                    || word.equals("of")
                    || word.equals("and")
                    || SIZES.contains(word) && !word.equals("good")) {
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
            if (begins(words, i) && (!isPronoun(words, i) || i >= to - 3)) {
                return i;
            }
        }
        return -1;
    }

    /** Whether an amount may begin there: not the minutes and degrees. */
    static boolean begins(List<String> words, int at) {
        if (at > 0 && words.get(at - 1).equals("since")) {
            return false;
        }
        if (isTime(words, at + 1) || isTime(words, at + 2) && isNumber(words.get(at + 1))) {
            return false;
        }
        if (words.get(at).equals("squeeze") || words.get(at).equals("spoon")) {
            return at + 1 < words.size() && words.get(at + 1).equals("of");
        }
        return isNumber(words.get(at)) || UNITS.contains(words.get(at)) && !isOwnFood(words, at);
    }

    private static boolean isTime(List<String> words, int at) {
        boolean length = at + 1 < words.size() && words.get(at + 1).equals("of");
        return at < words.size() && TIMES.contains(words.get(at)) && !(length && LENGTHS.contains(words.get(at)));
    }

    private static boolean isNumber(String word) {
        return Character.isDigit(word.charAt(0)) || SMALL.contains(word);
    }

    /** "Clove", "leaf", "stock", "stick" and the like are units only behind a number. */
    private static boolean isOwnFood(List<String> words, int at) {
        return !LOOSE_UNITS.contains(words.get(at));
    }

    /** Whether it is only "a" or "one" without a unit behind it. */
    static boolean isPronoun(List<String> words, int at) {
        return PRONOUNS.contains(words.get(at)) && !isCounted(words, at);
    }

    private static boolean isCounted(List<String> words, int at) {
        int n = words.size();
        return at + 1 < n && UNITS.contains(words.get(at + 1))
                || at + 2 < n && words.get(at + 1).equals("and") && HALVES.contains(words.get(at + 2))
                || at + 2 < n
                        && UNITS.contains(words.get(at + 2))
                        && (SMALL.contains(words.get(at + 1)) || SIZES.contains(words.get(at + 1)))
                || at + 3 < n && words.get(at + 1).equals("of") && UNITS.contains(words.get(at + 3));
    }

    /** Whether an amount that begins before goes on with that word. */
    static boolean isWithin(List<String> words, int at) {
        String word = words.get(at);
        boolean joins = word.equals("of") || word.equals("and") && isPartOf(words, at);
        boolean tins = (word.equals("of") || word.equals("the") || SIZES.contains(word))
                && words.subList(at + 1, Math.min(words.size(), at + 4)).stream()
                        .anyMatch(TINS::contains);
        return isAmountWord(word)
                || tins
                || SIZES.contains(word) && at + 1 < words.size() && UNITS.contains(words.get(at + 1))
                || joins && at + 1 < words.size() && isAmountWord(words.get(at + 1));
    }

    /** Whether another amount begins there: "two cups, two". */
    static boolean isAnother(List<String> words, int start, int at) {
        String before = words.get(at - 1);
        boolean andAHalf = before.equals("a") && at > 1 && words.get(at - 2).equals("and");
        return isNumber(words.get(at))
                && !andAHalf
                && !before.equals("and")
                && !before.equals("of")
                && words.subList(start, at).stream().anyMatch(UNITS::contains);
    }

    /** Whether an "and" goes on with the amount before it: "a pint and a half", "one and a half cups", not "a cup and a teaspoon". */
    private static boolean isPartOf(List<String> words, int and) {
        int next = and + 1 < words.size()
                        && (words.get(and + 1).equals("a") || words.get(and + 1).equals("an"))
                ? and + 2
                : and + 1;
        return next < words.size()
                && (FRACTIONS.contains(words.get(next)) || words.get(next).equals("bit"));
    }

    /** An amount that puts another right, in that one's unit when it names none: grams for kilos where it must be. */
    static String inUnitOf(String amount, String other) {
        String unit = unit(List.of(other.split(" ")));
        if (!isBare(amount) || unit.isEmpty()) {
            return amount;
        }
        return amount + " " + (isMany(amount) ? SMALLER.getOrDefault(unit, unit) : unit);
    }

    /** "Two tins ... the four hundred gram ones": what a tin holds may be said behind. */
    static String sized(String amount, List<String> words, int from) {
        if (!TINS.contains(amount.substring(amount.lastIndexOf(' ') + 1))) {
            return amount;
        }
        for (int i = from; i + 2 < Math.min(words.size(), from + TIN_SIZE_WITHIN); i++) {
            if (words.get(i).equals("the")
                    && Character.isDigit(words.get(i + 1).charAt(0))
                    && WEIGHTS.contains(words.get(i + 2))) {
                String unit = amount.substring(amount.lastIndexOf(' ') + 1);
                String count =
                        amount.substring(0, amount.length() - unit.length()).replaceAll(" of .*", " ");
                return count + words.get(i + 1) + " " + words.get(i + 2) + " " + unit;
            }
        }
        return amount;
    }

    /** Whether an amount is only what a tin of the other holds. */
    static boolean isSizeOf(String tins, String amount) {
        return TINS.contains(tins.substring(tins.lastIndexOf(' ') + 1)) && tins.contains(amount + " ");
    }

    /** Whether an amount is in grams, mils or ounces. */
    static boolean isWeighed(String amount) {
        return WEIGHTS.contains(amount.substring(amount.lastIndexOf(' ') + 1));
    }

    /** The figure that an amount begins with; 0 for none. */
    static double figure(String amount) {
        String first = amount.split(" ")[0];
        return first.matches("\\d+(?:\\.\\d+)?") ? Double.parseDouble(first) : 0;
    }

    /** Whether it is more than anybody counts out. */
    static boolean isMany(String amount) {
        return figure(amount) >= MANY;
    }

    /** "Fifty of the vinegar": a number that nobody counts is grams, or mils of what is poured. */
    static String weighed(String amount, boolean poured) {
        return isBare(amount) && isMany(amount) ? amount + (poured ? " ml" : " g") : amount;
    }

    /** The size that is said between an amount and its food, with a blank before it; empty for none. */
    static String size(List<String> words, int from, int to) {
        for (String word : words.subList(from, to)) {
            if (SIZES.contains(word)) {
                return " " + word;
            }
        }
        return "";
    }

    /** Words that captions mishear: "time" by the sprig or the spoon is thyme. */
    static List<String> heardRight(List<String> words) {
        List<String> right = hundreds(words);
        for (int i = 0; i < right.size(); i++) {
            String meant = MISHEARD.get(right.get(i));
            if (meant != null && isNamed(right, i)) {
                right.set(i, meant);
            }
        }
        return right;
    }

    /** "Seven fifty" grams, or of nothing that is said: seven hundred and fifty. Places stay what they are. */
    private static List<String> hundreds(List<String> words) {
        List<String> right = new ArrayList<>(words);
        for (int i = 0; i + 1 < right.size(); i++) {
            String next = right.get(i + 1);
            String after = i + 2 < right.size() ? right.get(i + 2) : "";
            boolean other = (UNITS.contains(after) || TIMES.contains(after)) && !WEIGHTS.contains(after);
            boolean tin = WEIGHTS.contains(after) && i + 3 < right.size() && TINS.contains(right.get(i + 3));
            boolean weighed = !other && !tin && !after.equals("ounce");
            if (NUMBERS.contains(right.get(i)) && next.matches("[2-9][05]") && weighed) {
                right.set(i + 1, NUMBERS.indexOf(right.get(i)) + 1 + next);
                right.set(i, "about");
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
