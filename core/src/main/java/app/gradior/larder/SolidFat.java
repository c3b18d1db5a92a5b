package app.gradior.larder;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.Locale;

/** Fats that are solid when cold: share that is solid by temperature (published solid fat contents, rounded). */
public enum SolidFat {
    /** Oils, and fat that stays in droplets of its own: milk, yolk, nuts. */
    NONE(0, 0, 0, 0, 0),
    BUTTER(0.60, 0.50, 0.18, 0.08, 0),
    COCOA(0.95, 0.92, 0.78, 0.35, 0),
    COCONUT(0.90, 0.80, 0.33, 0, 0),
    LARD(0.40, 0.33, 0.22, 0.12, 0.03);

    /** Temperatures of the shares, °C. */
    private static final double[] AT_C = {0, 10, 20, 30, 38};

    private final double[] shares;

    SolidFat(double... shares) {
        this.shares = shares;
    }

    /** Share of the fat that is solid, 0 to 1: straight between the temperatures of the table. */
    public double solidShare(double tempC) {
        if (tempC <= AT_C[0]) {
            return shares[0];
        }
        for (int i = 1; i < AT_C.length; i++) {
            if (tempC < AT_C[i]) {
                double along = (tempC - AT_C[i - 1]) / (AT_C[i] - AT_C[i - 1]);
                return shares[i - 1] + along * (shares[i] - shares[i - 1]);
            }
        }
        return 0;
    }

    /** Name in files and in the API. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The fat with that key; {@link #NONE} for an empty one.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static SolidFat ofKey(String key) {
        for (SolidFat one : values()) {
            if (one.key().equals(key.isEmpty() ? "none" : key)) {
                return one;
            }
        }
        throw new Unfit(Wrong.Key.of("solidFat", key, values(), SolidFat::key));
    }
}
