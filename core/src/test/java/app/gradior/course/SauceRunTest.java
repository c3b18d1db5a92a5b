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
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.PotState;
import app.gradior.vessel.PotShape;
import java.util.List;
import org.junit.jupiter.api.Test;

class SauceRunTest {
    private static final PotOnHeat POT = new PotOnHeat(new PotShape(260, 240, 140), 0, 1, 1200);
    private static final double SERVED_C = 60;

    private static SauceRun.Cooked cook(Stage... stages) {
        return SauceRun.cook(List.of(stages), POT, 1, SERVED_C);
    }

    private static Stage[] leekVelvet() {
        return new Stage[] {
            Stage.of(
                    StageKind.SWEAT,
                    Sauces.of("butter", 40).plus(Sauces.of("leek", 400)).plus(Sauces.of("garlic", 8)),
                    new StageEnd.Minutes(10)),
            Stage.of(StageKind.DEGLAZE, Sauces.of("wine-white", 200), new StageEnd.FractionOfAdded(0.5)),
            Stage.of(
                    StageKind.SIMMER,
                    Sauces.of("vegetable-stock", 700).plus(Sauces.of("white-bean", 200)),
                    new StageEnd.Minutes(15)),
            Stage.of(StageKind.BLEND, new StageEnd.Minutes(3)),
            Stage.of(
                    StageKind.SLURRY, Sauces.of("cornflour", 12).plus(Sauces.of("water", 18)), new StageEnd.Minutes(2)),
            Stage.of(StageKind.REDUCE, new StageEnd.StepServed(6)),
            Stage.of(StageKind.SEASON, Sauces.of("salt", 4), new StageEnd.CooksWord(1)),
            Stage.of(StageKind.ENRICH, Sauces.of("cream-double", 60), new StageEnd.CooksWord(1))
        };
    }

    @Test
    void everyGramIsInThePotInTheAirOrInTheJug() {
        Stage[] stages = leekVelvet();
        SauceRun.Cooked cooked = cook(stages);
        assertThat(cooked.stuck()).isEmpty();
        double inG = 0;
        for (Stage stage : stages) {
            inG += stage.adds().massG();
        }
        double outG = cooked.out().massG() + cooked.evaporatedG() + cooked.leftBehindG();
        assertThat(outG).isCloseTo(inG, within(1e-9 * inG));
        assertThat(cooked.leftBehindG()).isGreaterThan(5);
        assertThat(cooked.stages()).hasSize(8);
        assertThat(cooked.stages().get(5).end().stepServed()).isCloseTo(6, within(1e-4));
    }

    @Test
    void onionsLoseAFifthOfTheirWeightWhenClearAndHalfWhenBrown() {
        Mixture onions = Sauces.of("onion", 500).plus(Sauces.of("olive-oil", 30));
        StageResult clear = cook(Stage.of(StageKind.SWEAT, onions, new StageEnd.Minutes(10)))
                .stages()
                .get(0);
        StageResult brown = cook(Stage.of(StageKind.SWEAT, onions, new StageEnd.Minutes(40)))
                .stages()
                .get(0);
        assertThat(clear.evaporatedG() / 500).isCloseTo(0.20, within(0.01));
        assertThat(brown.evaporatedG() / 500).isCloseTo(0.55, within(0.03));
        StageResult dry = cook(Stage.of(StageKind.SWEAT, onions, new StageEnd.Minutes(600)))
                .stages()
                .get(0);
        assertThat(dry.out().waterG()).isPositive();
    }

    @Test
    void eachEndIsMetWhereItSays() {
        Mixture wine = Sauces.of("wine-red", 700);
        Mixture syrup = Sauces.of("sugar", 300).plus(Sauces.of("water", 700));
        assertThat(last(wine, new StageEnd.FractionLeft(0.5)).volumeMl20c())
                .isCloseTo(wine.volumeMl20c() / 2, within(0.01));
        assertThat(last(wine, new StageEnd.Volume(300)).volumeMl20c()).isCloseTo(300, within(0.01));
        assertThat(last(wine, new StageEnd.Weight(300)).massG()).isCloseTo(300, within(0.01));
        assertThat(last(wine, new StageEnd.Level(8)).levelMm()).isCloseTo(8, within(0.01));
        assertThat(last(syrup, new StageEnd.BoilingAt(104)).boilingC()).isCloseTo(104, within(0.01));
        assertThat(last(syrup, new StageEnd.StepHot(1.5)).stepHot()).isCloseTo(1.5, within(1e-3));
        assertThat(last(wine, new StageEnd.CooksWord(7)).minute()).isCloseTo(7, within(1e-9));
    }

    private static PotState last(Mixture start, StageEnd end) {
        SauceRun.Cooked cooked = cook(Stage.of(StageKind.REDUCE, start, end));
        assertThat(cooked.stuck()).isEmpty();
        return cooked.stages().get(0).end();
    }

