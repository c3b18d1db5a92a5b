package app.gradior.journeys;

import app.gradior.testing.PrivateMariaDb;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Three MariaDB servers of Debian's packages that hold one database together by Galera, each behind a cable, or all on loopback. */
final class GaleraCluster implements AutoCloseable {
    private static final String LIBRARY = "/usr/lib/galera/libgalera_smm.so";
    private static final String PASSWORD = "rehearsal-only";
    /** Root's servers run as their package's own user: what copies a whole database between them gives root's rights away. */
    private static final String USER =
            "root".equals(System.getProperty("user.name")) ? "mysql" : System.getProperty("user.name");

    private static final Duration LONGEST_JOIN = Duration.ofMinutes(3);
    /** So often in a row, half a second apart, all agree before it is believed: longer than who is cut off takes to notice. */
    private static final int WHOLE_SEEN = 5;

    private static final Pattern POSITION = Pattern.compile("Recovered position: *(\\S+:-?\\d+)");

    private static final int SIZE = 3;
    private static final String LOOPBACK = "127.0.0.1";
    /** Who may do everything, and how long is waited for a node that is away. */
    private static final String AS_ROOT = "?user=root&connectTimeout=1000&socketTimeout=20000";

    private final Path folder;
    private final Optional<Cables> cables = Cables.lay(SIZE);
    private final List<Node> nodes = new ArrayList<>();

    /** One server, and the ports of what it speaks. */
    private final class Node {
        private final String name;
        private final int port = PrivateMariaDb.freePort();
        private final int group = PrivateMariaDb.freePort();
        private final int increments = PrivateMariaDb.freePort();
        private final int snapshots = PrivateMariaDb.freePort();
        private Process process;

        private final String host;

        Node(String name, String host) {
            this.name = name;
            this.host = host;
        }

        private String address() {
            return "jdbc:mariadb://" + host + ":" + port;
        }

        private Path data() {
            return folder.resolve(name);
        }

        /**
         * What of the others' log it has, as Debian's own unit finds out before it starts one that was killed: the others
         * then send what it lacks, where they would have sent the whole database, and held still for it.
         */
        private String recovered() throws IOException {
            Path found = folder.resolve(name + ".recovered");
            Files.deleteIfExists(found);
            new ProcessBuilder(server(members(), "--skip-networking", "--wsrep-recover"))
                    .redirectErrorStream(true)
                    .redirectOutput(found.toFile())
                    .start()
                    .onExit()
                    .join();
            Matcher position = POSITION.matcher(Files.readString(found));
            if (!position.find()) {
                throw new IllegalStateException(name + " does not say how far it had come: " + Files.readString(found));
            }
            return position.group(1);
        }

        /** All of them, as each is told. */
        private String members() {
            return nodes.stream().map(n -> n.host + ":" + n.group).collect(Collectors.joining(","));
        }

        /** The server's command over its own data: with less it does not even say how far it had come. */
        private List<String> server(String members, String... more) throws IOException {
            List<String> command = new ArrayList<>(List.of(
                    "mariadbd",
                    "--no-defaults",
                    "--user=" + USER,
                    "--datadir=" + data(),
                    "--tmpdir=" + PrivateMariaDb.own(data(), USER),
                    "--socket=" + folder.resolve(name + ".sock"),
                    "--binlog-format=ROW",
                    "--innodb-autoinc-lock-mode=2",
                    "--wsrep-on=ON",
                    "--wsrep-provider=" + LIBRARY,
                    "--wsrep-cluster-name=rehearsal",
                    "--wsrep-cluster-address=gcomm://" + members));
            command.addAll(List.of(more));
            return command;
        }

        private void start(boolean first) throws IOException {
            start(first, "");
        }

