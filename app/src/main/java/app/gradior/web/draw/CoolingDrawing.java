package app.gradior.web.draw;

import app.gradior.clock.Cooling;
import app.gradior.clock.CoolingWatch;
import app.gradior.room.words.Words;
import java.util.function.DoubleFunction;

/** The cooling clock: temperature over time, the two limits as posts it must pass beneath, and now. */
public final class CoolingDrawing {
    private static final double WIDTH = 612;
    private static final double HEIGHT = 250;
    private static final double LEFT = 50;
    private static final double RIGHT = 600;
    private static final double TOP = 16;
    private static final double BOTTOM = 210;
    private static final double HOTTEST_C = 100;
    private static final int EVERY_MIN = 60;

    private CoolingDrawing() {}

    /**
     * @param elapsedMin now
     * @param time writes a minute as the time of day
     * @param temp writes a temperature
     */
    public static String draw(
            CoolingWatch watch, double elapsedMin, DoubleFunction<String> time, DoubleFunction<String> temp) {
        double last = watch.coldLimitMinute() + 40;
        Plane plane = new Plane(new Axis(0, last, LEFT, RIGHT), new Axis(0, HOTTEST_C, BOTTOM, TOP));
        Svg svg = new Svg(
                "cooling",
                WIDTH,
                HEIGHT,
                Words.text(
                        "cooling-drawing.temperature-while-it-cools-c-by",
                        time.apply(watch.warmLimitMinute()),
                        time.apply(watch.coldLimitMinute()),
                        temp.apply(watch.tempC(elapsedMin))));
        for (double c : new double[] {Cooling.COLD_LIMIT_C, Cooling.WARM_LIMIT_C, Cooling.HOT_LIMIT_C}) {
            double y = plane.y().at(c);
            svg.line("grid", LEFT, y, RIGHT, y).text("tick", LEFT - 6, y + 4, "end", temp.apply(c));
        }
        for (double minute : plane.x().ticks(EVERY_MIN)) {
            svg.text("tick", plane.x().at(minute), BOTTOM + 20, "middle", time.apply(minute));
        }
        post(svg, plane, watch.warmLimitMinute(), Cooling.WARM_LIMIT_C, "2 h");
        post(svg, plane, watch.coldLimitMinute(), Cooling.COLD_LIMIT_C, "6 h");
        svg.path(
                "course",
                plane.line(
                        watch.course().points().stream()
                                .filter(p -> p.minute() * watch.slowness() <= last)
                                .toList(),
                        p -> p.minute() * watch.slowness(),
                        p -> Math.max(0, Math.min(HOTTEST_C, p.tempC()))));
        if (elapsedMin <= last) {
            svg.circle("now dot", plane.x().at(elapsedMin), plane.y().within(watch.tempC(elapsedMin)), 6);
        }
        return svg.done();
    }

    /** From the limit's temperature up: the course must have come down before it. */
    private static void post(Svg svg, Plane plane, double minute, double limitC, String word) {
        double x = plane.x().at(minute);
        svg.line("limit", x, plane.y().at(limitC), x, TOP).text("limit-word", x + 5, TOP + 12, "start", word);
    }
}
