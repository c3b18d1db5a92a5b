package app.gradior.batch;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Texture;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** Batches for tests: a sauce in three stages, and what happens to it minute by minute. */
final class Logs {
    static final Instant START = Instant.parse("2026-06-01T10:00:00Z");

    private final List<BatchEvent> events = new ArrayList<>();
    private Batch.State state = Batch.State.LIVE;

    static Understood line(String food, double massG) {
        return new Understood(massG + " g " + food, Sauces.food(food), massG, 0.01);
    }

    private static BatchPlan.PlanStage stage(
            StageKind kind, List<Integer> lines, List<Integer> pours, Look look, LidState lid) {
        return new BatchPlan.PlanStage(kind, "", lines, pours, look, lid, EndKind.MINUTES, 10, 10, 8, 12, 5.0, null);
    }

    /** Reduce stock and butter, lively and open; thicken with maize at a gentle simmer, lid ajar; rest off the heat. */
    static BatchPlan plan() {
        return new BatchPlan(
                List.of(line("vegetable-stock", 1000), line("butter", 20), line("cornflour", 20), line("water", 40)),
                Texture.SMOOTH,
                0,
                BatchPlan.PlanPot.of("Rondeau", new PotShape(240, 232, 130), 1950, PotMaterial.ENAMEL),
                null,
                null,
                null,
                Look.LIVELY,
                LidState.OPEN,
                0,
                5,
                60,
                null,
                List.of(
                        stage(StageKind.REDUCE, List.of(0, 1), List.of(), Look.LIVELY, LidState.OPEN),
                        stage(StageKind.SLURRY, List.of(), List.of(2, 3), Look.GENTLE, LidState.AJAR),
                        stage(StageKind.REST, List.of(), List.of(), Look.STEAMING, LidState.OPEN)),
                null,
                null,
                null);
    }

    static Instant minute(double minute) {
        return START.plusMillis(Math.round(minute * 60_000));
    }

    /** Something happens; its key is "m" and the minute. */
    Logs at(int minute, EventBody body, Understood... in) {
        events.add(new BatchEvent(events.size() + 1, "m" + minute, minute(minute), minute(minute), body, List.of(in)));
        return this;
    }

    Logs undo(int minute, int of) {
        return at(minute, new EventBody.Undo("m" + of));
    }

    Logs in(Batch.State now) {
        state = now;
        return this;
    }

    Batch batch() {
        return new Batch(
                1,
                Origin.NONE,
                "Sauce",
                plan(),
                state,
                START,
                state == Batch.State.FINISHED ? minute(90) : null,
                events);
    }

    BatchState folded() {
        return batch().folded();
    }
}
