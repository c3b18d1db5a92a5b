package app.gradior.larder;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.Locale;

/** How starch is held in a food that is no starch powder. Kitchen teaching, rounded. */
public enum CellStarch {
    /** There is none. */
    NONE(0),
    /** Cooked before it was bought: swollen in its cells. */
    COOKED(0),
    /** Dried or fresh pulses: it swells in their cells. */
    PULSE(45),
    /** Tubers and starchy fruit: it swells in their cells. */
    TUBER(12),
    /** Ground or broken: it comes out as it swells. */
    MEAL(12);

    private final double swellsMin;

    CellStarch(double swellsMin) {
        this.swellsMin = swellsMin;
    }

    /** Minutes at a simmer in which two thirds of it swell; 0 when it has. */
    public double swellsMin() {
        return swellsMin;
    }

    /** Name in files and in the API. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The kind with that key; {@link #NONE} for an empty one.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static CellStarch ofKey(String key) {
        for (CellStarch one : values()) {
            if (one.key().equals(key.isEmpty() ? "none" : key)) {
                return one;
            }
        }
        throw new Unfit(Wrong.Key.of("cellStarch", key, values(), CellStarch::key));
    }
}
