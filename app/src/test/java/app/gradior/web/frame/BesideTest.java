package app.gradior.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentLinkedDeque;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** Pages get what is there; what is missing is worked out beside them, once, and in turn among owners. */
class BesideTest {
    private static final Instant NOON = Instant.parse("2026-06-01T12:00:00Z");

    /** Work that runs when the test says so, in the order it came. */
    private final Deque<Runnable> waiting = new ConcurrentLinkedDeque<>();

    private final List<String> done = new ArrayList<>();
    private final Beside<String> beside = new Beside<>(new FairQueue(waiting::add), 100);

    private Beside.Wanted<String> pot(long id, long state, long owner) {
        return new Beside.Wanted<>(id, state, owner, () -> {
            String answer = id + "/" + state;
            done.add(answer);
            return answer;
        });
    }

    private List<Optional<String>> ask(Instant now, Beside.Wanted<String> wanted) {
        return beside.of(List.of(wanted), now, Duration.ZERO);
    }

    private void work() {
        while (!waiting.isEmpty()) {
            waiting.poll().run();
        }
    }

    @Test
    void whoAsksDoesNotWorkAndHasItTheNextTime() {
        assertThat(ask(NOON, pot(1, 7, 1))).containsExactly(Optional.empty());
        ask(NOON, pot(1, 7, 1));
        assertThat(done).isEmpty();
        work();
        assertThat(done).as("asked for twice, worked out once").containsExactly("1/7");
        assertThat(ask(NOON, pot(1, 7, 1))).containsExactly(Optional.of("1/7"));
        assertThat(waiting).isEmpty();
    }

    @Test
    void anOlderStateIsShownUntilTheNewOneIsThereAndNeverComesBack() {
        ask(NOON, pot(1, 7, 1));
        work();
        assertThat(ask(NOON, pot(1, 8, 1))).containsExactly(Optional.of("1/7"));
        work();
        assertThat(ask(NOON, pot(1, 8, 1))).containsExactly(Optional.of("1/8"));
        ask(NOON, pot(1, 7, 1));
        work();
        assertThat(ask(NOON, pot(1, 8, 1))).as("somebody asked late").containsExactly(Optional.of("1/8"));
    }

    @Test
    void ageIsWorkedOutAgainBesideAndOldAgeIsWaitedFor() {
        ask(NOON, pot(1, 7, 1));
        work();
        ask(NOON.plus(Beside.FRESH), pot(1, 7, 1));
        assertThat(waiting).isEmpty();
        ask(NOON.plus(Beside.FRESH).plusMillis(1), pot(1, 7, 1));
        assertThat(waiting).hasSize(1);
        work();
        Instant late = NOON.plus(Beside.FRESH).plusMillis(1).plus(Beside.SHOWN).plusMillis(1);
        Thread worker = new Thread(() -> {
            while (waiting.isEmpty()) {
                LockSupport.parkNanos(1_000_000);
            }
            waiting.poll().run();
        });
        worker.start();
        assertThat(beside.of(List.of(pot(1, 7, 1)), late, Duration.ofMinutes(1)))
                .containsExactly(Optional.of("1/7"));
        assertThat(done).as("waited for, not shown as it was").hasSize(3);
    }

    @Test
    void aKitchenWithManyPotsKeepsNobodyElseWaiting() {
        LongStream.rangeClosed(1, 50).forEach(id -> ask(NOON, pot(id, 1, 1)));
        ask(NOON, pot(99, 1, 2));
        work();
        assertThat(done.indexOf("99/1")).isEqualTo(1);
        assertThat(done).hasSize(51);
    }

    @Test
    void whatFailsIsTriedAgainByTheNextWhoAsks() {
        Beside.Wanted<String> broken = new Beside.Wanted<>(1, 1, 1, () -> {
            throw new IllegalStateException("not now");
        });
        assertThat(ask(NOON, broken)).containsExactly(Optional.empty());
        work();
        ask(NOON, pot(1, 1, 1));
        work();
        assertThat(ask(NOON, pot(1, 1, 1))).containsExactly(Optional.of("1/1"));
    }
}
