package app.gradior.rescue;

import app.gradior.mixture.Mixture;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Things to do that together put a sauce right.
 *
 * @param moves in the order in which they are done
 * @param after the sauce then
 * @param measures of the sauce then
 * @param minutes that boiling down takes; 0 without it, NaN when nobody knows
 * @param change how much it changes the sauce: the smaller the better
 */
public record Way(List<Move> moves, Mixture after, Map<Measure, Double> measures, double minutes, double change) {
    public Way {
        moves = List.copyOf(moves);
        measures = Map.copyOf(measures);
    }

    /** How much of something the sauce has then. */
    public double of(Measure measure) {
        return measures.getOrDefault(measure, Double.NaN);
    }

    static Map<Measure, Double> measured(Sauce sauce, Mixture after) {
        Map<Measure, Double> measures = new EnumMap<>(Measure.class);
        for (Measure measure : Measure.values()) {
            measures.put(measure, sauce.of(measure, after));
        }
        return measures;
    }
}
