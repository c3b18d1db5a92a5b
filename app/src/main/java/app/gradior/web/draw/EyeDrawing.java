package app.gradior.web.draw;

import app.gradior.practice.CookEye;
import app.gradior.room.words.Words;
import java.util.List;

/** How a cook's eye reads: each judgement a dot, over the step that it was judged at; above the line too much, below too little. */
public final class EyeDrawing {
    private static final double WIDTH = 760;
    private static final double HEIGHT = 300;
    private static final double LEFT = 46;
    private static final double RIGHT = 740;
    private static final double TOP = 16;
    private static final double BOTTOM = 262;
    private static final double MOST_OFF = 3;
    private static final double MOST_STEP = 9.5;
    private static final double DOT = 6;

    private EyeDrawing() {}

    /** Those that are judged in steps: thickness now, cold, and by the spoon. */
    public static String draw(List<CookEye.Judgement> judged) {
        Plane plane = new Plane(new Axis(0, MOST_STEP, LEFT, RIGHT), new Axis(-MOST_OFF, MOST_OFF, BOTTOM, TOP));
        Svg svg = new Svg("eye", WIDTH, HEIGHT, Words.text("eye.drawn", judged.size()));
        for (double off = -MOST_OFF; off <= MOST_OFF; off++) {
            double y = plane.y().at(off);
            svg.line(off == 0 ? "zero" : "grid", LEFT, y, RIGHT, y)
                    .text("tick", LEFT - 8, y + 5, "end", off > 0 ? "+" + Svg.n(off) : Svg.n(off));
        }
        for (double step = 1; step < MOST_STEP; step++) {
            svg.text("tick", plane.x().at(step), BOTTOM + 22, "middle", Svg.n(step));
        }
        for (CookEye.Judgement one : judged) {
            double x = plane.x().within(one.step());
            double y = plane.y().within(one.off());
            switch (one.sense()) {
                case NOW -> svg.circle("now", x, y, DOT);
                case COLD -> svg.path("cold", "M" + Svg.n(x) + " " + Svg.n(y - DOT - 1) + "l7 7l-7 7l-7 -7z");
                case SPOON -> svg.rect("spoon", x - DOT, y - DOT, 2 * DOT, 2 * DOT);
                case MINUTES, TRAIL, DRIP, BUBBLES -> {
                    // Told in words: their figures are no steps.
                }
            }
        }
        return svg.text("tick", RIGHT, BOTTOM + 36, "end", Words.text("eye.axis"))
                .done();
    }
}
