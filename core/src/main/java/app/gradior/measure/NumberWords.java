package app.gradior.measure;

import app.gradior.measure.Words.Token;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** Puts one number where several words or marks say it: "twenty-five", "two hundred and fifty", "1 & 1/2". */
final class NumberWords {
    private static final Map<String, Integer> ONES = Map.ofEntries(
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9));
    private static final Map<String, Integer> TEENS = Map.ofEntries(
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19));
    private static final Map<String, Integer> TENS = Map.of(
            "twenty", 20, "thirty", 30, "forty", 40, "fifty", 50, "sixty", 60, "seventy", 70, "eighty", 80, "ninety",
            90);
    private static final Map<String, Double> LOOSELY = Map.ofEntries(
            Map.entry("a", 1.0),
            Map.entry("an", 1.0),
            Map.entry("couple", 2.0),
            Map.entry("few", 3.0),
            Map.entry("several", 4.0),
            Map.entry("dozen", 12.0),
            Map.entry("half", 0.5),
            Map.entry("quarter", 0.25),
            Map.entry("third", 1.0 / 3.0),
            Map.entry("eighth", 0.125));

    /** What one word says by itself. */
    static final Map<String, Double> VALUES = values();

    private final List<Token> tokens;
    private int at;

    private NumberWords(List<Token> tokens, int from) {
        this.tokens = tokens;
        this.at = from;
    }

    private static Map<String, Double> values() {
        Map<String, Double> values = new HashMap<>(LOOSELY);
        for (Map<String, Integer> words : List.of(ONES, TEENS, TENS)) {
            words.forEach((word, value) -> values.put(word, value.doubleValue()));
        }
        return Map.copyOf(values);
    }

    static void compose(List<Token> tokens) {
        for (int i = 0; i < tokens.size(); i++) {
            NumberWords run = new NumberWords(tokens, i);
            double value = run.read();
            if (run.at > i + 1 || run.at == i + 1 && !tokens.get(i).isNumber() && value > 9) {
                tokens.subList(i, run.at).clear();
                tokens.add(i, new Token(Numbers.plain(value, 3), OptionalDouble.of(value)));
            }
        }
    }

    private boolean is(int i, String... words) {
        for (String word : words) {
            if (i < tokens.size() && tokens.get(i).is(word)) {
                return true;
            }
        }
        return false;
    }

    /** The number that begins here; nothing is taken when there is none that several words say. */
    private double read() {
        int from = at;
        if (tokens.get(from).isNumber()) {
            return withFraction();
        }
        double value = belowHundred();
        if (at == from && is(at, "a") && is(at + 1, "hundred", "thousand")) {
            at++;
            value = 1;
        }
        // "Hundred and fifty grams", the "a" swallowed.
        boolean bare = at == from
                && is(at, "hundred")
                && (at == 0 || !VALUES.containsKey(tokens.get(at - 1).text()));
        value = bare ? 1 : value;
        if (at == from && !bare) {
            return 0;
        }
        if (is(at, "hundred", "thousand")) {
            value *= is(at, "hundred") ? 100 : 1000;
            at++;
            int back = at;
            at += is(at, "and") ? 1 : 0;
            int rest = at;
            double more = at < tokens.size() ? belowHundred() : 0;
            at = at == rest ? back : at;
            value += more;
        } else if (value < 10) {
            // A small number says itself; what follows it may be a fraction or a range.
            at = from;
        }
        return value;
    }

    private double belowHundred() {
        if (at >= tokens.size()) {
            return 0;
        }
        String word = tokens.get(at).text();
        if (TENS.containsKey(word)) {
            at++;
            String next = at < tokens.size() ? tokens.get(at).text() : "";
            int one = ONES.getOrDefault(next, 0);
            at += one > 0 ? 1 : 0;
            return TENS.get(word) + one;
        }
        Integer value = TEENS.containsKey(word) ? TEENS.get(word) : ONES.get(word);
        if (value == null) {
            return 0;
        }
        at++;
        return value;
    }

    /** "1 & 1/2", "2 + ½"; a plain "1 and 1/2" is read with the amount. */
    private double withFraction() {
        double whole = tokens.get(at).number().orElse(0);
        boolean joined = is(at + 1, "&", "+", "and")
                && at + 2 < tokens.size()
                && tokens.get(at + 2).isNumber();
        if (joined && whole == Math.rint(whole)) {
            Token rest = tokens.get(at + 2);
            double part = rest.number().orElse(0);
            boolean fraction = part > 0
                    && part < 1
                    && (rest.text().indexOf('/') > 0
                            || Numbers.VULGAR.indexOf(rest.text().charAt(0)) >= 0);
            if (fraction) {
                at += 3;
                return whole + part;
            }
        }
        return whole;
    }
}
