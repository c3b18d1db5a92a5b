package app.gradior.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.testing.PrivateMariaDb;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.CleanupMode;
import org.junit.jupiter.api.io.TempDir;

/** The launcher as somebody who is not root starts it, from a checkout that may only be read, in folders with spaces. */
class LauncherTest {
    private static final Duration PATIENCE = Duration.ofSeconds(240);
    private static final Duration ASKS_EVERY = Duration.ofMillis(50);
    private static final boolean ROOT = "root".equals(System.getProperty("user.name"));
    private static final Path PROJECT = Path.of("..").toAbsolutePath().normalize();

    @TempDir(cleanup = CleanupMode.NEVER)
    private Path temp;

    private final List<String> said = new CopyOnWriteArrayList<>();
    private final int port = PrivateMariaDb.freePort();
    private Path checkout;
    private Path home;

    private List<String> asNobody(List<String> command) {
        List<String> all = new ArrayList<>();
        if (ROOT) {
            all.addAll(List.of("setpriv", "--reuid=65534", "--regid=65534", "--clear-groups", "--"));
        }
        all.addAll(command);
        return all;
    }

    private Process gradior(String command) throws IOException {
        ProcessBuilder builder = new ProcessBuilder(
                        asNobody(List.of("bash", checkout.resolve("gradior").toString(), command)))
                .directory(checkout.toFile())
                .redirectErrorStream(true);
        builder.environment().putAll(Map.of("GRADIOR_HOME", home.toString(), "GRADIOR_PORT", String.valueOf(port)));
        builder.environment().put("HOME", home.toString());
        return builder.start();
    }

    private String done(String command) throws IOException, InterruptedException {
        Process process = gradior(command);
        String all = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(all).isZero();
        return all;
    }

