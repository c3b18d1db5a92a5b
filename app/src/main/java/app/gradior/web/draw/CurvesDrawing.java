package app.gradior.web.draw;

import app.gradior.measure.Numbers;
import java.util.ArrayList;
import java.util.List;

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
        double mostX = most(curves, true);
        double mostY = most(curves, false);
        Svg svg = new Svg("curves", WIDTH, HEIGHT, description);
        double stepY = nice(mostY);
        for (double y = 0; y <= mostY + 1e-9; y += stepY) {
            svg.line("grid", LEFT, y(y, mostY), RIGHT, y(y, mostY));
            svg.text("tick", LEFT - 6, y(y, mostY) + 4, "end", Numbers.plain(y, 1));
        }
        double stepX = nice(mostX);
        for (double x = 0; x <= mostX + 1e-9; x += stepX) {
            svg.text("tick", x(x, mostX), BOTTOM + 20, "middle", Numbers.plain(x, 1));
        }
        svg.text("tick", RIGHT, BOTTOM + 36, "end", unitX).text("tick", LEFT, TOP - 8, "start", unitY);
        List<Point> marks = new ArrayList<>();
        for (int i = 0; i < curves.size(); i++) {
            StringBuilder d = new StringBuilder();
            Point end = new Point(0, 0);
            for (Point p : curves.get(i).points()) {
                d.append(d.isEmpty() ? "M" : "L")
                        .append(Svg.n(x(p.x(), mostX)))
                        .append(' ')
                        .append(Svg.n(y(p.y(), mostY)));
                end = p;
            }
            if (!d.isEmpty()) {
                svg.path("curve c" + i, d.toString());
                Point mark = free(new Point(x(end.x(), mostX) + 6, y(end.y(), mostY) + 5), marks);
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

    private static double most(List<Curve> curves, boolean ofX) {
        return Math.max(
                1e-3,
                curves.stream()
                        .flatMap(c -> c.points().stream())
                        .mapToDouble(p -> ofX ? p.x() : p.y())
                        .max()
                        .orElse(1));
    }

    private static double nice(double span) {
        return DescentDrawing.niceStep(span, 6, NICE);
    }

    private static double x(double x, double most) {
        return LEFT + x / most * (RIGHT - LEFT - 20);
    }

    private static double y(double y, double most) {
        return BOTTOM - y / most * (BOTTOM - TOP);
    }
}
