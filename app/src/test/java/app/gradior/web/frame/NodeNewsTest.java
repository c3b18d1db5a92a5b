package app.gradior.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.ApplicationTest;
import app.gradior.Foods;
import app.gradior.NewKitchen;
import app.gradior.batch.EventBody;
import app.gradior.batch.Origin;
import app.gradior.nodes.Outbox;
import app.gradior.room.batch.BatchChanged;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationListener;
import org.springframework.context.PayloadApplicationEvent;
import org.springframework.context.event.ApplicationEventMulticaster;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.transaction.support.TransactionTemplate;

/** Two nodes over one database: what is recorded on one is on the screens of the other, and who is where is known on both. */
@ApplicationTest
class NodeNewsTest {
    /** Machines are slow at times; what counts is that it comes, and once. */
    private static final long PATIENCE_MS = 60_000;

    @Autowired
    private Kitchens kitchens;

    @Autowired
    private Batches batches;

    @Autowired
    private Outbox outbox;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private Clock clock;

    @Autowired
    private ApplicationEventMulticaster multicaster;

    private Node here;
    private Node there;
    private Kitchen kitchen;
    private long batch;

    /** A node's part of it: its streams, and its news. */
    private static final class Node {
        final List<NodeNews> news = new ArrayList<>();
        final BatchStreams streams;

        Node(Outbox outbox, Batches batches) {
            streams = new BatchStreams(event -> news.forEach(n -> n.cameOrWent((BatchStreams.Presence) event)));
            news.add(new NodeNews(outbox, batches, streams));
        }

        void close() {
            news.forEach(NodeNews::destroy);
            streams.close();
        }
    }

    @BeforeEach
    void twoNodes() {
        kitchen = NewKitchen.of(kitchens);
        batch = batches.start(kitchen, "Glaze", Origin.NONE, Foods.glaze("A pot"), clock.instant());
        here = new Node(outbox.ofAnotherNode(), batches);
        there = new Node(outbox.ofAnotherNode(), batches);
    }

    @AfterEach
    void noMore() {
        here.close();
        there.close();
    }

    private static void until(BooleanSupplier met, String what) {
        long end = System.nanoTime() + PATIENCE_MS * 1_000_000;
        while (!met.getAsBoolean()) {
            assertThat(System.nanoTime()).as(what).isLessThan(end);
            LockSupport.parkNanos(10_000_000);
        }
    }

    private List<String> follows(Node node, String who, String session) {
        List<String> heard = new CopyOnWriteArrayList<>();
        node.streams.open(
                BatchStreams.Audience.page(kitchen.id(), session, who, () -> true),
                batch,
                new BatchStreams.News(
                        event -> {
                            heard.add(((EventBody.Note) event.body()).text());
                            return List.of();
                        },
                        List::of));
        return heard;
    }

    private void note(String key) {
        transaction.executeWithoutResult(status -> {
            Batches.Recorded recorded =
                    batches.record(kitchen, batch, new Batches.Draft(key, clock.instant(), new EventBody.Note(key)));
            here.news.get(0).changed(new BatchChanged(kitchen.id(), batch, recorded.event()));
            if (key.startsWith("taken-back")) {
                status.setRollbackOnly();
            }
        });
    }

    @Test
    void whatIsRecordedOnOneIsToldOnTheOtherOnce() {
        List<String> heard = follows(there, "jo", "s2");
        note("taken-back");
        note("kept");
        until(() -> !heard.isEmpty(), "heard on the other node");
        note("and-again");
        until(() -> heard.contains("and-again"), "and the next");
        note("last");
        until(() -> heard.contains("last"), "what comes twice would have come before it");
        assertThat(heard).as("each once, and nothing that was never kept").containsExactly("kept", "and-again", "last");
    }

    /** A commit that another node's came before is done again, and what it records is there once. */
    @Test
    void aRefusedCommitIsDoneAgain() {
        AtomicInteger tries = new AtomicInteger();
        ApplicationListener<PayloadApplicationEvent<BatchChanged>> refusing = event -> {
            if (event.getPayload().batchId() == batch && tries.incrementAndGet() < 3) {
                throw new CannotAcquireLockException("another node was first");
            }
        };
        multicaster.addApplicationListener(new Refusing(refusing));
        try {
            batches.record(kitchen, batch, new Batches.Draft("again", clock.instant(), new EventBody.Note("kept")));
        } finally {
            multicaster.removeApplicationListeners(listener -> listener instanceof Refusing);
        }
        assertThat(tries).hasValue(3);
        assertThat(batches.batch(kitchen.id(), batch).events())
                .extracting(event -> event.clientKey())
                .containsOnlyOnce("again");
    }

    /** Hears of batches alone. */
    private record Refusing(ApplicationListener<PayloadApplicationEvent<BatchChanged>> by)
            implements ApplicationListener<PayloadApplicationEvent<BatchChanged>> {
        @Override
        public void onApplicationEvent(PayloadApplicationEvent<BatchChanged> event) {
            by.onApplicationEvent(event);
        }
    }

    @Test
    void whoIsWhereIsKnownOnBoth() {
        follows(here, "marta", "s1");
        until(() -> there.streams.also(batch, "").contains("marta"), "marta is seen on the other node");
        follows(there, "jo", "s2");
        until(() -> here.streams.also(batch, "s1").equals(List.of("jo")), "and jo on this one");
        here.streams.ended(new SessionEnded("s1"));
        until(() -> there.streams.also(batch, "s2").isEmpty(), "gone");
    }
}
