package app.gradior.batch;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.care.Caution;
import app.gradior.estimate.Estimator;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.estimate.PromptFinding;
import app.gradior.heat.Look;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Body;
import app.gradior.plan.Thickening;
import app.gradior.reading.ReadingKind;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What to do with a pot, by its plan, its log and what is believed of it. */
class BatchAdviceTest {
    private final Logs log = new Logs();

    private BatchAdvice advice(double minute) {
        Batch batch = log.batch();
        Forecast forecast = Estimator.forecast(new BatchTelling(batch).story(), minute);
        return new BatchAdvice(batch, forecast, Logs.minute(minute));
    }

    private Prompt prompt(double minute) {
        return advice(minute).prompt();
    }

    private Logs reducedAndTicked() {
        return log.at(1, new EventBody.Ticked(List.of(0, 1)))
                .at(6, new EventBody.HeatSet(Look.LIVELY))
                .at(20, new EventBody.StageDone(0))
                .at(21, new EventBody.HeatSet(Look.GENTLE));
    }

    @Test
    void linesAreAskedForAtFirstAndNotForEver() {
        assertThat(prompt(1).doNow())
                .isEqualTo(new PromptFinding.PutIn(List.of("1000.0 g vegetable-stock", "20.0 g butter")));
        assertThat(prompt(3.9).action()).isEqualTo("ticks");
        assertThat(prompt(4).action()).isNotEqualTo("ticks");
        log.at(1, new EventBody.Ticked(List.of(0))).at(2, new EventBody.LeftOut(List.of(1)));
        assertThat(prompt(3).action()).isNotEqualTo("ticks");
    }

    @Test
    void whoeverIsNotHeardOfIsAskedAfter() {
        log.at(1, new EventBody.Ticked(List.of(0, 1))).at(6, new EventBody.HeatSet(Look.LIVELY));
        assertThat(prompt(186).doNow()).isNotEqualTo(new PromptFinding.StillOn());
        assertThat(prompt(187).doNow()).isEqualTo(new PromptFinding.StillOn());
    }

    @Test
    void aPotOffTheHeatAndOneThatIsOverSaySo() {
        log.at(1, new EventBody.Ticked(List.of(0, 1))).at(6, new EventBody.OffHeat());
        assertThat(prompt(7).doNow()).isEqualTo(new PromptFinding.OffTheHeat());
        log.at(8, new EventBody.StageDone(0)).at(9, new EventBody.StageDone(1)).at(10, new EventBody.StageDone(2));
        assertThat(prompt(11)).isEqualTo(Prompt.allOver(Estimator.forecast(new BatchTelling(log.batch()).story(), 11)));
        assertThat(advice(11).nextPortion()).isEmpty();
        assertThat(advice(11).cautions()).isEmpty();
    }

    @Test
    void slurryGoesInByPortionsOfThePlansStarch() {
        assertThat(advice(1).nextPortion()).as("not in a stage that reduces").isEmpty();
        reducedAndTicked();
        BatchAdvice.NextPortion first = advice(22).nextPortion().orElseThrow();
        assertThat(first.starch()).isEqualTo(StarchKind.MAIZE);
        assertThat(first.portion().coldLiquidG() / first.portion().starchG())
                .as("40 g of water to 20 g of powder")
                .isCloseTo(Thickening.Mix.MOST_RATIO, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(prompt(22).action()).isEqualTo("slurry");
        Understood[] in = {Logs.line("cornflour", 60), Logs.line("water", 120)};
        log.at(23, new EventBody.Slurry(StarchKind.MAIZE, 60, 120), in)
                .at(24, new EventBody.Read(ReadingKind.SPOON, 7));
        assertThat(advice(25).nextPortion()).as("it is thick enough").isEmpty();
    }

    @Test
    void aSlurrysRatioIsThatOfTheLinesAsTheyStand() {
        reducedAndTicked().at(22, new EventBody.Corrected(null, 3, null, 25), Logs.line("water", 25));
        Thickening.Portion next = advice(23).nextPortion().orElseThrow().portion();
        assertThat(next.coldLiquidG() / next.starchG()).isCloseTo(1.25, org.assertj.core.api.Assertions.within(1e-9));
    }

    @Test
    void cautionsAreThoseOfTheStageAtHandAndOfWhatIsInThePot() {
        Understood bay = new Understood("2 bay leaves", app.gradior.Sauces.food("bay-leaf"), 0.4, 0.1);
        log.at(2, new EventBody.Added(List.of(new IngredientInput("2 bay leaves", null, null))), bay);
        assertThat(new BatchTelling(log.batch()).wholePieces()).contains(new Caution.TakeOut(List.of(bay.food())));
        assertThat(advice(3).cautions()).isEmpty();
        Understood sugar = Logs.line("sugar", 2000);
        log.at(4, new EventBody.Added(List.of(new IngredientInput("2 kg sugar", null, null))), sugar);
        assertThat(advice(5).cautions())
                .extracting(Object::getClass)
                .containsExactly(Caution.HotSugar.class, Caution.Crystals.class);
    }

    @Test
    void yolkInAPotOnItsWayToTheSimmerIsSaidUntilItHasCurdled() {
        log.at(1, new EventBody.Ticked(List.of(0, 1)))
                .at(
                        2,
                        new EventBody.Added(List.of(new IngredientInput("6 yolks", null, null))),
                        Logs.line("egg-yolk", 108));
        assertThat(advice(3).cautions()).containsExactly(new Caution.Curdles(Body.YOLK_CURDLES_C));
        assertThat(advice(30).cautions()).as("it has").isEmpty();
    }
}
