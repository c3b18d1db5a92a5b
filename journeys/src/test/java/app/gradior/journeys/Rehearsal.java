package app.gradior.journeys;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.SQLException;
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
 * Two application nodes behind HAProxy over three Galera nodes, on loopback: in each of many kitchens a device records through the balancer and
 * two follow, while each part is killed in turn, asked to leave, or cut off from the others. Counts what was acknowledged and is lost or
 * doubled, the longest silence of all kitchens together, and how long an event takes to those who follow, while nothing is killed and in
 * all. Run by {@code ./gradior rehearse [--kills N] [--storm N] [--kitchens N] [--from REF]}.
 */
final class Rehearsal {
    /** Followers of each kitchen's pot. */
    private static final int FOLLOWERS = 2;
    /** A kitchen records something so often, s: at 200 kitchens twenty events a second. */
    private static final int RECORDS_EVERY_S = 10;

    private static final Duration FOR_EVER = Duration.ofDays(1);
    private static final Duration LONGEST_UNREADY = Duration.ofMinutes(2);
    private static final int BETWEEN = 30;
    private static final int KILLS = 8;
    private static final int KITCHENS = 200;
    private static final Pattern SENT = Pattern.compile("rehearsal-\\d+-\\d+-(\\d+)");

    private final GaleraCluster database;
    private final List<RunningApplication> nodes;
    private final Balancer balancer;
    /** A pot of the demo that is on, whose copies are the kitchens' pots; a cluster's numbers have gaps. */
    private final long pot;

    private final int kitchens;

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
    private final List<Long> answeredNs = Collections.synchronizedList(new ArrayList<>());
    private final List<Long> toldNs = Collections.synchronizedList(new ArrayList<>());
    private final AtomicLong lastAnswer = new AtomicLong(System.nanoTime());
    private final AtomicLong longestSilence = new AtomicLong();
    private final AtomicLong broken = new AtomicLong();
    private final AtomicBoolean over = new AtomicBoolean();

    private Rehearsal(GaleraCluster database, List<RunningApplication> nodes, Balancer balancer, int kitchens) {
        this.database = database;
        this.nodes = nodes;
        this.balancer = balancer;
        this.kitchens = kitchens;
        this.pot = Long.parseLong(database.ask("select min(id) from batch where state = 'LIVE'")
                .get(0)
                .get(0));
    }

    private static String option(String[] args, String name, String otherwise) {
        int at = List.of(args).indexOf(name);
        return at < 0 ? otherwise : args[at + 1];
    }

    public static void main(String[] args) throws InterruptedException, SQLException {
        int kills = Integer.parseInt(option(args, "--kills", String.valueOf(KILLS)));
        int kitchens = Integer.parseInt(option(args, "--kitchens", String.valueOf(KITCHENS)));
        int storm = Integer.parseInt(option(args, "--storm", "0"));
        int first = Integer.parseInt(option(args, "--first", "0"));
        String before = option(args, "--before", "");
        try (GaleraCluster database = new GaleraCluster();
                RunningApplication one = node(database, 0, before);
                RunningApplication two = node(database, 1, before);
                Balancer balancer = new Balancer(List.of(one, two))) {
            try (Connection connection = database.database()) {
                ManyKitchens.copy(connection, 1, kitchens);
            }
            Rehearsal rehearsal = new Rehearsal(database, List.of(one, two), balancer, kitchens);
            System.exit(rehearsal.run(first, kills, storm, !before.isEmpty()) ? 0 : 1);
        }
    }

    private static RunningApplication node(GaleraCluster database, int prefers, String jar) {
        return RunningApplication.over(
                Map.of(
                        "GRADIOR_DB_URL", database.url(prefers),
                        "GRADIOR_DB_USER", jar.isEmpty() ? database.user() : database.owner(),
                        "GRADIOR_DB_PASSWORD", database.password(),
                        "GRADIOR_DB_OWNER", database.owner(),
                        "GRADIOR_DB_OWNER_PASSWORD", database.password(),
                        "GRADIOR_DB_PATIENCE_MS", "5000",
                        "GRADIOR_NODES", "true"),
                jar);
    }

    private boolean run(int first, int kills, int storm, boolean older) throws InterruptedException {
        List<Thread> threads = new ArrayList<>();
        for (int copy = 1; copy <= kitchens; copy++) {
            int kitchen = copy;
            for (int i = 0; i < FOLLOWERS; i++) {
                threads.add(begin("follower-" + copy, () -> follow(kitchen)));
            }
            threads.add(begin("writer-" + copy, () -> write(kitchen)));
        }
        awaitMore(2 * kitchens);
        answeredNs.clear();
        toldNs.clear();
        awaitMore(4 * kitchens);
        System.out.printf("%n%d kitchens, %d streams, nothing killed%n", kitchens, FOLLOWERS * kitchens);
        percentiles("an event to its acknowledgement", answeredNs);
        percentiles("an event to whoever follows", toldNs);
        System.out.printf("%n| what happened | seconds without an answer | back after |%n|---|---:|---:|%n");
        double worst = 0;
        if (older) {
            for (int i = 0; i < nodes.size(); i++) {
                RunningApplication node = nodes.get(i);
                worst = Math.max(worst, during("application " + (i + 1) + " is upgraded", () -> {}, node::upgrade));
            }
        }
        for (int i = 0; i < kills; i++) {
            worst = Math.max(worst, killAndMend((first + i) % (2 * nodes.size() + 2 * database.size() + 1)));
        }
        awaitMore(BETWEEN);
        if (storm > 0) {
            double silent = new Storm(database, nodes, balancer, this).blow(storm);
            awaitMore(BETWEEN);
            System.out.printf(Locale.ROOT, "%nlongest silence in the storm %.1f s%n", silent);
        }
        over.set(true);
        balancer.close();
        for (Thread thread : threads) {
            thread.join(Duration.ofSeconds(20).toMillis());
        }
        return tell(kills + storm, worst);
    }

