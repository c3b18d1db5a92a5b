package app.gradior.nodes;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * What happened on one node and is news to the others: written within the transaction that made it, so that nobody hears of what was never
 * kept, and read by each node again and again. Rows become visible in no order, so a node looks back over some seconds and takes each row once.
 */
@Component
public class Outbox {
    /** How far back a node looks, s: longer than any transaction that writes. */
    static final int LOOKS_BACK_S = 20;
    /** And how far most of the time, for nearly all of them are short. */
    private static final int LOOKS_BACK_AT_FIRST_S = 2;
    /** Every so many-th look goes all the way back. */
    private static final int ALL_THE_WAY = 10;

    private static final int KEPT_S = 300;

    /** What is told. */
    public enum Kind {
        /** Something was recorded of a batch. */
        CHANGED,
        /** Somebody has its page open. */
        HERE,
        /** They have it open no more. */
        GONE
    }

    /**
     * One piece of news.
     *
     * @param node which told it
     * @param eventId of a batch's event; 0 for none
     * @param who whose page it is; empty for nobody's
     */
    // Wide: columns of its table.
    public record News(long id, String node, Kind kind, long kitchenId, long batchId, long eventId, String who) {}

    private final OutboxMapper rows;
    private final String node;
    private long looks;
    private final Cache<Long, Boolean> seen = Caffeine.newBuilder()
            .expireAfterWrite(Duration.ofSeconds(2L * LOOKS_BACK_S))
            .build();

    @Autowired
    Outbox(OutboxMapper rows) {
        this(rows, UUID.randomUUID().toString());
    }

    /** One of the nodes by its name. */
    Outbox(OutboxMapper rows, String node) {
        this.rows = rows;
        this.node = node;
    }

    /** Another node over the same database; for whoever tries two of them in one. */
    public Outbox ofAnotherNode() {
        return new Outbox(rows, UUID.randomUUID().toString());
    }

    /** Tells the others, once the transaction at hand is kept. */
    public void tell(Kind kind, long kitchenId, long batchId, long eventId, String who) {
        rows.tell(new News(0, node, kind, kitchenId, batchId, eventId, who));
    }

    /** What others told since the last time, each once, oldest first. */
    public List<News> news() {
        List<News> fresh = new ArrayList<>();
        boolean allTheWay = looks++ % ALL_THE_WAY == 0;
        for (News one : rows.told(node, allTheWay ? LOOKS_BACK_S : LOOKS_BACK_AT_FIRST_S)) {
            if (seen.getIfPresent(one.id()) == null) {
                seen.put(one.id(), true);
                fresh.add(one);
            }
        }
        return fresh;
    }

    @Scheduled(initialDelay = 1, fixedDelay = 1, timeUnit = TimeUnit.MINUTES)
    @SchedulerLock(name = "outbox", lockAtMostFor = "PT5M")
    public void forget() {
        rows.forget(KEPT_S);
    }
}
