package app.gradior.web.frame;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Answers that are worked out beside those who ask for them, and shared among them. Whoever asks gets what is there, at once when it is
 * of the state asked for, else after a bounded wait; what is missing then is still worked out for the next who asks.
 */
final class Beside<V> {
    private static final Logger LOG = LoggerFactory.getLogger(Beside.class);
    /** An answer this old is worked out again. */
    static final Duration FRESH = Duration.ofSeconds(10);
    /** One this old is not shown without waiting for the next. */
    static final Duration SHOWN = Duration.ofMinutes(1);

    private final FairQueue queue;
    private final Cache<Long, Kept<V>> kept;
    private final Map<Long, Running<V>> running = new ConcurrentHashMap<>();

    Beside(FairQueue queue, int most) {
        this.queue = queue;
        this.kept = Caffeine.newBuilder().maximumSize(most).build();
    }

    private record Kept<V>(long state, Instant at, V answer) {}

    private record Running<V>(long state, CompletableFuture<V> answer) {}

    /**
     * What is asked for.
     *
     * @param id of the thing
     * @param state of the thing, growing: an answer of a smaller one is an older one
     * @param owner whose turn it takes
     */
    record Wanted<V>(long id, long state, long owner, Supplier<V> work) {}

    /**
     * The answers, in order; empty where there is none yet.
     *
     * @param patience to wait for all of them together, when some are missing or old
     */
    List<Optional<V>> of(List<Wanted<V>> wanted, Instant now, Duration patience) {
        List<CompletableFuture<V>> awaited = new ArrayList<>();
        for (Wanted<V> one : wanted) {
            if (old(one, now, FRESH)) {
                CompletableFuture<V> next = begin(one, now);
                if (old(one, now, SHOWN)) {
                    awaited.add(next);
                }
            }
        }
        await(awaited, patience);
        return wanted.stream()
                .map(one -> Optional.ofNullable(kept.getIfPresent(one.id())).map(Kept::answer))
                .toList();
    }

    private boolean old(Wanted<V> one, Instant now, Duration than) {
        Kept<V> have = kept.getIfPresent(one.id());
        return have == null
                || have.state() != one.state()
                || Duration.between(have.at(), now).abs().compareTo(than) > 0;
    }

    /** The work that is under way for this state, or a new piece of it. */
    private CompletableFuture<V> begin(Wanted<V> one, Instant now) {
        Running<V> fresh = new Running<>(one.state(), new CompletableFuture<>());
        Running<V> under =
                running.merge(one.id(), fresh, (before, mine) -> before.state() == mine.state() ? before : mine);
        if (under == fresh) {
            queue.add(one.owner(), () -> work(one, now, fresh));
        }
        return under.answer();
    }

    private void work(Wanted<V> one, Instant now, Running<V> into) {
        try {
            V answer = one.work().get();
            Kept<V> made = new Kept<>(one.state(), now, answer);
            kept.asMap().merge(one.id(), made, (before, mine) -> before.state() > mine.state() ? before : mine);
            into.answer().complete(answer);
        } catch (RuntimeException e) {
            LOG.debug("{} is not worked out: {}", one.id(), e.toString());
            into.answer().completeExceptionally(e);
        } finally {
            running.remove(one.id(), into);
        }
    }

    private static void await(List<? extends CompletableFuture<?>> awaited, Duration patience) {
        try {
            CompletableFuture.allOf(awaited.toArray(CompletableFuture[]::new))
                    .get(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException | TimeoutException e) {
            LOG.debug("shown without: {}", e.toString());
        }
    }
}
