package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.care.Cautions;
import app.gradior.estimate.Change;
import app.gradior.estimate.Forecast;
import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.measure.Numbers;
import app.gradior.room.batch.Acting;
import app.gradior.room.batch.Batches;
import app.gradior.room.batch.EventJson;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.texture.Bubbles;
import app.gradior.texture.Stair;
import app.gradior.web.frame.BatchStreams;
import app.gradior.web.frame.Figures;
import app.gradior.web.frame.Forecasts;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.session.SessionRepository;
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
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The live batch: the page, its panel, what happens, and the finish. */
@Controller
@RequestMapping("/pot/{id}")
class PotController {
    /** Fields that a cook types as numbers. */
    private static final Set<String> NUMBERS =
            Set.of("grossG", "mm", "ml", "step", "percent", "c", "starchG", "liquidG", "massG", "leftG", "seconds");
    /** Fields that may be left empty. */
    private static final Set<String> OPTIONAL = Set.of("leftG", "massG", "ml");

    private static final int MOST_KNOWN = 20;
    /** What is tapped within so long of one another keeps the order in which it comes. */
    private static final Duration MOMENTS = Duration.ofSeconds(3);

    private final Batches batches;
    private final Forecasts forecasts;
    private final EventJson events;
    private final JsonMapper json;
    private final BatchStreams streams;
    private final SessionRepository<?> sessions;
    private final Acting acting;

    // Wide: what a pot is seen by.
    PotController(
            Batches batches,
            Forecasts forecasts,
            EventJson events,
            JsonMapper json,
            BatchStreams streams,
            SessionRepository<?> sessions,
            Acting acting) {
        this.batches = batches;
        this.forecasts = forecasts;
        this.events = events;
        this.json = json;
        this.streams = streams;
        this.sessions = sessions;
        this.acting = acting;
    }

    @GetMapping
    String pot(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            HttpServletRequest request,
            Model model) {
        Batch batch = batches.batch(kitchen.id(), id);
        if (batch.state() == Batch.State.FINISHED) {
            return "redirect:/log/" + id;
        }
        if (batch.state() == Batch.State.ASIDE) {
            return "redirect:/log/" + id + "/away";
        }
        also(request, id, model);
        fill(kitchen, batch, model);
        return "pot/pot";
    }

    /** What changes on the page, alone. */
    @GetMapping("/panel")
    String panel(
            @ModelAttribute("kitchen") Kitchen kitchen,
            @PathVariable long id,
            HttpServletRequest request,
            Model model) {
        also(request, id, model);
        fill(kitchen, batches.batch(kitchen.id(), id), model);
        return "pot/panel";
    }

    /** Who else has it open. */
    private void also(HttpServletRequest request, long id, Model model) {
        HttpSession here = request.getSession(false);
        String me = acting.now().name();
        model.addAttribute(
                "also",
                streams.also(id, here == null ? "" : here.getId()).stream()
                        .filter(name -> !name.equals(me))
                        .collect(Collectors.joining(", ")));
    }

    private void fill(Kitchen kitchen, Batch batch, Model model) {
        Figures figures = new Figures(kitchen);
        Forecast forecast = forecasts.now(kitchen, batch);
        model.addAttribute(
                "pot",
                PotView.of(
                        batch,
                        forecast,
                        batches.prompt(batch, forecast, batches.now()),
                        batches.nextPortion(batch, forecast),
                        figures,
                        batches.now()));
        model.addAttribute("nowMillis", batches.now().toEpochMilli());
        model.addAttribute("blender", Cautions.blender());
        model.addAttribute("looks", Look.values());
        model.addAttribute("lids", LidState.values());
        model.addAttribute("treads", Stair.Tread.values());
        model.addAttribute("bubbles", Bubbles.values());
        model.addAttribute("starches", StarchKind.values());
        model.addAttribute("known", known(batch));
        model.addAttribute("forgotten", String.join("; ", batch.forgotten()));
    }

