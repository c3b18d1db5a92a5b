package app.gradior.web.guard;

import app.gradior.room.words.Words;
import jakarta.servlet.ServletException;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.nio.ByteBuffer;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
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

    /** Three seconds all in all, looked at often. */
    private static final int MOMENTS = 300;

    private static final long MOMENT_NANOS = TimeUnit.MILLISECONDS.toNanos(10);
    /** More of a body that nobody wants is not read away. */
    private static final long MOST_READ_AWAY = 64 * 1024;

    private final Semaphore waited = new Semaphore(MOST_WAITED_FOR);

    BodyDeadline() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        org.apache.coyote.Request coyote = request.getCoyoteRequest();
        InputBuffer before = coyote.getInputBuffer();
        InTime body = new InTime(before, coyote);
        coyote.setInputBuffer(body);
        try {
            getNext().invoke(request, response);
        } finally {
            if (!request.isAsync()) {
                body.leave();
            }
            coyote.setInputBuffer(before);
        }
    }

    /** A body that is read against the clock. */
    private final class InTime implements InputBuffer {
        private final InputBuffer body;
        private final org.apache.coyote.Request request;
        private final long begun = System.nanoTime();
        private long bytes;
        private int momentsLeft = MOMENTS;
        private boolean ended;

        InTime(InputBuffer body, org.apache.coyote.Request request) {
            this.body = body;
            this.request = request;
            this.ended = request.getContentLengthLong() <= 0 && request.getHeader("Transfer-Encoding") == null;
        }

        @Override
        public int doRead(ApplicationBufferHandler handler) throws IOException {
            if (body.available() > 0) {
                return counted(body.doRead(handler));
            }
            if (!waited.tryAcquire()) {
                if (arrivesSoon()) {
                    return counted(body.doRead(handler));
                }
                throw tooSlow(Words.text("body-deadline.too-many-slow-bodies-at-once"));
            }
            try {
                return counted(body.doRead(handler));
            } finally {
                waited.release();
            }
        }

        /** Many slow ones are waited for already: this one has a moment, as a body has that is sent after its headers. */
        private boolean arrivesSoon() {
            for (; momentsLeft > 0; momentsLeft--) {
                request.action(ActionCode.AVAILABLE, Boolean.TRUE);
                if (request.getAvailable() > 0) {
                    return true;
                }
                LockSupport.parkNanos(MOMENT_NANOS);
            }
            return false;
        }

        private int counted(int read) throws IOException {
            bytes += Math.max(0, read);
            ended |= read < 0 || bytes == request.getContentLengthLong();
            double late = System.nanoTime() - begun - bytes / LEAST_BYTES_PER_S * 1e9;
            if (!ended && late > ALLOWANCE_NANOS) {
                throw tooSlow(Words.text("body-deadline.a-body-that-came-too-slowly"));
            }
            return read;
        }

        /** The rest is not waited for either: the connection ends with this request. */
        private IOException tooSlow(String why) {
            ended = true;
            request.action(ActionCode.DISABLE_SWALLOW_INPUT, null);
            return new SocketTimeoutException(why);
        }

        /** What nobody read is read away, if it is little and there in time: then the connection can be used again. */
        void leave() {
            Ignored ignored = new Ignored();
            try {
                for (long left = MOST_READ_AWAY; !ended && left > 0; ) {
                    left -= Math.max(1, doRead(ignored));
                }
            } catch (IOException | RuntimeException e) {
                ended = false;
            }
            if (!ended) {
                request.action(ActionCode.DISABLE_SWALLOW_INPUT, null);
            }
        }

        @Override
        public int available() {
            return body.available();
        }
    }

    private static final class Ignored implements ApplicationBufferHandler {
        private ByteBuffer buffer = ByteBuffer.allocate(0);

        @Override
        public void setByteBuffer(ByteBuffer given) {
            buffer = given;
        }

        @Override
        public ByteBuffer getByteBuffer() {
            return buffer;
        }

        @Override
        public void expand(int size) {
            // what is read away is never kept
        }
    }
}
