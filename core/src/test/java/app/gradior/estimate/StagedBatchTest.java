package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.course.SauceRun;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.estimate.BatchStory.Reading;
import app.gradior.estimate.BatchStory.StoryStage;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A batch followed from stage to stage. */
class StagedBatchTest {
    private static final PotOnHeat POT = new PotOnHeat(new PotShape(240, 232, 130), 0, 1, 1100);
    private static final double EMPTY_G = 1950;
    private static final Mixture SLURRY = Sauces.of("cornflour", 14).plus(Sauces.of("water", 21));
    private static final List<StoryStage> PARTS = List.of(
            StoryStage.of(Stage.of(
                    StageKind.SIMMER,
                    Sauces.of("damson", 1000).plus(Sauces.of("water", 250)),
                    new StageEnd.Minutes(18))),
            StoryStage.of(Stage.of(StageKind.MILL, new StageEnd.Minutes(6))),
            StoryStage.of(Stage.of(StageKind.REDUCE, Sauces.of("sugar-brown", 200), new StageEnd.FractionLeft(0.7))),
            new StoryStage(Stage.of(StageKind.SLURRY, new StageEnd.Minutes(2)), SLURRY));

    private static Forecast forecast(double now, Happening... happenings) {
        return Estimator.forecast(
                new BatchStory(
                        PARTS, Ingredients.Spread.EXACT, POT, Prior.UNKNOWN, EMPTY_G, 20, false, List.of(happenings)),
                now);
    }

    private static Happening next(double minute) {
        return new Happening(minute, new BatchStory.NextStage());
    }

    @Test
    void beforeAnythingIsReadItForecastsThePlan() {
        List<Stage> stages = PARTS.stream()
                .map(p -> new Stage(
                        p.stage().kind(),
                        p.stage().adds().plus(p.inPortions()),
                        p.stage().look(),
                        p.stage().lid(),
                        p.stage().end()))
                .toList();
        SauceRun.Cooked plan = SauceRun.cook(stages, POT, 1, 20);
        Forecast forecast = forecast(0);
        assertThat(forecast.part()).isZero();
        assertThat(forecast.warming()).isTrue();
        assertThat(forecast.partEnds()).hasSize(4);
        for (int i = 0; i < 4; i++) {
            assertThat(forecast.partEnds().get(i).middle())
                    .as("stage " + i)
                    .isCloseTo(plan.stages().get(i).endMinute(), within(3.0));
        }
        assertThat(forecast.finish().orElseThrow().massG().middle())
                .isCloseTo(plan.out().massG(), within(0.03 * plan.out().massG()));
    }

    @Test
    void theCooksNextBeginsTheStageWithWhatGoesInAndUsesTheTool() {
        Forecast stewing = forecast(25);
        Forecast milling = forecast(25, next(25));
        Forecast reducing = forecast(32, next(25), next(32));
        assertThat(stewing.part()).isZero();
        assertThat(milling.part()).isEqualTo(1);
        assertThat(milling.lossGPerMin().middle()).as("off the heat it steams").isBetween(1.0, 6.0);
        assertThat(reducing.part()).isEqualTo(2);
        double milledAway = milling.massG().middle() + 200 - reducing.massG().middle();
        assertThat(milledAway).as("stones, skins and what clings to them").isBetween(20.0, 250.0);
        double steams = milling.lossGPerMin().middle();
        Forecast weighed =
                forecast(32, next(25), new Happening(31, new BatchStory.Pressed(Pressing.MILLED, 150)), next(32));
        assertThat(milling.massG().middle() + 200 - weighed.massG().middle())
                .isBetween(150 + 4 * steams, 150 + 5 * steams);
    }

    @Test
    void aStageThatLastsLongerThanItShouldGoesOnUntilTheCookSaysSo() {
        Forecast late = forecast(60);
        assertThat(late.part()).isZero();
        assertThat(late.stageEnd().orElseThrow().minutesFrom(60).middle()).isZero();
        assertThat(late.massG().middle()).isLessThan(forecast(30).massG().middle() - 50);
    }

    @Test
    void portionsThatWentInAreNotCountedAgain() {
        Happening[] upToSlurry = {next(25), next(31), next(60)};
        Forecast before = forecast(60, upToSlurry);
        Forecast half =
                forecast(60, next(25), next(31), next(60), new Happening(60, new BatchStory.Poured(SLURRY.times(0.5))));
        assertThat(before.part()).isEqualTo(3);
        assertThat(half.massG().middle() - before.massG().middle()).isCloseTo(17.5, within(0.5));
        assertThat(half.finish().orElseThrow().massG().middle())
                .as("the plan's starch is in at the end either way")
                .isCloseTo(before.finish().orElseThrow().massG().middle(), within(6.0));
    }

    @Test
    void aLookEndsTheWarmingUpAndAWeighInLearnsHowFastItWas() {
        Forecast reckoned = forecast(3);
        Forecast seen = forecast(3, new Happening(3, new BatchStory.LookSet(Look.GENTLE)));
        assertThat(reckoned.warming()).isTrue();
        assertThat(seen.warming()).isFalse();
        assertThat(seen.lossGPerMin().middle()).isGreaterThan(2);
        Forecast weighed = forecast(
                20,
                new Happening(3, new BatchStory.LookSet(Look.GENTLE)),
                new Happening(4, new Reading(ReadingKind.WEIGHT, EMPTY_G + 1245)),
                new Happening(20, new Reading(ReadingKind.WEIGHT, EMPTY_G + 1245 - 16 * 9)));
        assertThat(weighed.massG().middle()).isCloseTo(1101, within(12.0));
    }

    @Test
    void afterTheLastStageNothingIsLeftToWaitFor() {
        Forecast done = forecast(70, next(20), next(27), next(60), next(65));
        assertThat(done.part()).isEqualTo(4);
        assertThat(done.stageEnd()).isEmpty();
        assertThat(done.finish().orElseThrow().minutesFrom(70).high()).isZero();
    }
}
