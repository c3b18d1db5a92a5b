package app.gradior.web.guard;

import app.gradior.estimate.Pace;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.LongConsumer;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * A program's forecast makes room for people's pages ({@link PagesFilter}): while one is being made, of whichever kitchen, it works a fifth of the
 * time. A core of its own does not do: two cores that a host lets are often two halves of one, and what runs on one of them slows what runs on the
 * other by two thirds (docs/performance.md). The forecast, which nobody looks at, takes five times as long while pages are made.
 */
@Component
public class PeopleFirst {
    private static final long WORK_NS = TimeUnit.MICROSECONDS.toNanos(500);
    private static final long REST_NS = 4 * WORK_NS;

    private final AtomicInteger pages = new AtomicInteger();
    private final LongSupplier nanos;
    private final LongConsumer park;

    @Autowired
    PeopleFirst() {
        this(System::nanoTime, LockSupport::parkNanos);
    }

    /**
     * @param nanos what the time is, ns since any moment
     * @param park rests for so many ns, or less
     */
    PeopleFirst(LongSupplier nanos, LongConsumer park) {
        this.nanos = nanos;
        this.park = park;
    }

    /** A page that is being made. */
    public interface Page extends AutoCloseable {
        @Override
        void close();
    }

    /** Begins a page; closed when it is made. */
    public Page page() {
        pages.incrementAndGet();
        return pages::decrementAndGet;
    }

    /** The pace of one forecast for a program, to be asked by one thread. */
    public Pace first() {
        return new Pace() {
            private long since = nanos.getAsLong();

            @Override
            public void goOn() {
                if (pages.get() == 0 || nanos.getAsLong() - since < WORK_NS) {
                    return;
                }
                long end = nanos.getAsLong() + REST_NS;
                for (long left = REST_NS; left > 0 && pages.get() > 0; left = end - nanos.getAsLong()) {
                    park.accept(Math.min(left, WORK_NS));
                }
                since = nanos.getAsLong();
            }
        };
    }
}
