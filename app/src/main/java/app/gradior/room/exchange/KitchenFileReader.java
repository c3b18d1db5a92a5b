package app.gradior.room.exchange;

import app.gradior.finding.Refusal;
import app.gradior.larder.Catalogue;
import app.gradior.room.batch.BatchesAsKept;
import app.gradior.room.batch.EventJson;
import app.gradior.room.batch.Photos;
import app.gradior.room.book.SaucesAsKept;
import app.gradior.room.book.StageJson;
import app.gradior.room.exchange.KitchenFile.BatchOut;
import app.gradior.room.exchange.KitchenFile.KitchenOut;
import app.gradior.room.exchange.KitchenFile.PlanOut;
import app.gradior.room.exchange.KitchenFile.SauceOut;
import app.gradior.room.exchange.KitchenFile.SnapshotOut;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.kit.KeptJar;
import app.gradior.room.kit.KeptPot;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitWaterTest;
import app.gradior.room.larder.FoodJson;
import app.gradior.room.larder.Larder;
import app.gradior.room.larder.LarderFood;
import app.gradior.room.larder.LarderInHouse;
import app.gradior.room.larder.LarderMeasure;
import app.gradior.room.larder.LarderName;
import app.gradior.room.plan.PlanDraft;
import app.gradior.room.plan.Plans;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.function.BiConsumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads a kitchen's file, which may come from anybody: everything in it is checked as if it had been typed. */
@Service
public class KitchenFileReader {
    private static final Logger LOG = LoggerFactory.getLogger(KitchenFileReader.class);

    private final SaucesAsKept sauces;
    private final BatchesAsKept batches;
    private final Kitchens kitchens;
    private final Larder known;
    private final EventJson events;
    private final StageJson stages;
    private final FoodJson foods;
    private final FileSchema schema;
    private final KitchenFileRooms rooms;
    private final JsonMapper json;
    /** One file at a time: each takes minutes of a core. */
    private final Semaphore reading = new Semaphore(1);

    // Wide: what checks a file is made of what reads each of its parts.
    KitchenFileReader(
            SaucesAsKept sauces,
            BatchesAsKept batches,
            Kitchens kitchens,
            Larder known,
            EventJson events,
            StageJson stages,
            FoodJson foods,
            FileSchema schema,
            KitchenFileRooms rooms,
            JsonMapper json) {
        this.sauces = sauces;
        this.batches = batches;
        this.kitchens = kitchens;
        this.known = known;
        this.events = events;
        this.stages = stages;
        this.foods = foods;
        this.schema = schema;
        this.rooms = rooms;
        this.json = json;
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

    private void readAlone(Kitchen kitchen, Source source) {
        kitchens.hold(kitchen.id());
        if (!sauces.ids(kitchen.id()).isEmpty() || !batches.ids(kitchen.id()).isEmpty()) {
            throw Refusal.conflict("file", Told.of("kitchen-file-reader.this-kitchen-has-sauces-or-batches"));
        }
        FileFaults faults = new FileFaults(schema);
        try {
            FileSections file = new FileSections(source, json);
            KitchenSmall small = new KitchenSmall();
            file.each(small::take, null);
            KitchenFileChecks checks = new KitchenFileChecks(faults, stages, foods);
            check(small, faults, checks);
            BatchFileChecks batchChecks = new BatchFileChecks(faults, events, checks.foods());
            file.each((name, node) -> {}, (path, node) -> {
                BatchOut batch = faults.shaped(path, "batch", node)
                        ? faults.got(path, () -> json.treeToValue(node, BatchOut.class))
                        : null;
                if (batch != null) {
                    faults.at(path, () -> batchChecks.batch(path, batch, small.sauces.size()));
                    batchChecks.places(path, batch, small.pots.size(), small.burners.size());
                    pictures(path, batch, faults);
                }
                small.batches++;
                return !faults.full();
            });
            checkPlans(small, faults);
            if (!faults.all().isEmpty()) {
                throw new Refusal(Refusal.Kind.UNFIT, faults.all());
            }
            rooms.fill(kitchen, small, file);
        } catch (DataAccessException e) {
            LOG.warn("a kitchen's file does not fit the tables", e);
            throw Refusal.unfit("file", Told.of("kitchen-file-reader.something-in-this-file-does-not"));
        } catch (IOException e) {
            throw Refusal.malformed("file", Told.of("kitchen-file-reader.this-file-could-not-be-read"));
        }
    }

    private static void pictures(String path, BatchOut batch, FileFaults faults) {
        for (int i = 0; i < batch.photos().size(); i++) {
            byte[] image = batch.photos().get(i).image();
            faults.at(path + ".photos[" + i + "].image", () -> Photos.ours(image));
        }
    }

    private <T> List<T> list(KitchenSmall small, String name, String definition, Class<T> type, FileFaults faults) {
        JsonNode node = small.sections.get(name);
        if (node == null || !node.isArray()) {
            faults.add(name, Words.text("kitchen-file-reader.a-list-is-expected"));
            return List.of();
        }
        boolean beforeFour = small.of < 4;
        List<T> list = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            JsonNode item = beforeFour ? withDefaults(node.get(i), type) : node.get(i);
            String path = name + "[" + i + "]";
            if (faults.shaped(path, definition, item)) {
                T read = faults.got(path, () -> json.treeToValue(item, type));
                if (read != null) {
                    list.add(read);
                }
            }
        }
        return list;
    }

