package app.gradior.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.care.Caution;
import app.gradior.estimate.Estimator;
import app.gradior.estimate.Forecast;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Texture;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Bones that simmer, are lifted out, and bacon that comes back: followed live, undone, left out. */
class PiecesInBatchTest {
    private final List<BatchEvent> events = new ArrayList<>();

    private static BatchPlan.PlanStage stage(StageKind kind, List<Integer> lines, @Nullable StageWork work) {
        return new BatchPlan.PlanStage(
                kind, "", lines, List.of(), kind.usualLook(), kind.usualLid(), EndKind.WORD, 10, 10, 8, 12, null, work);
    }

    private static BatchPlan plan() {
        return new BatchPlan(
                List.of(
                        Logs.line("bacon", 150),
                        Logs.line("water", 1500),
                        Logs.line("stock-bones", 600),
                        Logs.line("onion", 150)),
                Texture.CHUNKY,
                0,
                BatchPlan.PlanPot.of("Rondeau", new PotShape(240, 232, 160), 1950, PotMaterial.ENAMEL),
                null,
                null,
                null,
                Look.GENTLE,
                LidState.OPEN,
                0,
                3,
                60,
                null,
                List.of(
                        stage(StageKind.RENDER, List.of(0), new StageWork(List.of(), null, 10.0, null)),
                        stage(StageKind.TAKE_OUT, List.of(), StageWork.of(List.of(0))),
                        stage(StageKind.SIMMER, List.of(1, 2, 3), null),
                        stage(StageKind.TAKE_OUT, List.of(), StageWork.of(List.of(2))),
                        stage(StageKind.REST, List.of(), null),
                        stage(StageKind.PUT_BACK, List.of(), StageWork.of(List.of(0))),
                        stage(StageKind.BLEND, List.of(), null)),
                null,
                null,
                null);
    }

    private static BatchPlan meatballs() {
        List<BatchPlan.PlanStage> stages = List.of(
                stage(StageKind.SIMMER, List.of(0), null),
                stage(StageKind.COOK_IN, List.of(1, 2), null),
                stage(StageKind.OVEN, List.of(), StageWork.inOven(150)));
        return new BatchPlan(
                List.of(Logs.line("tomato-canned", 1000), Logs.line("minced-beef", 500), Logs.line("water", 100)),
                Texture.CHUNKY,
                0,
                plan().pot(),
                null,
                null,
                null,
                Look.GENTLE,
                LidState.OPEN,
                0,
                5,
                60,
                null,
                stages,
                null,
                null,
                null);
    }

    private Batch batch(BatchPlan plan) {
        return new Batch(1, Origin.NONE, "Meatballs", plan, Batch.State.LIVE, Logs.START, null, events);
    }

    private Forecast forecast(BatchPlan plan, double minute) {
        return Estimator.forecast(new BatchTelling(batch(plan)).story(), minute);
    }

    @Test
    void meatballsAreNoSauceButTheScaleHasThem() {
        double before = forecast(meatballs(), 10).massG().middle();
        done(10);
        Forecast with = forecast(meatballs(), 11);
        assertThat(with.massG().middle() - before)
                .as("the water, and hardly more")
                .isBetween(70.0, 130.0);
        assertThat(new BatchTelling(batch(meatballs())).cautions(with))
                .contains(new Caution.Through(
                        List.of(Logs.line("minced-beef", 500).food()), 71));
        at(
                12,
                new EventBody.Read(
                        ReadingKind.WEIGHT,
                        with.massG().middle() + 500 + meatballs().pot().emptyG()));
        assertThat(forecast(meatballs(), 12.1).lastReadingIsWild()).isFalse();
    }

    @Test
    void meatballsLeftOutAndPutInLateCookFromThenOn() {
        at(9, new EventBody.LeftOut(List.of(1))).done(10);
        double without = forecast(meatballs(), 30).massG().middle();
        at(30, new EventBody.Ticked(List.of(1)));
        Forecast late = forecast(meatballs(), 30.2);
        assertThat(late.massG().middle()).isCloseTo(without, within(15.0));
        assertThat(late.likely().tempC()).as("chilled").isLessThan(90);
        assertThat(forecast(meatballs(), 50).massG().middle()
                        - forecast(meatballs(), 33).massG().middle())
                .as("what they give outweighs what boils off")
                .isGreaterThan(-40);
    }

    @Test
    void inTheOvenItSettlesBelowItsBoil() {
        done(10).done(30);
        Forecast inOven = forecast(meatballs(), 75);
        assertThat(inOven.likely().tempC()).isBetween(75.0, 93.0);
        assertThat(inOven.likely().lossGPerMin()).isBetween(1.0, 7.0);
        assertThat(new BatchTelling(batch(meatballs())).cautions(inOven)).contains(new Caution.OvenPan());
    }

    private PiecesInBatchTest at(int minute, EventBody body) {
        events.add(new BatchEvent(
                events.size() + 1, "m" + minute, Logs.minute(minute), Logs.minute(minute), body, List.of()));
        return this;
    }

    private PiecesInBatchTest done(int minute) {
        return at(minute, new EventBody.StageDone(null));
    }

    private Batch batch() {
        return new Batch(1, Origin.NONE, "Stock", plan(), Batch.State.LIVE, Logs.START, null, events);
    }

    private double massG(double minute) {
        return forecast(minute).massG().middle();
    }

    private Forecast forecast(double minute) {
        return Estimator.forecast(new BatchTelling(batch()).story(), minute);
    }

    @Test
    void bonesLeaveWhenTheirStageIsDoneAndAreBackWhenThatIsTakenBack() {
        done(10).done(12).done(40);
        double before = massG(41);
        done(42);
        double after = massG(42.5);
        assertThat(before - after).as("600 g of bones, drained").isBetween(320.0, 620.0);
        at(43, new EventBody.Undo("m42"));
        assertThat(massG(43.5)).isCloseTo(before, within(25.0));
    }

    @Test
    void bonesThatWereLeftOutTakeNothingWithThem() {
        at(9, new EventBody.LeftOut(List.of(2))).done(10).done(12).done(40);
        double before = massG(41);
        done(42);
        assertThat(before - massG(42.5)).isBetween(0.0, 25.0);
    }

    @Test
    void crispBaconComesBack() {
        done(10).done(12).done(40).done(42);
        double before = massG(42.5);
        done(43);
        assertThat(massG(43.2) - before).as("what 150 g of bacon come to").isBetween(45.0, 110.0);
        double blended = massG(43.2);
        done(44);
        assertThat(massG(44.2)).isCloseTo(blended, within(40.0));
    }

    @Test
    void aBladeIsWarnedOfBonesThatAreInItAndOfNoneThatAreOut() {
        done(10).done(12).done(40);
        assertThat(new BatchTelling(batch()).wholePieces()).containsInstanceOf(Caution.TakeOut.class);
        done(42).done(43).done(44);
        assertThat(new BatchTelling(batch()).wholePieces()).isEmpty();
        assertThat(new BatchTelling(batch()).cautions(forecast(44.5)))
                .noneMatch(Caution.TakeOut.class::isInstance)
                .anyMatch(Caution.Blender.class::isInstance);
    }

    @Test
    void fatThatIsPouredOffIsWarnedOf() {
        assertThat(new BatchTelling(batch()).cautions(forecast(1))).anyMatch(Caution.HotFat.class::isInstance);
    }
}
