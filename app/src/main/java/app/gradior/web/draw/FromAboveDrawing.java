package app.gradior.web.draw;

import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.vessel.PotShape;

/** A pan from above, to the scale of its section: rim, floor, and the surface when it is half full. */
public final class FromAboveDrawing {
    private static final double WIDTH = 300;
    private static final double LEFT = 44;
    private static final double POT_WIDTH = 178;
    private static final double TOP = 8;

    private FromAboveDrawing() {}

    /** The drawing; empty of what is round all over, which its section shows. */
    public static String draw(PotShape pot) {
        if (!pot.outline().isLong()) {
            return "";
        }
        double half = pot.levelMm(pot.capacityMl() / 2);
        double longest = 2 * Math.max(pot.radiusMm(pot.heightMm()), pot.radiusMm(0));
        double widest = 2 * Math.max(pot.halfWidthMm(pot.heightMm()), pot.halfWidthMm(0));
        double scale = POT_WIDTH / longest;
        double middle = TOP + widest * scale / 2;
        String words = Words.text(
                "from-above-drawing.the-pan-from-above",
                Numbers.plain(pot.topLengthMm(), 0),
                Numbers.plain(pot.topWidthMm(), 0),
                Numbers.plain(10_000 * pot.surfaceM2(half), 0));
        Svg svg = new Svg("section above", WIDTH, widest * scale + 2 * TOP, words);
        svg.path("sauce", outline(pot, half, scale, middle));
        svg.path("wall", outline(pot, 0, scale, middle));
        svg.path("wall", outline(pot, pot.heightMm(), scale, middle));
        return svg.done();
    }

    /** The way round at a level: an ellipse, or a rectangle with its upright edges rounded. */
    private static String outline(PotShape pot, double levelMm, double scale, double middleY) {
        double a = pot.radiusMm(levelMm) * scale;
        double b = pot.halfWidthMm(levelMm) * scale;
        double middleX = LEFT + POT_WIDTH / 2;
        if (pot.outline() == PotShape.Outline.OVAL) {
            String arc = "A" + Svg.n(a) + " " + Svg.n(b) + " 0 0 1 ";
            return "M" + point(middleX - a, middleY) + arc + point(middleX + a, middleY) + arc
                    + point(middleX - a, middleY) + "Z";
        }
        double r = Math.min(Math.min(a, b), pot.uprightMm(levelMm) * scale);
        String arc = "A" + Svg.n(r) + " " + Svg.n(r) + " 0 0 1 ";
        double left = middleX - a;
        double right = middleX + a;
        double top = middleY - b;
        double bottom = middleY + b;
        return "M" + point(left + r, top) + "L" + point(right - r, top) + arc + point(right, top + r)
                + "L" + point(right, bottom - r) + arc + point(right - r, bottom)
                + "L" + point(left + r, bottom) + arc + point(left, bottom - r)
                + "L" + point(left, top + r) + arc + point(left + r, top) + "Z";
    }

    private static String point(double x, double y) {
        return Svg.n(x) + " " + Svg.n(y);
    }
}