    @Test
    void halfOfWhatWasAddedLeavesTheRestAlone() {
        Mixture base = Sauces.of("vegetable-stock", 500);
        Mixture wine = Sauces.of("wine-white", 300);
        SauceRun.Cooked cooked = cook(
                Stage.of(StageKind.ADD, base, new StageEnd.Minutes(0)),
                Stage.of(StageKind.DEGLAZE, wine, new StageEnd.FractionOfAdded(0.5)));
        double expected = cooked.stages().get(0).out().volumeMl20c() + 0.5 * wine.volumeMl20c();
        assertThat(cooked.out().volumeMl20c()).isCloseTo(expected, within(3.0));
    }

    /** A litre from 20 °C: m·c·ΔT over 1200 W is 4.7 min; a heavy pot beside it and what steam takes make it two fifths more. */
    @Test
    void warmingUpTakesTheBurnersTime() {
        SauceRun.Cooked cooked = cook(Stage.of(StageKind.SIMMER, Sauces.of("water", 1000), new StageEnd.Minutes(5)));
        assertThat(cooked.stages().get(0).warmUpMinutes()).isCloseTo(1.44 * 4190.0 * 80 / 1200 / 60, within(0.05));
        assertThat(cooked.minutes()).isCloseTo(5 + cooked.stages().get(0).warmUpMinutes(), within(0.06));
    }

    @Test
    void millAndSieveHoldBackSkins() {
        Stage stew = Stage.of(
                StageKind.SIMMER,
                Sauces.of("raspberry", 600).plus(Sauces.of("sugar", 100)).plus(Sauces.of("water", 200)),
                new StageEnd.Minutes(10));
        PotState stewed = cook(stew).stages().get(0).end();
        PotState milled = after(stew, StageKind.MILL);
        PotState sieved = after(stew, StageKind.SIEVE);
        assertThat(milled.mixture().coarseG()).isLessThan(0.2 * stewed.mixture().coarseG());
        assertThat(sieved.massG()).isLessThan(milled.massG());
        assertThat(milled.massG()).isLessThan(0.95 * stewed.massG());
        assertThat(sieved.stepServed()).isLessThan(milled.stepServed());
    }

    @Test
    void blendingThickensWhatIsStillInPieces() {
        Stage stew = Stage.of(
                StageKind.SIMMER, Sauces.of("carrot", 600).plus(Sauces.of("water", 400)), new StageEnd.Minutes(10));
        Stage longer = Stage.of(
                StageKind.SIMMER, Sauces.of("carrot", 600).plus(Sauces.of("water", 400)), new StageEnd.Minutes(40));
        double stewed = cook(stew).stages().get(0).end().stepServed();
        assertThat(after(stew, StageKind.BLEND).stepServed()).isGreaterThan(stewed + 1);
        assertThat(cook(longer).stages().get(0).end().stepServed()).isGreaterThan(stewed + 0.4);
    }

    private static PotState after(Stage first, StageKind kind) {
        List<StageResult> results =
                cook(first, Stage.of(kind, new StageEnd.Minutes(1))).stages();
        return results.get(1).end();
    }

    @Test
    void whatCannotBeDoneSaysAtWhichStageAndWhy() {
        SauceRun.Cooked dry = cook(
                Stage.of(StageKind.TOAST, Sauces.of("olive-oil", 30), new StageEnd.Minutes(1)),
                Stage.of(StageKind.REDUCE, new StageEnd.FractionLeft(0.5)));
        assertThat(dry.stuck().orElseThrow().stage()).isEqualTo(1);
        assertThat(dry.stuck().orElseThrow().why()).isEqualTo(new CannotCook.NoWater());
        assertThat(dry.stages()).hasSize(1);
        SauceRun.Cooked full = cook(Stage.of(StageKind.ADD, Sauces.of("water", 20_000), new StageEnd.Minutes(1)));
        assertThat(full.stuck().orElseThrow().why()).isInstanceOf(CannotCook.Overfull.class);
        SauceRun.Cooked never =
                cook(Stage.of(StageKind.REDUCE, Sauces.of("vegetable-stock", 500), new StageEnd.StepServed(9)));
        assertThat(never.stuck().orElseThrow().why())
                .isInstanceOfSatisfying(
                        CannotCook.BoiledDown.class,
                        down -> assertThat(down.volumeMl20c()).isLessThan(50));
        SauceRun.Cooked warm = cook(
                Stage.of(StageKind.SIMMER, Sauces.of("water", 500), new StageEnd.Minutes(1)),
                Stage.of(StageKind.COOL, new StageEnd.CooledTo(5)));
        assertThat(warm.stuck().orElseThrow().why()).isEqualTo(new CannotCook.NeverThatCold(20));
    }

