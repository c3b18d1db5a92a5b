package app.gradior.estimate;

import java.util.Comparator;
import java.util.stream.IntStream;

/** Values with weights, and their quantiles. */
final class WeightedSample {
    private WeightedSample() {}

    /** The 10/50/90 band; weights need not sum to 1. */
    static Band band(double[] values, double[] weights) {
        for (double value : values) {
            if (Double.isNaN(value)) {
                return new Band(Double.NaN, Double.NaN, Double.NaN);
            }
        }
        int[] order = IntStream.range(0, values.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> values[i]))
                .mapToInt(Integer::intValue)
                .toArray();
        double total = 0;
        for (double weight : weights) {
            total += weight;
        }
        return new Band(
                quantile(values, weights, order, 0.1 * total),
                quantile(values, weights, order, 0.5 * total),
                quantile(values, weights, order, 0.9 * total));
    }

    private static double quantile(double[] values, double[] weights, int[] order, double wanted) {
        double sum = 0;
        for (int i = 0; i < order.length; i++) {
            double weight = weights[order[i]];
            if (sum + weight >= wanted) {
                if (i == 0 || !Double.isFinite(values[order[i]])) {
                    return values[order[i]];
                }
                double share = weight > 0 ? (wanted - sum) / weight : 1;
                return values[order[i - 1]] + share * (values[order[i]] - values[order[i - 1]]);
            }
            sum += weight;
        }
        return values[order[order.length - 1]];
    }
}
