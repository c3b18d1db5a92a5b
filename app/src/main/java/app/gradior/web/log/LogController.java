package app.gradior.web.log;

import app.gradior.estimate.Band;
import app.gradior.estimate.Forecast;
import app.gradior.kitchen.Batch;
import app.gradior.kitchen.BatchEvent;
import app.gradior.kitchen.BatchPlan;
import app.gradior.kitchen.Batches;
import app.gradior.kitchen.EventBody;
import app.gradior.kitchen.Fault;
import app.gradior.kitchen.Kitchen;
import app.gradior.kitchen.Photos;
import app.gradior.kitchen.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.web.draw.DescentDrawing;
import app.gradior.web.frame.Figures;
import app.gradior.web.pot.PotView;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One batch: planned against got, its curve, its stages, the next day, how good it was. */
@Controller
@RequestMapping("/log")
class LogController {
    private final Batches batches;
    private final Photos photos;

    LogController(Batches batches, Photos photos) {
        this.batches = batches;
        this.photos = photos;
    }

    /** One figure planned and got. */
    record Compared(String word, String planned, String got, String off) {}

    /** The next-day form as typed. */
    record NextDayForm(String step, String note) {}

    @GetMapping("/{id}")
    String one(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        Batch batch = batches.batch(kitchen.id(), id);
        if (batch.state() == Batch.State.LIVE) {
            return "redirect:/pot/" + id;
        }
        String step = batch.nextDay()
                .map(EventBody.NextDay::step)
                .map(s -> Numbers.plain(s, 1))
                .orElse("");
        String note = batch.nextDay().map(EventBody.NextDay::note).orElse("");
        return page(kitchen, batch, new NextDayForm(step, note), List.of(), model);
    }

    @PostMapping("/{id}/next-day")
    String nextDay(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String step,
            @RequestParam(defaultValue = "") String note,
            Model model,
            HttpServletResponse response) {
        Batch batch = batches.batch(kitchen.id(), id);
        try {
            EventBody.NextDay body = new EventBody.NextDay(step(step), note.isBlank() ? null : note.strip());
            batches.record(kitchen, id, new Batches.Draft("next-day-" + UUID.randomUUID(), batches.now(), body));
            return "redirect:/log/" + id;
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(kitchen, batch, new NextDayForm(step, note), refusal.faults(), model);
        }
    }

    private static @Nullable Double step(String text) {
        if (text.isBlank()) {
            return null;
        }
        double step = Numbers.parse(text)
                .orElseThrow(() -> Refusal.unfit("step", "Step: “" + text.strip() + "” is no number."));
        if (!(step >= 1 && step <= 9)) {
            throw Refusal.unfit("step", "Step: “" + text.strip() + "” is not from 1 (Broth) to 9 (Set).");
        }
        return step;
    }

    private String page(Kitchen kitchen, Batch batch, NextDayForm form, List<Fault> faults, Model model) {
        Figures figures = new Figures(kitchen);
        Instant end = Optional.ofNullable(batch.finishedAt()).orElse(batches.now());
        Forecast forecast = batches.forecast(kitchen, batch, end);
        model.addAttribute("batch", batch);
        model.addAttribute("started", figures.dayAndTime(batch.startedAt()));
        model.addAttribute("compared", compared(batch, forecast, figures));
        model.addAttribute("curve", curve(batch, forecast, figures));
        model.addAttribute(
                "events",
                batch.standing().stream()
                        .map(e -> new PotView.Entry(
                                figures.time(e.at()), PotView.words(batch, e.body(), figures), "", false))
                        .toList());
        model.addAttribute("stages", stages(batch, figures));
        model.addAttribute("unplanned", unplanned(batch, figures));
        model.addAttribute("rating", batch.rating().map(EventBody.Rated::stars).orElse(0));
        model.addAttribute("photos", photos.ids(kitchen.id(), batch.id()));
        model.addAttribute("verdict", Verdict.of(batch, forecast, figures));
        model.addAttribute("note", batch.finish().map(EventBody.Finished::note).orElse(""));
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "log/batch";
    }

    /** A stage, planned and as it went. */
    record StageRow(String name, String planned, String took) {}

    private static List<StageRow> stages(Batch batch, Figures figures) {
        List<StageRow> rows = new ArrayList<>();
        if (batch.plan().stages() == null) {
            return rows;
        }
        List<Instant> ends = new ArrayList<>(batch.stageEnds());
        Instant finished = batch.finishedAt();
        if (finished != null && ends.size() < batch.plan().course().size()) {
            ends.add(finished);
        }
        for (BatchPlan.PlanStage stage : batch.plan().course()) {
            int i = rows.size();
            String took = "—";
            if (i < ends.size()) {
                double from = i == 0 ? 0 : batch.minuteOf(ends.get(i - 1));
                took = figures.minutes(batch.minuteOf(ends.get(i)) - from);
            }
            rows.add(new StageRow(
                    stage.name(),
                    figures.minutes(stage.minutes()) + " ("
                            + figures.minutesBand(
                                    new Band(stage.minutesLow(), stage.minutes(), stage.minutesHigh()), false)
                            + ")",
                    took));
        }
        return rows;
    }

