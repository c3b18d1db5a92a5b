package app.gradior.web.frame;

import app.gradior.room.words.Words;
import app.gradior.texture.Cold;

/** What makes a sauce thicker the next day and what would change that, in words. */
public final class ColdWords {
    private ColdWords() {}

    public static String of(Cold.Change change) {
        Double waterG = change.waterG();
        return Words.say(change) + (waterG == null ? "" : " " + Words.text("cold-words.with-water", waterG));
    }
}
