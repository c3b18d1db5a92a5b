package app.gradior.estimate;

import java.util.ArrayList;
import java.util.List;

/** How fast a batch boiled away, against the share of all it lost: where the curves of two pots can be laid over each other. */
public final class BoilingAway {
    /** Less than this in all is no boiling, g. */
    private static final double SOME_GONE_G = 1;
    /** What changes in less than this was put in or taken out, min. */
    private static final double AT_ONCE_MIN = 1e-3;

    private BoilingAway() {}

    /**
     * A point of the curve.
     *
     * @param share of all that boiled away, gone by then, 0 to 1
     * @param gPerMin leaving then
     */
    public record Point(double share, double gPerMin) {}

    /**
     * The points of a curve of mass over time; where nothing went, or something was put in or taken out, there is none.
     *
     * @param curve in order of time; its middles count
     */
    public static List<Point> of(List<Forecast.CurvePoint> curve) {
        double all = 0;
        for (int i = 1; i < curve.size(); i++) {
            all += lostG(curve, i);
        }
        List<Point> points = new ArrayList<>();
        double gone = 0;
        for (int i = 1; i < curve.size() && all > SOME_GONE_G; i++) {
            double lost = lostG(curve, i);
            if (lost > 0) {
                double minutes = curve.get(i).minute() - curve.get(i - 1).minute();
                points.add(new Point((gone + lost / 2) / all, lost / minutes));
                gone += lost;
            }
        }
        return points;
    }

    private static double lostG(List<Forecast.CurvePoint> curve, int to) {
        Forecast.CurvePoint from = curve.get(to - 1);
        Forecast.CurvePoint until = curve.get(to);
        boolean atOnce = until.minute() - from.minute() < AT_ONCE_MIN;
        return atOnce ? 0 : Math.max(0, from.massG().middle() - until.massG().middle());
    }
}
