package app.gradior.room.plan;

import app.gradior.batch.Origin;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.heat.Atmosphere;
import app.gradior.kept.Inserted;
import app.gradior.room.batch.BatchGoes;
import app.gradior.room.batch.Batches;
import app.gradior.room.book.SauceBook;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Equipment;
import app.gradior.room.words.Told;
import app.gradior.sauce.SauceLimits;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Plans that are kept: saved, copied, ticked off, begun. */
@Service
public class Plans {
    private static final int MOST_WAITING = 100;
    private static final int MOST_TICKS = 300;
    private static final String TICK = "[a-z0-9-]{1,40}";
    private static final int MOST_MOVED_MIN = 24 * 60;

    private final PlanMapper plans;
    private final SauceBook book;
    private final Planning planning;
    private final Batches batches;
    private final JsonMapper json;
    private final Clock clock;

    Plans(PlanMapper plans, SauceBook book, Planning planning, Batches batches, JsonMapper json, Clock clock) {
        this.plans = plans;
        this.book = book;
        this.planning = planning;
        this.batches = batches;
        this.json = json;
        this.clock = clock;
    }

    /**
     * A plan that is kept.
     *
     * @param ticks keys of what is gathered and done
     * @param batchId the batch it became; absent while it waits
     */
    public record Saved(
            long id,
            String name,
            int revision,
            PlanDraft draft,
            Set<String> ticks,
            @Nullable Long batchId) {
        public Saved {
            ticks = Set.copyOf(ticks);
        }
    }

    public Saved plan(Kitchen kitchen, long id) {
        return saved(plans.find(kitchen.id(), id).orElseThrow(() -> Refusal.missing(Thing.PLAN)));
    }

    /** Plans not begun yet, the next to be served first. */
    public List<Saved> waiting(Kitchen kitchen) {
        return waiting(kitchen, new ArrayList<>());
    }

    /**
     * The same.
     *
     * @param odd takes those that cannot be read
     */
    public List<Saved> waiting(Kitchen kitchen, List<Odd> odd) {
        return plans.waiting(kitchen.id()).stream()
                .flatMap(row -> Odd.tried(odd, row.name(), "/plan/" + row.id(), () -> saved(row)).stream())
                .toList();
    }

    private Saved saved(PlanRow row) {
        return new Saved(row.id(), row.name(), row.revision(), read(row.draft()), ticks(row.ticks()), row.batchId());
    }

    private PlanDraft read(String text) {
        try {
            return json.readValue(text, PlanDraft.class);
        } catch (JacksonException e) {
            throw new IllegalStateException("a plan of this kitchen cannot be read", e);
        }
    }

    /** A draft of a file: refused when it could not have been typed. */
    public static boolean check(PlanDraft draft) {
        Refusal.inRange("amount", draft.amount(), 1e-3, 1e6, "");
        Refusal.inRange("altitudeM", draft.altitudeM(), Atmosphere.LOWEST_M, Atmosphere.HIGHEST_M, " m");
        SauceLimits.targetStep("targetStep", draft.targetStep());
        SauceLimits.servedC("servedC", draft.servedC());
        Refusal.inRange("mostSaltPercent", draft.mostSaltPercent(), 0.1, 30, " %");
        Refusal.inRange("liquidRatio", draft.liquidRatio(), 0.1, 20, "");
        Refusal.inRange("movedMinutes", draft.movedMinutes(), -MOST_MOVED_MIN, MOST_MOVED_MIN, " min");
        Double wish = draft.wishMl();
        if (wish != null) {
            Refusal.inRange("wishMl", wish, 1, 1e6, " mL");
        }
        draft.swaps().forEach((at, text) -> Refusal.text("swaps", text, 300));
        draft.heats().forEach((at, heat) -> java.util.Objects.requireNonNull(heat));
        java.util.Objects.requireNonNull(draft.by());
        java.util.Objects.requireNonNull(draft.storage());
        return true;
    }

    /** Ticks of a file. */
    public static void checkTicks(JsonNode ticks) {
        if (!ticks.isArray() || ticks.size() > MOST_TICKS) {
            throw Refusal.unfit("", Told.of("plans.a-list-of-at-most-is", MOST_TICKS));
        }
        for (JsonNode tick : ticks) {
            if (!tick.isString() || !tick.stringValue().matches(TICK)) {
                throw Refusal.unfit("", Told.of("plans.to-letters-digits-or-dashes-expected"));
            }
        }
    }

