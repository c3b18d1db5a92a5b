package app.gradior.journeys;

import app.gradior.testing.PrivateMariaDb;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a kitchen waits for beside 0, 10, 100, 1,000 and 10,000 other kitchens with a year's data each, as a table and as a curve; run by
 * {@code ./gradior grow}.
 */
final class GrowthBenchmark {
    private static final int WARM_UP = 1500;
    private static final int MEASURED = 200;
    private static final int HEARD = 60;
    private static final int STARTS = 3;
    private static final Map<String, String> PAGES = new LinkedHashMap<>();

    static {
        PAGES.put("hob", "/");
        PAGES.put("log, words and sort", "/log?q=gla&sort=step");
        PAGES.put("a live pot's panel", "/pot/41/panel");
        PAGES.put("plan anew", "/plan/answer?sauce=3&amount=1&step=6");
        PAGES.put("a batch", "/log/12");
        PAGES.put("bench, reduce", "/bench/reduce");
    }

    private final RunningApplication application;
    private final int metrics;
    private final HttpBenchmark pages;
    private final List<String> names = new ArrayList<>();
    /** Of each row what each figure took in the middle. */
    private final List<double[]> middles = new ArrayList<>();

    private GrowthBenchmark(RunningApplication application, int metrics) throws IOException, InterruptedException {
        this.application = application;
        this.metrics = metrics;
        this.pages = new HttpBenchmark(application.url());
        pages.enter();
        names.addAll(PAGES.keySet());
        names.addAll(List.of("a forecast", "an event until a follower hears it", "a start"));
    }

    public static void main(String[] args) throws Exception {
        int most = args.length > 0 ? Integer.parseInt(args[0]) : 10_000;
        Path drawing = Path.of(args.length > 1 ? args[1] : "growth.svg");
        int metrics = PrivateMariaDb.freePort();
        try (RunningApplication application =
                        RunningApplication.demo(Map.of("GRADIOR_METRICS_PORT", String.valueOf(metrics)));
                Connection database = application.database();
                Statement statement = database.createStatement()) {
            GrowthBenchmark bench = new GrowthBenchmark(application, metrics);
            System.out.printf(
                    "%n| other kitchens | readings | database | %s | heap | laid out in |%n|---:|---:|---:|%s---:|---:|%n",
                    String.join(" | ", bench.names), "---:|".repeat(bench.names.size()));
            List<Integer> kitchens = new ArrayList<>();
            for (int wanted = 0; wanted <= most; wanted = wanted == 0 ? 10 : wanted * 10) {
                long began = System.nanoTime();
                int there = kitchens.isEmpty() ? 0 : kitchens.get(kitchens.size() - 1);
                for (int next = there + 1; next <= wanted; next += 1000) {
                    ManyKitchens.copy(database, next, Math.min(wanted, next + 999));
                }
                double took = (System.nanoTime() - began) / 1e9;
                kitchens.add(wanted);
                System.out.printf(
                        Locale.ROOT,
                        "| %,d | %,d | %,d MB |%s %.0f s |%n",
                        wanted,
                        number(statement, "select count(*) from batch_event"),
                        megabytes(statement),
                        bench.row(),
                        took);
            }
            Files.writeString(drawing, GrowthCurve.svg(kitchens, bench.names, bench.middles));
            System.out.printf("%nmedian and 95 of 100, ms, over HTTP, one at a time; drawn in %s%n", drawing);
        }
    }

    /** Each figure, after a start with what is in the database now. */
    private String row() throws IOException, InterruptedException {
        double[] starts = new double[STARTS];
        for (int i = 0; i < STARTS; i++) {
            starts[i] = application.timedStart();
        }
        Arrays.sort(starts);
        List<String> all = List.copyOf(PAGES.values());
        pages.times(i -> all.get(i % all.size()), WARM_UP, 1);
        StringBuilder line = new StringBuilder();
        List<Double> middle = new ArrayList<>();
        for (String page : all) {
            add(pages.times(i -> page, 100, MEASURED), line, middle);
        }
        LivePot pot = new LivePot(application);
        add(pot.forecasts(100, MEASURED), line, middle);
        add(pot.heard(HEARD), line, middle);
        add(starts, line, middle);
        middles.add(middle.stream().mapToDouble(Double::doubleValue).toArray());
        return line.append(String.format(Locale.ROOT, " %d MB |", PeerBenchmark.heap(metrics) / 1_000_000))
                .toString();
    }

    private static void add(double[] ms, StringBuilder line, List<Double> middle) {
        middle.add(ms[ms.length / 2]);
        line.append(String.format(Locale.ROOT, " %.1f, %.1f |", ms[ms.length / 2], ms[(int) (0.95 * ms.length)]));
    }

    private static long number(Statement statement, String query) throws SQLException {
        return Long.parseLong(ManyKitchens.column(statement, query).get(0));
    }

    private static long megabytes(Statement statement) throws SQLException {
        return number(
                statement,
                "select sum(data_length + index_length) div 1000000 from information_schema.tables where table_schema = database()");
    }
}
