package app.gradior.web.draw;

import app.gradior.estimate.Forecast;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

/** The descent: mass in the pot over time, its band, what happened, and the line it meets. */
public final class DescentDrawing {
    private static final double WIDTH = 612;
    private static final double HEIGHT = 236;
    private static final double LEFT = 46;
    private static final double RIGHT = 590;
    private static final double TOP = 16;
    private static final double BOTTOM = 208;

    private static final double WORD_HEIGHT = 13;
    private static final int WORD_ROWS = 4;
    private static final int MOST_ROWS = 5;
    private static final int MOST_COLUMNS = 6;
    private static final double[] GRAMS = {5, 10, 20, 25, 50, 100, 200, 250, 500, 1000, 2000, 5000};
    private static final double[] MINUTES = {1, 2, 5, 10, 15, 20, 30, 60, 120, 240};

    private DescentDrawing() {}

    /** Something that happened, at a minute. */
    public record Tick(double minute, String word) {}

    /**
     * @param points mass over minutes
     * @param nowMinute where past ends; beyond the last point for a finished batch
     * @param stopMassG mass to stop at, NaN when unknown
     * @param clock writes a minute as the time of day, or as minutes
     */
    public static String draw(
            List<Forecast.CurvePoint> points,
            double nowMinute,
            double stopMassG,
            List<Tick> ticks,
            DoubleFunction<String> clock,
            String description) {
        return draw(points, List.of(), nowMinute, stopMassG, ticks, clock, description);
    }

    /**
     * The same with the bands that were foretold before; laid over one another they darken where all of them meet.
     *
     * @param earlier what was foretold, the first first; points past the last minute are left out
     */
    // Wide: what is drawn, each asked for by another page.
    public static String draw(
            List<Forecast.CurvePoint> points,
            List<List<Forecast.CurvePoint>> earlier,
            double nowMinute,
            double stopMassG,
            List<Tick> ticks,
            DoubleFunction<String> clock,
            String description) {
        Svg svg = new Svg("descent", WIDTH, HEIGHT, description);
        if (points.size() < 2) {
            return svg.done();
        }
        double last = points.get(points.size() - 1).minute();
        List<List<Forecast.CurvePoint>> foretold =
                earlier.stream().map(ahead -> until(ahead, last)).toList();
        List<Forecast.CurvePoint> all = new ArrayList<>(points);
        foretold.forEach(ahead -> all.addAll(0, ahead));
        Paper paper = Paper.of(all, stopMassG);
        Plane plane = paper.plane();
        grid(svg, paper, clock);
        foretold.forEach(ahead -> band(svg, plane, ahead, 0));
        band(svg, plane, points, nowMinute);
        svg.path("past-line", way(plane, points, nowMinute, true));
        svg.path("later-line", way(plane, points, nowMinute, false));
        if (stopMassG > 0) {
            double y = plane.y().at(stopMassG);
            svg.line("goal", LEFT, y, RIGHT, y);
            svg.text(
                    "goal-word",
                    RIGHT,
                    y - 6,
                    "end",
                    Words.text("descent-drawing.stop-at-g", Numbers.plain(stopMassG, 0)));
        }
        ticks(svg, plane, points, ticks);
        points.stream()
                .filter(p -> p.minute() >= nowMinute)
                .findFirst()
                .ifPresent(p -> svg.circle(
                        "now dot",
                        plane.x().at(p.minute()),
                        plane.y().at(p.massG().middle()),
                        6));
        return svg.done();
    }

    private static void grid(Svg svg, Paper paper, DoubleFunction<String> clock) {
        Plane plane = paper.plane();
        for (double mass : plane.y().ticks(paper.stepG())) {
            svg.line("grid", LEFT, plane.y().at(mass), RIGHT, plane.y().at(mass));
            svg.text("tick", LEFT - 6, plane.y().at(mass) + 4, "end", Numbers.plain(mass, 0));
        }
        svg.text("tick", RIGHT, TOP - 4, "end", Words.text("descent-drawing.grams-in-the-pot"));
        for (double minute : plane.x().ticks(MOST_COLUMNS, MINUTES)) {
            svg.text("tick", plane.x().at(minute), BOTTOM + 20, "middle", clock.apply(minute));
        }
    }

