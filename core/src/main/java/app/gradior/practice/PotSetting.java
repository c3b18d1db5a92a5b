package app.gradior.practice;

import app.gradior.vessel.PotShape;
import java.util.Map;
import java.util.TreeMap;

/**
 * A practice pot as it is set before the cook.
 *
 * @param foods what is in it, g, by ids of the table of foods
 * @param shape mm
 * @param emptyG the pot's own weight, g
 * @param burnerW what its burner brings to the pot at the top of the knob, W
 * @param startC how hot it stands at the start, °C
 * @param knob where its knob stands at the start, 0 to 9
 * @param lid 0 off, 1 ajar, 2 on
 */
public record PotSetting(
        Map<String, Double> foods, PotShape shape, double emptyG, double burnerW, double startC, int knob, int lid) {
    static final double HOT_C = 90;
    static final int HALF_UP = 5;
    /** What a usual burner brings to a pot, W. */
    public static final double USUAL_BURNER_W = 1500;

    private static final double STEEL_G_PER_M2 = 18_000;

    public PotSetting {
        // In one order, so that the same seed cooks the same pot.
        foods = new TreeMap<>(foods);
    }

    /** Hot, half way up the knob, open. */
    public static PotSetting hot(Map<String, Double> foods, PotShape shape, double burnerW) {
        return new PotSetting(foods, shape, emptyG(shape), burnerW, HOT_C, HALF_UP, 0);
    }

    PotSetting with(int newKnob, int newLid) {
        return new PotSetting(foods, shape, emptyG, burnerW, startC, newKnob, newLid);
    }

    /** Steel of a usual kitchen's thickness, g: 18 kg/m² of floor and wall. */
    public static double emptyG(PotShape shape) {
        double m2 = shape.surfaceM2(0) + shape.wallM2(shape.heightMm());
        return STEEL_G_PER_M2 * m2;
    }
}
