package app.gradior.web.guard;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.apache.coyote.AbstractProcessor;
import org.apache.coyote.Request;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * HTTP as the server speaks it, with a deadline for a request's headers: a connection that sends them byte by byte is closed. (The time
 * between two bytes, which the server limits itself, never ends for one that sends a byte now and then.)
 */
public final class TimedProtocol extends Http11NioProtocol {
    private static final long LONGEST_HEADERS_NANOS = TimeUnit.SECONDS.toNanos(20);
    private static final int EVERY_S = 2;

    private final ScheduledExecutorService watch = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "headers");
        thread.setDaemon(true);
        return thread;
    });

    @Override
    public void start() throws Exception {
        super.start();
        watch.scheduleWithFixedDelay(this::closeLate, EVERY_S, EVERY_S, TimeUnit.SECONDS);
    }

    @Override
    public void stop() throws Exception {
        watch.shutdownNow();
        super.stop();
    }

    private void closeLate() {
        for (SocketWrapperBase<?> connection : getEndpoint().getConnections()) {
            // One that is being answered has no processor to be found here, and a stream is asynchronous.
            if (connection.getCurrentProcessor() instanceof AbstractProcessor processor
                    && !processor.isAsync()
                    && isLate(processor.getRequest())) {
                connection.close();
            }
        }
    }

    private static boolean isLate(Request request) {
        long begun = request.getStartTimeNanos();
        return begun > 0 && System.nanoTime() - begun > LONGEST_HEADERS_NANOS;
    }
}
