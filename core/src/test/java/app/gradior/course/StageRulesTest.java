package app.gradior.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.EthanolWater;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificHeat;
import app.gradior.mixture.SpecificVolume;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.PotState;
import app.gradior.simmer.SimmerRun;
import app.gradior.vessel.PotShape;
import org.junit.jupiter.api.Test;

/** Heat in and out of a pot on its way up, and of one beside the heat, by hand. */
class StageRulesTest {
    private static final PotShape SHAPE = new PotShape(240, 240, 130);
    private static final PotOnHeat POT = new PotOnHeat(SHAPE, 0, 1, 1500);
    private static final Heat OPEN = new Heat(Look.LIVELY, LidState.OPEN);
    private static final Heat LIDDED = new Heat(Look.LIVELY, LidState.CLOSED);
    private static final Mixture WATER = Sauces.of("water", 2000);
    private static final Mixture OIL = Sauces.of("olive-oil", 500);

    private static double potJoulePerK(Mixture m) {
        return 22_000 * (SHAPE.wallM2(SHAPE.levelMm(m.volumeMl20c())) + SHAPE.surfaceM2(0));
    }

    /** Below where it steams, nearly all of the burner's heat is in the water and the pot. */
    @Test
    void theBurnersHeatIsInTheSauceAndThePot() {
        StageRules.WarmUp lukewarm = StageRules.warmUp(WATER, 20, 20, 40, POT, LIDDED);
        double stored = 20 * (SpecificHeat.joulePerK(WATER) + potJoulePerK(WATER));
        assertThat(lukewarm.minutes() * 60 * 1500).isBetween(stored, 1.03 * stored);
        StageRules.WarmUp inHotPot = StageRules.warmUp(WATER, 20, 40, 40, POT, LIDDED);
        assertThat((lukewarm.minutes() - inHotPot.minutes()) * 60 * 1500)
                .as("the pot's own share")
                .isCloseTo(20 * potJoulePerK(WATER), within(0.03 * 20 * potJoulePerK(WATER)));
        assertThat(StageRules.warmUp(WATER, 20, 90, 40, POT, LIDDED).minutes())
                .as("a hotter pot gives nothing here")
                .isEqualTo(inHotPot.minutes());
        assertThat(StageRules.warmUp(WATER, 40, 40, 40, POT, OPEN)).isEqualTo(new StageRules.WarmUp(0, 0, 0, true));
        StageRules.WarmUp unknown = StageRules.warmUp(WATER, 20, 20, 40, PotOnHeat.unknownPair(SHAPE, 0), LIDDED);
        assertThat(unknown.minutes() / lukewarm.minutes())
                .as("an ordinary burner has a kilowatt")
                .isCloseTo(1.5, within(0.02));
    }

    /** A few looks on the way give what many short ways one after the other do. */
    @Test
    void aFewLooksOnTheWayUpAreAsGoodAsMany() {
        for (Mixture m : new Mixture[] {WATER, Sauces.damson(), OIL, Sauces.of("cream-double", 900)}) {
            StageRules.WarmUp whole = StageRules.warmUp(m, 20, 20, 99, POT, OPEN);
            double minutes = 0;
            double lostG = 0;
            for (int part = 0; part < 79; part++) {
                StageRules.WarmUp next = StageRules.warmUp(m, 20 + part, 20 + part, 21 + part, POT, OPEN);
                minutes += next.minutes();
                lostG += next.lostG();
            }
            assertThat(whole.minutes()).isCloseTo(minutes, within(2e-3 * minutes));
            assertThat(whole.lostG()).isCloseTo(lostG, within(0.02 * lostG));
        }
    }

    @Test
    void onItsWayUpALittleLeavesAndNeverMoreThanThreeTenths() {
        StageRules.WarmUp open = StageRules.warmUp(WATER, 20, 20, 100, POT, OPEN);
        StageRules.WarmUp lidded = StageRules.warmUp(WATER, 20, 20, 100, POT, LIDDED);
        assertThat(open.lostG()).isBetween(20.0, 120.0);
        assertThat(lidded.lostG()).isLessThan(0.3 * open.lostG());
        assertThat(lidded.minutes()).isLessThan(open.minutes());
        assertThat(open.wantsW()).as("at its hottest").isBetween(300.0, 1500.0);
        assertThat(open.reaches()).isTrue();
        PotOnHeat weak = new PotOnHeat(SHAPE, 0, 1, 200);
        Mixture wine = Sauces.of("wine-red", 120);
        StageRules.WarmUp never = StageRules.warmUp(wine, 20, 20, 95, weak, OPEN);
        assertThat(never.reaches()).isFalse();
        assertThat(never.lostG()).isCloseTo(0.3 * (wine.waterG() + wine.ethanolG()), within(1e-9));
    }

