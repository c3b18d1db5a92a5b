package app.gradior.web.draw;

import java.util.ArrayList;
import java.util.List;

/**
 * One axis of a chart: figures between two bounds, laid on the paper from one edge to the other.
 *
 * @param from figure at the first edge
 * @param to figure at the other, above {@code from}
 * @param begin where the first edge is on the paper
 * @param end where the other is; less than {@code begin} for an axis that goes up
 */
record Axis(double from, double to, double begin, double end) {
    private static final double MIN_PER_H = 60;

    /** Where a figure is on the paper. */
    double at(double figure) {
        return begin + (end - begin) * (figure - from) / Math.max(1e-9, to - from);
    }

    /** The same, and no further than the edges. */
    double within(double figure) {
        return at(Math.max(from, Math.min(to, figure)));
    }

    /** Figures to write beside it: from its first bound on, a step apart. */
    List<Double> ticks(double step) {
        List<Double> ticks = new ArrayList<>();
        for (double figure = from; figure <= to + 1e-6; figure += step) {
            ticks.add(figure);
        }
        return ticks;
    }

    /** The same with a step that is easy to read. */
    List<Double> ticks(int most, double... steps) {
        return ticks(niceStep(to - from, most, steps));
    }

    /** A step that is easy to read and gives at most so many of them. */
    static double niceStep(double span, int most, double... steps) {
        for (double step : steps) {
            if (span / step <= most) {
                return step;
            }
        }
        return Math.ceil(span / most / MIN_PER_H) * MIN_PER_H;
    }
}
