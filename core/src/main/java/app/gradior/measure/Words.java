package app.gradior.measure;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A line cut into words and numbers, and the small words of recipes. */
final class Words {
    /** Words that describe without changing which food it is. */
    private static final Set<String> DESCRIPTORS = WordList.of("""
            chopped diced sliced minced grated crushed peeled fresh freshly ripe finely roughly coarsely thinly stoned
            pitted halved quartered picked washed trimmed good quality organic unwaxed cold hot warm cool soft whole small
            medium large big very extra dry drained rinsed frozen thawed toasted softened melted homemade plain fine the
            and about approx approximately around some more level heaped heaping rounded scant generous packed loosely
            firmly loose lightly few seeded deseeded cored bruised torn shredded ground baby young cooked raw strong light
            rich weak low reduced seed strand juice zest topped tailed pod left over leftover juiced zested squeezed
            beaten sifted crumbled mashed cubed broken skinned skin blanched roasted unsalted salted sweet mild thick thin
            best optional each piece pieces chunk head room temperature ready made tightly spoon natural free range full
            fat lukewarm boiling just boiled real firm split lengthway separated only scrubbed destoned unpeeled ripened
            bottled tinned canned jarred granulated stemmed stripped heavy dark black white red green yellow brown flat
            leaf soaked clear fruity unsweetened sweetened sharp sour tart concentrated powdered sea mixed other virgin
            lean streaky caster granule peppercorn
            """);

    /** Words that choose another row of a food, where there is one, by the word that its names have. */
    static final Map<String, String> STATES = Map.ofEntries(
            Map.entry("can", "canned"),
            Map.entry("tin", "canned"),
            Map.entry("canned", "canned"),
            Map.entry("tinned", "canned"),
            Map.entry("dried", "dried"),
            Map.entry("ground", "ground"),
            Map.entry("powdered", "ground"),
            Map.entry("smoked", "smoked"),
            Map.entry("pickled", "pickled"),
            Map.entry("skimmed", "skimmed"),
            Map.entry("preserved", "preserved"),
            Map.entry("salted", "salted"));

    /** Words that make another food: where none is known that they make, the line is not sure. */
    private static final Set<String> CHANGING = WordList.of("""
            dried powdered powder smoked flaked candied crystallised crystallized pickled fermented condensed evaporated
            skimmed yolk flavoured flavored alternative substitute extract essence oil vinegar juice syrup seasoning
            spread
            """);

    private static final Set<String> LESS = Set.of("low", "lower", "reduced", "less", "no", "zero", "half");

    private static final Set<String> LEFT_OUT = Set.of("salt", "sodium", "fat", "sugar");

    /** One word, however it is spelt. */
    private static final Set<String> CHILLI =
            Set.of("chile", "chiles", "chili", "chilis", "chilies", "chilli", "chillis", "chillies", "chilly");

    private static final Map<String, String> SHORT_PLURALS = Map.ofEntries(
            Map.entry("lbs", "lb"),
            Map.entry("ozs", "oz"),
            Map.entry("kgs", "kg"),
            Map.entry("gms", "g"),
            Map.entry("gm", "g"),
            Map.entry("grm", "g"),
            Map.entry("grs", "g"),
            Map.entry("mls", "ml"),
            Map.entry("cls", "cl"),
            Map.entry("dls", "dl"),
            Map.entry("ltrs", "l"),
            Map.entry("lt", "l"),
            Map.entry("qts", "quart"),
            Map.entry("pts", "pint"),
            Map.entry("gal", "gallon"),
            Map.entry("gals", "gallon"),
            Map.entry("tb", "tbsp"),
            Map.entry("tbs", "tbsp"),
            Map.entry("tbls", "tbsp"),
            Map.entry("ins", "inch"),
            Map.entry("pkts", "packet"),
            Map.entry("pkg", "packet"),
            Map.entry("pkgs", "packet"),
            Map.entry("env", "sachet"),
            Map.entry("envelope", "sachet"),
            Map.entry("envelopes", "sachet"),
            Map.entry("btl", "bottle"));

    /** Words that end what is measured. */
    private static final Set<String> CONNECTORS =
            Set.of("or", "with", "for", "in", "to", "plus", "if", "such", "like", "from", "without", "per", "as");

    private static final Map<String, String> SPOONS =
            Map.of("dessert", "dessertspoon", "table", "tablespoon", "tea", "teaspoon", "soup", "tablespoon");

    /** What a number before a food says of it, and not how much of it there is: "5 % vinegar", "12-year-old". */
    private static final Set<String> OF_A_FOOD = Set.of("%", "percent", "per", "year", "month", "day", "-", "proof");

    private static final Pattern TOKEN = Pattern.compile(
            "(\\d{1,6}[\\s-]+\\d{1,4}[/⁄]\\d{1,4}|\\d{1,4}[/⁄]\\d{1,4}|\\d{1,6} ?[" + Numbers.VULGAR + "]|["
                    + Numbers.VULGAR + "]|[1-9]\\d{0,2}(?:,\\d{3})+|\\d{1,9}(?:[.,]\\d{1,6})?|\\.\\d{1,6})"
                    + "|(\\p{L}[\\p{L}'’]*(?:-\\p{L}+)*)|([(),;:\\-–×*/+&~•%])");

