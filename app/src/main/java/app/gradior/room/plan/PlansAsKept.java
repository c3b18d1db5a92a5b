package app.gradior.room.plan;

import app.gradior.kept.Inserted;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A kitchen's plans as they are kept, for its file: out and in. */
@Service
public class PlansAsKept {
    private final PlanMapper plans;

    PlansAsKept(PlanMapper plans) {
        this.plans = plans;
    }

    /**
     * A plan.
     *
     * @param draft JSON, things by their ids
     * @param ticks JSON
     * @param batchId what it became; absent for nothing yet
     */
    public record Kept(
            long sauceId,
            String name,
            String draft,
            @Nullable LocalDateTime serveAt,
            String ticks,
            @Nullable Long batchId,
            LocalDateTime savedAt) {}

    /** All of them, the oldest first. */
    public List<Kept> all(long kitchenId) {
        return plans.all(kitchenId).stream()
                .map(p -> new Kept(p.sauceId(), p.name(), p.draft(), p.serveAt(), p.ticks(), p.batchId(), p.savedAt()))
                .toList();
    }

    /** A new plan of the kitchen. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void put(long kitchenId, Kept p) {
        Inserted key = new Inserted();
        plans.insert(
                new PlanRow(0, kitchenId, p.sauceId(), p.name(), 1, p.draft(), p.serveAt(), "[]", null, p.savedAt()),
                key);
        plans.tick(kitchenId, key.getId(), p.ticks());
        Long batch = p.batchId();
        if (batch != null) {
            plans.start(kitchenId, key.getId(), batch);
        }
    }
}
