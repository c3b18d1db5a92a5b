package app.gradior.glaze;

import app.gradior.finding.Unfit;
import app.gradior.mixture.Mixture;

/**
 * What a plan's sauce is brushed on, and how.
 *
 * @param foodG all the food, as bought, 1 to 100000 g
 * @param coats 1 to {@link Coats#MOST_COATS}
 * @param tableMl kept clean for the table, 0 to 100000 mL at 20 °C
 */
public record Brushing(Brushed food, double foodG, int coats, Fire fire, double tableMl) {
    /** In the pot a sauce for brushing runs off the brush and stays on the food; kitchen practice. */
    public static final double USUAL_POT_STEP = 5.5;
    /** It is brushed hot out of the pot, °C. */
    public static final double BRUSHED_C = 90;

    /** Guests that are meant where nobody says how many. */
    public static final double USUAL_GUESTS = 4;

    private static final double MOST_G = 1e5;

    public Brushing {
        Unfit.inRange("brushG", foodG, 1, MOST_G, " g");
        Unfit.inRange("coats", coats, 1, Coats.MOST_COATS, "");
        Unfit.inRange("tableMl", tableMl, 0, MOST_G, " mL");
    }

    /** For a food and its usual guests, with its usual coats. */
    public static Brushing usual(Brushed food) {
        return new Brushing(food, USUAL_GUESTS * food.portionG(), food.coats(), Fire.OVEN, 0);
    }

    /** Its coats, of a sauce as it is when it is done. */
    public Coats of(Mixture sauce, double bodyFactor) {
        double gPerMl = sauce.massG() / sauce.volumeMl20c();
        return Coats.of(sauce, bodyFactor, food, foodG, coats, fire, tableMl * gPerMl);
    }

    /** What all of that takes, mL at 20 °C. */
    public double needMl(Mixture sauce, double bodyFactor) {
        return of(sauce, bodyFactor).needG() * sauce.volumeMl20c() / sauce.massG();
    }
}