    private static final Pattern ACCENTS = Pattern.compile("[\\p{M}'’]");

    private Words() {}

    /** One piece of a line: a number, a word in the singular without accents, or a mark. */
    record Token(String text, OptionalDouble number) {
        boolean is(String other) {
            return text.equals(other);
        }

        boolean isNumber() {
            return number.isPresent();
        }

        boolean isMark() {
            return !isNumber() && !Character.isLetter(text.charAt(0));
        }
    }

    static List<Token> tokens(String line) {
        List<Token> tokens = new ArrayList<>(24);
        Matcher matcher = TOKEN.matcher(line);
        while (matcher.find()) {
            String number = matcher.group(1);
            String word = matcher.group(2);
            if (number != null) {
                tokens.add(new Token(number, Numbers.parse(number)));
            } else if (word != null) {
                boolean afterNumber =
                        !tokens.isEmpty() && tokens.get(tokens.size() - 1).isNumber();
                addWord(tokens, word, afterNumber);
            } else {
                tokens.add(new Token(matcher.group(3), OptionalDouble.empty()));
            }
        }
        return tokens;
    }

    private static void addWord(List<Token> tokens, String word, boolean afterNumber) {
        if (afterNumber && (word.equals("T") || word.equals("t"))) {
            // The one place where a capital counts: T is a tablespoon, t a teaspoon.
            tokens.add(new Token(word.equals("T") ? "tbsp" : "tsp", OptionalDouble.empty()));
            return;
        }
        String plain = plain(word);
        if (plain.indexOf('-') < 0) {
            addPlain(tokens, singular(plain));
            return;
        }
        for (String part : plain.split("-")) {
            addPlain(tokens, singular(part));
        }
    }

    /** "Dessert spoon" is one word, however it is written. */
    private static void addPlain(List<Token> tokens, String word) {
        int last = tokens.size() - 1;
        String spoon =
                word.equals("spoon") && last >= 0 ? SPOONS.get(tokens.get(last).text()) : null;
        if (spoon != null) {
            tokens.remove(last);
        }
        tokens.add(new Token(spoon == null ? word : spoon, OptionalDouble.empty()));
    }

    /** Lower case, no accents, no apostrophes. */
    private static String plain(String word) {
        boolean ascii = true;
        for (int i = 0; i < word.length() && ascii; i++) {
            char c = word.charAt(i);
            ascii = c < 0x80 && c != '\'';
        }
        if (ascii) {
            return word.toLowerCase(Locale.ROOT);
        }
        String decomposed = Normalizer.normalize(word, Normalizer.Form.NFD);
        return ACCENTS.matcher(decomposed).replaceAll("").toLowerCase(Locale.ROOT);
    }

    static String singular(String word) {
        if (CHILLI.contains(word)) {
            return "chilli";
        }
        String unit = SHORT_PLURALS.get(word);
        if (unit != null) {
            return unit;
        }
        if (word.length() <= 3 || word.endsWith("ss") || word.endsWith("us") || !word.endsWith("s")) {
            return word;
        }
        if (word.endsWith("ies")) {
            return word.substring(0, word.length() - 3) + "y";
        }
        if (word.endsWith("leaves") || word.endsWith("halves") || word.endsWith("loaves")) {
            return word.substring(0, word.length() - 3) + "f";
        }
        if (word.endsWith("ches") || word.endsWith("shes") || word.endsWith("sses") || word.endsWith("xes")) {
            return word.substring(0, word.length() - 2);
        }
        if (word.endsWith("oes")) {
            return word.substring(0, word.length() - 2);
        }
        return word.substring(0, word.length() - 1);
    }

    static OptionalDouble numberWord(Token token) {
        if (token.isNumber()) {
            return token.number();
        }
        Double value = NumberWords.VALUES.get(token.text());
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** Whether a word of a line says in what state a food is, as "ground" does. */
    static boolean isState(String word) {
        return STATES.containsKey(word.toLowerCase(Locale.ROOT));
    }

    static boolean isDescriptor(String word) {
        return DESCRIPTORS.contains(word);
    }

    /** "Low", "reduced": before what is left out. */
    static boolean isLess(String word) {
        return LESS.contains(word);
    }

    /** What a food may be sold without, so that it is another one. */
    static boolean isLeftOut(String word) {
        return LEFT_OUT.contains(word);
    }

    /** "2 x 400 g". */
    static boolean isTimes(Token token) {
        return token.is("x") || token.is("×") || token.is("*");
    }

    /** Whether a number before that word says what a food is like. */
    static boolean isOfAFood(String word) {
        return OF_A_FOOD.contains(word);
    }

    static boolean isChanging(String word) {
        return CHANGING.contains(word);
    }

    /** Where what is measured ends: at a mark or a word that ends it, else at the end of the line. */
    static int endOfPhrase(List<Token> tokens, int from) {
        for (int i = from; i < tokens.size(); i++) {
            String word = tokens.get(i).text();
            boolean mark = word.equals(",") || word.equals(";") || word.equals("/");
            if ((mark || CONNECTORS.contains(word)) && i > from) {
                return i;
            }
        }
        return tokens.size();
    }
}
