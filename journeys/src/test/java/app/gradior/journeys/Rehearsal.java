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
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Two application nodes behind HAProxy over three Galera nodes, on loopback: devices record through the balancer and others follow, while
 * each part is killed in turn. Counts what was acknowledged and is lost or doubled, the longest silence a kill caused, and how long an event
 * takes to those who follow. Run by {@code ./gradior rehearse [--kills N]}.
 */
final class Rehearsal {
    private static final int WRITERS = 6;
    private static final int FOLLOWERS = 12;
    private static final int BETWEEN = 30;
    private static final int KILLS = 6;
    private static final Pattern SENT = Pattern.compile("rehearsal-\\d+-\\d+-(\\d+)");

    private final GaleraCluster database;
    private final List<RunningApplication> nodes;
    private final Balancer balancer;
    /** Pots of the demo that are on; a cluster's numbers have gaps. */
    private final List<String> live;

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
    private final List<Long> answeredNs = Collections.synchronizedList(new ArrayList<>());
    private final List<Long> toldNs = Collections.synchronizedList(new ArrayList<>());
    private final AtomicLong lastAnswer = new AtomicLong(System.nanoTime());
    private final AtomicLong longestSilence = new AtomicLong();
    private final AtomicLong broken = new AtomicLong();
    private final AtomicBoolean over = new AtomicBoolean();

    private Rehearsal(GaleraCluster database, List<RunningApplication> nodes, Balancer balancer) {
        this.database = database;
        this.nodes = nodes;
        this.balancer = balancer;
        this.live = database.ask("select id from batch where state = 'LIVE' order by id")
                .get(0);
    }

    public static void main(String[] args) throws InterruptedException {
        int kills = args.length > 1 && args[0].equals("--kills") ? Integer.parseInt(args[1]) : KILLS;
        try (GaleraCluster database = new GaleraCluster();
                RunningApplication first = node(database, 0);
                RunningApplication second = node(database, 1);
                Balancer balancer = new Balancer(List.of(first, second))) {
            System.exit(new Rehearsal(database, List.of(first, second), balancer).run(kills) ? 0 : 1);
        }
    }

    private static RunningApplication node(GaleraCluster database, int prefers) {
        return RunningApplication.over(Map.of(
                "GRADIOR_DB_URL", database.url(prefers),
                "GRADIOR_DB_USER", database.user(),
                "GRADIOR_DB_PASSWORD", database.password(),
                "GRADIOR_NODES", "true"));
    }

