package app.gradior.web.guard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.room.faults.TooMuch;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Whose turn it is, who is sent away, and whether that is their own doing. */
class QuotasTest {
    private static final long PATIENCE_S = 60;

    private final ExecutorService hands = Executors.newCachedThreadPool();
    private final CountDownLatch done = new CountDownLatch(1);

    @AfterEach
    void end() {
        done.countDown();
        hands.shutdownNow();
    }

    private CompletableFuture<String> calls(Quotas quotas, long kitchen, CountDownLatch begun) {
        return CompletableFuture.supplyAsync(
                () -> {
                    try {
                        return quotas.inTurn(kitchen, Quotas.Work.CALLS, () -> {
                            begun.countDown();
                            done.await(PATIENCE_S, TimeUnit.SECONDS);
                            return "answer";
                        });
                    } catch (RuntimeException e) {
                        throw e;
                    } catch (Exception e) {
                        throw new IllegalStateException(e);
                    }
                },
                hands);
    }

    private static TooMuch refusal(CompletableFuture<String> call) throws Exception {
        try {
            throw new AssertionError("it was answered: " + call.get(PATIENCE_S, TimeUnit.SECONDS));
        } catch (ExecutionException e) {
            return (TooMuch) e.getCause();
        }
    }

    @Test
    void twoAreWorkedOnTwentyFourWaitAndWhoComesThenAsksTooMuch() throws Exception {
        Quotas quotas = new Quotas(PATIENCE_S * 1000);
        CountDownLatch two = new CountDownLatch(2);
        List<CompletableFuture<String>> calls = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            calls.add(calls(quotas, 7, two));
        }
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_S);
        while (calls.stream()
                        .filter(CompletableFuture::isCompletedExceptionally)
                        .count()
                < 60 - 2 - 24) {
            assertThat(System.nanoTime()).isLessThan(end);
            LockSupport.parkNanos(1_000_000);
        }
        CountDownLatch another = new CountDownLatch(1);
        CompletableFuture<String> elsewhere = calls(quotas, 8, another);
        assertThat(another.await(PATIENCE_S, TimeUnit.SECONDS))
                .as("another kitchen has turns of its own")
                .isTrue();
        done.countDown();
        assertThat(elsewhere.get(PATIENCE_S, TimeUnit.SECONDS)).isEqualTo("answer");
        int answered = 0;
        for (CompletableFuture<String> call : calls) {
            if (call.isCompletedExceptionally()) {
                assertThat(refusal(call).ownDoing()).isTrue();
                assertThat(refusal(call).seconds()).isEqualTo(1);
            } else {
                assertThat(call.get(PATIENCE_S, TimeUnit.SECONDS)).isEqualTo("answer");
                answered++;
            }
        }
        assertThat(answered).isEqualTo(26);
    }

    /** Whoever waited in vain because everything is slow has done nothing: nobody tells their token to keep away. */
    @Test
    void whoseTurnDoesNotComeIsNotToBlame() throws Exception {
        Quotas quotas = new Quotas(50);
        CountDownLatch two = new CountDownLatch(2);
        calls(quotas, 7, two);
        calls(quotas, 7, two);
        assertThat(two.await(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
        TooMuch late = refusal(calls(quotas, 7, two));
        assertThat(late.ownDoing()).isFalse();
        assertThat(late.seconds()).isEqualTo(1);
    }

    @Test
    void aShareIsSixThousandPlainQuestionsAtOnce() {
        Quotas quotas = new Quotas(50);
        quotas.take("token:1", 5990);
        quotas.take("token:1", 10);
        assertThatThrownBy(() -> quotas.take("token:1", 500)).isInstanceOfSatisfying(TooMuch.class, wait -> {
            assertThat(wait.ownDoing()).isTrue();
            assertThat(wait.seconds()).isBetween(4L, 6L);
        });
        quotas.take("token:2", 6000);
    }
}
