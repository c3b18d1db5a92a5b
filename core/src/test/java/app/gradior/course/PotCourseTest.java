package app.gradior.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.vessel.PotShape;
import java.util.List;
import org.junit.jupiter.api.Test;

class PotCourseTest {
    private static final PotOnHeat POT = new PotOnHeat(new PotShape(240, 232, 130), 50, 1.1, 1100);
    private static final double SERVED_C = 20;
    private static final double LONG = 24 * 60;
    private static final Stage STEW = Stage.of(
            StageKind.SIMMER, Sauces.of("damson", 1000).plus(Sauces.of("water", 250)), new StageEnd.Minutes(18));

    /** Every kind of mode and end: fat, a deglazing, a stew, tools, a cold addition, a reduction, starch, cream, cooling. */
    private static final List<Stage> STAGES = List.of(
            Stage.of(StageKind.SWEAT, Sauces.of("onion", 200).plus(Sauces.of("butter", 30)), new StageEnd.Minutes(10)),
            Stage.of(StageKind.DEGLAZE, Sauces.of("wine-red", 300), new StageEnd.FractionOfAdded(0.5)),
            STEW,
            Stage.of(StageKind.MILL, new StageEnd.Minutes(6)),
            Stage.of(
                    StageKind.ADD,
                    Sauces.of("vinegar-cider", 150).plus(Sauces.of("sugar", 200)),
                    new StageEnd.Minutes(2)),
            Stage.of(StageKind.REDUCE, new StageEnd.StepServed(5)),
            Stage.of(
                    StageKind.SLURRY,
                    Sauces.of("cornflour", 12).plus(Sauces.of("water", 18)),
                    new StageEnd.Minutes(1.5)),
            Stage.of(StageKind.ENRICH, Sauces.of("cream-double", 60), new StageEnd.CooksWord(2)),
            Stage.of(StageKind.COOL, new StageEnd.CooledTo(60)));

    private static PotCourse course() {
        return new PotCourse(POT, 1, SERVED_C, PotCourse.Variation.NONE);
    }

    @Test
    void leftAloneItComesToWhatThePlanSays() {
        SauceRun.Cooked plan = SauceRun.cook(STAGES, POT, 1, SERVED_C);
        assertThat(plan.stuck()).isEmpty();
        PotCourse course = course();
        for (int i = 0; i < STAGES.size(); i++) {
            course.begin(STAGES.get(i));
            assertThat(course.advanceToEnd(LONG)).isEqualTo(SimmerRun.End.REACHED);
            StageResult planned = plan.stages().get(i);
            String stage = STAGES.get(i).kind().key();
            assertThat(course.minute()).as(stage + ", minutes").isCloseTo(planned.endMinute(), within(0.01));
            assertThat(course.massG())
                    .as(stage + ", mass")
                    .isCloseTo(planned.out().massG(), within(0.15));
            assertThat(course.look().stepServed())
                    .as(stage + ", step")
                    .isCloseTo(planned.end().stepServed(), within(0.002));
        }
    }

    /** 3 kg on a kilowatt: the second half of the way up is hastened. */
    @Test
    void aLidOnTheWayUpCountsFromThenOn() {
        Stage water = Stage.of(StageKind.SIMMER, Sauces.of("water", 3000), new StageEnd.Minutes(10));
        PotOnHeat weak = new PotOnHeat(new PotShape(240, 240, 130), 0, 1, 1000);
        PotCourse open = new PotCourse(weak, 1, SERVED_C, PotCourse.Variation.NONE);
        PotCourse lidded = new PotCourse(weak, 1, SERVED_C, PotCourse.Variation.NONE);
        for (PotCourse course : List.of(open, lidded)) {
            course.begin(water);
            course.advance(10);
        }
        double massG = lidded.massG();
        double tempC = lidded.tempC();
        lidded.set(LidState.CLOSED);
        assertThat(lidded.massG()).isEqualTo(massG);
        assertThat(lidded.tempC()).isEqualTo(tempC);
        assertThat(open.warmUpLeftMinutes() - lidded.warmUpLeftMinutes()).isBetween(2.0, 5.0);
        lidded.set(LidState.OPEN);
        assertThat(lidded.warmUpLeftMinutes()).isCloseTo(open.warmUpLeftMinutes(), within(1e-9));
    }

    @Test
    void howItIsCutIntoMomentsChangesNothing() {
        PotCourse whole = course();
        PotCourse parts = course();
        for (PotCourse course : List.of(whole, parts)) {
            course.begin(STEW);
        }
        whole.advance(25);
        for (int i = 0; i < 100; i++) {
            parts.advance(0.25);
        }
        assertThat(parts.massG()).isCloseTo(whole.massG(), within(0.01));
        assertThat(parts.tempC()).isCloseTo(whole.tempC(), within(0.01));
    }

