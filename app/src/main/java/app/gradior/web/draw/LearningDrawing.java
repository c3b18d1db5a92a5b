package app.gradior.web.draw;

import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/** How well the finish was foretold before any reading, against the number of batches of that sauce before it. */
public final class LearningDrawing {
    private static final double WIDTH = 612;
    private static final double HEIGHT = 220;
    private static final double LEFT = 46;
    private static final double RIGHT = 600;
    private static final double TOP = 20;
    private static final double BOTTOM = 180;
    private static final int LATE = 3;

    private LearningDrawing() {}

    /**
     * A batch.
     *
     * @param before batches of its sauce before it
     * @param off share by which its finish was foretold wrong
     * @param unlearnt the same had nothing been learnt
     * @param band width of the band that was foretold, as a share of the time it took
     */
    public record Point(int before, double off, double unlearnt, double band) {}

    /** What the chart shows, in a sentence. */
    public static String saying(List<Point> points) {
        List<Point> late = points.stream().filter(p -> p.before() >= LATE).toList();
        if (late.isEmpty()) {
            return Words.text("learning-drawing.after-three-batches-of-a-sauce");
        }
        return Words.text(
                "learning-drawing.with-batches-or-more-behind-it",
                LATE,
                percent(median(late, Point::off)),
                percent(median(late, Point::unlearnt)));
    }

    /** The chart: medians over the number of batches before. */
    public static String draw(List<Point> points) {
        int last = points.stream().mapToInt(Point::before).max().orElse(0);
        Svg svg = new Svg("learning", WIDTH, HEIGHT, saying(points));
        double most = Math.max(
                0.2,
                points.stream()
                        .mapToDouble(p -> Math.max(p.off(), p.unlearnt()))
                        .max()
                        .orElse(0.2));
        Plane plane = new Plane(new Axis(0, Math.max(1, last), LEFT + 12, RIGHT - 12), new Axis(0, most, BOTTOM, TOP));
        for (double share : plane.y().ticks(most > 0.6 ? 0.2 : 0.1)) {
            double y = plane.y().at(share);
            svg.line("grid", LEFT, y, RIGHT, y).text("tick", LEFT - 6, y + 4, "end", percent(share));
        }
        for (int n = 0; n <= last; n++) {
            svg.text("tick", plane.x().at(n), BOTTOM + 20, "middle", String.valueOf(n));
        }
        svg.text(
                "tick",
                (LEFT + RIGHT) / 2,
                BOTTOM + 36,
                "middle",
                Words.text("learning-drawing.batches-of-that-sauce-before-it"));
        for (Point p : points) {
            svg.circle("each", plane.x().at(p.before()), plane.y().at(p.off()), 3.5);
        }
        svg.path("unlearnt", line(plane, points, last, Point::unlearnt));
        svg.path("learnt", line(plane, points, last, Point::off));
        svg.text(
                "learnt-word",
                RIGHT,
                TOP - 6,
                "end",
                Words.text("learning-drawing.line-foretold-dashed-without-what-was"));
        return svg.done();
    }

    private static String line(Plane plane, List<Point> points, int last, ToDoubleFunction<Point> figure) {
        List<List<Point>> each = IntStream.rangeClosed(0, last)
                .mapToObj(n -> points.stream().filter(p -> p.before() == n).toList())
                .filter(here -> !here.isEmpty())
                .toList();
        return plane.line(each, here -> here.get(0).before(), here -> median(here, figure));
    }

    private static double median(List<Point> points, ToDoubleFunction<Point> figure) {
        List<Double> values = new ArrayList<>(
                points.stream().map(figure::applyAsDouble).sorted().toList());
        int n = values.size();
        return n % 2 == 1 ? values.get(n / 2) : (values.get(n / 2 - 1) + values.get(n / 2)) / 2;
    }

    private static String percent(double share) {
        return Numbers.plain(100 * share, 0) + " %";
    }
}
