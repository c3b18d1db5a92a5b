package app.gradior.web.draw;

import app.gradior.clock.ClockPlan;
import app.gradior.room.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/** The day drawn as lanes: filled where hands are wanted, open where it looks after itself, on its burner; long quiet is cut. */
public final class ClockDrawing {
    private static final double WIDTH = 1240;
    private static final double LEFT = 190;
    private static final double RIGHT = 1228;
    private static final double TOP = 34;
    private static final double LANE = 50;
    private static final double BAR = 32;
    private static final double LETTER = 7;
    private static final int FEWEST_LETTERS = 6;

    /** Quiet longer than this is cut out of the axis, min, and drawn as wide as so many. */
    private static final int QUIET_MIN = 75;

    private static final int CUT_MIN = 14;
    private static final int MARGIN_MIN = 8;
    private static final double[] STEPS = {5, 10, 15, 30, 60, 120};

    private ClockDrawing() {}

    /**
     * A lane.
     *
     * @param planId of the plan that dragging it moves; 0 for one that is not kept
     */
    public record Lane(long planId, ClockPlan.Row row) {}

    /**
     * The day as SVG.
     *
     * @param nowMinute drawn as a line when it is within the day
     * @param time a minute of the day as a time
     */
    public static String draw(List<Lane> lanes, int nowMinute, IntFunction<String> time, List<String> burners) {
        DayAxis axis = DayAxis.of(lanes);
        double height = TOP + LANE * lanes.size() + 12;
        Svg svg = new Svg("clock", WIDTH, height, words(lanes, time)).hatch("standing");
        for (int minute : axis.ticks()) {
            svg.line("grid", axis.x(minute), TOP - 8, axis.x(minute), height - 8);
            svg.text("tick", axis.x(minute), TOP - 14, "middle", time.apply(minute));
        }
        for (double[] cut : axis.cutsAt()) {
            svg.text("cut", (cut[0] + cut[1]) / 2, TOP - 14, "middle", "· · ·");
        }
        for (int i = 0; i < lanes.size(); i++) {
            lane(svg, axis, lanes.get(i), TOP + LANE * i, burners);
        }
        if (nowMinute >= axis.first() && nowMinute <= axis.last()) {
            svg.line("now-line", axis.x(nowMinute), TOP - 8, axis.x(nowMinute), height - 8);
            svg.text("now-word", axis.x(nowMinute) + 4, height - 2, "start", Words.text("draw.now"));
        }
        return svg.done();
    }

    private static String words(List<Lane> lanes, IntFunction<String> time) {
        List<String> parts = new ArrayList<>();
        for (Lane lane : lanes) {
            parts.add(Words.text(
                    "clock-drawing.from-ready-served",
                    lane.row().job().name(),
                    time.apply(lane.row().startMinute()),
                    time.apply(lane.row().readyMinute()),
                    time.apply(lane.row().job().dueMinute())));
        }
        return Words.text("clock-drawing.the-day", String.join("; ", parts));
    }

    private static void lane(Svg svg, DayAxis axis, Lane lane, double top, List<String> burners) {
        ClockPlan.Row row = lane.row();
        int burner =
                row.placed().stream().mapToInt(ClockPlan.Placed::burner).max().orElse(-1);
        svg.text("lane-name", 4, top + 16, "start", shortened(row.job().name(), 24));
        if (burner >= 0 && burner < burners.size()) {
            int across = row.placed().stream()
                    .filter(one -> one.burner() == burner)
                    .mapToInt(ClockPlan.Placed::across)
                    .max()
                    .orElse(1);
            List<String> names = burners.subList(burner, Math.min(burners.size(), burner + across));
            svg.text("lane-burner", 4, top + 32, "start", String.join(" + ", names));
        }
        svg.group(
                "lane",
                "plan",
                String.valueOf(lane.planId()),
                "moved",
                String.valueOf(row.job().movedMinutes()),
                "perminute",
                Svg.n(axis.perMinute()));
        for (ClockPlan.Placed placed : row.placed()) {
            double x = axis.x(placed.startMinute());
            double width = Math.max(2, axis.x(placed.endMinute()) - x);
            String kind =
                    placed.task().handsOn() ? "work hands" : placed.task().onHeat() ? "work free" : "work standing";
            svg.rect(kind, x, top, width, BAR);
            String name = fitted(Words.say(placed.task().name()), width - 10);
            if (!name.isEmpty()) {
                svg.text(kind.replace("work", "work-word"), x + 6, top + 21, "start", name);
            }
        }
        svg.end();
        double due = axis.x(row.job().dueMinute());
        svg.line("serve", due, top - 5, due, top + BAR + 5);
    }

    private static String shortened(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 1).strip() + "…";
    }

    private static String fitted(String text, double width) {
        int most = (int) (width / LETTER);
        return most < Math.min(FEWEST_LETTERS, text.length()) ? "" : shortened(text, most);
    }

    /** Time along the paper, long quiet cut out. */
    private record DayAxis(int first, int last, List<int[]> cuts, double perMinute) {
        static DayAxis of(List<Lane> lanes) {
            int first = Integer.MAX_VALUE;
            int last = Integer.MIN_VALUE;
            List<int[]> busy = new ArrayList<>();
            for (Lane lane : lanes) {
                first = Math.min(first, lane.row().startMinute());
                last = Math.max(
                        last, Math.max(lane.row().job().dueMinute(), lane.row().readyMinute()));
                int due = lane.row().job().dueMinute();
                busy.add(new int[] {due - MARGIN_MIN, due + MARGIN_MIN});
                for (ClockPlan.Placed p : lane.row().placed()) {
                    if (p.task().handsOn() || p.task().onHeat()) {
                        busy.add(new int[] {p.startMinute() - MARGIN_MIN, p.endMinute() + MARGIN_MIN});
                    }
                }
            }
            first -= MARGIN_MIN;
            last += MARGIN_MIN;
            List<int[]> cuts = quiet(busy, first);
            double shown = last - first;
            for (int[] cut : cuts) {
                shown -= cut[1] - cut[0] - CUT_MIN;
            }
            return new DayAxis(first, last, cuts, (RIGHT - LEFT) / shown);
        }

        private static List<int[]> quiet(List<int[]> busy, int first) {
            List<int[]> sorted = new ArrayList<>(busy);
            sorted.sort((a, b) -> Integer.compare(a[0], b[0]));
            List<int[]> cuts = new ArrayList<>();
            int until = first;
            for (int[] b : sorted) {
                if (b[0] - until > QUIET_MIN) {
                    cuts.add(new int[] {until, b[0]});
                }
                until = Math.max(until, b[1]);
            }
            return cuts;
        }

        double x(int minute) {
            double shown = minute - first;
            for (int[] cut : cuts) {
                double length = cut[1] - cut[0];
                double inside = Math.max(0, Math.min(length, minute - cut[0]));
                shown -= inside - CUT_MIN * inside / length;
            }
            return LEFT + perMinute * shown;
        }

        List<double[]> cutsAt() {
            return cuts.stream().map(c -> new double[] {x(c[0]), x(c[1])}).toList();
        }

        List<Integer> ticks() {
            double shown = (RIGHT - LEFT) / perMinute;
            int step = (int) Axis.niceStep(shown, 11, STEPS);
            List<Integer> ticks = new ArrayList<>();
            for (int minute = Math.floorDiv(first, step) * step; minute <= last; minute += step) {
                int at = minute;
                boolean cut = cuts.stream().anyMatch(c -> at > c[0] && at < c[1]);
                if (minute >= first && !cut) {
                    ticks.add(minute);
                }
            }
            return ticks;
        }
    }
}
