package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Origin;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.heat.BurnerKind;
import app.gradior.larder.Catalogue;
import app.gradior.measure.MeasureSystem;
import app.gradior.reading.ReadingKind;
import app.gradior.room.batch.Batches;
import app.gradior.room.exchange.KitchenFileReader;
import app.gradior.room.exchange.KitchenFileWriter;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Larder;
import app.gradior.room.words.Words;
import app.gradior.testing.Altered;
import app.gradior.testing.Altered.Raw;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A kitchen's file may come from anybody: what could not have been typed is refused with its path, and nothing of it is kept. */
class HostileFileTest extends PageCalls {
    private static final String[] PAGES = {
        "/", "/sauces", "/plan/clock", "/log", "/log/shelf", "/log/learning", "/kit", "/larder", "/kitchen", "/strip"
    };

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private KitchenFileReader reader;

    @Autowired
    private Batches batches;

    @Autowired
    private Larder larder;

    @Autowired
    private KitchenKit kit;

    @Autowired
    private JsonMapper json;

    @Autowired
    private JdbcTemplate jdbc;

    private ObjectNode file = JsonMapper.shared().createObjectNode();

    @BeforeEach
    void aKitchenWithSomethingOfEach() throws Exception {
        Kitchen kitchen = kitchens.kitchen(cook.kitchenId());
        kit.addBurner(kitchen.id(), "Front", BurnerKind.GAS, 1500);
        larder.putMeasure(kitchen.id(), "dipper", 80);
        larder.remember(kitchen, "harbour tonic", "vinegar-cider");
        saveSauce("1 kg damsons, stoned", "260 g soft brown sugar", "300 ml water");
        long batch = batches.start(kitchen, "Glaze", Origin.NONE, glaze("Rondeau"), clock.instant());
        record(kitchen, batch, new EventBody.Read(ReadingKind.WEIGHT, 3200));
        record(
                kitchen,
                batch,
                new EventBody.Added(List.of(new IngredientInput("2 dippers harbour tonic", null, null))));
        record(kitchen, batch, new EventBody.Finished(800.0, null));
        file = (ObjectNode) json.readTree(writer.write(kitchen));
    }

    private void record(Kitchen kitchen, long batch, EventBody body) {
        clock.forward(Duration.ofMinutes(3));
        String key = "k" + clock.instant().toEpochMilli();
        batches.record(kitchen, batch, new Batches.Draft(key, clock.instant(), body));
    }

    private Kitchen fresh() {
        cook = cook(MeasureSystem.US, true);
        return kitchens.kitchen(cook.kitchenId());
    }

    private void everyPageOpens() throws Exception {
        for (String page : PAGES) {
            mvc.perform(as(get(page))).andExpect(status().isOk());
        }
    }

    /** The file with one thing in it changed: "batches[0].events[1].body.grossG" to another value. */
    private byte[] with(String path, Object value) {
        return json.writeValueAsBytes(Altered.with(file, path, value));
    }