    /** The points up to a minute, the last one at it. */
    private static List<Forecast.CurvePoint> until(List<Forecast.CurvePoint> points, double minute) {
        List<Forecast.CurvePoint> kept = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            Forecast.CurvePoint point = points.get(i);
            if (point.minute() <= minute) {
                kept.add(point);
            } else {
                if (i > 0) {
                    Forecast.CurvePoint before = points.get(i - 1);
                    double share = (minute - before.minute()) / (point.minute() - before.minute());
                    kept.add(new Forecast.CurvePoint(minute, before.massG().toward(point.massG(), share)));
                }
                break;
            }
        }
        return kept;
    }

    private static void band(Svg svg, Plane plane, List<Forecast.CurvePoint> points, double nowMinute) {
        StringBuilder high = new StringBuilder();
        StringBuilder low = new StringBuilder();
        for (Forecast.CurvePoint point : points) {
            if (point.minute() >= nowMinute - 1e-9) {
                String x = Svg.n(plane.x().at(point.minute()));
                high.append(high.isEmpty() ? "M" : "L")
                        .append(x)
                        .append(' ')
                        .append(Svg.n(plane.y().at(point.massG().high())));
                low.insert(0, "L" + x + " " + Svg.n(plane.y().at(point.massG().low())));
            }
        }
        if (!high.isEmpty()) {
            svg.path("band", high + "" + low + "Z");
        }
    }

    private static String way(Plane plane, List<Forecast.CurvePoint> points, double nowMinute, boolean past) {
        List<Forecast.CurvePoint> here = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            double minute = points.get(i).minute();
            boolean before = i > 0 && points.get(i - 1).minute() < nowMinute;
            if (past ? minute <= nowMinute + 1e-9 || before : minute >= nowMinute - 1e-9) {
                here.add(points.get(i));
            }
        }
        return plane.line(here, Forecast.CurvePoint::minute, p -> p.massG().middle());
    }

    private static void ticks(Svg svg, Plane plane, List<Forecast.CurvePoint> points, List<Tick> ticks) {
        List<double[]> words = new ArrayList<>();
        for (Tick tick : ticks) {
            double x = plane.x().at(tick.minute());
            double y = plane.y().at(massAt(points, tick.minute()));
            svg.line("event", x, y - 8, x, y + 8);
            double width = 10 + 6.4 * tick.word().length();
            boolean left = x + width > WIDTH;
            double begin = left ? x - width : x;
            double end = left ? x : x + width;
            for (int row = 0; row < WORD_ROWS; row++) {
                double top = y - 10 - WORD_HEIGHT * row;
                boolean clear = words.stream()
                        .noneMatch(w -> begin < w[1] && end > w[0] && Math.abs(top - w[2]) < WORD_HEIGHT - 0.5);
                if (clear && top - 4 > TOP) {
                    svg.text("event-word", left ? x - 4 : x + 4, top, left ? "end" : "start", tick.word());
                    words.add(new double[] {begin, end, top});
                    break;
                }
            }
        }
    }

    private static double massAt(List<Forecast.CurvePoint> points, double minute) {
        for (int i = 1; i < points.size(); i++) {
            Forecast.CurvePoint after = points.get(i);
            if (after.minute() >= minute) {
                Forecast.CurvePoint before = points.get(i - 1);
                double span = Math.max(1e-9, after.minute() - before.minute());
                double share = Math.max(0, (minute - before.minute()) / span);
                return before.massG().middle()
                        + share * (after.massG().middle() - before.massG().middle());
            }
        }
        return points.get(points.size() - 1).massG().middle();
    }

    /** From minutes and grams to paper, and the grams from one line of the grid to the next. */
    private record Paper(Plane plane, double stepG) {
        static Paper of(List<Forecast.CurvePoint> points, double stopMassG) {
            double low = points.stream().mapToDouble(p -> p.massG().low()).min().orElse(0);
            double high =
                    points.stream().mapToDouble(p -> p.massG().high()).max().orElse(1);
            if (stopMassG > 0) {
                low = Math.min(low, stopMassG);
                high = Math.max(high, stopMassG);
            }
            double step = Axis.niceStep(Math.max(1, high - low), MOST_ROWS, GRAMS);
            double last = Math.max(1, points.get(points.size() - 1).minute());
            return new Paper(
                    new Plane(
                            new Axis(0, last, LEFT, RIGHT),
                            new Axis(Math.floor(low / step) * step, Math.ceil(high / step) * step, BOTTOM, TOP)),
                    step);
        }
    }
}
