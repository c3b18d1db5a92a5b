package app.gradior.heat;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;

/** What covers the pot; the share of open evaporation that gets past it (kitchen measurements, rounded). */
public enum LidState {
    OPEN("open", 1),
    SCREEN("screen", 0.85),
    AJAR("ajar", 0.4),
    CLOSED("closed", 0.07);

    private final String key;
    private final double share;

    LidState(String key, double share) {
        this.key = key;
        this.share = share;
    }

    public String key() {
        return key;
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
        throw new Unfit(Wrong.Key.of("lid", key, values(), LidState::key));
    }
}
