package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.LineRemark;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What somebody says of an amount and a food, as a line of a recipe. */
final class TalkPhrases {
    private static final Set<String> CITRUS = Set.of("lemon", "lime", "orange", "grapefruit", "clementine");

    private static final Set<String> SHAKES = Set.of(
            "shake", "bit", "little", "touch", "grind", "twist", "drop", "grating", "dusting", "plenty", "some",
            "scrape");

    private final LineReader reader;
    private final WhichOne which;
    private final boolean metric;

    /**
     * @param metric whether a bare large number is of grams or millilitres
     */
    TalkPhrases(LineReader reader, WhichOne which, boolean metric) {
        this.reader = reader;
        this.which = which;
        this.metric = metric;
    }

    /** An amount with the unit that was left out. */
    String measured(String amount, Food food) {
        return metric ? TalkAmounts.weighed(amount, food.pourable()) : amount;
    }

    /** "A whole lime". */
    Optional<String> whole(List<String> words, LineReader.Mention mention, WhichOne.Named named, boolean squeezed) {
        if (mention.from() == 0 || !words.get(mention.from() - 1).equals("whole")) {
            return Optional.empty();
        }
        String phrase = (squeezed && CITRUS.contains(named.food().id()) ? "juice of 1 " : "1 ") + named.name();
        return counts(reader.read(phrase), named.food()) ? Optional.of(phrase) : Optional.empty();
    }

    /** An amount of a food as a line; empty when nobody would say so. */
    Optional<String> line(List<String> words, Pairing.Amount amount, LineReader.Mention mention, boolean squeezes) {
        WhichOne.Named named = which.meant(mention, words);
        Food food = named.food();
        boolean before = amount.to() <= mention.from();
        if (before && isSource(words, amount.from())) {
            return Optional.empty();
        }
        if (!before && amount.to() - amount.from() == 1 && TalkAmounts.isPronoun(words, amount.from())) {
            return Optional.empty();
        }
        int start = amount.from();
        boolean part = start >= 2
                && words.get(start - 1).equals("of")
                && (words.get(start - 2).equals("juice") || words.get(start - 2).equals("zest"));
        boolean squeezed =
                squeezes && CITRUS.contains(food.id()) && !amount.text().contains("squeeze");
        String text = measured(amount.text(), food);
        String phrase = (part ? words.get(start - 2) + " of " : squeezed ? "juice of " : "")
                + text
                + (before ? TalkAmounts.size(words, amount.to(), mention.from()) : "")
                + " "
                + named.name();
        return counts(reader.read(phrase), food) ? Optional.of(phrase) : Optional.empty();
    }

    /** "The cream off the top of a tin of it": where something is from goes in no further. */
    private static boolean isSource(List<String> words, int amount) {
        String before = String.join(" ", words.subList(Math.max(0, amount - 4), amount));
        return before.endsWith("off the top of") || before.endsWith("from") || before.endsWith("out of");
    }

    /** Whether a reading is a real amount of that food: not a number of pieces that nobody counts. */
    static boolean counts(LineReading reading, Food food) {
        boolean guess = reading.remark()
                .filter(r -> r instanceof LineRemark.NoUnit || r instanceof LineRemark.EachTakenAs)
                .isPresent();
        return reading.massG() > 0 && is(reading, food) && !guess;
    }

    /** Whether a reading is of that food. */
    static boolean is(LineReading reading, Food food) {
        return reading.food().filter(f -> f.id().equals(food.id())).isPresent();
    }

    /** "A couple of shakes of cayenne." */
    static boolean isVague(List<String> words, LineReader.Mention mention) {
        return words.subList(Math.max(0, mention.from() - 3), mention.from()).stream()
                .anyMatch(SHAKES::contains);
    }

    /** Whether it is what something else went in with: "with the wine". */
    static boolean wentWith(String norm, List<String> words, LineReader.Mention mention) {
        for (int i = Math.max(0, mention.from() - 3); i < mention.from(); i++) {
            if (words.get(i).equals("with") || words.get(i).equals("when")) {
                return TalkCue.WENT_WITH.isIn(norm);
            }
        }
        return false;
    }
}
