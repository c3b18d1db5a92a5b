package app.gradior.web.guard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import app.gradior.ApplicationTest;
import app.gradior.NewKitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.house.Tokens;
import jakarta.servlet.ServletOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.DelegatingServletOutputStream;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.json.JsonMapper;

/** A token that was told to wait is not asked about again before it has waited; another of the same kitchen is. */
@ApplicationTest
class TokenFilterTest {
    private static final long PATIENCE_NS = Duration.ofMinutes(1).toNanos();

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Kitchens kitchens;

    @Autowired
    private Tokens tokens;

    @Autowired
    private ToldToWait told;

    @Autowired
    private Quotas quotas;

    @Autowired
    private JsonMapper json;

    @Test
    void refusedWhileItShouldWait() throws Exception {
        long kitchen = NewKitchen.of(kitchens).id();
        String hasty = tokens.make(kitchen, "hasty", Tokens.Scope.READ);
        String patient = tokens.make(kitchen, "patient", Tokens.Scope.READ);
        assertThat(call(hasty).getResponse().getStatus()).isEqualTo(200);

        told.tell(hasty, 600);
        MvcResult refused = call(hasty);
        assertThat(refused.getRequest().isAsyncStarted()).as("held back").isTrue();
        MockHttpServletResponse answer = refused.getResponse();
        long end = System.nanoTime() + PATIENCE_NS;
        while (answer.getContentAsByteArray().length == 0 && System.nanoTime() < end) {
            LockSupport.parkNanos(10_000_000);
        }
        assertThat(answer.getStatus()).isEqualTo(429);
        assertThat(Integer.parseInt(String.valueOf(answer.getHeader("Retry-After"))))
                .isBetween(500, 600);
        assertThat(answer.getContentAsString()).contains("\"Authorization\"");
        assertThat(call(patient).getResponse().getStatus()).isEqualTo(200);
    }

    @Test
    void whatIsReckonedWaitsForWhatIsReckonedAndAPlainCallDoesNot() throws Exception {
        long kitchen = NewKitchen.of(kitchens).id();
        String token = tokens.make(kitchen, "device", Tokens.Scope.READ);
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch done = new CountDownLatch(1);
        FutureTask<Boolean> before = inAThread(() -> quotas.inTurn(kitchen, Quotas.Work.RECKONING, () -> {
            begun.countDown();
            return done.await(1, TimeUnit.MINUTES);
        }));
        assertThat(begun.await(1, TimeUnit.MINUTES)).isTrue();
        FutureTask<Integer> reckoned = inAThread(
                () -> call(token, "/api/v1/batches/1/forecast").getResponse().getStatus());
        assertThat(call(token).getResponse().getStatus()).isEqualTo(200);
        assertThatThrownBy(() -> reckoned.get(300, TimeUnit.MILLISECONDS)).isInstanceOf(TimeoutException.class);
        done.countDown();
        assertThat(before.get(1, TimeUnit.MINUTES)).isTrue();
        assertThat(reckoned.get(1, TimeUnit.MINUTES)).as("no pot of theirs").isEqualTo(404);
    }

    /** While somebody's page is made: what was reckoned is rested for, with all of its answer on its way already; a plain call is not. */
    @ParameterizedTest
    @CsvSource({"/api/v1/plan, true", "/api/v1/batches/7/forecast, true", "/api/v1/batches/7, false"})
    void whatIsReckonedMakesRoomOnceItsAnswerIsOut(String path, boolean reckoned) throws Exception {
        String token = tokens.make(NewKitchen.of(kitchens).id(), "device", Tokens.Scope.READ);
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.addHeader("Authorization", "Bearer " + token);
        AtomicBoolean ended = new AtomicBoolean();
        MockHttpServletResponse response = new MockHttpServletResponse() {
            @Override
            public ServletOutputStream getOutputStream() {
                return new DelegatingServletOutputStream(super.getOutputStream()) {
                    @Override
                    public void close() throws IOException {
                        ended.set(true);
                        super.close();
                    }
                };
            }
        };
        AtomicLong nanos = new AtomicLong();
        List<Boolean> endedBeforeRests = new ArrayList<>();
        PeopleFirst people = new PeopleFirst(nanos::get, ns -> {
            nanos.addAndGet(ns);
            endedBeforeRests.add(ended.get());
        });
        people.page();
        new TokenFilter(tokens, json, quotas, told, people, false)
                .doFilter(request, response, (call, answer) -> nanos.addAndGet(1_000_000));
        assertThat(response.getStatus()).isEqualTo(200);
        assertThat(endedBeforeRests).hasSize(reckoned ? 32 : 0).doesNotContain(false);
    }

    private static <T> FutureTask<T> inAThread(Callable<T> what) {
        FutureTask<T> task = new FutureTask<>(what);
        new Thread(task).start();
        return task;
    }

    private MvcResult call(String token) throws Exception {
        return call(token, "/api/v1/foods?q=salt");
    }

    private MvcResult call(String token, String path) throws Exception {
        return mvc.perform(get(path).header("Authorization", "Bearer " + token)).andReturn();
    }
}
