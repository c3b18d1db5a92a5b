package app.gradior.room.exchange;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.batch.Understood;
import app.gradior.finding.Fault;
import app.gradior.finding.Finding;
import app.gradior.finding.Refusal;
import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.heat.BurnerKind;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.room.batch.EventJson;
import app.gradior.room.batch.Photos;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.SauceLine;
import app.gradior.room.book.SauceVersion;
import app.gradior.room.book.SaucesAsKept;
import app.gradior.room.book.StageDraft;
import app.gradior.room.book.StageJson;
import app.gradior.room.exchange.KitchenFile.BatchOut;
import app.gradior.room.exchange.KitchenFile.EventOut;
import app.gradior.room.exchange.KitchenFile.KitchenOut;
import app.gradior.room.exchange.KitchenFile.SauceOut;
import app.gradior.room.exchange.KitchenFile.SnapshotOut;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KeptJar;
import app.gradior.room.kit.KeptPot;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitWaterTest;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.FoodJson;
import app.gradior.room.larder.FoodSnapshots;
import app.gradior.room.larder.FoodsThen;
import app.gradior.room.larder.Larder;
import app.gradior.room.larder.LarderFood;
import app.gradior.room.larder.LarderMeasure;
import app.gradior.room.larder.LarderName;
import app.gradior.room.larder.Lines;
import app.gradior.room.shelf.Shelf;
import app.gradior.room.shelf.ShelfContainer;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Texture;
import app.gradior.sauce.Use;
import app.gradior.vessel.Jar;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Everything of a kitchen's file: its shape by the schema, and what has that is checked as if it had been typed. Every fault with its
 * path in the file.
 */
final class KitchenFileChecks {
    private static final int MOST_FAULTS = 50;
    private static final LocalDateTime EARLIEST = LocalDateTime.of(2000, 1, 1, 0, 0);
    private static final LocalDateTime LATEST = LocalDateTime.of(2100, 1, 1, 0, 0);
    private static final int LONGEST_DAYS = 30;

    private final EventJson events;
    private final StageJson stages;
    private final FoodJson foods;
    private final FileSchema schema;
    private final Map<String, Food> then = new HashMap<>();
    private final Map<String, Food> own = new HashMap<>();
    private final List<Fault> faults = new ArrayList<>();

    KitchenFileChecks(EventJson events, StageJson stages, FoodJson foods, FileSchema schema) {
        this.events = events;
        this.stages = stages;
        this.foods = foods;
        this.schema = schema;
    }

    List<Fault> faults() {
        return List.copyOf(faults);
    }

    boolean full() {
        return faults.size() >= MOST_FAULTS;
    }

    void add(String path, String message) {
        add(path, new Wrong.Said(message));
    }

    void add(String path, Finding why) {
        if (!full()) {
            faults.add(new Fault(path, why));
        }
    }

    /** Whether a part has the shape that the schema gives it; what has not is not looked into further. */
    boolean shaped(String path, String definition, JsonNode part) {
        List<Fault> wrong = schema.faults(definition, part);
        wrong.forEach(fault -> add(below(path, fault.field()), fault.why()));
        return wrong.isEmpty();
    }

    /** Runs a check; what it refuses is a fault of that path, or below it. */
    void at(String path, Runnable check) {
        got(path, () -> {
            check.run();
            return true;
        });
    }

    /** The same for what is made of the file; absent when it cannot be. */
    <T> @Nullable T got(String path, Supplier<T> make) {
        try {
            return make.get();
        } catch (Refusal refusal) {
            refusal.faults().forEach(f -> add(below(path, f.field()), f.why()));
        } catch (JacksonException e) {
            EventJson.refusal(e).faults().forEach(f -> add(below(path, f.field()), f.why()));
        } catch (Unfit e) {
            add(path, e.why());
        } catch (IllegalArgumentException e) {
            add(path, new Wrong.NotTaken());
        } catch (NullPointerException e) {
            add(path, Words.text("kitchen-file-checks.something-is-missing-here"));
        } catch (IndexOutOfBoundsException | ArithmeticException | IllegalStateException e) {
            add(path, Words.text("kitchen-file-checks.this-does-not-fit-together"));
        }
        return null;
    }

