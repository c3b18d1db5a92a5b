package app.gradior.journeys;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;

/**
 * How much slower a live pot's panel is while another kitchen's program keeps forty questions asked; run by {@code ./gradior neighbour} and, with
 * the others, by {@code ./gradior bench}. A machine that hosts share does more in one minute than in the next: alone and beside are therefore
 * measured in turn, seconds apart, and each round is compared within itself.
 */
final class NeighbourBenchmark {
    private static final int ROUNDS = Integer.getInteger("gradior.rounds", 9);
    private static final long TURN_NS = 6_000_000_000L;
    /** Of each turn: who was asking a moment ago has been answered by then. */
    private static final long SETTLING_NS = 1_500_000_000L;

    /** How much slower may be. */
    private static final double MOST = 1.5;

    private static final int AT_ONCE = 40;
    private static final String PANEL = "/pot/41/panel";
    private static final int WARM_UP = 1500;
    private static final int TOO_MANY = 429;

    private final HttpBenchmark bench;
    private final RunningApplication application;

    private NeighbourBenchmark(HttpBenchmark bench, RunningApplication application) {
        this.bench = bench;
        this.application = application;
    }

    /** What a neighbour's program asks for, and whether it waits when it is told to; each has a kitchen of its own. */
    private enum Asks {
        NOTHING("nothing", false),
        FORECASTS("forecasts, waits when told to", true),
        FORECASTS_AT_ONCE("forecasts, asks again at once", false),
        PLANS("plans, waits when told to", true),
        PLANS_AT_ONCE("plans, asks again at once", false);

        private final String words;
        private final boolean listens;

        Asks(String words, boolean listens) {
            this.words = words;
            this.listens = listens;
        }
    }

    /** What the panel took in one turn, ms: half of the times, and 95 of 100. */
    private record Turn(double median, double p95, long answered, long refused) {}

    public static void main(String[] args) throws InterruptedException {
        try (RunningApplication application = RunningApplication.demo()) {
            HttpBenchmark bench = new HttpBenchmark(application.url());
            bench.enter();
            try (Connection database = application.database()) {
                ManyKitchens.copy(database, 1, Asks.values().length - 1);
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            }
            new NeighbourBenchmark(bench, application).run();
        }
    }

    private void run() throws InterruptedException {
        List<List<Turn>> turns = new ArrayList<>();
        bench.times(i -> PANEL, WARM_UP, 1);
        for (int round = -2; round < ROUNDS; round++) {
            List<Turn> row = new ArrayList<>();
            for (Asks asks : Asks.values()) {
                row.add(turn(asks));
                System.err.println(round + " " + asks + " " + row.get(asks.ordinal()));
            }
            if (round >= 0) {
                turns.add(row);
            }
        }
        System.out.printf(
                "%n%-34s %8s %10s %10s %22s %9s%n",
                "a live pot's panel; neighbour asks",
                "median",
                "95 of 100",
                "slower",
                "slower: least, most",
                "answered");
        for (Asks asks : Asks.values()) {
            double[] all = ratios(turns, asks);
            double slower = middle(all);
            System.out.printf(
                    Locale.ROOT,
                    "%-34s %8.1f %10.1f %10.2f %11.2f %10.2f %9d %s%n",
                    asks.words,
                    middle(turns.stream()
                            .mapToDouble(row -> row.get(asks.ordinal()).median())
                            .toArray()),
                    middle(turns.stream()
                            .mapToDouble(row -> row.get(asks.ordinal()).p95())
                            .toArray()),
                    slower,
                    all[0],
                    all[all.length - 1],
                    turns.stream()
                            .mapToLong(row -> row.get(asks.ordinal()).answered())
                            .sum(),
                    slower <= MOST ? "ok" : "OVER");
        }
    }

    /** How many times the 95th of 100 of the same round's turn with nobody, the least first. */
    private static double[] ratios(List<List<Turn>> turns, Asks asks) {
        return turns.stream()
                .mapToDouble(row -> row.get(asks.ordinal()).p95()
                        / row.get(Asks.NOTHING.ordinal()).p95())
                .sorted()
                .toArray();
    }

