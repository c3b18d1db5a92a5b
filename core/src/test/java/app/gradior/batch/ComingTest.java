package app.gradior.batch;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.estimate.Estimator;
import app.gradior.estimate.Forecast;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageName;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a pot will want hands for, and when. */
class ComingTest {
    private static Forecast forecast(Batch batch, double minute) {
        return Estimator.forecast(new BatchTelling(batch).story(), minute);
    }

    private static StageName name(int stage) {
        return Logs.plan().course().get(stage).name();
    }

    @Test
    void theEndsOfTheStagesThatAreLeftAsTheyFollow() {
        Batch batch = new Logs().batch();
        List<Coming> coming = Coming.of(batch, forecast(batch, 5));
        assertThat(coming)
                .extracting(Coming::says)
                .containsExactly(
                        new Coming.StageOver(name(0)), new Coming.StageOver(name(1)), new Coming.AllOver(name(2)));
        assertThat(Duration.between(coming.get(0).at(), coming.get(1).at()).toMinutes())
                .as("ten minutes at its heat, and what warms up before")
                .isBetween(9L, 14L);
        assertThat(coming.get(0).at()).isAfter(Logs.minute(9.9));
        Batch later = new Logs().at(12, new EventBody.StageDone(0)).batch();
        assertThat(Coming.of(later, forecast(later, 13)))
                .extracting(Coming::says)
                .containsExactly(new Coming.StageOver(name(1)), new Coming.AllOver(name(2)));
        Batch over = new Logs()
                .at(12, new EventBody.StageDone(0))
                .at(20, new EventBody.StageDone(1))
                .at(30, new EventBody.StageDone(2))
                .batch();
        assertThat(Coming.of(over, forecast(over, 31))).isEmpty();
        assertThat(Logs.plan().course().get(2).kind()).isEqualTo(StageKind.REST);
    }

    /** A litre at the boil in a heavy pot, and 100 g of cold water: within a minute, for the pot itself is as hot as it was. */
    @Test
    void aSplashOfColdWaterChillsTheSauceAndNotThePot() {
        Logs log = new Logs();
        assertThat(forecast(log.batch(), 9.9).likely().tempC()).isGreaterThan(100);
        log.at(
                10,
                new EventBody.Added(List.of(new IngredientInput("100 g water", null, null))),
                Logs.line("water", 100));
        assertThat(forecast(log.batch(), 10.1).likely().tempC()).isLessThan(95);
        assertThat(forecast(log.batch(), 11).likely().tempC()).isGreaterThan(99.5);
    }
}