    private static void run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String all = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(all).isZero();
    }

    /** What this run built, not what an older version left beside it. */
    static Path built(String folder, String start, String end) {
        return PROJECT.resolve(folder).resolve(start + System.getProperty("gradior.version") + end);
    }

    /** What was built in this run is put where the launcher puts it: whoever has no Maven of their own cannot build again. */
    @BeforeEach
    void aCheckoutToReadAndAHomeToWrite() throws Exception {
        Files.setPosixFilePermissions(temp, PosixFilePermissions.fromString("rwxr-xr-x"));
        checkout = Files.createDirectories(temp.resolve("a checkout with spaces"));
        home = Files.createDirectories(temp.resolve("home of nobody"));
        for (String path : List.of(
                "gradior",
                "deb",
                "pom.xml",
                "core/pom.xml",
                "core/src/main",
                "app/pom.xml",
                "app/src/main",
                "devices/pom.xml",
                "devices/src/main")) {
            Files.createDirectories(checkout.resolve(path).getParent());
            run(
                    "cp",
                    "-R",
                    PROJECT.resolve(path).toString(),
                    checkout.resolve(path).toString());
        }
        run("chmod", "-R", "a+rX,a-w", checkout.toString());
        Path build = Files.createDirectories(home.resolve("build"));
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        Path jar = built("app/target", "gradior-app-", "-exec.jar");
        run(
                java,
                "-Djarmode=tools",
                "-jar",
                jar.toString(),
                "extract",
                "--destination",
                build.resolve("app").toString());
        Files.move(build.resolve("app").resolve(jar.getFileName()), build.resolve("app/gradior.jar"));
        Files.copy(built("devices/target", "gradior-devices-", ".jar"), build.resolve("devices.jar"));
        Files.createFile(build.resolve("stamp"));
        if (ROOT) {
            run("chown", "-R", "65534:65534", home.toString());
        }
    }

    @AfterEach
    void cleanUp() throws Exception {
        gradior("stop").waitFor();
        run("chmod", "-R", "u+w", temp.toString());
        run("rm", "-rf", temp.toString());
    }

    private static void until(String what, BooleanSupplier state) {
        long deadline = System.nanoTime() + PATIENCE.toNanos();
        while (!state.getAsBoolean()) {
            assertThat(System.nanoTime()).as(what).isLessThan(deadline);
            LockSupport.parkNanos(ASKS_EVERY.toNanos());
        }
    }

    private int status(String path) {
        try {
            return HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                                    .timeout(Duration.ofSeconds(60))
                                    .build(),
                            HttpResponse.BodyHandlers.discarding())
                    .statusCode();
        } catch (IOException e) {
            return 0;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private List<ProcessHandle> ours(String word) {
        return ProcessHandle.allProcesses()
                .filter(p -> commandLine(p).contains(home.toString())
                        && commandLine(p).contains(word))
                .toList();
    }

    private static String commandLine(ProcessHandle process) {
        try {
            return Files.readString(Path.of("/proc/" + process.pid() + "/cmdline"), StandardCharsets.ISO_8859_1)
                    .replace('\0', ' ');
        } catch (IOException | UncheckedIOException e) {
            return "";
        }
    }

    private ProcessHandle application() throws IOException {
        String json = Files.readString(home.resolve("run/gradior.json"));
        return ProcessHandle.of(Long.parseLong(json.replaceAll("(?s).*\"pid\": (\\d+).*", "$1")))
                .orElseThrow();
    }

    private List<String> wordsKept() throws Exception {
        Properties settings = new Properties();
        try (Reader file = Files.newBufferedReader(home.resolve("build/app/config/application.properties"))) {
            settings.load(file);
        }
        try (Connection connection = DriverManager.getConnection(
                        settings.getProperty("spring.datasource.url"),
                        settings.getProperty("spring.datasource.username"),
                        settings.getProperty("spring.datasource.password"));
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select word_hash from signup_word")) {
            List<String> found = new ArrayList<>();
            while (rows.next()) {
                found.add(rows.getString(1));
            }
            return found;
        }
    }

    private static String sha256(String text) throws Exception {
        return HexFormat.of()
                .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void theDemoRunsForAnybodyMendsItsDatabaseAndStopsNothingElse() throws Exception {
        Process demo = gradior("demo");
        new Thread(() -> {
                    try (BufferedReader lines =
                            new BufferedReader(new InputStreamReader(demo.getInputStream(), StandardCharsets.UTF_8))) {
                        lines.lines().forEach(said::add);
                    } catch (IOException e) {
                        said.add(e.toString());
                    }
                })
                .start();
        until(
                "it says ready: " + said,
                () -> said.stream().anyMatch(line -> line.contains("ready: http://127.0.0.1:")) || !demo.isAlive());
        assertThat(demo.isAlive()).as(String.join("\n", said)).isTrue();
        assertThat(status("/login")).isEqualTo(200);
        assertThat(said).anyMatch(line -> line.contains("one more kitchen can be set up with the word: "));

        String printed = done("word");
        assertThat(printed).containsPattern("has to wait: [a-z]+(-[a-z]+){3}-\\d{4}-\\d{4}\\s");
        assertThat(wordsKept()).containsExactly(sha256(printed.strip().replaceAll("(?s).*: ", "")));

        ProcessHandle java = application();
        ProcessHandle database = ours("mariadbd").get(0);
        if (ROOT) {
            assertThat(Files.getAttribute(Path.of("/proc/" + java.pid()), "unix:uid"))
                    .isEqualTo(65534);
            assertThat(Files.getAttribute(Path.of("/proc/" + database.pid()), "unix:uid"))
                    .isEqualTo(65534);
        }
        String token = Files.readString(home.resolve("run/demo.token"));
        String password = Files.readString(home.resolve("run/db.password"));
        assertThat(ProcessHandle.allProcesses().map(LauncherTest::commandLine))
                .as("no secret in a command line")
                .noneMatch(line -> line.contains(token) || line.contains(password));
        for (String kept : List.of("", "run", "log", "backup", "build", "run/gradior.json", "run/db.password")) {
            assertThat(Files.getPosixFilePermissions(home.resolve(kept)).toString())
                    .as(kept)
                    .doesNotContain("GROUP")
                    .doesNotContain("OTHERS");
        }
        try (Stream<Path> inCheckout = Files.list(checkout)) {
            assertThat(inCheckout).noneMatch(path -> path.endsWith("var"));
        }

        database.destroyForcibly();
        until("the database is back", () -> {
            List<ProcessHandle> now = ours("mariadbd");
            return !now.isEmpty() && now.get(0).pid() != database.pid() && status("/health/readiness") == 200;
        });
        assertThat(done("demo")).contains("is running already: http://127.0.0.1:" + port);

        assertThat(done("stop")).contains("stopped");
        assertThat(java.isAlive()).as("stopped means stopped").isFalse();
        assertThat(ours("mariadbd")).isEmpty();
        assertThat(demo.waitFor(120, TimeUnit.SECONDS))
                .as("the launcher itself ends")
                .isTrue();

        Process stranger = new ProcessBuilder("sleep", "600").start();
        try {
            Files.writeString(
                    home.resolve("run/gradior.json"),
                    "{\"url\": \"http://127.0.0.1:1\", \"token\": null, \"pid\": " + stranger.pid()
                            + ", \"began\": 1}\n");
            assertThat(done("stop")).contains("nothing is running here");
            assertThat(stranger.isAlive()).as("a stranger under an old number").isTrue();
        } finally {
            stranger.destroyForcibly();
        }
    }
}
