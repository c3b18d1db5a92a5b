package app.gradior.batch;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Sauces;
import app.gradior.care.Storage;
import app.gradior.clock.CoolingIn;
import app.gradior.estimate.BatchStory;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.reading.ReadingKind;
import app.gradior.simmer.Heat;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a log comes to. */
class BatchStateTest {
    private final Logs log = new Logs();

    private static EventBody next() {
        return new EventBody.StageDone(null);
    }

    private static EventBody slurry(double starchG) {
        return new EventBody.Slurry(StarchKind.MAIZE, starchG, 2 * starchG);
    }

    private static Understood[] portion(double starchG) {
        return new Understood[] {Logs.line("cornflour", starchG), Logs.line("water", 2 * starchG)};
    }

    @Test
    void anEmptyLogIsThePlan() {
        BatchState state = log.folded();
        assertThat(state.stage()).isZero();
        assertThat(state.heat()).isEqualTo(new Heat(Look.LIVELY, LidState.OPEN));
        assertThat(state.onHeat()).isTrue();
        assertThat(state.stageBegan()).isEqualTo(Logs.START);
        assertThat(state.stirred()).isEqualTo(Logs.START);
        assertThat(state.lines()).isEqualTo(Logs.plan().lines());
        assertThat(state.lastReading()).isEmpty();
        assertThat(state.poured()).isEqualTo(new BatchState.Poured(0, java.util.Optional.empty(), false));
    }

    @Test
    void stagesSetTheHeatAndCooksChangeIt() {
        log.at(1, new EventBody.HeatSet(Look.ROLLING)).at(2, new EventBody.LidSet(LidState.CLOSED));
        assertThat(log.folded().heat()).isEqualTo(new Heat(Look.ROLLING, LidState.CLOSED));
        log.at(10, next());
        assertThat(log.folded().heat()).as("as the stage is planned").isEqualTo(new Heat(Look.GENTLE, LidState.AJAR));
        assertThat(log.folded().stageBegan()).isEqualTo(Logs.minute(10));
        assertThat(log.folded().onHeat()).isTrue();
        log.at(12, new EventBody.OffHeat());
        assertThat(log.folded().onHeat()).isFalse();
        log.at(13, new EventBody.BackOn());
        assertThat(log.folded().onHeat()).isTrue();
        log.at(20, next());
        assertThat(log.folded().onHeat()).as("it rests").isFalse();
        log.at(30, next()).at(31, next());
        assertThat(log.folded().stage()).as("never past the last").isEqualTo(3);
        assertThat(log.folded().stageEnds()).containsExactly(Logs.minute(10), Logs.minute(20), Logs.minute(30));
        assertThat(log.folded().heat()).as("the last stage's").isEqualTo(new Heat(Look.STEAMING, LidState.OPEN));
    }

    @Test
    void whatIsTakenBackDoesNotStand() {
        log.at(5, next()).at(6, new EventBody.HeatSet(Look.BARE)).undo(7, 5).undo(8, 6);
        assertThat(log.folded().stage()).isZero();
        assertThat(log.folded().heat().look()).isEqualTo(Look.LIVELY);
        assertThat(log.folded().standing()).isEmpty();
        assertThat(log.batch().events()).hasSize(4);
    }

    @Test
    void eventsKnowTheirStages() {
        log.at(1, new EventBody.Read(ReadingKind.WEIGHT, 2900)).at(10, next()).at(11, new EventBody.Stirred());
        assertThat(log.folded().standing()).extracting(BatchState.Placed::stage).containsExactly(0, 0, 1);
    }

    @Test
    void linesAreInOutOrNeither() {
        log.at(1, new EventBody.Ticked(List.of(0))).at(2, new EventBody.LeftOut(List.of(1)));
        assertThat(log.folded().ticks().in()).containsExactly(0);
        assertThat(log.folded().ticks().out()).containsExactly(1);
        assertThat(log.batch().unticked(0)).isEmpty();
        log.at(3, new EventBody.Ticked(List.of(1))).at(4, new EventBody.LeftOut(List.of(0)));
        assertThat(log.folded().ticks().in()).containsExactly(1);
        assertThat(log.folded().ticks().out()).containsExactly(0);
        log.undo(5, 4);
        assertThat(log.folded().ticks().in()).containsExactlyInAnyOrder(0, 1);
        assertThat(new Logs().batch().forgotten()).hasSize(2);
    }

    @Test
    void portionsCountFromTheBeginningOfTheStage() {
        log.at(1, new EventBody.Read(ReadingKind.SPOON, 3))
                .at(5, slurry(4), portion(4))
                .at(10, next());
        assertThat(log.folded().poured().starchG()).isZero();
        log.at(11, slurry(6), portion(6)).at(13, slurry(5), portion(5));
        assertThat(log.folded().poured())
                .isEqualTo(new BatchState.Poured(11, java.util.Optional.of(Logs.minute(13)), false));
        log.at(14, new EventBody.Read(ReadingKind.SPOON, 4));
        assertThat(log.folded().poured().seen()).isTrue();
        log.at(15, slurry(1), portion(1));
        assertThat(log.folded().poured().seen())
                .as("not since the last portion")
                .isFalse();
        log.at(16, new EventBody.Read(ReadingKind.RING, 50));
        assertThat(log.folded().poured().seen()).isTrue();
    }

