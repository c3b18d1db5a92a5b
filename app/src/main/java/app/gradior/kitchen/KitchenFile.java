package app.gradior.kitchen;

import app.gradior.store.BatchMapper;
import app.gradior.store.Inserted;
import app.gradior.store.KitMapper;
import app.gradior.store.LarderMapper;
import app.gradior.store.LessonMapper;
import app.gradior.store.PhotoMapper;
import app.gradior.store.PlanMapper;
import app.gradior.store.Rows.BatchRow;
import app.gradior.store.Rows.BurnerRow;
import app.gradior.store.Rows.ContainerRow;
import app.gradior.store.Rows.EventRow;
import app.gradior.store.Rows.FoodRow;
import app.gradior.store.Rows.JarRow;
import app.gradior.store.Rows.LineRow;
import app.gradior.store.Rows.MeasureRow;
import app.gradior.store.Rows.NameRow;
import app.gradior.store.Rows.PhotoRow;
import app.gradior.store.Rows.PlanRow;
import app.gradior.store.Rows.PotRow;
import app.gradior.store.Rows.SauceRow;
import app.gradior.store.Rows.WaterTestRow;
import app.gradior.store.SauceMapper;
import app.gradior.store.ShelfMapper;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A whole kitchen as one JSON file, out and in. Things are named by their places in its lists, from 0, so that the file of a kitchen that
 * was read in is the same as the one it was read from, byte by byte. Accounts and tokens stay outside.
 */
@Service
public class KitchenFile {
    static final String FORMAT = "gradior.kitchen";
    static final int VERSION = 1;
    private static final List<String> PLAN_POTS = List.of("potId", "otherPotId");
    private static final List<String> PLAN_BURNERS = List.of("burnerId", "otherBurnerId");

    private final KitMapper kit;
    private final SauceMapper sauces;
    private final LarderMapper larder;
    private final BatchMapper batches;
    private final PlanMapper plans;
    private final ShelfMapper shelf;
    private final PhotoMapper photos;
    private final LessonMapper lessons;
    private final Batches summaries;
    private final Larder known;
    private final EventJson events;
    private final JsonMapper json;

    KitchenFile(
            KitMapper kit,
            SauceMapper sauces,
            LarderMapper larder,
            BatchMapper batches,
            PlanMapper plans,
            ShelfMapper shelf,
            PhotoMapper photos,
            LessonMapper lessons,
            Batches summaries,
            Larder known,
            EventJson events,
            JsonMapper json) {
        this.kit = kit;
        this.sauces = sauces;
        this.larder = larder;
        this.batches = batches;
        this.plans = plans;
        this.shelf = shelf;
        this.photos = photos;
        this.lessons = lessons;
        this.summaries = summaries;
        this.known = known;
        this.events = events;
        this.json = json;
    }

    /** A version of a sauce, with its lines. */
    record Version(SauceRow version, List<LineRow> lines) {}

    /** A sauce with all its versions, the first first. */
    record SauceOut(List<Version> versions) {}

    /** An event as it was kept. */
    record EventOut(String clientKey, LocalDateTime at, LocalDateTime recordedAt, String type, JsonNode body) {}

    /**
     * A batch.
     *
     * @param sauce its place among the sauces; absent for none
     * @param counted whether what it taught counts
     * @param photos JPEG
     */
    record BatchOut(
            @Nullable Integer sauce,
            @Nullable Integer version,
            String name,
            JsonNode plan,
            String state,
            LocalDateTime startedAt,
            @Nullable LocalDateTime finishedAt,
            boolean counted,
            List<EventOut> events,
            List<ContainerRow> containers,
            List<PhotoRow> photos) {}

    /** A kept plan; pots, burners, sauce and batch by their places. */
    record PlanOut(
            int sauce,
            String name,
            JsonNode draft,
            @Nullable LocalDateTime serveAt,
            JsonNode ticks,
            @Nullable Integer batch,
            LocalDateTime savedAt) {}

    /** The file. */
    record Whole(
            String format,
            int formatVersion,
            List<PotRow> pots,
            List<BurnerRow> burners,
            List<JarRow> jars,
            List<WaterTestRow> waterTests,
            List<FoodRow> foods,
            List<NameRow> names,
            List<MeasureRow> measures,
            List<SauceOut> sauces,
            List<BatchOut> batches,
            List<PlanOut> plans) {}

    // --- out
    // ----------------------------------------------------------------------------------------------------------

