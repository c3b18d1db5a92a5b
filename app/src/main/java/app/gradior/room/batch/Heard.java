package app.gradior.room.batch;

import app.gradior.kept.Utc;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What was told of a batch that cannot wait, and was heard: on one device is on all. */
@Service
public class Heard {
    private final BatchMapper batches;
    private final Batches known;
    private final Acting acting;
    private final Clock clock;

    Heard(BatchMapper batches, Batches known, Acting acting, Clock clock) {
        this.batches = batches;
        this.known = known;
        this.acting = acting;
        this.clock = clock;
    }

    /** A row as its table holds it. */
    record Row(long batchId, String told, String byName) {}

    /**
     * What was heard last of a batch.
     *
     * @param told the key of what was told
     * @param by who heard it
     */
    public record Last(String told, String by) {}

    /**
     * Whoever acts now heard it.
     *
     * @throws app.gradior.finding.Refusal when the kitchen has no such batch
     */
    public void hear(long kitchenId, long batchId, String told) {
        known.check(kitchenId, batchId);
        LocalDateTime now = Utc.now(clock);
        batches.hear(kitchenId, batchId, told, acting.now().name(), now);
    }

    /** What was heard of a batch is over, if it is still that. */
    public void forget(long kitchenId, long batchId, String told) {
        batches.unhear(kitchenId, batchId, told);
    }

    /** Of each of a kitchen's batches that are not long over, by its id. */
    public Map<Long, Last> of(long kitchenId) {
        return batches.heard(kitchenId).stream()
                .collect(Collectors.toMap(Row::batchId, row -> new Last(row.told(), row.byName())));
    }
}