    private static double middle(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private Turn turn(Asks asks) throws InterruptedException {
        try (Neighbour neighbour = new Neighbour(application, asks)) {
            long start = System.nanoTime();
            List<Double> ms = new ArrayList<>();
            while (System.nanoTime() - start < TURN_NS || ms.isEmpty()) {
                long before = System.nanoTime();
                bench.get(PANEL);
                if (before - start > SETTLING_NS) {
                    ms.add((System.nanoTime() - before) / 1e6);
                }
            }
            double[] sorted =
                    ms.stream().mapToDouble(Double::doubleValue).sorted().toArray();
            return new Turn(
                    sorted[sorted.length / 2],
                    sorted[(int) (0.95 * sorted.length)],
                    neighbour.answered.get(),
                    neighbour.refused.get());
        }
    }

    /** Another kitchen's program, forty questions at once, again and again, each another one. */
    private static final class Neighbour implements AutoCloseable {
        private static final AtomicInteger ASKED = new AtomicInteger();

        private final HttpClient http = HttpClient.newHttpClient();
        private final AtomicLong answered = new AtomicLong();
        private final AtomicLong refused = new AtomicLong();
        private final List<Thread> threads = new ArrayList<>();
        private final RunningApplication application;
        private final Asks asks;
        private volatile boolean over;

        /** Begins to ask. */
        Neighbour(RunningApplication application, Asks asks) {
            this.application = application;
            this.asks = asks;
            for (int i = 0; i < (asks == Asks.NOTHING ? 0 : AT_ONCE); i++) {
                Thread thread = new Thread(this::ask);
                thread.setDaemon(true);
                thread.start();
                threads.add(thread);
            }
        }

        private void ask() {
            while (!over) {
                try {
                    HttpResponse<Void> answer = http.send(question(), HttpResponse.BodyHandlers.discarding());
                    if (answer.statusCode() == 200) {
                        answered.incrementAndGet();
                    } else if (answer.statusCode() != TOO_MANY) {
                        refused.incrementAndGet();
                    } else if (asks.listens) {
                        rest(answer.headers().firstValueAsLong("Retry-After").orElse(1));
                    }
                } catch (IOException e) {
                    // refused: it asks again
                } catch (InterruptedException e) {
                    return;
                }
            }
        }

        private void rest(long seconds) {
            long until = System.nanoTime() + Duration.ofSeconds(seconds).toNanos();
            while (!over && System.nanoTime() < until) {
                LockSupport.parkNanos(Duration.ofMillis(50).toNanos());
            }
        }

        private HttpRequest question() {
            int n = ASKED.incrementAndGet();
            HttpRequest.Builder to = HttpRequest.newBuilder()
                    .header("Authorization", "Bearer " + ManyKitchens.token(asks.ordinal()))
                    .header("Content-Type", "application/json");
            if (asks == Asks.PLANS || asks == Asks.PLANS_AT_ONCE) {
                return to.uri(URI.create(application.url() + "/api/v1/plan"))
                        .POST(HttpRequest.BodyPublishers.ofString(String.format(
                                Locale.ROOT,
                                "{\"sauceId\": %d, \"potId\": %d, \"factor\": %.3f}",
                                ManyKitchens.id(1 + n % 8, asks.ordinal()),
                                ManyKitchens.id(1 + n % 3, asks.ordinal()),
                                1 + n % 97 / 100.0)))
                        .build();
            }
            return to.uri(URI.create(application.url() + "/api/v1/batches/" + ManyKitchens.id(41, asks.ordinal())
                            + "/forecast?at=" + Instant.now().plusMillis(n)))
                    .build();
        }

        @Override
        public void close() throws InterruptedException {
            over = true;
            for (Thread thread : threads) {
                thread.join();
            }
        }
    }
}
