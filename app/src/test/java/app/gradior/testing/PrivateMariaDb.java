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
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** A MariaDB of the tests' own: fresh data folder, free port on loopback, gone when the JVM ends. */
public final class PrivateMariaDb {
    private static final String PASSWORD = "test-only";
    private final int port;

    private PrivateMariaDb(int port) {
        this.port = port;
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
            boolean root = "root".equals(System.getProperty("user.name"));
            List<String> user = root ? List.of("--user=root") : List.of();
            List<String> install = new ArrayList<>(List.of("mariadb-install-db", "--no-defaults"));
            install.addAll(user);
            install.addAll(List.of(
                    "--datadir=" + data,
                    "--auth-root-authentication-method=normal",
                    "--skip-test-db",
                    "--skip-name-resolve"));
            run(install, folder.resolve("install.log"));
            int port = freePort();
            List<String> server = new ArrayList<>(List.of("mariadbd", "--no-defaults"));
            server.addAll(user);
            server.addAll(List.of(
                    "--datadir=" + data,
                    "--socket=" + folder.resolve("s.sock"),
                    "--bind-address=127.0.0.1",
                    "--port=" + port,
                    "--skip-name-resolve",
                    "--character-set-server=utf8mb4",
                    "--collation-server=utf8mb4_unicode_ci",
                    "--innodb-buffer-pool-size=64M",
                    "--innodb-flush-log-at-trx-commit=2",
                    "--skip-log-bin",
                    "--default-time-zone=+00:00"));
            Process process = new ProcessBuilder(server)
                    .redirectErrorStream(true)
                    .redirectOutput(folder.resolve("server.log").toFile())
                    .start();
            Runtime.getRuntime().addShutdownHook(new Thread(() -> end(process, folder)));
            PrivateMariaDb db = new PrivateMariaDb(port);
            db.awaitUp(process);
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

    private static void run(List<String> command, Path log) throws IOException {
        try {
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
            if (process.waitFor() != 0) {
                throw new IllegalStateException(command.get(0) + " failed:\n" + Files.readString(log));
            }
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private void awaitUp(Process process) {
        long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (true) {
            try (Connection connection =
                            DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + port + "/", "root", "");
                    Statement statement = connection.createStatement()) {
                statement.execute("create user gradior@'127.0.0.1' identified by '" + PASSWORD + "'");
                statement.execute("grant all on *.* to gradior@'127.0.0.1'");
                return;
            } catch (SQLException e) {
                if (!process.isAlive() || System.nanoTime() > deadline) {
                    throw new IllegalStateException("the test database did not start", e);
                }
                Thread.onSpinWait();
            }
        }
    }

    private static void end(Process process, Path folder) {
        process.destroyForcibly();
        try (var files = Files.walk(folder)) {
            process.waitFor();
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(path -> path.toFile().delete());
        } catch (IOException | InterruptedException e) {
            System.err.println("test database left in " + folder);
        }
    }

    /** An empty database; answers its JDBC address. */
    public String create(String name) {
        try (Connection connection =
                        DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + port + "/", "gradior", PASSWORD);
                Statement statement = connection.createStatement()) {
            statement.execute("create database " + name);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        return "jdbc:mariadb://127.0.0.1:" + port + "/" + name;
    }

    public String user() {
        return "gradior";
    }

    public String password() {
        return PASSWORD;
    }
}
