package app.gradior.room.batch;

import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.batch.Understood;
import app.gradior.care.Storage;
import app.gradior.clock.CoolingIn;
import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.reading.ReadingKind;
import app.gradior.room.larder.FoodJson;
import app.gradior.room.larder.FoodSnapshots;
import app.gradior.room.larder.FoodsThen;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Overnight;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** Events and plans to JSON and back. */
@Component
public class EventJson {
    private static final Map<String, Class<? extends EventBody>> TYPES = EventBody.types();

    private static final String FOODS = "gradior.foods";

    private final JsonMapper json;
    /** Events name looks, lids and the like by keys; plans, which only this application reads, by their names. */
    private final JsonMapper events;

    EventJson(JsonMapper plain, FoodJson foods) {
        SimpleModule keys = new SimpleModule("keys");
        ByKey.add(keys, Look.class, Look::key, Look::ofKey);
        ByKey.add(keys, LidState.class, LidState::key, LidState::ofKey);
        ByKey.add(keys, StarchKind.class, StarchKind::key, StarchKind::ofKey);
        ByKey.add(keys, Overnight.class, Overnight::key, Overnight::ofKey);
        ByKey.add(keys, Storage.class);
        ByKey.add(keys, CoolingIn.class);
        keys.addSerializer(EventBody.Read.class, new WritingFigure());
        this.events = plain.rebuild().addModule(keys).build();
        this.json = plain.rebuild()
                .addModule(new SimpleModule()
                        .addSerializer(Understood.class, new Writing(foods))
                        .addDeserializer(Understood.class, new Reading()))
                .build();
    }

    /** A line as it is kept: the food by its id, and by the content it had. */
    private record KeptLine(
            String text,
            String foodId,
            double massG,
            double logSd,
            @Nullable String snapshot) {}

    private static final class Writing extends ValueSerializer<Understood> {
        private final FoodJson foods;

        Writing(FoodJson foods) {
            this.foods = foods;
        }

        @Override
        public void serialize(Understood line, JsonGenerator out, SerializationContext context) {
            out.writePOJO(new KeptLine(
                    line.text(), line.food().id(), line.massG(), line.logSd(), FoodSnapshots.hash(foods, line.food())));
        }
    }

    /** A reading is its one figure, or what it looked like. */
    private static final class WritingFigure extends ValueSerializer<EventBody.Read> {
        @Override
        public void serialize(EventBody.Read read, JsonGenerator out, SerializationContext context) {
            out.writeStartObject();
            if (read.kind().isLook()) {
                out.writeStringProperty(read.kind().field(), read.kind().look(read.value()));
            } else {
                out.writeNumberProperty(read.kind().field(), read.value());
            }
            out.writeEndObject();
        }
    }

    private static final class Reading extends ValueDeserializer<Understood> {
        @Override
        public Understood deserialize(JsonParser in, DeserializationContext context) {
            KeptLine line = context.readValue(in, KeptLine.class);
            FoodsThen foods = (FoodsThen) context.getAttribute(FOODS);
            String snapshot = line.snapshot();
            return new Understood(
                    line.text(),
                    snapshot == null ? foods.now(line.foodId()) : foods.then(snapshot),
                    line.massG(),
                    line.logSd());
        }
    }

    /**
     * Reads the fields of an event of that type.
     *
     * @throws Refusal naming the field that is unknown, missing or out of range
     */
    public EventBody read(String type, JsonNode fields) {
        Class<? extends EventBody> kind = TYPES.get(type);
        Optional<ReadingKind> reading = ReadingKind.ofKey(type);
        if (kind == null && reading.isEmpty()) {
            throw Refusal.unfit("type", Told.of("event-json.type-is-not-known-use-one", type, types()));
        }
        try {
            return kind == null ? read(reading.orElseThrow(), fields) : events.treeToValue(fields, kind);
        } catch (DatabindException e) {
            throw refusal(e);
        }
    }

    private EventBody read(ReadingKind kind, JsonNode fields) {
        if (kind.isLook() && fields.size() == 1 && fields.path(kind.field()).isString()) {
            String look = fields.path(kind.field()).asString();
            return new EventBody.Read(kind, Refusal.checked(kind.field(), () -> kind.ofLook(look)));
        }
        Map<String, @Nullable Double> figures =
                events.readerForMapOf(Double.class).readValue(fields);
        for (String name : figures.keySet()) {
            if (!name.equals(kind.field())) {
                throw Refusal.malformed(name, Told.of("event-json.this-field-is-not-known"));
            }
        }
        Double value = figures.get(kind.field());
        return new EventBody.Read(kind, Refusal.given(kind.field(), value));
    }

    /** Names of all types of event. */
    private static List<String> types() {
        Stream<String> readings =
                Stream.of(ReadingKind.values()).filter(ReadingKind::isRecorded).map(ReadingKind::key);
        return Stream.concat(TYPES.keySet().stream(), readings).sorted().toList();
    }

    EventBody read(String type, String body) {
        return read(type, json.readTree(body));
    }

    /** An event as it is kept. */
    String write(EventBody body) {
        return events.writeValueAsString(body);
    }

    String write(Object value) {
        return json.writeValueAsString(value);
    }

    /** The fields of an event, for answers. */
    public JsonNode tree(EventBody body) {
        return events.valueToTree(body);
    }

    public BatchPlan plan(String text, FoodsThen foods) {
        return json.readerFor(BatchPlan.class).withAttribute(FOODS, foods).readValue(text);
    }

    /** What was understood of an event. */
    public List<Understood> understood(String text, FoodsThen foods) {
        return json.readerForListOf(Understood.class)
                .withAttribute(FOODS, foods)
                .readValue(text);
    }

    /** Whether every line of a plan was understood when it was recorded. */
    boolean isUnderstood(String plan) {
        for (JsonNode line : json.readTree(plan).path("lines")) {
            if (!line.hasNonNull("snapshot")) {
                return false;
            }
        }
        return true;
    }

    /** A refusal that names the field Jackson stumbled over. */
    public static Refusal refusal(JacksonException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof Refusal refusal) {
                return refusal;
            }
        }
        if (e instanceof StreamReadException || e.getCause() instanceof StreamReadException) {
            return Refusal.malformed("body", Told.of("event-json.this-is-not-valid-json"));
        }
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference step : e.getPath()) {
            if (step.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            } else if (step.getIndex() >= 0) {
                path.append('[').append(step.getIndex()).append(']');
            }
        }
        String message = String.valueOf(e.getOriginalMessage());
        String plain = message.startsWith("Unrecognized property")
                ? Words.text("event-json.this-field-is-not-known")
                : message.contains("null")
                        ? Words.text("event-json.this-field-is-missing-or-null")
                        : Words.text("event-json.this-value-cannot-be-read-here");
        return Refusal.malformed(path.isEmpty() ? "body" : path.toString(), plain);
    }
}