    private static Thread begin(String name, Runnable what) {
        Thread thread = new Thread(what, name);
        thread.setDaemon(true);
        thread.start();
        return thread;
    }

    /** The longest silence, s. */
    private double killAndMend(int which) {
        int part = which;
        if (part < nodes.size()) {
            RunningApplication node = nodes.get(part);
            return during("application " + (part + 1) + " killed", node::kill, node::restart);
        }
        part -= nodes.size();
        if (part < database.size()) {
            int node = part;
            return during(
                    "database " + (node + 1) + " killed", () -> database.kill(node), () -> database.restart(node));
        }
        part -= database.size();
        if (part == 0) {
            return during("balancer killed", balancer::killAndStart, () -> {});
        }
        part--;
        if (part < nodes.size()) {
            RunningApplication node = nodes.get(part);
            return during("application " + (part + 1) + " asked to leave", node::leave, node::restart);
        }
        int node = part - nodes.size();
        return during(
                "database " + (node + 1) + " cut off",
                () -> {
                    database.isolate(node, true);
                    tellWhenAllAreReady();
                },
                () -> database.isolate(node, false));
    }

    /** With a database node still away, an application node that asked it asks another. */
    private void tellWhenAllAreReady() {
        long began = System.nanoTime();
        LockSupport.parkNanos(Duration.ofSeconds(1).toNanos()); // those that asked it notice
        long end = began + LONGEST_UNREADY.toNanos();
        while (!nodes.stream().allMatch(this::isReady)) {
            if (System.nanoTime() > end) {
                throw new IllegalStateException("an application is not ready after " + LONGEST_UNREADY);
            }
            LockSupport.parkNanos(Duration.ofMillis(100).toNanos());
        }
        System.out.printf(
                Locale.ROOT,
                "| … all applications ready again after %.1f s | | |%n",
                (System.nanoTime() - began) / 1e9);
    }

    private boolean isReady(RunningApplication node) {
        HttpRequest health = HttpRequest.newBuilder(URI.create(node.url() + "/health"))
                .timeout(Duration.ofSeconds(2))
                .build();
        try {
            return http.send(health, HttpResponse.BodyHandlers.discarding()).statusCode() == 200;
        } catch (IOException e) {
            return false;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What happens, some seconds without it, and it is mended; the longest silence of all kitchens together, s. */
    private double during(String what, Runnable happens, Runnable mend) {
        listen();
        long began = System.nanoTime();
        happens.run();
        awaitMore(BETWEEN);
        LockSupport.parkNanos(Duration.ofSeconds(6).toNanos()); // longer than others take to see it
        mend.run();
        double back = (System.nanoTime() - began) / 1e9;
        awaitMore(BETWEEN);
        double silent = silent();
        System.out.printf(Locale.ROOT, "| %s | %.1f | %.0f s |%n", what, silent, back);
        return silent;
    }

    /** From now on silences count. */
    void listen() {
        lastAnswer.set(System.nanoTime());
        longestSilence.set(0);
    }

    /** The longest silence of all kitchens together since then, s. */
    double silent() {
        return longestSilence.get() / 1e9;
    }

    int acknowledged() {
        return acknowledged.size();
    }

    private void awaitMore(int more) {
        awaitMore(more, FOR_EVER);
    }

    /** So many more answers, or so long. */
    void awaitMore(int more, Duration atMost) {
        int until = acknowledged.size() + more;
        long end = System.nanoTime() + atMost.toNanos();
        while (acknowledged.size() < until && System.nanoTime() < end) {
            LockSupport.parkNanos(Duration.ofMillis(5).toNanos());
        }
    }

    private HttpRequest.Builder ask(int kitchen, String path) {
        return HttpRequest.newBuilder(
                        URI.create(balancer.url() + "/api/v1/batches/" + ManyKitchens.id(pot, kitchen) + path))
                .header("Authorization", "Bearer " + ManyKitchens.token(kitchen));
    }

    /** Each message is sent, with the same key, until it is acknowledged. */
    private void write(int writer) {
        LockSupport.parkNanos(Duration.ofSeconds(RECORDS_EVERY_S).toNanos() * writer / kitchens);
        for (int n = 0; !over.get(); n++) {
            long begun = System.nanoTime();
            String key = "rehearsal-" + writer + "-" + n + "-" + begun;
            HttpRequest request = ask(writer, "/events")
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
                LockSupport.parkNanos(Duration.ofSeconds(RECORDS_EVERY_S).toNanos());
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

    private void follow(int kitchen) {
        while (!over.get()) {
            HttpRequest request = ask(kitchen, "/stream").build();
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
                "%nthings that happened %d, acknowledged %d, lost %d, doubled %d (on any of three nodes), answered by a fault %d, longest silence %.1f s%n",
                kills,
                acknowledged.size(),
                lost,
                doubled,
                broken.get(),
                worst);
        percentiles("an event to its acknowledgement, all of it", answeredNs);
        percentiles("an event to whoever follows, all of it", toldNs);
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
}
