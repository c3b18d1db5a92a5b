package app.gradior.journeys;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.Arrays;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The demo's two live pots, asked by its program one thing after the other. */
final class LivePot {
    private static final int ASKED = 41;
    private static final int TOLD = 42;

    private final HttpClient http = HttpClient.newHttpClient();
    private final String batches;
    private long asked;

    LivePot(RunningApplication application) {
        this.batches = application.url() + "/api/v1/batches/";
    }

    /** What forecasts of ever other moments took, ms, the shortest first. */
    double[] forecasts(int warmUp, int measured) throws IOException, InterruptedException {
        double[] ms = new double[measured];
        for (int i = -warmUp; i < measured; i++) {
            HttpRequest request = at(ASKED, "/forecast?at=" + Instant.now().plusMillis(++asked))
                    .build();
            long began = System.nanoTime();
            done(request);
            ms[Math.max(0, i)] = (System.nanoTime() - began) / 1e6;
        }
        Arrays.sort(ms);
        return ms;
    }

    /** From telling a pot something until who follows it hears, ms, the shortest first. */
    double[] heard(int measured) throws IOException, InterruptedException {
        BlockingQueue<String> lines = new LinkedBlockingQueue<>();
        try (Stream<String> stream = http.send(at(TOLD, "/stream").build(), HttpResponse.BodyHandlers.ofLines())
                .body()) {
            Thread listener = new Thread(() -> {
                try {
                    stream.forEach(lines::add);
                } catch (UncheckedIOException e) {
                    // it was closed
                }
            });
            listener.setDaemon(true);
            listener.start();
            double[] ms = new double[measured];
            for (int i = 0; i < measured; i++) {
                String key = "grow-" + System.nanoTime();
                HttpRequest request = at(TOLD, "/events")
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(
                                "{\"clientKey\":\"" + key + "\",\"type\":\"note\",\"text\":\"" + key + "\"}"))
                        .build();
                long began = System.nanoTime();
                done(request);
                hears(key, lines);
                ms[i] = (System.nanoTime() - began) / 1e6;
            }
            Arrays.sort(ms);
            return ms;
        }
    }

    private static void hears(String key, BlockingQueue<String> lines) throws InterruptedException {
        String line = "";
        while (!line.contains(key)) {
            line = lines.poll(60, TimeUnit.SECONDS);
            if (line == null) {
                throw new IllegalStateException("nobody heard of " + key);
            }
        }
    }

    private HttpRequest.Builder at(int batch, String path) {
        return HttpRequest.newBuilder(URI.create(batches + batch + path))
                .header("Authorization", "Bearer " + RunningApplication.TOKEN);
    }

    private void done(HttpRequest request) throws IOException, InterruptedException {
        int status = http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
        if (status / 100 != 2) {
            throw new IllegalStateException(request.uri() + " answered " + status);
        }
    }
}
