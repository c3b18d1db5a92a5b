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
        return new PotCourse(POT, 1, SERVED_C, Variation.NONE);
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
        PotCourse open = new PotCourse(weak, 1, SERVED_C, Variation.NONE);
        PotCourse lidded = new PotCourse(weak, 1, SERVED_C, Variation.NONE);
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

    /** Nothing of what a pot has been told is lost in a copy: heat that drifted, a lid, what is fried, what stands. */
    @Test
    void aCopyKnowsAllThatThePotDoes() {
        Stage sweat = STAGES.get(0);
        for (int state = 0; state < 4; state++) {
            PotCourse course = course();
            course.drift(1.4);
            course.beginHot(state == 1 ? sweat : STEW);
            course.advance(4);
            if (state == 2) {
                course.setOnHeat(false);
            } else if (state == 3) {
                course.add(Sauces.of("water", 400));
            }
            course.set(LidState.AJAR);
            PotCourse copy = course.copy();
            for (PotCourse one : List.of(course, copy)) {
                one.advance(3);
                one.setOnHeat(true);
                one.advance(5);
            }
            assertThat(copy.look())
                    .as("state " + state)
                    .usingRecursiveComparison()
                    .withComparatorForType((a, b) -> Math.abs(a - b) < 1e-3 ? 0 : 1, Double.class)
                    .ignoringFields("mixture")
                    .isEqualTo(course.look());
            assertThat(copy.massG()).as("state " + state).isCloseTo(course.massG(), within(1e-3));
        }
    }

    /** So much more heat than it is believed to be takes so much more off, in fat as in a boil. */
    @Test
    void heatThatDriftedTakesSoMuchMore() {
        for (Stage stage : List.of(STAGES.get(0), STEW)) {
            PotCourse usual = course();
            PotCourse strong = course();
            for (PotCourse course : List.of(usual, strong)) {
                course.beginHot(stage);
            }
            strong.drift(1.25);
            double perMin = usual.look().lossGPerMin();
            assertThat(strong.look().lossGPerMin()).isCloseTo(1.25 * perMin, within(0.02 * perMin));
            double before = usual.massG();
            usual.advance(0.2);
            assertThat(before - usual.massG())
                    .as("what leaves at once")
                    .isCloseTo(0.2 * perMin, within(0.004 * perMin));
        }
    }

    /** In fat: by the share of an exponential that its minutes have come to, of the cells' water alone, and not past its last twentieth. */
    @Test
    void inFatWaterLeavesAsTheCellsGiveItUp() {
        Mixture onions = Sauces.of("onion", 400).plus(Sauces.of("butter", 40));
        PotCourse whole = course();
        whole.beginHot(Stage.of(StageKind.SWEAT, onions, new StageEnd.Minutes(60)));
        double sweating = StageRules.sweatingG(onions);
        double last = 0;
        for (int minute = 5; minute <= 20; minute += 5) {
            whole.advance(5);
            double lost = onions.massG() - whole.massG();
            assertThat(lost)
                    .as("after %d min", minute)
                    .isCloseTo(
                            StageRules.sweatedShare(minute) * sweating * StageRules.driesIn(StageKind.SWEAT),
                            within(1e-6));
            assertThat(lost - last).isPositive();
            last = lost;
        }
        PotCourse lidded = course();
        lidded.beginHot(Stage.of(StageKind.SWEAT, onions, new StageEnd.Minutes(60)));
        lidded.set(LidState.CLOSED);
        lidded.advance(20);
        assertThat(onions.massG() - lidded.massG())
                .isCloseTo(StageRules.sweatsPast(LidState.CLOSED) * last, within(1e-6));
        PotCourse fierce = course();
        fierce.beginHot(Stage.of(StageKind.SWEAT, onions, new StageEnd.Minutes(60)));
        fierce.drift(50);
        fierce.advance(60);
        assertThat(onions.massG() - fierce.massG()).isCloseTo(StageRules.mostSweatedG(onions), within(1e-6));
        PotCourse roux = course();
        roux.beginHot(Stage.of(StageKind.TOAST, onions, new StageEnd.Minutes(10)));
        assertThat(roux.look().lossGPerMin() > 0)
                .as("what does not sweat says so")
                .isEqualTo(StageKind.TOAST.sweats());
    }

    /** A lid that goes on as the warming begins is one that was on from the start; one on a hot pot changes no warming. */
    @Test
    void aLidCountsFromWhereItIsPut() {
        PotOnHeat weak = new PotOnHeat(new PotShape(240, 240, 130), 0, 1, 1000);
        Stage open = Stage.of(StageKind.SIMMER, Sauces.of("water", 2000), new StageEnd.Minutes(30));
        Stage lidded = new Stage(StageKind.SIMMER, open.adds(), open.look(), LidState.CLOSED, new StageEnd.Minutes(30));
        PotCourse later = new PotCourse(weak, 1, SERVED_C, Variation.NONE);
        PotCourse fromStart = new PotCourse(weak, 1, SERVED_C, Variation.NONE);
        later.begin(open);
        later.set(LidState.CLOSED);
        fromStart.begin(lidded);
        assertThat(later.warmUpLeftMinutes()).isCloseTo(fromStart.warmUpLeftMinutes(), within(1e-9));
        double there = fromStart.warmUpLeftMinutes();
        for (PotCourse course : List.of(later, fromStart)) {
            course.advance(there + 5);
        }
        assertThat(later.massG()).isCloseTo(fromStart.massG(), within(1e-6));
        assertThat(later.isWarming()).isFalse();
        assertThat(later.isComingToHeat()).isFalse();
    }

    /** What is taken out is of the same composition, and no more than nearly all of it; the rest goes on as it was. */
    @Test
    void theLastOfAPotIsNotTakenOut() {
        PotCourse course = course();
        course.beginHot(STEW);
        course.advance(2);
        double before = course.massG();
        double salt = course.mixture().sugarsG() / before;
        course.takeOutG(2 * before);
        assertThat(course.massG()).isCloseTo(0.05 * before, within(1e-6));
        assertThat(course.mixture().sugarsG() / course.massG()).isCloseTo(salt, within(1e-9));
        assertThat(course.isWarming()).as("nothing cold went in").isFalse();
        course.takeOutG(-5);
        assertThat(course.massG()).as("nothing is put in by it").isCloseTo(0.05 * before, within(1e-6));
        PotCourse empty = course();
        empty.takeOutG(5);
        assertThat(empty.massG()).isZero();
        PotCourse warming = course();
        warming.begin(STEW);
        warming.advance(2);
        double left = warming.warmUpLeftMinutes();
        warming.takeOutG(600);
        assertThat(warming.isComingToHeat()).isTrue();
        assertThat(warming.warmUpLeftMinutes()).as("there is less to warm").isBetween(0.3 * left, 0.75 * left);
    }

    @Test
    void aSplashStopsTheBoilForAMomentAndNoMore() {
        PotCourse course = course();
        course.beginHot(STEW);
        course.advance(3);
        course.add(Sauces.of("water", 15));
        assertThat(course.isWarming()).isTrue();
        assertThat(course.isComingToHeat()).isFalse();
        course.add(Sauces.of("water", 600));
        assertThat(course.isComingToHeat()).isTrue();
    }

    /** By a tool in another's place: what stayed behind is what was weighed, or so much of what the model says. */
    @Test
    void whatStaysInATool() {
        PotCourse usual = course();
        PotCourse clinging = new PotCourse(POT, 1, SERVED_C, new Variation(look -> 1, 1, 1.5));
        for (PotCourse course : List.of(usual, clinging)) {
            course.beginHot(STEW);
            course.press(Pressing.MILLED, Double.NaN);
        }
        double behind = 1250 - usual.massG();
        assertThat(behind).isBetween(20.0, 250.0);
        assertThat(1250 - clinging.massG()).isCloseTo(1.5 * behind, within(1e-6));
        assertThat(clinging.leftBehind().massG()).isCloseTo(1.5 * behind, within(1e-6));
        PotCourse weighed = course();
        weighed.beginHot(STEW);
        weighed.press(Pressing.MILLED, 2000);
        assertThat(weighed.massG()).as("not all of it").isCloseTo(0.05 * 1250, within(1e-6));
        assertThat(weighed.isWarming()).isFalse();
    }

    /** Slower on its way by so much, and not in what it does there. */
    @Test
    void aPotThatIsSlowToGetHot() {
        PotCourse slow = new PotCourse(POT, 1, SERVED_C, new Variation(look -> 1, 1.5, 1));
        PotCourse usual = course();
        for (PotCourse course : List.of(usual, slow)) {
            course.begin(STEW);
        }
        assertThat(slow.warmUpLeftMinutes()).isCloseTo(1.5 * usual.warmUpLeftMinutes(), within(1e-9));
        double there = usual.warmUpLeftMinutes();
        usual.advance(there);
        slow.advance(1.5 * there);
        assertThat(slow.massG()).isCloseTo(usual.massG(), within(1e-6));
        assertThat(slow.tempC()).isCloseTo(usual.tempC(), within(1e-9));
        assertThat(slow.stageStartMl20c()).isEqualTo(STEW.adds().volumeMl20c());
    }

    /** Whoever calls a stage over before the pot is hot has taken it off. */
    @Test
    void aPotThatIsOverBeforeItIsHotCools() {
        PotCourse course = course();
        course.begin(STEW);
        course.advance(5);
        double tempC = course.tempC();
        assertThat(course.isWarming()).isTrue();
        course.end();
        assertThat(course.isWarming()).isFalse();
        course.advance(30);
        assertThat(course.tempC()).isLessThan(tempC);
    }
}
