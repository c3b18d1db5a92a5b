package app.gradior.room.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.gradior.CookedGravy;
import app.gradior.batch.EventBody;
import app.gradior.care.Storage;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.larder.Catalogue;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.FoodSnapshots;
import app.gradior.room.larder.Larder;
import app.gradior.room.shelf.Shelf;
import app.gradior.testing.Altered;
import app.gradior.testing.Altered.Made;
import app.gradior.testing.Altered.Raw;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Collections;
import java.util.List;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Every check of a kitchen's file by itself: what it refuses, under which path, and what it lets pass right beside that. */
class FileChecksTest extends CookedGravy {
    private static final String BEFORE_KITCHENS = "1999-12-31T23:59:00";

    @Autowired
    private Shelf shelf;

    @Autowired
    private Larder larder;

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private KitchenFileReader reader;

    @Autowired
    private JsonMapper json;

    private ObjectNode file = JsonMapper.shared().createObjectNode();
    private String image = "";
    /** A kitchen that nothing has been read into yet. */
    private @Nullable Kitchen other;

    @BeforeEach
    void aFileWithSomethingForEveryCheck() throws IOException {
        larder.put(kitchen.id(), Catalogue.standard().food("honey").orElseThrow(), 0);
        String added = batch().events().stream()
                .filter(one -> one.body() instanceof EventBody.Added)
                .findFirst()
                .orElseThrow()
                .clientKey();
        after(1, new EventBody.Corrected(null, 0, null, 410));
        after(1, new EventBody.Corrected(null, 1, null, 910));
        after(1, new EventBody.Undo("k" + clock.instant().toEpochMilli()));
        after(1, new EventBody.Corrected(added, 0, null, 70));
        shelf.pack(
                kitchen,
                batchId,
                List.of(new Shelf.Filled("Jam jar", 2, 337)),
                Storage.FRIDGE,
                shelf.today(kitchen).plusDays(2),
                "");
        file = (ObjectNode) json.readTree(writer.write(kitchen));
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "jpeg", jpeg);
        image = Base64.getEncoder().encodeToString(jpeg.toByteArray());
    }

    private List<String> faults(ObjectNode altered) {
        Kitchen empty = other == null ? fresh() : other;
        Refusal refusal =
                catchThrowableOfType(Refusal.class, () -> reader.read(empty, json.writeValueAsBytes(altered)));
        other = refusal == null ? null : empty;
        return refusal == null
                ? List.of()
                : refusal.faults().stream().map(Fault::field).toList();
    }

    private void refused(String path, Object value, String field) {
        assertThat(faults(Altered.with(file, path, value)))
                .as("%s set to %s", path, value instanceof Raw raw ? raw.text() : value)
                .contains(field);
    }

    private void refused(String path, Object value) {
        refused(path, value, path);
    }

    private void taken(String path, Object value) {
        assertThat(faults(Altered.with(file, path, value)))
                .as("%s set to %s", path, value)
                .isEmpty();
    }

    private static Raw test(String with) {
        return new Raw("[{\"id\":0,\"kitchenId\":0,\"potId\":0,\"burnerId\":0,\"startedAt\":\"2026-01-01T10:00:00\","
                + "\"startG\":1000.0,\"look\":\"lively\"" + with + "}]");
    }

    @Test
    void theKitchenAndItsTestsOfWater() {
        refused("kitchen.timeZone", "Mars/Base");
        refused("kitchen.altitudeM", 5501);
        String ended = ",\"minutes\":10.0,\"pairFactor\":1.0,\"logSd\":0.1,\"endG\":";
        taken("waterTests", test(""));
        taken("waterTests", test(ended + "1000.0"));
        refused("waterTests", test(ended + "1000.1"), "waterTests[0].endG");
        refused("waterTests", test(",\"endG\":800.0"), "waterTests[0]");
        for (String one : List.of("\"minutes\":10.0,", "\"pairFactor\":1.0,", "\"logSd\":0.1,")) {
            refused("waterTests", test(ended.replace(one, "") + "800.0"), "waterTests[0]");
            refused("waterTests", test("," + one.substring(0, one.length() - 1)), "waterTests[0]");
        }
        for (String[] wrong : new String[][] {
            {"\"potId\":0", "\"potId\":4", "potId"},
            {"\"burnerId\":0", "\"burnerId\":3", "burnerId"},
            {"2026-01-01T10:00:00", BEFORE_KITCHENS, "startedAt"},
            {"lively", "fierce", "look"}
        }) {
            refused("waterTests", new Raw(test("").text().replace(wrong[0], wrong[1])), "waterTests[0]." + wrong[2]);
        }
        taken("waterTests", new Raw(test("").text().replace("\"potId\":0", "\"potId\":3")));
    }

    private static Made replacing(String what, String with) {
        return text -> {
            String changed = text.stringValue().replace(what, with);
            assertThat(changed).isNotEqualTo(text.stringValue());
            return JsonMapper.shared().valueToTree(changed);
        };
    }

    @Test
    void foodsOfItsOwnAndFoodsAsTheyWere() {
        refused("foods[0].body", replacing("\"id\":\"honey\"", "\"id\":\"hive\""));
        refused("foods[0].body", replacing("\"water\":17.5", "\"water\":57.5"));
        refused("foods[0].body", replacing("\"name\":\"honey\"", "\"name\":\"" + "h".repeat(121) + "\""));
        taken("foods[0].body", replacing("\"name\":\"honey\"", "\"name\":\"" + "h".repeat(120) + "\""));
        refused("snapshots[0].hash", "0".repeat(64));
        refused(
                "snapshots[0]",
                snapshot(food -> ((ObjectNode) food.get("per100g")).put("water", 60.0)),
                "snapshots[0].food");
        refused("snapshots[0]", snapshot(food -> food.put("name", "n".repeat(121))), "snapshots[0].food.name");
        refused("snapshots[0]", snapshot(food -> food.put("bodyForm", "STONE")), "snapshots[0].food.bodyForm");

        ((ObjectNode) file.at("/batches/0/plan/lines/0")).remove("snapshot");
        taken("batches[0].plan.lines[0].foodId", "honey");
        taken("batches[0].plan.lines[0].foodId", "butter");
        taken("batches[0].plan.lines[0].foodId", "nobody-knows");
        refused("batches[0].plan.lines[1].snapshot", "0".repeat(64), "batches[0].plan.snapshot");
    }

    /** A food that was, otherwise, with the hash of what it is now. */
    private Made snapshot(java.util.function.Consumer<ObjectNode> change) {
        return now -> {
            ObjectNode other = (ObjectNode) now.deepCopy();
            change.accept((ObjectNode) other.get("food"));
            return other.put("hash", FoodSnapshots.hash(other.get("food").toString()));
        };
    }

    @Test
    void sauces() {
        String version = "sauces[0].versions[0].version";
        refused(version + ".savedAt", BEFORE_KITCHENS);
        refused(version + ".useOf", "FLOOR", version);
        taken(version + ".useOf", "GLAZE");
        Made second = none -> ((ObjectNode) file.at("/sauces/0/versions/0").deepCopy());
        refused("sauces[0].versions[1]", second, "sauces[0].versions[1].version.version");
        taken("sauces[0].versions[1]", (Made) none -> {
            ObjectNode next = (ObjectNode) second.apply(none);
            ((ObjectNode) next.get("version")).put("version", 2);
            next.get("lines").forEach(line -> ((ObjectNode) line).put("version", 2));
            return next;
        });
        refused(version + ".stages", replacing("\"lines\":[0,1]", "\"lines\":[0,4]"), version + ".stages[0].lines");
        taken(version + ".stages", replacing("\"lines\":[2]", "\"lines\":[]"));
        refused(
                version + ".stages",
                replacing("\"work\":{\"lines\":[0]", "\"work\":{\"lines\":[4]"),
                version + ".stages[3].work.lines");
        String stage =
                "{\"kind\":\"SIMMER\",\"title\":\"\",\"lines\":[],\"look\":\"GENTLE\",\"lid\":\"OPEN\",\"end\":\"MINUTES\","
                        + "\"value\":1.0,\"work\":null}";
        refused(version + ".stages", "[" + String.join(",", Collections.nCopies(25, stage)) + "]", version + ".stages");
        taken(version + ".stages", "[" + String.join(",", Collections.nCopies(24, stage)) + "]");
    }

    @Test
    void batches() {
        refused("batches[0].sauce", 1);
        refused("batches[0].pot", 4);
        refused("batches[0].burner", 3);
        refused("batches[0].startedAt", BEFORE_KITCHENS);
        refused("batches[0].state", "LIVE", "batches[0].finishedAt");
        refused("batches[0].finishedAt", new Raw("null"));
        refused("batches[0].finishedAt", "2026-12-01T17:59:59");
        taken("batches[0].finishedAt", "2026-12-01T18:00:00");
        refused("batches[0].finishedAt", "2026-12-31T18:00:01");
        taken("batches[0].finishedAt", "2026-12-31T18:00:00");
        refused("batches[0].containers[0].packedOn", "1999-12-31");
        refused("batches[0].containers[0].useBy", "1999-12-31", "batches[0].containers[0]");
        String photo = "{\"id\":0,\"kitchenId\":0,\"batchId\":0,\"addedAt\":\"2026-12-01T19:00:00\",\"image\":\""
                + image + "\"}";
        refused("batches[0].photos", new Raw("[" + String.join(",", Collections.nCopies(13, photo)) + "]"));
        taken("batches[0].photos", new Raw("[" + String.join(",", Collections.nCopies(12, photo)) + "]"));
        refused(
                "batches[0].photos",
                new Raw("[" + photo.replace("2026-12-01T19:00:00", BEFORE_KITCHENS) + "]"),
                "batches[0].photos[0].addedAt");

        String stages = "batches[0].plan.stages";
        refused(stages + "[0].lines", new Raw("[5]"));
        taken(stages + "[0].lines", new Raw("[0,1]"));
        refused(stages + "[2].pours", new Raw("[3,5]"));
        refused(stages + "[2].pours", new Raw("[3]"));
        refused(stages + "[3].work.lines", new Raw("[5]"));
        refused(stages + "[1].value", -5.0);
        refused("batches[0].plan.altitudeM", 90_000.0, "batches[0].plan");
    }

    @Test
    void events() {
        String event = "batches[0].events";
        refused(
                event + "[1].clientKey",
                file.at("/batches/0/events/0/clientKey").stringValue());
        refused(event + "[0].at", "2026-12-01T17:58:59");
        taken(event + "[0].at", "2026-12-01T17:59:00");
        refused(event + "[12].at", "2031-12-01T18:00:01");
        taken(event + "[12].at", "2031-12-01T18:00:00");
        refused(event + "[0].recordedAt", BEFORE_KITCHENS);
        refused(event + "[0].body.lines", new Raw("[5]"), event + "[0].lines");
        taken(event + "[0].body.lines", new Raw("[4]"));
        refused(event + "[3].body.lines", new Raw("[5]"), event + "[3].lines");
        refused(event + "[13].body.line", 5, event + "[13].line");
        refused(event + "[16].body.line", 1, event + "[16].line");
        refused(event + "[16].body.added", "nothing", event + "[16].line");
        refused(event + "[15].body.undoneKey", "nothing", event + "[15].undoneKey");
        refused(event + "[6].understood", new Raw("[]"));
        refused(event + "[9].understood", (Made)
                two -> ((ArrayNode) two.deepCopy()).remove(0) == null ? two : oneOf(two));
        assertThat(faults((ObjectNode) file)).isEmpty();
        taken("batches[0].events", (Made) log -> {
            ArrayNode turned = (ArrayNode) log.deepCopy();
            JsonNode undo = turned.get(15);
            turned.set(15, turned.get(14));
            turned.set(14, undo);
            return turned;
        });
    }

    private static JsonNode oneOf(JsonNode two) {
        return JsonMapper.shared().createArrayNode().add(two.get(0));
    }
}
