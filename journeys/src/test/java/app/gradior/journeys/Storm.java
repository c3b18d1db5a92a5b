package app.gradior.journeys;

import java.time.Duration;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedDeque;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;

/**
 * Many things happen, some of them at the same time: one hand kills an application or asks it to leave, one kills a database or cuts it off, one
 * kills the balancer. Each mends what it did before it does the next, so that one application and two databases are always there.
 */
final class Storm {
    private static final long SEED = 20_261_128L;
    private static final int TOLD_EVERY = 25;
    /** Between a thing and its mending, and after it: so many answers, of all kitchens. */
    private static final int BETWEEN = 5;
    /** Without an answer for so long, whoever watches mends it all the same: two databases that lost each other, too, wait for the third. */
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    /** A silence so long is told at once, with what happened last, s. */
    private static final double LONG_SILENCE_S = 5;

    private static final int MOST_REMEMBERED = 4;
    private static final int MOST_STARTS = 5;
    private static final Duration BALANCED = Duration.ofSeconds(15);

    private final GaleraCluster database;
    private final List<RunningApplication> nodes;
    private final Balancer balancer;
    private final Rehearsal rehearsal;

    private final AtomicInteger left = new AtomicInteger();
    private final Map<String, Integer> happened = new ConcurrentSkipListMap<>();
    private final Deque<String> last = new ConcurrentLinkedDeque<>();

    Storm(GaleraCluster database, List<RunningApplication> nodes, Balancer balancer, Rehearsal rehearsal) {
        this.database = database;
        this.nodes = nodes;
        this.balancer = balancer;
        this.rehearsal = rehearsal;
    }

    /** So many things; answers the longest silence of all kitchens together, s, which several at once may make long. */
    double blow(int things) throws InterruptedException {
        left.set(things);
        rehearsal.listen();
        System.out.printf("%n%d things, three hands%n", things);
        List<FutureTask<Void>> hands = List.of(
                hand("applications", new Random(SEED), this::toAnApplication),
                hand("databases", new Random(SEED + 1), this::toADatabase),
                hand("balancer", new Random(SEED + 2), this::toTheBalancer));
        double told = LONG_SILENCE_S;
        try {
            while (!hands.stream().allMatch(FutureTask::isDone)) {
                LockSupport.parkNanos(Duration.ofMillis(100).toNanos());
                double silent = rehearsal.silent();
                if (silent > told) {
                    told = silent;
                    System.out.printf(Locale.ROOT, "%s: silent for %.1f s; before: %s%n", now(), silent, last);
                }
            }
            for (FutureTask<Void> hand : hands) {
                hand.get();
            }
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        }
        tell();
        return rehearsal.silent();
    }

    /** Does one thing, and mends it. */
    private interface Thing {
        void happens(Random random);
    }

    private FutureTask<Void> hand(String name, Random random, Thing thing) {
        FutureTask<Void> task = new FutureTask<>(() -> {
            while (left.getAndDecrement() > 0) {
                thing.happens(random);
                rehearsal.awaitMore(BETWEEN, PATIENCE);
            }
            return null;
        });
        Thread thread = new Thread(task, "hand-" + name);
        thread.setDaemon(true);
        thread.start();
        return task;
    }

    private void toAnApplication(Random random) {
        for (RunningApplication node : nodes) {
            if (!node.isRunning()) {
                throw new IllegalStateException("an application ended by itself:\n" + node.log());
            }
        }
        RunningApplication node = nodes.get(random.nextInt(nodes.size()));
        if (random.nextBoolean()) {
            node.kill();
            count("applications killed");
        } else {
            node.leave();
            count("applications asked to leave");
        }
        rehearsal.awaitMore(BETWEEN, PATIENCE);
        startAgain(node);
    }

    /** As its service manager does, again where it does not come up: the database that it asked first may go at that moment. */
    private static void startAgain(RunningApplication node) {
        for (int start = 1; ; start++) {
            try {
                node.restart();
                return;
            } catch (IllegalStateException e) {
                if (start == MOST_STARTS) {
                    throw e;
                }
                System.out.println("an application did not come up and is started again");
            }
        }
    }

    private void toADatabase(Random random) {
        int node = random.nextInt(database.size());
        if (random.nextBoolean()) {
            database.kill(node);
            count("databases killed");
            rehearsal.awaitMore(BETWEEN, PATIENCE);
            database.restart(node);
        } else {
            database.isolate(node, true);
            count("databases cut off");
            rehearsal.awaitMore(BETWEEN, PATIENCE);
            database.isolate(node, false);
        }
    }

    private void toTheBalancer(Random random) {
        balancer.killAndStart();
        count("balancer killed");
        LockSupport.parkNanos(BALANCED.toNanos() / 2 + random.nextLong(BALANCED.toNanos()));
    }

    private static LocalTime now() {
        return LocalTime.now().truncatedTo(ChronoUnit.SECONDS);
    }

    private void count(String what) {
        last.add(now() + " " + what);
        if (last.size() > MOST_REMEMBERED) {
            last.poll();
        }
        happened.merge(what, 1, Integer::sum);
        int all = happened.values().stream().mapToInt(Integer::intValue).sum();
        if (all % TOLD_EVERY == 0) {
            tell();
        }
    }

    private void tell() {
        List<String> parts = new ArrayList<>();
        happened.forEach((what, times) -> parts.add(times + " " + what));
        System.out.printf(
                Locale.ROOT,
                "%s: %s; %d acknowledged, longest silence %.1f s%n",
                now(),
                String.join(", ", parts),
                rehearsal.acknowledged(),
                rehearsal.silent());
    }
}
