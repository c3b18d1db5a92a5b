package app.gradior.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.care.Caution;
import app.gradior.estimate.BatchStory;
import app.gradior.estimate.BatchStory.Happening;
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
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Bones that simmer, are lifted out, and bacon that comes back: followed live, undone, left out. */
class PiecesInBatchTest {
    private final List<BatchEvent> events = new ArrayList<>();

    private static BatchPlan.PlanStage stage(StageKind kind, List<Integer> lines, @Nullable StageWork work) {
        return new BatchPlan.PlanStage(
                kind, "", lines, List.of(), kind.usualLook(), kind.usualLid(), EndKind.WORD, 10, 10, 8, 12, null, work);
    }

    private static BatchPlan plan(double step, List<Understood> lines, List<BatchPlan.PlanStage> stages) {
        return new BatchPlan(
                lines,
                Texture.CHUNKY,
                0,
                BatchPlan.PlanPot.of("Rondeau", new PotShape(240, 232, 160), 1950, PotMaterial.ENAMEL),
                null,
                null,
                null,
                Look.GENTLE,
                LidState.OPEN,
                0,
                step,
                60,
                null,
                stages,
                null,
                null,
                null);
    }

    private static BatchPlan plan() {
        return plan(
                3,
                List.of(
                        Logs.line("bacon", 150),
                        Logs.line("water", 1500),
                        Logs.line("stock-bones", 600),
                        Logs.line("onion", 150)),
                List.of(
                        stage(StageKind.RENDER, List.of(0), new StageWork(List.of(), null, 10.0, null)),
                        stage(StageKind.TAKE_OUT, List.of(), StageWork.of(List.of(0))),
                        stage(StageKind.SIMMER, List.of(1, 2, 3), null),
                        stage(StageKind.TAKE_OUT, List.of(), StageWork.of(List.of(2))),
                        stage(StageKind.REST, List.of(), null),
                        stage(StageKind.PUT_BACK, List.of(), StageWork.of(List.of(0))),
                        stage(StageKind.BLEND, List.of(), null)));
    }

    private static BatchPlan meatballs() {
        return plan(
                5,
                List.of(Logs.line("tomato-canned", 1000), Logs.line("minced-beef", 500), Logs.line("water", 100)),
                List.of(
                        stage(StageKind.SIMMER, List.of(0), null),
                        stage(StageKind.COOK_IN, List.of(1, 2), null),
                        stage(StageKind.OVEN, List.of(), StageWork.inOven(150))));
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
    void moreOfThemPutInByHandCookToo() {
        done(10);
        double without = forecast(meatballs(), 40).massG().middle();
        added(12, "minced-beef", 300);
        added(13, "minced-beef", 200);
        added(14, "water", 50);
        added(15, "chicken", 100);
        assertThat(new BatchTelling(batch(meatballs())).cautions(forecast(meatballs(), 16)))
                .as("each has its own safe temperature")
                .contains(new Caution.Through(List.of(Logs.line("chicken", 100).food()), 74));
        at(16, new EventBody.Undo("m15"));
        assertThat(forecast(meatballs(), 40).massG().middle() - without)
                .as("50 g of water and what 500 g of mince give")
                .isBetween(80.0, 250.0);
        Set<Integer> keys = new TreeSet<>();
        for (Happening one : new BatchTelling(batch(meatballs())).story().happenings()) {
            if (one.what() instanceof BatchStory.Added added) {
                for (int key : added.foods().keySet()) {
                    assertThat(keys.add(key)).as("each a thing of its own").isTrue();
                }
            }
        }
        assertThat(keys).containsExactly(-2, -1);
    }

    @Test
    void inTheOvenItSettlesBelowItsBoil() {
        done(10).done(30);
        Forecast inOven = forecast(meatballs(), 75);
        assertThat(inOven.likely().tempC()).isBetween(75.0, 93.0);
        assertThat(inOven.likely().lossGPerMin()).isBetween(1.0, 7.0);
        assertThat(new BatchTelling(batch(meatballs())).cautions(inOven)).contains(new Caution.OvenPan());
    }

    private PiecesInBatchTest at(int minute, EventBody body, Understood... in) {
        events.add(new BatchEvent(
                events.size() + 1, "m" + minute, Logs.minute(minute), Logs.minute(minute), body, List.of(in)));
        return this;
    }

    private void added(int minute, String food, double massG) {
        at(
                minute,
                new EventBody.Added(List.of(new IngredientInput(massG + " g " + food, null, null))),
                Logs.line(food, massG));
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
