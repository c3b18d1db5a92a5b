package app.gradior.web.log;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.estimate.Band;
import app.gradior.estimate.Forecast;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.room.batch.Batches;
import app.gradior.room.batch.Photos;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Words;
import app.gradior.sauce.Overnight;
import app.gradior.sauce.SauceLimits;
import app.gradior.web.draw.StairDrawing;
import app.gradior.web.form.Bound;
import app.gradior.web.form.TypedNumber;
import app.gradior.web.form.Within;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.Forecasts;
import app.gradior.web.pot.EventWords;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** One batch: planned against got, its curve, its stages, the next day, how good it was. */
@Controller
@RequestMapping("/log")
class LogController {
    private final Batches batches;
    private final Forecasts forecasts;
    private final Photos photos;

    LogController(Batches batches, Forecasts forecasts, Photos photos) {
        this.batches = batches;
        this.forecasts = forecasts;
        this.photos = photos;
    }

    /** One figure planned and got. */
    record Compared(String word, String planned, String got, String off) {}

    /** The next-day form as typed. */
    record NextDayForm(
            @Within(
                    label = "log-controller.step",
                    least = SauceLimits.LEAST_STEP,
                    most = SauceLimits.MOST_STEP,
                    optional = true)
            @Nullable
            TypedNumber step,

            @Within(label = "log-controller.ring", least = 10, most = 300, unit = "mm", optional = true) @Nullable
            TypedNumber ring,

            @Nullable String flavour,
            @Nullable String note) {
        static NextDayForm of(Batch batch) {
            Optional<EventBody.NextDay> said = batch.nextDay();
            return new NextDayForm(
                    said.map(EventBody.NextDay::step)
                            .map(s -> new TypedNumber(Numbers.plain(s, 1)))
                            .orElse(null),
                    said.map(EventBody.NextDay::ringMm)
                            .map(r -> new TypedNumber(Numbers.plain(r, 0)))
                            .orElse(null),
                    said.map(EventBody.NextDay::flavour).map(Overnight::key).orElse(""),
                    said.map(EventBody.NextDay::note).orElse(""));
        }

        EventBody.NextDay body() {
            return new EventBody.NextDay(
                    TypedNumber.of(step).given().orElse(null),
                    TypedNumber.of(ring).given().orElse(null),
                    flavour == null || flavour.isBlank()
                            ? null
                            : Refusal.checked("flavour", () -> Overnight.ofKey(flavour)),
                    note == null || note.isBlank() ? null : note.strip());
        }
    }

    @GetMapping("/{id}")
    String one(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        Batch batch = batches.batch(kitchen.id(), id);
        if (batch.state() != Batch.State.FINISHED) {
            return "redirect:/pot/" + id;
        }
        return page(kitchen, batch, NextDayForm.of(batch), List.of(), model);
    }

    /** Its curve over the bands it was foretold in, alone: the page asks for it once it is shown, since it takes five forecasts. */
    @GetMapping("/{id}/foretold")
    String foretold(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        Batch batch = batches.batch(kitchen.id(), id);
        List<Forecast> known = forecasts.lookingBack(kitchen, batch);
        model.addAttribute("foretold", Foretold.of(batch, known, new Figures(kitchen)));
        return "log/batch :: foretold";
    }

    @PostMapping("/{id}/next-day")
    String nextDay(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @Valid @ModelAttribute("form") NextDayForm form,
            BindingResult bound,
            Model model,
            HttpServletResponse response) {
        Batch batch = batches.batch(kitchen.id(), id);
        try {
            Bound.check(bound);
            batches.record(kitchen, id, new Batches.Draft("next-day-" + UUID.randomUUID(), batches.now(), form.body()));
            return "redirect:/log/" + id;
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(kitchen, batch, form, refusal.faults(), model);
        }
    }

