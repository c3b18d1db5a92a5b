package app.gradior.room.exchange;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.batch.Understood;
import app.gradior.room.batch.EventJson;
import app.gradior.room.batch.Photos;
import app.gradior.room.exchange.KitchenFile.BatchOut;
import app.gradior.room.exchange.KitchenFile.EventOut;
import app.gradior.room.larder.FoodsThen;
import app.gradior.room.shelf.Shelf;
import app.gradior.room.shelf.ShelfContainer;
import app.gradior.room.words.Words;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** A batch of a kitchen's file, its plan and its events, checked as if they had been recorded. */
final class BatchFileChecks {
    private static final int LONGEST_DAYS = 30;

    private final FileFaults faults;
    private final EventJson events;
    private final FoodsThen foods;

    /**
     * Those of one file.
     *
     * @param foods that lines of its batches are of
     */
    BatchFileChecks(FileFaults faults, EventJson events, FoodsThen foods) {
        this.faults = faults;
        this.events = events;
        this.foods = foods;
    }

    void batch(String path, BatchOut b, int sauces) {
        Integer sauce = b.sauce();
        if (sauce != null) {
            faults.place(path + ".sauce", sauce, sauces);
        }
        faults.moment(path + ".startedAt", b.startedAt());
        Batch.State state = faults.got(path + ".state", () -> Batch.State.valueOf(b.state()));
        LocalDateTime finished = b.finishedAt();
        if (state != null && (state == Batch.State.FINISHED) != (finished != null)) {
            faults.add(path + ".finishedAt", Words.text("kitchen-file-checks.a-finished-batch-has-one-and"));
        }
        if (finished != null) {
            faults.within(
                    path + ".finishedAt", finished, b.startedAt(), b.startedAt().plusDays(LONGEST_DAYS));
        }
        BatchPlan plan = faults.got(path + ".plan", () -> events.plan(b.plan().toString(), foods));
        if (plan != null) {
            plan(path + ".plan", plan);
        }
        new EventChecks(path, b, plan == null ? 0 : plan.lines().size()).all();
        for (int i = 0; i < b.containers().size(); i++) {
            ShelfContainer c = b.containers().get(i);
            faults.at(path + ".containers[" + i + "]", () -> Shelf.check(c));
            faults.moment(path + ".containers[" + i + "].packedOn", c.packedOn().atStartOfDay());
        }
        if (b.photos().size() > Photos.MOST_PER_BATCH) {
            faults.add(path + ".photos", Words.text("kitchen-file-checks.at-most-photographs", Photos.MOST_PER_BATCH));
        }
        for (int i = 0; i < b.photos().size(); i++) {
            faults.moment(path + ".photos[" + i + "].addedAt", b.photos().get(i).addedAt());
        }
    }

    /** That a batch's pot and burner are in the file. */
    void places(String path, BatchOut b, int pots, int burners) {
        Integer pot = b.pot();
        Integer burner = b.burner();
        if (pot != null) {
            faults.place(path + ".pot", pot, pots);
        }
        if (burner != null) {
            faults.place(path + ".burner", burner, burners);
        }
    }

    private void plan(String path, BatchPlan plan) {
        faults.at(path, () -> {
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
        stage.lines().forEach(line -> faults.place(path + ".lines", line, lines));
        stage.pours().forEach(line -> faults.place(path + ".pours", line, lines));
        stage.working().lines().forEach(line -> faults.place(path + ".work.lines", line, lines));
        if (!stage.pours().isEmpty() && stage.pours().size() != 2) {
            faults.add(path + ".pours", Words.text("kitchen-file-checks.a-slurry-is-a-powder-and"));
        }
        faults.at(path + ".value", () -> stage.end().end(stage.value()));
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
            for (int i = 0; i < batch.events().size() && !faults.full(); i++) {
                event(path + ".events[" + i + "]", batch.events().get(i));
            }
        }

        private void event(String at, EventOut e) {
            if (!keys.add(e.clientKey())) {
                faults.add(at + ".clientKey", Words.text("kitchen-file-checks.another-event-of-this-batch-has"));
            }
            faults.within(
                    at + ".at",
                    e.at(),
                    batch.startedAt().minusMinutes(1),
                    batch.startedAt().plusYears(5));
            faults.moment(at + ".recordedAt", e.recordedAt());
            EventBody body = faults.got(at, () -> events.read(e.type(), e.body()));
            if (body == null) {
                return;
            }
            understood(at + ".understood", body, e);
            if (body instanceof EventBody.Ticked ticked) {
                ticked.lines().forEach(line -> faults.place(at + ".lines", line, lines));
            } else if (body instanceof EventBody.LeftOut left) {
                left.lines().forEach(line -> faults.place(at + ".lines", line, lines));
            } else if (body instanceof EventBody.Corrected corrected) {
                String added = corrected.added();
                faults.place(at + ".line", corrected.line(), added == null ? lines : putIn.getOrDefault(added, 0));
            } else if (body instanceof EventBody.Undo undo && !keys.contains(undo.undoneKey())) {
                boolean known =
                        batch.events().stream().anyMatch(o -> o.clientKey().equals(undo.undoneKey()));
                if (!known) {
                    faults.add(
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
            List<Understood> in = faults.got(at, () -> events.understood(kept.toString(), foods));
            if (in != null && in.size() != expected) {
                faults.add(at, Words.text("kitchen-file-checks.lines-understood-expected", in.size(), expected));
            }
        }
    }
}
