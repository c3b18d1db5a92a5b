package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What is sent several times, at once or again, is done once. */
class AtOnceTest extends PageCalls {
    @Autowired
    private Batches batches;

    private Kitchen kitchen;

    @BeforeEach
    void theKitchen() {
        kitchen = kitchens.kitchen(cook.kitchenId());
    }

    @Test
    void aPlanStartedFourTimesAtOnceIsOnePot() throws Exception {
        long plan = keptPlan(kitchen, kit.pots(kitchen.id()).get(1).id());
        List<String> places = atOnce(
                4,
                () -> mvc.perform(post("/plan/start")
                                .with(user(cook))
                                .with(csrf())
                                .param("plan", String.valueOf(plan)))
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl());
        assertThat(places).doesNotContainNull().containsOnly(places.get(0));
        assertThat(batches.liveHeads(kitchen.id())).hasSize(1);
    }

    @Test
    void aFormSentFourTimesAtOnceIsDoneOnceAndAgainWithOtherWords() throws Exception {
        List<String> places = atOnce(4, () -> addJar("mark-1", "Squat jar"));
        assertThat(places).containsOnly(places.get(0));
        assertThat(jarNames()).containsOnlyOnce("Squat jar");
        addJar("mark-1", "Squat jar");
        assertThat(jarNames()).as("by a reload").containsOnlyOnce("Squat jar");
        addJar("mark-1", "Tall jar");
        addJar("mark-2", "Squat jar");
        assertThat(jarNames())
                .contains("Tall jar")
                .filteredOn("Squat jar"::equals)
                .hasSize(2);
        List<Integer> refused = atOnce(
                3,
                () -> mvc.perform(post("/kit/jars")
                                .with(user(cook))
                                .with(csrf())
                                .param("_once", "mark-4")
                                .param("jarName", " ")
                                .param("brimMl", "140")
                                .param("headspaceMm", "6")
                                .param("count", "3"))
                        .andReturn()
                        .getResponse()
                        .getStatus());
        assertThat(refused).as("each is told what is wrong").containsOnly(422);
        assertThat(addJar("mark-3", " ")).as("refused").isNull();
        assertThat(addJar("mark-3", " "))
                .as("refused again, not answered as done")
                .isNull();
        assertThat(body(get("/kit"))).contains("name=\"_once\"");
    }

    private List<String> jarNames() {
        return kit.jars(kitchen.id()).stream().map(jar -> jar.name()).toList();
    }

    private String addJar(String mark, String name) throws Exception {
        return mvc.perform(post("/kit/jars")
                        .with(user(cook))
                        .with(csrf())
                        .param("_once", mark)
                        .param("jarName", name)
                        .param("brimMl", "140")
                        .param("headspaceMm", "6")
                        .param("count", "3"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
    }

    private static <T> List<T> atOnce(int times, Callable<T> what) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(times);
        CyclicBarrier together = new CyclicBarrier(times);
        try {
            List<Future<T>> running = new ArrayList<>();
            for (int i = 0; i < times; i++) {
                running.add(hands.submit(() -> {
                    together.await();
                    return what.call();
                }));
            }
            List<T> done = new ArrayList<>();
            for (Future<T> one : running) {
                done.add(one.get());
            }
            return done;
        } finally {
            hands.shutdownNow();
        }
    }
}
