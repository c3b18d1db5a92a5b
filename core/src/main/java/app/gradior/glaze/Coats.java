package app.gradior.glaze;

import app.gradior.finding.Unfit;
import app.gradior.mixture.Mixture;
import java.util.ArrayList;
import java.util.List;

/**
 * A sauce brushed on food in coats: how much it takes, when each goes on, and what is kept clean for the table.
 *
 * @param film of one coat
 * @param coatG of the first coat on all the food, g, what runs off and stays in the brush counted
 * @param tableG kept clean, before any food is touched
 * @param beforeDoneMin when each coat goes on, minutes before the food is done, the first first
 * @param scorches whether the first coat would burn before the food is done
 */
public record Coats(Film film, double coatG, double tableG, List<Double> beforeDoneMin, boolean scorches) {
    public static final int MOST_COATS = 8;
    /** What runs off and stays in brush or bowl. */
    private static final double LOST = 1.2;
    /** What a later coat holds of the first, which lies on bare food. */
    private static final double LATER = 0.8;

    private static final double M2_PER_CM2 = 1e-4;
    private static final double LEAST_BETWEEN_MIN = 1;

    public Coats {
        beforeDoneMin = List.copyOf(beforeDoneMin);
    }

    /**
     * What that takes.
     *
     * @param foodG all the food, as bought, g
     * @param tableG kept clean for the table, g
     */
    // Wide: the sauce, the food, and how it is done.
    public static Coats of(
            Mixture sauce, double bodyFactor, Brushed food, double foodG, int coats, Fire fire, double tableG) {
        Unfit.inRange("coats", coats, 1, MOST_COATS, "");
        Unfit.inRange("foodG", foodG, 1, 1e5, " g");
        Film film = Film.of(sauce, bodyFactor, fire);
        double coatG = LOST * film.gPerM2() * food.cm2PerG() * foodG * M2_PER_CM2;
        double last = Double.isNaN(film.shinesMin()) ? film.sticksMin() : film.shinesMin();
        double between = Math.max(LEAST_BETWEEN_MIN, film.sticksMin());
        List<Double> before = new ArrayList<>();
        for (int coat = coats - 1; coat >= 0; coat--) {
            before.add(Math.max(LEAST_BETWEEN_MIN, last) + coat * between);
        }
        return new Coats(film, coatG, tableG, before, before.get(0) > film.burnsMin());
    }

    /** What each coat takes, g, the first first. */
    public List<Double> coatsG() {
        List<Double> grams = new ArrayList<>();
        for (int i = 0; i < beforeDoneMin.size(); i++) {
            grams.add(i == 0 ? coatG : LATER * coatG);
        }
        return grams;
    }

    /** All coats together, g. */
    public double brushedG() {
        return coatsG().stream().mapToDouble(g -> g).sum();
    }

    /** All that is needed, g. */
    public double needG() {
        return brushedG() + tableG;
    }
}
