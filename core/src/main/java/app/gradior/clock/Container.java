package app.gradior.clock;

import app.gradior.finding.Unfit;

/**
 * What a sauce cools in.
 *
 * <p>Heat leaves through an outer film and an inner one. Outer, W/(m²·K): still air with radiation 10, moving cold air of a
 * fridge 12, ice water 350 (handbook ranges, rounded). Inner: 300 in a thin sauce that turns over by itself or one that is
 * stirred; in a thick one heat must go through the sauce itself, conductivity 0.55 W/(m·K) over a third of its half thickness.
 * An open hot surface also loses vapour.
 */
public sealed interface Container {
    /** Left in the pot: a cylinder of that sauce level. */
    record Pot(double diameterMm, double levelMm, boolean lidded) implements Container {
        public Pot {
            check("diameterMm", diameterMm, 50, 1000);
            check("levelMm", levelMm, 1, 600);
        }
    }

    /** Jars of so many millilitres each, standing apart. */
    record Jars(double eachMl) implements Container {
        public Jars {
            check("eachMl", eachMl, 5, 20_000);
        }
    }

    /** A shallow tray, filled so deep. */
    record Tray(double depthMm) implements Container {
        public Tray {
            check("depthMm", depthMm, 2, 200);
        }
    }

    private static void check(String name, double value, double low, double high) {
        Unfit.inRange(name, value, low, high, "");
    }
}
