package app.gradior.web.api;

import static app.gradior.web.api.ApiModel.need;
import static app.gradior.web.api.ApiModel.needed;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.Origin;
import app.gradior.batch.Understood;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.room.batch.Batches;
import app.gradior.room.batch.EventJson;
import app.gradior.room.book.SauceBook;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.kit.Equipment;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Language;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.SauceLimits;
import app.gradior.simmer.Heat;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import app.gradior.web.api.ApiModel.MixtureInput;
import app.gradior.web.frame.BatchStreams;
import app.gradior.web.frame.Forecasts;
import jakarta.servlet.http.HttpServletRequest;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Batches: start or take up, record what happens, ask for the forecast. */
@RestController
@RequestMapping("/api/v1/batches")
class BatchApi {
    private static final int PAGE = 100;
    private static final int MOST_PAGES = 10_000;

    private final ApiCaller caller;
    private final Batches batches;
    private final SauceBook book;
    private final KitchenKit kit;
    private final Lines lines;
    private final EventJson json;
    private final BatchStreams streams;
    private final Forecasts forecasts;
    private final Tokens tokens;

    // Wide: the batch as programs have it, all of it.
    BatchApi(
            ApiCaller caller,
            Batches batches,
            SauceBook book,
            KitchenKit kit,
            Lines lines,
            EventJson json,
            BatchStreams streams,
            Forecasts forecasts,
            Tokens tokens) {
        this.caller = caller;
        this.batches = batches;
        this.book = book;
        this.kit = kit;
        this.lines = lines;
        this.json = json;
        this.streams = streams;
        this.forecasts = forecasts;
        this.tokens = tokens;
    }

    /**
     * A pot: one of the kit by id, or its dimensions.
     *
     * @param emptyG own weight, g; 0 when left out, then weigh-ins mean the sauce alone
     */
    // Wide: as the API has it.
    record BatchPot(
            @Nullable Long id,
            @Nullable String shape,
            @Nullable Double topDiameterMm,
            @Nullable Double baseDiameterMm,
            @Nullable Double floorDiameterMm,
            @Nullable Double topLengthMm,
            @Nullable Double topWidthMm,
            @Nullable Double baseLengthMm,
            @Nullable Double baseWidthMm,
            @Nullable Double heightMm,
            @Nullable Double cornerMm,
            @Nullable Integer burners,
            @Nullable Double emptyG) {
        ApiModel.PotInput inside() {
            return new ApiModel.PotInput(
                    shape,
                    topDiameterMm,
                    baseDiameterMm,
                    floorDiameterMm,
                    topLengthMm,
                    topWidthMm,
                    baseLengthMm,
                    baseWidthMm,
                    heightMm,
                    cornerMm,
                    burners);
        }
    }

    record NewBatch(
            @Nullable String name,
            @Nullable Long sauceId,
            @Nullable Integer version,
            @Nullable MixtureInput mixture,
            @Nullable BatchPot pot,
            @Nullable Long burnerId,
            @Nullable String look,
            @Nullable String lid,
            @Nullable Double altitudeM,
            @Nullable Double targetStep,
            @Nullable Double servedC,
            @Nullable OffsetDateTime startedAt) {}

