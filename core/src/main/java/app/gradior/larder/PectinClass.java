package app.gradior.larder;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.Locale;

/** How much of the pectin that sets a jam a food has. Preserving teaching and pectin content of fruits, rounded. */
public enum PectinClass {
    NONE(0),
    LOW(0.2),
    MIDDLE(0.5),
    HIGH(0.9),
    /** A juice of a fruit rich in it. */
    JUICE(0.6),
    /** Sold as such. */
    POWDER(75),
    LIQUID(2.5);

    private final double per100g;

    PectinClass(double per100g) {
        this.per100g = per100g;
    }

    /** Grams in 100 g that set with sugar and acid. */
    public double per100g() {
        return per100g;
    }

    /** Name in files and in the API. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The class with that key; {@link #NONE} for an empty one.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static PectinClass ofKey(String key) {
        for (PectinClass one : values()) {
            if (one.key().equals(key.isEmpty() ? "none" : key)) {
                return one;
            }
        }
        throw new Unfit(Wrong.Key.of("pectin", key, values(), PectinClass::key));
    }
}
