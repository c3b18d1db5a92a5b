package app.gradior.web.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import app.gradior.batch.BatchEvent;
import app.gradior.room.batch.BatchChanged;
import app.gradior.room.words.Language;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** That something happened is told at once; what it makes of a batch once for several events, however long that takes. */
class BatchStreamsTest {
    private static final long PATIENCE_S = 60;

    private final BlockingQueue<BatchStreams.Presence> told = new LinkedBlockingQueue<>();
    private final BatchStreams streams = new BatchStreams(event -> told.add((BatchStreams.Presence) event));

    @AfterEach
    void noMore() {
        streams.close();
    }

    private static BatchStreams.Audience program(long kitchen) {
        return BatchStreams.Audience.program(kitchen, 1, Language.now(), () -> true);
    }

    @Test
    void eventsDoNotWaitForForecastsAndSeveralHaveOne() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        CountDownLatch heard = new CountDownLatch(20);
        CountDownLatch again = new CountDownLatch(2);
        AtomicInteger worked = new AtomicInteger();
        streams.open(
                program(1),
                7,
                new BatchStreams.News(
                        event -> {
                            heard.countDown();
                            return List.of();
                        },
                        () -> {
                            begun.countDown();
                            try {
                                assertThat(goOn.await(PATIENCE_S, TimeUnit.SECONDS))
                                        .isTrue();
                            } catch (InterruptedException e) {
                                throw new IllegalStateException(e);
                            }
                            worked.incrementAndGet();
                            again.countDown();
                            return List.of();
                        }));
        assertThat(begun.await(PATIENCE_S, TimeUnit.SECONDS))
                .as("at the opening")
                .isTrue();
        for (int i = 0; i < 20; i++) {
            streams.changed(new BatchChanged(1, 7, mock(BatchEvent.class)));
        }
        streams.changed(new BatchChanged(1, 8, mock(BatchEvent.class)));
        assertThat(heard.await(PATIENCE_S, TimeUnit.SECONDS))
                .as("all told while it is worked out")
                .isTrue();
        assertThat(worked).hasValue(0);
        assertThat(streams.unsaid()).isEqualTo(1);
        goOn.countDown();
        assertThat(again.await(PATIENCE_S, TimeUnit.SECONDS))
                .as("and once more after them")
                .isTrue();
        assertThat(worked).hasValue(2);
        assertThat(streams.unsaid()).isZero();
    }

    @Test
    void whoComesLaterIsToldWithoutTellingTheOthersAgain() throws InterruptedException {
        CountDownLatch first = new CountDownLatch(1);
        AtomicInteger firsts = new AtomicInteger();
        BatchStreams.News counting = new BatchStreams.News(event -> List.of(), () -> {
            firsts.incrementAndGet();
            first.countDown();
            return List.of();
        });
        streams.open(program(1), 7, counting);
        assertThat(first.await(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
        CountDownLatch second = new CountDownLatch(1);
        streams.open(program(1), 7, new BatchStreams.News(event -> List.of(), () -> {
            second.countDown();
            return List.of();
        }));
        assertThat(second.await(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
        assertThat(firsts).hasValue(1);
    }

    private SseEmitter person(String session, String who) {
        return streams.open(
                BatchStreams.Audience.page(1, session, who, () -> true),
                7,
                new BatchStreams.News(event -> List.of(), List::of));
    }

    private BatchStreams.Presence next() throws InterruptedException {
        BatchStreams.Presence next = told.poll(PATIENCE_S, TimeUnit.SECONDS);
        assertThat(next).isNotNull();
        return next;
    }

    @Test
    void whoIsSignedOutIsGoneForTheOthersAtOnceUnlessTheyAreThereElsewhere() {
        person("s1", "marta");
        person("s2", "marta");
        assertThat(told).as("once for both").containsExactly(new BatchStreams.Presence(1, 7, "marta", true));
        streams.ended(new SessionEnded("s1"));
        assertThat(told).hasSize(1);
        streams.ended(new SessionEnded("s2"));
        assertThat(told).last().isEqualTo(new BatchStreams.Presence(1, 7, "marta", false));
        assertThat(streams.also(7, "")).isEmpty();
        assertThat(streams.open()).isZero();
    }

    @Test
    void whoCannotBeToldAnythingAnyMoreIsGoneToo() throws InterruptedException {
        SseEmitter broken = person("s1", "marta");
        next();
        broken.complete();
        person("s2", "jo"); // marta's page is to look again at who is there
        assertThat(List.of(next(), next()))
                .containsExactlyInAnyOrder(
                        new BatchStreams.Presence(1, 7, "jo", true), new BatchStreams.Presence(1, 7, "marta", false));
        assertThat(streams.also(7, "")).containsExactly("jo");
    }

    @Test
    void anEndingNodeTellsNobodyThatItsPeopleAreGone() {
        person("s1", "marta");
        streams.close();
        assertThat(told).hasSize(1);
        assertThat(streams.open()).isZero();
    }
}
