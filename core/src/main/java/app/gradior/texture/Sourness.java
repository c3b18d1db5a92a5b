package app.gradior.texture;

import app.gradior.mixture.Mixture;

/** How sour a mixture is, worked out when it is first asked for: most who ask how it flows do not need it. Not thread-safe. */
final class Sourness {
    private final Mixture mixture;
    private double ph = Double.NaN;
    private double inversionPerMin;

    Sourness(Mixture mixture) {
        this.mixture = mixture;
    }

    double ph() {
        if (Double.isNaN(ph)) {
            ph = mixture.ph();
            inversionPerMin = Mixture.inversionPerMin(ph);
        }
        return ph;
    }

    /** Whether vegetables stay firm longer in it. */
    boolean keepsFirm() {
        return ph() < Mixture.SOUR_PH;
    }

    /** Share of its sucrose that a minute at a simmer splits. */
    double inversionPerMin() {
        ph();
        return inversionPerMin;
    }
}
