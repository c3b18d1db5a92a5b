package app.gradior.room.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.ApplicationTest;
import app.gradior.Foods;
import app.gradior.NewKitchen;
import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.EventBody;
import app.gradior.batch.Origin;
import app.gradior.batch.Understood;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.estimate.PromptFinding;
import app.gradior.finding.Refusal;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.reading.ReadingKind;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.words.Words;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Texture;
import app.gradior.simmer.Heat;
import app.gradior.testing.Refused;
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
        kitchen = NewKitchen.of(kitchens);
        id = batches.start(kitchen, "Damson", Origin.NONE, plan(), clock.instant());
    }

    private static BatchPlan plan() {
        return BatchPlan.hot(
                List.of(DAMSONS, SUGAR, WATER),
                Texture.SMOOTH,
                0,
                POT,
                new Heat(Look.LIVELY, LidState.OPEN),
                0,
                6.5,
                20);
    }

    private static final Understood DAMSONS = Foods.line("1 kg damsons", "damson", 1000, 0.01);
    private static final Understood SUGAR = Foods.line("260 g sugar", "sugar-brown", 260, 0.01);
    private static final Understood WATER = Foods.line("300 g water", "water", 300, 0.01);
    private static final BatchPlan.PlanPot POT =
            BatchPlan.PlanPot.of("24 cm", new PotShape(240, 232, 130), EMPTY_G, PotMaterial.ENAMEL);

    private static BatchPlan.PlanStage stage(
            StageKind kind, List<Integer> lines, List<Integer> pours, EndKind end, double value) {
        return new BatchPlan.PlanStage(
                kind, "", lines, pours, kind.usualLook(), kind.usualLid(), end, value, 10, 8, 12, 6.5, null);
    }

    /** Stewed, milled, sweetened and reduced, thickened, enriched. */
    private static BatchPlan staged() {
        return new BatchPlan(
                List.of(
                        DAMSONS,
                        WATER,
                        SUGAR,
                        Foods.line("12 g cornflour", "cornflour", 12, 0.01),
                        Foods.line("18 g water", "water", 18, 0.01),
                        Foods.line("20 g butter", "butter", 20, 0.01)),
                Texture.CHUNKY,
                0,
                POT,
                null,
                1100.0,
                null,
                Look.LIVELY,
                LidState.OPEN,
                0,
                4.5,
                60,
                null,
                List.of(
                        stage(StageKind.SIMMER, List.of(0, 1), List.of(), EndKind.MINUTES, 15),
                        stage(StageKind.MILL, List.of(), List.of(), EndKind.WORD, 5),
                        stage(StageKind.REDUCE, List.of(2), List.of(), EndKind.FRACTION, 0.7),
                        stage(StageKind.SLURRY, List.of(), List.of(3, 4), EndKind.MINUTES, 2),
                        stage(StageKind.ENRICH, List.of(5), List.of(), EndKind.WORD, 2)),
                null,
                null,
                null);
    }

    @Test
    void aStagedBatchSaysWhatToDoFromStageToStage() {
        id = batches.start(kitchen, "Damson", Origin.NONE, staged(), clock.instant());
        clock.forward(Duration.ofSeconds(10));
        assertThat(Words.say(prompt().doNow())).isEqualTo("Put in 1 kg damsons and 300 g water");
        record("t1", clock.instant(), new EventBody.Ticked(List.of(0, 1)));
        assertThat(prompt().action()).as("getting hot").isEqualTo("looks");
        clock.forward(Duration.ofMinutes(6));
        record("h1", clock.instant(), new EventBody.HeatSet(Look.GENTLE));
        clock.forward(Duration.ofMinutes(15));
        assertThat(Words.say(prompt().doNow())).isEqualTo("Now: Mill");
        record("n1", clock.instant(), new EventBody.StageDone(null));
        assertThat(batch().onHeat()).isFalse();
        assertThat(Words.say(prompt().doNow())).isEqualTo("Mill");
        clock.forward(Duration.ofMinutes(5));
        record("n2", clock.instant(), new EventBody.StageDone(null));
        assertThat(batch().heat().look()).as("the stage's own look").isEqualTo(Look.LIVELY);
        assertThat(batch().unticked(2)).containsExactly("260 g sugar");
        record("n3", clock.instant(), new EventBody.StageDone(null));
        clock.forward(Duration.ofMinutes(2));
        record("h2", clock.instant(), new EventBody.HeatSet(Look.GENTLE));
        Prompt pour = prompt();
        assertThat(pour.action()).isEqualTo("slurry");
        assertThat(pour.doNow()).isInstanceOf(PromptFinding.Pour.class);
        record("s1", clock.instant(), new EventBody.Slurry(StarchKind.MAIZE, 6, 9));
        assertThat(prompt().doNow()).isEqualTo(new PromptFinding.WhiskAndWait());
        clock.forward(Duration.ofMinutes(2));
        assertThat(prompt().doNow()).isEqualTo(new PromptFinding.LookAtSpoon());
        record("n4", clock.instant(), new EventBody.StageDone(null));
        record("t5", clock.instant(), new EventBody.Ticked(List.of(5)));
        record("n5", clock.instant(), new EventBody.StageDone(null));
        assertThat(prompt().action()).isEqualTo("off");
        assertThatThrownBy(() -> record("n6", clock.instant(), new EventBody.StageDone(null)))
                .satisfies(Refused.saying("All stages"));
        record("u", clock.instant(), new EventBody.Undo("n5"));
        assertThat(batch().stage()).as("taken back").isEqualTo(4);
    }

    @Test
    void twoDevicesThatEndOneStageEndItOnce() {
        id = batches.start(kitchen, "Damson", Origin.NONE, staged(), clock.instant());
        clock.forward(Duration.ofMinutes(15));
        record("phone", clock.instant(), new EventBody.StageDone(0));
        assertThatThrownBy(() -> record("tablet", clock.instant(), new EventBody.StageDone(0)))
                .satisfies(Refused.saying("“Simmer” is over already: it is at “Mill”"));
        assertThat(batch().stage()).isEqualTo(1);
        assertThatThrownBy(() -> record("ahead", clock.instant(), new EventBody.StageDone(2)))
                .satisfies(Refused.saying("It is at “Mill”"));
        record("u", clock.instant(), new EventBody.Undo("phone"));
        record("again", clock.instant(), new EventBody.StageDone(0));
        assertThat(batch().stage()).isEqualTo(1);
    }

    @Test
    void aLineLeftOutIsNotInThePotUntilItIsTicked() {
        id = batches.start(kitchen, "Damson", Origin.NONE, staged(), clock.instant());
        Instant start = clock.instant();
        clock.forward(Duration.ofMinutes(3));
        double all = massNow();
        record("o", start.plusSeconds(60), new EventBody.LeftOut(List.of(1)));
        assertThat(massNow()).as("300 g of water fewer").isCloseTo(all - 300, within(25.0));
        record("t", start.plusSeconds(120), new EventBody.Ticked(List.of(1)));
        assertThat(massNow()).isCloseTo(all, within(25.0));
        assertThat(batch().ticks().in()).containsExactly(1);
        assertThatThrownBy(() -> record("far", clock.instant(), new EventBody.Ticked(List.of(9))))
                .satisfies(Refused.saying("lines"));
    }

    private double massNow() {
        return batches.forecast(batch(), clock.instant()).massG().middle();
    }

    @Test
    void threeHundredEventsAreKeptAndForecastFrom() {
        Instant start = clock.instant();
        for (int i = 0; i < 300; i++) {
            clock.forward(Duration.ofSeconds(6));
            EventBody body = i % 3 == 0
                    ? new EventBody.Read(ReadingKind.WEIGHT, 2960 - i)
                    : i % 3 == 1
                            ? new EventBody.HeatSet(i % 2 == 0 ? Look.GENTLE : Look.LIVELY)
                            : new EventBody.Stirred();
            record("e" + i, start.plusSeconds(6L * (i + 1)), body);
        }
        assertThat(batch().events()).hasSize(300);
        Forecast forecast = batches.forecast(batch(), clock.instant());
        assertThat(forecast.massG().middle() + EMPTY_G).isCloseTo(2663, within(20.0));
    }

    @Test
    void anOlderBatchWithoutStagesIsStillRead() {
        assertThat(batch().plan().course()).hasSize(1);
        assertThat(batch().plan().hotAtStart()).isTrue();
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
        record("late-1", start.plusSeconds(600), new EventBody.Read(ReadingKind.WEIGHT, 2800));
        record("early-1", start.plusSeconds(120), new EventBody.LidSet(LidState.AJAR));
        record("early-2", start.plusSeconds(300), new EventBody.LidSet(LidState.OPEN));
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
                sent.add(hands.submit(() -> record("same", at, new EventBody.Read(ReadingKind.WEIGHT, 2900))));
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
                .satisfies(Refused.saying("future"));
        assertThat(batch().events()).hasSize(1);
    }

    @Test
    void aFinishedBatchStandsStillAndTakesNotesOnly() {
        clock.forward(Duration.ofMinutes(20));
        record("off", clock.instant(), new EventBody.Finished(1010.0, null));
        Forecast atTheEnd = batches.forecast(batch(), clock.instant());
        clock.forward(Duration.ofHours(20));
        assertThat(batches.forecast(batch(), clock.instant())).isEqualTo(atTheEnd);
        assertThatThrownBy(() -> record("w", clock.instant(), new EventBody.Read(ReadingKind.WEIGHT, 2500)))
                .satisfies(Refused.saying("finished"));
        assertThatThrownBy(() -> record("off2", clock.instant(), new EventBody.Finished(900.0, null)))
                .satisfies(Refused.saying("finished"));
        record("next", clock.instant(), new EventBody.NextDay(6.5, null, null, "good"));
        assertThat(batch().nextDay().orElseThrow().step()).isEqualTo(6.5);
        assertThat(batch().finish().orElseThrow().yieldMl()).isEqualTo(1010);
    }

    @Test
    void anUndoneReadingCountsForNothingAndStaysInTheLog() {
        Instant start = clock.instant();
        clock.forward(Duration.ofMinutes(10));
        double before = batches.forecast(batch(), clock.instant()).massG().middle();
        record("w", start.plusSeconds(590), new EventBody.Read(ReadingKind.WEIGHT, 2950));
        assertThat(batches.forecast(batch(), clock.instant()).massG().middle()).isCloseTo(1550, within(15.0));
        record("u", clock.instant(), new EventBody.Undo("w"));
        assertThat(batches.forecast(batch(), clock.instant()).massG().middle()).isEqualTo(before);
        assertThat(batch().events()).hasSize(2);
        assertThat(batch().standing()).isEmpty();
        assertThatThrownBy(() -> record("u2", clock.instant(), new EventBody.Undo("w")))
                .satisfies(Refused.saying("undoneKey"));
    }

    @Test
    void thePromptFollowsThePot() {
        Instant start = clock.instant();
        clock.forward(Duration.ofMinutes(12));
        assertThat(prompt().action()).isIn("weight", "level", "spoon", "ring", "drip");
        record("w1", start.plusSeconds(300), new EventBody.Read(ReadingKind.WEIGHT, 2900));
        record("wild", start.plusSeconds(710), new EventBody.Read(ReadingKind.WEIGHT, 5400));
        record("w2", start.plusSeconds(700), new EventBody.Read(ReadingKind.WEIGHT, 2840));
        assertThat(prompt().doNow()).isEqualTo(new PromptFinding.ReadAgain());
        record("u", clock.instant(), new EventBody.Undo("wild"));
        clock.forward(Duration.ofMinutes(100));
        assertThat(prompt().doNow()).isEqualTo(new PromptFinding.TakeOff());
        assertThat(prompt().urgent()).isTrue();
        clock.forward(Duration.ofHours(4));
        assertThat(prompt().doNow()).isEqualTo(new PromptFinding.StillOn());
    }

    private Prompt prompt() {
        Batch batch = batch();
        return batches.prompt(batch, batches.forecast(batch, clock.instant()), clock.instant());
    }

    @Test
    void aStartInThePastIsTakenUpToADayAgo() {
        Instant now = clock.instant();
        assertThat(batches.start(kitchen, "Taken up", Origin.NONE, plan(), now.minus(Duration.ofHours(3))))
                .isPositive();
        assertThatThrownBy(() -> batches.start(kitchen, "Old", Origin.NONE, plan(), now.minus(Duration.ofHours(30))))
                .satisfies(Refused.saying("startedAt"));
    }
}
