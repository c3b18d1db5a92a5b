package app.gradior.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.PotState;
import app.gradior.simmer.SimmerRun;
import app.gradior.vessel.PotShape;
import org.junit.jupiter.api.Test;

/** A pot on its heat, by what its figures must add up to. */
class HeatedPotTest {
    private static final PotShape SHAPE = new PotShape(240, 240, 130);
    private static final Mixture WATER = Sauces.of("water", 2000);
    private static final Stage LIVELY = Stage.of(StageKind.REDUCE, new StageEnd.FractionLeft(0.5));

    private static HeatedPot pot(PotOnHeat on, Mixture inPot, double tempC) {
        SetHeat heat = new SetHeat(on, 1, 20, Variation.NONE, run -> run);
        return new HeatedPot(heat, inPot, new PiecesInPot(), tempC);
    }

    private static HeatedPot water(double watts) {
        return pot(new PotOnHeat(SHAPE, 0, 1, watts), WATER, 20);
    }

    /** Half of the time: half of the way, and half of what steams off; at its end just where and what was reckoned. */
    @Test
    void theWayUpIsStraight() {
        HeatedPot pot = water(1500);
        pot.turnTo(LIVELY, 20);
        StageRules.WarmUp reckoned = StageRules.warmUp(
                WATER,
                20,
                20,
                Look.LIVELY.potTempC(100),
                new PotOnHeat(SHAPE, 0, 1, 1500),
                new Heat(Look.LIVELY, LidState.OPEN));
        double half = pot.longestPassMinutes() / 2;
        assertThat(2 * half).isCloseTo(reckoned.minutes(), within(0.01 * reckoned.minutes()));
        pot.pass(half);
        double wayK = pot.tempC() - 20;
        double lostG = WATER.massG() - pot.massG();
        assertThat(wayK).isCloseTo(40, within(0.1));
        assertThat(lostG).isCloseTo(reckoned.lostG() / 2, within(0.01 * reckoned.lostG()));
        assertThat(pot.warmUpLeftMinutes()).isCloseTo(half, within(1e-9));
        pot.pass(half);
        assertThat(pot.isWarming()).isFalse();
        assertThat(pot.isBoiling()).isTrue();
        assertThat(pot.tempC()).isCloseTo(20 + 2 * wayK, within(1e-6));
        assertThat(WATER.massG() - pot.massG()).isCloseTo(2 * lostG, within(1e-6));
        assertThat(pot.warmUpLeftMinutes()).isZero();
    }

    /** A burner is too calm for a look when it brings less than 85 % of what that takes, and nobody says so of one that is not known. */
    @Test
    void aBurnerIsTooCalmBelowWhatIsNearEnough() {
        double keepsW =
                StageRules.keepsW(WATER, Look.LIVELY.potTempC(100), new PotOnHeat(SHAPE, 0, 1, 1500), Look.LIVELY);
        assertThat(tooWeak(0.86 * keepsW)).isNull();
        assertThat(tooWeak(0.84 * keepsW)).isInstanceOf(StageResult.TooCalm.class);
        assertThat(((StageResult.TooCalm) tooWeak(0.84 * keepsW)).wantsW()).isCloseTo(keepsW, within(0.01 * keepsW));
        assertThat(tooWeak(200)).isInstanceOf(StageResult.NeverThere.class);
        StageResult.NeverThere never = (StageResult.NeverThere) tooWeak(200);
        assertThat(never.wantsW()).isGreaterThan(never.liddedW()).isGreaterThan(200);
        assertThat(tooWeak(Double.POSITIVE_INFINITY)).isNull();
    }

    private static Object tooWeak(double watts) {
        HeatedPot pot = water(watts);
        pot.turnTo(LIVELY, 20);
        return pot.tooWeak().orElse(null);
    }

    /** What does not boil cools by so much however it is cut into moments, and takes as long as it was said to. */
    @Test
    void whatStandsCoolsAsItWasSaid() {
        HeatedPot pot = pot(new PotOnHeat(SHAPE, 0, 1, 1500), WATER, 95);
        pot.turnTo(Stage.of(StageKind.COOL, new StageEnd.CooledTo(60)), 95);
        double minutes = pot.minutesTo(60);
        assertThat(pot.longestPassMinutes()).isInfinite();
        PotState first = pot.look();
        assertThat(first.lossGPerMin()).isPositive();
        pot.pass(minutes / 3);
        pot.pass(2 * minutes / 3);
        assertThat(pot.tempC()).isCloseTo(60, within(0.1));
        assertThat(pot.look().lossGPerMin()).isBetween(0.0, 0.5 * first.lossGPerMin());
        assertThat(pot.cookedMinutes()).isCloseTo(minutes, within(1e-9));
        assertThat(pot.minute()).isCloseTo(minutes, within(1e-9));
        assertThat(pot.waitsForHeat()).as("it wants none").isFalse();
    }

