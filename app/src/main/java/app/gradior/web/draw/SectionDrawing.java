package app.gradior.web.draw;

import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/** The section: the pot's real profile to scale, with start, present and target levels and a rule in millimetres. */
public final class SectionDrawing {
    private static final double WIDTH = 300;
    private static final double LEFT = 44;
    private static final double POT_WIDTH = 178;
    private static final double TALLEST = 250;
    private static final double TOP = 12;
    private static final double LABEL_GAP = 30;
    private static final int ROUND_POINTS = 12;

    private SectionDrawing() {}

    /**
     * @param startMm level at the start
     * @param nowMm level now; before the heat is on, the start
     * @param stopMm level to stop at, if known
     */
    public static String draw(PotShape pot, double startMm, double nowMm, OptionalDouble stopMm, boolean live) {
        return draw(pot, Words.text("draw.start"), startMm, nowMm, stopMm, live, List.of());
    }

    /** A level of its own at which something ends. */
    public record Mark(String word, double mm) {}

    /** A plan's pot: where the reduction starts and stops, and the levels at which other stages end. */
    public static String draw(PotShape pot, double startMm, OptionalDouble stopMm, List<Mark> marks) {
        return draw(pot, Words.text("draw.start"), startMm, startMm, stopMm, false, marks);
    }

    /** A pot of the kit, half full. */
    public static String halfFull(PotShape pot) {
        double half = pot.levelMm(pot.capacityMl() / 2);
        return draw(pot, Words.text("draw.half"), half, half, OptionalDouble.empty(), false, List.of());
    }

    // Wide: what is drawn, each asked for by another page.
    private static String draw(
            PotShape pot,
            String startWord,
            double startMm,
            double nowMm,
            OptionalDouble stopMm,
            boolean live,
            List<Mark> marks) {
        double widest =
                2 * Math.max(pot.radiusMm(pot.heightMm()), Math.max(pot.radiusMm(0), pot.radiusMm(pot.heightMm() / 2)));
        double scale = Math.min(POT_WIDTH / widest, TALLEST / pot.heightMm());
        double height = pot.heightMm() * scale;
        double floor = TOP + height;
        double middle = LEFT + POT_WIDTH / 2;
        Profile profile = new Profile(pot, scale, floor, middle);
        String words = Words.text(
                "section-drawing.the-pot-in-section-mm-high",
                Numbers.plain(pot.heightMm(), 0),
                startWord,
                mm(startMm),
                (live ? Words.text("section-drawing.now", mm(nowMm)) : ""),
                (stopMm.isPresent() ? Words.text("section-drawing.stop-at-2", mm(stopMm.getAsDouble())) : ""),
                marks.stream().map(m -> ", " + m.word() + " " + mm(m.mm())).collect(Collectors.joining()));
        int labelled = 1 + (live ? 1 : 0) + (stopMm.isPresent() ? 1 : 0) + marks.size();
        double lowestLabel = Math.max(floor - 2, LABEL_GAP * labelled - 12);
        Svg svg = new Svg("section", WIDTH, Math.max(floor + 14, lowestLabel + 16), words).hatch("ghost");
        double start = Math.min(startMm, pot.heightMm());
        double now = Math.min(nowMm, pot.heightMm());
        svg.hatched("ghost", profile.between(Math.min(now, start), start));
        svg.path("sauce", profile.between(0, live ? now : stopMm.orElse(now)));
        if (!live && stopMm.isPresent()) {
            svg.hatched("ghost", profile.between(stopMm.getAsDouble(), start));
        }
        svg.path("wall", profile.wall());
        rule(svg, pot, scale, floor);
        List<Label> labels = new ArrayList<>();
        labels.add(new Label("past", startWord, startMm));
        if (live) {
            labels.add(new Label("now", Words.text("draw.now"), nowMm));
        }
        for (Mark mark : marks) {
            svg.line(
                    "mark",
                    profile.left(mark.mm()),
                    profile.y(mark.mm()),
                    profile.right(mark.mm()),
                    profile.y(mark.mm()));
            labels.add(new Label("past", mark.word(), mark.mm()));
        }
        stopMm.ifPresent(stop -> {
            svg.line("goal", profile.left(stop) - 6, profile.y(stop), profile.right(stop) + 6, profile.y(stop));
            labels.add(new Label("goal", Words.text("section-drawing.stop-at"), stop));
        });
        label(svg, labels, profile, lowestLabel);
        return svg.done();
    }

