package app.gradior.room.exchange;

import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.room.batch.BatchMapper;
import app.gradior.room.batch.BatchRow;
import app.gradior.room.batch.PhotoMapper;
import app.gradior.room.batch.PhotoRow;
import app.gradior.room.book.SauceMapper;
import app.gradior.room.book.SauceVersion;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.JarRow;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitMapper;
import app.gradior.room.kit.LessonMapper;
import app.gradior.room.kit.PotRow;
import app.gradior.room.larder.LarderMapper;
import app.gradior.room.larder.SnapshotMapper;
import app.gradior.room.plan.PlanMapper;
import app.gradior.room.plan.PlanRow;
import app.gradior.room.shelf.ShelfMapper;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes a kitchen, or a batch of it, as a file. */
@Service
public class KitchenFileWriter {
    private final KitMapper kit;
    private final SauceMapper sauces;
    private final LarderMapper larder;
    private final BatchMapper batches;
    private final PlanMapper plans;
    private final ShelfMapper shelf;
    private final PhotoMapper photos;
    private final LessonMapper lessons;
    private final SnapshotMapper snapshots;
    private final JsonMapper json;

    // Wide: a kitchen's file has a part of every room.
    KitchenFileWriter(
            KitMapper kit,
            SauceMapper sauces,
            LarderMapper larder,
            BatchMapper batches,
            PlanMapper plans,
            ShelfMapper shelf,
            PhotoMapper photos,
            LessonMapper lessons,
            SnapshotMapper snapshots,
            JsonMapper json) {
        this.kit = kit;
        this.sauces = sauces;
        this.larder = larder;
        this.batches = batches;
        this.plans = plans;
        this.shelf = shelf;
        this.photos = photos;
        this.lessons = lessons;
        this.snapshots = snapshots;
        this.json = json;
    }

