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
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;

/** The real application in a process of its own, on a database of its own, so that it can be killed. */
final class RunningApplication implements AutoCloseable {
    static final String TOKEN = "grd_journeys_only";
    private final String databaseUrl;
    private final int port;
    private final boolean demo;
    private final Path log;
    /** Whether it is up: more often, and asking would slow its start. */
    private static final Duration ASKS_EVERY = Duration.ofMillis(50);

    private static final Duration LONGEST_START = Duration.ofSeconds(240);

    private Process process;
    /** Another version's program; empty for the one at hand. */
    private String jar = "";

    private final Map<String, String> settings;

    private RunningApplication(boolean demo, IntFunction<Map<String, String>> settings) {
        String database = "journey_" + Long.toHexString(System.nanoTime());
        this.databaseUrl = PrivateMariaDb.get().create(database);
        this.port = PrivateMariaDb.freePort();
        this.settings = Map.copyOf(settings.apply(port));
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

    /** One of several over a database that the settings name; the first of them loads the demo kitchen. */
    static RunningApplication over(Map<String, String> settings) {
        return new RunningApplication(settings, "");
    }

    /** The same, of another version. */
    static RunningApplication over(Map<String, String> settings, String jar) {
        return new RunningApplication(settings, jar);
    }

    private RunningApplication(Map<String, String> settings, String jar) {
        this.jar = jar;
        this.databaseUrl = settings.get("GRADIOR_DB_URL");
        this.port = PrivateMariaDb.freePort();
        this.settings = settings;
        this.demo = true;
        try {
            this.log = Files.createTempFile("gradior-node", ".log");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        this.process = start();
    }

    static RunningApplication demo() {
        return new RunningApplication(true, port -> Map.of());
    }

    /** No kitchen yet, and settings of its own. */
    static RunningApplication empty(Map<String, String> settings) {
        return new RunningApplication(false, port -> settings);
    }

    /** The demo kitchen, and settings of its own. */
    static RunningApplication demo(Map<String, String> settings) {
        return new RunningApplication(true, port -> settings);
    }

    /** The demo kitchen, and settings of its own that hang on its port. */
    static RunningApplication demo(IntFunction<Map<String, String>> settings) {
        return new RunningApplication(true, settings);
    }

    /** What it has logged so far. */
    String log() {
        try {
            return Files.readString(log);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The first column of a query on its database. */
    List<String> ask(String query) {
        List<String> found = new ArrayList<>();
        try (Connection connection = database();
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(query)) {
            while (rows.next()) {
                found.add(rows.getString(1));
            }
            return found;
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    int port() {
        return port;
    }

    /** Its database, as who may do everything there. */
    Connection database() throws SQLException {
        return DriverManager.getConnection(
                databaseUrl, PrivateMariaDb.get().owner(), PrivateMariaDb.get().password());
    }

    /** Runs statements on its database, for benchmarks that need many rows. */
    void sql(String... statements) {
        try (Connection connection = database();
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
            List<String> flags =
                    List.of(System.getProperty("gradior.jit", "-XX:TieredStopAtLevel=1"), "-XX:+UseSerialGC");
            ProcessBuilder builder = new ProcessBuilder(
                            inTestsDatabase() ? ClassData.command(flags) : ClassData.command(flags, program()))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()));
            builder.environment().put("GRADIOR_DB_URL", databaseUrl);
            if (inTestsDatabase()) {
                accounts(builder.environment());
            }
            builder.environment().put("GRADIOR_PORT", String.valueOf(port));
            builder.environment().put("GRADIOR_DEMO", String.valueOf(demo));
            builder.environment().put("GRADIOR_DEMOTOKEN", demo ? TOKEN : "");
            builder.environment().putAll(settings);
            Process started = builder.start();
            Runtime.getRuntime().addShutdownHook(new Thread(started::destroyForcibly));
            awaitUp(started);
            return started;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private boolean inTestsDatabase() {
        return !settings.containsKey("GRADIOR_DB_USER");
    }

    private List<String> program() {
        return jar.isEmpty() ? ClassData.PROGRAM : List.of("-jar", jar);
    }

    /** Who it is in the tests' own database: who reads and writes rows, and who makes tables. */
    static void accounts(Map<String, String> environment) {
        PrivateMariaDb db = PrivateMariaDb.get();
        environment.put("GRADIOR_DB_USER", db.user());
        environment.put("GRADIOR_DB_PASSWORD", db.password());
        environment.put("GRADIOR_DB_OWNER", db.owner());
        environment.put("GRADIOR_DB_OWNER_PASSWORD", db.password());
    }

    private void awaitUp(Process started) throws IOException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url() + (demo ? "/api/v1/foods?q=salt" : "/setup")))
                .header("Authorization", "Bearer " + TOKEN)
                .timeout(Duration.ofSeconds(5))
                .build();
        if (!answers(started, request, status -> status == 200)) {
            throw new IllegalStateException("the application did not start:\n" + Files.readString(log));
        }
    }

    /** Waits until a program answers as is wanted; false when it ended, or takes longer than any start does. */
    static boolean answers(Process program, HttpRequest request, IntPredicate wanted) {
        HttpClient client = HttpClient.newHttpClient();
        long deadline = System.nanoTime() + LONGEST_START.toNanos();
        while (System.nanoTime() < deadline && program.isAlive()) {
            try {
                if (wanted.test(client.send(request, HttpResponse.BodyHandlers.discarding())
                        .statusCode())) {
                    return true;
                }
            } catch (IOException e) {
                // not up yet
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            LockSupport.parkNanos(ASKS_EVERY.toNanos());
        }
        return false;
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

    boolean isRunning() {
        return process.isAlive();
    }

    /** From nothing to its first answer, ms. */
    double timedStart() {
        kill();
        long began = System.nanoTime();
        restart();
        return (System.nanoTime() - began) / 1e6;
    }

    /** As its service manager asks it to end; what it does is done before. */
    void leave() {
        process.destroy();
        try {
            if (!process.waitFor(30, TimeUnit.SECONDS)) {
                throw new IllegalStateException("it did not leave within 30 s");
            }
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** From now on it is the version at hand. */
    void upgrade() {
        leave();
        jar = "";
        restart();
    }

    @Override
    public void close() {
        kill();
    }
}