        private void start(boolean first, String position) throws IOException {
            List<String> command = server(
                    first ? "" : members(),
                    "--pid-file=" + folder.resolve(name + ".pid"),
                    "--bind-address=" + host,
                    "--port=" + port,
                    "--skip-name-resolve",
                    "--character-set-server=utf8mb4",
                    "--collation-server=utf8mb4_unicode_ci",
                    "--default-time-zone=+00:00",
                    "--innodb-buffer-pool-size=64M",
                    "--innodb-flush-log-at-trx-commit=2",
                    "--wsrep-node-name=" + name,
                    "--wsrep-node-address=" + host + ":" + group,
                    "--wsrep-sst-method=rsync",
                    "--wsrep-sst-receive-address=" + host + ":" + snapshots,
                    "--wsrep-provider-options=gmcast.listen_addr=tcp://" + host + ":" + group
                            + ";ist.recv_addr=" + host + ":" + increments
                            + ";evs.keepalive_period=PT0.5S;evs.suspect_timeout=PT2S;evs.inactive_timeout=PT6S;gcache.size=64M");
            if (!position.isEmpty()) {
                command.add("--wsrep-start-position=" + position);
            }
            process = new ProcessBuilder(cables.map(laid -> laid.there(nodes.indexOf(this), command))
                            .orElse(command))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(
                            folder.resolve(name + ".log").toFile()))
                    .start();
        }

        private boolean isSynced() {
            return "Synced".equals(status().get("wsrep_local_state_comment"));
        }

        /** What it says of itself and the others; nothing when nobody gets through to it. */
        private Map<String, String> status() {
            Map<String, String> status = new HashMap<>();
            try (Connection connection = DriverManager.getConnection(address() + "/" + AS_ROOT);
                    Statement statement = connection.createStatement();
                    ResultSet row = statement.executeQuery("show status like 'wsrep_%'")) {
                while (row.next()) {
                    status.put(row.getString(1), row.getString(2));
                }
            } catch (SQLException e) {
                status.clear();
            }
            return status;
        }

        private String lastLines() {
            try {
                List<String> lines = Files.readAllLines(folder.resolve(name + ".log"));
                return String.join("\n", lines.subList(Math.max(0, lines.size() - 40), lines.size()));
            } catch (IOException e) {
                return name + ": " + e;
            }
        }