    private record Label(String kind, String word, double mm) {}

    /** Labels to the right of the pot, pushed apart where levels are close. */
    private static void label(Svg svg, List<Label> labels, Profile profile, double lowestLabel) {
        labels.sort(Comparator.comparingDouble(Label::mm).reversed());
        double lowest = lowestLabel - LABEL_GAP * (labels.size() - 1);
        double y = 0;
        double x = LEFT + POT_WIDTH + 14;
        for (Label label : labels) {
            double wanted = profile.y(label.mm());
            y = Math.max(y, Math.min(wanted, lowest));
            svg.line("leader " + label.kind(), profile.right(label.mm()) + 4, wanted, x - 3, y - 4);
            svg.text("word " + label.kind(), x, y - 6, "start", label.word());
            svg.text("level " + label.kind(), x, y + 10, "start", mm(label.mm()));
            y += LABEL_GAP;
            lowest += LABEL_GAP;
        }
    }

    private static void rule(Svg svg, PotShape pot, double scale, double floor) {
        svg.line("rule", 34, floor, 34, floor - pot.heightMm() * scale);
        for (int mm = 0; mm <= pot.heightMm(); mm += 10) {
            boolean fifty = mm % 50 == 0;
            double y = floor - mm * scale;
            svg.line("rule", fifty ? 26 : 30, y, 34, y);
            if (fifty) {
                svg.text("tick", 23, y + 4, "end", String.valueOf(mm));
            }
        }
    }

    private static String mm(double level) {
        return Numbers.plain(level, 0) + " mm";
    }

    /** Where the walls are on the paper. */
    private record Profile(PotShape pot, double scale, double floor, double middle) {
        double y(double mm) {
            return floor - mm * scale;
        }

        double left(double mm) {
            return middle - pot.radiusMm(mm) * scale;
        }

        double right(double mm) {
            return middle + pot.radiusMm(mm) * scale;
        }

        String between(double low, double high) {
            double top = Math.max(low, high);
            StringBuilder path = new StringBuilder();
            for (double mm : heights(low, top)) {
                path.append(path.isEmpty() ? "M" : "L").append(point(right(mm), y(mm)));
            }
            double[] back = heights(low, top);
            for (int i = back.length - 1; i >= 0; i--) {
                path.append("L").append(point(left(back[i]), y(back[i])));
            }
            return path.append("Z").toString();
        }

        String wall() {
            double[] heights = heights(0, pot.heightMm());
            StringBuilder path = new StringBuilder();
            for (int i = heights.length - 1; i >= 0; i--) {
                path.append(path.isEmpty() ? "M" : "L").append(point(left(heights[i]), y(heights[i])));
            }
            for (double mm : heights) {
                path.append("L").append(point(right(mm), y(mm)));
            }
            return path.toString();
        }

        /** Heights at which the wall is drawn: its ends, and a dozen more where the floor's edge is rounded. */
        private double[] heights(double low, double high) {
            double corner = pot.outline() == PotShape.Outline.BOWL ? pot.heightMm() : pot.cornerMm();
            if (!(low < corner)) {
                return new double[] {low, high};
            }
            double[] heights = new double[ROUND_POINTS + 2];
            for (int i = 0; i <= ROUND_POINTS; i++) {
                // Closer together near the floor, where the curve is flattest.
                double share = (double) i / ROUND_POINTS;
                heights[i] = low + (Math.min(corner, high) - low) * share * share;
            }
            heights[ROUND_POINTS + 1] = high;
            return heights;
        }

        private static String point(double x, double y) {
            return Svg.n(x) + " " + Svg.n(y);
        }
    }
}
