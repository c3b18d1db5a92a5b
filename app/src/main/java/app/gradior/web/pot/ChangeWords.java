package app.gradior.web.pot;

import app.gradior.batch.EventBody;
import app.gradior.estimate.Change;
import app.gradior.measure.Numbers;
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
            Map.entry("weight", "That weigh-in"),
            Map.entry("level", "That dip"),
            Map.entry("volume", "That jug"),
            Map.entry("spoon", "That spoon"),
            Map.entry("ring", "That ring"),
            Map.entry("brix", "That Brix"),
            Map.entry("temperature", "That probe"),
            Map.entry("heat", "At that heat"),
            Map.entry("lid", "With that lid"),
            Map.entry("added", "What went in"),
            Map.entry("corrected", "That correction"),
            Map.entry("slurry", "That slurry"),
            Map.entry("taken", "What was taken out"),
            Map.entry("blended", "Blended"),
            Map.entry("sieved", "Through the sieve"),
            Map.entry("offHeat", "Off the heat"),
            Map.entry("backOn", "Back on"),
            Map.entry("undo", "Taken back"));

    private ChangeWords() {}

    /** Whether an event of that kind can change a forecast at all. */
    static boolean matters(EventBody body) {
        return NAMES.containsKey(body.type());
    }

    /** The sentence. */
    static String of(EventBody body, Change change, Figures figures) {
        List<String> parts = new ArrayList<>();
        if (Math.abs(change.minutes()) >= SOME_MIN) {
            parts.add(figures.minutes(Math.abs(change.minutes())) + (change.minutes() > 0 ? " more" : " less"));
        }
        if (Math.abs(change.stepServed()) >= SOME_STEP) {
            parts.add(Numbers.fixed(Math.abs(change.stepServed()), 1) + " step "
                    + (change.stepServed() > 0 ? "thicker" : "thinner") + " now");
        }
        if (Math.abs(change.yieldMl()) >= SOME_ML) {
            parts.add(figures.volume(Math.abs(change.yieldMl())) + (change.yieldMl() > 0 ? " more" : " less")
                    + " in the end");
        }
        String name = NAMES.getOrDefault(body.type(), "That");
        return parts.isEmpty() ? name + ": nothing to speak of changes." : name + ": " + String.join(", ", parts) + ".";
    }
}