    private Set<String> ticks(String text) {
        return json.readValue(text, new TypeReference<Set<String>>() {});
    }

    /**
     * Keeps a plan.
     *
     * @param id 0 for a new one
     * @param revision the cook's; ignored for a new one
     * @return its id
     */
    @Transactional
    public long save(Kitchen kitchen, long id, int revision, PlanDraft draft) {
        String name = book.sauce(kitchen, draft.sauceId()).name();
        PlanRow row = new PlanRow(
                id,
                kitchen.id(),
                draft.sauceId(),
                name,
                revision,
                json.writeValueAsString(draft),
                draft.serveAt(),
                "[]",
                null,
                LocalDateTime.now(clock));
        if (id != 0) {
            if (plans.find(kitchen.id(), id).isEmpty()) {
                throw Refusal.missing(Thing.PLAN);
            }
            if (plans.update(row) == 0) {
                throw Refusal.conflict("revision", Told.of("plans.this-plan-was-changed-elsewhere-meanwhile"));
            }
            return id;
        }
        if (plans.waiting(kitchen.id()).size() >= MOST_WAITING) {
            throw Refusal.conflict("plan", Told.of("plans.plans-are-waiting-take-some-away", MOST_WAITING));
        }
        Inserted key = new Inserted();
        plans.insert(row, key);
        return key.getId();
    }

    /** A second one like it. */
    @Transactional
    public long copy(Kitchen kitchen, long id) {
        return save(kitchen, 0, 0, plan(kitchen, id).draft());
    }

    @Transactional
    public void remove(Kitchen kitchen, long id) {
        if (plans.remove(kitchen.id(), id) == 0) {
            throw Refusal.missing(Thing.PLAN);
        }
    }

    /** The plan of a batch that is removed waits again, unless it was cooked to its end. */
    @EventListener
    public void batchGoes(BatchGoes gone) {
        if (gone.finished()) {
            plans.removeOf(gone.kitchenId(), gone.batchId());
        } else {
            plans.release(gone.kitchenId(), gone.batchId());
        }
    }

    /** Ticks something off, or takes the tick away. */
    @Transactional
    public void tick(Kitchen kitchen, long id, String key, boolean done) {
        PlanRow row = plans.lock(kitchen.id(), id).orElseThrow(() -> Refusal.missing(Thing.PLAN));
        if (!key.matches(TICK)) {
            throw Refusal.unfit("key", Told.of("plans.to-letters-digits-or-dashes-expected"));
        }
        Set<String> ticks = new TreeSet<>(ticks(row.ticks()));
        if (done && ticks.size() < MOST_TICKS) {
            ticks.add(key);
        } else {
            ticks.remove(key);
        }
        plans.tick(kitchen.id(), id, json.writeValueAsString(ticks));
    }

    /** Changes a kept plan. */
    @Transactional
    public void change(Kitchen kitchen, long id, java.util.function.UnaryOperator<PlanDraft> change) {
        Saved saved = saved(plans.lock(kitchen.id(), id).orElseThrow(() -> Refusal.missing(Thing.PLAN)));
        save(kitchen, id, saved.revision(), change.apply(saved.draft()));
    }

    /**
     * Turns a plan into a live batch. A kept plan becomes one batch, however often it is started: the others get that one.
     *
     * @param id of the kept plan; 0 for one that is not kept
     * @return the batch's id
     */
    @Transactional(isolation = Isolation.READ_COMMITTED)
    public long start(Kitchen kitchen, long id, PlanAnswer answer) {
        if (id != 0) {
            PlanRow row = plans.lock(kitchen.id(), id).orElseThrow(() -> Refusal.missing(Thing.PLAN));
            Long begun = row.batchId();
            if (begun != null) {
                return begun;
            }
        }
        PlanAnswer.Setting setting = answer.setting();
        Equipment.ready("pot", setting.pot(), "burner", setting.burner());
        long batch = batches.start(
                kitchen,
                setting.sauce().name(),
                Origin.of(setting.sauce().id(), setting.sauce().version())
                        .in(setting.pot().id(), setting.draft().burnerId()),
                planning.batchPlan(kitchen, answer),
                batches.now());
        if (id != 0 && plans.start(kitchen.id(), id, batch) == 0) {
            throw Refusal.missing(Thing.PLAN);
        }
        return batch;
    }
}
