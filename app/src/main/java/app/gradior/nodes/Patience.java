package app.gradior.nodes;

import java.time.Duration;
import java.util.concurrent.locks.LockSupport;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What a start does with the database, tried again while that is away for a moment. A node that is reached but answers nothing, because it is cut
 * off from its cluster, is left alone by the driver once it refused, and the next try is asked of the next.
 *
 * @param tries so often at least, 1 or more
 * @param time for so long at least: who refuses at once is not asked the less
 * @param between so long from one to the next
 */
public record Patience(int tries, Duration time, Duration between) {
    /** Of a start, whose database may be starting, too, or be without its cluster until the others are back. */
    public static final Patience OF_A_START = new Patience(5, Duration.ofSeconds(30), Duration.ofSeconds(1));

    private static final Logger LOG = LoggerFactory.getLogger(Patience.class);

    /** Does it; throws what it throws when that is something else, or the last try. */
    public void until(Runnable what) {
        long begun = System.nanoTime();
        for (int tried = 1; ; tried++) {
            try {
                what.run();
                return;
            } catch (RuntimeException e) {
                boolean over = tried >= tries && System.nanoTime() - begun >= time.toNanos();
                if (over || !Passing.is(e)) {
                    throw e;
                }
                LOG.warn("the database did not answer, and is asked again: {}", e.getMessage());
                LockSupport.parkNanos(between.toNanos());
            }
        }
    }
}
