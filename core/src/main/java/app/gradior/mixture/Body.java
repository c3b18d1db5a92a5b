package app.gradior.mixture;

/**
 * Pulp as a thickener, in grams of tomato-juice pulp that would do the same.
 *
 * @param freeG in the liquid
 * @param boundG held in cut pieces
 */
public record Body(double freeG, double boundG) {
    public static final Body NONE = new Body(0, 0);

    /** Whole cut vegetables count a third until blended; kitchen estimate. */
    public static final double BOUND_SHARE = 1.0 / 3.0;

    public Body {
        if (!(freeG >= 0 && boundG >= 0)) {
            throw new IllegalArgumentException("body is " + freeG + " and " + boundG + " g: 0 or more expected");
        }
    }

    /** What counts for thickness, grams. */
    public double effectiveG() {
        return freeG + BOUND_SHARE * boundG;
    }

    Body plus(Body other) {
        return new Body(freeG + other.freeG, boundG + other.boundG);
    }

    Body times(double factor) {
        return new Body(freeG * factor, boundG * factor);
    }

    Body freed() {
        return new Body(freeG + boundG, 0);
    }
}