    /** What went in, came out or was left out against the plan, with its minute. */
    private static List<String> unplanned(Batch batch, Figures figures) {
        List<String> found = new ArrayList<>();
        for (BatchEvent event : batch.standing()) {
            boolean counts = event.body() instanceof EventBody.Added
                    || event.body() instanceof EventBody.Taken
                    || event.body() instanceof EventBody.LeftOut;
            if (counts) {
                found.add(figures.minutes(batch.minuteOf(event.at())) + " in: "
                        + PotView.words(batch, event.body(), figures));
            }
        }
        return found;
    }

    @PostMapping("/{id}/rating")
    String rate(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int stars,
            @RequestParam(required = false) @Nullable Integer sweet,
            @RequestParam(required = false) @Nullable Integer sour,
            @RequestParam(required = false) @Nullable Integer salt,
            @RequestParam(required = false) @Nullable Integer heat,
            Model model,
            HttpServletResponse response) {
        try {
            EventBody.Rated body = new EventBody.Rated(stars, sweet, sour, salt, heat);
            batches.record(kitchen, id, new Batches.Draft("rated-" + UUID.randomUUID(), batches.now(), body));
            return "redirect:/log/" + id;
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(kitchen, batches.batch(kitchen.id(), id), new NextDayForm("", ""), refusal.faults(), model);
        }
    }

    private static List<Compared> compared(Batch batch, Forecast at, Figures figures) {
        List<Compared> rows = new ArrayList<>();
        BatchPlan.@Nullable Planned planned = batch.plan().planned();
        Instant end = batch.finishedAt();
        double minutes = end == null ? at.nowMinute() : batch.minuteOf(end);
        rows.add(row("Time on the heat", planned == null ? Double.NaN : planned.minutes(), minutes, figures::minutes));
        Double yield = batch.finish().map(EventBody.Finished::yieldMl).orElse(null);
        rows.add(row(
                "Yield, cold",
                planned == null ? Double.NaN : planned.volumeMl20c(),
                yield == null ? Double.NaN : yield,
                figures::volume));
        rows.add(row(
                "Level at the end, estimated",
                planned == null ? Double.NaN : planned.levelMm(),
                at.levelMm().middle(),
                mm -> Numbers.plain(mm, 0) + " mm"));
        rows.add(row(
                "Step in the pot, estimated",
                planned == null ? Double.NaN : planned.stepHot(),
                at.stepHot().middle(),
                figures::step));
        Double next = batch.nextDay().map(EventBody.NextDay::step).orElse(null);
        rows.add(row(
                "Step served, at " + figures.temp(batch.plan().servedC()),
                batch.plan().targetStep(),
                next == null ? Double.NaN : next,
                figures::step));
        rows.add(row(
                "Salt, estimated",
                planned == null ? Double.NaN : planned.saltPercent(),
                at.saltPercent().middle(),
                salt -> Numbers.fixed(salt, 1) + " %"));
        return rows;
    }

    private static Compared row(
            String word, double planned, double got, java.util.function.DoubleFunction<String> write) {
        boolean both = Double.isFinite(planned) && Double.isFinite(got) && planned > 0;
        double off = 100 * (got - planned) / planned;
        return new Compared(
                word,
                Double.isFinite(planned) ? write.apply(planned) : "—",
                Double.isFinite(got) ? write.apply(got) : "not noted",
                both ? (off >= 0.5 ? "+" : off <= -0.5 ? "−" : "") + Numbers.plain(Math.abs(off), 0) + " %" : "");
    }

    private static String curve(Batch batch, Forecast forecast, Figures figures) {
        List<Forecast.CurvePoint> past = forecast.curve().stream()
                .filter(point -> point.minute() <= forecast.nowMinute() + 1e-6)
                .toList();
        List<DescentDrawing.Tick> ticks = batch.readings().stream()
                .map(e -> new DescentDrawing.Tick(
                        batch.minuteOf(e.at()), e.body() instanceof EventBody.Weight ? "weighed" : "read"))
                .toList();
        return DescentDrawing.draw(
                past,
                forecast.nowMinute() + 1,
                Double.NaN,
                ticks,
                minute -> Numbers.plain(minute, 0) + " min",
                "Mass in the pot over time, down to "
                        + figures.mass(forecast.massG().middle()) + " when it came off");
    }
}
