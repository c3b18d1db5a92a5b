package app.gradior;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.mixture.Mixture;

/** Mixtures that tests need. */
public final class Sauces {
    private Sauces() {}

    public static Food food(String id) {
        return Catalogue.standard().food(id).orElseThrow(() -> new AssertionError("no food " + id));
    }

    public static Mixture of(String id, double massG) {
        return Mixture.of(food(id), massG);
    }

    /** Sugar in water, that many °Bx, one kilogram. */
    public static Mixture syrup(double brixPercent) {
        return of("sugar", 10 * brixPercent).plus(of("water", 1000 - 10 * brixPercent));
    }

    /** Tomato juice concentrate: a fifth of its solids insoluble, as the rheology table takes it. */
    public static Mixture tomatoConcentrate(double totalSolidsPercent) {
        double pulp = 0.2 * totalSolidsPercent;
        return new Mixture(
                100 - totalSolidsPercent,
                0,
                0.8 * totalSolidsPercent,
                0,
                0,
                0,
                0,
                0,
                0,
                app.gradior.mixture.Starches.NONE,
                pulp,
                0,
                app.gradior.mixture.Body.ofPulp(pulp),
                0,
                0);
    }

    /** A stewed and milled damson sauce, about 1.5 kg. */
    public static Mixture damson() {
        return of("damson", 1000)
                .plus(of("sugar-brown", 220))
                .plus(of("vinegar-cider", 120))
                .plus(of("water", 200))
                .blended();
    }
}
