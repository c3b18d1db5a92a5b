package app.gradior.journeys;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** How long a kitchen's pages take beside 0, 10, 100, 1,000 and 10,000 other kitchens with a year's data each; run by {@code ./gradior grow}. */
final class GrowthBenchmark {
    private static final List<String> PAGES =
            List.of("/", "/log?q=gla&sort=step", "/pot/41/panel", "/plan/answer?sauce=3&amount=1&step=6", "/log/12");
    private static final int MEASURED = 200;

    private GrowthBenchmark() {}

    public static void main(String[] args) throws Exception {
        int most = args.length > 0 ? Integer.parseInt(args[0]) : 10_000;
        try (RunningApplication application = RunningApplication.demo();
                Connection database = application.database();
                Statement statement = database.createStatement()) {
            HttpBenchmark pages = new HttpBenchmark(application.url());
            pages.enter();
            List<double[]> rows = new ArrayList<>();
            System.out.printf(
                    "%n| other kitchens | readings | database | %s | laid out in |%n|---:|---:|---:|%s---:|%n",
                    String.join(" | ", PAGES), "---:|".repeat(PAGES.size()));
            int there = 0;
            for (int wanted = 0; wanted <= most; wanted = wanted == 0 ? 10 : wanted * 10) {
                long began = System.nanoTime();
                for (int next = there + 1; next <= wanted; next += 1000) {
                    ManyKitchens.copy(database, next, Math.min(wanted, next + 999));
                }
                double took = (System.nanoTime() - began) / 1e9;
                there = Math.max(there, wanted);
                StringBuilder line = new StringBuilder(String.format(
                        Locale.ROOT,
                        "| %,d | %,d | %,d MB |",
                        wanted,
                        number(statement, "select count(*) from batch_event"),
                        megabytes(statement)));
                for (String page : PAGES) {
                    double[] ms = pages.times(i -> page, rows.isEmpty() ? 400 : 100, MEASURED);
                    rows.add(ms);
                    line.append(
                            String.format(Locale.ROOT, " %.1f, %.1f |", ms[MEASURED / 2], ms[(int) (0.95 * MEASURED)]));
                }
                System.out.printf(Locale.ROOT, "%s %.0f s |%n", line, took);
            }
            System.out.printf("%nmedian and 95 of 100, ms, over HTTP, one at a time%n");
        }
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
