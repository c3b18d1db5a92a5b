package app.gradior.web.guard;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;

class ToldToWaitTest {
    private final AtomicLong nanos = new AtomicLong(-5);
    private final ToldToWait told = new ToldToWait(nanos::get, 600_000);

    @AfterEach
    void end() {
        told.destroy();
    }

    @Test
    void whoWasToldWaitsSoLongAndNobodyElseDoes() {
        assertThat(told.seconds("a")).isZero();
        told.tell("a", 2);
        assertThat(told.seconds("a")).isEqualTo(2);
        assertThat(told.seconds("b")).isZero();
        assertThat(told.seconds("")).as("no token").isZero();
        nanos.addAndGet(1);
        assertThat(told.seconds("a")).as("rounded up").isEqualTo(2);
        nanos.addAndGet(Duration.ofSeconds(1).toNanos() - 1);
        assertThat(told.seconds("a")).isEqualTo(1);
        nanos.addAndGet(Duration.ofSeconds(1).toNanos() - 1);
        assertThat(told.seconds("a")).isEqualTo(1);
        nanos.addAndGet(1);
        assertThat(told.seconds("a")).as("over").isZero();
    }

    @Test
    void refusalsAreHeldBackButNotWithoutEnd() throws Exception {
        for (int i = 0; i < 1000; i++) {
            assertThat(atOnce()).as("the answer to call %d", i).isFalse();
        }
        assertThat(atOnce()).as("when a thousand are held already").isTrue();
    }

    private boolean atOnce() throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest();
        request.setAsyncSupported(true);
        AtomicBoolean written = new AtomicBoolean();
        told.hold(request, () -> written.set(true));
        return written.get() && !request.isAsyncStarted();
    }
}
