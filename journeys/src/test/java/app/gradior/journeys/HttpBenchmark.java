package app.gradior.journeys;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import java.util.function.IntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How long pages take over HTTP with the demo data, one after another on a warm server; run by {@code ./gradior bench}. */
final class HttpBenchmark {
    private static final int WARM_UP = Integer.getInteger("gradior.warmUp", 1000);
    private static final long LONGEST_WARM_UP_NS = 40_000_000_000L;
    private static final int MEASURED = 300;

    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
    private final String url;

    HttpBenchmark(String url) {
        this.url = url;
    }

    public static void main(String[] args) throws IOException, InterruptedException {
        try (RunningApplication application = RunningApplication.demo()) {
            HttpBenchmark bench = new HttpBenchmark(application.url());
            bench.enter();
            System.out.printf(
                    "%n%-46s %10s %10s %10s%n", "over HTTP, one at a time, ms", "median", "95 of 100", "budget");
            bench.measure(
                    "plan worked out anew",
                    60,
                    i -> "/plan/answer?sauce=" + (i % 8 + 1) + "&amount=1." + (i % 9 + 1) + "&step=" + (5 + i % 3)
                            + ".5");
            double idle = bench.measure("a live pot's panel", 60, i -> "/pot/41/panel");
            Neighbour.movesIn(application);
            for (boolean listens : new boolean[] {true, false}) {
                try (Neighbour neighbour = new Neighbour(application, listens)) {
                    String what = "beside 40 askers who " + (listens ? "wait when told to" : "never wait");
                    bench.measure(what, 1.5 * idle, i -> "/pot/41/panel");
                    System.out.printf("%-46s %10d%n", "  answers that they had meanwhile", neighbour.answered());
                }
            }
            manyBatches(application);
            bench.measure("log, 10,000 batches, a page", 60, i -> "/log?page=" + i % 150);
            bench.measure(
                    "log, 10,000 batches, words and sort", 60, i -> "/log?q=gl" + "aze".charAt(i % 3) + "&sort=step");
            bench.measure("a batch of it with 300 readings", 150, i -> "/log/" + (1000 + i % 5000));
            bench.measure("what it was foretold, first asked", 500, i -> "/log/" + (3000 + i % 5000) + "/foretold");
        }
    }

    /** Two hundred and fifty times the demo's past, 300 readings each. */
    private static void manyBatches(RunningApplication application) {
        application.sql("""
                insert into batch (kitchen_id, sauce_id, sauce_version, name, state, started_at, finished_at, pot_name,
                        minutes, yield_ml, step_cold, rating, words)
                select b.kitchen_id, b.sauce_id, b.sauce_version, b.name, b.state,
                       b.started_at - interval s.seq day, b.finished_at - interval s.seq day, b.pot_name, b.minutes,
                       b.yield_ml + s.seq, b.step_cold, b.rating, b.words
                from batch b join seq_1_to_250 s where b.state = 'FINISHED' and b.kitchen_id = 1
                """, """
                insert into batch_plan (batch_id, kitchen_id, plan)
                select b.id, b.kitchen_id, (select p.plan from batch_plan p join batch o on o.id = p.batch_id
                                              where o.sauce_id = b.sauce_id and o.id <= 40 limit 1)
                from batch b where b.id > 42 and b.kitchen_id = 1
                """, """
                insert into batch_event (kitchen_id, batch_id, client_key, happened_at, recorded_at, type, body)
                select b.kitchen_id, b.id, concat('device-many-', s.seq), b.started_at + interval s.seq * 4 second,
                       b.started_at + interval s.seq * 4 second, 'weight', concat('{"grossG":', 3600 - s.seq, '.0}')
                from batch b join seq_1_to_300 s where b.id > 42 and b.kitchen_id = 1
                """, "analyze table batch, batch_event");
    }

