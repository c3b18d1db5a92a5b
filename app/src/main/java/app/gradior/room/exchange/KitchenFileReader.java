package app.gradior.room.exchange;

import app.gradior.batch.Batch;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.larder.Catalogue;
import app.gradior.room.Inserted;
import app.gradior.room.batch.BatchLoading;
import app.gradior.room.batch.BatchMapper;
import app.gradior.room.batch.BatchRow;
import app.gradior.room.batch.Batches;
import app.gradior.room.batch.EventJson;
import app.gradior.room.batch.EventRow;
import app.gradior.room.batch.PhotoMapper;
import app.gradior.room.batch.PhotoRow;
import app.gradior.room.batch.Photos;
import app.gradior.room.book.LineRow;
import app.gradior.room.book.SauceMapper;
import app.gradior.room.book.StageJson;
import app.gradior.room.exchange.KitchenFile.BatchOut;
import app.gradior.room.exchange.KitchenFile.KitchenOut;
import app.gradior.room.exchange.KitchenFile.PlanOut;
import app.gradior.room.exchange.KitchenFile.SauceOut;
import app.gradior.room.exchange.KitchenFile.SnapshotOut;
import app.gradior.room.fault.CannotReckon;
import app.gradior.room.fault.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.KitchenMapper;
import app.gradior.room.house.KitchenRow;
import app.gradior.room.kit.JarRow;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitMapper;
import app.gradior.room.kit.KitWaterTest;
import app.gradior.room.kit.LessonMapper;
import app.gradior.room.kit.PotRow;
import app.gradior.room.larder.FoodJson;
import app.gradior.room.larder.FoodRow;
import app.gradior.room.larder.FoodSnapshots;
import app.gradior.room.larder.Larder;
import app.gradior.room.larder.LarderMapper;
import app.gradior.room.larder.MeasureRow;
import app.gradior.room.larder.NameRow;
import app.gradior.room.plan.PlanDraft;
import app.gradior.room.plan.PlanMapper;
import app.gradior.room.plan.PlanRow;
import app.gradior.room.plan.Plans;
import app.gradior.room.shelf.ContainerRow;
import app.gradior.room.shelf.ShelfMapper;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads a kitchen's file, which may come from anybody: everything in it is checked as if it had been typed. */
@Service
public class KitchenFileReader {
    private static final Logger LOG = LoggerFactory.getLogger(KitchenFileReader.class);
    private static final Set<String> SECTIONS = Set.of(
            "format",
            "formatVersion",
            "kitchen",
            "pots",
            "burners",
            "jars",
            "waterTests",
            "foods",
            "names",
            "measures",
            "sauces",
            "snapshots",
            "batches",
            "plans");

    private final KitMapper kit;
    private final SauceMapper sauces;
    private final LarderMapper larder;
    private final BatchMapper batches;
    private final PlanMapper plans;
    private final ShelfMapper shelf;
    private final PhotoMapper photos;
    private final LessonMapper lessons;
    private final KitchenMapper kitchens;
    private final Batches summaries;
    private final BatchLoading loading;
    private final Larder known;
    private final FoodSnapshots snapshots;
    private final EventJson events;
    private final StageJson stages;
    private final FoodJson foods;
    private final FileSchema schema;
    private final JsonMapper json;
    /** Reads one thing of many that follow one another. */
    private final ObjectReader trees;
    /** One file at a time: each takes minutes of a core. */
    private final Semaphore reading = new Semaphore(1);

    // Wide: a kitchen's file has a part of every room.
    KitchenFileReader(
            KitMapper kit,
            SauceMapper sauces,
            LarderMapper larder,
            BatchMapper batches,
            PlanMapper plans,
            ShelfMapper shelf,
            PhotoMapper photos,
            LessonMapper lessons,
            KitchenMapper kitchens,
            Batches summaries,
            BatchLoading loading,
            Larder known,
            FoodSnapshots snapshots,
            EventJson events,
            StageJson stages,
            FoodJson foods,
            FileSchema schema,
            JsonMapper json) {
        this.kit = kit;
        this.sauces = sauces;
        this.larder = larder;
        this.batches = batches;
        this.plans = plans;
        this.shelf = shelf;
        this.photos = photos;
        this.lessons = lessons;
        this.kitchens = kitchens;
        this.summaries = summaries;
        this.loading = loading;
        this.known = known;
        this.snapshots = snapshots;
        this.events = events;
        this.stages = stages;
        this.foods = foods;
        this.schema = schema;
        this.json = json;
        this.trees = json.readerFor(JsonNode.class).without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
    }

    /** A file that can be read from its beginning more than once. */
    public interface Source {
        InputStream open() throws IOException;
    }