    /** What files before format 4 did not have: nothing was put away then. */
    private static JsonNode withDefaults(JsonNode item, Class<?> type) {
        boolean kit = type == KeptPot.class || type == KitBurner.class || type == KeptJar.class;
        if (!kit || !(item instanceof ObjectNode row)) {
            return item;
        }
        ObjectNode whole = row.deepCopy();
        if (!whole.has("revision")) {
            whole.put("revision", 0);
        }
        if (type != KeptJar.class && !whole.has("retired")) {
            whole.put("retired", false);
        }
        return whole;
    }

    private static <T> void all(String name, List<T> items, FileFaults faults, BiConsumer<String, T> check) {
        for (int i = 0; i < items.size() && !faults.full(); i++) {
            String path = name + "[" + i + "]";
            T item = items.get(i);
            faults.at(path, () -> check.accept(path, item));
        }
    }

    private void check(KitchenSmall small, FileFaults faults, KitchenFileChecks checks) {
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
            KitchenOut read = faults.shaped("kitchen", "kitchen", kitchen)
                    ? faults.got("kitchen", () -> json.treeToValue(kitchen, KitchenOut.class))
                    : null;
            small.kitchen = read;
            if (read != null) {
                faults.at("kitchen", () -> checks.kitchen(read));
            }
        } else if (of >= 2) {
            faults.add("kitchen", Words.text("kitchen-file-reader.this-section-is-missing"));
        }
        small.pots = list(small, "pots", "pot", KeptPot.class, faults);
        small.burners = list(small, "burners", "burner", KitBurner.class, faults);
        small.jars = list(small, "jars", "jar", KeptJar.class, faults);
        small.waterTests = list(small, "waterTests", "waterTest", KitWaterTest.class, faults);
        small.foods = list(small, "foods", "food", LarderFood.class, faults);
        small.names = list(small, "names", "name", LarderName.class, faults);
        small.measures = list(small, "measures", "measure", LarderMeasure.class, faults);
        if (small.sections.containsKey("inHouse")) {
            small.inHouse = list(small, "inHouse", "inHouse", LarderInHouse.class, faults);
        }
        small.sauces = list(small, "sauces", "sauce", SauceOut.class, faults);
        all("pots", small.pots, faults, checks::pot);
        all("burners", small.burners, faults, checks::burner);
        all("jars", small.jars, faults, checks::jar);
        all(
                "waterTests",
                small.waterTests,
                faults,
                (path, t) -> checks.waterTest(path, t, small.pots.size(), small.burners.size()));
        all("foods", small.foods, faults, checks::food);
        if (small.foods.size() > Larder.MOST_OWN) {
            faults.add("foods", Words.text("kitchen-file-reader.a-kitchen-has-at-most-foods", Larder.MOST_OWN));
        }
        Set<String> foodIds = new HashSet<>();
        Catalogue.standard().foods().forEach(food -> foodIds.add(food.id()));
        small.foods.forEach(food -> foodIds.add(food.foodId()));
        all("names", small.names, faults, (path, n) -> checks.name(path, n, foodIds));
        all("measures", small.measures, faults, checks::measure);
        all("inHouse", small.inHouse, faults, (path, h) -> checks.known(path, h.foodId(), foodIds));
        all("sauces", small.sauces, faults, checks::sauce);
        if (of >= 3) {
            small.snapshots = list(small, "snapshots", "snapshot", SnapshotOut.class, faults);
            all("snapshots", small.snapshots, faults, checks::snapshot);
        }
    }

    private void checkPlans(KitchenSmall small, FileFaults faults) {
        small.plans = list(small, "plans", "keptPlan", PlanOut.class, faults);
        all("plans", small.plans, faults, (path, p) -> {
            faults.place(path + ".sauce", p.sauce(), small.sauces.size());
            Integer batch = p.batch();
            if (batch != null) {
                faults.place(path + ".batch", batch, small.batches);
            }
            Refusal.text("name", p.name(), 120);
            faults.at(path + ".draft", () -> Plans.check(json.treeToValue(p.draft(), PlanDraft.class)));
            faults.at(path + ".ticks", () -> Plans.checkTicks(p.ticks()));
            places(path, p.draft(), KitchenFile.PLAN_POTS, small.pots.size(), faults);
            places(path, p.draft(), KitchenFile.PLAN_BURNERS, small.burners.size(), faults);
        });
    }

    private static void places(String path, JsonNode draft, List<String> fields, int size, FileFaults faults) {
        for (String field : fields) {
            long place = draft.path(field).longValue(-1);
            if (place != -1) {
                faults.place(path + ".draft." + field, place, size);
            }
        }
    }
}
