package app.gradior.heat;

/** What covers the pot; the share of open evaporation that gets past it (kitchen measurements, rounded). */
public enum LidState {
    OPEN("open", "off", 1),
    SCREEN("screen", "spatter screen", 0.85),
    AJAR("ajar", "ajar", 0.4),
    CLOSED("closed", "on", 0.07);

    private final String key;
    private final String label;
    private final double share;

    LidState(String key, String label, double share) {
        this.key = key;
        this.label = label;
        this.share = share;
    }

    public String key() {
        return key;
    }

    public String label() {
        return label;
    }

    /** f_lid, 0 to 1. */
    public double share() {
        return share;
    }

    /**
     * The lid state with that key.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static LidState ofKey(String key) {
        for (LidState lid : values()) {
            if (lid.key.equals(key)) {
                return lid;
            }
        }
        throw new IllegalArgumentException("lid '" + key + "' is not known: use open, screen, ajar or closed");
    }
}
