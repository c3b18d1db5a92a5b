package app.gradior.web.draw;

import app.gradior.estimate.Band;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.texture.AsMet;
import app.gradior.texture.Stair;
import java.util.Optional;

/** The stair: nine treads, where the sauce is now, where it will be when served, where it is wanted. */
public final class StairDrawing {
    private static final double WIDTH = 612;
    private static final double HEIGHT = 290;
    private static final double TREAD = WIDTH / 9;
    private static final double FLOOR = 250;
    private static final double FIRST = 234;
    private static final double RISE = 19;

    private StairDrawing() {}

    /**
     * @param hot step in the pot
     * @param served step at the table, with its band
     * @param hotLabel "in the pot, 101 °C"
     * @param servedLabel "at the table, 20 °C"
     */
    public static String draw(double hot, Band served, double target, String hotLabel, String servedLabel) {
        return draw(hot, served, target, hotLabel, servedLabel, Optional.empty());
    }

    /** How thick it is after a night, and what it is then in a word or two. */
    public record Night(double step, String label) {
        public static Night of(AsMet night) {
            return new Night(
                    night.step(),
                    Words.text(
                            "stair-drawing.after-a-night",
                            Words.say(night.flow().structure(), "short")));
        }
    }

    /** What comes later than the table now: the end as planned while it is another thickness, else the next day. */
    public record Later(Optional<Band> end, Optional<Night> night) {
        private static final double SAME_STEP = 0.25;

        /** The end where it differs from what would be served now, else the night. */
        public static Later of(Optional<Band> end, Band served, Optional<Night> night) {
            Optional<Band> other = end.filter(step -> !(Math.abs(step.middle() - served.middle()) <= SAME_STEP));
            return new Later(other, other.isPresent() ? Optional.empty() : night);
        }
    }

    /** The same with the next day. */
    // Wide: three times, each with its words.
    public static String draw(
            double hot, Band served, double target, String hotLabel, String servedLabel, Optional<Night> night) {
        return draw(hot, served, target, hotLabel, servedLabel, new Later(Optional.empty(), night));
    }

    /** The same with what comes later. */
    // Wide: three times, each with its words.
    public static String draw(
            double hot, Band served, double target, String hotLabel, String servedLabel, Later later) {
        Optional<Night> night = later.night();
        String hotText = figure(hot);
        String servedText = figure(served.middle());
        Svg svg = new Svg(
                "stair",
                WIDTH,
                HEIGHT,
                Words.text(
                                "stair-drawing.thickness-step-step-between-and-wanted",
                                hotText,
                                hotLabel,
                                servedText,
                                servedLabel,
                                figure(served.low()),
                                figure(served.high()),
                                Numbers.plain(target, 1))
                        + night.map(n -> "; " + n.label() + ", " + figure(n.step()))
                                .orElse("")
                        + later.end()
                                .map(end -> "; " + figure(end.middle()) + " " + endLabel(end))
                                .orElse(""));
        int wanted = Stair.Tread.of(target).number();
        StringBuilder outline = new StringBuilder("M0 " + FLOOR);
        for (Stair.Tread tread : Stair.Tread.values()) {
            int n = tread.number();
            double x = (n - 1) * TREAD;
            double y = top(n);
            svg.rect(n == wanted ? "tread wanted" : "tread", x, y, TREAD, FLOOR - y);
            outline.append("L").append(Svg.n(x)).append(' ').append(Svg.n(y));
            outline.append("L").append(Svg.n(x + TREAD)).append(' ').append(Svg.n(y));
            drop(svg, n, x + TREAD / 2, y);
            svg.text(n == wanted ? "number wanted" : "number", x + TREAD / 2, FLOOR + 16, "middle", String.valueOf(n));
            svg.text(n == wanted ? "name wanted" : "name", x + TREAD / 2, FLOOR + 32, "middle", Words.say(tread));
        }
        svg.path("outline", outline.toString());
        svg.line("goal", x(wanted - 0.49), top(wanted), x(wanted + 0.49), top(wanted));
        if (!Double.isNaN(hot)) {
            marks(svg, hot, served);
        }
        svg.circle("now dot", 14, 22, 8).text("now figure", 32, 38, "start", hotText);
        svg.text("now caption", 32, 60, "start", hotLabel);
        svg.path("later dot", diamond(206, 22, 9)).text("later figure", 224, 38, "start", servedText);
        svg.text("later caption", 224, 60, "start", servedLabel);
        night.ifPresent(n -> night(svg, n));
        later.end().ifPresent(end -> end(svg, end));
        return svg.done();
    }