        private void awaitSynced() {
            long end = System.nanoTime() + LONGEST_JOIN.toNanos();
            while (!isSynced()) {
                if (!process.isAlive() || System.nanoTime() > end) {
                    throw new IllegalStateException(name + " did not join:\n"
                            + nodes.stream().map(Node::lastLines).collect(Collectors.joining("\n--\n")));
                }
                LockSupport.parkNanos(Duration.ofMillis(100).toNanos());
            }
        }
    }

    GaleraCluster() {
        try {
            folder = Files.createTempDirectory("gradior-rehearsal");
            if (USER.equals("mysql")) {
                Files.setOwner(
                        folder,
                        folder.getFileSystem().getUserPrincipalLookupService().lookupPrincipalByName(USER));
            }
            for (int i = 0; i < SIZE; i++) {
                int node = i;
                nodes.add(new Node(
                        "db" + (i + 1), cables.map(laid -> laid.address(node)).orElse(LOOPBACK)));
            }
            for (Node node : nodes) {
                PrivateMariaDb.install(node.data(), USER, folder.resolve(node.name + ".install"));
            }
            Runtime.getRuntime().addShutdownHook(new Thread(this::close));
            for (Node node : nodes) {
                node.start(node == nodes.get(0));
                if (node == nodes.get(0)) {
                    letRootIn(node);
                }
                node.awaitSynced();
            }
            on(
                    0,
                    "create database gradior",
                    "create user gradior@'%' identified by '" + PASSWORD + "'",
                    "grant select, insert, update, delete on gradior.* to gradior@'%'",
                    "create user gradior_schema@'%' identified by '" + PASSWORD + "'",
                    "grant all on gradior.* to gradior_schema@'%'");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** From this side of its cable, too; what the first node knows the others get. */
    private void letRootIn(Node first) throws IOException {
        String grant = "create user if not exists root@'%'; grant all on *.* to root@'%' with grant option";
        long end = System.nanoTime() + LONGEST_JOIN.toNanos();
        while (!first.isSynced()) {
            new ProcessBuilder(
                            "mariadb",
                            "--no-defaults",
                            "-u",
                            "root",
                            "--socket=" + folder.resolve(first.name + ".sock"),
                            "-e",
                            grant)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start()
                    .onExit()
                    .join();
            LockSupport.parkNanos(Duration.ofMillis(300).toNanos());
            if (System.nanoTime() > end) {
                throw new IllegalStateException("nobody gets in:\n" + first.lastLines());
            }
        }
    }

    private void on(int node, String... statements) {
        try (Connection connection = DriverManager.getConnection(nodes.get(node).address() + "/" + AS_ROOT);
                Statement statement = connection.createStatement()) {
            for (String sql : statements) {
                statement.execute(sql);
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The database as one application node asks it: the others take over when its first is away. */
    String url(int first) {
        String hosts = Stream.of(0, 1, 2)
                .map(i -> nodes.get((first + i) % nodes.size()))
                .map(node -> node.host + ":" + node.port)
                .collect(Collectors.joining(","));
        return "jdbc:mariadb:sequential://" + hosts + "/gradior";
    }

    String user() {
        return "gradior";
    }

    String owner() {
        return "gradior_schema";
    }

    String password() {
        return PASSWORD;
    }

    int size() {
        return nodes.size();
    }

    /** As {@code kill -9}. */
    void kill(int node) {
        Node one = nodes.get(node);
        one.process.destroyForcibly();
        try {
            one.process.waitFor();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Starts one again, and waits until it has what the others have. */
    void restart(int node) {
        try {
            nodes.get(node).start(false, nodes.get(node).recovered());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        nodes.get(node).awaitSynced();
        awaitWhole();
    }

    /**
     * Until each sees all others in the same view and has what they have. One that was cut off for a moment still says so of the view before, and if
     * whoever sends it what it lacks is then killed, it waits for the rest for ever.
     */
    private void awaitWhole() {
        long end = System.nanoTime() + LONGEST_JOIN.toNanos();
        int seen = 0;
        while (seen < WHOLE_SEEN) {
            Set<String> views = nodes.stream()
                    .map(Node::status)
                    .map(status -> status.get("wsrep_local_state_comment")
                            + status.get("wsrep_cluster_size")
                            + status.get("wsrep_cluster_conf_id"))
                    .collect(Collectors.toSet());
            boolean whole = views.size() == 1 && views.iterator().next().startsWith("Synced" + nodes.size());
            seen = whole ? seen + 1 : 0;
            if (System.nanoTime() > end) {
                throw new IllegalStateException("never whole again: " + views + "\n"
                        + nodes.stream().map(Node::lastLines).collect(Collectors.joining("\n--\n")));
            }
            LockSupport.parkNanos(Duration.ofMillis(500).toNanos());
        }
    }

    /** One node sees the others no more, nor they it; by a cable that is pulled nobody else does either. */
    void isolate(int node, boolean away) {
        if (cables.isPresent()) {
            cables.get().pull(node, away);
        } else {
            on(node, "set global wsrep_provider_options = 'gmcast.isolate=" + (away ? 1 : 0) + "'");
        }
        if (!away) {
            awaitWhole();
        }
    }

    /** As who may do everything, on the first node. */
    Connection database() throws SQLException {
        return DriverManager.getConnection(nodes.get(0).address() + "/gradior" + AS_ROOT);
    }

    /** The first column of a query on each of the nodes. */
    List<List<String>> ask(String query) {
        List<List<String>> all = new ArrayList<>();
        for (Node node : nodes) {
            List<String> found = new ArrayList<>();
            try (Connection connection = DriverManager.getConnection(node.address() + "/gradior" + AS_ROOT);
                    Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery(query)) {
                while (rows.next()) {
                    found.add(rows.getString(1));
                }
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            }
            all.add(found);
        }
        return all;
    }

    @Override
    public void close() {
        for (Node node : nodes) {
            if (node.process != null) {
                node.process.destroyForcibly();
            }
        }
        cables.ifPresent(Cables::close);
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(path -> path.toFile().delete());
        } catch (IOException e) {
            System.err.println("rehearsal left in " + folder);
        }
    }
}