    /** The kitchen's file, all at once. */
    @Transactional(readOnly = true)
    public byte[] write(Kitchen kitchen) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        write(kitchen, out);
        return out.toByteArray();
    }

    /** The kitchen's file, batch by batch: as large as it may be, little of it is held at once. */
    @Transactional(readOnly = true)
    public void write(Kitchen kitchen, OutputStream out) {
        long id = kitchen.id();
        Places pots = new Places(kit.pots(id).stream().map(PotRow::id).toList());
        Places burners = new Places(kit.burners(id).stream().map(KitBurner::id).toList());
        List<SauceVersion> written = sauces.sauces(id).stream()
                .sorted(Comparator.comparingLong(SauceVersion::id))
                .toList();
        Places sauceAt = new Places(written.stream().map(SauceVersion::id).toList());
        List<Long> ids = batches.ids(id);
        Places batchAt = new Places(ids);
        Map<Long, Boolean> counted = new HashMap<>();
        lessons.latest(id, Integer.MAX_VALUE).forEach(l -> counted.put(l.batchId(), l.counted()));
        try (JsonGenerator file = json.writerWithDefaultPrettyPrinter().createGenerator(out)) {
            file.writeStartObject();
            file.writeStringProperty("format", KitchenFile.FORMAT);
            file.writeNumberProperty("formatVersion", KitchenFile.VERSION);
            file.writePOJOProperty("kitchen", KitchenFile.KitchenOut.of(kitchen));
            file.writePOJOProperty(
                    "pots", kit.pots(id).stream().map(p -> p.in(0)).toList());
            file.writePOJOProperty(
                    "burners", kit.burners(id).stream().map(b -> b.in(0)).toList());
            file.writePOJOProperty(
                    "jars",
                    kit.jars(id).stream()
                            .map(j -> j.in(0))
                            .sorted(Comparator.comparingDouble(JarRow::fillMl).thenComparing(JarRow::name))
                            .toList());
            file.writePOJOProperty(
                    "waterTests",
                    kit.tests(id).stream()
                            .filter(t -> pots.knows(t.potId()) && burners.knows(t.burnerId()))
                            .map(t -> t.of(0, 0, pots.of(t.potId()), burners.of(t.burnerId())))
                            .toList());
            file.writePOJOProperty(
                    "foods", larder.foods(id).stream().map(f -> f.in(0)).toList());
            file.writePOJOProperty(
                    "names", larder.names(id).stream().map(n -> n.in(0)).toList());
            file.writePOJOProperty(
                    "measures", larder.measures(id).stream().map(m -> m.in(0)).toList());
            file.writePOJOProperty(
                    "sauces", written.stream().map(s -> sauce(id, s.id())).toList());
            file.writePOJOProperty("snapshots", snapshots(id));
            file.writeName("batches");
            file.writeStartArray();
            for (long batchId : ids) {
                BatchRow row = batches.find(id, batchId).orElseThrow(() -> Refusal.missing(Thing.BATCH));
                file.writePOJO(batch(row, new Kinds(sauceAt, pots, burners), counted.getOrDefault(batchId, true)));
            }
            file.writeEndArray();
            file.writePOJOProperty(
                    "plans",
                    plans.all(id).stream()
                            .filter(p -> sauceAt.knows(p.sauceId()))
                            .map(p -> plan(p, sauceAt, pots, burners, batchAt))
                            .toList());
            file.writeEndObject();
        }
    }

    /** A batch's file: the same as one in the kitchen's, with the foods of then that it is made of. */
    @Transactional(readOnly = true)
    public byte[] write(Kitchen kitchen, long batchId) {
        BatchRow row = batches.find(kitchen.id(), batchId).orElseThrow(() -> Refusal.missing(Thing.BATCH));
        Long sauce = row.sauceId();
        Places one = new Places(sauce == null ? List.of() : List.of(sauce));
        Places none = new Places(List.of());
        ObjectNode file = json.valueToTree(batch(row, new Kinds(one, none, none), true));
        Set<String> used = Set.copyOf(file.findValuesAsString("snapshot"));
        file.set(
                "snapshots",
                json.valueToTree(snapshots(kitchen.id()).stream()
                        .filter(s -> used.contains(s.hash()))
                        .toList()));
        return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(file);
    }

    private List<KitchenFile.SnapshotOut> snapshots(long kitchenId) {
        return snapshots.all(kitchenId).stream()
                .map(s -> new KitchenFile.SnapshotOut(s.hash(), json.readTree(s.food())))
                .toList();
    }

    private KitchenFile.SauceOut sauce(long kitchenId, long sauceId) {
        List<KitchenFile.Version> versions = new ArrayList<>();
        for (SauceVersion v : sauces.versions(kitchenId, sauceId)) {
            versions.add(
                    0,
                    new KitchenFile.Version(
                            v.of(0, 0),
                            sauces.lines(kitchenId, sauceId, v.version()).stream()
                                    .map(l -> l.of(0, l.version()))
                                    .toList()));
        }
        return new KitchenFile.SauceOut(versions);
    }

    /** Where the things are that a batch names. */
    private record Kinds(Places sauces, Places pots, Places burners) {}

    private KitchenFile.BatchOut batch(BatchRow row, Kinds at, boolean counted) {
        long kitchenId = row.kitchenId();
        return new KitchenFile.BatchOut(
                at.sauces().place(row.sauceId()),
                row.sauceVersion(),
                at.pots().place(row.potId()),
                at.burners().place(row.burnerId()),
                row.name(),
                json.readTree(row.plan()),
                row.state(),
                row.startedAt(),
                row.finishedAt(),
                counted,
                batches.events(kitchenId, row.id()).stream()
                        .map(e -> new KitchenFile.EventOut(
                                e.clientKey(),
                                e.happenedAt(),
                                e.recordedAt(),
                                e.type(),
                                json.readTree(e.body()),
                                e.understood() == null ? null : json.readTree(e.understood())))
                        .toList(),
                shelf.ofBatch(kitchenId, row.id()).stream().map(c -> c.of(0, 0)).toList(),
                photos.ids(kitchenId, row.id()).stream()
                        .flatMap(id -> photos.find(kitchenId, row.id(), id).stream())
                        .map(p -> new PhotoRow(0, 0, 0, p.addedAt(), p.image()))
                        .toList());
    }

    private KitchenFile.PlanOut plan(PlanRow p, Places sauceAt, Places pots, Places burners, Places batchAt) {
        ObjectNode draft = (ObjectNode) json.readTree(p.draft());
        draft.put("sauceId", sauceAt.of(p.sauceId()));
        KitchenFile.PLAN_POTS.forEach(field -> place(draft, field, pots));
        KitchenFile.PLAN_BURNERS.forEach(field -> place(draft, field, burners));
        return new KitchenFile.PlanOut(
                sauceAt.of(p.sauceId()),
                p.name(),
                draft,
                p.serveAt(),
                json.readTree(p.ticks()),
                batchAt.place(p.batchId()),
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

        /** The place of a thing; absent for none, or one that is not in the file. */
        @Nullable
        Integer place(@Nullable Long id) {
            return id == null ? null : places.get(id);
        }

        int of(long id) {
            Integer place = places.get(id);
            if (place == null) {
                throw new IllegalStateException("id " + id + " has no place in the file");
            }
            return place;
        }
    }
}
