package app.gradior.room.exchange;

import app.gradior.room.batch.BatchPhoto;
import app.gradior.room.batch.BatchesAsKept;
import app.gradior.room.book.SaucesAsKept;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KeptPot;
import app.gradior.room.kit.KitAsKept;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.larder.LarderAsKept;
import app.gradior.room.plan.PlansAsKept;
import app.gradior.room.shelf.ContainersAsKept;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes a kitchen, or a batch of it, as a file. */
@Service
public class KitchenFileWriter {
    private final KitAsKept kit;
    private final LarderAsKept larder;
    private final SaucesAsKept sauces;
    private final BatchesAsKept batches;
    private final ContainersAsKept shelf;
    private final PlansAsKept plans;
    private final JsonMapper json;

    // Wide: a kitchen's file has a part of every room.
    KitchenFileWriter(
            KitAsKept kit,
            LarderAsKept larder,
            SaucesAsKept sauces,
            BatchesAsKept batches,
            ContainersAsKept shelf,
            PlansAsKept plans,
            JsonMapper json) {
        this.kit = kit;
        this.larder = larder;
        this.sauces = sauces;
        this.batches = batches;
        this.shelf = shelf;
        this.plans = plans;
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
        KitAsKept.Kit things = kit.of(id);
        LarderAsKept.Own own = larder.of(id);
        List<Long> sauceIds = sauces.ids(id);
        List<Long> batchIds = batches.ids(id);
        Kinds at = new Kinds(
                new Places(sauceIds),
                new Places(things.pots().stream().map(KeptPot::id).toList()),
                new Places(things.burners().stream().map(KitBurner::id).toList()),
                new Places(batchIds));
        Map<Long, Boolean> counted = kit.counted(id);
        try (JsonGenerator file = json.writerWithDefaultPrettyPrinter().createGenerator(out)) {
            file.writeStartObject();
            file.writeStringProperty("format", KitchenFile.FORMAT);
            file.writeNumberProperty("formatVersion", KitchenFile.VERSION);
            file.writePOJOProperty("kitchen", KitchenFile.KitchenOut.of(kitchen));
            list(file, "pots", things.pots(), p -> p.in(0));
            list(file, "burners", things.burners(), b -> b.in(0));
            list(file, "jars", things.jars(), j -> j.in(0));
            list(
                    file,
                    "waterTests",
                    things.tests().stream()
                            .filter(t ->
                                    at.pots().knows(t.potId()) && at.burners().knows(t.burnerId()))
                            .toList(),
                    t -> t.of(0, 0, at.pots().of(t.potId()), at.burners().of(t.burnerId())));
            list(file, "foods", own.foods(), f -> f.in(0));
            list(file, "names", own.names(), n -> n.in(0));
            list(file, "measures", own.measures(), m -> m.in(0));
            list(file, "inHouse", own.inHouse(), h -> h.in(0));
            list(file, "sauces", sauceIds, sauce -> sauce(id, sauce));
            list(file, "snapshots", larder.snapshots(id), this::snapshot);
            file.writeName("batches");
            file.writeStartArray();
            for (long batchId : batchIds) {
                file.writePOJO(batch(id, batchId, at, counted.getOrDefault(batchId, true)));
            }
            file.writeEndArray();
            list(
                    file,
                    "plans",
                    plans.all(id).stream()
                            .filter(p -> at.sauces().knows(p.sauceId()))
                            .toList(),
                    p -> plan(p, at));
            file.writeEndObject();
        }
    }

    private static <T> void list(JsonGenerator file, String name, List<T> things, Function<T, Object> asWritten) {
        file.writePOJOProperty(name, things.stream().map(asWritten).toList());
    }

    /** A batch's file: the same as one in the kitchen's, with the foods of then that it is made of. */
    @Transactional(readOnly = true)
    public byte[] write(Kitchen kitchen, long batchId) {
        Long sauce = batches.batch(kitchen.id(), batchId).of().sauce();
        Places one = new Places(sauce == null ? List.of() : List.of(sauce));
        Places none = new Places(List.of());
        ObjectNode file = json.valueToTree(batch(kitchen.id(), batchId, new Kinds(one, none, none, none), true));
        Set<String> used = Set.copyOf(file.findValuesAsString("snapshot"));
        file.set(
                "snapshots",
                json.valueToTree(larder.snapshots(kitchen.id()).stream()
                        .filter(s -> used.contains(s.hash()))
                        .map(this::snapshot)
                        .toList()));
        return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(file);
    }

    private KitchenFile.SnapshotOut snapshot(LarderAsKept.Snapshot s) {
        return new KitchenFile.SnapshotOut(s.hash(), json.readTree(s.food()));
    }

    private KitchenFile.SauceOut sauce(long kitchenId, long sauceId) {
        return new KitchenFile.SauceOut(sauces.versions(kitchenId, sauceId).stream()
                .map(v -> new SaucesAsKept.Version(
                        v.version().of(0, 0),
                        v.lines().stream().map(l -> l.of(0, l.version())).toList()))
                .toList());
    }

    /** Where the things are that a batch or a plan names. */
    private record Kinds(Places sauces, Places pots, Places burners, Places batches) {}

    private KitchenFile.BatchOut batch(long kitchenId, long id, Kinds at, boolean counted) {
        BatchesAsKept.Kept b = batches.batch(kitchenId, id);
        return new KitchenFile.BatchOut(
                at.sauces().place(b.of().sauce()),
                b.of().version(),
                at.pots().place(b.of().pot()),
                at.burners().place(b.of().burner()),
                b.name(),
                json.readTree(b.plan()),
                b.state(),
                b.startedAt(),
                b.finishedAt(),
                counted,
                b.events().stream()
                        .map(e -> new KitchenFile.EventOut(
                                e.clientKey(),
                                e.at(),
                                e.recordedAt(),
                                e.type(),
                                json.readTree(e.body()),
                                e.understood() == null ? null : json.readTree(e.understood()),
                                e.by()))
                        .toList(),
                shelf.of(kitchenId, id).stream().map(c -> c.of(0, 0)).toList(),
                b.photos().stream()
                        .map(p -> new BatchPhoto(0, 0, 0, p.addedAt(), p.image()))
                        .toList());
    }

    private KitchenFile.PlanOut plan(PlansAsKept.Kept p, Kinds at) {
        ObjectNode draft = (ObjectNode) json.readTree(p.draft());
        draft.put("sauceId", at.sauces().of(p.sauceId()));
        KitchenFile.PLAN_POTS.forEach(field -> place(draft, field, at.pots()));
        KitchenFile.PLAN_BURNERS.forEach(field -> place(draft, field, at.burners()));
        return new KitchenFile.PlanOut(
                at.sauces().of(p.sauceId()),
                p.name(),
                draft,
                p.serveAt(),
                json.readTree(p.ticks()),
                at.batches().place(p.batchId()),
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
