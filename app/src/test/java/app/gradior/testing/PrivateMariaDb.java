package app.gradior.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** A MariaDB of the tests' own: fresh data folder, free port on loopback, gone when the JVM ends. */
public final class PrivateMariaDb {
    private static final String PASSWORD = "test-only";
    /** Makes tables; the application itself only reads and writes rows. */
    private static final String OWNER = "gradior_schema";

    private static final long LONGEST_START_S = 60;
    private final int port;
    private final List<String> server;
    private final Path log;
    private Process process;

    private PrivateMariaDb(int port, List<String> server, Path log) throws IOException {
        this.port = port;
        this.server = List.copyOf(server);
        this.log = log;
        this.process = launch();
    }

    private Process launch() throws IOException {
        return new ProcessBuilder(server)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                .start();
    }

    /** As {@code kill -9}: nothing is written out any more. */
    public void kill() {
        process.destroyForcibly();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Starts it again over what it had. */
    public void restart() {
        try {
            process = launch();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        awaitUp();
    }

    private static final class Holder {
        static final PrivateMariaDb ONE = start();
    }

    /** The server of this JVM, started when first asked for. */
    public static PrivateMariaDb get() {
        return Holder.ONE;
    }

    private static PrivateMariaDb start() {
        try {
            Path folder = Files.createTempDirectory("gradior-test-db");
            Path data = folder.resolve("data");
            String user = System.getProperty("user.name");
            install(data, user, folder.resolve("install.log"));
            int port = freePort();
            List<String> server = List.of(
                    "mariadbd",
                    "--no-defaults",
                    "--user=" + user,
                    "--datadir=" + data,
                    "--tmpdir=" + own(data, user),
                    "--socket=" + folder.resolve("s.sock"),
                    "--bind-address=127.0.0.1",
                    "--port=" + port,
                    "--skip-name-resolve",
                    "--character-set-server=utf8mb4",
                    "--collation-server=utf8mb4_unicode_ci",
                    "--innodb-buffer-pool-size=64M",
                    "--innodb-flush-log-at-trx-commit=2",
                    "--skip-log-bin",
                    "--default-time-zone=+00:00");
            PrivateMariaDb db = new PrivateMariaDb(port, server, folder.resolve("server.log"));
            Runtime.getRuntime().addShutdownHook(new Thread(() -> end(db, folder)));
            db.awaitUp();
            return db;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Lays out an empty data folder whose root needs no password.
     *
     * @param user of the system, whose the folder is and who runs the server
     */
    public static void install(Path data, String user, Path log) throws IOException {
        try {
            Process process = new ProcessBuilder(
                            "mariadb-install-db",
                            "--no-defaults",
                            "--user=" + user,
                            "--datadir=" + data,
                            "--tmpdir=" + own(data, user),
                            "--auth-root-authentication-method=normal",
                            "--skip-test-db",
                            "--skip-name-resolve")
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
            if (process.waitFor() != 0) {
                throw new IllegalStateException("no data folder was made:\n" + Files.readString(log));
            }
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A folder for what a server keeps for moments: a server that starts clears it, of others' too. */
    public static Path own(Path data, String user) throws IOException {
        Path folder = Files.createDirectories(data.resolveSibling(data.getFileName() + "-tmp"));
        if (!user.equals(System.getProperty("user.name"))) {
            Files.setOwner(
                    folder,
                    folder.getFileSystem().getUserPrincipalLookupService().lookupPrincipalByName(user));
        }
        return folder;
    }

    private void awaitUp() {
        long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(LONGEST_START_S);
        while (true) {
            try (Connection connection = DriverManager.getConnection(address(), "root", "");
                    Statement statement = connection.createStatement()) {
                statement.execute("create user if not exists gradior@'127.0.0.1' identified by '" + PASSWORD + "'");
                statement.execute("grant select, insert, update, delete on *.* to gradior@'127.0.0.1'");
                statement.execute(
                        "create user if not exists " + OWNER + "@'127.0.0.1' identified by '" + PASSWORD + "'");
                statement.execute("grant all on *.* to " + OWNER + "@'127.0.0.1'");
                return;
            } catch (SQLException e) {
                if (!process.isAlive() || System.nanoTime() > deadline) {
                    throw new IllegalStateException("the test database did not start", e);
                }
                LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(20));
            }
        }
    }

    private static void end(PrivateMariaDb db, Path folder) {
        db.kill();
        try (var files = Files.walk(folder)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(path -> path.toFile().delete());
        } catch (IOException e) {
            System.err.println("test database left in " + folder);
        }
    }

    /** An empty database; answers its JDBC address. */
    public String create(String name) {
        try (Connection connection = DriverManager.getConnection(address(), OWNER, PASSWORD);
                Statement statement = connection.createStatement()) {
            statement.execute("create database " + name);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        return address() + name;
    }

    /** The server's JDBC address, without a database. */
    public String address() {
        return "jdbc:mariadb://127.0.0.1:" + port + "/";
    }

    public String user() {
        return "gradior";
    }

    /** Who may make and change tables. */
    public String owner() {
        return OWNER;
    }

    /** Of both. */
    public String password() {
        return PASSWORD;
    }
}
