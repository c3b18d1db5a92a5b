package app.gradior.web.frame;

import app.gradior.nodes.Outbox;
import app.gradior.room.batch.BatchChanged;
import app.gradior.room.batch.Batches;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Tells the other nodes what happened here, and those who follow a batch here what happened there. With one node it is not there. */
@Component
@ConditionalOnProperty("gradior.nodes")
public class NodeNews implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(NodeNews.class);
    /** An event is on every screen within 300 ms of its commit: looking takes a part of that, telling the rest. */
    static final long LOOKS_EVERY_MS = 100;

    private final Outbox outbox;
    private final Batches batches;
    private final BatchStreams streams;
    private final ScheduledExecutorService looker = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "node-news");
        thread.setDaemon(true);
        return thread;
    });

    NodeNews(Outbox outbox, Batches batches, BatchStreams streams) {
        this.outbox = outbox;
        this.batches = batches;
        this.streams = streams;
        looker.scheduleWithFixedDelay(this::look, LOOKS_EVERY_MS, LOOKS_EVERY_MS, TimeUnit.MILLISECONDS);
    }

    /** Within the transaction that keeps it: what is not kept is told to nobody. */
    @EventListener
    void changed(BatchChanged change) {
        outbox.tell(
                Outbox.Kind.CHANGED,
                change.kitchenId(),
                change.batchId(),
                change.event().id(),
                "");
    }

    @EventListener
    void cameOrWent(BatchStreams.Presence one) {
        try {
            outbox.tell(one.here() ? Outbox.Kind.HERE : Outbox.Kind.GONE, one.kitchenId(), one.batchId(), 0, one.who());
        } catch (RuntimeException e) {
            LOG.debug("nobody hears that {} is there: {}", one.who(), e.toString());
        }
    }

    private void look() {
        try {
            outbox.news().forEach(this::heard);
        } catch (RuntimeException e) {
            LOG.debug("nothing heard of other nodes: {}", e.toString());
        }
    }

    private void heard(Outbox.News news) {
        switch (news.kind()) {
            case HERE -> streams.elsewhere(news.batchId(), news.who(), news.node(), true);
            case GONE -> streams.elsewhere(news.batchId(), news.who(), news.node(), false);
            case CHANGED -> {
                if (streams.follows(news.batchId())) {
                    batches.event(news.kitchenId(), news.batchId(), news.eventId())
                            .ifPresent(event ->
                                    streams.changed(new BatchChanged(news.kitchenId(), news.batchId(), event)));
                }
            }
        }
    }

    @Override
    public void destroy() {
        looker.shutdownNow();
    }
}