    /**
     * Reads a file into a kitchen that has neither sauces nor batches yet; its kit is replaced by the file's, and it takes the file's
     * name, measures, altitude and clock. Nothing is kept of a file with a fault.
     *
     * @throws Refusal when the kitchen is not empty, another file is being read, or with all that is wrong with the file
     */
    @Transactional
    public void read(Kitchen kitchen, byte[] file) {
        read(kitchen, () -> new ByteArrayInputStream(file));
    }

    /** The same of a file that is too large to be held. */
    @Transactional
    public void read(Kitchen kitchen, Source file) {
        if (!reading.tryAcquire()) {
            throw Refusal.conflict("file", Told.of("kitchen-file-reader.another-kitchen-s-file-is-being"));
        }
        try {
            readAlone(kitchen, file);
        } finally {
            reading.release();
            known.changed(kitchen.id());
        }
    }

    private void readAlone(Kitchen kitchen, Source file) {
        if (kitchens.lock(kitchen.id()).isEmpty()) {
            throw Refusal.missing(Thing.KITCHEN);
        }
        if (!sauces.sauces(kitchen.id()).isEmpty() || !batches.ids(kitchen.id()).isEmpty()) {
            throw Refusal.conflict("file", Told.of("kitchen-file-reader.this-kitchen-has-sauces-or-batches"));
        }
        KitchenFileChecks checks = new KitchenFileChecks(events, stages, foods, schema);
        try {
            Small small = new Small();
            each(file, checks, small::take, null);
            check(small, checks);
            each(file, checks, (name, node) -> {}, (path, node) -> {
                BatchOut batch = checks.shaped(path, "batch", node)
                        ? checks.got(path, () -> json.treeToValue(node, BatchOut.class))
                        : null;
                if (batch != null) {
                    checks.at(path, () -> checks.batch(path, batch, small.sauces.size()));
                    checks.places(path, batch, small.pots.size(), small.burners.size());
                    pictures(path, batch, checks);
                }
                small.batches++;
            });
            checkPlans(small, checks);
            if (!checks.faults().isEmpty()) {
                throw new Refusal(Refusal.Kind.UNFIT, checks.faults());
            }
            write(kitchen, small, file, checks);
        } catch (DataAccessException e) {
            LOG.warn("a kitchen's file does not fit the tables", e);
            throw Refusal.unfit("file", Told.of("kitchen-file-reader.something-in-this-file-does-not"));
        } catch (IOException e) {
            throw Refusal.malformed("file", Told.of("kitchen-file-reader.this-file-could-not-be-read"));
        }
    }

    private static void pictures(String path, BatchOut batch, KitchenFileChecks checks) {
        for (int i = 0; i < batch.photos().size(); i++) {
            byte[] image = batch.photos().get(i).image();
            checks.at(path + ".photos[" + i + "].image", () -> Photos.ours(image));
        }
    }

    /** What is small in a file, as its sections come. */
    private static final class Small {
        private final Map<String, JsonNode> sections = new HashMap<>();
        private @Nullable KitchenOut kitchen;
        private List<PotRow> pots = List.of();
        private List<KitBurner> burners = List.of();
        private List<JarRow> jars = List.of();
        private List<KitWaterTest> waterTests = List.of();
        private List<FoodRow> foods = List.of();
        private List<NameRow> names = List.of();
        private List<MeasureRow> measures = List.of();
        private List<SauceOut> sauces = List.of();
        private List<PlanOut> plans = List.of();
        private List<SnapshotOut> snapshots = List.of();
        private int batches;
        /** The file's format. */
        private int of;

        void take(String name, JsonNode node) {
            sections.put(name, node);
        }
    }