    private static String below(String path, String field) {
        String dot = field.startsWith("[") ? "" : ".";
        return field.isEmpty() || field.equals("body") ? path : path + dot + field;
    }

    private void range(String path, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            add(path, Words.text("kitchen-file-checks.to-expected", value, low, high));
        }
    }

    private void length(String path, String text, int most) {
        if (text.length() > most) {
            add(path, Words.text("kitchen-file-checks.at-most-characters", most));
        }
    }

    private void moment(String path, LocalDateTime at) {
        if (at.isBefore(EARLIEST) || at.isAfter(LATEST)) {
            add(path, Words.text("kitchen-file-checks.is-no-time-of-a-kitchen", at));
        }
    }

    void place(String path, long place, int size) {
        if (place < 0 || place >= size) {
            add(path, Words.text("kitchen-file-checks.is-no-place-in-the-list", place, (size - 1)));
        }
    }

    void kitchen(KitchenOut k) {
        at("kitchen.altitudeM", () -> Kitchen.altitude(k.altitudeM()));
        at("kitchen.timeZone", () -> Kitchen.zone(k.timeZone()));
    }

    void pot(String path, KeptPot p) {
        at(path, () -> KitchenKit.KitPot.of(p).row(0));
    }

    void burner(String path, KitBurner b) {
        at(path, () -> KitchenKit.checked(0, b.name(), BurnerKind.valueOf(b.type()), b.netPowerW()));
    }

    void jar(String path, KeptJar j) {
        at(path, () -> new Jar(j.name(), j.brimMl(), j.fillMl(), j.count()));
    }

    void waterTest(String path, KitWaterTest t, int pots, int burners) {
        place(path + ".potId", t.potId(), pots);
        place(path + ".burnerId", t.burnerId(), burners);
        moment(path + ".startedAt", t.startedAt());
        at(path + ".look", () -> Look.ofKey(t.look()));
        Double endG = t.endG();
        boolean ended = endG != null;
        if (ended != (t.minutes() != null) || ended != (t.pairFactor() != null) || ended != (t.logSd() != null)) {
            add(path, Words.text("kitchen-file-checks.endg-minutes-pairfactor-and-logsd-come"));
        } else if (endG != null) {
            range(path + ".endG", endG, 0, t.startG());
        }
    }

    void food(String path, LarderFood f) {
        Food food = got(path + ".body", () -> foods.read(f.body()));
        if (food != null && own.put(f.foodId(), food) != null) {
            add(path + ".foodId", Words.text("kitchen-file-checks.is-there-twice", f.foodId()));
        }
        if (food != null && !food.id().equals(f.foodId())) {
            add(path + ".body", Words.text("kitchen-file-checks.its-id-is-not", food.id(), f.foodId()));
        }
        if (food != null && !food.per100g().closes()) {
            add(path + ".body", Words.text("kitchen-file-checks.the-parts-do-not-add-up"));
        }
        if (food != null && food.name().length() > 120) {
            add(path + ".body", Words.text("kitchen-file-checks.a-name-has-at-most-characters"));
        }
    }

    /** A food as it was: its hash is that of its content. */
    void snapshot(String path, SnapshotOut s) {
        Food food = got(path + ".food", () -> foods.read(s.food().toString()));
        if (food == null) {
            return;
        }
        if (!FoodSnapshots.hash(s.food().toString()).equals(s.hash())) {
            add(path + ".hash", Words.text("kitchen-file-checks.this-is-not-the-hash-of"));
        }
        if (!food.per100g().closes()) {
            add(path + ".food", Words.text("kitchen-file-checks.the-parts-do-not-add-up"));
        }
        length(path + ".food.name", food.name(), 120);
        then.put(s.hash(), food);
    }

    /** The foods that lines of batches are of. One that nobody knows any more is let pass: its batch shows as odd. */
    private FoodsThen known() {
        return new FoodsThen() {
            @Override
            public Food then(String snapshot) {
                Food food = then.get(snapshot);
                if (food == null) {
                    throw Refusal.unfit("snapshot", Told.of("kitchen-file-checks.no-food-of-this-file-has"));
                }
                return food;
            }

            @Override
            public Food now(String foodId) {
                Food food = own.get(foodId);
                return food != null
                        ? food
                        : Catalogue.standard()
                                .food(foodId)
                                .orElseGet(() -> Catalogue.standard().water());
            }
        };
    }

    void name(String path, LarderName n, Set<String> known) {
        known(path, n.foodId(), known);
    }

    /** A food that is named is one that there is. */
    void known(String path, String foodId, Set<String> known) {
        if (!known.contains(foodId)) {
            add(path + ".foodId", Words.text("kitchen-file-checks.food-is-not-known", foodId));
        }
    }

    void measure(String path, LarderMeasure m) {
        at(path, () -> Larder.measure(m.word(), m.ml()));
    }

    void sauce(String path, SauceOut sauce) {
        int expected = 1;
        for (SaucesAsKept.Version v : sauce.versions()) {
            String at = path + ".versions[" + (expected - 1) + "]";
            SauceVersion row = v.version();
            if (row.version() != expected) {
                add(at + ".version.version", Words.text("kitchen-file-checks.versions-count-from-expected", expected));
            }
            moment(at + ".version.savedAt", row.savedAt());
            SauceBook.Draft draft = got(at + ".version", () -> draft(row, v.lines()));
            if (draft != null) {
                SauceBook.shape(draft)
                        .forEach(f ->
                                add(at + (f.field().startsWith("lines") ? "." : ".version.") + f.field(), f.why()));
                places(at, draft);
            }
            expected++;
        }
    }

    private void places(String path, SauceBook.Draft draft) {
        for (int i = 0; i < draft.stages().size(); i++) {
            StageDraft stage = draft.stages().get(i);
            String at = path + ".version.stages[" + i + "].";
            stage.lines()
                    .forEach(line -> place(at + "lines", line, draft.lines().size()));
            stage.working()
                    .lines()
                    .forEach(
                            line -> place(at + "work.lines", line, draft.lines().size()));
        }
    }

    private SauceBook.Draft draft(SauceVersion row, List<SauceLine> lines) {
        return new SauceBook.Draft(
                row.name(),
                lines.stream()
                        .map(l -> new Lines.Typed(l.text(), l.foodId(), l.massG()))
                        .toList(),
                Texture.valueOf(row.texture()),
                row.targetStep(),
                row.servedC(),
                row.useOf().isEmpty() ? java.util.Optional.empty() : java.util.Optional.of(Use.valueOf(row.useOf())),
                row.yieldMl(),
                row.tags(),
                stages.stages(row.stages()),
                stages.schools(row.schools()),
                row.notes(),
                SauceBook.measures(row.measures() == null ? "" : row.measures()));
    }

    void batch(String path, BatchOut b, int sauces) {
        Integer sauce = b.sauce();
        if (sauce != null) {
            place(path + ".sauce", sauce, sauces);
        }
        moment(path + ".startedAt", b.startedAt());
        Batch.State state = got(path + ".state", () -> Batch.State.valueOf(b.state()));
        LocalDateTime finished = b.finishedAt();
        if (state != null && (state == Batch.State.FINISHED) != (finished != null)) {
            add(path + ".finishedAt", Words.text("kitchen-file-checks.a-finished-batch-has-one-and"));
        }
        if (finished != null) {
            within(path + ".finishedAt", finished, b.startedAt(), b.startedAt().plusDays(LONGEST_DAYS));
        }
        BatchPlan plan = got(path + ".plan", () -> events.plan(b.plan().toString(), known()));
        if (plan != null) {
            plan(path + ".plan", plan);
        }
        new EventChecks(path, b, plan == null ? 0 : plan.lines().size()).all();
        for (int i = 0; i < b.containers().size(); i++) {
            ShelfContainer c = b.containers().get(i);
            at(path + ".containers[" + i + "]", () -> Shelf.check(c));
            moment(path + ".containers[" + i + "].packedOn", c.packedOn().atStartOfDay());
        }
        if (b.photos().size() > Photos.MOST_PER_BATCH) {
            add(path + ".photos", Words.text("kitchen-file-checks.at-most-photographs", Photos.MOST_PER_BATCH));
        }
        for (int i = 0; i < b.photos().size(); i++) {
            moment(path + ".photos[" + i + "].addedAt", b.photos().get(i).addedAt());
        }
    }

    /** That a batch's pot and burner are in the file. */
    void places(String path, BatchOut b, int pots, int burners) {
        Integer pot = b.pot();
        Integer burner = b.burner();
        if (pot != null) {
            place(path + ".pot", pot, pots);
        }
        if (burner != null) {
            place(path + ".burner", burner, burners);
        }
    }

    private void within(String path, LocalDateTime at, LocalDateTime from, LocalDateTime to) {
        if (at.isBefore(from) || at.isAfter(to)) {
            add(path, Words.text("kitchen-file-checks.is-not-from-to", at, from, to));
        }
    }

    private void plan(String path, BatchPlan plan) {
        at(path, () -> {
            plan.potOnHeat();
            plan.heat();
            plan.prior();
            plan.course();
            plan.pot().shape();
        });
        List<BatchPlan.PlanStage> course = plan.stages() == null ? List.of() : plan.stages();
        for (int i = 0; i < course.size(); i++) {
            stage(path + ".stages[" + i + "]", course.get(i), plan.lines().size());
        }
    }

    private void stage(String path, BatchPlan.PlanStage stage, int lines) {
        stage.lines().forEach(line -> place(path + ".lines", line, lines));
        stage.pours().forEach(line -> place(path + ".pours", line, lines));
        stage.working().lines().forEach(line -> place(path + ".work.lines", line, lines));
        if (!stage.pours().isEmpty() && stage.pours().size() != 2) {
            add(path + ".pours", Words.text("kitchen-file-checks.a-slurry-is-a-powder-and"));
        }
        at(path + ".value", () -> stage.end().end(stage.value()));
    }

    /** The events of one batch. */
    private final class EventChecks {
        private final String path;
        private final BatchOut batch;
        private final int lines;
        private final Set<String> keys = new HashSet<>();
        /** How many lines each event put in, by its key. */
        private final Map<String, Integer> putIn = new HashMap<>();

        EventChecks(String path, BatchOut batch, int lines) {
            this.path = path;
            this.batch = batch;
            this.lines = lines;
        }

        void all() {
            for (int i = 0; i < batch.events().size() && !full(); i++) {
                event(path + ".events[" + i + "]", batch.events().get(i));
            }
        }

        private void event(String at, EventOut e) {
            if (!keys.add(e.clientKey())) {
                add(at + ".clientKey", Words.text("kitchen-file-checks.another-event-of-this-batch-has"));
            }
            within(
                    at + ".at",
                    e.at(),
                    batch.startedAt().minusMinutes(1),
                    batch.startedAt().plusYears(5));
            moment(at + ".recordedAt", e.recordedAt());
            EventBody body = got(at, () -> events.read(e.type(), e.body()));
            if (body == null) {
                return;
            }
            understood(at + ".understood", body, e);
            if (body instanceof EventBody.Ticked ticked) {
                ticked.lines().forEach(line -> place(at + ".lines", line, lines));
            } else if (body instanceof EventBody.LeftOut left) {
                left.lines().forEach(line -> place(at + ".lines", line, lines));
            } else if (body instanceof EventBody.Corrected corrected) {
                String added = corrected.added();
                place(at + ".line", corrected.line(), added == null ? lines : putIn.getOrDefault(added, 0));
            } else if (body instanceof EventBody.Undo undo && !keys.contains(undo.undoneKey())) {
                boolean known =
                        batch.events().stream().anyMatch(o -> o.clientKey().equals(undo.undoneKey()));
                if (!known) {
                    add(
                            at + ".undoneKey",
                            Words.text("kitchen-file-checks.no-event-of-this-batch-has", undo.undoneKey()));
                }
            }
        }

        private void understood(String at, EventBody body, EventOut e) {
            int expected = body.linesIn();
            putIn.put(e.clientKey(), body instanceof EventBody.Corrected ? 0 : expected);
            JsonNode kept = e.understood();
            if (kept == null) {
                return;
            }
            List<Understood> in = got(at, () -> events.understood(kept.toString(), known()));
            if (in != null && in.size() != expected) {
                add(at, Words.text("kitchen-file-checks.lines-understood-expected", in.size(), expected));
            }
        }
    }
}
