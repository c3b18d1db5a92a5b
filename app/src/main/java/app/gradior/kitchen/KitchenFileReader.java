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
import app.gradior.store.Rows.LineRow;
import app.gradior.store.Rows.PhotoRow;
import app.gradior.store.Rows.PlanRow;
import app.gradior.store.Rows.PotRow;
import app.gradior.store.Rows.WaterTestRow;
import app.gradior.store.SauceMapper;
import app.gradior.store.ShelfMapper;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads a kitchen's file, which may come from anybody: everything in it is checked as if it had been typed. */
@Service
public class KitchenFileReader {
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

    KitchenFileReader(
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
            KitchenFile.Whole whole = json.readValue(file, KitchenFile.Whole.class);
            if (!whole.format().equals(KitchenFile.FORMAT) || whole.formatVersion() != KitchenFile.VERSION) {
                throw Refusal.unfit("format", "This is no kitchen's file of format 1.");
            }
            write(kitchen, whole);
        } catch (JacksonException e) {
            throw EventJson.refusal(e);
        } catch (IllegalArgumentException | IndexOutOfBoundsException | IllegalStateException | DataAccessException e) {
            throw Refusal.unfit("file", "Something in this file does not fit: " + e.getMessage());
        }
    }

    private void write(Kitchen kitchen, KitchenFile.Whole whole) {
        long id = kitchen.id();
        kit.tests(id).forEach(t -> kit.removeTest(id, t.id()));
        kit.pots(id).forEach(p -> kit.removePot(id, p.id()));
        kit.burners(id).forEach(b -> kit.removeBurner(id, b.id()));
        kit.jars(id).forEach(j -> kit.removeJar(id, j.id()));
        for (PotRow p : whole.pots()) {
            KitchenKit.KitPot.of(p);
            kit.insertPot(p.in(id));
        }
        whole.burners().forEach(b -> kit.insertBurner(b.in(id)));
        whole.jars().forEach(j -> kit.insertJar(j.in(id)));
        List<Long> pots = kit.pots(id).stream().map(PotRow::id).toList();
        List<Long> burners = kit.burners(id).stream().map(BurnerRow::id).toList();
        for (WaterTestRow t : whole.waterTests()) {
            long pot = pots.get((int) t.potId());
            long burner = burners.get((int) t.burnerId());
            Inserted key = new Inserted();
            kit.insertTest(t.of(0, id, pot, burner), key);
            kit.endTest(t.of(key.getId(), id, pot, burner));
        }
        whole.foods().forEach(f -> larder.putFood(f.in(id)));
        whole.names().forEach(n -> larder.putName(n.in(id)));
        whole.measures().forEach(m -> larder.putMeasure(m.in(id)));
        known.changed(id);
        List<Long> sauceIds = whole.sauces().stream().map(s -> sauce(id, s)).toList();
        List<Long> batchIds =
                whole.batches().stream().map(b -> batch(kitchen, b, sauceIds)).toList();
        for (KitchenFile.PlanOut p : whole.plans()) {
            plan(id, p, sauceIds, pots, burners, batchIds);
        }
    }

    private long sauce(long kitchenId, KitchenFile.SauceOut sauce) {
        Inserted key = new Inserted();
        sauces.insert(kitchenId, key);
        int expected = 1;
        for (KitchenFile.Version v : sauce.versions()) {
            if (v.version().version() != expected) {
                throw new IllegalArgumentException("a sauce's versions count from 1: " + expected + " expected");
            }
            sauces.insertVersion(v.version().of(key.getId(), kitchenId));
            for (LineRow l : v.lines()) {
                sauces.insertLine(l.of(key.getId(), expected));
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

    private long batch(Kitchen kitchen, KitchenFile.BatchOut b, List<Long> sauceIds) {
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
        batches.insertPlan(kitchen.id(), key.getId(), b.plan().toString());
        for (KitchenFile.EventOut e : b.events()) {
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
        for (ContainerRow c : b.containers()) {
            Shelf.check(c);
            shelf.insert(c.of(kitchen.id(), key.getId()), new Inserted());
        }
        for (PhotoRow p : b.photos()) {
            photos.insert(
                    new PhotoRow(0, kitchen.id(), key.getId(), p.addedAt(), Photos.ours(p.image())), new Inserted());
        }
        summaries.rebuild(kitchen, key.getId());
        if (!b.counted()) {
            lessons.count(kitchen.id(), key.getId(), false);
        }
        return key.getId();
    }

    private void plan(
            long kitchenId,
            KitchenFile.PlanOut p,
            List<Long> sauceIds,
            List<Long> pots,
            List<Long> burners,
            List<Long> batchIds) {
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
