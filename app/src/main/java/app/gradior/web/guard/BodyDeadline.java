package app.gradior.web.guard;

import java.io.IOException;
import java.net.SocketTimeoutException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.InputBuffer;
import org.apache.tomcat.util.net.ApplicationBufferHandler;

/**
 * A body has to come in time: a first allowance, and then at a pace that any connection has. Only so many are waited for at once, so
 * that slow ones never take the threads of all; a body that is there already is not waited for.
 */
final class BodyDeadline extends ValveBase {
    private static final long ALLOWANCE_NANOS = TimeUnit.SECONDS.toNanos(15);
    /** Slower than this for longer than the allowance is no upload; arbitrary. */
    private static final double LEAST_BYTES_PER_S = 16_384;
    /** A good part of the threads stays free whatever comes. */
    private static final int MOST_WAITED_FOR = 64;

    private final Semaphore waited = new Semaphore(MOST_WAITED_FOR);

    BodyDeadline() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, jakarta.servlet.ServletException {
        org.apache.coyote.Request coyote = request.getCoyoteRequest();
        InputBuffer before = coyote.getInputBuffer();
        coyote.setInputBuffer(new InTime(before));
        try {
            getNext().invoke(request, response);
        } finally {
            coyote.setInputBuffer(before);
        }
    }

    /** A body that is read against the clock. */
    private final class InTime implements InputBuffer {
        private final InputBuffer body;
        private final long begun = System.nanoTime();
        private long bytes;

        InTime(InputBuffer body) {
            this.body = body;
        }

        @Override
        public int doRead(ApplicationBufferHandler handler) throws IOException {
            if (body.available() > 0) {
                return counted(body.doRead(handler));
            }
            if (!waited.tryAcquire()) {
                throw new SocketTimeoutException("too many slow bodies at once");
            }
            try {
                return counted(body.doRead(handler));
            } finally {
                waited.release();
            }
        }

        private int counted(int read) throws IOException {
            bytes += Math.max(0, read);
            double late = System.nanoTime() - begun - bytes / LEAST_BYTES_PER_S * 1e9;
            if (read >= 0 && late > ALLOWANCE_NANOS) {
                throw new SocketTimeoutException("a body that came too slowly");
            }
            return read;
        }

        @Override
        public int available() {
            return body.available();
        }
    }
}
