package app.gradior.journeys;

import app.gradior.testing.PrivateMariaDb;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;

/**
 * Kills the application and its database again and again while four devices record, each sending a message until it is acknowledged, and
 * counts what was acknowledged and is not there, and what is there twice. Run by {@code ./gradior drill [kills]}.
 */
final class CrashDrill {
    private static final int DEVICES = 4;
    private static final int KILLS = 20;
    /** So many are acknowledged before the next kill, so that each falls into the middle of work. */
    private static final int BETWEEN = 12;

    private final RunningApplication application;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
    private final AtomicInteger sent = new AtomicInteger();
    private final AtomicBoolean over = new AtomicBoolean();

    private CrashDrill(RunningApplication application) {
        this.application = application;
    }

    public static void main(String[] args) throws InterruptedException {
        int kills = args.length > 0 ? Integer.parseInt(args[0]) : KILLS;
        try (RunningApplication application = RunningApplication.demo()) {
            new CrashDrill(application).run(kills);
        }
        System.exit(0);
    }

    private void run(int kills) throws InterruptedException {
        List<Thread> devices = new ArrayList<>();
        for (int i = 0; i < DEVICES; i++) {
            String name = "drill-" + i;
            Thread device = new Thread(() -> record(name), name);
            device.start();
            devices.add(device);
        }
        for (int i = 0; i < kills; i++) {
            awaitMore();
            application.kill();
            application.restart();
            awaitMore();
            PrivateMariaDb.get().kill();
            PrivateMariaDb.get().restart();
        }
        awaitMore();
        over.set(true);
        for (Thread device : devices) {
            device.join();
        }
        tell(kills);
    }

    private void awaitMore() {
        int until = acknowledged.size() + BETWEEN;
        while (acknowledged.size() < until) {
            LockSupport.parkNanos(Duration.ofMillis(5).toNanos());
        }
    }

    private void record(String device) {
        for (int n = 0; !over.get(); n++) {
            String key = device + "-" + n;
            HttpRequest request = HttpRequest.newBuilder(URI.create(application.url() + "/api/v1/batches/42/events"))
                    .timeout(Duration.ofSeconds(20))
                    .header("Authorization", "Bearer " + RunningApplication.TOKEN)
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(
                            "{\"clientKey\":\"" + key + "\",\"type\":\"note\",\"text\":\"" + key + "\"}"))
                    .build();
            while (!over.get() && !taken(request)) {
                LockSupport.parkNanos(Duration.ofMillis(20).toNanos());
            }
            if (!over.get()) {
                acknowledged.add(key);
            }
        }
    }

    private boolean taken(HttpRequest request) {
        try {
            sent.incrementAndGet();
            int status =
                    http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
            return status == 200 || status == 201;
        } catch (IOException e) {
            return false;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private void tell(int kills) {
        List<String> kept = application.ask("select client_key from batch_event where client_key like 'drill-%'");
        Set<String> once = new HashSet<>(kept);
        long lost = acknowledged.stream().filter(key -> !once.contains(key)).count();
        System.out.printf(
                Locale.ROOT,
                "%nkilled: application %d times, database %d times%nsent %d, acknowledged %d, lost %d, doubled %d%n",
                kills,
                kills,
                sent.get(),
                acknowledged.size(),
                lost,
                kept.size() - once.size());
        if (lost > 0 || kept.size() > once.size()) {
            System.exit(1);
        }
    }
}