    private String page(Kitchen kitchen, Batch batch, NextDayForm form, List<Fault> faults, Model model) {
        Figures figures = new Figures(kitchen);
        Forecast forecast = forecasts.ended(kitchen, batch);
        model.addAttribute("batch", batch);
        model.addAttribute("started", figures.dayAndTime(batch.startedAt()));
        model.addAttribute("compared", compared(batch, forecast, figures));
        model.addAttribute("stair", stair(batch, forecast, figures));
        model.addAttribute("foretold", Foretold.of(batch, List.of(forecast), figures));
        model.addAttribute("events", EventWords.entries(batch, Set.of(), figures));
        model.addAttribute("onlyBy", EventWords.onlyBy(batch));
        model.addAttribute("stages", stages(batch, figures));
        model.addAttribute("unplanned", unplanned(batch, figures));
        model.addAttribute("rating", batch.rating().map(EventBody.Rated::stars).orElse(0));
        model.addAttribute("photos", photos.ids(kitchen.id(), batch.id()));
        model.addAttribute("verdict", Verdict.of(batch, forecast, figures));
        model.addAttribute("note", batch.finish().map(EventBody.Finished::note).orElse(""));
        model.addAttribute("form", form);
        model.addAttribute("flavours", Overnight.values());
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
                    Words.say(stage.name()),
                    figures.minutes(stage.minutes()) + " ("
                            + figures.minutesBand(
                                    new Band(stage.minutesLow(), stage.minutes(), stage.minutesHigh()), false)
                            + ")",
                    took));
        }
        return rows;
    }

    private static final Set<Class<? extends EventBody>> UNPLANNED =
            Set.of(EventBody.Added.class, EventBody.Taken.class, EventBody.LeftOut.class);

    /** What went in, came out or was left out against the plan, with its minute. */
    private static List<String> unplanned(Batch batch, Figures figures) {
        List<String> found = new ArrayList<>();
        for (BatchEvent event : batch.standing()) {
            if (UNPLANNED.contains(event.body().getClass())) {
                found.add(Words.text(
                        "log-controller.in",
                        figures.minutes(batch.minuteOf(event.at())),
                        EventWords.words(batch, event, figures)));
            }
        }
        return found;
    }

    /** Stars, and how far each taste was off. */
    record RatingForm(
            @Nullable Integer stars,
            @Nullable Integer sweet,
            @Nullable Integer sour,
            @Nullable Integer salt,
            @Nullable Integer heat) {
        EventBody.Rated body() {
            return new EventBody.Rated(stars == null ? 0 : stars, sweet, sour, salt, heat);
        }
    }

    @PostMapping("/{id}/rating")
    String rate(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            RatingForm form,
            BindingResult bound,
            Model model,
            HttpServletResponse response) {
        try {
            Bound.check(bound);
            batches.record(kitchen, id, new Batches.Draft("rated-" + UUID.randomUUID(), batches.now(), form.body()));
            return "redirect:/log/" + id;
        } catch (Refusal refusal) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            Batch batch = batches.batch(kitchen.id(), id);
            return page(kitchen, batch, NextDayForm.of(batch), refusal.faults(), model);
        }
    }

    /** How thick it came out, in the pot and on the table, by what was judged there or else was foretold; empty with nothing liquid. */
    private static String stair(Batch batch, Forecast at, Figures figures) {
        Double judged = batch.nextDay().map(EventBody.NextDay::step).orElse(null);
        Band served = judged == null ? at.stepServed() : new Band(judged, judged, judged);
        if (Double.isNaN(at.stepHot().middle()) || Double.isNaN(served.middle())) {
            return "";
        }
        return StairDrawing.draw(
                at.stepHot().middle(),
                served,
                batch.plan().targetStep(),
                Words.text("pot-view.in-the-pot", figures.temp(at.likely().tempC())),
                Words.text("pot-view.at-the-table", figures.temp(batch.plan().servedC())));
    }

    private static List<Compared> compared(Batch batch, Forecast at, Figures figures) {
        List<Compared> rows = new ArrayList<>();
        BatchPlan.@Nullable Planned planned = batch.plan().planned();
        rows.add(row(
                Words.text("log-controller.time-on-the-heat"),
                planned == null ? Double.NaN : planned.minutes(),
                at.nowMinute(),
                figures::minutes));
        Double yield = batch.finish().map(EventBody.Finished::yieldMl).orElse(null);
        rows.add(row(
                Words.text("log-controller.yield-cold"),
                planned == null ? Double.NaN : planned.volumeMl20c(),
                yield == null ? Double.NaN : yield,
                figures::volume));
        rows.add(row(
                Words.text("log-controller.level-at-the-end-estimated"),
                planned == null ? Double.NaN : planned.levelMm(),
                at.levelMm().middle(),
                mm -> Numbers.plain(mm, 0) + " mm"));
        rows.add(row(
                Words.text("log-controller.step-in-the-pot-estimated"),
                planned == null ? Double.NaN : planned.stepHot(),
                at.stepHot().middle(),
                figures::step));
        Double next = batch.nextDay().map(EventBody.NextDay::step).orElse(null);
        rows.add(row(
                Words.text(
                        "log-controller.step-served-at",
                        figures.temp(batch.plan().servedC())),
                batch.plan().targetStep(),
                next == null ? Double.NaN : next,
                figures::step));
        rows.add(row(
                Words.text("log-controller.salt-estimated"),
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
                Double.isFinite(got) ? write.apply(got) : Words.text("log-controller.not-noted"),
                both ? Figures.offPercent(off) : "");
    }
}
