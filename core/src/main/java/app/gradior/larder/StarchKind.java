package app.gradior.larder;

/**
 * The six kitchen thickeners that are mostly starch.
 *
 * <p>Strengths are by weight of the powder as bought, moisture and protein included, since that is what a cook weighs.
 * The starch share turns a composition's starch back into powder. Shares: food composition tables, rounded to 1 %.
 * Gelatinisation temperatures: middle of published ranges. Losses at the boil: kitchen teaching, rounded.
 */
public enum StarchKind {
    MAIZE("maize", "cornflour", 0.88, 68, 0, 1),
    WHEAT_FLOUR("wheat_flour", "wheat flour", 0.76, 62, 0, 1),
    POTATO("potato", "potato starch", 0.83, 62, 0.01, 1),
    TAPIOCA("tapioca", "tapioca starch", 0.88, 65, 0.01, 1),
    ARROWROOT("arrowroot", "arrowroot", 0.87, 70, 0.01, 0.5),
    RICE_FLOUR("rice_flour", "rice flour", 0.80, 72, 0, 1);

    /** Share lost in a minute at the boil below pH 3.5; arrowroot takes acid better, by half. */
    private static final double SOUR_LOSS_PER_MIN = 0.015;

    private final String key;
    private final String label;
    private final double starchShare;
    private final double gelatinisationC;
    private final double heldLossPerMin;
    private final double acidSensitivity;

    StarchKind(
            String key,
            String label,
            double starchShare,
            double gelatinisationC,
            double heldLossPerMin,
            double acidSensitivity) {
        this.key = key;
        this.label = label;
        this.starchShare = starchShare;
        this.gelatinisationC = gelatinisationC;
        this.heldLossPerMin = heldLossPerMin;
        this.acidSensitivity = acidSensitivity;
    }

    /** The name used in files and in the API. */
    public String key() {
        return key;
    }

    public String label() {
        return label;
    }

    /** Grams of starch in one gram of powder as bought, 0 to 1. */
    public double starchShare() {
        return starchShare;
    }

    /** Temperature from which it sets in plain water, °C; sugar lifts it. */
    public double gelatinisationC() {
        return gelatinisationC;
    }

    /**
     * Share of its thickening left after so long at the boil, 0 to 1.
     *
     * @param boiledMin minutes at the boil since it set
     * @param sourMin those of them in a sauce below pH 3.5
     */
    public double keptShare(double boiledMin, double sourMin) {
        return Math.exp(-heldLossPerMin * boiledMin - SOUR_LOSS_PER_MIN * acidSensitivity * sourMin);
    }

    /**
     * The kind with that key.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static StarchKind ofKey(String key) {
        for (StarchKind kind : values()) {
            if (kind.key.equals(key)) {
                return kind;
            }
        }
        throw new IllegalArgumentException(
                "starch '" + key + "' is not known: use maize, wheat_flour, potato, tapioca, arrowroot or rice_flour");
    }
}
