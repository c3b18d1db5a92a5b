package app.gradior.journeys;

import app.gradior.testing.PrivateMariaDb;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.locks.LockSupport;

/** HAProxy of Debian's packages, asking each node whether it is well. */
final class Balancer implements AutoCloseable {
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
                      option http-no-delay
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

    /** Killed, and started again by whoever watches it. */
    void killAndStart() {
        kill();
        LockSupport.parkNanos(Duration.ofSeconds(1).toNanos());
        start();
    }

    @Override
    public void close() {
        kill();
        file.toFile().delete();
    }
}