    /** Batches, the latest first, a page at a time. */
    @GetMapping
    BatchAnswers.BatchesAnswer list(
            @RequestParam(defaultValue = "all") String state,
            @RequestParam(defaultValue = "0") int page,
            HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.READ);
        Refusal.inRange("page", page, 0, MOST_PAGES, "");
        Batch.@Nullable State wanted = switch (state) {
            case "live" -> Batch.State.LIVE;
            case "aside" -> Batch.State.ASIDE;
            case "finished" -> Batch.State.FINISHED;
            case "all" -> null;
            default -> throw Refusal.malformed("state", Told.of("batch-api.state-is-not-known-use-live", state));
        };
        List<Odd> odd = new ArrayList<>();
        List<Batch> found = batches.latest(kitchen.id(), wanted, PAGE + 1, page * PAGE, odd);
        boolean more = found.size() + odd.size() > PAGE;
        return new BatchAnswers.BatchesAnswer(
                found.stream()
                        .limit(PAGE)
                        .map(batch -> BatchAnswers.batch(batch, json))
                        .toList(),
                more ? page + 1 : null,
                odd.stream()
                        .map(o -> new BatchAnswers.OddAnswer(o.name(), o.address(), Words.say(o.why())))
                        .toList());
    }

    @GetMapping("/{id}")
    BatchAnswers.BatchAnswer one(@PathVariable long id, HttpServletRequest request) {
        return BatchAnswers.batch(
                batches.batch(caller.kitchen(request, Tokens.Scope.READ).id(), id), json);
    }

    @PostMapping
    ResponseEntity<BatchAnswers.BatchAnswer> start(@RequestBody NewBatch wanted, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.ALL);
        SauceBook.@Nullable Sauce sauce = sauce(wanted, kitchen);
        double evaporatedG = 0;
        Ingredients ingredients;
        if (sauce != null) {
            ingredients = sauce.ingredients();
        } else {
            MixtureInput mixture = needed("mixture", wanted.mixture());
            ingredients = mixture.understood(lines, kitchen, "mixture.");
            evaporatedG = mixture.evaporated("mixture.");
            mixture.mixture(ingredients, "mixture.");
        }
        BatchPlan plan = plan(wanted, kitchen, sauce, ingredients, evaporatedG);
        String name = wanted.name() != null ? wanted.name() : sauce != null ? sauce.name() : "";
        Instant startedAt =
                wanted.startedAt() == null ? batches.now() : wanted.startedAt().toInstant();
        long id = batches.start(kitchen, Refusal.text("name", name, 120), origin(sauce, wanted), plan, startedAt);
        return ResponseEntity.status(HttpStatus.CREATED)
                .body(BatchAnswers.batch(batches.batch(kitchen.id(), id), json));
    }

    private static Origin origin(SauceBook.@Nullable Sauce sauce, NewBatch wanted) {
        Origin origin = sauce == null ? Origin.NONE : Origin.of(sauce.id(), sauce.version());
        Long pot = needed("pot", wanted.pot()).id();
        Long burner = wanted.burnerId();
        return pot == null ? origin : origin.in(pot, burner == null ? 0 : burner);
    }

    private SauceBook.@Nullable Sauce sauce(NewBatch wanted, Kitchen kitchen) {
        Long id = wanted.sauceId();
        Integer version = wanted.version();
        if (id == null) {
            return null;
        }
        if (wanted.mixture() != null) {
            throw Refusal.unfit("mixture", Told.of("batch-api.give-either-a-sauceid-or-a"));
        }
        return ofKitchen(
                "sauceId",
                Words.text("batch-api.there-is-no-such-sauce-or"),
                () -> version == null ? book.sauce(kitchen, id) : book.version(kitchen, id, version));
    }

    private BatchPlan plan(
            NewBatch wanted,
            Kitchen kitchen,
            SauceBook.@Nullable Sauce sauce,
            Ingredients ingredients,
            double evaporatedG) {
        Double step = wanted.targetStep() == null && sauce != null
                ? (Double) sauce.draft().targetStep()
                : wanted.targetStep();
        Double servedC = wanted.servedC() == null && sauce != null
                ? (Double) sauce.draft().servedC()
                : wanted.servedC();
        double altitudeM = wanted.altitudeM() == null ? kitchen.altitudeM() : wanted.altitudeM();
        Refusal.inRange("altitudeM", altitudeM, -430, 5500, " m");
        BatchPot asked = needed("pot", wanted.pot());
        Equipment ware = kit.ware(kitchen.id());
        Optional<KitchenKit.KitPot> kitPot = kitPot(ware, asked);
        BatchPlan plan = BatchPlan.hot(
                ingredients.usable().stream().map(Understood::of).toList(),
                sauce != null ? sauce.draft().texture() : ingredients.texture(),
                evaporatedG,
                kitPot.map(p -> BatchPlan.PlanPot.of(p.name(), p.shape(), p.emptyG(), p.material()))
                        .orElseGet(() -> measured(asked)),
                new Heat(
                        Refusal.checked("look", () -> Look.ofKey(needed("look", wanted.look()))),
                        Refusal.checked("lid", () -> LidState.ofKey(needed("lid", wanted.lid())))),
                altitudeM,
                SauceLimits.targetStep("targetStep", need("targetStep", step)),
                SauceLimits.servedC("servedC", need("servedC", servedC)));
        Optional<KitBurner> burner = burner(ware, wanted, kitPot.isPresent());
        kitPot.ifPresent(pot -> Equipment.ready("pot.id", pot, "burnerId", burner));
        return kitPot.map(p -> ware.known(plan, p, burner, sauce == null ? 0 : sauce.id()))
                .orElse(plan);
    }

    /** The pot of the kit that is named, if one is. */
    private static Optional<KitchenKit.KitPot> kitPot(Equipment ware, BatchPot wanted) {
        Long id = wanted.id();
        return id == null
                ? Optional.empty()
                : Optional.of(ofKitchen("pot.id", Words.text("batch-api.there-is-no-such-pot-in"), () -> ware.pot(id)));
    }

    private static Optional<KitBurner> burner(Equipment ware, NewBatch wanted, boolean ofKit) {
        Long id = wanted.burnerId();
        if (id == null) {
            return Optional.empty();
        }
        if (!ofKit) {
            throw Refusal.unfit("burnerId", Told.of("batch-api.a-burner-goes-with-a-pot"));
        }
        return ofKitchen("burnerId", Words.text("batch-api.there-is-no-such-burner-in"), () -> ware.burner(id));
    }

    /** What is looked up by an id of the request; what is missing becomes a fault of that field. */
    private static <T> T ofKitchen(String field, String message, Supplier<T> lookUp) {
        try {
            return lookUp.get();
        } catch (Refusal refusal) {
            throw Refusal.unfit(field, message);
        }
    }

    private static BatchPlan.PlanPot measured(BatchPot wanted) {
        PotShape shape = wanted.inside().measured();
        double emptyG = wanted.emptyG() == null ? 0 : Refusal.inRange("pot.emptyG", wanted.emptyG(), 0, 20_000, " g");
        return BatchPlan.PlanPot.of("A pot", shape, emptyG, PotMaterial.STAINLESS);
    }

    @PostMapping("/{id}/events")
    ResponseEntity<ObjectNode> record(@PathVariable long id, @RequestBody JsonNode body, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.READINGS);
        Batches.Recorded recorded = batches.record(kitchen, id, draft(body));
        return ResponseEntity.status(recorded.repeat() ? HttpStatus.OK : HttpStatus.CREATED)
                .body(BatchAnswers.event(recorded.event(), json));
    }

    private Batches.Draft draft(JsonNode body) {
        if (!(body instanceof ObjectNode object)) {
            throw Refusal.malformed("body", Told.of("batch-api.a-json-object-is-needed"));
        }
        ObjectNode fields = object.deepCopy();
        String clientKey = take(fields, "clientKey");
        String type = take(fields, "type");
        Instant at = fields.has("at") ? moment("at", take(fields, "at")) : batches.now();
        return new Batches.Draft(clientKey, at, json.read(type, fields));
    }

    private static String take(ObjectNode fields, String name) {
        JsonNode value = fields.remove(name);
        if (value == null || !value.isString()) {
            throw Refusal.malformed(name, Told.of("batch-api.is-missing-or-is-not-a", name));
        }
        return value.stringValue();
    }

    private static Instant moment(String field, String text) {
        try {
            return OffsetDateTime.parse(text).toInstant();
        } catch (DateTimeException e) {
            throw Refusal.malformed(field, Told.of("batch-api.is-no-time-iso-with-an", text));
        }
    }

    /** Server-sent events: forecast and prompt at the opening; event at once when something is recorded, then forecast and prompt. */
    @GetMapping(path = "/{id}/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@PathVariable long id, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.READ);
        batches.check(kitchen.id(), id);
        long token = ApiCaller.token(request);
        Language language = Language.now();
        BatchStreams.Audience audience =
                BatchStreams.Audience.program(kitchen.id(), token, language, () -> tokens.isGood(token));
        return streams.open(
                audience,
                id,
                new BatchStreams.News(
                        event -> language.speaking(
                                () -> List.of(new BatchStreams.Message("event", BatchAnswers.event(event, json)))),
                        () -> language.speaking(() -> howItIs(kitchen, id))));
    }

    private List<BatchStreams.Message> howItIs(Kitchen kitchen, long id) {
        Batch batch = batches.batch(kitchen.id(), id);
        Instant now = batches.now();
        Forecast forecast = forecasts.now(kitchen, batch);
        Prompt prompt = batches.prompt(batch, forecast, now);
        return List.of(
                new BatchStreams.Message("forecast", BatchAnswers.forecast(batch, forecast, prompt, now)),
                new BatchStreams.Message(
                        "prompt",
                        new BatchAnswers.PromptAnswer(
                                Words.say(prompt.doNow()), Words.say(prompt.why()), prompt.urgent())));
    }

    @GetMapping("/{id}/forecast")
    BatchAnswers.ForecastAnswer forecast(
            @PathVariable long id, @RequestParam(required = false) @Nullable String at, HttpServletRequest request) {
        Kitchen kitchen = caller.kitchen(request, Tokens.Scope.READ);
        Batch batch = batches.batch(kitchen.id(), id);
        Instant moment = at == null ? batches.now() : moment("at", at.replace(' ', '+'));
        if (moment.isBefore(batch.startedAt())) {
            throw Refusal.unfit("at", Told.of("batch-api.at-is-before-the-batch-began", batch.startedAt()));
        }
        Forecast forecast = at == null ? forecasts.nowForProgram(batch) : forecasts.forProgram(batch, moment);
        return BatchAnswers.forecast(batch, forecast, batches.prompt(batch, forecast, moment), moment);
    }
}
