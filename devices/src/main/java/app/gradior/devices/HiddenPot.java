package app.gradior.devices;

import app.gradior.course.PotCourse;
import app.gradior.course.Variation;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Piece;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is really in the pot: the batch's plan and all that was recorded of it, cooked by the model with truths of its own that
 * nobody is told.
 */
final class HiddenPot {
    private static final double PAIR_LOG_SD = 0.25;
    private static final double BODY_LOG_SD = 0.3;
    private static final double WATER_LOG_SD = 0.03;
    private static final double LOOK_LOG_SD = 0.12;
    private static final double NET_W = 1000;
    private static final double SECONDS_PER_MINUTE = 60;

    private final Api api;
    private final Catalogue catalogue = Catalogue.standard();
    private final JsonMapper json = JsonMapper.builder().build();
    private final double pair;
    private final double body;
    private final double water;
    private final double look;
    private final Map<String, Mixture> weighed = new HashMap<>();

    HiddenPot(Api api, Random random) {
        this.api = api;
        this.pair = Math.exp(PAIR_LOG_SD * random.nextGaussian());
        this.body = Math.exp(BODY_LOG_SD * random.nextGaussian());
        this.water = Math.exp(WATER_LOG_SD * random.nextGaussian());
        this.look = Math.exp(LOOK_LOG_SD * random.nextGaussian());
    }

    /**
     * The pot at a moment.
     *
     * @param batch as the API answers it
     * @throws IOException when something that went in cannot be looked up
     */
    PotCourse at(JsonNode batch, Instant now) throws IOException {
        Instant started = moment(batch.get("startedAt"));
        List<JsonNode> stages = new ArrayList<>();
        batch.get("stages").forEach(stages::add);
        Set<Integer> leftOut = leftOut(batch);
        PotCourse course = new PotCourse(
                new PotOnHeat(shape(batch.get("pot")), batch.get("altitudeM").doubleValue(), pair, NET_W),
                body,
                batch.get("servedC").doubleValue(),
                new Variation(l -> look, 1, 1));
        if (batch.get("hot").booleanValue()) {
            course.beginHot(stage(batch, stages.get(0), leftOut));
        } else {
            course.begin(stage(batch, stages.get(0), leftOut));
        }
        int at = 0;
        for (JsonNode event : standing(batch)) {
            Instant when = moment(event.get("at"));
            if (when.isAfter(now)) {
                break;
            }
            advance(course, started, when);
            if (event.get("type").stringValue().equals("stageDone")) {
                at++;
                if (at < stages.size()) {
                    course.begin(stage(batch, stages.get(at), leftOut));
                } else {
                    course.end();
                }
            } else {
                happen(course, event);
            }
        }
        advance(course, started, now);
        return course;
    }

    private static void advance(PotCourse course, Instant started, Instant to) {
        double minute = Duration.between(started, to).toMillis() / 1000.0 / SECONDS_PER_MINUTE;
        course.advance(minute - course.minute());
    }

    private static Set<Integer> leftOut(JsonNode batch) {
        Set<Integer> out = new HashSet<>();
        int place = 0;
        for (JsonNode line : batch.get("lines")) {
            if (line.get("out").booleanValue()) {
                out.add(place);
            }
            place++;
        }
        return out;
    }

    /** Events that were not taken back, in the order they happened. */
    private static List<JsonNode> standing(JsonNode batch) {
        Set<String> undone = new HashSet<>();
        for (JsonNode event : batch.get("events")) {
            if (event.get("type").stringValue().equals("undo")) {
                undone.add(event.get("undoneKey").stringValue());
            }
        }
        List<JsonNode> standing = new ArrayList<>();
        for (JsonNode event : batch.get("events")) {
            if (!undone.contains(event.get("clientKey").stringValue())) {
                standing.add(event);
            }
        }
        return standing;
    }

