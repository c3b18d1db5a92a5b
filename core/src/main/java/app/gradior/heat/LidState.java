package app.gradior.heat;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;

/**
 * What covers the pot. Below the boil the space under a lid is nearly full of vapour, and only a share of what would leave an open pot gets
 * past it. At the boil a lid holds back what condenses on it: as much as its share of the mouth loses heat (energy and mass balance of
 * covered pots of water).
 */
public enum LidState {
    OPEN("open", 1, 0),
    SCREEN("screen", 0.9, 0),
    AJAR("ajar", 0.55, 0.85),
    CLOSED("closed", 0.1, 1),
    /** Foil over a pan, crimped at the rim: as good as a lid but for the gaps; kitchen estimate. */
    FOIL("foil", 0.2, 0.95);

    private final String key;
    private final double share;
    private final double covered;

    LidState(String key, double share, double covered) {
        this.key = key;
        this.share = share;
        this.covered = covered;
    }

    public String key() {
        return key;
    }

    /** Share of what would leave an open pot below its boil, 0 to 1. */
    public double share() {
        return share;
    }

    /** Share of the mouth that it covers, 0 to 1. */
    public double covered() {
        return covered;
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