    @Test
    void aCorrectionHoldsForWhatWasRecorded() {
        log.at(3, new EventBody.Added(List.of(new IngredientInput("20 g sugar", null, null))), Logs.line("sugar", 20))
                .at(4, new EventBody.Corrected(null, 1, null, 35), Logs.line("butter", 35))
                .at(5, new EventBody.Corrected("m3", 0, "honey", 25), Logs.line("honey", 25));
        assertThat(log.folded().lines().get(1).massG()).isEqualTo(35);
        assertThat(log.batch().plan().lines().get(1).massG()).isEqualTo(20);
        assertThat(log.folded().additions().get("m3"))
                .singleElement()
                .satisfies(in ->
                        assertThat(in.food()).isEqualTo(Sauces.food("honey").asUsed()));
        log.undo(6, 5).undo(7, 4);
        assertThat(log.folded().lines().get(1).massG()).isEqualTo(20);
        assertThat(log.folded().additions().get("m3").get(0).massG()).isEqualTo(20);
        log.at(8, new EventBody.Corrected(null, 2, null, 9));
        assertThat(log.folded().lines().get(2).massG())
                .as("one that nobody understood changes nothing")
                .isEqualTo(20);
    }

    @Test
    void readingsStirringAndWhatWasSaid() {
        log.at(2, new EventBody.Read(ReadingKind.WEIGHT, 2900))
                .at(3, new EventBody.Stirred())
                .at(4, new EventBody.Read(ReadingKind.TEMPERATURE, 99))
                .at(5, new EventBody.Note("darker than last time"))
                .at(80, new EventBody.Finished(700.0, "good"))
                .at(81, new EventBody.Cooling(Storage.FRIDGE, CoolingIn.SHALLOW, 80.0))
                .at(82, new EventBody.Cooling(Storage.FREEZER, CoolingIn.SHALLOW, null))
                .at(99, new EventBody.NextDay(5.0, null, null, "thick"));
        assertThat(log.folded().readings()).extracting(BatchEvent::clientKey).containsExactly("m2", "m4");
        assertThat(log.folded().lastReading()).contains(Logs.minute(4));
        assertThat(log.folded().stirred()).isEqualTo(Logs.minute(3));
        assertThat(log.batch().notes()).isEqualTo("darker than last time\ngood\nthick");
        assertThat(log.folded().coolings()).hasSize(2);
        assertThat(log.batch().cooling().orElseThrow().what()).isEqualTo(Storage.FREEZER);
        assertThat(log.batch().finish().orElseThrow().yieldMl()).isEqualTo(700.0);
        assertThat(log.batch().rating()).isEmpty();
        log.undo(100, 82);
        assertThat(log.batch().cooling().orElseThrow().what()).isEqualTo(Storage.FRIDGE);
    }

    /** The estimator hears of everything that changes the pot, and of nothing else. */
    @Test
    void theEstimatorIsToldWhatMatters() {
        log.at(1, new EventBody.LeftOut(List.of(1)))
                .at(2, new EventBody.Stirred())
                .at(3, new EventBody.Ticked(List.of(0)))
                .at(4, new EventBody.Ticked(List.of(1)))
                .at(5, slurry(4), portion(4))
                .at(6, new EventBody.Sieved(true, 30.0))
                .at(7, new EventBody.Taken(null, 50.0))
                .at(8, new EventBody.Read(ReadingKind.LEVEL, 60))
                .at(9, new EventBody.Note("so far"))
                .at(10, next())
                .at(11, slurry(4), portion(4));
        List<Happening> told = new BatchTelling(log.batch()).story().happenings();
        assertThat(told).extracting(Happening::minute).containsExactly(4.0, 5.0, 6.0, 7.0, 8.0, 10.0, 11.0);
        assertThat(told.get(0).what())
                .as("left out at first, put in after all")
                .isInstanceOfSatisfying(
                        BatchStory.Added.class,
                        in -> assertThat(in.mixture().massG()).isEqualTo(20));
        assertThat(told.get(1).what()).as("no stage that pours").isInstanceOf(BatchStory.Added.class);
        assertThat(told.get(6).what()).as("a portion of the slurry").isInstanceOf(BatchStory.Poured.class);
        assertThat(told.get(3).what()).isEqualTo(new BatchStory.Taken(0, 50));
        assertThat(told.get(4).what()).isEqualTo(new BatchStory.Reading(ReadingKind.LEVEL, 60));
    }

    @Test
    void whatWentInIsWithoutWhatWasLeftOut() {
        log.at(1, new EventBody.LeftOut(List.of(1, 2, 3)))
                .at(
                        3,
                        new EventBody.Added(List.of(new IngredientInput("20 g sugar", null, null))),
                        Logs.line("sugar", 20));
        assertThat(new BatchTelling(log.batch()).wentIn().lines())
                .extracting(line -> line.food().orElseThrow().id())
                .containsExactly("vegetable-stock", "sugar");
    }
}
