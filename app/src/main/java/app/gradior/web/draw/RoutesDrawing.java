package app.gradior.web.draw;

import app.gradior.measure.Numbers;
import app.gradior.plan.Routes;
import app.gradior.room.words.Words;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;

/** The ways of a sauce on one chart: yield against minutes, from reducing only to starch only, with starch and salt below. */
public final class RoutesDrawing {
    private static final double WIDTH = 620;
    private static final double HEIGHT = 366;
    private static final double LEFT = 62;
    private static final double RIGHT = 606;
    private static final double TOP = 26;
    private static final double BOTTOM = 244;
    private static final double STRIP = 26;
    private static final double STARCH_TOP = 276;
    private static final double SALT_TOP = 316;
    private static final double LABEL_ROW = 16;
    /** A chosen way so near to an end speaks for it. */
    private static final double NEAR = 120;

    private static final double[] MINUTE_STEPS = {1, 2, 5, 10, 15, 20, 30, 60, 120};
    private static final double[] ML_STEPS = {10, 20, 25, 50, 100, 200, 250, 400, 500, 1000, 2000, 2500, 5000};

    private static final double[] UNIT_STEPS = {0.25, 0.5, 1, 2, 4, 5, 10, 20, 40, 100};

    private RoutesDrawing() {}

    /** A part of the chart that something forbids: from a minute on, and why. */
    public record Shade(double fromMinute, String why) {}

    /**
     * What is drawn.
     *
     * @param points reduce-only first
     * @param other another pot's points; empty for none
     * @param otherName of that pot
     * @param wishedMl drawn as a line; empty for none
     * @param volume a yield in the kitchen's measures
     * @param field a yield as the wish's field holds it
     * @param unitMl mL of the unit that yields are written in; 1 for metric ones
     * @param label of the chosen way
     */
    public record Chart(
            List<Routes.Point> points,
            Routes.Point chosen,
            List<Routes.Point> other,
            String otherName,
            OptionalDouble wishedMl,
            String starch,
            List<Shade> shades,
            DoubleFunction<String> volume,
            DoubleFunction<String> field,
            double unitMl,
            String label) {}

    /** The chart as SVG. */
    public static String draw(Chart chart) {
        Routes.Point reduce = chart.points().get(0);
        Routes.Point starch = chart.points().get(chart.points().size() - 1);
        double last = Math.max(
                1,
                1.06
                        * Math.max(
                                reduce.minutes(),
                                chart.other().isEmpty()
                                        ? 0
                                        : chart.other().get(0).minutes()));
        double most = 1.12
                * Math.max(
                        starch.volumeMl20c(),
                        chart.other().isEmpty()
                                ? 0
                                : chart.other().get(chart.other().size() - 1).volumeMl20c());
        Plane plane = new Plane(new Axis(0, last, LEFT, RIGHT), new Axis(0, most, BOTTOM, TOP));
        Svg svg = new Svg("routes", WIDTH, HEIGHT, words(chart)).hatch("forbidden");
        grid(svg, plane, chart);
        shades(svg, plane, chart);
        if (!chart.other().isEmpty()) {
            svg.path("other-line", line(plane, chart.other()));
            Routes.Point end = chart.other().get(0);
            svg.text(
                    "other-word",
                    plane.x().at(end.minutes()),
                    plane.y().at(end.volumeMl20c()) + 18,
                    "end",
                    chart.otherName());
        }
        svg.path("way-line", line(plane, chart.points()));
        strips(svg, plane, chart);
        for (Routes.Point p : chart.points()) {
            svg.dot(
                    "way-point",
                    plane.x().at(p.minutes()),
                    plane.y().at(p.volumeMl20c()),
                    3,
                    "wish",
                    chart.field().apply(p.volumeMl20c()),
                    "says",
                    says(chart, p));
        }
        ends(svg, plane, chart);
        chosen(svg, plane, chart);
        return svg.done();
    }

    private static String words(Chart chart) {
        return Words.text(
                "routes-drawing.ways-to-this-step-yield-against",
                says(chart, chart.points().get(0)),
                says(chart, chart.points().get(chart.points().size() - 1)),
                says(chart, chart.chosen()));
    }

    private static String says(Chart chart, Routes.Point p) {
        return Words.text(
                "routes-drawing.min-salt",
                Numbers.plain(p.minutes(), 0),
                chart.volume().apply(p.volumeMl20c()),
                starch(p.starchG()),
                chart.starch(),
                Numbers.fixed(p.sauce().saltPercent(), 1));
    }

    private static String starch(double grams) {
        return grams < 0.05 ? Words.text("draw.none") : Numbers.plain(grams, grams < 10 ? 1 : 0) + " g";
    }

    private static String line(Plane plane, List<Routes.Point> points) {
        return plane.line(points, Routes.Point::minutes, Routes.Point::volumeMl20c);
    }

    private static double[] unitSteps(double unitMl) {
        return Arrays.stream(UNIT_STEPS).map(step -> step * unitMl).toArray();
    }

    private static void grid(Svg svg, Plane plane, Chart chart) {
        for (double ml : plane.y().ticks(5, chart.unitMl() > 1 ? unitSteps(chart.unitMl()) : ML_STEPS)) {
            svg.line("grid", LEFT, plane.y().at(ml), RIGHT, plane.y().at(ml));
            svg.text(
                    "tick",
                    LEFT - 7,
                    plane.y().at(ml) + 4,
                    "end",
                    ml == 0 ? "0" : chart.volume().apply(ml));
        }
        for (double minute : plane.x().ticks(7, MINUTE_STEPS)) {
            svg.line("grid", plane.x().at(minute), BOTTOM, plane.x().at(minute), BOTTOM + 4);
            svg.text("tick", plane.x().at(minute), BOTTOM + 18, "middle", Numbers.plain(minute, 0));
        }
        svg.text("axis", RIGHT, SALT_TOP + STRIP + 16, "end", Words.text("routes-drawing.minutes-of-reducing"));
        svg.text("axis", LEFT - 56, 13, "start", Words.text("routes-drawing.yield-cold"));
        chart.wishedMl()
                .ifPresent(ml -> svg.line(
                        "wish-line",
                        LEFT,
                        plane.y().within(ml),
                        RIGHT,
                        plane.y().within(ml)));
    }

