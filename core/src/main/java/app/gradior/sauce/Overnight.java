package app.gradior.sauce;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.Locale;

/** How the flavour of a sauce is the next day beside the evening before, and what to do about it the next time. */
public enum Overnight {
    SAME,
    ROUNDER,
    FLATTER,
    SHARPER,
    SALTIER;

    /**
     * By its key, its name in small letters.
     *
     * @throws IllegalArgumentException for another
     */
    public static Overnight ofKey(String key) {
        for (Overnight one : values()) {
            if (one.key().equals(key)) {
                return one;
            }
        }
        throw new Unfit("flavour", Wrong.Key.of("flavour", key, values(), Overnight::key));
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
