package app.gradior.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.clock.CoatTasks;
import app.gradior.clock.Task;
import app.gradior.clock.TaskName;
import app.gradior.estimate.Estimator;
import app.gradior.estimate.Prompt;
import app.gradior.estimate.PromptFinding;
import app.gradior.glaze.Brushed;
import app.gradior.glaze.Brushing;
import app.gradior.glaze.Coats;
import app.gradior.glaze.Fire;
import app.gradior.mixture.Mixture;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** A sauce that is brushed on food: its coats on the clock, as timers of a batch, and what they take. */
class CoatsTest {
    private static final Mixture GLAZE =
            Sauces.of("honey", 120).plus(Sauces.of("soy-sauce", 60)).plus(Sauces.of("water", 30));
    private static final List<OnFood.Coat> THREE =
            List.of(new OnFood.Coat(30, 20), new OnFood.Coat(24, 12), new OnFood.Coat(24, 7));

    private final List<BatchEvent> events = new ArrayList<>();

    private Batch batch(@Nullable Instant doneAt) {
        OnFood food = new OnFood(Brushed.WINGS, Fire.OVEN, THREE, 50, 8, 25, doneAt);
        BatchPlan p = Logs.plan();
        BatchPlan plan = new BatchPlan(
                p.lines(),
                p.texture(),
                p.evaporatedG(),
                p.pot(),
                p.burner(),
                p.netPowerW(),
                p.pairFactor(),
                p.look(),
                p.lid(),
                p.altitudeM(),
                p.targetStep(),
                p.servedC(),
                p.planned(),
                p.stages(),
                p.learnt(),
                p.then(),
                food);
        return new Batch(1, Origin.NONE, "Glaze", plan, Batch.State.LIVE, Logs.START, null, events);
    }

    private CoatsTest at(int minute, EventBody body) {
        events.add(new BatchEvent(
                events.size() + 1, "m" + minute, Logs.minute(minute), Logs.minute(minute), body, List.of()));
        return this;
    }

    private Prompt prompt(Batch batch, int minute) {
        return new BatchAdvice(batch, Estimator.forecast(new BatchTelling(batch).story(), minute), Logs.minute(minute))
                .prompt();
    }

    @Test
    void eachCoatIsDueAsLongBeforeTheFoodIsDoneAsPlanned() {
        Batch batch = batch(Logs.minute(60));
        assertThat(NextCoat.of(batch).orElseThrow().at()).contains(Logs.minute(40));
        at(41, new EventBody.Coated(30.0));
        assertThat(NextCoat.of(batch(Logs.minute(60))).orElseThrow().at())
                .as("a coat that was late by a minute has its eight minutes all the same")
                .contains(Logs.minute(49));
        assertThat(Coming.of(
                        batch(Logs.minute(60)),
                        Estimator.forecast(new BatchTelling(batch(Logs.minute(60))).story(), 42)))
                .as("a device rings for it too")
                .contains(new Coming(Logs.minute(49), new Coming.CoatDue(2, 3)));
        events.clear();
        at(30, new EventBody.Coated(30.0));
        assertThat(NextCoat.of(batch(Logs.minute(60))).orElseThrow().at())
                .as("not before its own time")
                .contains(Logs.minute(48));
    }

    @Test
    void withNoTimeSaidTheFirstCoatStartsTheClock() {
        assertThat(NextCoat.of(batch(null)).orElseThrow().at()).isEmpty();
        at(50, new EventBody.Coated(null));
        NextCoat second = NextCoat.of(batch(null)).orElseThrow();
        assertThat(second.at()).contains(Logs.minute(58));
        assertThat(second.number()).isEqualTo(2);
        at(58, new EventBody.Coated(null)).at(63, new EventBody.Coated(null));
        assertThat(NextCoat.of(batch(null))).isEmpty();
        at(64, new EventBody.Undo("m63"));
        assertThat(NextCoat.of(batch(null)).orElseThrow().number()).isEqualTo(3);
    }

