package app.gradior.web.pot;

import app.gradior.estimate.Forecast;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.kitchen.Batch;
import app.gradior.kitchen.Batches;
import app.gradior.kitchen.EventBody;
import app.gradior.kitchen.EventJson;
import app.gradior.kitchen.Fault;
import app.gradior.kitchen.Kitchen;
import app.gradior.kitchen.Refusal;
import app.gradior.larder.StarchKind;
import app.gradior.measure.Numbers;
import app.gradior.texture.Stair;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.Forecasts;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The live batch: the page, its panel, what happens, and the finish. */
@Controller
@RequestMapping("/pot/{id}")
class PotController {
    /** Fields that a cook types as numbers. */
    private static final Set<String> NUMBERS =
            Set.of("grossG", "mm", "ml", "step", "percent", "c", "starchG", "liquidG");

    private final Batches batches;
    private final Forecasts forecasts;
    private final EventJson events;
    private final JsonMapper json;

    PotController(Batches batches, Forecasts forecasts, EventJson events, JsonMapper json) {
        this.batches = batches;
        this.forecasts = forecasts;
        this.events = events;
        this.json = json;
    }

    @GetMapping
    String pot(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        Batch batch = batches.batch(kitchen.id(), id);
        if (batch.state() == Batch.State.FINISHED) {
            return "redirect:/log/" + id;
        }
        fill(kitchen, batch, model);
        return "pot/pot";
    }

    /** What changes on the page, alone. */
    @GetMapping("/panel")
    String panel(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        fill(kitchen, batches.batch(kitchen.id(), id), model);
        return "pot/panel";
    }

    private void fill(Kitchen kitchen, Batch batch, Model model) {
        Figures figures = new Figures(kitchen);
        Forecast forecast = forecasts.now(kitchen, batch);
        model.addAttribute(
                "pot", PotView.of(batch, forecast, figures, batches.now(), batches.start(kitchen, batch.plan())));
        model.addAttribute("looks", Look.values());
        model.addAttribute("lids", LidState.values());
        model.addAttribute("treads", Stair.Tread.values());
        model.addAttribute("starches", StarchKind.values());
    }

    /**
     * An event as the page sends it.
     *
     * @param agoSeconds how long ago it was tapped, by the device's own clock
     * @param fields texts as typed
     */
    record Tapped(String clientKey, String type, double agoSeconds, Map<String, String> fields) {}

    @PostMapping("/events")
    @ResponseBody
    Map<String, Object> record(
            @ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, @RequestBody Tapped tapped) {
        double ago = Refusal.inRange("agoSeconds", tapped.agoSeconds(), -60, 7 * 24 * 3600, " s");
        Batch batch = batches.batch(kitchen.id(), id);
        java.time.Instant at = batches.now().minus(Duration.ofMillis(Math.round(Math.max(0, ago) * 1000)));
        java.time.Instant kept = at.isBefore(batch.startedAt()) ? batch.startedAt() : at;
        Batches.Recorded recorded =
                batches.record(kitchen, id, new Batches.Draft(tapped.clientKey(), kept, body(tapped)));
        return Map.of("id", recorded.event().id(), "repeat", recorded.repeat());
    }

    private EventBody body(Tapped tapped) {
        ObjectNode fields = json.createObjectNode();
        for (Map.Entry<String, String> field : tapped.fields().entrySet()) {
            String text = field.getValue().strip();
            if (NUMBERS.contains(field.getKey())) {
                double value = Numbers.parse(text)
                        .orElseThrow(() -> Refusal.unfit(field.getKey(), "“" + text + "” is no number"));
                fields.put(field.getKey(), value);
            } else if (tapped.type().equals("added") && field.getKey().equals("line")) {
                fields.putArray("ingredients").addObject().put("line", text);
            } else {
                fields.put(field.getKey(), text);
            }
        }
        return events.read(tapped.type(), fields);
    }

    /** The finish form as typed. */
    record FinishForm(String yieldMl, String note) {}

    @GetMapping("/finish")
    String finish(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, Model model) {
        Batch batch = batches.batch(kitchen.id(), id);
        if (batch.state() == Batch.State.FINISHED) {
            return "redirect:/log/" + id;
        }
        fill(kitchen, batch, model);
        model.addAttribute("form", new FinishForm("", ""));
        model.addAttribute("faults", List.of());
        return "pot/finish";
    }

    @PostMapping("/finish")
    String finish(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String yieldMl,
            @RequestParam(defaultValue = "") String note,
            Model model,
            HttpServletResponse response) {
        Batch batch = batches.batch(kitchen.id(), id);
        try {
            batches.record(
                    kitchen,
                    id,
                    new Batches.Draft(
                            "finish-" + UUID.randomUUID(),
                            batches.now(),
                            new EventBody.Finished(millilitres(yieldMl), note.isBlank() ? null : note.strip())));
            return "redirect:/log/" + id;
        } catch (Refusal refusal) {
            if (refusal.kind() == Refusal.Kind.CONFLICT) {
                return "redirect:/log/" + id;
            }
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            fill(kitchen, batch, model);
            model.addAttribute("form", new FinishForm(yieldMl, note));
            model.addAttribute(
                    "faults", refusal.faults().stream().map(Fault::message).toList());
            return "pot/finish";
        }
    }

    private static @Nullable Double millilitres(String text) {
        if (text.isBlank()) {
            return null;
        }
        return Numbers.parse(text)
                .orElseThrow(() -> Refusal.unfit("yieldMl", "“" + text.strip() + "” mL is no number."));
    }
}
