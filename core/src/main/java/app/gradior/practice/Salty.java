package app.gradior.practice;

/** How salty a sauce tastes. */
public enum Salty {
    FLAT(0.35),
    WANTS_SOME(0.8),
    RIGHT(1.4),
    SALTY(1.9),
    FAR_TOO_SALTY(Double.POSITIVE_INFINITY);

    private final double upTo;

    Salty(double upTo) {
        this.upTo = upTo;
    }

    /** Of its salt, g in 100 g; kitchen teaching. */
    public static Salty of(double saltPercent) {
        for (Salty one : values()) {
            if (saltPercent <= one.upTo) {
                return one;
            }
        }
        return FAR_TOO_SALTY;
    }
}