    /** The kitchen's file. */
    @Transactional(readOnly = true)
    public byte[] write(Kitchen kitchen) {
        long id = kitchen.id();
        Places pots = new Places(kit.pots(id).stream().map(PotRow::id).toList());
        Places burners = new Places(kit.burners(id).stream().map(BurnerRow::id).toList());
        List<SauceRow> written = sauces.sauces(id).stream()
                .sorted(Comparator.comparingLong(SauceRow::id))
                .toList();
        Places sauceAt = new Places(written.stream().map(SauceRow::id).toList());
        List<BatchRow> rows = batches.everyOne(id);
        Places batchAt = new Places(rows.stream().map(BatchRow::id).toList());
        Map<Long, Boolean> counted = new HashMap<>();
        lessons.latest(id, Integer.MAX_VALUE).forEach(l -> counted.put(l.batchId(), l.counted()));
        Whole whole = new Whole(
                FORMAT,
                VERSION,
                kit.pots(id).stream().map(KitchenFile::bare).toList(),
                kit.burners(id).stream()
                        .map(b -> new BurnerRow(0, 0, b.name(), b.type(), b.netPowerW()))
                        .toList(),
                kit.jars(id).stream()
                        .map(j -> new JarRow(0, 0, j.name(), j.brimMl(), j.fillMl(), j.count()))
                        .sorted(Comparator.comparingDouble(JarRow::fillMl).thenComparing(JarRow::name))
                        .toList(),
                kit.tests(id).stream()
                        .map(t -> test(t, pots.of(t.potId()), burners.of(t.burnerId())))
                        .toList(),
                larder.foods(id).stream()
                        .map(f -> new FoodRow(0, f.foodId(), f.body(), f.changedAt()))
                        .toList(),
                larder.names(id).stream()
                        .map(n -> new NameRow(0, n.words(), n.foodId()))
                        .toList(),
                larder.measures(id).stream()
                        .map(m -> new MeasureRow(0, m.word(), m.ml()))
                        .toList(),
                written.stream().map(s -> sauce(id, s.id())).toList(),
                rows.stream()
                        .map(b -> batch(id, b, sauceAt, counted.getOrDefault(b.id(), true)))
                        .toList(),
                plans.all(id).stream()
                        .filter(p -> sauceAt.knows(p.sauceId()))
                        .map(p -> plan(p, sauceAt, pots, burners, batchAt))
                        .toList());
        return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(whole);
    }

    /** A batch's file: the same as one in the kitchen's. */
    @Transactional(readOnly = true)
    public byte[] write(Kitchen kitchen, long batchId) {
        BatchRow row = batches.find(kitchen.id(), batchId).orElseThrow(() -> Refusal.missing("batch"));
        Long sauce = row.sauceId();
        Places none = new Places(sauce == null ? List.of() : List.of(sauce));
        return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(batch(kitchen.id(), row, none, true));
    }

    private static PotRow bare(PotRow p) {
        return new PotRow(
                0,
                0,
                p.name(),
                p.topDiameterMm(),
                p.baseDiameterMm(),
                p.heightMm(),
                p.cornerMm(),
                p.emptyG(),
                p.material(),
                p.lid());
    }

    private static WaterTestRow test(WaterTestRow t, long pot, long burner) {
        return new WaterTestRow(
                0,
                0,
                pot,
                burner,
                t.startedAt(),
                t.startG(),
                t.look(),
                t.endG(),
                t.minutes(),
                t.pairFactor(),
                t.logSd());
    }

    private SauceOut sauce(long kitchenId, long sauceId) {
        List<Version> versions = new ArrayList<>();
        for (SauceRow v : sauces.versions(kitchenId, sauceId)) {
            versions.add(
                    0,
                    new Version(
                            version(v, 0, 0),
                            sauces.lines(kitchenId, sauceId, v.version()).stream()
                                    .map(l ->
                                            new LineRow(0, l.version(), l.position(), l.text(), l.foodId(), l.massG()))
                                    .toList()));
        }
        return new SauceOut(versions);
    }

    private static SauceRow version(SauceRow v, long id, long kitchenId) {
        return new SauceRow(
                id,
                kitchenId,
                v.version(),
                v.name(),
                v.texture(),
                v.targetStep(),
                v.servedC(),
                v.useOf(),
                v.yieldMl(),
                v.tags(),
                v.stages(),
                v.schools(),
                v.notes(),
                v.savedAt());
    }

