package app.gradior.web.guard;

import app.gradior.room.faults.TooMuch;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import java.time.Duration;
import java.util.concurrent.Callable;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Shares of this node: how much a token or an account may ask, and how many of a kitchen's calls are worked on at once. Generous for
 * any kitchen, and for a script that works a list off; a flood waits, or is told to.
 */
@Component
public class Quotas {
    /** So much at once, and so much a second after that; a plain question costs 1. */
    private static final int AT_ONCE = 6000;

    private static final int A_SECOND = 100;
    /** Kinds of work that a kitchen has a share of. */
    public enum Work {
        /** Plain calls of programs: so many at once. */
        CALLS(2),
        /** Calls of programs that want something worked out, one by one: with two cores, one is left for everybody else. */
        RECKONING(1),
        /** Forecasts for people's pages and for who follows, as much one by one: no program's is before them. */
        FORECASTS(1);

        private final int atOnce;

        Work(int atOnce) {
            this.atOnce = atOnce;
        }
    }

    private static final int MOST_WAITING = 24;
    private static final long LONGEST_WAIT_MS = 10_000;

    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(50_000)
            .expireAfterAccess(Duration.ofHours(1))
            .build();
    private final Cache<Share, Turns> turns = Caffeine.newBuilder()
            .maximumSize(50_000)
            .expireAfterAccess(Duration.ofHours(1))
            .build();

    private final long longestWaitMs;

    @Autowired
    Quotas() {
        this(LONGEST_WAIT_MS);
    }

    /**
     * @param longestWaitMs how long a call waits for its turn, ms
     */
    Quotas(long longestWaitMs) {
        this.longestWaitMs = longestWaitMs;
    }

    private record Share(long kitchenId, Work work) {}

    private static final class Turns {
        private final Semaphore free;
        private final AtomicInteger waiting = new AtomicInteger();

        Turns(Work work) {
            free = new Semaphore(work.atOnce, true);
        }
    }

    private static Bucket fresh() {
        return Bucket.builder()
                .addLimit(Bandwidth.builder()
                        .capacity(AT_ONCE)
                        .refillGreedy(A_SECOND, Duration.ofSeconds(1))
                        .build())
                .build();
    }

    /**
     * Takes the cost of a call.
     *
     * @param who a token or an account
     * @throws TooMuch when there is no more for now
     */
    public void take(String who, int cost) {
        Bucket bucket = buckets.get(who, key -> fresh());
        ConsumptionProbe probe = bucket.tryConsumeAndReturnRemaining(cost);
        if (!probe.isConsumed()) {
            throw new TooMuch(1 + TimeUnit.NANOSECONDS.toSeconds(probe.getNanosToWaitForRefill()));
        }
    }

    /**
     * Does a kitchen's work when it is its turn.
     *
     * @throws TooMuch when too many of this kitchen wait already, or for too long
     */
    public <T> T inTurn(long kitchenId, Work kind, Callable<T> work) throws Exception {
        Turns here = turns.get(new Share(kitchenId, kind), key -> new Turns(kind));
        if (here.waiting.incrementAndGet() > MOST_WAITING) {
            here.waiting.decrementAndGet();
            throw new TooMuch(1);
        }
        try {
            if (!here.free.tryAcquire(longestWaitMs, TimeUnit.MILLISECONDS)) {
                throw TooMuch.busy(1);
            }
        } finally {
            here.waiting.decrementAndGet();
        }
        try {
            return work.call();
        } finally {
            here.free.release();
        }
    }
}