    private static final Map<String, Object> HOSTILE = Map.ofEntries(
            Map.entry("kitchen.name", " "),
            Map.entry("kitchen.altitudeM", 99_999),
            Map.entry("kitchen.timeZone", "Mars/Base"),
            Map.entry("kitchen.measures", "FURLONGS"),
            Map.entry("pots[0].name", "x".repeat(81)),
            Map.entry("pots[0].topDiameterMm", -5),
            Map.entry("pots[0].emptyG", 1e9),
            Map.entry("pots[0].material", "CHEESE"),
            Map.entry("pots[1]", "a pot"),
            Map.entry("burners[0].type", "VOLCANO"),
            Map.entry("burners[0].netPowerW", 1e12),
            Map.entry("jars[0].fillMl", 1e9),
            Map.entry("jars[0].count", -3),
            Map.entry(
                    "waterTests",
                    new Raw("[{\"id\":0,\"kitchenId\":0,\"potId\":7,\"burnerId\":0,"
                            + "\"startedAt\":\"2026-01-01T10:00:00\",\"startG\":1000,\"look\":\"lively\"}]")),
            Map.entry(
                    "foods",
                    new Raw("[{\"kitchenId\":0,\"foodId\":\"salt\",\"body\":\"{}\","
                            + "\"changedAt\":\"2026-01-01T10:00:00\"}]")),
            Map.entry("names[0].foodId", "unicorn"),
            Map.entry("names[0].words", ""),
            Map.entry("measures[0].ml", -1),
            Map.entry("measures[0].word", "two words"),
            Map.entry("sauces[0].versions", new Raw("[]")),
            Map.entry("sauces[0].versions[0].version.version", 3),
            Map.entry("sauces[0].versions[0].version.targetStep", 40),
            Map.entry("sauces[0].versions[0].version.texture", "FLUFFY"),
            Map.entry("sauces[0].versions[0].version.stages", "[{]"),
            Map.entry("sauces[0].versions[0].version.schools", "{\"LID\":"),
            Map.entry("sauces[0].versions[0].version.name", "y".repeat(400)),
            Map.entry("sauces[0].versions[0].lines[0].massG", -1),
            Map.entry("sauces[0].versions[0].lines[0].text", "z".repeat(301)),
            Map.entry("batches[0].name", ""),
            Map.entry("batches[0].sauce", 9),
            Map.entry("batches[0].state", "BURNT"),
            Map.entry("batches[0].finishedAt", new Raw("null")),
            Map.entry("batches[0].startedAt", "9999-01-01T00:00:00"),
            Map.entry("batches[0].plan", new Raw("{\"lines\":[]}")),
            Map.entry("batches[0].plan.pot.topDiameterMm", 0),
            Map.entry("batches[0].plan.pairFactor", -1),
            Map.entry("batches[0].plan.lines[0].massG", 1e300),
            Map.entry("batches[0].plan.look", "SIZZLING"),
            Map.entry("batches[0].plan.targetStep", 1000),
            Map.entry("batches[0].events[0].type", "explosion"),
            Map.entry("batches[0].events[0].body.grossG", -5),
            Map.entry("batches[0].events[0].body", new Raw("[1]")),
            Map.entry("batches[0].events[0].clientKey", "<script>"),
            Map.entry("batches[0].events[1].at", "1026-01-01T10:00:00"),
            Map.entry("batches[0].containers", new Raw("[{\"name\":\"jar\"}]")),
            Map.entry(
                    "batches[0].photos",
                    new Raw("[{\"id\":0,\"kitchenId\":0,\"batchId\":0,"
                            + "\"addedAt\":\"2026-01-01T10:00:00\",\"image\":\"PHN2Zy8+\"}]")),
            Map.entry(
                    "plans",
                    new Raw("[{\"sauce\":5,\"name\":\"x\",\"draft\":{},\"ticks\":[],"
                            + "\"savedAt\":\"2026-01-01T10:00:00\"}]")),
            Map.entry("surprise", 1),
            Map.entry("format", "another"));

    @Test
    void whatCouldNotHaveBeenTypedIsRefusedWithItsPathAndNothingIsKept() throws Exception {
        Kitchen empty = fresh();
        int events = jdbc.queryForObject("select count(*) from batch_event", Integer.class);
        for (Map.Entry<String, Object> hostile : HOSTILE.entrySet()) {
            byte[] bad = with(hostile.getKey(), hostile.getValue());
            Refusal refusal = catchThrowableOfType(Refusal.class, () -> reader.read(empty, bad));
            assertThat(refusal).as(hostile.getKey()).isNotNull();
            String path = hostile.getKey().replace(".body", "");
            assertThat(refusal.faults())
                    .as(hostile.getKey())
                    .isNotEmpty()
                    .anyMatch(fault -> fault.field().startsWith(path) || path.startsWith(fault.field() + "."));
            assertThat(refusal.faults())
                    .extracting(Words::say)
                    .as("no words of the database or the language")
                    .noneMatch(m -> m.contains("SQL") || m.contains("Exception") || m.contains("com."));
            assertThat(kitchens.kitchen(empty.id())).as(hostile.getKey()).isEqualTo(empty);
        }
        assertThat(jdbc.queryForObject("select count(*) from batch_event", Integer.class))
                .isEqualTo(events);
        assertThat(kit.pots(empty.id())).hasSize(3);
        everyPageOpens();
        reader.read(empty, json.writeValueAsBytes(file));
        everyPageOpens();
    }

