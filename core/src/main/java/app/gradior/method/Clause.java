package app.gradior.method;

import app.gradior.method.ReadRecipe.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A piece of a sentence with one thing to do.
 *
 * @param text as written
 * @param norm as {@link Norm} has it
 * @param opens whether it begins its sentence
 * @param then whether it is said to come after the one before
 * @param acts what it tells a cook to do
 */
record Clause(String text, String norm, Span at, boolean opens, boolean then, Set<Act> acts) {
    /** What a cook is told to do; a clause begins before one of these. */
    private static final String VERBS =
            "add|put|place|tip|pour|stir|mix|throw|drop|scatter|sprinkle|melt|heat|warm|combine|return|soften|sweat|cook"
                    + "|fry|brown|toast|simmer|boil|bring|bubble|let|reduce|blend|pur[eé]e|whizz|blitz|liquidi[sz]e|strain|sieve|push|pass|press|rub"
                    + "|whisk|swirl|beat|fold|season|taste|rest|stand|cool|bottle|jar|pack|remove|take|lift|pick|fish|discard|deglaze|thicken|slake"
                    + "|cover|uncover|lower|turn|scrape|skim|finish|grind|squeeze|loosen|sharpen|give|leave|set|crush|crumble|stew|render|continue"
                    + "|keep|raise|increase|work|saut[eé]|chill|allow|ladle|dissolve|process|stuff|carry|boiling|caramelise|caramelize|trickle|drizzle|mash";

    private static final int LONGEST = 400;

    private static final Pattern SENTENCE = Pattern.compile(
            "(?<=[.!?])[\"”)]?\\s+(?=[\"“(]?[A-Z0-9½¼¾])|(?<=[!?])\\s+|(?<=[a-z]{4}(?<!tbsp|mins|secs|prox|temp|rox)\\.)\\s+(?=[a-z])|\\R+");
    private static final Pattern TELLS = Pattern.compile("(?i)^\\W*(?:" + VERBS + ")\\b(?:\\W+\\w+){3}");
    private static final Pattern JOINT = Pattern.compile(
            "(?i);\\s+|\\s+[–—]\\s+|,?\\s+(?:and )?then,?\\s+|,\\s+and (?=(?:" + VERBS + ")\\b)|\\s+and (?=(?:" + VERBS
                    + ")\\b)|,\\s+(?=(?:" + VERBS + ")\\b)|,\\s+which (?=will take|takes|should take)");

    static Clause of(String whole, int from, int to, boolean opens, boolean then) {
        String text = whole.substring(from, to);
        int lead = text.length() - text.stripLeading().length();
        String stripped = text.strip();
        String norm = Norm.of(stripped);
        Span at = new Span(from + lead, from + lead + stripped.length());
        return new Clause(stripped, norm, at, opens, then, Act.in(norm));
    }

    /** Whether it says that. */
    boolean says(Act act) {
        return acts.contains(act);
    }

    /** Whether a line tells a cook to do something, from its first word on. */
    static boolean tells(String line) {
        return TELLS.matcher(line).find();
    }

    /** The sentences between two places of a text. */
    static List<Span> sentences(String whole, int from, int to) {
        List<Span> sentences = new ArrayList<>();
        Matcher m = SENTENCE.matcher(whole).region(from, to);
        int begin = from;
        while (m.find()) {
            // A short word before the stop is an abbreviation where a small letter or a figure follows: none here,
            // since a capital does.
            add(sentences, whole, begin, m.start());
            begin = m.end();
        }
        add(sentences, whole, begin, to);
        return sentences;
    }

    private static void add(List<Span> spans, String whole, int from, int to) {
        if (!whole.substring(from, to).isBlank()) {
            spans.add(new Span(from, to));
        }
    }

    /** The clauses of a sentence. */
    static List<Clause> of(String whole, Span sentence) {
        List<Clause> clauses = new ArrayList<>();
        Matcher m = JOINT.matcher(whole).region(sentence.from(), sentence.to());
        int begin = sentence.from();
        boolean then = false;
        while (m.find()) {
            if (depth(whole, sentence.from(), m.start()) > 0) {
                continue;
            }
            boolean aside = whole.substring(m.start(), m.end()).contains("which");
            if (aside) {
                continue;
            }
            add(clauses, whole, new Span(begin, m.start()), begin == sentence.from(), then);
            then = whole.substring(m.start(), m.end()).contains("then");
            begin = m.end();
        }
        add(clauses, whole, new Span(begin, sentence.to()), begin == sentence.from(), then);
        return clauses;
    }

    /** Adds a clause; one that is too long to be one thing is cut at a blank. */
    static void add(List<Clause> clauses, String whole, Span span, boolean opens, boolean then) {
        int from = span.from();
        while (span.to() - from > LONGEST) {
            int cut = whole.lastIndexOf(' ', from + LONGEST);
            cut = cut <= from ? from + LONGEST : cut;
            clauses.add(of(whole, from, cut, opens, then));
            from = cut;
        }
        if (!whole.substring(from, span.to()).isBlank()) {
            clauses.add(of(whole, from, span.to(), opens, then));
        }
    }

    private static int depth(String whole, int from, int to) {
        int depth = 0;
        for (int i = Math.max(from, to - LONGEST); i < to; i++) {
            depth += whole.charAt(i) == '(' ? 1 : whole.charAt(i) == ')' ? -1 : 0;
        }
        return depth;
    }
}