    /** Into the demo kitchen. */
    void enter() throws IOException, InterruptedException {
        String page = get("/login");
        Matcher token = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"").matcher(page);
        if (!token.find()) {
            throw new IllegalStateException("no token on the first page");
        }
        String body = "_csrf=" + URLEncoder.encode(token.group(1), StandardCharsets.UTF_8);
        client.send(
                HttpRequest.newBuilder(URI.create(url + "/demo"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
    }

    String get(String path) throws IOException, InterruptedException {
        HttpResponse<String> response = client.send(
                HttpRequest.newBuilder(URI.create(url + path)).build(), HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() != 200) {
            throw new IllegalStateException(path + " answered " + response.statusCode());
        }
        return response.body();
    }

    /** What each of so many calls took, ms, the shortest first; others before them are not counted. */
    double[] times(IntFunction<String> path, int warmUp, int measured) throws IOException, InterruptedException {
        long until = System.nanoTime() + LONGEST_WARM_UP_NS;
        for (int i = 0; i < warmUp && System.nanoTime() < until; i++) {
            get(path.apply(i));
        }
        double[] ms = new double[measured];
        for (int i = 0; i < measured; i++) {
            long before = System.nanoTime();
            get(path.apply(i));
            ms[i] = (System.nanoTime() - before) / 1e6;
        }
        Arrays.sort(ms);
        return ms;
    }

    /** Answers the 95th of 100, ms. */
    private double measure(String what, double budgetMs, IntFunction<String> path)
            throws IOException, InterruptedException {
        double[] ms = times(path, WARM_UP, MEASURED);
        double p95 = ms[(int) (0.95 * MEASURED)];
        System.out.printf(
                Locale.ROOT,
                "%-46s %10.1f %10.1f %10.0f %s%n",
                what,
                ms[MEASURED / 2],
                p95,
                budgetMs,
                p95 <= budgetMs ? "ok" : "OVER");
        return p95;
    }

    /** Another kitchen, whose program asks for forty forecasts at once, again and again, each of another moment. */
    private static final class Neighbour implements AutoCloseable {
        private static final int AT_ONCE = 40;

        private final HttpClient http = HttpClient.newHttpClient();
        private final AtomicLong asked = new AtomicLong();
        private final AtomicLong answered = new AtomicLong();
        private final AtomicBoolean over = new AtomicBoolean();
        private final List<Thread> threads = new ArrayList<>();
        private final boolean listens;

        static void movesIn(RunningApplication application) {
            try (Connection database = application.database()) {
                ManyKitchens.copy(database, 1, 1);
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            }
        }

        /**
         * Begins to ask.
         *
         * @param listens whether its program waits when it is told to
         */
        Neighbour(RunningApplication application, boolean listens) {
            this.listens = listens;
            String forecast = application.url() + "/api/v1/batches/" + ManyKitchens.id(41, 1) + "/forecast?at=";
            for (int i = 0; i < AT_ONCE; i++) {
                Thread thread = new Thread(() -> ask(forecast));
                thread.setDaemon(true);
                thread.start();
                threads.add(thread);
            }
        }

        private void ask(String forecast) {
            while (!over.get()) {
                String at = Instant.now().plusMillis(asked.incrementAndGet()).toString();
                try {
                    HttpResponse<Void> answer = http.send(
                            HttpRequest.newBuilder(URI.create(forecast + at))
                                    .header("Authorization", "Bearer " + ManyKitchens.token(1))
                                    .build(),
                            HttpResponse.BodyHandlers.discarding());
                    if (answer.statusCode() == 200) {
                        answered.incrementAndGet();
                    } else if (listens) {
                        long wait =
                                answer.headers().firstValueAsLong("Retry-After").orElse(1);
                        LockSupport.parkNanos(Duration.ofSeconds(wait).toNanos());
                    }
                } catch (IOException e) {
                    // refused: it asks again
                } catch (InterruptedException e) {
                    return;
                }
            }
        }

        long answered() {
            return answered.get();
        }

        @Override
        public void close() throws InterruptedException {
            over.set(true);
            for (Thread thread : threads) {
                thread.join();
            }
        }
    }
}
