package app.gradior.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.care.Storage;
import app.gradior.clock.CoolingIn;
import app.gradior.estimate.Estimator;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prior;
import app.gradior.finding.Refusal;
import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Use;
import app.gradior.simmer.Heat;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class BatchTest {
    /** One event of each kind, a reading of each. */
    static final List<EventBody> EACH = List.of(
            new EventBody.Read(ReadingKind.WEIGHT, 2900),
            new EventBody.Read(ReadingKind.LEVEL, 60),
            new EventBody.Read(ReadingKind.VOLUME, 700),
            new EventBody.Read(ReadingKind.SPOON, 4),
            new EventBody.Read(ReadingKind.RING, 50),
            new EventBody.Read(ReadingKind.BRIX, 12),
            new EventBody.Read(ReadingKind.TEMPERATURE, 90),
            new EventBody.HeatSet(Look.BARE),
            new EventBody.LidSet(LidState.AJAR),
            new EventBody.Added(List.of(new IngredientInput("20 g sugar", null, null))),
            new EventBody.Slurry(StarchKind.MAIZE, 4, 8),
            new EventBody.Stirred(),
            new EventBody.Coated(24.0),
            new EventBody.Taken(20.0, null),
            new EventBody.Blended(),
            new EventBody.Sieved(false, null),
            new EventBody.OffHeat(),
            new EventBody.BackOn(),
            new EventBody.InHand(),
            new EventBody.Ticked(List.of(0)),
            new EventBody.LeftOut(List.of(1)),
            new EventBody.Corrected(null, 0, null, 900),
            new EventBody.StageDone(0),
            new EventBody.Note("so"),
            new EventBody.Undo("m1"),
            new EventBody.Finished(700.0, null),
            new EventBody.Rated(4, null, null, null, null),
            new EventBody.Cooling(Storage.FRIDGE, CoolingIn.SHALLOW, null),
            new EventBody.NextDay(5.0, null, null, null),
            new EventBody.SetAside(),
            new EventBody.TakenUp());

    @Test
    void everyKindHasANameOfItsOwn() {
        assertThat(EACH.stream().map(Object::getClass).distinct())
                .containsExactlyInAnyOrder(EventBody.class.getPermittedSubclasses());
        assertThat(EACH)
                .extracting(EventBody::type)
                .doesNotHaveDuplicates()
                .allMatch(type -> type.matches("[a-zA-Z]+"));
        assertThat(EACH.stream().filter(body -> !(body instanceof EventBody.Read)))
                .as("and is found by it")
                .allSatisfy(
                        body -> assertThat(EventBody.types().get(body.type())).isEqualTo(body.getClass()))
                .hasSameSizeAs(EventBody.types().keySet());
        assertThat(EACH.stream().mapToInt(EventBody::linesIn).filter(n -> n > 0))
                .containsExactly(1, 2, 1);
    }

    @Test
    void aTableAnswersByKindOnceAndKnowsWhatItForgot() {
        EventCases<String, String> table = EventCases.<String, String>otherwise((event, a) -> "other " + a)
                .on("stirred", EventBody.Stirred.class)
                .on(EventBody.Note.class, (note, a) -> note.text() + a);
        assertThat(table.of(new EventBody.Stirred(), "!")).isEqualTo("stirred");
        assertThat(table.of(new EventBody.Note("so"), "!")).isEqualTo("so!");
        assertThat(table.of(new EventBody.Blended(), "!")).isEqualTo("other !");
        assertThat(table.unnamed())
                .hasSize(EventBody.class.getPermittedSubclasses().length - 2)
                .doesNotContain(EventBody.Note.class);
        assertThatThrownBy(() -> table.on("again", EventBody.Note.class)).hasMessageContaining("two answers for Note");
        assertThatThrownBy(() -> EventCases.<String, String>each().of(new EventBody.Blended(), ""))
                .hasMessageContaining("blended");
    }

    @Test
    void minutesCountFromTheStart() {
        Batch batch = new Logs().batch();
        assertThat(batch.momentOf(90)).isEqualTo(Logs.START.plusSeconds(5400));
        assertThat(batch.minuteOf(Logs.minute(90))).isEqualTo(90);
        assertThat(batch.minuteOf(Logs.START.minusSeconds(60))).isZero();
    }

    @Test
    void whatWasKnownThenIsWhatWasRecordedByThen() {
        Batch batch = new Logs()
                .at(10, new EventBody.Read(ReadingKind.WEIGHT, 2900))
                .at(20, new EventBody.Read(ReadingKind.WEIGHT, 2800))
                .in(Batch.State.FINISHED)
                .batch();
        assertThat(batch.knownAt(Logs.minute(10)).events()).hasSize(1);
        assertThat(batch.knownAt(Instant.MIN).events()).isEmpty();
        assertThat(batch.knownAt(Logs.minute(10)).finishedAt()).isNull();
        assertThat(batch.cameOff()).isEqualTo(Logs.minute(90));
        assertThatThrownBy(() -> batch.knownAt(Logs.minute(10)).cameOff())
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.kind()).isEqualTo(Refusal.Kind.CONFLICT));
    }

    @Test
    void oneMoreEntryGoesWhereItHappened() {
        Batch batch = new Logs()
                .at(10, new EventBody.Note("a"))
                .at(20, new EventBody.Note("b"))
                .at(20, new EventBody.Note("c"))
                .batch();
        for (int minute : new int[] {5, 10, 15, 20, 25}) {
            List<BatchEvent> log = new ArrayList<>(batch.events());
            BatchEvent late = new BatchEvent(
                    99, "late", Logs.minute(minute), Logs.minute(60), new EventBody.Note("late"), List.of(), "");
            log.add(late);
            log.sort(Comparator.comparing(BatchEvent::at)); // leaves those of one moment in their order
            assertThat(batch.with(late).events()).as("minute %d", minute).isEqualTo(log);
            assertThat(batch.with(late).notes()).isEqualTo(batch.with(log).notes());
        }
    }

    @Test
    void theLineThatACorrectionIsOfHasToBeThere() {
        Batch batch = new Logs()
                .at(3, EACH.get(9), Logs.line("sugar", 20))
                .at(4, new EventBody.Corrected(null, 1, null, 35), Logs.line("butter", 35))
                .batch();
        assertThat(batch.recorded(new EventBody.Corrected(null, 1, null, 1)).massG())
                .as("as it stands")
                .isEqualTo(35);
        assertThat(batch.recorded(new EventBody.Corrected("m3", 0, null, 1)).massG())
                .isEqualTo(20);
        Stream.of(
                        new EventBody.Corrected(null, 4, null, 1),
                        new EventBody.Corrected("m3", 1, null, 1),
                        new EventBody.Corrected("m9", 0, null, 1))
                .forEach(corrected ->
                        assertThatThrownBy(() -> batch.recorded(corrected)).isInstanceOf(Refusal.class));
    }

    @Test
    void anEntryThatNobodyUnderstandsNamesItsWords() {
        Batch batch = new Logs().at(3, EACH.get(9)).batch();
        assertThat(Refused.why(() -> new BatchTelling(batch).story()))
                .isEqualTo(new AdmissionFinding.NotUnderstood("20 g sugar"));
    }

    @Test
    void forgottenLinesAreThoseOfTheStagesSoFar() {
        Logs log = new Logs();
        assertThat(log.batch().forgotten()).containsExactly("1000.0 g vegetable-stock", "20.0 g butter");
        log.at(1, new EventBody.Ticked(List.of(0)))
                .at(2, new EventBody.StageDone(null))
                .at(3, new EventBody.StageDone(null));
        log.at(4, new EventBody.StageDone(null));
        assertThat(log.batch().forgotten()).containsExactly("20.0 g butter");
    }

    @Test
    void whatIsHotHasOneStageWithEverythingIn() {
        BatchPlan hot = BatchPlan.hot(
                List.of(Logs.line("vegetable-stock", 800), Logs.line("water", 200)),
                app.gradior.sauce.Texture.SMOOTH,
                100,
                Logs.plan().pot(),
                new Heat(Look.GENTLE, LidState.AJAR),
                0,
                5,
                60);
        assertThat(hot.course()).singleElement().satisfies(stage -> {
            assertThat(stage.lines()).containsExactly(0, 1);
            assertThat(stage.heat()).isEqualTo(new Heat(Look.GENTLE, LidState.AJAR));
            assertThat(stage.onHeat()).isTrue();
        });
        assertThat(hot.hotAtStart()).isTrue();
        assertThat(hot.parts(java.util.Set.of()).get(0).stage().adds().massG())
                .as("without what is gone already")
                .isCloseTo(900, org.assertj.core.api.Assertions.within(0.01));
        BatchPlan on = hot.on("Front", 1500.0, 1.2, Prior.of(true));
        assertThat(on.burner()).isEqualTo("Front");
        assertThat(on.potOnHeat().pairFactor()).isEqualTo(1.2);
        assertThat(on.prior()).isEqualTo(Prior.of(true));
        assertThat(hot.prior()).isEqualTo(Prior.of(false));
        assertThat(on.heat()).isEqualTo(hot.heat());
    }

    @Test
    void originAndTimes() {
        assertThat(Origin.of(3, 2).in(7, 0)).isEqualTo(new Origin(3L, 2, 7L, null));
        assertThat(Origin.NONE.in(7, 9)).isEqualTo(new Origin(null, null, 7L, 9L));
        assertThat(Logs.line("sugar", 20).times(1.5).massG()).isEqualTo(30);
    }

    /** What it is known by stays with it, whichever log it has. */
    @Test
    void aBatchTellsWhatItIsAndWhatWasSaidOfIt() {
        EventBody.Rated rated = new EventBody.Rated(4, -2, 2, null, 0);
        EventBody.NextDay nextDay = new EventBody.NextDay(5.0, null, null, null);
        Batch log = new Logs()
                .at(5, new EventBody.Read(ReadingKind.WEIGHT, 2900))
                .at(10, new EventBody.StageDone(0))
                .at(90, rated)
                .at(91, nextDay)
                .batch();
        Batch batch = new Batch(
                        7,
                        new Origin(3L, 2, 5L, 6L),
                        "Gravy",
                        log.plan(),
                        Batch.State.FINISHED,
                        Logs.START,
                        Logs.minute(80),
                        List.of())
                .with(log.events());
        assertThat(batch.id()).isEqualTo(7);
        assertThat(batch.origin()).isEqualTo(new Origin(3L, 2, 5L, 6L));
        assertThat(batch.sauceId()).isEqualTo(3);
        assertThat(batch.sauceVersion()).isEqualTo(2);
        assertThat(batch.name()).isEqualTo("Gravy");
        assertThat(batch.finishedAt()).isEqualTo(Logs.minute(80));
        assertThat(batch.rating()).contains(rated);
        assertThat(batch.nextDay()).contains(nextDay);
        assertThat(batch.stageEnds()).containsExactly(Logs.minute(10));
        assertThat(batch.readings()).extracting(BatchEvent::clientKey).containsExactly("m5");
        BatchEvent added = new BatchEvent(1, "k", Logs.START, Logs.START, EACH.get(9));
        assertThat(added.isUnderstood()).isFalse();
        assertThat(added.with(List.of(Logs.line("sugar", 20))).isUnderstood()).isTrue();
        assertThat(batch.inHand()).as("nobody took it").isEmpty();
        assertThat(batch.with(List.of(took(1, "marta"), took(2, "jonas"))).inHand())
                .as("whoever took it last")
                .isEqualTo("jonas");
    }

    private static BatchEvent took(int minute, String by) {
        return new BatchEvent(
                minute, "t" + minute, Logs.minute(minute), Logs.minute(minute), new EventBody.InHand(), List.of(), by);
    }

    @Test
    void eachFieldOfAnEventHasItsBounds() {
        assertThat(new EventBody.Finished(700.0, "x".repeat(2000)).type()).isEqualTo("finished");
        assertThat(Refused.why(() -> new EventBody.Finished(700.0, "x".repeat(2001))))
                .isEqualTo(new Wrong.TooLong(2000));
        List<Integer> hundred = java.util.Collections.nCopies(100, 1);
        assertThat(new EventBody.Ticked(hundred).lines()).hasSize(100);
        assertThat(Refused.why(() -> new EventBody.LeftOut(java.util.Collections.nCopies(101, 1))))
                .isEqualTo(new Wrong.Count("lines", 101, 1, 100));
        assertThat(Refused.why(() -> new EventBody.Ticked(List.of()))).isEqualTo(new Wrong.Count("lines", 0, 1, 100));
        assertThat(Refused.why(() -> new EventBody.Rated(4, null, 3, null, null)))
                .isInstanceOf(Wrong.Range.class);
    }

    @Test
    void moreGuestsTakeTheirPortionsBesideWhatItGives() {
        Batch batch = new Logs().batch();
        Forecast forecast = Estimator.forecast(new BatchTelling(batch).story(), 1);
        MoreGuests more = MoreGuests.of(batch.plan(), forecast, 3, Use.POUR_OVER);
        assertThat(more.moreMl()).isEqualTo(3 * Use.POUR_OVER.portionMl());
        double willGiveMl = forecast.finish().orElseThrow().volumeMl20c().middle();
        assertThat(more.leastMl()).as("nothing was planned").isEqualTo(willGiveMl + more.moreMl());
        assertThat(more.step()).isEqualTo(batch.plan().targetStep());
    }
}
