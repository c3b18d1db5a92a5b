package app.gradior.journeys;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** What a kitchen waits for as others come in, each figure beside what it is when nobody else is there; an SVG. */
final class GrowthCurve {
    private static final int WIDTH = 960;
    private static final int HEIGHT = 440;
    private static final int LEFT = 60;
    private static final int RIGHT = 330;
    private static final int TOP = 20;
    private static final int BOTTOM = 60;
    private static final double MOST = 2;
    private static final int LETTER = 17;
    private static final List<String> COLOURS =
            List.of("#8c2f1b", "#b8860b", "#2f6b4f", "#1f4e79", "#6b3fa0", "#c2185b", "#00796b", "#5d4037", "#455a64");

    private GrowthCurve() {}

    /**
     * Drawn.
     *
     * @param kitchens others, of each row; the first of them 0
     * @param names of figures
     * @param middles of each row each figure's
     */
    static String svg(List<Integer> kitchens, List<String> names, List<double[]> middles) {
        StringBuilder svg = new StringBuilder(String.format(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" font-family=\"sans-serif\" font-size=\"13\">%n"
                        + "<rect width=\"100%%\" height=\"100%%\" fill=\"#fffdf8\"/>%n",
                WIDTH, HEIGHT));
        for (double share = 0; share <= MOST; share += 0.5) {
            text(svg, LEFT - 8, y(share) + 4, "end", "#444", String.format(Locale.ROOT, "%.1f", share));
            line(svg, LEFT, y(share), WIDTH - RIGHT, y(share), share == 1 ? "#777" : "#ddd");
        }
        for (int row = 0; row < kitchens.size(); row++) {
            String others = row == 0 ? "alone" : String.format(Locale.ROOT, "%,d", kitchens.get(row));
            text(svg, x(row, kitchens.size()), HEIGHT - BOTTOM + 20, "middle", "#444", others);
        }
        text(
                svg,
                (LEFT + WIDTH - RIGHT) / 2.0,
                HEIGHT - 14,
                "middle",
                "#444",
                "other kitchens; each figure's median as a multiple of what it is alone");
        curves(svg, names, middles);
        return svg.append("</svg>\n").toString();
    }

    private record Label(int figure, double y) {}

    private static void curves(StringBuilder svg, List<String> names, List<double[]> middles) {
        List<Label> labels = new ArrayList<>();
        for (int figure = 0; figure < names.size(); figure++) {
            StringBuilder points = new StringBuilder();
            for (int row = 0; row < middles.size(); row++) {
                points.append(String.format(
                        Locale.ROOT, "%.1f,%.1f ", x(row, middles.size()), y(share(middles, row, figure))));
            }
            svg.append(String.format(
                    "<polyline points=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"2\"/>%n",
                    points.toString().trim(), colour(figure)));
            labels.add(new Label(figure, y(share(middles, middles.size() - 1, figure))));
        }
        labels.sort(Comparator.comparingDouble(Label::y));
        double next = TOP;
        for (Label label : labels) {
            double at = Math.max(next, label.y() + 4);
            next = at + LETTER;
            double[] last = middles.get(middles.size() - 1);
            String told = String.format(
                    Locale.ROOT,
                    "%s: %.1f to %.1f ms",
                    names.get(label.figure()),
                    middles.get(0)[label.figure()],
                    last[label.figure()]);
            line(svg, WIDTH - RIGHT, label.y(), WIDTH - RIGHT + 12, at - 4, colour(label.figure()));
            text(svg, WIDTH - RIGHT + 16.0, at, "start", colour(label.figure()), told);
        }
    }

    private static String colour(int figure) {
        return COLOURS.get(figure % COLOURS.size());
    }

    private static double share(List<double[]> middles, int row, int figure) {
        return middles.get(row)[figure] / middles.get(0)[figure];
    }

    private static double x(int row, int rows) {
        return LEFT + (WIDTH - RIGHT - LEFT) * row / Math.max(1.0, rows - 1.0);
    }

    private static double y(double share) {
        return HEIGHT - BOTTOM - (HEIGHT - BOTTOM - TOP) * Math.min(MOST, share) / MOST;
    }

    private static void line(StringBuilder svg, double x1, double y1, double x2, double y2, String colour) {
        svg.append(String.format(
                Locale.ROOT,
                "<line x1=\"%.1f\" y1=\"%.1f\" x2=\"%.1f\" y2=\"%.1f\" stroke=\"%s\"/>%n",
                x1,
                y1,
                x2,
                y2,
                colour));
    }

    private static void text(StringBuilder svg, double x, double y, String anchor, String colour, String text) {
        svg.append(String.format(
                Locale.ROOT,
                "<text x=\"%.1f\" y=\"%.1f\" text-anchor=\"%s\" fill=\"%s\">%s</text>%n",
                x,
                y,
                anchor,
                colour,
                text));
    }
}
