package app.gradior.larder;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.Locale;

/**
 * The kitchen thickeners that are mostly starch. Everything of each is a row of {@code larder/starches.csv}, found by the constant's name
 * in small letters; strengths are by weight of the powder as bought, moisture and protein included, since that is what a cook weighs.
 */
public enum StarchKind {
    MAIZE,
    WHEAT_FLOUR,
    POTATO,
    TAPIOCA,
    ARROWROOT,
    RICE_FLOUR;

    /** Share lost in a minute at the boil below pH 3.5 by a starch as sensitive as maize; kitchen teaching, rounded. */
    private static final double SOUR_LOSS_PER_MIN = 0.015;

    private StarchRow row() {
        return StarchTable.of(this);
    }

    /** The name used in files and in the API. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Grams of starch in one gram of powder as bought, 0 to 1. */
    public double starchShare() {
        return row().starchShare();
    }

    /** Temperature from which it sets in plain water, °C; sugar lifts it. */
    public double gelatinisationC() {
        return row().gelatinisationC();
    }

    /** c* by weight of powder, over cornflour's. */
    public double criticalOverMaize() {
        return row().strength().criticalOverMaize();
    }

    /** m: how fast its network grows with what there is of it. */
    public double exponent() {
        return row().strength().exponent();
    }

    /** q: how fast its network falls with the serum's viscosity. */
    public double heatExponent() {
        return row().strength().heatExponent();
    }

    /** How much more it thickens once it has stood cold for long: 0 not at all, 1 twice as much. */
    public double setsCold() {
        return row().strength().setsCold();
    }

    /** Whether it is cooked in fat, or kneaded with it, before liquid comes to it. */
    public boolean roux() {
        return row().roux();
    }

    /** Whether its gel weeps when it thaws. */
    public boolean weeps() {
        return row().weeps();
    }

    /** What time it needs. */
    public StarchHandling handling() {
        return row().handling();
    }

    /**
     * Share of its thickening left after so long at the boil, 0 to 1.
     *
     * @param boiledMin minutes at the boil since it set
     * @param sourMin those of them in a sauce below pH 3.5
     */
    public double keptShare(double boiledMin, double sourMin) {
        StarchRow row = row();
        return Math.exp(-row.heldLossPerMin() * boiledMin - SOUR_LOSS_PER_MIN * row.acidSensitivity() * sourMin);
    }

    /**
     * The kind with that key.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static StarchKind ofKey(String key) {
        for (StarchKind kind : values()) {
            if (kind.key().equals(key)) {
                return kind;
            }
        }
        throw new Unfit(Wrong.Key.of("starch", key, values(), StarchKind::key));
    }
}