    /** Taken off, a reduction never ends; put back it goes on, warm as it still is, and its minutes at the heat are its own. */
    @Test
    void whatWaitsForItsHeatIsNotCooking() {
        HeatedPot pot = water(1500);
        pot.turnTo(LIVELY, 20);
        pot.isHot();
        pot.pass(5);
        pot.setOnHeat(false);
        assertThat(pot.waitsForHeat()).isTrue();
        pot.pass(3);
        assertThat(pot.cookedMinutes()).isCloseTo(5, within(1e-9));
        pot.setOnHeat(true);
        assertThat(pot.isWarming()).isTrue();
        assertThat(pot.isComingToHeat())
                .as("three minutes take more than a moment to make good")
                .isEqualTo(pot.warmUpLeftMinutes() > 1);
        pot.pass(pot.warmUpLeftMinutes());
        pot.pass(2);
        assertThat(pot.cookedMinutes()).isCloseTo(7, within(1e-9));
    }

    /** A sieve at the boil loses no degree and goes on at once; cold water stops it. */
    @Test
    void onlyWhatIsColdStopsABoil() {
        HeatedPot pot = water(1500);
        pot.turnTo(LIVELY, 20);
        pot.isHot();
        pot.pass(1);
        pot.takeOff();
        pot.keep(pot.mixture().times(0.5));
        pot.resume();
        assertThat(pot.isBoiling()).isTrue();
        pot.takeOff();
        double hotC = pot.tempC();
        pot.mix(Sauces.of("water", 100), Mixture.EMPTY);
        assertThat(pot.tempC()).isLessThan(hotC - 5);
        pot.settle(hotC);
        assertThat(pot.isWarming()).isTrue();
        assertThat(pot.longestPassMinutes()).isBetween(0.1, 2.0);
    }

    /** Nothing to boil, nothing to warm: oil alone, and an empty pot, stand. */
    @Test
    void whatHasNoWaterDoesNotBoil() {
        for (Mixture dry : new Mixture[] {Sauces.of("olive-oil", 300), Mixture.EMPTY}) {
            HeatedPot pot = pot(new PotOnHeat(SHAPE, 0, 1, 1500), dry, 20);
            pot.turnTo(LIVELY, 20);
            assertThat(pot.isWarming()).isFalse();
            assertThat(pot.waitsForHeat()).isTrue();
            assertThat(pot.brixPercent()).isNaN();
            assertThat(pot.stepHot()).isNaN();
            assertThat(pot.flowAt(20, 0)).isEmpty();
            pot.pass(10);
            assertThat(pot.massG()).isEqualTo(dry.massG());
        }
    }

    /** As hot as it is, once it boils as well as on its way there: the same figures of the same sauce. */
    @Test
    void figuresOfABoilAreThoseOfTheSauce() {
        Mixture sauce = Sauces.damson();
        HeatedPot pot = pot(new PotOnHeat(SHAPE, 0, 1, 1500), sauce, 20);
        pot.turnTo(LIVELY, 20);
        double brix = pot.brixPercent();
        pot.isHot();
        SimmerRun alone =
                new SimmerRun(sauce, new PotOnHeat(SHAPE, 0, 1, 1500), new Heat(Look.LIVELY, LidState.OPEN), 1, 20);
        assertThat(pot.brixPercent()).isCloseTo(brix, within(1e-9)).isCloseTo(alone.brixPercent(), within(1e-9));
        assertThat(pot.stepHot()).isCloseTo(alone.stepHot(), within(1e-9));
        assertThat(pot.volumeMlHot()).isCloseTo(alone.volumeMlHot(), within(1e-6));
        assertThat(pot.levelMm()).isCloseTo(alone.levelMm(), within(1e-6));
        assertThat(pot.flowAt(20, 24).orElseThrow().viscosityPaS())
                .isCloseTo(alone.flowAt(20, 24).viscosityPaS(), within(1e-9));
        assertThat(pot.distanceTo(run -> run.massG() - 100)).isCloseTo(sauce.massG() - 100, within(0.5));
        assertThat(pot.boilUntil(run -> run.massG() - (sauce.massG() - 50), 60)).isEqualTo(SimmerRun.End.REACHED);
        assertThat(pot.massG()).isCloseTo(sauce.massG() - 50, within(0.01));
        assertThat(pot.cookedMinutes()).isEqualTo(pot.minute()).isPositive();
    }
}