    private boolean run(int kills) throws InterruptedException {
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < FOLLOWERS; i++) {
            threads.add(begin("follower-" + i, this::follow));
        }
        for (int i = 0; i < WRITERS; i++) {
            int writer = i;
            threads.add(begin("writer-" + i, () -> write(writer)));
        }
        awaitMore();
        System.out.printf("%n| killed | seconds without an answer | back after |%n|---|---:|---:|%n");
        int parts = nodes.size() + database.size() + 1;
        double worst = 0;
        for (int i = 0; i < kills; i++) {
            worst = Math.max(worst, killAndMend(i % parts));
        }
        awaitMore();
        over.set(true);
        balancer.close();
        for (Thread thread : threads) {
            thread.join(Duration.ofSeconds(20).toMillis());
        }
        return tell(kills, worst);
    }

    private static Thread begin(String name, Runnable what) {
        Thread thread = new Thread(what, name);
        thread.setDaemon(true);
        thread.start();
        return thread;
    }

    /** The longest silence, s. */
    private double killAndMend(int part) {
        longestSilence.set(0);
        long began = System.nanoTime();
        String name;
        Runnable mend;
        if (part < nodes.size()) {
            name = "application " + (part + 1);
            nodes.get(part).kill();
            mend = nodes.get(part)::restart;
        } else if (part < nodes.size() + database.size()) {
            int node = part - nodes.size();
            name = "database " + (node + 1);
            database.kill(node);
            mend = () -> database.restart(node);
        } else {
            name = "balancer";
            balancer.kill();
            mend = balancer::start;
            LockSupport.parkNanos(Duration.ofSeconds(1).toNanos()); // whoever watches it starts it again
            mend.run();
            mend = () -> {};
        }
        awaitMore();
        mend.run();
        double back = (System.nanoTime() - began) / 1e9;
        awaitMore();
        double silent = longestSilence.get() / 1e9;
        System.out.printf(Locale.ROOT, "| %s | %.1f | %.0f s |%n", name, silent, back);
        return silent;
    }

    private void awaitMore() {
        int until = acknowledged.size() + BETWEEN;
        while (acknowledged.size() < until) {
            LockSupport.parkNanos(Duration.ofMillis(5).toNanos());
        }
    }

    private HttpRequest.Builder ask(String path) {
        return HttpRequest.newBuilder(URI.create(balancer.url() + path))
                .header("Authorization", "Bearer " + RunningApplication.TOKEN);
    }

    /** Each message is sent, with the same key, until it is acknowledged. */
    private void write(int writer) {
        for (int n = 0; !over.get(); n++) {
            long begun = System.nanoTime();
            String key = "rehearsal-" + writer + "-" + n + "-" + begun;
            HttpRequest request = ask("/api/v1/batches/" + live.get(writer % live.size()) + "/events")
                    .timeout(Duration.ofSeconds(10))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(
                            "{\"clientKey\":\"" + key + "\",\"type\":\"note\",\"text\":\"" + key + "\"}"))
                    .build();
            while (!over.get() && !taken(request)) {
                LockSupport.parkNanos(Duration.ofMillis(50).toNanos());
            }
            if (!over.get()) {
                acknowledged.add(key);
                answeredNs.add(System.nanoTime() - begun);
                long now = System.nanoTime();
                long silent = now - lastAnswer.getAndSet(now);
                longestSilence.accumulateAndGet(silent, Math::max);
                LockSupport.parkNanos(Duration.ofMillis(800).toNanos());
            }
        }
    }

    private boolean taken(HttpRequest request) {
        try {
            int status =
                    http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
            if (status == 500) {
                broken.incrementAndGet();
            }
            return status == 200 || status == 201;
        } catch (IOException e) {
            return false;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private void follow() {
        while (!over.get()) {
            HttpRequest request =
                    ask("/api/v1/batches/" + live.get(0) + "/stream").build();
            try (Stream<String> lines =
                    http.send(request, HttpResponse.BodyHandlers.ofLines()).body()) {
                lines.takeWhile(line -> !over.get()).forEach(this::heard);
            } catch (IOException | UncheckedIOException e) {
                // its node is gone
            } catch (InterruptedException e) {
                return;
            }
            LockSupport.parkNanos(Duration.ofMillis(1000).toNanos()); // as a browser comes again
        }
    }

    private void heard(String line) {
        if (line.startsWith("data:") && line.contains("\"note\"")) {
            Matcher sent = SENT.matcher(line);
            if (sent.find()) {
                toldNs.add(System.nanoTime() - Long.parseLong(sent.group(1)));
            }
        }
    }

    private boolean tell(int kills, double worst) {
        List<List<String>> kept =
                database.ask("select client_key from batch_event where client_key like 'rehearsal-%'");
        long lost = 0;
        long doubled = 0;
        for (List<String> node : kept) {
            Set<String> once = new HashSet<>(node);
            lost += acknowledged.stream().filter(key -> !once.contains(key)).count();
            doubled += node.size() - once.size();
        }
        System.out.printf(
                Locale.ROOT,
                "%nkills %d, acknowledged %d, lost %d, doubled %d (on any of three nodes), answered by a fault %d, longest silence %.1f s%n",
                kills,
                acknowledged.size(),
                lost,
                doubled,
                broken.get(),
                worst);
        percentiles("an event to its acknowledgement", answeredNs);
        percentiles("an event to whoever follows", toldNs);
        return lost == 0 && doubled == 0 && broken.get() == 0 && worst < 10;
    }

    private static void percentiles(String what, List<Long> ns) {
        List<Long> sorted;
        synchronized (ns) {
            sorted = ns.stream().sorted().toList();
        }
        if (!sorted.isEmpty()) {
            System.out.printf(
                    Locale.ROOT,
                    "%s, ms: p50 %.0f, p95 %.0f, p99 %.0f of %d%n",
                    what,
                    at(sorted, 0.5),
                    at(sorted, 0.95),
                    at(sorted, 0.99),
                    sorted.size());
        }
    }

    private static double at(List<Long> sorted, double share) {
        return sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size())) / 1e6;
    }

    /** HAProxy of Debian's packages, asking each node whether it is well. */
    private static final class Balancer implements AutoCloseable {
        private final int port = PrivateMariaDb.freePort();
        private final Path file;
        private Process process;

        Balancer(List<RunningApplication> nodes) {
            try {
                file = Files.createTempFile("gradior-rehearsal", ".cfg");
                StringBuilder text = new StringBuilder("""
                        defaults
                          mode http
                          timeout connect 1s
                          timeout client 1h
                          timeout server 1h
                          retries 2
                          option redispatch
                        frontend kitchens
                          bind 127.0.0.1:%d
                          default_backend nodes
                        backend nodes
                          balance leastconn
                          option httpchk GET /health
                          http-check expect status 200
                          default-server check inter 500ms fall 2 rise 1 on-marked-down shutdown-sessions
                        """.formatted(port));
                for (RunningApplication node : nodes) {
                    text.append("  server n")
                            .append(node.port())
                            .append(" 127.0.0.1:")
                            .append(node.port())
                            .append('\n');
                }
                Files.writeString(file, text);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            start();
            Runtime.getRuntime().addShutdownHook(new Thread(this::close));
        }

        String url() {
            return "http://127.0.0.1:" + port;
        }

        void start() {
            try {
                process = new ProcessBuilder("haproxy", "-db", "-f", file.toString())
                        .redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                        .start();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        void kill() {
            process.destroyForcibly();
        }

        @Override
        public void close() {
            kill();
        }
    }
}