    /** Fat gives off no vapour: 12 W/(m²·K) from its surface and the wall, or from wall and lid. */
    @Test
    void aPotOfFatCoolsByItsWallAndTop() {
        double wall = SHAPE.wallM2(SHAPE.levelMm(OIL.volumeMl20c()));
        double heat = SpecificHeat.joulePerK(OIL) + potJoulePerK(OIL);
        double moment = 0.01;
        for (LidState lid : new LidState[] {LidState.OPEN, LidState.AJAR, LidState.CLOSED}) {
            double area = (1 - lid.covered()) * SHAPE.surfaceM2(SHAPE.levelMm(OIL.volumeMl20c()))
                    + wall
                    + lid.covered() * SHAPE.mouthM2();
            StageRules.Stood stood = StageRules.standing(OIL, 170, POT, lid, moment);
            assertThat((170 - stood.tempC()) / moment)
                    .as(lid.name())
                    .isCloseTo(12 * area * (170 - StageRules.ROOM_C) * 60 / heat, within(0.01));
            assertThat(stood.lostG()).isZero();
            assertThat(stood.minutes()).isEqualTo(moment);
        }
        StageRules.Stood atRoom = StageRules.standing(OIL, StageRules.ROOM_C, POT, LidState.OPEN, 30);
        assertThat(atRoom.minutes()).isEqualTo(30);
        assertThat(atRoom.tempC()).isEqualTo(StageRules.ROOM_C);
        assertThat(StageRules.standing(OIL, 170, POT, LidState.OPEN, 1e6).tempC())
                .as("a step is a kelvin and a half, and never past the room")
                .isCloseTo(168.5, within(0.02));
    }

    @Test
    void howLongItTakesIsWhatSmallStepsAddUpTo() {
        for (LidState lid : new LidState[] {LidState.OPEN, LidState.CLOSED}) {
            double minutes = StageRules.minutesTo(60, WATER, 95, POT, lid);
            double tempC = 95;
            Mixture left = WATER;
            double lost = 0;
            for (double t = 0; t < minutes; t += 0.05) {
                StageRules.Stood stood = StageRules.standing(left, tempC, POT, lid, 0.05);
                tempC = stood.tempC();
                lost += stood.lostG();
                left = StageRules.steamed(left, stood.lostG());
            }
            assertThat(tempC).as(lid.name()).isCloseTo(60, within(0.5));
            assertThat(WATER.massG() - left.massG()).isCloseTo(lost, within(1e-6));
        }
        assertThat(StageRules.minutesTo(60, WATER, 60, POT, LidState.OPEN)).isZero();
        assertThat(StageRules.minutesTo(60, WATER, 40, POT, LidState.OPEN)).isZero();
        assertThat(StageRules.minutesTo(StageRules.ROOM_C, WATER, 40, POT, LidState.OPEN))
                .isInfinite();
        assertThat(StageRules.minutesTo(StageRules.ROOM_C, WATER, StageRules.ROOM_C, POT, LidState.OPEN))
                .isZero();
    }

    @Test
    void spiritLeavesWithTheSteamByItsShareOfTheVapour() {
        Mixture wine = Sauces.of("wine-red", 500);
        Mixture steamed = StageRules.steamed(wine, 10);
        double share = EthanolWater.vapourMassFraction(wine.waterG(), wine.ethanolG());
        assertThat(wine.massG() - steamed.massG()).isCloseTo(10, within(1e-9));
        assertThat(wine.ethanolG() - steamed.ethanolG()).isCloseTo(10 * share, within(1e-9));
        assertThat(StageRules.steamed(wine, 0)).isSameAs(wine);
        Mixture dry = StageRules.steamed(wine, 5000);
        assertThat(dry.waterG() + dry.ethanolG()).as("never below nothing").isBetween(0.0, 1e-9 + wine.ethanolG());
    }

    @Test
    void whatSweatsIsAllButTheFat() {
        Mixture inFat = Sauces.of("onion", 300).plus(Sauces.of("butter", 40)).plus(Sauces.of("olive-oil", 20));
        assertThat(StageRules.sweatingG(inFat))
                .isCloseTo(inFat.massG() - inFat.emulsifiedFatG() - inFat.freeFatG(), within(1e-12));
        assertThat(inFat.emulsifiedFatG()).isPositive();
        assertThat(inFat.freeFatG()).isPositive();
        assertThat(StageRules.canBoil(Sauces.of("water", 1))).isFalse();
        assertThat(StageRules.canBoil(Sauces.of("water", 1.1))).isTrue();
    }

    @Test
    void whatEndsByNothingThatBoilsIsNeverNearIt() {
        SimmerRun run = new SimmerRun(WATER, POT, OPEN, 1, 20);
        Stage cools = Stage.of(StageKind.COOL, new StageEnd.CooledTo(40));
        assertThat(StageRules.event(cools, 2000, 0).distance(run)).isEqualTo(1);
        Stage level = Stage.of(StageKind.REDUCE, new StageEnd.Level(30));
        assertThat(StageRules.event(level, 2000, 500).distance(run))
                .isCloseTo(SHAPE.levelMm(run.volumeMlHot() + 500) - 30, within(1e-9));
    }

    @Test
    void aPotThatStandsHasTheVolumeOfItsHeat() {
        PotState still = new Still(WATER, 60, POT, OPEN, 1, 20).at(7);
        assertThat(still.volumeMlHot()).isCloseTo(WATER.volumeMl20c() * SpecificVolume.expansion(60), within(1e-9));
        assertThat(still.levelMm()).isCloseTo(SHAPE.levelMm(still.volumeMlHot()), within(1e-9));
        assertThat(still.boilingC()).isCloseTo(100, within(0.05));
        PotState fat = new Still(OIL, 150, POT, OPEN, 1, 20).at(7);
        assertThat(fat.stepHot()).isNaN();
        assertThat(fat.volumeMlHot())
                .as("as the hottest liquid")
                .isCloseTo(OIL.volumeMl20c() * SpecificVolume.expansion(100), within(1e-9));
    }
}
