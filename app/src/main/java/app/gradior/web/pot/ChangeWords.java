package app.gradior.web.pot;

import app.gradior.batch.EventBody;
import app.gradior.estimate.Change;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What an event changed, in a sentence: "That splash: 2 min more, 0.1 step thinner". */
final class ChangeWords {
    private static final double SOME_MIN = 0.75;
    private static final double SOME_STEP = 0.05;
    private static final double SOME_ML = 5;
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("weight", "change-words.that-weigh-in"),
            Map.entry("level", "change-words.that-dip"),
            Map.entry("volume", "change-words.that-jug"),
            Map.entry("spoon", "change-words.that-spoon"),
            Map.entry("ring", "change-words.that-ring"),
            Map.entry("trail", "change-words.that-line"),
            Map.entry("drip", "change-words.that-drip"),
            Map.entry("bubbles", "change-words.those-bubbles"),
            Map.entry("brix", "change-words.that-brix"),
            Map.entry("temperature", "change-words.that-probe"),
            Map.entry("heat", "change-words.at-that-heat"),
            Map.entry("lid", "change-words.with-that-lid"),
            Map.entry("added", "change-words.what-went-in"),
            Map.entry("corrected", "change-words.that-correction"),
            Map.entry("slurry", "change-words.that-slurry"),
            Map.entry("taken", "change-words.what-was-taken-out"),
            Map.entry("blended", "change-words.blended"),
            Map.entry("sieved", "change-words.through-the-sieve"),
            Map.entry("offHeat", "change-words.off-the-heat"),
            Map.entry("backOn", "change-words.back-on"),
            Map.entry("undo", "change-words.taken-back"));

    private ChangeWords() {}

    /** Whether an event of that kind can change a forecast at all. */
    static boolean matters(EventBody body) {
        return NAMES.containsKey(body.type());
    }

    /** The sentence. */
    static String of(EventBody body, Change change, Figures figures) {
        List<String> parts = new ArrayList<>();
        if (Math.abs(change.minutes()) >= SOME_MIN) {
            parts.add(Words.text(
                    change.minutes() > 0 ? "change-words.so-much-more" : "change-words.so-much-less",
                    figures.minutes(Math.abs(change.minutes()))));
        }
        if (Math.abs(change.stepServed()) >= SOME_STEP) {
            parts.add(Words.text(
                    "change-words.step-now",
                    Numbers.fixed(Math.abs(change.stepServed()), 1),
                    (change.stepServed() > 0
                            ? Words.text("change-words.thicker")
                            : Words.text("change-words.thinner"))));
        }
        if (Math.abs(change.yieldMl()) >= SOME_ML) {
            parts.add(Words.text(
                    "change-words.in-the-end",
                    Words.text(
                            change.yieldMl() > 0 ? "change-words.so-much-more" : "change-words.so-much-less",
                            figures.volume(Math.abs(change.yieldMl())))));
        }
        String name = Words.text(NAMES.getOrDefault(body.type(), "change-words.that"));
        return parts.isEmpty()
                ? Words.text("change-words.nothing-to-speak-of-changes", name)
                : name + ": " + String.join(", ", parts) + ".";
    }
}
