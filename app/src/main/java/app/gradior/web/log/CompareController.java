package app.gradior.web.log;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.estimate.BoilingAway;
import app.gradior.estimate.Forecast;
import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.room.batch.BatchLog;
import app.gradior.room.batch.Batches;
import app.gradior.room.book.SauceBook;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.draw.CurvesDrawing;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.Forecasts;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Batches laid over each other, and a sauce's own history. */
@Controller
@RequestMapping("/log")
class CompareController {
    private static final int MOST = 6;

    private final Batches batches;
    private final Forecasts forecasts;
    private final BatchLog log;
    private final SauceBook book;

    CompareController(Batches batches, Forecasts forecasts, BatchLog log, SauceBook book) {
        this.batches = batches;
        this.forecasts = forecasts;
        this.log = log;
        this.book = book;
    }

    /** A batch as a column. */
    record Column(long id, String mark, String day) {}

    /** A figure, one value a batch. */
    record Row(String word, List<String> values) {}

    private record Laid(Batch batch, Forecast end, String mark) {}

    @GetMapping("/compare")
    String compare(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @RequestParam(defaultValue = "") List<Long> ids,
            @RequestParam(defaultValue = "time") String by,
            Model model) {
        boolean tooMany = ids.size() > MOST;
        String fault = ids.size() < 2
                ? Words.text("compare-controller.tick-two-to-six-finished-batches")
                : tooMany ? Words.text("compare-controller.six-at-most-these-are-the") : "";
        fill(kitchen, ids.stream().limit(MOST).toList(), by, model);
        model.addAttribute("title", Words.text("compare-controller.laid-over-each-other"));
        model.addAttribute("fault", fault);
        model.addAttribute("steady", "");
        String list = ids.stream().limit(MOST).map(String::valueOf).collect(Collectors.joining(","));
        model.addAttribute("inTime", "/log/compare?ids=" + list);
        model.addAttribute("inShare", "/log/compare?by=share&ids=" + list);
        return "log/compare";
    }

