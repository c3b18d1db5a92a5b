package app.gradior.larder;

/**
 * The six kitchen thickeners that are mostly starch.
 *
 * <p>Strengths are by weight of the powder as bought, moisture and protein included, since that is what a cook weighs.
 * The starch share turns a composition's starch back into powder. Shares: food composition tables, rounded to 1 %.
 */
public enum StarchKind {
    MAIZE("maize", "cornflour", 0.88),
    WHEAT_FLOUR("wheat_flour", "wheat flour", 0.76),
    POTATO("potato", "potato starch", 0.83),
    TAPIOCA("tapioca", "tapioca starch", 0.88),
    ARROWROOT("arrowroot", "arrowroot", 0.87),
    RICE_FLOUR("rice_flour", "rice flour", 0.80);

    private final String key;
    private final String label;
    private final double starchShare;

    StarchKind(String key, String label, double starchShare) {
        this.key = key;
        this.label = label;
        this.starchShare = starchShare;
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
