package app.gradior.web.log;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.finding.Refusal;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.Forecasts;
import app.gradior.web.pot.PotView;
import java.time.Instant;
import java.util.Optional;
import java.util.TreeSet;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A batch stepped through as it was known at each moment. */
@Controller
@RequestMapping("/log/{id}/replay")
class ReplayController {
    private final Batches batches;
    private final Forecasts forecasts;

    ReplayController(Batches batches, Forecasts forecasts) {
        this.batches = batches;
        this.forecasts = forecasts;
    }

    @GetMapping
    String replay(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") double minute,
            Model model) {
        fill(kitchen, id, minute, model);
        return "log/replay";
    }

    /** What was known then, alone. */
    @GetMapping("/answer")
    String known(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") double minute,
            Model model) {
        fill(kitchen, id, minute, model);
        return "log/replay :: known";
    }

    private void fill(Kitchen kitchen, long id, double minute, Model model) {
        Batch batch = batches.batch(kitchen.id(), id);
        Instant finished = batch.finishedAt();
        Instant end = finished == null ? batches.now() : finished;
        double last = Math.ceil(batch.minuteOf(end));
        Refusal.inRange("minute", minute, 0, Math.max(1, last), " min");
        Instant at = batch.momentOf(minute);
        Batch known = batch.knownAt(at);
        Figures figures = new Figures(kitchen);
        Forecast forecast = forecasts.at(kitchen, known, at);
        Prompt prompt = batches.prompt(known, forecast, at);
        model.addAttribute("pot", PotView.of(known, forecast, prompt, Optional.empty(), figures, at));
        model.addAttribute("minute", minute);
        model.addAttribute("last", last);
        TreeSet<Long> marks = new TreeSet<>();
        for (BatchEvent event : batch.standing()) {
            if (!event.recordedAt().isAfter(end)) {
                marks.add((long) Math.ceil(batch.minuteOf(event.recordedAt())));
            }
        }
        model.addAttribute("marks", marks);
    }
}
