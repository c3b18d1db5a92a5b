package app.gradior.room.batch;

import app.gradior.nodes.Patience;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import java.util.List;
import java.util.function.LongConsumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/**
 * Brings up batches that were cooked with an older version of the application: what they recorded is understood, once and for good, and
 * summaries and lessons are put together where there are none. It goes on beside everything else, the latest batches first; until then
 * the log shows them bare, and what they recorded is read by the foods and measures of now.
 */
@Service
public class SummaryUpkeep {
    private static final Logger LOG = LoggerFactory.getLogger(SummaryUpkeep.class);

    private final Kitchens kitchens;
    private final Batches batches;
    private final BatchLoading loading;
    private final BatchSummaries summaries;

    SummaryUpkeep(Kitchens kitchens, Batches batches, BatchLoading loading, BatchSummaries summaries) {
        this.kitchens = kitchens;
        this.batches = batches;
        this.loading = loading;
        this.summaries = summaries;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(() -> Patience.OF_A_START.until(this::bringUp), "summaries");
        thread.setDaemon(true);
        thread.start();
    }

    /** Brings all kitchens' batches up; one that cannot be read is left bare and does not stop the others. */
    public void bringUp() {
        for (long kitchenId : kitchens.ids()) {
            Kitchen kitchen = kitchens.kitchen(kitchenId);
            each(
                    kitchenId,
                    batches.notUnderstood(kitchenId),
                    id -> loading.understand(kitchenId, id),
                    "is not understood");
            each(kitchenId, summaries.unsummarised(kitchenId), id -> summaries.rebuild(kitchen, id), "has no summary");
        }
    }

    private static void each(long kitchenId, List<Long> ids, LongConsumer what, String otherwise) {
        for (long id : ids) {
            try {
                what.accept(id);
            } catch (RuntimeException e) {
                LOG.warn("batch {} of kitchen {} {}: {}", id, kitchenId, otherwise, Odd.why(e));
            }
        }
    }
}
