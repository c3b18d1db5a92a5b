package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.estimate.BatchStory.Happening;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Pressing;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What happens to a pot beside readings: taken out, blended, sieved, off the heat and back. */
class HappeningsTest {
    private static final double NOW = 20;
    private static final BatchStory PLAIN = story();

    private static BatchStory story(Happening... happenings) {
        return BatchStory.reducing(
                Sauces.of("damson", 1000).plus(Sauces.of("sugar", 220)).plus(Sauces.of("water", 300)),
                Ingredients.Spread.EXACT,
                PotOnHeat.unknownPair(new PotShape(240, 232, 130), 0),
                Prior.UNKNOWN,
                1950,
                new Heat(Look.LIVELY, LidState.OPEN),
                20,
                6.5,
                List.of(happenings));
    }

    private static Forecast forecast(BatchStory story) {
        return Estimator.forecast(story, NOW);
    }

    @Test
    void offTheHeatLittleLeavesAndTheFinishWaits() {
        Forecast on = forecast(PLAIN);
        Forecast off = forecast(story(new Happening(10, new BatchStory.OnHeat(false))));
        Forecast back = forecast(
                story(new Happening(10, new BatchStory.OnHeat(false)), new Happening(15, new BatchStory.OnHeat(true))));
        assertThat(off.lossGPerMin().middle())
                .isBetween(0.5, 0.3 * on.lossGPerMin().middle());
        assertThat(off.massG().middle()).isGreaterThan(back.massG().middle() + 20);
        assertThat(back.massG().middle()).isGreaterThan(on.massG().middle() + 20);
        assertThat(Change.between(on, off).minutes())
                .as("ten minutes beside the heat are ten minutes more")
                .isCloseTo(10, within(2.5));
    }

    @Test
    void whatIsTakenOutIsOfTheSameThickness() {
        Forecast before = forecast(PLAIN);
        Forecast weighed = forecast(story(new Happening(NOW, new BatchStory.Taken(100, 0))));
        Change change = Change.between(before, weighed);
        assertThat(before.massG().middle() - weighed.massG().middle()).isCloseTo(100, within(1.0));
        assertThat(change.stepServed()).isCloseTo(0, within(0.02));
        assertThat(change.yieldMl()).isNegative();
        Forecast poured = forecast(story(new Happening(NOW, new BatchStory.Taken(0, 100))));
        assertThat(before.volumeMlHot().middle() - poured.volumeMlHot().middle())
                .isCloseTo(100, within(2.0));
    }

    @Test
    void blendingSoftFruitChangesLittleAndSievingLosesWhatStayedBehind() {
        Forecast before = forecast(PLAIN);
        Forecast blended = forecast(
                story(new Happening(NOW, new BatchStory.Pressed(Pressing.BLENDED, BatchStory.Pressed.NOT_WEIGHED))));
        assertThat(Change.between(before, blended).stepServed())
                .as("soft fruit has fallen apart by then")
                .isBetween(-0.05, 0.5);
        Forecast sieved = forecast(story(new Happening(NOW, new BatchStory.Pressed(Pressing.SIEVED, 180))));
        assertThat(before.likely().massG() - sieved.likely().massG()).isCloseTo(180, within(2.0));
    }
}