    private Stage stage(JsonNode batch, JsonNode stage, Set<Integer> leftOut) {
        StageKind kind = StageKind.ofKey(stage.get("kind").stringValue());
        Mixture in = Mixture.EMPTY;
        List<Integer> moved = new ArrayList<>();
        Map<Integer, Piece> pieces = new TreeMap<>();
        for (JsonNode place : stage.get("lines")) {
            if (kind.movesPieces()) {
                moved.add(place.intValue());
            } else if (!leftOut.contains(place.intValue())) {
                JsonNode line = batch.get("lines").get(place.intValue());
                double massG = line.get("massG").doubleValue();
                in = in.plus(of(line.get("food").stringValue(), massG));
                catalogue
                        .food(line.get("food").stringValue())
                        .map(food -> Piece.of(food, massG).with(m -> m.scaled(water, 1)))
                        .ifPresent(piece -> pieces.put(place.intValue(), piece));
            }
        }
        StageWork work =
                new StageWork(moved, number(stage, "share"), number(stage, "keepFatG"), number(stage, "keepFatShare"));
        EndKind end = EndKind.valueOf(stage.get("end").stringValue().toUpperCase(Locale.ROOT));
        return new Stage(
                        kind,
                        in.scaled(water, 1),
                        Look.ofKey(stage.get("look").stringValue()),
                        LidState.ofKey(stage.get("lid").stringValue()),
                        end.end(stage.get("value").doubleValue()))
                .with(pieces, work.in(kind));
    }

    private static @Nullable Double number(JsonNode stage, String name) {
        return stage.hasNonNull(name) ? stage.get(name).doubleValue() : null;
    }

    private Mixture of(String food, double massG) {
        return catalogue.food(food).map((Food f) -> Mixture.of(f, massG)).orElse(Mixture.EMPTY);
    }

    private void happen(PotCourse course, JsonNode event) throws IOException {
        switch (event.get("type").stringValue()) {
            case "heat" -> course.set(Look.ofKey(event.get("look").stringValue()));
            case "lid" -> course.set(LidState.ofKey(event.get("state").stringValue()));
            case "added" -> course.add(added(event));
            case "slurry" -> {
                StarchKind kind = StarchKind.ofKey(event.get("starch").stringValue());
                course.add(
                        Mixture.of(catalogue.powder(kind), event.get("starchG").doubleValue())
                                .plus(of("water", event.get("liquidG").doubleValue())));
            }
            case "taken" -> {
                if (event.hasNonNull("massG")) {
                    course.takeOutG(event.get("massG").doubleValue());
                } else {
                    course.takeOutMl(event.get("ml").doubleValue());
                }
            }
            case "blended" -> course.press(Pressing.BLENDED, Double.NaN);
            case "sieved" ->
                course.press(
                        event.get("milled").booleanValue() ? Pressing.MILLED : Pressing.SIEVED,
                        event.hasNonNull("leftG") ? event.get("leftG").doubleValue() : Double.NaN);
            case "offHeat" -> course.setOnHeat(false);
            case "backOn" -> course.setOnHeat(true);
            default -> {
                // readings and notes change nothing in the pot
            }
        }
    }

    /** What went in: lines are weighed by the application, once. */
    private Mixture added(JsonNode event) throws IOException {
        String key = event.get("clientKey").stringValue();
        Mixture known = weighed.get(key);
        if (known != null) {
            return known;
        }
        ObjectNode question = json.createObjectNode();
        question.set("ingredients", event.get("ingredients"));
        Api.Told told = api.post("/bench/mixture", question);
        Mixture in = Mixture.EMPTY;
        if (told.taken()) {
            for (JsonNode line : told.body().get("lines")) {
                in = in.plus(
                        of(line.path("food").stringValue(""), line.path("massG").doubleValue(0)));
            }
        }
        weighed.put(key, in);
        return in;
    }

    private static PotShape shape(JsonNode pot) {
        double length = pot.get("topDiameterMm").doubleValue();
        double floor = pot.get("baseDiameterMm").doubleValue();
        return new PotShape(
                PotShape.Outline.ofKey(pot.path("outline").stringValue("ROUND")),
                length,
                pot.path("topWidthMm").doubleValue(length),
                floor,
                pot.path("baseWidthMm").doubleValue(floor),
                pot.get("heightMm").doubleValue(),
                pot.path("cornerMm").doubleValue(0),
                pot.path("burners").intValue(1));
    }

    private static Instant moment(JsonNode text) {
        return OffsetDateTime.parse(text.stringValue()).toInstant();
    }
}
