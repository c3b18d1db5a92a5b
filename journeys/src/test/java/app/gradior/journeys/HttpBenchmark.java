package app.gradior.journeys;

import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/** How long pages take over HTTP with the demo data, one after another on a warm server; run by {@code ./gradior bench}. */
final class HttpBenchmark {
    private static final int WARM_UP = Integer.getInteger("gradior.warmUp", 1000);
    private static final long LONGEST_WARM_UP_NS = 40_000_000_000L;
    private static final int MEASURED = 300;

    private final Visitor visitor;

    HttpBenchmark(String url) {
        this.visitor = new Visitor(url);
    }

    public static void main(String[] args) {
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
            bench.measure("a live pot's panel", 60, i -> "/pot/41/panel");
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
    void enter() {
        visitor.post("/login", "/demo", Map.of());
    }

    String get(String path) {
        HttpResponse<String> response = visitor.get(path);
        if (response.statusCode() != 200) {
            throw new IllegalStateException(path + " answered " + response.statusCode());
        }
        return response.body();
    }

    /** What each of so many calls took, ms, the shortest first; others before them are not counted. */
    double[] times(IntFunction<String> path, int warmUp, int measured) {
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

    /** The same until the first byte of each, a third of them for warming up. */
    double[] firstBytes(String path, int measured) {
        return IntStream.range(-measured / 2, measured)
                .mapToDouble(i -> visitor.firstByteMs(path))
                .skip(measured / 2)
                .sorted()
                .toArray();
    }

    private void measure(String what, double budgetMs, IntFunction<String> path) {
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
    }
}
