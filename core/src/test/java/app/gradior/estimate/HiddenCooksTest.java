package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.estimate.CooksBenchmark.Score;
import app.gradior.estimate.HiddenCook.Cooked;
import app.gradior.estimate.HiddenCook.Dish;
import app.gradior.estimate.HiddenCook.End;
import app.gradior.heat.Look;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What the estimator says of pots that are not the model's. */
class HiddenCooksTest {
    /** One cook in five or so is outside of an 80 % band; of so few cooks, more or fewer. */
    private static final int COOKS = 112;

    @Test
    void bandsHoldTheTruthOfPotsThatAreNotTheModels() {
        List<Score> scores = CooksBenchmark.scores(COOKS);
        for (End end : End.values()) {
            List<Score> of = CooksBenchmark.of(scores, end);
            assertThat(of).hasSizeGreaterThan(20);
            assertThat(CooksBenchmark.share(of, Score::inMass))
                    .as("mass, " + end)
                    .isBetween(66.0, 97.0);
            assertThat(CooksBenchmark.share(of, Score::inFinish))
                    .as("finish, " + end)
                    .isBetween(62.0, 99.0);
            assertThat(CooksBenchmark.off(of))
                    .as("off the finish, " + end)
                    .isLessThan(end == End.THICKNESS ? 24.0 : 12.0);
        }
        assertThat(CooksBenchmark.share(scores, Score::inMass)).isBetween(72.0, 93.0);
        assertThat(CooksBenchmark.share(scores, Score::inFinish)).isBetween(72.0, 93.0);
        assertThat(CooksBenchmark.share(scores, Score::inServed)).isBetween(65.0, 90.0);
    }

    @Test
    void aUsualPotIsForetoldWithoutAnyReading() {
        for (Look look : List.of(Look.LIVELY, Look.GENTLE)) {
            for (Dish dish : HiddenDishes.all(look)) {
                Cooked cooked = HiddenCook.steady(dish).cook();
                EnsembleMember model = new EnsembleMember(
                        cooked.told(),
                        Belief.of(cooked.told()),
                        new double[Belief.of(cooked.told()).size()]);
                double half = cooked.finishMinute() / 2;
                model.follow(half);
                double went = cooked.truth().stream()
                        .mapToDouble(HiddenCook.Moment::massG)
                        .max()
                        .orElseThrow();
                assertThat((model.course().massG() - cooked.at(half).massG()) / went)
                        .as("mass at half time of " + dish.name() + ", " + look)
                        .isBetween(-0.1, 0.1);
                assertThat(onStair(model.course().look().stepServed()))
                        .as("served step at half time of " + dish.name() + ", " + look)
                        .isBetween(
                                onStair(cooked.at(half).stepServed()) - 0.6,
                                onStair(cooked.at(half).stepServed()) + 0.6);
            }
        }
    }

    private static double onStair(double step) {
        return Math.max(1, Math.min(9, step));
    }
}