    private static void marks(Svg svg, double hot, Band served) {
        double hotY = top(Stair.Tread.of(hot).number()) - 10;
        double servedY = top(Stair.Tread.of(served.middle()).number()) - 11;
        svg.rect("later band", x(served.low()), servedY + 7, x(served.high()) - x(served.low()), 5);
        double middle = (x(hot) + x(served.middle())) / 2;
        svg.path(
                "later hop",
                "M" + Svg.n(x(hot)) + " " + Svg.n(hotY - 8) + "Q" + Svg.n(middle) + " " + Svg.n(servedY - 30) + " "
                        + Svg.n(x(served.middle())) + " " + Svg.n(servedY - 10));
        svg.circle("now dot", x(hot), hotY, 9);
        svg.path("later dot", diamond(x(served.middle()), servedY, 10));
    }

    private static String endLabel(Band end) {
        return Words.text("stair-drawing.at-the-end", figure(end.low()), figure(end.high()));
    }

    private static void end(Svg svg, Band end) {
        double y = top(Stair.Tread.of(end.middle()).number());
        svg.rect("end band", x(end.low()), y - 4, Math.max(2, x(end.high()) - x(end.low())), 4);
        svg.path("end dot", flag(x(end.middle()), y - 4));
        svg.path("end dot", flag(410, 38)).text("end figure", 430, 38, "start", figure(end.middle()));
        svg.text("end caption", 430, 60, "start", endLabel(end));
    }

    /** A pennant on its staff. */
    private static String flag(double x, double y) {
        return "M" + Svg.n(x) + " " + Svg.n(y) + "V" + Svg.n(y - 26) + "L" + Svg.n(x + 15) + " " + Svg.n(y - 20) + "L"
                + Svg.n(x) + " " + Svg.n(y - 14);
    }

    private static void night(Svg svg, Night night) {
        double y = top(Stair.Tread.of(night.step()).number()) - 8;
        svg.rect("night dot", x(night.step()) - 6, y - 6, 12, 12);
        svg.rect("night dot", 406, 15, 14, 14).text("night figure", 430, 38, "start", figure(night.step()));
        svg.text("night caption", 430, 60, "start", night.label());
    }

    private static String diamond(double x, double y, double r) {
        return "M" + Svg.n(x - r) + " " + Svg.n(y) + "L" + Svg.n(x) + " " + Svg.n(y - r) + "L" + Svg.n(x + r) + " "
                + Svg.n(y) + "L" + Svg.n(x) + " " + Svg.n(y + r) + "Z";
    }

    /** A drop that hangs thinner and longer where the sauce is thin, short and heavy where it is thick. */
    private static void drop(Svg svg, int n, double x, double y) {
        double length = 20 - 1.8 * n;
        double radius = 1.2 + 0.62 * n;
        svg.rect("drop", x - radius / 3.2, y + 3, radius / 1.6, Math.max(2, length));
        svg.circle("drop", x, y + 3 + length, radius);
    }

    /** Steps below the first tread are shown on it: the stair begins there. */
    private static String figure(double step) {
        if (Double.isNaN(step)) {
            return "—";
        }
        return step < 1 ? "1.0" : step > 9 ? "9.0" : Numbers.fixed(step, 1);
    }

    private static double x(double step) {
        return (Math.max(0.62, Math.min(9.38, step)) - 0.5) * TREAD;
    }

    private static double top(int tread) {
        return FIRST - (tread - 1) * RISE;
    }
}
