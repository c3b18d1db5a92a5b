package app.gradior.glaze;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.Locale;

/** What is brushed, basted or tossed. Surfaces are ours, measured on pieces of usual size and rounded. */
public enum Brushed {
    /** Tossed or brushed all round. */
    WINGS(1.3, 300, 2, true),
    RIBS(0.8, 400, 3, true),
    CHICKEN_PIECES(0.6, 250, 3, true),
    SKEWERS(1.2, 180, 2, true),
    /** A side or fillet: its upper side alone. */
    FISH(0.4, 170, 2, true),
    /** A ham, a joint. */
    ROAST(0.25, 220, 3, true),
    VEGETABLES(1.6, 200, 1, false),
    TOFU(1.5, 150, 2, false);

    private final double cm2PerG;
    private final double portionG;
    private final int coats;
    private final boolean raw;

    Brushed(double cm2PerG, double portionG, int coats, boolean raw) {
        this.cm2PerG = cm2PerG;
        this.portionG = portionG;
        this.coats = coats;
        this.raw = raw;
    }

    /** Surface that is brushed, cm² for each gram of food. */
    public double cm2PerG() {
        return cm2PerG;
    }

    /** What one guest eats of it, as bought, g. */
    public double portionG() {
        return portionG;
    }

    /** How often it is usually brushed. */
    public int coats() {
        return coats;
    }

    /** Whether what touched it raw is boiled or thrown away. */
    public boolean isRaw() {
        return raw;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The one of that key.
     *
     * @throws Unfit when there is none
     */
    public static Brushed ofKey(String key) {
        for (Brushed one : values()) {
            if (one.key().equals(key)) {
                return one;
            }
        }
        throw new Unfit("food", Wrong.Key.of("food", key, values(), Brushed::key));
    }
}