    @Test
    void coolingAndRestingTakeTimeAndSomeSteam() {
        SauceRun.Cooked cooked = cook(
                Stage.of(StageKind.SIMMER, Sauces.damson(), new StageEnd.Minutes(5)),
                Stage.of(StageKind.COOL, new StageEnd.CooledTo(40)).at(Look.STEAMING, LidState.OPEN),
                Stage.of(StageKind.REST, new StageEnd.Minutes(30)));
        StageResult cool = cooked.stages().get(1);
        StageResult rest = cooked.stages().get(2);
        assertThat(cool.end().tempC()).isCloseTo(40, within(0.3));
        assertThat(rest.end().tempC()).as("ever slower").isBetween(28.0, 36.0);
        assertThat(cool.in().massG() - cool.out().massG())
                .as("heat that steam took, over what the sauce gave up")
                .isBetween(0.25 * steamOfG(cool), 0.75 * steamOfG(cool));
        assertThat(rest.in().massG() - rest.out().massG()).isBetween(0.0, 10.0);
    }

    /** All of the heat that a sauce gave up, as steam of 2.35 MJ/kg, g; 3.6 kJ/(kg·K). */
    private static double steamOfG(StageResult cool) {
        return cool.in().massG() * 3.6 * (97 - 40) / 2350;
    }

    @Test
    void stirringComesCloserAsItThickensAndWithMoreHeat() {
        double before = 11;
        for (double paS = 0.05; paS < 5; paS *= 1.7) {
            double now = Stirring.of(paS, 20, 40, Look.LIVELY).everyMinutes();
            assertThat(now).isLessThanOrEqualTo(before).isBetween(0.25, 10.0);
            before = now;
        }
        assertThat(Stirring.of(0.093, 20, 40, Look.LIVELY).everyMinutes()).isCloseTo(5, within(1e-9));
        assertThat(Stirring.of(0.5, 20, 40, Look.ROLLING).everyMinutes())
                .isLessThan(Stirring.of(0.5, 20, 40, Look.GENTLE).everyMinutes());
        assertThat(Stirring.of(0.3, 65, 40, Look.LIVELY).everyMinutes())
                .isLessThan(Stirring.of(0.3, 20, 40, Look.LIVELY).everyMinutes());
        assertThat(Stirring.of(3, 60, 10, Look.LIVELY).risk()).isEqualTo(Stirring.Risk.HIGH);
        assertThat(Stirring.of(0.02, 10, 40, Look.GENTLE).risk()).isEqualTo(Stirring.Risk.LOW);
    }

    @Test
    void aStageAtItsEndAlreadyTakesNoTime() {
        Stage thick = Stage.of(
                StageKind.REDUCE,
                Sauces.of("tomato-paste", 300).plus(Sauces.of("water", 100)),
                new StageEnd.StepServed(3));
        StageResult result = cook(thick.at(Look.GENTLE, LidState.AJAR)).stages().get(0);
        assertThat(result.alreadyThere()).isTrue();
        assertThat(result.minutes()).isZero();
        assertThat(result.stage().look()).isEqualTo(Look.GENTLE);
    }

    /** A reduction that takes more than a day is set wrongly; a stage that is told to take two is not. */
    @Test
    void whatIsToldToTakeDaysTakesThem() {
        double days = 2 * 24 * 60;
        for (StageEnd end : List.of(new StageEnd.Minutes(days), new StageEnd.CooksWord(days))) {
            SauceRun.Cooked cooked = SauceRun.cook(
                    List.of(
                            Stage.of(StageKind.SIMMER, Sauces.of("water", 3000), new StageEnd.Minutes(1)),
                            Stage.of(StageKind.REST, end),
                            new Stage(StageKind.SIMMER, Mixture.EMPTY, Look.STEAMING, LidState.CLOSED, end)),
                    POT,
                    1,
                    20);
            assertThat(cooked.stuck()).as(end.toString()).isEmpty();
            assertThat(cooked.stages().get(1).minutes()).isCloseTo(days, within(1e-6));
            assertThat(cooked.stages().get(2).minutes()).isCloseTo(days, within(1e-6));
        }
    }

    @Test
    void foilKeepsNearlyAsMuchInAsALidAndMuchMoreThanOneThatIsAjar() {
        double[] lost = new double[4];
        LidState[] lids = {LidState.CLOSED, LidState.FOIL, LidState.AJAR, LidState.OPEN};
        for (Look look : List.of(Look.BARE, Look.GENTLE)) {
            for (int i = 0; i < lids.length; i++) {
                Stage simmer = Stage.of(StageKind.SIMMER, Sauces.of("water", 2000), new StageEnd.Minutes(30));
                lost[i] = cook(simmer.at(look, lids[i])).stages().get(0).evaporatedG();
            }
            assertThat(lost).as(look + " closed, foil, ajar, open").isSorted();
            assertThat(lost[1] - lost[0]).isLessThan(lost[2] - lost[1]);
        }
    }
}