    private BatchOut batch(long kitchenId, BatchRow row, Places sauceAt, boolean counted) {
        Long sauce = row.sauceId();
        return new BatchOut(
                sauce == null || !sauceAt.knows(sauce) ? null : (Integer) sauceAt.of(sauce),
                row.sauceVersion(),
                row.name(),
                json.readTree(row.plan()),
                row.state(),
                row.startedAt(),
                row.finishedAt(),
                counted,
                batches.events(kitchenId, row.id()).stream()
                        .map(e -> new EventOut(
                                e.clientKey(), e.happenedAt(), e.recordedAt(), e.type(), json.readTree(e.body())))
                        .toList(),
                shelf.ofBatch(kitchenId, row.id()).stream()
                        .map(c -> container(c, 0, 0))
                        .toList(),
                photos.ids(kitchenId, row.id()).stream()
                        .flatMap(id -> photos.find(kitchenId, row.id(), id).stream())
                        .map(p -> new PhotoRow(0, 0, 0, p.addedAt(), p.image()))
                        .toList());
    }

    private static ContainerRow container(ContainerRow c, long kitchenId, long batchId) {
        return new ContainerRow(
                0,
                kitchenId,
                batchId,
                c.name(),
                c.ml(),
                c.place(),
                c.packedOn(),
                c.useBy(),
                c.reason(),
                c.state(),
                c.stateOn(),
                c.why(),
                0);
    }

    private PlanOut plan(PlanRow p, Places sauceAt, Places pots, Places burners, Places batchAt) {
        ObjectNode draft = (ObjectNode) json.readTree(p.draft());
        draft.put("sauceId", sauceAt.of(p.sauceId()));
        PLAN_POTS.forEach(field -> place(draft, field, pots));
        PLAN_BURNERS.forEach(field -> place(draft, field, burners));
        Long batch = p.batchId();
        return new PlanOut(
                sauceAt.of(p.sauceId()),
                p.name(),
                draft,
                p.serveAt(),
                json.readTree(p.ticks()),
                batch == null || !batchAt.knows(batch) ? null : (Integer) batchAt.of(batch),
                p.savedAt());
    }

    private static void place(ObjectNode draft, String field, Places places) {
        long id = draft.path(field).longValue(0);
        draft.put(field, places.knows(id) ? places.of(id) : -1);
    }

    /** Places of ids in a list. */
    private static final class Places {
        private final Map<Long, Integer> places = new HashMap<>();

        Places(List<Long> ids) {
            ids.forEach(id -> places.put(id, places.size()));
        }

        boolean knows(long id) {
            return places.containsKey(id);
        }

        int of(long id) {
            Integer place = places.get(id);
            if (place == null) {
                throw new IllegalStateException("id " + id + " has no place in the file");
            }
            return place;
        }
    }

    // --- in
    // -----------------------------------------------------------------------------------------------------------

    /**
     * Reads a file into a kitchen that has neither sauces nor batches yet; its kit is replaced by the file's.
     *
     * @throws Refusal when the kitchen is not empty, or the file is no such file
     */
    @Transactional
    public void read(Kitchen kitchen, byte[] file) {
        long id = kitchen.id();
        if (!sauces.sauces(id).isEmpty() || !batches.everyOne(id).isEmpty()) {
            throw Refusal.conflict(
                    "file", "This kitchen has sauces or batches: a file is read into an empty one. Set one up for it.");
        }
        try {
            Whole whole = json.readValue(file, Whole.class);
            if (!whole.format().equals(FORMAT) || whole.formatVersion() != VERSION) {
                throw Refusal.unfit("format", "This is no kitchen's file of format 1.");
            }
            write(kitchen, whole);
        } catch (JacksonException e) {
            throw EventJson.refusal(e);
        } catch (IllegalArgumentException | IndexOutOfBoundsException | IllegalStateException | DataAccessException e) {
            throw Refusal.unfit("file", "Something in this file does not fit: " + e.getMessage());
        }
    }

