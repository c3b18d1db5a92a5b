package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Sauces;
import app.gradior.course.SauceRun;
import app.gradior.larder.StarchKind;
import app.gradior.plan.SauceRoutes;
import app.gradior.plan.Thickening;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StageBandsTest {
    private static final PotOnHeat POT = new PotOnHeat(new PotShape(260, 240, 140), 0, 1, 1500);
    private static final List<Stage> STAGES = List.of(
            Stage.of(
                    StageKind.SIMMER,
                    Sauces.of("damson", 1000).plus(Sauces.of("water", 250)),
                    new StageEnd.Minutes(15)),
            Stage.of(StageKind.MILL, new StageEnd.Minutes(5)),
            Stage.of(StageKind.REDUCE, Sauces.of("sugar", 250), new StageEnd.StepServed(7.5)));

    private static SauceRoutes.Way way() {
        SauceRoutes routes = new SauceRoutes(STAGES, 0, POT, Thickening.Mix.slurry(StarchKind.MAIZE), 7.5, 20, 1);
        SauceRoutes.Ways ways = (SauceRoutes.Ways) routes.ways();
        return routes.along(ways, ways.curve().mostReduced());
    }

    @Test
    void theBandHoldsFourInFiveOfPotsDrawnFromTheSameBelief() {
        Ingredients.Spread spread = new Ingredients.Spread(0.04, 0.05);
        StageBands.Bands bands = StageBands.of(way(), POT, spread, Prior.UNKNOWN, 20);
        Random random = new Random(5);
        int below = 0;
        int above = 0;
        for (int i = 0; i < 400; i++) {
            double rate = Math.exp(Belief.rateLogSd(
                            Prior.UNKNOWN, way().stages().get(way().main()).look())
                    * random.nextGaussian());
            double water = Math.exp(Belief.waterLogSd(spread) * random.nextGaussian());
            double solids = Math.exp(Belief.solidsLogSd(spread) * random.nextGaussian());
            double body = Math.exp(Prior.UNKNOWN.bodyLogSd() * random.nextGaussian());
            List<Stage> truth = STAGES.stream()
                    .map(s -> new Stage(s.kind(), s.adds().scaled(water, solids), s.look(), s.lid(), s.end()))
                    .toList();
            SauceRun.Cooked cooked = SauceRun.cook(truth, POT.withPairFactor(rate), body, 20);
            assertThat(cooked.stuck()).isEmpty();
            below += cooked.minutes() < bands.all().low() ? 1 : 0;
            above += cooked.minutes() > bands.all().high() ? 1 : 0;
        }
        assertThat(below).as("of 400 below " + bands.all()).isBetween(24, 60);
        assertThat(above).as("of 400 above " + bands.all()).isBetween(24, 60);
    }

    @Test
    void aStageByTheClockHasNoSpreadButItsWarmUpAndAMeasuredPairNarrows() {
        StageBands.Bands unknown = StageBands.of(way(), POT, Ingredients.Spread.EXACT, Prior.UNKNOWN, 20);
        StageBands.Bands measured = StageBands.of(way(), POT, Ingredients.Spread.EXACT, Prior.of(true), 20);
        assertThat(unknown.stages().get(0).width()).isLessThan(1);
        assertThat(unknown.stages().get(1).width()).isZero();
        assertThat(measured.all().width()).isLessThan(unknown.all().width());
        assertThat(unknown.highIsOpen()).isFalse();
    }
}