    /** Goes through a file: its small sections by name, its batches one by one. */
    private void each(
            Source file,
            KitchenFileChecks checks,
            BiConsumer<String, JsonNode> section,
            @Nullable BiConsumer<String, JsonNode> batch)
            throws IOException {
        try (InputStream in = file.open();
                JsonParser parser = json.createParser(in)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw Refusal.malformed("file", Told.of("kitchen-file-reader.this-is-no-kitchen-s-file"));
            }
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                parser.nextToken();
                if (!SECTIONS.contains(name)) {
                    throw Refusal.unfit(name, Told.of("kitchen-file-reader.this-field-is-not-known"));
                }
                if (!name.equals("batches")) {
                    section.accept(name, trees.readTree(parser));
                } else if (parser.currentToken() != JsonToken.START_ARRAY) {
                    throw Refusal.unfit("batches", Told.of("kitchen-file-reader.a-list-is-expected"));
                } else if (batch == null) {
                    parser.skipChildren();
                } else {
                    for (int i = 0; parser.nextToken() != JsonToken.END_ARRAY && !checks.full(); i++) {
                        batch.accept("batches[" + i + "]", trees.readTree(parser));
                    }
                    if (checks.full()) {
                        return;
                    }
                }
            }
        } catch (JacksonException | UncheckedIOException e) {
            throw Refusal.malformed("file", Told.of("kitchen-file-reader.this-is-no-valid-json-it"));
        }
    }

    private <T> List<T> list(Small small, String name, String definition, Class<T> type, KitchenFileChecks checks) {
        JsonNode node = small.sections.get(name);
        if (node == null || !node.isArray()) {
            checks.add(name, Words.text("kitchen-file-reader.a-list-is-expected"));
            return List.of();
        }
        boolean beforeFour = small.of < 4;
        List<T> list = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            JsonNode item = beforeFour ? withDefaults(node.get(i), type) : node.get(i);
            String path = name + "[" + i + "]";
            if (checks.shaped(path, definition, item)) {
                T read = checks.got(path, () -> json.treeToValue(item, type));
                if (read != null) {
                    list.add(read);
                }
            }
        }
        return list;
    }

    /** What files before format 4 did not have: nothing was put away then. */
    private static JsonNode withDefaults(JsonNode item, Class<?> type) {
        boolean kit = type == PotRow.class || type == KitBurner.class || type == JarRow.class;
        if (!kit || !(item instanceof ObjectNode row)) {
            return item;
        }
        ObjectNode whole = row.deepCopy();
        if (!whole.has("revision")) {
            whole.put("revision", 0);
        }
        if (type != JarRow.class && !whole.has("retired")) {
            whole.put("retired", false);
        }
        return whole;
    }

    private static <T> void all(String name, List<T> items, KitchenFileChecks checks, BiConsumer<String, T> check) {
        for (int i = 0; i < items.size() && !checks.full(); i++) {
            String path = name + "[" + i + "]";
            T item = items.get(i);
            checks.at(path, () -> check.accept(path, item));
        }
    }

    private void check(Small small, KitchenFileChecks checks) {
        JsonNode format = small.sections.get("format");
        JsonNode version = small.sections.get("formatVersion");
        boolean ours =
                format != null && format.isString() && format.stringValue().equals(KitchenFile.FORMAT);
        int of = version != null && version.isInt() ? version.intValue() : 0;
        if (!ours || of < 1 || of > KitchenFile.VERSION) {
            throw Refusal.unfit(
                    "format", Told.of("kitchen-file-reader.this-is-no-kitchen-s-file-2", KitchenFile.VERSION));
        }
        small.of = of;
        JsonNode kitchen = small.sections.get("kitchen");
        if (kitchen != null) {
            KitchenOut read = checks.shaped("kitchen", "kitchen", kitchen)
                    ? checks.got("kitchen", () -> json.treeToValue(kitchen, KitchenOut.class))
                    : null;
            small.kitchen = read;
            if (read != null) {
                checks.at("kitchen", () -> checks.kitchen(read));
            }
        } else if (of >= 2) {
            checks.add("kitchen", Words.text("kitchen-file-reader.this-section-is-missing"));
        }
        small.pots = list(small, "pots", "pot", PotRow.class, checks);
        small.burners = list(small, "burners", "burner", KitBurner.class, checks);
        small.jars = list(small, "jars", "jar", JarRow.class, checks);
        small.waterTests = list(small, "waterTests", "waterTest", KitWaterTest.class, checks);
        small.foods = list(small, "foods", "food", FoodRow.class, checks);
        small.names = list(small, "names", "name", NameRow.class, checks);
        small.measures = list(small, "measures", "measure", MeasureRow.class, checks);
        small.sauces = list(small, "sauces", "sauce", SauceOut.class, checks);
        all("pots", small.pots, checks, checks::pot);
        all("burners", small.burners, checks, checks::burner);
        all("jars", small.jars, checks, checks::jar);
        all(
                "waterTests",
                small.waterTests,
                checks,
                (path, t) -> checks.waterTest(path, t, small.pots.size(), small.burners.size()));
        all("foods", small.foods, checks, checks::food);
        if (small.foods.size() > Larder.MOST_OWN) {
            checks.add("foods", Words.text("kitchen-file-reader.a-kitchen-has-at-most-foods", Larder.MOST_OWN));
        }
        Set<String> foodIds = new HashSet<>();
        Catalogue.standard().foods().forEach(food -> foodIds.add(food.id()));
        small.foods.forEach(food -> foodIds.add(food.foodId()));
        all("names", small.names, checks, (path, n) -> checks.name(path, n, foodIds));
        all("measures", small.measures, checks, checks::measure);
        all("sauces", small.sauces, checks, checks::sauce);
        if (of >= 3) {
            small.snapshots = list(small, "snapshots", "snapshot", SnapshotOut.class, checks);
            all("snapshots", small.snapshots, checks, checks::snapshot);
        }
    }

    private void checkPlans(Small small, KitchenFileChecks checks) {
        small.plans = list(small, "plans", "keptPlan", PlanOut.class, checks);
        all("plans", small.plans, checks, (path, p) -> {
            checks.place(path + ".sauce", p.sauce(), small.sauces.size());
            Integer batch = p.batch();
            if (batch != null) {
                checks.place(path + ".batch", batch, small.batches);
            }
            Refusal.text("name", p.name(), 120);
            checks.at(path + ".draft", () -> Plans.check(json.treeToValue(p.draft(), PlanDraft.class)));
            checks.at(path + ".ticks", () -> Plans.checkTicks(p.ticks()));
            places(path, p.draft(), KitchenFile.PLAN_POTS, small.pots.size(), checks);
            places(path, p.draft(), KitchenFile.PLAN_BURNERS, small.burners.size(), checks);
        });
    }

    private static void places(String path, JsonNode draft, List<String> fields, int size, KitchenFileChecks checks) {
        for (String field : fields) {
            long place = draft.path(field).longValue(-1);
            if (place != -1) {
                checks.place(path + ".draft." + field, place, size);
            }
        }
    }

    private void write(Kitchen kitchen, Small small, Source file, KitchenFileChecks checks) throws IOException {
        long id = kitchen.id();
        KitchenOut itself = small.kitchen;
        if (itself != null) {
            kitchens.update(new KitchenRow(
                    id,
                    itself.name().strip(),
                    itself.measures().name(),
                    itself.fahrenheit(),
                    itself.altitudeM(),
                    itself.timeZone(),
                    kitchen.demo(),
                    itself.language() == null ? "" : itself.language(),
                    kitchen.revision()));
        }
        kit.tests(id).forEach(t -> kit.removeTest(id, t.id()));
        kit.pots(id).forEach(p -> kit.removePot(id, p.id()));
        kit.burners(id).forEach(b -> kit.removeBurner(id, b.id()));
        kit.jars(id).forEach(j -> kit.removeJar(id, j.id()));
        larder.foods(id).forEach(f -> larder.removeFood(id, f.foodId()));
        larder.names(id).forEach(n -> larder.removeName(id, n.words()));
        larder.measures(id).forEach(m -> larder.removeMeasure(id, m.word()));
        small.pots.forEach(p -> kit.insertPot(p.in(id)));
        small.burners.forEach(b -> kit.insertBurner(b.in(id)));
        small.jars.forEach(j -> kit.insertJar(j.in(id)));
        List<Long> pots = kit.pots(id).stream().map(PotRow::id).toList();
        List<Long> burners = kit.burners(id).stream().map(KitBurner::id).toList();
        for (KitWaterTest t : small.waterTests) {
            long pot = pots.get((int) t.potId());
            long burner = burners.get((int) t.burnerId());
            Inserted key = new Inserted();
            kit.insertTest(t.of(0, id, pot, burner), key);
            kit.endTest(t.of(key.getId(), id, pot, burner));
        }
        small.foods.forEach(f -> larder.addFood(f.in(id)));
        small.names.forEach(n -> larder.putName(n.in(id)));
        small.measures.forEach(m -> larder.putMeasure(m.in(id)));
        small.snapshots.forEach(s -> snapshots.keep(id, s.food().toString()));
        known.changed(id);
        Kitchen now = Kitchen.of(kitchens.find(id).orElseThrow());
        List<Long> sauceIds = small.sauces.stream().map(s -> sauce(id, s)).toList();
        List<Long> batchIds = new ArrayList<>();
        each(
                file,
                checks,
                (name, node) -> {},
                (path, node) -> batchIds.add(
                        batch(now, json.treeToValue(node, BatchOut.class), new Ids(sauceIds, pots, burners, small))));
        for (PlanOut p : small.plans) {
            plan(id, p, sauceIds, pots, burners, batchIds);
        }
    }

    private long sauce(long kitchenId, SauceOut sauce) {
        Inserted key = new Inserted();
        sauces.insert(kitchenId, key);
        int expected = 1;
        for (KitchenFile.Version v : sauce.versions()) {
            sauces.insertVersion(v.version().of(key.getId(), kitchenId));
            for (LineRow l : v.lines()) {
                sauces.insertLine(l.of(key.getId(), expected));
            }
            if (expected > 1) {
                sauces.advance(kitchenId, key.getId(), expected);
            }
            expected++;
        }
        return key.getId();
    }

    /** The ids that things of a file got, by their places in it. */
    private record Ids(List<Long> sauces, List<Long> pots, List<Long> burners, Small small) {
        /** The pot of a batch; before format 4 the first of its name. */
        @Nullable
        Long pot(BatchOut b) {
            String name = b.plan().path("pot").path("name").asString("");
            return id(pots, b.pot(), small.of < 4 ? places(small.pots, PotRow::name, name) : List.of());
        }

        @Nullable
        Long burner(BatchOut b) {
            String name = b.plan().path("burner").asString("");
            return id(burners, b.burner(), small.of < 4 ? places(small.burners, KitBurner::name, name) : List.of());
        }

        private static <T> List<Integer> places(List<T> things, Function<T, String> nameOf, String name) {
            return IntStream.range(0, things.size())
                    .filter(i -> nameOf.apply(things.get(i)).equals(name))
                    .boxed()
                    .toList();
        }

        private static @Nullable Long id(List<Long> ids, @Nullable Integer place, List<Integer> byName) {
            if (place != null) {
                return ids.get(place);
            }
            return byName.isEmpty() ? null : ids.get(byName.get(0));
        }
    }

    private long batch(Kitchen kitchen, BatchOut b, Ids ids) {
        Integer sauce = b.sauce();
        Inserted key = new Inserted();
        batches.insert(
                new BatchRow(
                        0,
                        kitchen.id(),
                        sauce == null ? null : ids.sauces().get(sauce),
                        b.version(),
                        ids.pot(b),
                        ids.burner(b),
                        b.name(),
                        b.plan().toString(),
                        Batch.State.LIVE.name(),
                        b.startedAt(),
                        null),
                key);
        batches.insertPlan(kitchen.id(), key.getId(), b.plan().toString());
        for (KitchenFile.EventOut e : b.events()) {
            batches.insertEvent(
                    new EventRow(
                            0,
                            kitchen.id(),
                            key.getId(),
                            e.clientKey(),
                            e.at(),
                            e.recordedAt(),
                            e.type(),
                            e.body().toString(),
                            e.understood() == null ? null : e.understood().toString()),
                    new Inserted());
        }
        LocalDateTime finishedAt = b.finishedAt();
        if (finishedAt != null) {
            batches.finish(kitchen.id(), key.getId(), finishedAt);
        } else if (b.state().equals(Batch.State.ASIDE.name())) {
            batches.move(kitchen.id(), key.getId(), Batch.State.LIVE.name(), Batch.State.ASIDE.name());
        }
        for (ContainerRow c : b.containers()) {
            shelf.insert(c.of(kitchen.id(), key.getId()), new Inserted());
        }
        for (PhotoRow p : b.photos()) {
            photos.insert(
                    new PhotoRow(0, kitchen.id(), key.getId(), p.addedAt(), Photos.ours(p.image())), new Inserted());
        }
        try {
            loading.understand(kitchen.id(), key.getId());
            summaries.rebuild(kitchen, key.getId());
        } catch (CannotReckon odd) {
            LOG.warn("batch {} of a file cannot be reckoned: {}", key.getId(), Odd.why(odd));
        }
        if (!b.counted()) {
            lessons.count(kitchen.id(), key.getId(), false);
        }
        return key.getId();
    }

    private void plan(
            long kitchenId, PlanOut p, List<Long> sauceIds, List<Long> pots, List<Long> burners, List<Long> batchIds) {
        ObjectNode draft = (ObjectNode) p.draft().deepCopy();
        draft.put("sauceId", sauceIds.get(p.sauce()));
        KitchenFile.PLAN_POTS.forEach(field -> id(draft, field, pots));
        KitchenFile.PLAN_BURNERS.forEach(field -> id(draft, field, burners));
        Inserted key = new Inserted();
        plans.insert(
                new PlanRow(
                        0,
                        kitchenId,
                        sauceIds.get(p.sauce()),
                        p.name(),
                        1,
                        draft.toString(),
                        p.serveAt(),
                        "[]",
                        null,
                        p.savedAt()),
                key);
        plans.tick(kitchenId, key.getId(), p.ticks().toString());
        Integer batch = p.batch();
        if (batch != null) {
            plans.start(kitchenId, key.getId(), batchIds.get(batch));
        }
    }

    private static void id(ObjectNode draft, String field, List<Long> ids) {
        int place = draft.path(field).intValue(-1);
        draft.put(field, place < 0 ? 0L : ids.get(place));
    }
}
