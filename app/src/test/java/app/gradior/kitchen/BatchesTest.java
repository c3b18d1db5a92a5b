package app.gradior.kitchen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.ApplicationTest;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.MeasureSystem;
import app.gradior.sauce.Texture;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@ApplicationTest
class BatchesTest {
    private static final double EMPTY_G = 1400;

    @Autowired
    private Batches batches;

    @Autowired
    private Kitchens kitchens;

    @Autowired
    private ApplicationTest.SetClock clock;

    private Kitchen kitchen;
    private long id;

    @BeforeEach
    void aPotOnTheHeat() {
        kitchen = kitchens.kitchen(kitchens.setUp(
                new Kitchens.SetUp(
                        "cook-" + System.nanoTime(), "a long password", "Test", MeasureSystem.METRIC, false, 0, "UTC"),
                false));
        id = batches.start(kitchen, "Damson", null, null, plan(), clock.instant());
    }

    private static BatchPlan plan() {
        return new BatchPlan(
                List.of(
                        new BatchPlan.PlanLine("1 kg damsons", "damson", 1000, 0.01),
                        new BatchPlan.PlanLine("260 g sugar", "sugar-brown", 260, 0.01),
                        new BatchPlan.PlanLine("300 g water", "water", 300, 0.01)),
                Texture.SMOOTH,
                0,
                BatchPlan.PlanPot.of("24 cm", new PotShape(240, 232, 130), EMPTY_G, PotMaterial.ENAMEL),
                null,
                null,
                null,
                Look.LIVELY,
                LidState.OPEN,
                0,
                6.5,
                20,
                null);
    }

    private Batches.Recorded record(String key, Instant at, EventBody body) {
        return batches.record(kitchen, id, new Batches.Draft(key, at, body));
    }

    private Batch batch() {
        return batches.batch(kitchen.id(), id);
    }

    @Test
    void eventsOfTwoDevicesMergeInTheOrderTheyHappened() {
        Instant start = clock.instant();
        clock.forward(Duration.ofMinutes(12));
        record("late-1", start.plusSeconds(600), new EventBody.Weight(2800));
        record("early-1", start.plusSeconds(120), new EventBody.LidSet("ajar"));
        record("early-2", start.plusSeconds(300), new EventBody.LidSet("open"));
        assertThat(batch().events()).extracting(BatchEvent::clientKey).containsExactly("early-1", "early-2", "late-1");
        assertThat(batch().heat().lid()).isEqualTo(LidState.OPEN);
    }

    @Test
    void theSameKeyFromManyHandsAtOnceIsCountedOnce() throws Exception {
        clock.forward(Duration.ofMinutes(5));
        Instant at = clock.instant();
        ExecutorService hands = Executors.newFixedThreadPool(6);
        try {
            List<Future<Batches.Recorded>> sent = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                sent.add(hands.submit(() -> record("same", at, new EventBody.Weight(2900))));
            }
            int fresh = 0;
            for (Future<Batches.Recorded> one : sent) {
                fresh += one.get().repeat() ? 0 : 1;
            }
            assertThat(fresh).isEqualTo(1);
        } finally {
            hands.shutdownNow();
        }
        assertThat(batch().events()).hasSize(1);
    }

    @Test
    void aClockThatRunsAheadIsTakenAsNowAndOneFarAheadIsRefused() {
        Instant now = clock.instant();
        assertThat(record("skewed", now.plusSeconds(240), new EventBody.Note("here"))
                        .event()
                        .at())
                .isEqualTo(now);
        assertThatThrownBy(() -> record("far", now.plusSeconds(900), new EventBody.Note("there")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("future");
        assertThat(batch().events()).hasSize(1);
    }

    @Test
    void aFinishedBatchStandsStillAndTakesNotesOnly() {
        clock.forward(Duration.ofMinutes(20));
        record("off", clock.instant(), new EventBody.Finished(1010.0, null));
        Forecast atTheEnd = batches.forecast(kitchen, batch(), clock.instant());
        clock.forward(Duration.ofHours(20));
        assertThat(batches.forecast(kitchen, batch(), clock.instant())).isEqualTo(atTheEnd);
        assertThatThrownBy(() -> record("w", clock.instant(), new EventBody.Weight(2500)))
                .hasMessageContaining("finished");
        assertThatThrownBy(() -> record("off2", clock.instant(), new EventBody.Finished(900.0, null)))
                .hasMessageContaining("finished");
        record("next", clock.instant(), new EventBody.NextDay(6.5, "good"));
        assertThat(batch().nextDay().orElseThrow().step()).isEqualTo(6.5);
        assertThat(batch().finish().orElseThrow().yieldMl()).isEqualTo(1010);
    }

    @Test
    void anUndoneReadingCountsForNothingAndStaysInTheLog() {
        Instant start = clock.instant();
        clock.forward(Duration.ofMinutes(10));
        double before =
                batches.forecast(kitchen, batch(), clock.instant()).massG().middle();
        record("w", start.plusSeconds(590), new EventBody.Weight(2950));
        assertThat(batches.forecast(kitchen, batch(), clock.instant()).massG().middle())
                .isCloseTo(1550, within(15.0));
        record("u", clock.instant(), new EventBody.Undo("w"));
        assertThat(batches.forecast(kitchen, batch(), clock.instant()).massG().middle())
                .isEqualTo(before);
        assertThat(batch().events()).hasSize(2);
        assertThat(batch().standing()).isEmpty();
        assertThatThrownBy(() -> record("u2", clock.instant(), new EventBody.Undo("w")))
                .hasMessageContaining("undoneKey");
    }

    @Test
    void thePromptFollowsThePot() {
        Instant start = clock.instant();
        clock.forward(Duration.ofMinutes(12));
        assertThat(prompt().doNow()).contains("weigh");
        record("w1", start.plusSeconds(300), new EventBody.Weight(2900));
        record("wild", start.plusSeconds(600), new EventBody.Weight(5400));
        record("w2", start.plusSeconds(700), new EventBody.Weight(2840));
        assertThat(prompt().doNow()).contains("once more");
        record("u", clock.instant(), new EventBody.Undo("wild"));
        clock.forward(Duration.ofMinutes(100));
        assertThat(prompt().doNow()).contains("off the heat");
        assertThat(prompt().urgent()).isTrue();
        clock.forward(Duration.ofHours(4));
        assertThat(prompt().doNow()).contains("still on");
    }

    private Prompt prompt() {
        Batch batch = batch();
        return batch.prompt(batches.forecast(kitchen, batch, clock.instant()), clock.instant());
    }

    @Test
    void aStartInThePastIsTakenUpToADayAgo() {
        Instant now = clock.instant();
        assertThat(batches.start(kitchen, "Taken up", null, null, plan(), now.minus(Duration.ofHours(3))))
                .isPositive();
        assertThatThrownBy(() -> batches.start(kitchen, "Old", null, null, plan(), now.minus(Duration.ofHours(30))))
                .hasMessageContaining("startedAt");
    }
}
