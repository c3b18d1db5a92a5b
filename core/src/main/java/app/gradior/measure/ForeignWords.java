package app.gradior.measure;

import app.gradior.larder.Table;
import app.gradior.measure.Words.Token;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;

/**
 * Lines in German, French, Spanish and Italian put into the words that the reader knows: numbers, units, the commonest foods. A line of which
 * too little is known stays as it is.
 */
final class ForeignWords {
    private static final String[] LANGUAGES = {"de", "fr", "es", "it"};
    /** "d'olive", "l'ail". */
    private static final Pattern ELIDED = Pattern.compile("(?i)\\b([dl])['’](?=\\p{L})");
    /** "c. à s." */
    private static final Pattern SHORTENED = Pattern.compile("(?i)\\bc\\.?\\s?à\\.?\\s?([sc])\\b\\.?");

    /** Words that stand between an amount and a food, and in no line of ours. */
    private static final Set<String> JOINING =
            Set.of("de", "du", "des", "di", "del", "della", "dello", "von", "vom", "d");

    private static final List<Dictionary> DICTIONARIES = read();

    private ForeignWords() {}

    /**
     * Words of one language.
     *
     * @param phrases in our words, by theirs
     * @param longest how many words the longest phrase has that begins with a word
     */
    private record Dictionary(Map<String, List<Token>> phrases, Map<String, Integer> longest) {
        void add(List<Token> theirs, List<Token> ours) {
            phrases.put(key(theirs), ours);
            longest.merge(theirs.get(0).text(), theirs.size(), Math::max);
        }

        /** Puts every phrase that is known in its place; how many words were. */
        int put(List<Token> tokens, List<Token> to) {
            int known = 0;
            int at = 0;
            while (at < tokens.size()) {
                int taken = 0;
                int longestHere = longest.getOrDefault(tokens.get(at).text(), 0);
                for (int length = Math.min(longestHere, tokens.size() - at); length > 0 && taken == 0; length--) {
                    List<Token> english = phrases.get(key(tokens.subList(at, at + length)));
                    if (english != null) {
                        to.addAll(english);
                        taken = length;
                    }
                }
                known += taken;
                if (taken == 0) {
                    to.add(tokens.get(at));
                }
                at += Math.max(1, taken);
            }
            return known;
        }
    }

    private static List<Dictionary> read() {
        List<Dictionary> all = new ArrayList<>();
        List<CSVRecord> rows = Table.rows("/measure/foreign.csv");
        for (String language : LANGUAGES) {
            Dictionary dictionary = new Dictionary(new HashMap<>(), new HashMap<>());
            for (CSVRecord row : rows) {
                List<Token> english = Words.tokens(row.get("english"));
                for (String word : row.get(language).split(";")) {
                    List<Token> theirs = Words.tokens(apart(word));
                    if (!theirs.isEmpty()) {
                        dictionary.add(theirs, english);
                    }
                }
            }
            all.add(dictionary);
        }
        return all;
    }

    /** With what is written together, or short, put apart. */
    private static String apart(String text) {
        return SHORTENED.matcher(ELIDED.matcher(text).replaceAll("$1 ")).replaceAll("c à $1");
    }

    private static String key(List<Token> tokens) {
        List<String> words = tokens.stream().map(Token::text).toList();
        return String.join(" ", words);
    }

    static boolean anyJoins(List<Token> tokens) {
        return tokens.stream().anyMatch(token -> JOINING.contains(token.text()));
    }

    /** Whether a word stands there that only other languages join with: then "prunes" are plums. */
    static boolean joins(List<Token> tokens, int at) {
        return at < tokens.size() && JOINING.contains(tokens.get(at).text());
    }

    /**
     * The line in our words, in the language of which most of it is known; empty when that is less than half.
     *
     * @param plain its tokens as they stand
     */
    static Optional<List<Token>> translated(String line, List<Token> plain) {
        String apart = apart(line);
        List<Token> tokens = apart.equals(line) ? plain : Words.tokens(apart);
        List<Token> best = List.of();
        int most = 0;
        for (Dictionary dictionary : DICTIONARIES) {
            List<Token> here = new ArrayList<>();
            int known = dictionary.put(tokens, here);
            if (known > most) {
                most = known;
                best = here;
            }
        }
        long words = tokens.stream().filter(t -> !t.isNumber() && !t.isMark()).count();
        return most > 0 && 2 * most >= words ? Optional.of(new ArrayList<>(best)) : Optional.empty();
    }
}