    private void write(Kitchen kitchen, Whole whole) {
        long id = kitchen.id();
        kit.tests(id).forEach(t -> kit.removeTest(id, t.id()));
        kit.pots(id).forEach(p -> kit.removePot(id, p.id()));
        kit.burners(id).forEach(b -> kit.removeBurner(id, b.id()));
        kit.jars(id).forEach(j -> kit.removeJar(id, j.id()));
        for (PotRow p : whole.pots()) {
            KitchenKit.KitPot.of(p);
            kit.insertPot(new PotRow(
                    0,
                    id,
                    p.name(),
                    p.topDiameterMm(),
                    p.baseDiameterMm(),
                    p.heightMm(),
                    p.cornerMm(),
                    p.emptyG(),
                    p.material(),
                    p.lid()));
        }
        whole.burners().forEach(b -> kit.insertBurner(new BurnerRow(0, id, b.name(), b.type(), b.netPowerW())));
        whole.jars().forEach(j -> kit.insertJar(new JarRow(0, id, j.name(), j.brimMl(), j.fillMl(), j.count())));
        List<Long> pots = kit.pots(id).stream().map(PotRow::id).toList();
        List<Long> burners = kit.burners(id).stream().map(BurnerRow::id).toList();
        for (WaterTestRow t : whole.waterTests()) {
            WaterTestRow row = test(t, pots.get((int) t.potId()), burners.get((int) t.burnerId()));
            Inserted key = new Inserted();
            kit.insertTest(with(row, 0, id), key);
            kit.endTest(with(row, key.getId(), id));
        }
        whole.foods().forEach(f -> larder.putFood(new FoodRow(id, f.foodId(), f.body(), f.changedAt())));
        whole.names().forEach(n -> larder.putName(new NameRow(id, n.words(), n.foodId())));
        whole.measures().forEach(m -> larder.putMeasure(new MeasureRow(id, m.word(), m.ml())));
        known.changed(id);
        List<Long> sauceIds = whole.sauces().stream().map(s -> sauce(id, s)).toList();
        List<Long> batchIds =
                whole.batches().stream().map(b -> batch(kitchen, b, sauceIds)).toList();
        for (PlanOut p : whole.plans()) {
            plan(id, p, sauceIds, pots, burners, batchIds);
        }
    }

    private static WaterTestRow with(WaterTestRow t, long testId, long kitchenId) {
        return new WaterTestRow(
                testId,
                kitchenId,
                t.potId(),
                t.burnerId(),
                t.startedAt(),
                t.startG(),
                t.look(),
                t.endG(),
                t.minutes(),
                t.pairFactor(),
                t.logSd());
    }

    private long sauce(long kitchenId, SauceOut sauce) {
        Inserted key = new Inserted();
        sauces.insert(kitchenId, key);
        int expected = 1;
        for (Version v : sauce.versions()) {
            if (v.version().version() != expected) {
                throw new IllegalArgumentException("a sauce's versions count from 1: " + expected + " expected");
            }
            sauces.insertVersion(version(v.version(), key.getId(), kitchenId));
            for (LineRow l : v.lines()) {
                sauces.insertLine(new LineRow(key.getId(), expected, l.position(), l.text(), l.foodId(), l.massG()));
            }
            if (expected > 1) {
                sauces.advance(kitchenId, key.getId(), expected);
            }
            expected++;
        }
        if (expected == 1) {
            throw new IllegalArgumentException("a sauce has one version or more");
        }
        return key.getId();
    }

    private long batch(Kitchen kitchen, BatchOut b, List<Long> sauceIds) {
        events.plan(b.plan().toString());
        Integer sauce = b.sauce();
        Inserted key = new Inserted();
        batches.insert(
                new BatchRow(
                        0,
                        kitchen.id(),
                        sauce == null ? null : sauceIds.get(sauce),
                        b.version(),
                        b.name(),
                        b.plan().toString(),
                        Batch.State.LIVE.name(),
                        b.startedAt(),
                        null),
                key);
        for (EventOut e : b.events()) {
            events.read(e.type(), e.body());
            batches.insertEvent(
                    new EventRow(
                            0,
                            kitchen.id(),
                            key.getId(),
                            e.clientKey(),
                            e.at(),
                            e.recordedAt(),
                            e.type(),
                            e.body().toString()),
                    new Inserted());
        }
        LocalDateTime finishedAt = b.finishedAt();
        if (finishedAt != null) {
            batches.finish(kitchen.id(), key.getId(), finishedAt);
        }
        b.containers().forEach(c -> shelf.insert(container(c, kitchen.id(), key.getId()), new Inserted()));
        for (PhotoRow p : b.photos()) {
            photos.insert(
                    new PhotoRow(0, kitchen.id(), key.getId(), p.addedAt(), Photos.redrawnUnlessOurs(p.image())),
                    new Inserted());
        }
        summaries.rebuild(kitchen, key.getId());
        if (!b.counted()) {
            lessons.count(kitchen.id(), key.getId(), false);
        }
        return key.getId();
    }

    private void plan(
            long kitchenId, PlanOut p, List<Long> sauceIds, List<Long> pots, List<Long> burners, List<Long> batchIds) {
        ObjectNode draft = (ObjectNode) p.draft().deepCopy();
        draft.put("sauceId", sauceIds.get(p.sauce()));
        PLAN_POTS.forEach(field -> id(draft, field, pots));
        PLAN_BURNERS.forEach(field -> id(draft, field, burners));
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