    /** A sauce's batches: is it getting more repeatable? */
    @GetMapping("/sauce/{id}")
    String sauce(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "time") String by,
            Model model) {
        String name = book.sauce(kitchen, id).name();
        List<Long> all =
                log.ofSauce(kitchen.id(), id).stream().map(row -> row.id()).toList();
        fill(kitchen, all.stream().limit(MOST).toList(), by, model);
        model.addAttribute("title", Words.text("compare-controller.its-batches", name));
        model.addAttribute("fault", all.isEmpty() ? Words.text("compare-controller.no-batch-of-it-is-finished") : "");
        model.addAttribute(
                "steady",
                steady(log.ofSauce(kitchen.id(), id).stream()
                        .map(row -> row.stepCold())
                        .filter(Objects::nonNull)
                        .toList()));
        model.addAttribute("inTime", "/log/sauce/" + id);
        model.addAttribute("inShare", "/log/sauce/" + id + "?by=share");
        return "log/compare";
    }

    /** Whether the later half of the cold steps lies closer together than the earlier one; newest first. */
    static String steady(List<Double> steps) {
        if (steps.size() < 4) {
            return Words.text("compare-controller.with-four-judged-the-next-day");
        }
        double late = spread(steps.subList(0, steps.size() / 2));
        double early = spread(steps.subList(steps.size() / 2, steps.size()));
        String said = Words.text(
                        "compare-controller.cold-its-later-batches-lie-steps",
                        Numbers.fixed(late, 1),
                        Numbers.fixed(early, 1))
                + " ";
        return said
                + (late < 0.8 * early
                        ? Words.text("compare-controller.it-gets-more-repeatable")
                        : late > 1.25 * early
                                ? Words.text("compare-controller.it-got-less-repeatable")
                                : Words.text("compare-controller.about-as-repeatable-as-before"));
    }

    private static double spread(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).max().orElse(0)
                - values.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    }

    private void fill(Kitchen kitchen, List<Long> ids, String by, Model model) {
        Figures figures = new Figures(kitchen);
        List<Laid> laid = new ArrayList<>();
        for (long id : ids) {
            Batch batch = batches.batch(kitchen.id(), id);
            Instant end = batch.finishedAt();
            if (end == null) {
                throw Refusal.unfit("ids", Told.of("compare-controller.batch-is-still-on-finished-batches", id));
            }
            String mark = String.valueOf((char) ('A' + laid.size()));
            laid.add(new Laid(batch, forecasts.ended(kitchen, batch), mark));
        }
        boolean share = by.equals("share");
        model.addAttribute("byShare", share);
        model.addAttribute(
                "batches",
                laid.stream()
                        .map(l -> new Column(
                                l.batch().id(),
                                l.mark(),
                                figures.dayAndTime(l.batch().startedAt())))
                        .toList());
        model.addAttribute("rows", rows(laid, figures));
        model.addAttribute(
                "curves",
                CurvesDrawing.draw(
                        laid.stream()
                                .map(l -> new CurvesDrawing.Curve(l.mark(), share ? rates(l.end()) : masses(l.end())))
                                .toList(),
                        share
                                ? Words.text("compare-controller.of-what-boiled-away-is-gone")
                                : Words.text("compare-controller.minutes"),
                        share
                                ? Words.text("compare-controller.grams-a-minute-leave")
                                : Words.text("compare-controller.grams-in-the-pot"),
                        Words.text("compare-controller.the-curves-of-batches-the-table", laid.size())));
    }

    private static List<CurvesDrawing.Point> masses(Forecast end) {
        return past(end).stream()
                .map(p -> new CurvesDrawing.Point(p.minute(), p.massG().middle()))
                .toList();
    }

    private static List<CurvesDrawing.Point> rates(Forecast end) {
        return BoilingAway.of(past(end)).stream()
                .map(p -> new CurvesDrawing.Point(100 * p.share(), p.gPerMin()))
                .toList();
    }

    private static List<Forecast.CurvePoint> past(Forecast end) {
        return end.curve().stream()
                .filter(p -> p.minute() <= end.nowMinute() + 1e-6)
                .toList();
    }

    private static List<Row> rows(List<Laid> laid, Figures figures) {
        return List.of(
                row(Words.text("compare-controller.sauce"), laid, l -> l.batch().name()),
                row(
                        Words.text("compare-controller.pot"),
                        laid,
                        l -> l.batch().plan().pot().name()),
                row(
                        Words.text("compare-controller.time-on-the-heat"),
                        laid,
                        l -> figures.minutes(l.end().nowMinute())),
                row(Words.text("compare-controller.planned"), laid, l -> {
                    BatchPlan.Planned planned = l.batch().plan().planned();
                    return planned == null ? "—" : figures.minutes(planned.minutes());
                }),
                row(
                        Words.text("compare-controller.left-at-the-end-estimated"),
                        laid,
                        l -> figures.mass(l.end().massG().middle())),
                row(
                        Words.text("compare-controller.yield-measured"),
                        laid,
                        l -> l.batch()
                                .finish()
                                .map(EventBody.Finished::yieldMl)
                                .map(figures::volume)
                                .orElse("—")),
                row(
                        Words.text("compare-controller.step-wanted"),
                        laid,
                        l -> figures.step(l.batch().plan().targetStep())),
                row(
                        Words.text("compare-controller.step-foretold-at-the-end"),
                        laid,
                        l -> figures.step(l.end().stepServed().middle())),
                row(
                        Words.text("compare-controller.step-the-next-day"),
                        laid,
                        l -> l.batch()
                                .nextDay()
                                .map(EventBody.NextDay::step)
                                .map(figures::step)
                                .orElse("—")),
                row(
                        Words.text("compare-controller.salt-estimated"),
                        laid,
                        l -> Numbers.fixed(l.end().saltPercent().middle(), 1) + " %"),
                row(
                        Words.text("compare-controller.rating"),
                        laid,
                        l -> l.batch()
                                .rating()
                                .map(r -> Words.text("compare-controller.of", r.stars()))
                                .orElse("—")));
    }

    private static Row row(String word, List<Laid> laid, Function<Laid, String> figure) {
        return new Row(word, laid.stream().map(figure).toList());
    }
}
