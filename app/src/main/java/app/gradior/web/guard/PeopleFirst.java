package app.gradior.web.guard;

import app.gradior.estimate.Pace;
import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.LongConsumer;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * What a program asks to have reckoned makes room for people's pages ({@link PagesFilter}): while one is being made, of whichever kitchen, it
 * rests sixteen times as long as it worked. A core of its own does not do: two cores that a host lets are often two halves of one, and what runs
 * on one of them slows what runs on the other by two thirds (docs/performance.md). A program's answer, which nobody looks at, comes later while
 * pages are made.
 */
@Component
public class PeopleFirst {
    /** A forecast rests after so much work; everything else when it is done. */
    private static final long WORK_NS = TimeUnit.MICROSECONDS.toNanos(500);

    private static final int REST = 16;
    /** A call that was slow because everything is does not make it worse. */
    private static final long MOST_REST_NS = TimeUnit.MILLISECONDS.toNanos(600);

    /** Between a page and what it asks for next: a rest does not end in such a gap. */
    private static final long GAP_NS = TimeUnit.MILLISECONDS.toNanos(30);

    /** A page that takes longer waits for something, a picture over a slow line say, and needs no room. */
    private static final long LONGEST_NS = TimeUnit.SECONDS.toNanos(2);

    private final AtomicInteger pages = new AtomicInteger();
    private volatile long lastBegun;
    private volatile long lastMade;
    private final LongSupplier nanos;
    private final LongConsumer park;
    private final ThreadLocal<Room> here = new ThreadLocal<>();

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
        this.lastBegun = nanos.getAsLong() - LONGEST_NS;
        this.lastMade = nanos.getAsLong() - GAP_NS;
    }

    /** A page that is being made. */
    public interface Page extends AutoCloseable {
        @Override
        void close();
    }

    /** Begins a page; closed when it is made. */
    public Page page() {
        lastBegun = nanos.getAsLong();
        pages.incrementAndGet();
        return () -> {
            lastMade = nanos.getAsLong();
            pages.decrementAndGet();
        };
    }

    private boolean anybody() {
        long now = nanos.getAsLong();
        return pages.get() > 0 && now - lastBegun < LONGEST_NS || now - lastMade < GAP_NS;
    }

    /**
     * Does what a program asked for; what of the work has not been rested for by then is rested for afterwards, before the next of its kitchen's has
     * its turn.
     *
     * @param work done on this thread, its answer on its way when it is done
     */
    public void behind(Work work) throws IOException, ServletException {
        Room room = new Room();
        here.set(room);
        try {
            work.run();
        } finally {
            here.remove();
            room.rest();
        }
    }

    /** What a program asked for. */
    @FunctionalInterface
    public interface Work {
        void run() throws IOException, ServletException;
    }

    /** The pace of a forecast for the program whose work this thread does, or for any other program. */
    public Pace pace() {
        Room room = here.get();
        return room == null ? new Room() : room;
    }

    /** The room that one program's work makes; asked by one thread. */
    private final class Room implements Pace {
        private long since = nanos.getAsLong();

        @Override
        public void goOn() {
            if (!anybody()) {
                since = nanos.getAsLong(); // what was done with nobody there is owed to nobody
            } else if (nanos.getAsLong() - since >= WORK_NS) {
                rest();
            }
        }

        void rest() {
            long restNs = Math.min(MOST_REST_NS, REST * (nanos.getAsLong() - since));
            long end = nanos.getAsLong() + restNs;
            for (long left = restNs; left > 0 && anybody(); left = end - nanos.getAsLong()) {
                park.accept(Math.min(left, WORK_NS));
            }
            since = nanos.getAsLong();
        }
    }
}