    private static void shades(Svg svg, Plane plane, Chart chart) {
        int row = 0;
        for (Shade shade : chart.shades()) {
            double x = plane.x().within(shade.fromMinute());
            if (x >= RIGHT - 2) {
                continue;
            }
            svg.hatched(
                    "forbidden",
                    "M" + Svg.n(x) + " " + TOP + "L" + RIGHT + " " + TOP + "L" + RIGHT + " " + BOTTOM + "L" + Svg.n(x)
                            + " " + BOTTOM + "Z");
            svg.line("shade-edge", x, TOP, x, BOTTOM);
            svg.text("shade-word", RIGHT - 4, TOP + 14 + LABEL_ROW * row++, "end", shade.why());
        }
    }

    /** Below the chart: how much starch, and how salty, along the same minutes. */
    private static void strips(Svg svg, Plane plane, Chart chart) {
        List<Routes.Point> points = chart.points();
        double mostStarch = Math.max(0.1, points.get(points.size() - 1).starchG());
        double mostSalt = Math.max(0.05, points.get(0).sauce().saltPercent());
        strip(svg, plane, points, STARCH_TOP, "strip starch", p -> p.starchG() / mostStarch);
        strip(svg, plane, points, SALT_TOP, "strip salt", p -> p.sauce().saltPercent() / mostSalt);
        svg.text("strip-word", LEFT - 7, STARCH_TOP + STRIP - 6, "end", "starch");
        svg.text("strip-word", LEFT - 7, SALT_TOP + STRIP - 6, "end", "salt");
        Routes.Point p = chart.chosen();
        double x = plane.x().at(p.minutes());
        boolean right = x < (LEFT + RIGHT) / 2;
        String anchor = right ? "start" : "end";
        double at = right ? x + 8 : x - 8;
        svg.line("chosen-line", x, BOTTOM, x, SALT_TOP + STRIP);
        svg.text("strip-figure", at, STARCH_TOP + 10, anchor, starch(p.starchG()));
        svg.text(
                "strip-figure",
                at,
                SALT_TOP + 10,
                anchor,
                Numbers.fixed(p.sauce().saltPercent(), 1) + " %");
    }

    private static void strip(
            Svg svg,
            Plane plane,
            List<Routes.Point> points,
            double top,
            String css,
            java.util.function.ToDoubleFunction<Routes.Point> share) {
        double floor = top + STRIP;
        StringBuilder d =
                new StringBuilder("M" + Svg.n(plane.x().at(points.get(0).minutes())) + " " + Svg.n(floor));
        for (Routes.Point p : points) {
            d.append("L")
                    .append(Svg.n(plane.x().at(p.minutes())))
                    .append(' ')
                    .append(Svg.n(floor - (STRIP - 4) * share.applyAsDouble(p)));
        }
        d.append("L")
                .append(Svg.n(plane.x().at(points.get(points.size() - 1).minutes())))
                .append(' ')
                .append(Svg.n(floor))
                .append('Z');
        svg.path(css, d.toString()).line("grid", LEFT, floor, RIGHT, floor);
    }

    private static void ends(Svg svg, Plane plane, Chart chart) {
        Routes.Point reduce = chart.points().get(0);
        Routes.Point starch = chart.points().get(chart.points().size() - 1);
        double x = plane.x().at(reduce.minutes());
        double y = plane.y().at(reduce.volumeMl20c());
        boolean pure = reduce.starchG() < 0.05;
        svg.path("way-end", diamond(x, y));
        double chosenX = plane.x().at(chart.chosen().minutes());
        if (x - chosenX > NEAR) {
            svg.text(
                    "end-word",
                    x - 9,
                    y + 17,
                    "end",
                    pure ? Words.text("routes-drawing.reduce-only") : Words.text("routes-drawing.reduced-most"));
        }
        double left = plane.x().at(starch.minutes());
        svg.path("way-end", diamond(left, plane.y().at(starch.volumeMl20c())));
        if (chosenX - left > NEAR) {
            svg.text(
                    "end-word",
                    left + 9,
                    plane.y().at(starch.volumeMl20c()) - 7,
                    "start",
                    Words.text("routes-drawing.starch-only"));
        }
    }

    private static String diamond(double x, double y) {
        return "M" + Svg.n(x) + " " + Svg.n(y - 6) + "L" + Svg.n(x + 6) + " " + Svg.n(y) + "L" + Svg.n(x) + " "
                + Svg.n(y + 6) + "L" + Svg.n(x - 6) + " " + Svg.n(y) + "Z";
    }

    private static void chosen(Svg svg, Plane plane, Chart chart) {
        Routes.Point p = chart.chosen();
        double x = plane.x().at(p.minutes());
        double y = plane.y().at(p.volumeMl20c());
        svg.line("chosen-line", LEFT, y, x, y).line("chosen-line", x, y, x, BOTTOM);
        svg.circle("chosen", x, y, 11);
        boolean right = x < LEFT + 0.62 * (RIGHT - LEFT);
        double at = right ? x + 18 : x - 14;
        double up = right ? y - 12 : Math.min(BOTTOM - 24, y + 34);
        String anchor = right ? "start" : "end";
        svg.text("chosen-figure", at, up, anchor, chart.label());
    }
}