    @Test
    void allFaultsAreSaidAtOnce() {
        ObjectNode bad = (ObjectNode) json.readTree(with("pots[0].emptyG", -1));
        ((ObjectNode) bad.get("burners").get(0)).put("netPowerW", 1);
        ((ObjectNode) bad.get("batches").get(0).get("events").get(0).get("body")).put("grossG", 0);
        Kitchen empty = fresh();
        Refusal refusal = catchThrowableOfType(Refusal.class, () -> reader.read(empty, json.writeValueAsBytes(bad)));
        assertThat(refusal.faults())
                .extracting(Fault::field)
                .containsExactlyInAnyOrder("pots[0].emptyG", "burners[0].netPowerW", "batches[0].events[0].grossG");
    }

    @Test
    void aFoodIsThereOnce() {
        larder.put(cook.kitchenId(), Catalogue.standard().food("honey").orElseThrow(), 0);
        ObjectNode twice = (ObjectNode) json.readTree(writer.write(kitchens.kitchen(cook.kitchenId())));
        ((ArrayNode) twice.get("foods")).add(twice.get("foods").get(0));
        assertThat(catchThrowableOfType(Refusal.class, () -> reader.read(fresh(), json.writeValueAsBytes(twice)))
                        .faults())
                .extracting(Fault::field)
                .containsExactly("foods[1].foodId");
    }

    @Test
    void aFileThatBreaksOffOrIsNoFileChangesNothing() {
        Kitchen empty = fresh();
        byte[] whole = json.writeValueAsBytes(file);
        for (int part : new int[] {0, 1, whole.length / 3, whole.length - 2}) {
            byte[] torn = java.util.Arrays.copyOf(whole, part);
            assertThat(catchThrowableOfType(Refusal.class, () -> reader.read(empty, torn)))
                    .as(part + " bytes")
                    .isNotNull();
        }
        String deep = "{\"pots\":" + "[".repeat(5000);
        assertThat(catchThrowableOfType(Refusal.class, () -> reader.read(empty, deep.getBytes(StandardCharsets.UTF_8))))
                .isNotNull();
        assertThat(catchThrowableOfType(
                        Refusal.class, () -> reader.read(empty, () -> new BreakingOff(whole, whole.length / 2))))
                .isNotNull();
        assertThat(batches.all(empty.id())).isEmpty();
    }

    /** A connection that is lost half-way. */
    private static final class BreakingOff extends ByteArrayInputStream {
        BreakingOff(byte[] whole, int until) {
            super(whole, 0, until);
        }

        @Override
        public synchronized int read(byte[] into, int from, int most) {
            int read = super.read(into, from, most);
            if (read < 0) {
                throw new java.io.UncheckedIOException(new IOException("connection lost"));
            }
            return read;
        }
    }

    @Test
    void whatIsWrittenHoldsTheKitchenItselfAndIsTakenWordsForgottenOrNot() throws Exception {
        Kitchen kitchen = kitchens.kitchen(cook.kitchenId());
        larder.forget(kitchen.id(), "harbour tonic");
        larder.removeMeasure(kitchen.id(), "dipper");
        byte[] written = writer.write(kitchen);
        Kitchen other = fresh();
        reader.read(other, written);
        Kitchen after = kitchens.kitchen(other.id());
        assertThat(after.measures()).isEqualTo(kitchen.measures());
        assertThat(after.fahrenheit()).isEqualTo(kitchen.fahrenheit());
        assertThat(after.zone()).isEqualTo(kitchen.zone());
        assertThat(new String(writer.write(after), StandardCharsets.UTF_8))
                .isEqualTo(new String(written, StandardCharsets.UTF_8));
        everyPageOpens();
    }

    @Test
    void oneFileAtATime() {
        Kitchen first = fresh();
        Kitchen second = kitchens.kitchen(cook(MeasureSystem.METRIC, false).kitchenId());
        byte[] whole = json.writeValueAsBytes(file);
        AtomicReference<Refusal> meanwhile = new AtomicReference<>();
        reader.read(first, () -> {
            Refusal other = CompletableFuture.supplyAsync(
                            () -> catchThrowableOfType(Refusal.class, () -> reader.read(second, whole)))
                    .join();
            meanwhile.compareAndSet(null, other);
            return new ByteArrayInputStream(whole);
        });
        assertThat(meanwhile.get()).isNotNull();
        assertThat(meanwhile.get().kind()).isEqualTo(Refusal.Kind.CONFLICT);
        assertThatCode(() -> reader.read(second, whole)).doesNotThrowAnyException();
    }
}