    @Test
    void littleLeavesUntilItIsHotAndTheCooksEyeWinsOverTheReckoning() {
        PotCourse reckoned = course();
        reckoned.begin(STEW);
        reckoned.advance(3);
        assertThat(reckoned.isWarming()).isTrue();
        assertThat(reckoned.massG()).as("a little steam").isBetween(1235.0, 1249.9);
        assertThat(reckoned.tempC()).isBetween(40.0, 80.0);
        reckoned.set(Look.GENTLE);
        assertThat(reckoned.isWarming()).isFalse();
        assertThat(reckoned.tempC()).isBetween(97.0, 99.0);
        reckoned.advance(3);
        assertThat(reckoned.massG()).isLessThan(1240);
    }

    @Test
    void coldAdditionsStopTheBoilForAsLongAsTheyTakeToWarm() {
        PotCourse course = course();
        course.beginHot(STEW);
        course.advance(5);
        double before = course.massG();
        course.add(Sauces.of("water", 400));
        assertThat(course.isWarming()).isTrue();
        assertThat(course.tempC()).isBetween(70.0, 85.0);
        course.advance(1);
        assertThat(course.massG()).as("a little steam").isBetween(before + 390, before + 399.9);
    }

    @Test
    void besideTheHeatItCoolsAndSteamsLessAndLess() {
        PotCourse course = course();
        PotCourse lidded = course();
        for (PotCourse one : List.of(course, lidded)) {
            one.beginHot(STEW);
            one.set(one == lidded ? LidState.CLOSED : LidState.OPEN);
            one.setOnHeat(false);
        }
        course.advance(10);
        double first = 1250 - course.massG();
        assertThat(first).isBetween(25.0, 55.0);
        course.advance(10);
        assertThat(1250 - course.massG() - first).isBetween(0.3 * first, 0.8 * first);
        assertThat(course.tempC()).isBetween(60.0, 85.0);
        lidded.advance(20);
        assertThat(1250 - lidded.massG()).isLessThan(0.2 * (1250 - course.massG()));
        assertThat(lidded.tempC()).isGreaterThan(course.tempC() + 5);
        assertThat(course.advanceToEnd(60)).as("it waits for the heat").isEqualTo(SimmerRun.End.DRY);
        course.setOnHeat(true);
        assertThat(course.isWarming()).isTrue();
    }

    @Test
    void aToolIsUsedOnceHoweverItWasRecorded() {
        PotCourse byStage = course();
        PotCourse byHand = course();
        for (PotCourse course : List.of(byStage, byHand)) {
            course.beginHot(STEW);
            course.begin(Stage.of(StageKind.MILL, new StageEnd.Minutes(5)));
        }
        byHand.press(Pressing.MILLED, 140);
        byStage.end();
        byHand.end();
        assertThat(byHand.massG()).isCloseTo(1110, within(1e-6));
        assertThat(byStage.massG()).isBetween(1050.0, 1240.0);
    }

    /** What is foretold of a sauce whose last stage is a sieve is what runs through it. */
    @Test
    void whenAStageIsOverItsToolWasUsed() {
        PotCourse course = course();
        course.beginHot(STEW);
        course.begin(Stage.of(StageKind.SIEVE, new StageEnd.Minutes(5)));
        double hot = course.massG();
        assertThat(course.advanceToEnd(4.999)).isEqualTo(SimmerRun.End.TIME);
        double before = course.massG();
        assertThat(before).as("it steams").isBetween(hot - 40, hot - 10);
        assertThat(course.advanceToEnd(LONG)).isEqualTo(SimmerRun.End.REACHED);
        double through = course.massG();
        assertThat(through).isLessThan(before - 50);
        assertThat(through + course.leftBehind().massG()).isCloseTo(before, within(0.005));
        course.end();
        assertThat(course.massG()).as("once").isEqualTo(through);
    }

    @Test
    void aCopyGoesItsOwnWayToTheSamePlace() {
        PotCourse course = course();
        course.begin(STEW);
        for (int i = 0; i < 3; i++) {
            course.advance(4);
            PotCourse copy = course.copy();
            copy.advance(6);
            assertThat(copy.minute()).isEqualTo(course.minute() + 6);
            course.advance(6);
            assertThat(copy.massG()).isCloseTo(course.massG(), within(0.01));
            assertThat(copy.tempC()).isCloseTo(course.tempC(), within(0.01));
        }
    }

    @Test
    void massGoesOnlyWhereItIsSaidToGo() {
        Mixture start = STEW.adds();
        PotCourse course = course();
        course.beginHot(STEW);
        course.set(LidState.CLOSED);
        course.advance(10);
        course.takeOutG(100);
        double lost = start.massG() - 100 - course.massG();
        assertThat(lost).isBetween(0.5, 15.0);
        course.takeOutMl(course.volumeMlHot() / 2);
        assertThat(course.massG()).isCloseTo((start.massG() - 100 - lost) / 2, within(0.5));
    }
}