    @Test
    void whatIsDueIsToldBeforeAllElseAndRings() {
        Prompt before = prompt(batch(Logs.minute(60)), 39);
        assertThat(before.doNow()).isNotInstanceOf(PromptFinding.Coat.class);
        Prompt due = prompt(batch(Logs.minute(60)), 40);
        assertThat(due.doNow()).isEqualTo(new PromptFinding.Coat(1, 3, 30));
        assertThat(due.why()).isEqualTo(new PromptFinding.SetAsideFirst(50));
        assertThat(due.urgent()).isTrue();
        at(40, new EventBody.Coated(30.0));
        Prompt second = prompt(batch(Logs.minute(60)), 48);
        assertThat(second.doNow()).isEqualTo(new PromptFinding.Coat(2, 3, 24));
        assertThat(second.why()).isEqualTo(new PromptFinding.Sticks(8, 25));
    }

    @Test
    void aPotWhoseStagesAreOverWaitsForItsCoats() {
        for (int i = 0; i < batch(null).plan().course().size(); i++) {
            at(10 + i, new EventBody.StageDone(null));
        }
        assertThat(prompt(batch(null), 30).doNow()).isEqualTo(new PromptFinding.FirstCoat(20));
        assertThat(prompt(batch(Logs.minute(60)), 30).doNow()).isEqualTo(new PromptFinding.CoatIn(1, 3, 10));
        assertThat(prompt(batch(null), 30).urgent()).isFalse();
        at(31, new EventBody.Coated(null)).at(40, new EventBody.Coated(null)).at(45, new EventBody.Coated(null));
        assertThat(prompt(batch(null), 46).doNow()).isEqualTo(new PromptFinding.Done());
    }

    @Test
    void aCoatTakesItsGramsFromThePot() {
        double before = Estimator.forecast(new BatchTelling(batch(null)).story(), 5)
                .massG()
                .middle();
        at(5, new EventBody.Coated(200.0));
        double after = Estimator.forecast(new BatchTelling(batch(null)).story(), 5)
                .massG()
                .middle();
        assertThat(before - after).isCloseTo(200, within(5.0));
    }

    @Test
    void onTheClockTheCoatsEndWhenTheFoodIsDoneAndNothingWaitsBetweenThem() {
        List<Task> tasks = CoatTasks.of(List.of(20.0, 12.0, 1.0), true);
        assertThat(tasks.stream().mapToDouble(Task::minutes).sum()).isCloseTo(21, within(1e-9));
        assertThat(tasks.get(0).name()).isEqualTo(new TaskName.SetAside());
        assertThat(tasks)
                .filteredOn(t -> t.name() instanceof TaskName.Coat)
                .hasSize(3)
                .allMatch(Task::handsOn);
        assertThat(tasks.subList(1, tasks.size() - 1)).noneMatch(Task::mayWaitAfter);
        assertThat(tasks).noneMatch(Task::onHeat);
        assertThat(CoatTasks.of(List.of(5.0), false).get(0).name()).isEqualTo(new TaskName.Coat(1, 1));
    }

    @Test
    void whatIsNeededIsTheCoatsAndWhatIsKeptForTheTable() {
        Brushing brushing = new Brushing(Brushed.WINGS, 1200, 2, Fire.OVEN, 80);
        Coats coats = brushing.of(GLAZE, 1);
        double gPerMl = GLAZE.massG() / GLAZE.volumeMl20c();
        assertThat(brushing.needMl(GLAZE, 1)).isCloseTo(80 + coats.brushedG() / gPerMl, within(1e-6));
        assertThat(coats.coatsG().get(1)).isCloseTo(0.8 * coats.coatG(), within(1e-9));
        Brushing twice = new Brushing(Brushed.WINGS, 2400, 2, Fire.OVEN, 160);
        assertThat(twice.needMl(GLAZE, 1)).isCloseTo(2 * brushing.needMl(GLAZE, 1), within(1e-6));
        assertThat(Brushing.usual(Brushed.RIBS).foodG()).isEqualTo(4 * Brushed.RIBS.portionG());
    }
}
