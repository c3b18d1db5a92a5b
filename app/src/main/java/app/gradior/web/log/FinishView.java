package app.gradior.web.log;

import app.gradior.care.Cautions;
import app.gradior.care.Storage;
import app.gradior.clock.Cooling;
import app.gradior.clock.CoolingWatch;
import app.gradior.measure.Numbers;
import app.gradior.room.shelf.Finishing;
import app.gradior.room.words.Words;
import app.gradior.sauce.Use;
import app.gradior.texture.Stair;
import app.gradior.vessel.JarFilling;
import app.gradior.web.draw.CoolingDrawing;
import app.gradior.web.frame.Figures;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The finish as its page shows it.
 *
 * @param says how the cooling stands, in a sentence
 * @param todo what to do about it
 * @param bad whether a limit is missed or will be
 */
// Wide: what the page shows.
record FinishView(
        long id,
        String name,
        String what,
        String container,
        String says,
        String todo,
        boolean bad,
        boolean cools,
        String chart,
        List<WayRow> ways,
        String amount,
        List<JarRow> jars,
        String leftover,
        String shelfKind,
        String useBy,
        String holding,
        String portions,
        List<ToolRow> tools,
        boolean starchOrFat) {

    /** A way of cooling in the table. */
    record WayRow(String key, String name, String to21, String to5, boolean inTime, boolean chosen) {}

    /** Jars alike, as filled, or as typed. */
    record JarRow(String name, String count, String ml, String line) {}

    /** What a tool would make of it. */
    record ToolRow(String name, String amount, String step) {}

    /** A use that wants a thickness within so many steps counts as near. */
    private static final double NEAR_STEPS = 1.1;

    static FinishView of(Finishing.View v, Figures figures, LocalDate today) {
        CoolingWatch watch = v.chosen().watch();
        Instant end = v.since();
        CoolingWatch.State state = watch.state(v.elapsedMin());
        boolean clock = !v.held() && v.what() != Storage.EAT_NOW;
        return new FinishView(
                v.batch().id(),
                v.batch().name(),
                v.what().name(),
                v.chosen().in().name(),
                says(v, watch, state, end, figures),
                clock ? todo(state, figures) : "",
                clock && state != CoolingWatch.State.IN_TIME && state != CoolingWatch.State.COLD,
                v.what().cools(),
                CoolingDrawing.draw(
                        watch, v.elapsedMin(), m -> figures.time(end.plusSeconds(Math.round(60 * m))), figures::temp),
                ways(v),
                figures.volume(v.coldMl()),
                jars(v, figures),
                v.jars()
                        .filter(j -> j.leftoverMl() >= 1)
                        .map(j -> figures.volume(j.leftoverMl()))
                        .orElse(""),
                Words.say(v.shelf().kind()),
                today.plusDays(v.shelf().days()).toString(),
                holding(v, figures),
                portions(v),
                v.tools().stream()
                        .map(t -> new ToolRow(
                                t.name(),
                                figures.volume(t.volumeMl()),
                                figures.step(t.stepServed()) + " " + Words.say(Stair.Tread.of(t.stepServed()))))
                        .toList(),
                v.done().starch().totalG() > 0
                        || v.done().emulsifiedFatG() + v.done().freeFatG() > 1);
    }

    private static String says(
            Finishing.View v, CoolingWatch watch, CoolingWatch.State state, Instant end, Figures figures) {
        if (v.held()) {
            return Words.text("finish-view.while-it-is-above-c-no");
        }
        if (v.what() == Storage.EAT_NOW) {
            return Words.text("finish-view.it-has-stood-since-and-the", figures.time(end));
        }
        String now = Words.text(
                        "finish-view.about-now",
                        figures.temp(watch.tempC(v.elapsedMin())),
                        Words.say(v.chosen().in()))
                + " ";
        String warm = figures.time(end.plusSeconds(Math.round(60 * watch.warmLimitMinute())));
        String cold = figures.time(end.plusSeconds(Math.round(60 * watch.coldLimitMinute())));
        return switch (state) {
            case COLD ->
                v.read()
                        ? Words.text("finish-view.it-is-cold-both-limits-were")
                        : Words.text("finish-view.by-the-reckoning-it-is-cold");
            case IN_TIME -> Words.text("finish-view.it-keeps-both-limits-c-by", now, warm, cold);
            case WILL_BE_LATE -> Words.text("finish-view.like-this-it-will-not-be", now, warm, cold);
            case LATE -> Words.text("finish-view.it-was-not-at-c-by-2", now, warm);
            case TOO_LATE -> Words.text("finish-view.it-was-not-at-c-by", now, cold);
        };
    }

    private static String holding(Finishing.View v, Figures figures) {
        double each = v.holding().get(0).lostG();
        String steps = v.holding().stream()
                .map(h -> Words.text(
                        "finish-view.in-the-pot-after-min-served",
                        figures.step(h.stepHot()),
                        h.minutes(),
                        figures.step(h.stepServed())))
                .collect(Collectors.joining(", "));
        return Words.text(
                "finish-view.held-at-a-bare-steam-with", steps, figures.mass(5 * Math.max(1, Math.round(each / 5))));
    }

    /** How many it serves, by the uses whose thickness is near. */
    private static String portions(Finishing.View v) {
        return Arrays.stream(Use.values())
                .filter(use -> Math.abs(use.step() - v.batch().plan().targetStep()) <= NEAR_STEPS)
                .map(use -> Words.text(
                        "finish-view.to-ml-each",
                        Numbers.plain(Math.floor(v.coldMl() / use.portionMl()), 0),
                        Words.say(use),
                        Numbers.plain(use.portionMl(), 0)))
                .collect(Collectors.joining(", "));
    }

    private static String todo(CoolingWatch.State state, Figures figures) {
        return switch (state) {
            case COLD, IN_TIME -> "";
            case WILL_BE_LATE -> Words.text("finish-view.spread-it-thinner-or-set-it");
            case LATE -> Words.text("finish-view.bring-it-to-all-through-at", figures.temp(Cautions.SAFE_C));
            case TOO_LATE -> Words.text("finish-view.throw-it-away-heating-does-not");
        };
    }

    private static List<WayRow> ways(Finishing.View v) {
        return v.ways().stream()
                .map(way -> new WayRow(
                        way.in().name(),
                        Words.say(way.in()),
                        minutes(way.watch().minutesTo21(), Cooling.WARM_WITHIN_MIN),
                        minutes(way.watch().minutesTo5(), Cooling.COLD_WITHIN_MIN),
                        way.inTime(),
                        way.in() == v.chosen().in()))
                .toList();
    }

    private static String minutes(double minutes, double limit) {
        if (Double.isInfinite(minutes)) {
            return Words.text("finish-view.never");
        }
        String said =
                minutes < 100 ? Numbers.plain(Math.round(minutes), 0) + " min" : Numbers.fixed(minutes / 60, 1) + " h";
        return said + (minutes > limit ? " " + Words.text("finish-view.too-slow") : "");
    }

    private static List<JarRow> jars(Finishing.View v, Figures figures) {
        Map<String, Integer> full = new LinkedHashMap<>();
        Map<String, JarFilling.Fill> one = new LinkedHashMap<>();
        List<JarRow> part = new ArrayList<>();
        for (JarFilling.Fill fill : v.jars().map(JarFilling.Answer::fills).orElse(List.of())) {
            if (fill.share() > 0.995) {
                full.merge(fill.jar().name(), 1, Integer::sum);
                one.put(fill.jar().name(), fill);
            } else {
                part.add(row(fill, 1, Words.text("finish-view.part-full-use-it-first"), figures));
            }
        }
        List<JarRow> rows = new ArrayList<>();
        one.forEach((name, fill) -> rows.add(row(fill, full.getOrDefault(name, 1), "", figures)));
        rows.addAll(part);
        return rows;
    }

    private static JarRow row(JarFilling.Fill fill, int count, String more, Figures figures) {
        return new JarRow(
                fill.jar().name(),
                String.valueOf(count),
                figures.plain(Math.round(fill.fillMl()), 0),
                Words.text(
                        "finish-view.mm-below-the-brim",
                        Numbers.plain(fill.jar().belowBrimMm(fill.fillMl()), 0),
                        more));
    }
}