    /** Lines that a cook may want again: the last thing added, and what the sauce is made of. */
    private static List<String> known(Batch batch) {
        List<String> known = new ArrayList<>();
        for (BatchEvent event : batch.standing()) {
            if (event.body() instanceof EventBody.Added added) {
                added.ingredients().stream()
                        .map(IngredientInput::line)
                        .filter(Objects::nonNull)
                        .forEach(line -> known.add(0, line));
            }
        }
        batch.plan()
                .lines()
                .forEach(line -> known.add(Words.text(
                        "pot-controller.a-splash-of", line.food().id().replace('-', ' '))));
        return known.stream().distinct().limit(MOST_KNOWN).toList();
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
        java.time.Instant came = batches.now();
        double ago = Refusal.inRange("agoSeconds", tapped.agoSeconds(), -60, 7 * 24 * 3600, " s");
        Batch batch = batches.batch(kitchen.id(), id);
        java.time.Instant at = came.minus(Duration.ofMillis(Math.round(Math.max(0, ago) * 1000)));
        java.time.Instant kept = inOrder(batch, at.isBefore(batch.startedAt()) ? batch.startedAt() : at);
        EventBody body = body(tapped, new Figures(kitchen));
        Optional<Forecast> before = known(kitchen, batch);
        Batches.Recorded recorded = batches.record(kitchen, id, new Batches.Draft(tapped.clientKey(), kept, body));
        String says = "";
        Batch after = batches.batch(kitchen.id(), id);
        if (!recorded.repeat() && ChangeWords.matters(body) && after.state() == Batch.State.LIVE) {
            Optional<Forecast> now = before.isPresent() ? known(kitchen, after) : Optional.empty();
            if (now.isPresent()) {
                says = ChangeWords.of(body, Change.between(before.get(), now.get()), new Figures(kitchen));
            }
        }
        return Map.of("id", recorded.event().id(), "repeat", recorded.repeat(), "says", says);
    }

    /** What comes later and was tapped within moments of the last entry comes after it: lines are slow at times, and one more than another. */
    private static java.time.Instant inOrder(Batch batch, java.time.Instant at) {
        return batch.events().stream()
                .map(BatchEvent::at)
                .max(java.util.Comparator.naturalOrder())
                .filter(last -> at.isBefore(last) && Duration.between(at, last).compareTo(MOMENTS) < 0)
                .orElse(at); // of the same moment, what came later is later
    }

    /** What is known of it, if it can be reckoned: what cannot be is still recorded, taken back and finished. */
    private Optional<Forecast> known(Kitchen kitchen, Batch batch) {
        return Odd.tried(new ArrayList<>(), batch.name(), "", () -> forecasts.now(kitchen, batch));
    }

    /** Tells the page whenever something is recorded of its pot, here or on another device. */
    @GetMapping(path = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, HttpSession session) {
        batches.check(kitchen.id(), id);
        String sessionId = session.getId();
        return streams.open(
                BatchStreams.Audience.page(
                        kitchen.id(), sessionId, acting.now().name(), () -> sessions.findById(sessionId) != null),
                id,
                new BatchStreams.News(
                        event -> List.of(new BatchStreams.Message("changed", Map.of("key", event.clientKey()))),
                        List::of));
    }

    private static double number(String field, String text) {
        return Numbers.parse(text)
                .orElseThrow(() -> Refusal.unfit(field, Told.of("pot-controller.is-no-number", text)));
    }

    private EventBody body(Tapped tapped, Figures figures) {
        ObjectNode fields = json.createObjectNode();
        for (Map.Entry<String, String> field : tapped.fields().entrySet()) {
            String text = field.getValue().strip();
            if (text.isEmpty() && OPTIONAL.contains(field.getKey())) {
                continue;
            }
            if (field.getKey().equals("milled")) {
                fields.put("milled", text.equals("true"));
            } else if (NUMBERS.contains(field.getKey())) {
                fields.put(field.getKey(), number(field.getKey(), text));
            } else if (field.getKey().equals("degrees")) {
                number("degrees", text);
                fields.put("c", figures.celsius(text));
            } else if (field.getKey().equals("stage")) {
                fields.put("stage", Math.round(number("stage", text)));
            } else if (field.getKey().equals("lines")) {
                ArrayNode lines = fields.putArray("lines");
                for (String line : text.split(",")) {
                    lines.add((int) Math.round(Numbers.parse(line)
                            .orElseThrow(() -> Refusal.unfit("lines", Told.of("pot-controller.are-no-lines", text)))));
                }
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
            return "redirect:/log/" + id + "/finish";
        } catch (Refusal refusal) {
            if (refusal.kind() == Refusal.Kind.CONFLICT) {
                return "redirect:/log/" + id;
            }
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            fill(kitchen, batch, model);
            model.addAttribute("form", new FinishForm(yieldMl, note));
            model.addAttribute(
                    "faults", refusal.faults().stream().map(Words::say).toList());
            return "pot/finish";
        }
    }

    private static @Nullable Double millilitres(String text) {
        if (text.isBlank()) {
            return null;
        }
        return Numbers.parse(text)
                .orElseThrow(() -> Refusal.unfit("yieldMl", Told.of("pot-controller.ml-is-no-number", text.strip())));
    }
}
