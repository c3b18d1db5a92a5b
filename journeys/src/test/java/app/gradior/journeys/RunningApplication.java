package app.gradior.journeys;

import app.gradior.testing.PrivateMariaDb;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.List;

/** The real application in a process of its own, on a database of its own, so that it can be killed. */
final class RunningApplication implements AutoCloseable {
    static final String TOKEN = "grd_journeys_only";
    private final String databaseUrl;
    private final int port;
    private final boolean demo;
    private final Path log;
    private Process process;

    private RunningApplication(boolean demo) {
        String database = "journey_" + Long.toHexString(System.nanoTime());
        this.databaseUrl = PrivateMariaDb.get().create(database);
        this.port = PrivateMariaDb.freePort();
        this.demo = demo;
        try {
            this.log = Files.createTempFile("gradior-journey", ".log");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (demo) {
            DemoCopy.into(database);
        }
        this.process = start();
        if (demo) {
            DemoCopy.keep(database);
        }
    }

    static RunningApplication demo() {
        return new RunningApplication(true);
    }

    static RunningApplication empty() {
        return new RunningApplication(false);
    }

    /** Runs statements on its database, for benchmarks that need many rows. */
    void sql(String... statements) {
        try (Connection connection = DriverManager.getConnection(
                        databaseUrl,
                        PrivateMariaDb.get().user(),
                        PrivateMariaDb.get().password());
                Statement statement = connection.createStatement()) {
            for (String sql : statements) {
                statement.execute(sql);
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    String url() {
        return "http://127.0.0.1:" + port;
    }

    private Process start() {
        try {
            ProcessBuilder builder = new ProcessBuilder(List.of(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            System.getProperty("gradior.jit", "-XX:TieredStopAtLevel=1"),
                            "-XX:+UseSerialGC",
                            "-cp",
                            System.getProperty("java.class.path"),
                            "app.gradior.GradiorApplication"))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()));
            builder.environment().put("GRADIOR_DB_URL", databaseUrl);
            builder.environment().put("GRADIOR_DB_USER", PrivateMariaDb.get().user());
            builder.environment()
                    .put("GRADIOR_DB_PASSWORD", PrivateMariaDb.get().password());
            builder.environment().put("GRADIOR_PORT", String.valueOf(port));
            builder.environment().put("GRADIOR_DEMO", String.valueOf(demo));
            builder.environment().put("GRADIOR_DEMOTOKEN", demo ? TOKEN : "");
            Process started = builder.start();
            Runtime.getRuntime().addShutdownHook(new Thread(started::destroyForcibly));
            awaitUp(started);
            return started;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void awaitUp(Process started) throws IOException {
        HttpClient client = HttpClient.newHttpClient();
        HttpRequest request = HttpRequest.newBuilder(URI.create(url() + (demo ? "/api/v1/foods?q=salt" : "/setup")))
                .header("Authorization", "Bearer " + TOKEN)
                .timeout(Duration.ofSeconds(5))
                .build();
        long deadline = System.nanoTime() + Duration.ofSeconds(120).toNanos();
        while (System.nanoTime() < deadline && started.isAlive()) {
            try {
                if (client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return;
                }
            } catch (IOException e) {
                // not up yet
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            Thread.onSpinWait();
        }
        throw new IllegalStateException("the application did not start:\n" + Files.readString(log));
    }

    /** As {@code kill -9}: nothing is said good-bye to. */
    void kill() {
        process.destroyForcibly();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    void restart() {
        process = start();
    }

    @Override
    public void close() {
        kill();
    }
}
