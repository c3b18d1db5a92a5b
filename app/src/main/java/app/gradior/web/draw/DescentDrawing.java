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
        Axes axes = Axes.of(all, stopMassG);
        grid(svg, axes, clock);
        foretold.forEach(ahead -> band(svg, axes, ahead, 0));
        band(svg, axes, points, nowMinute);
        svg.path("past-line", way(axes, points, nowMinute, true));
        svg.path("later-line", way(axes, points, nowMinute, false));
        if (stopMassG > 0) {
            double y = axes.y(stopMassG);
            svg.line("goal", LEFT, y, RIGHT, y);
            svg.text(
                    "goal-word",
                    RIGHT,
                    y - 6,
                    "end",
                    Words.text("descent-drawing.stop-at-g", Numbers.plain(stopMassG, 0)));
        }
        ticks(svg, axes, points, ticks);
        points.stream()
                .filter(p -> p.minute() >= nowMinute)
                .findFirst()
                .ifPresent(p -> svg.circle(
                        "now dot", axes.x(p.minute()), axes.y(p.massG().middle()), 6));
        return svg.done();
    }

    private static void grid(Svg svg, Axes axes, DoubleFunction<String> clock) {
        for (double mass = axes.lowG; mass <= axes.highG + 1e-6; mass += axes.stepG) {
            svg.line("grid", LEFT, axes.y(mass), RIGHT, axes.y(mass));
            svg.text("tick", LEFT - 6, axes.y(mass) + 4, "end", Numbers.plain(mass, 0));
        }
        svg.text("tick", RIGHT, TOP - 4, "end", Words.text("descent-drawing.grams-in-the-pot"));
        double stepMin = niceStep(axes.lastMin, 6, new double[] {1, 2, 5, 10, 15, 20, 30, 60, 120, 240});
        for (double minute = 0; minute <= axes.lastMin + 1e-6; minute += stepMin) {
            svg.text("tick", axes.x(minute), BOTTOM + 20, "middle", clock.apply(minute));
        }
    }

    /** A step that is easy to read and gives at most so many of them. */
    static double niceStep(double span, int most, double[] steps) {
        for (double step : steps) {
            if (span / step <= most) {
                return step;
            }
        }
        return Math.ceil(span / most / 60) * 60;
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

    private static void band(Svg svg, Axes axes, List<Forecast.CurvePoint> points, double nowMinute) {
        StringBuilder high = new StringBuilder();
        StringBuilder low = new StringBuilder();
        for (Forecast.CurvePoint point : points) {
            if (point.minute() >= nowMinute - 1e-9) {
                String x = Svg.n(axes.x(point.minute()));
                high.append(high.isEmpty() ? "M" : "L")
                        .append(x)
                        .append(' ')
                        .append(Svg.n(axes.y(point.massG().high())));
                low.insert(0, "L" + x + " " + Svg.n(axes.y(point.massG().low())));
            }
        }
        if (!high.isEmpty()) {
            svg.path("band", high + "" + low + "Z");
        }
    }

    private static String way(Axes axes, List<Forecast.CurvePoint> points, double nowMinute, boolean past) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < points.size(); i++) {
            Forecast.CurvePoint point = points.get(i);
            boolean here = past
                    ? point.minute() <= nowMinute + 1e-9
                            || (i > 0 && points.get(i - 1).minute() < nowMinute)
                    : point.minute() >= nowMinute - 1e-9;
            if (here) {
                d.append(d.isEmpty() ? "M" : "L")
                        .append(Svg.n(axes.x(point.minute())))
                        .append(' ')
                        .append(Svg.n(axes.y(point.massG().middle())));
            }
        }
        return d.isEmpty() ? "M0 0" : d.toString();
    }

    private static void ticks(Svg svg, Axes axes, List<Forecast.CurvePoint> points, List<Tick> ticks) {
        List<double[]> words = new ArrayList<>();
        for (Tick tick : ticks) {
            double x = axes.x(tick.minute());
            double y = axes.y(massAt(points, tick.minute()));
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

    /** From grams and minutes to paper. */
    private record Axes(double lastMin, double lowG, double highG, double stepG) {
        static Axes of(List<Forecast.CurvePoint> points, double stopMassG) {
            double low = points.stream().mapToDouble(p -> p.massG().low()).min().orElse(0);
            double high =
                    points.stream().mapToDouble(p -> p.massG().high()).max().orElse(1);
            if (stopMassG > 0) {
                low = Math.min(low, stopMassG);
                high = Math.max(high, stopMassG);
            }
            double step = niceStep(
                    Math.max(1, high - low), 5, new double[] {5, 10, 20, 25, 50, 100, 200, 250, 500, 1000, 2000, 5000});
            return new Axes(
                    Math.max(1, points.get(points.size() - 1).minute()),
                    Math.floor(low / step) * step,
                    Math.ceil(high / step) * step,
                    step);
        }

        double x(double minute) {
            return LEFT + (RIGHT - LEFT) * minute / lastMin;
        }

        double y(double massG) {
            return BOTTOM - (BOTTOM - TOP) * (massG - lowG) / Math.max(1e-9, highG - lowG);
        }
    }
}
