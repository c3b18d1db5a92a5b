package app.gradior.web.frame;

import java.util.ArrayDeque;
import java.util.HashMap;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.Executor;

/**
 * Work beside the pages, one piece after the other for each owner, and one of each owner in turn: who has much of it waits for
 * themselves, not others for them.
 */
final class FairQueue {
    private final Executor workers;
    private final Map<Long, Queue<Runnable>> waiting = new HashMap<>();

    FairQueue(Executor workers) {
        this.workers = workers;
    }

    /** Puts a piece of work at the end of its owner's line. */
    synchronized void add(long owner, Runnable work) {
        Queue<Runnable> line = waiting.get(owner);
        if (line != null) {
            line.add(work);
            return;
        }
        waiting.put(owner, new ArrayDeque<>());
        workers.execute(() -> run(owner, work));
    }

    private void run(long owner, Runnable work) {
        try {
            work.run();
        } finally {
            next(owner);
        }
    }

    private synchronized void next(long owner) {
        Queue<Runnable> line = waiting.get(owner);
        Runnable next = line == null ? null : line.poll();
        if (next == null) {
            waiting.remove(owner);
        } else {
            workers.execute(() -> run(owner, next));
        }
    }
}
