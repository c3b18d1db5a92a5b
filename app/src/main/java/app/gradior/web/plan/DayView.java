package app.gradior.web.plan;

import app.gradior.clock.ClockPlan;
import app.gradior.clock.TaskName;
import app.gradior.room.plan.ClockPlans;
import app.gradior.room.words.Words;
import app.gradior.web.draw.ClockDrawing;
import app.gradior.web.frame.Figures;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A day of plans in words. */
public final class DayView {
    private final ClockPlans.Day day;
    private final Figures figures;

    public DayView(ClockPlans.Day day, Figures figures) {
        this.day = day;
        this.figures = figures;
    }

    /** A sauce of the day. */
    public record Sauce(long planId, String name, String start, String ready, String served, String spare, int moved) {}

    /** A piece of work of the day. */
    public record Piece(String from, String to, String sauce, String work, String hands, String day) {}

    /** The day as lanes. */
    public static String drawing(ClockPlans.Day day, Figures figures) {
        List<ClockDrawing.Lane> lanes = new ArrayList<>();
        for (int i = 0; i < day.entries().size(); i++) {
            lanes.add(new ClockDrawing.Lane(
                    day.entries().get(i).planId(), day.plan().rows().get(i)));
        }
        return ClockDrawing.draw(lanes, day.nowMinute(), minute -> figures.time(day.at(minute)), day.burners());
    }

    public String title() {
        LocalDateTime first = day.at(day.plan().startMinute());
        LocalDateTime served = day.origin();
        return first.toLocalDate().equals(served.toLocalDate())
                ? figures.weekday(served)
                : Words.text("day-view.to", figures.weekday(first), figures.weekday(served));
    }

    public String begins() {
        return figures.time(day.at(day.plan().startMinute()));
    }

    public String served() {
        return figures.time(day.origin());
    }

    public List<String> conflicts() {
        return conflicts(day, figures);
    }

    public List<Sauce> sauces() {
        List<Sauce> sauces = new ArrayList<>();
        for (int i = 0; i < day.entries().size(); i++) {
            ClockPlan.Row row = day.plan().rows().get(i);
            sauces.add(new Sauce(
                    day.entries().get(i).planId(),
                    row.job().name(),
                    figures.time(day.at(row.startMinute())),
                    figures.time(day.at(row.readyMinute())),
                    figures.time(day.at(row.job().dueMinute())),
                    spare(row),
                    row.job().movedMinutes()));
        }
        return sauces;
    }

    private String spare(ClockPlan.Row row) {
        double inHand = row.placed().stream()
                .filter(p -> p.task().name() instanceof TaskName.InHand)
                .mapToDouble(p -> p.endMinute() - p.startMinute())
                .sum();
        return Words.text("day-view.of-slack", figures.minutes(row.spareMinutes() + inHand));
    }

    /** All work in order of time. */
    public List<Piece> pieces() {
        List<Piece> pieces = new ArrayList<>();
        List<ClockPlan.Placed> all = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (ClockPlan.Row row : day.plan().rows()) {
            for (ClockPlan.Placed placed : row.placed()) {
                all.add(placed);
                names.add(row.job().name());
            }
        }
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingInt(i -> all.get(i).startMinute()));
        String lastDay = "";
        for (int i : order) {
            ClockPlan.Placed p = all.get(i);
            LocalDateTime from = day.at(p.startMinute());
            String weekday = figures.weekday(from);
            pieces.add(new Piece(
                    figures.time(from),
                    figures.time(day.at(p.endMinute())),
                    names.get(i),
                    Words.say(p.task().name()),
                    p.task().handsOn()
                            ? Words.text("day-view.hands-on")
                            : p.task().onHeat()
                                    ? Words.text("day-view.looks-after-itself")
                                    : Words.text("day-view.stands"),
                    weekday.equals(lastDay) ? "" : weekday));
            lastDay = weekday;
        }
        return pieces;
    }

    /** What the day runs into, a sentence each. */
    private static List<String> conflicts(ClockPlans.Day day, Figures figures) {
        List<String> sentences = new ArrayList<>();
        for (ClockPlan.Conflict c : day.plan().conflicts()) {
            String name = day.plan().rows().get(c.job()).job().name();
            String from = figures.time(day.at(c.fromMinute()));
            String to = figures.time(day.at(c.toMinute()));
            sentences.add(
                    switch (c.trouble()) {
                        case HANDS ->
                            Words.text(
                                    "day-view.from-to-both-and-want-your",
                                    from,
                                    to,
                                    name,
                                    day.plan().rows().get(c.other()).job().name());
                        case BURNER ->
                            Words.text(
                                    "day-view.from-to-there-is-no-burner",
                                    from,
                                    to,
                                    name,
                                    (c.other() < 0
                                            ? Words.text("day-view.the-pot-that-is-on")
                                            : day.plan()
                                                    .rows()
                                                    .get(c.other())
                                                    .job()
                                                    .name()));
                        case HELD -> Words.text("day-view.is-ready-at-before-it-is", name, from, minutesBetween(c));
                        case LATE ->
                            Words.text("day-view.should-have-begun-at-ago-serve", name, from, minutesBetween(c));
                    });
        }
        return sentences;
    }

    private static String minutesBetween(ClockPlan.Conflict c) {
        int minutes = c.toMinute() - c.fromMinute();
        return minutes >= 120 ? minutes / 60 + " h " + minutes % 60 + " min" : minutes + " min";
    }
}
