package app.gradior.journeys;

import app.gradior.testing.PrivateMariaDb;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;
import java.util.function.IntFunction;

/**
 * Our pages beside peers in one run: the same bytes as a file by nginx, a page of ours with nothing to reckon, the log's query alone; a
 * start beside one of the framework alone; and what a thousand forecasts leave in memory. As ratios, since machines differ. Run by {@code ./gradior peers}.
 */
final class PeerBenchmark {
    private static final List<String> PAGES =
            List.of("/", "/sauces", "/log?q=gla&sort=step", "/pot/41/panel", "/bench/reduce");
    private static final int WARM_UP = 600;
    private static final int MEASURED = 300;
    private static final int FORECASTS = 1000;
    private static final int STARTS = 5;

    private PeerBenchmark() {}

    public static void main(String[] args) throws Exception {
        int metrics = PrivateMariaDb.freePort();
        try (RunningApplication application =
                        RunningApplication.demo(Map.of("GRADIOR_METRICS_PORT", String.valueOf(metrics)));
                Connection database = application.database();
                StaticFiles nginx = new StaticFiles()) {
            HttpBenchmark ours = new HttpBenchmark(application.url());
            ours.enter();
            HttpBenchmark files = new HttpBenchmark(nginx.url());
            System.out.printf("%n| ours | ms | beside | ms | ratio |%n|---|---:|---|---:|---:|%n");
            for (String page : PAGES) {
                ours.times(i -> page, WARM_UP, 1);
            }
            double plain = p95(ours, i -> "/login/forgotten");
            for (String page : PAGES) {
                double own = p95(ours, i -> page);
                nginx.serve(ours.get(page));
                row(page, own, "the same bytes by nginx", p95(files, i -> "/page.html"));
                row(page, own, "a page with nothing to reckon", plain);
                row(page + ", first byte", firstByte(ours, page), "nginx’ first byte", firstByte(files, "/page.html"));
            }
            row("/log?q=gla&sort=step", p95(ours, i -> "/log?q=gla&sort=step"), "its query alone", query(database));
            long before = heap(metrics);
            for (int i = 0; i < FORECASTS; i++) {
                ours.get("/log/" + (1 + i % 40) + "/foretold");
                ours.get("/pot/41/panel");
            }
            long after = heap(metrics);
            starts(application);
            System.out.printf(
                    Locale.ROOT,
                    "%nheap after %,d forecasts: %d MB (before them %d MB)%n",
                    FORECASTS,
                    after / 1_000_000,
                    before / 1_000_000);
        }
    }

    /** From nothing to the first answer, the middle one of so many, each without a class-data archive. */
    private static void starts(RunningApplication application) throws IOException, InterruptedException {
        double[] ours = new double[STARTS];
        double[] empty = new double[STARTS];
        for (int i = 0; i < STARTS; i++) {
            ours[i] = application.timedStart();
            empty[i] = startOfAnEmptyOne();
        }
        Arrays.sort(ours);
        Arrays.sort(empty);
        row("start with the demo’s data", ours[STARTS / 2], "the framework with nothing in it", empty[STARTS / 2]);
    }

    private static double startOfAnEmptyOne() throws IOException, InterruptedException {
        int port = PrivateMariaDb.freePort();
        ProcessBuilder builder = new ProcessBuilder(ClassData.command(
                        List.of("-XX:+UseSerialGC"),
                        List.of("-cp", System.getProperty("java.class.path"), EmptyApplication.class.getName())))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD);
        builder.environment().put("GRADIOR_PORT", String.valueOf(port));
        HttpRequest any = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/"))
                .build();
        long began = System.nanoTime();
        Process process = builder.start();
        if (!RunningApplication.answers(process, any, status -> true)) {
            throw new IllegalStateException("the empty one did not start");
        }
        double ms = (System.nanoTime() - began) / 1e6;
        process.destroyForcibly().waitFor();
        return ms;
    }

    private static double firstByte(HttpBenchmark pages, String path) {
        return pages.firstBytes(path, MEASURED)[(int) (0.95 * MEASURED)];
    }

    private static double p95(HttpBenchmark pages, IntFunction<String> path) {
        double[] ms = pages.times(path, WARM_UP, MEASURED);
        return ms[(int) (0.95 * ms.length)];
    }

    private static void row(String ours, double own, String beside, double peer) {
        System.out.printf(Locale.ROOT, "| %s | %.1f | %s | %.1f | %.1f |%n", ours, own, beside, peer, own / peer);
    }

    /** The log's search, as its page asks it, without anything around it. */
    private static double query(Connection database) throws SQLException {
        double[] ms = new double[MEASURED];
        try (PreparedStatement search = database.prepareStatement(
                "select b.id, b.name, b.state, b.started_at, b.minutes, b.yield_ml, b.step_cold, b.rating from batch b"
                        + " where b.kitchen_id = 1 and b.words like '%gla%' order by b.step_cold desc, b.id desc limit 40")) {
            for (int i = -WARM_UP; i < MEASURED; i++) {
                long began = System.nanoTime();
                try (ResultSet rows = search.executeQuery()) {
                    while (rows.next()) {
                        rows.getString(2);
                    }
                }
                if (i >= 0) {
                    ms[i] = (System.nanoTime() - began) / 1e6;
                }
            }
        }
        Arrays.sort(ms);
        return ms[(int) (0.95 * MEASURED)];
    }

    /** Bytes of the heap that are in use, as the node itself says. */
    static long heap(int port) throws IOException, InterruptedException {
        return (long) HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/metrics"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body()
                .lines()
                .filter(line -> line.startsWith("jvm_memory_used_bytes{area=\"heap\""))
                .mapToDouble(line -> Double.parseDouble(line.substring(line.lastIndexOf(' '))))
                .sum();
    }

    /** nginx of Debian's packages, over one folder. */
    private static final class StaticFiles implements AutoCloseable {
        private final int port = PrivateMariaDb.freePort();
        private final Path folder;
        private final Process process;

        StaticFiles() throws IOException {
            folder = Files.createTempDirectory("gradior-peer");
            Path root = Files.createDirectory(folder.resolve("root"));
            folder.toFile().setExecutable(true, false);
            folder.toFile().setReadable(true, false);
            serve("");
            Path settings = folder.resolve("nginx.conf");
            Files.writeString(settings, """
                    daemon off;
                    pid %1$s/pid;
                    error_log %1$s/error.log;
                    events {}
                    http {
                      access_log off;
                      server { listen 127.0.0.1:%2$d; root %3$s; gzip on; }
                    }
                    """.formatted(folder, port, root));
            process = new ProcessBuilder("/usr/sbin/nginx", "-c", settings.toString(), "-p", folder.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(folder.resolve("out").toFile())
                    .start();
            Runtime.getRuntime().addShutdownHook(new Thread(this::close));
            LockSupport.parkNanos(500_000_000);
        }

        void serve(String page) throws IOException {
            Path file = folder.resolve("root").resolve("page.html");
            Files.writeString(file, page, StandardCharsets.UTF_8);
            file.toFile().setReadable(true, false);
        }

        String url() {
            return "http://127.0.0.1:" + port;
        }

        @Override
        public void close() {
            process.destroy();
        }
    }
}
