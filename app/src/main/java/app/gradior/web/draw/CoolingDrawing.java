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
            svg.line("grid", LEFT, y(c), RIGHT, y(c)).text("tick", LEFT - 6, y(c) + 4, "end", temp.apply(c));
        }
        for (int minute = 0; minute <= last; minute += EVERY_MIN) {
            svg.text("tick", x(minute, last), BOTTOM + 20, "middle", time.apply(minute));
        }
        post(svg, watch.warmLimitMinute(), Cooling.WARM_LIMIT_C, last, "2 h");
        post(svg, watch.coldLimitMinute(), Cooling.COLD_LIMIT_C, last, "6 h");
        StringBuilder d = new StringBuilder();
        for (Cooling.Point p : watch.course().points()) {
            double minute = p.minute() * watch.slowness();
            if (minute <= last) {
                d.append(d.isEmpty() ? "M" : "L")
                        .append(Svg.n(x(minute, last)))
                        .append(' ')
                        .append(Svg.n(y(p.tempC())));
            }
        }
        svg.path("course", d.isEmpty() ? "M0 0" : d.toString());
        if (elapsedMin <= last) {
            svg.circle("now dot", x(elapsedMin, last), y(watch.tempC(elapsedMin)), 6);
        }
        return svg.done();
    }

    /** From the limit's temperature up: the course must have come down before it. */
    private static void post(Svg svg, double minute, double limitC, double last, String word) {
        double x = x(minute, last);
        svg.line("limit", x, y(limitC), x, TOP).text("limit-word", x + 5, TOP + 12, "start", word);
    }

    private static double x(double minute, double last) {
        return LEFT + minute / last * (RIGHT - LEFT);
    }

    private static double y(double tempC) {
        return BOTTOM - Math.max(0, Math.min(HOTTEST_C, tempC)) / HOTTEST_C * (BOTTOM - TOP);
    }
}
