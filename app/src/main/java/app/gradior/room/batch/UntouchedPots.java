package app.gradior.room.batch;

import app.gradior.batch.Admission;
import app.gradior.batch.EventBody;
import app.gradior.room.house.Kitchens;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Sets pots aside that nobody touched for twelve hours. They are asked after long before that ({@code estimate.Prompt}); nothing of one is
 * lost, and it is taken up again with one tap. A device that reads a pot touches it.
 */
@Component
public class UntouchedPots {
    private static final Logger LOG = LoggerFactory.getLogger(UntouchedPots.class);
    private final Kitchens kitchens;
    private final Batches batches;
    /** Pots that could not be, said once. */
    private final Set<Long> told = ConcurrentHashMap.newKeySet();

    UntouchedPots(Kitchens kitchens, Batches batches) {
        this.kitchens = kitchens;
        this.batches = batches;
    }

    @Scheduled(initialDelay = 10, fixedDelay = 10, timeUnit = TimeUnit.MINUTES)
    @SchedulerLock(name = "untouched-pots")
    public void setAside() {
        for (long kitchenId : kitchens.ids()) {
            for (long id : batches.untouched(kitchenId, Admission.UNTOUCHED)) {
                try {
                    String key = "untouched-" + batches.now().toEpochMilli();
                    batches.record(
                            kitchens.kitchen(kitchenId),
                            id,
                            new Batches.Draft(key, batches.now(), new EventBody.SetAside()));
                } catch (RuntimeException e) {
                    if (told.add(id)) {
                        LOG.warn("pot {} of kitchen {} is not set aside: {}", id, kitchenId, e.toString());
                    }
                }
            }
        }
    }
}
