package app.gradior.sauce;

import java.util.Locale;

/** How the flavour of a sauce is the next day beside the evening before, and what to do about it the next time. */
public enum Overnight {
    SAME("as it was", ""),
    ROUNDER("rounder", "Flavours joined: serve it a day old again."),
    FLATTER("flatter", "Cold dulls salt and sweet alike: season it at the temperature it is eaten at."),
    SHARPER(
            "sharper",
            "Cold takes sweetness away before sourness: a little sugar, or the last acid only when it is served."),
    SALTIER(
            "saltier",
            "Salt goes on moving into pieces and out of them overnight: hold back a quarter of the last salt until it is served.");

    private final String label;
    private final String advice;

    Overnight(String label, String advice) {
        this.label = label;
        this.advice = advice;
    }

    /** As a cook says it. */
    public String label() {
        return label;
    }

    /** A sentence; empty when there is nothing to do. */
    public String advice() {
        return advice;
    }

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
        throw new IllegalArgumentException(
                "flavour is '" + key + "': same, rounder, flatter, sharper or saltier expected");
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
