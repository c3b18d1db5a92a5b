package app.gradior.web.guard;

import app.gradior.access.Hashes;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.LongSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Tokens that were told to wait. Until then they are refused before the database is asked about them, and not at once: a program that does
 * not listen waits all the same, and costs the others nothing.
 */
@Component
public class ToldToWait implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(ToldToWait.class);
    private static final long HELD_MS = 500;
    /** So many refusals are held back at a time; more than these are given at once. */
    private static final int MOST_HELD = 1000;

    private final Cache<String, Long> until = Caffeine.newBuilder()
            .maximumSize(50_000)
            .expireAfterWrite(Duration.ofHours(1)) // longer nobody is told
            .build();
    private final AtomicInteger held = new AtomicInteger();
    private final ScheduledExecutorService later = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "refusals");
        thread.setDaemon(true);
        return thread;
    });
    private final LongSupplier nanos;
    private final long heldMs;

    @Autowired
    ToldToWait() {
        this(System::nanoTime, HELD_MS);
    }

    /**
     * @param nanos what the time is, ns since any moment
     * @param heldMs how long a refusal is held back, ms
     */
    ToldToWait(LongSupplier nanos, long heldMs) {
        this.nanos = nanos;
        this.heldMs = heldMs;
    }

    /** It may come again in so many seconds. */
    void tell(String token, long seconds) {
        until.put(Hashes.sha256(token), nanos.getAsLong() + TimeUnit.SECONDS.toNanos(seconds));
    }

    /** How long it still has to wait, s, rounded up; 0 when it may ask. */
    long seconds(String token) {
        Long end = until.getIfPresent(Hashes.sha256(token));
        long left = end == null ? 0 : end - nanos.getAsLong();
        return left <= 0 ? 0 : 1 + TimeUnit.NANOSECONDS.toSeconds(left - 1);
    }

    /** What is written in the end. */
    interface Answer {
        void write() throws IOException;
    }

    /** Gives an answer after a while, without a thread that waits with it. */
    void hold(HttpServletRequest request, Answer answer) throws IOException {
        if (held.incrementAndGet() > MOST_HELD) {
            held.decrementAndGet();
            answer.write();
            return;
        }
        AsyncContext open = request.startAsync();
        open.setTimeout(0);
        later.schedule(
                () -> {
                    held.decrementAndGet();
                    try {
                        answer.write();
                    } catch (IOException e) {
                        LOG.debug("whoever asked is gone: {}", e.toString());
                    } finally {
                        open.complete();
                    }
                },
                heldMs,
                TimeUnit.MILLISECONDS);
    }

    @Override
    public void destroy() {
        later.shutdownNow();
    }
}
