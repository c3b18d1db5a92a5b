package app.gradior.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.care.Storage;
import app.gradior.clock.CoolingIn;
import app.gradior.finding.Refusal;
import app.gradior.finding.Refused;
import app.gradior.heat.Look;
import app.gradior.reading.ReadingKind;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a batch takes, by the state it is in and by what is in its log. */
class AdmissionTest {
    private static final Instant NOW = Logs.minute(100);
    private final Logs log = new Logs();

    private void takes(EventBody body) {
        assertThatCode(() -> Admission.check(log.batch(), NOW, body, NOW)).doesNotThrowAnyException();
    }

    private void refuses(EventBody body, String field) {
        assertThatThrownBy(() -> Admission.check(log.batch(), NOW, body, NOW))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        refusal -> assertThat(refusal.faults().get(0).field()).isEqualTo(field));
    }

    private static final EventBody NOTE = new EventBody.Note("so");
    private static final EventBody COOLING = new EventBody.Cooling(Storage.FRIDGE, CoolingIn.SHALLOW, null);
    private static final EventBody RATED = new EventBody.Rated(3, null, null, null, null);
    private static final EventBody NEXT_DAY = new EventBody.NextDay(4.0, null, null, null);
    private static final EventBody FINISHED = new EventBody.Finished(null, null);

    @Test
    void aLivePotTakesWhatHappensAndNotWhatComesAfter() {
        List.of(NOTE, FINISHED, new EventBody.HeatSet(Look.BARE), new EventBody.SetAside())
                .forEach(this::takes);
        List.of(COOLING, RATED, NEXT_DAY, new EventBody.TakenUp()).forEach(body -> refuses(body, "state"));
    }

    @Test
    void onePutAsideIsTakenUpFinishedOrNoted() {
        log.in(Batch.State.ASIDE);
        List.of(NOTE, FINISHED, new EventBody.TakenUp()).forEach(this::takes);
        List.of(new EventBody.HeatSet(Look.BARE), COOLING, new EventBody.SetAside())
                .forEach(body -> refuses(body, "state"));
    }

    @Test
    void aFinishedOneTakesJudgementsAndCorrections() {
        log.at(1, new EventBody.Corrected(null, 0, null, 900), Logs.line("vegetable-stock", 900))
                .at(2, new EventBody.Stirred())
                .in(Batch.State.FINISHED);
        List.of(NOTE, COOLING, RATED, NEXT_DAY, new EventBody.Corrected(null, 0, null, 800), new EventBody.Undo("m1"))
                .forEach(this::takes);
        List.of(FINISHED, new EventBody.Stirred(), new EventBody.Undo("m2")).forEach(body -> refuses(body, "state"));
    }

    @Test
    void momentsAreOfTheBatchAndNotOfTheFuture() {
        Batch batch = log.batch();
        assertThatCode(() -> Admission.check(batch, NOW.plus(Admission.CLOCK_SKEW), NOTE, NOW))
                .doesNotThrowAnyException();
        Instant ahead = NOW.plus(Admission.CLOCK_SKEW).plusMillis(1);
        assertThat(Refused.why(() -> Admission.check(batch, ahead, NOTE, NOW)))
                .isEqualTo(new AdmissionFinding.InTheFuture(ahead, NOW));
        assertThatCode(() -> Admission.check(batch, Logs.START, NOTE, NOW)).doesNotThrowAnyException();
        Instant before = Logs.START.minusMillis(1);
        assertThat(Refused.why(() -> Admission.check(batch, before, NOTE, NOW)))
                .isEqualTo(new AdmissionFinding.BeforeTheStart(before, Logs.START));
    }

    @Test
    void readingsFitThePot() {
        takes(new EventBody.Read(ReadingKind.WEIGHT, 1950));
        refuses(new EventBody.Read(ReadingKind.WEIGHT, 1949.9), "grossG");
        takes(new EventBody.Read(ReadingKind.LEVEL, 130));
        refuses(new EventBody.Read(ReadingKind.LEVEL, 130.1), "mm");
    }

    @Test
    void linesAreThoseOfThePlan() {
        takes(new EventBody.Ticked(List.of(0, 3)));
        refuses(new EventBody.Ticked(List.of(4)), "lines");
        refuses(new EventBody.LeftOut(List.of(1, 4)), "lines");
    }

    @Test
    void aStageEndsOnceAndInItsTurn() {
        log.at(5, new EventBody.StageDone(0));
        takes(new EventBody.StageDone(null));
        takes(new EventBody.StageDone(1));
        refuses(new EventBody.StageDone(0), "stage");
        refuses(new EventBody.StageDone(2), "stage");
        log.at(6, new EventBody.StageDone(1)).at(7, new EventBody.StageDone(2));
        refuses(new EventBody.StageDone(null), "type");
        refuses(new EventBody.StageDone(2), "stage");
    }

    @Test
    void onlyWhatStandsIsTakenBackAndNoMoveToAnotherState() {
        log.at(1, NOTE)
                .at(2, new EventBody.SetAside())
                .at(3, new EventBody.TakenUp())
                .at(4, NOTE)
                .undo(5, 4);
        takes(new EventBody.Undo("m1"));
        List.of("m2", "m3", "m4", "m5", "nothing").forEach(key -> refuses(new EventBody.Undo(key), "undoneKey"));
    }

    @Test
    void readingsAndOtherEntriesHaveLimitsOfTheirOwn() {
        for (int i = 0; i < Admission.MOST_READINGS; i++) {
            log.at(i % 90, new EventBody.Read(ReadingKind.TEMPERATURE, 90));
        }
        refuses(new EventBody.Read(ReadingKind.TEMPERATURE, 90), "events");
        takes(NOTE);
        for (int i = 0; i < Admission.MOST_OTHER_EVENTS; i++) {
            log.at(i % 90, new EventBody.Stirred());
        }
        refuses(NOTE, "events");
        List.of(FINISHED, new EventBody.StageDone(null), new EventBody.SetAside())
                .forEach(this::takes);
    }
}
