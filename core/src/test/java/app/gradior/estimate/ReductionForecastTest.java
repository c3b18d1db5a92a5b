package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.plan.Reduction;
import app.gradior.plan.StopAt;
import app.gradior.sauce.Ingredients;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import org.junit.jupiter.api.Test;

class ReductionForecastTest {
    private static final Reduction REDUCTION = new Reduction(
            Sauces.damson(),
            PotOnHeat.unknownPair(new PotShape(240, 210, 130), 0),
            new Heat(Look.LIVELY, LidState.OPEN),
            20,
            1);

    private static Band band(StopAt target, Ingredients.Spread spread, boolean known) {
        Reduction.Done done = (Reduction.Done) REDUCTION.solve(target);
        return ReductionForecast.minutes(REDUCTION, target, done, spread, Prior.of(known));
    }

    @Test
    void theBandIsHonestAboutAPairThatNobodyMeasured() {
        Band unknown = band(new StopAt.Fraction(0.7), Ingredients.Spread.EXACT, false);
        Band known = band(new StopAt.Fraction(0.7), Ingredients.Spread.EXACT, true);
        // Pair 0.30 and look 0.15 together are 0.335: four in five lie between exp(-0.43) and exp(0.43).
        assertThat(unknown.low() / unknown.middle()).isBetween(0.56, 0.74);
        assertThat(unknown.high() / unknown.middle()).isBetween(1.35, 1.8);
        assertThat(known.width()).isLessThan(0.75 * unknown.width());
    }

    @Test
    void aStepIsLessSureThanAVolumeSinceTheBodyIsUnknown() {
        StopAt.StepServed step = new StopAt.StepServed(6.5);
        double reached = ((Reduction.Done) REDUCTION.solve(step)).last().volumeMl20c();
        assertThat(band(step, Ingredients.Spread.EXACT, true).width())
                .isGreaterThan(1.3
                        * band(new StopAt.Volume(reached), Ingredients.Spread.EXACT, true)
                                .width());
    }

    @Test
    void looseMeasuresWidenItAndGivenMinutesHaveNone() {
        StopAt.StepServed step = new StopAt.StepServed(6.5);
        assertThat(band(step, new Ingredients.Spread(0.25, 0.25), true).width())
                .isGreaterThan(band(step, Ingredients.Spread.EXACT, true).width());
        assertThat(band(new StopAt.Minutes(12), Ingredients.Spread.EXACT, false).width())
                .isZero();
    }
}
