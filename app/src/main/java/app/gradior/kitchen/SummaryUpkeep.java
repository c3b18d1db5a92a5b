package app.gradior.kitchen;

import app.gradior.store.KitchenMapper;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/**
 * Puts together the summaries and lessons of batches that have none: those cooked with an older version of the application. It goes
 * on beside everything else, the latest batches first; the log shows them bare until then.
 */
@Service
public class SummaryUpkeep {
    private static final Logger LOG = LoggerFactory.getLogger(SummaryUpkeep.class);

    private final KitchenMapper mapper;
    private final Kitchens kitchens;
    private final Batches batches;

    SummaryUpkeep(KitchenMapper mapper, Kitchens kitchens, Batches batches) {
        this.mapper = mapper;
        this.kitchens = kitchens;
        this.batches = batches;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(this::bringUp, "summaries");
        thread.setDaemon(true);
        thread.start();
    }

    /** Brings all kitchens' batches up; one that cannot be read is left bare and does not stop the others. */
    void bringUp() {
        for (long kitchenId : mapper.all()) {
            Kitchen kitchen = kitchens.kitchen(kitchenId);
            for (long id : batches.unsummarised(kitchenId)) {
                try {
                    batches.rebuild(kitchen, id);
                } catch (RuntimeException e) {
                    LOG.warn("batch {} of kitchen {} has no summary: {}", id, kitchenId, e.getMessage());
                }
            }
        }
    }
}
