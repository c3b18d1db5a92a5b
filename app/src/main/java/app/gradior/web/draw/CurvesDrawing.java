package app.gradior.web.draw;

import app.gradior.measure.Numbers;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Up to six curves laid over each other; each has its own stroke and its letter at the end, so that colour is not needed. */
public final class CurvesDrawing {
    private static final double WIDTH = 860;
    private static final double HEIGHT = 320;
    private static final double LEFT = 56;
    private static final double RIGHT = 830;
    private static final double TOP = 22;
    private static final double BOTTOM = 280;
    /** A letter takes so much room either way. */
    private static final double MARK = 14;

    /** Radius of a curve that has one point only. */
    private static final double LONE_POINT = 6;

    private static final int MOST_TICKS = 6;

    private static final double[] NICE = {
        0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 25, 50, 100, 200, 250, 500, 1000, 2000, 5000, 10_000
    };

    private CurvesDrawing() {}

    /** A point. */
    public record Point(double x, double y) {}

    /**
     * A curve.
     *
     * @param mark its letter
     */
    public record Curve(String mark, List<Point> points) {
        public Curve {
            points = List.copyOf(points);
        }
    }

    /**
     * @param unitX writes below the axis
     * @param unitY writes above it
     */
    public static String draw(List<Curve> curves, String unitX, String unitY, String description) {
        Plane plane = new Plane(
                new Axis(0, most(curves, Point::x), LEFT, RIGHT - 20),
                new Axis(0, most(curves, Point::y), BOTTOM, TOP));
        Svg svg = new Svg("curves", WIDTH, HEIGHT, description);
        for (double tick : plane.y().ticks(MOST_TICKS, NICE)) {
            double y = plane.y().at(tick);
            svg.line("grid", LEFT, y, RIGHT, y).text("tick", LEFT - 6, y + 4, "end", Numbers.plain(tick, 1));
        }
        for (double tick : plane.x().ticks(MOST_TICKS, NICE)) {
            svg.text("tick", plane.x().at(tick), BOTTOM + 20, "middle", Numbers.plain(tick, 1));
        }
        svg.text("tick", RIGHT, BOTTOM + 36, "end", unitX).text("tick", LEFT, TOP - 8, "start", unitY);
        List<Point> marks = new ArrayList<>();
        for (int i = 0; i < curves.size(); i++) {
            List<Point> points = curves.get(i).points();
            if (!points.isEmpty()) {
                svg.path("curve c" + i, plane.line(points, Point::x, Point::y));
                if (points.size() == 1) {
                    svg.circle(
                            "only c" + i,
                            plane.x().at(points.get(0).x()),
                            plane.y().at(points.get(0).y()),
                            LONE_POINT);
                }
                Point end = points.get(points.size() - 1);
                Point mark = free(new Point(plane.x().at(end.x()) + 6, plane.y().at(end.y()) + 5), marks);
                marks.add(mark);
                svg.text(
                        "mark c" + i, mark.x(), mark.y(), "start", curves.get(i).mark());
            }
        }
        return svg.done();
    }

    /** The place, or the next one above that no other letter has. */
    private static Point free(Point wanted, List<Point> taken) {
        Point place = wanted;
        for (int tries = 0; tries < taken.size(); tries++) {
            Point at = place;
            if (taken.stream().noneMatch(t -> Math.abs(t.x() - at.x()) < MARK && Math.abs(t.y() - at.y()) < MARK)) {
                break;
            }
            place = new Point(place.x(), place.y() - MARK);
        }
        return place;
    }

    private static double most(List<Curve> curves, ToDoubleFunction<Point> figure) {
        return Math.max(
                1e-3,
                curves.stream()
                        .flatMap(c -> c.points().stream())
                        .mapToDouble(figure)
                        .max()
                        .orElse(1));
    }
}
