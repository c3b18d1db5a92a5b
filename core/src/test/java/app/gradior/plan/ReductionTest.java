package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.texture.Consistency;
import app.gradior.vessel.PotShape;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ReductionTest {
    private static final PotShape POT = new PotShape(240, 210, 130);

    private static Reduction of(Mixture start, PotShape shape, LidState lid) {
        return new Reduction(start, PotOnHeat.unknownPair(shape, 0), new Heat(Look.LIVELY, lid), 20, 1);
    }

    private static Reduction.Done done(Reduction.Outcome outcome) {
        assertThat(outcome).isInstanceOf(Reduction.Done.class);
        return (Reduction.Done) outcome;
    }

    private static Reduction.Impossible impossible(Reduction.Outcome outcome) {
        assertThat(outcome).isInstanceOf(Reduction.Impossible.class);
        return (Reduction.Impossible) outcome;
    }

    @ParameterizedTest
    @ValueSource(doubles = {5.5, 6, 6.5, 7})
    void everyTargetIsTheInverseOfTheMinutes(double step) {
        Reduction reduction = of(Sauces.damson(), POT, LidState.OPEN);
        Reduction.Done toStep = done(reduction.solve(new StopAt.StepServed(step)));
        assertThat(toStep.last().stepServed()).isCloseTo(step, within(0.001 * step));
        Reduction.Done byMinutes = done(reduction.solve(new StopAt.Minutes(toStep.minutes())));
        assertThat(byMinutes.last().massG()).isCloseTo(toStep.last().massG(), within(1e-3));
        Reduction.Done toMass =
                done(reduction.solve(new StopAt.Mass(toStep.last().massG())));
        assertThat(toMass.minutes()).isCloseTo(toStep.minutes(), within(0.001 * toStep.minutes()));
        Reduction.Done toVolume =
                done(reduction.solve(new StopAt.Volume(toStep.last().volumeMl20c())));
        assertThat(toVolume.minutes()).isCloseTo(toStep.minutes(), within(0.001 * toStep.minutes()));
    }

    @Test
    void byHalfLeavesHalfTheVolume() {
        Mixture stock = Sauces.of("vegetable-stock", 1000);
        Reduction.Done half = done(of(stock, POT, LidState.OPEN).solve(new StopAt.Fraction(0.5)));
        assertThat(half.last().volumeMl20c()).isCloseTo(stock.volumeMl20c() / 2, within(0.01));
        assertThat(half.last().mixture().saltPercent()).isCloseTo(2 * stock.saltPercent(), within(0.03));
        assertThat(half.trajectory()).hasSize(41);
        assertThat(half.first().minute()).isZero();
    }

    @Test
    void doublingTheBatchMoreThanDoublesTheTime() {
        double one = done(of(Sauces.damson(), POT, LidState.OPEN).solve(new StopAt.StepServed(6)))
                .minutes();
        double two = done(of(Sauces.damson().times(2), POT, LidState.OPEN).solve(new StopAt.StepServed(6)))
                .minutes();
        assertThat(two / one).isBetween(1.6, 2.05);
    }

    @Test
    void aPotSmallerThanTheSauceIsNamed() {
        Reduction.Impossible answer = impossible(
                of(Sauces.damson(), new PotShape(120, 110, 60), LidState.OPEN).solve(new StopAt.StepServed(6)));
        assertThat(answer.field()).isEqualTo("pot");
        assertThat(answer.why())
                .isInstanceOfSatisfying(
                        CannotReach.Overfull.class,
                        over -> assertThat(over.brimMl()).isCloseTo(622, within(3.0)));
    }

    @Test
    void aTargetThinnerThanTheStartAsksForWaterAndThatWaterDoesIt() {
        Mixture thick = Sauces.of("tomato-paste", 200).plus(Sauces.of("water", 200));
        Reduction.Impossible answer = impossible(of(thick, POT, LidState.OPEN).solve(new StopAt.StepServed(4)));
        assertThat(answer.field()).isEqualTo("target");
        double water = Thinning.waterToStep(thick, 4, 20, 1).orElseThrow();
        assertThat(answer.why()).isInstanceOfSatisfying(CannotReach.TooThick.class, thick1 -> {
            assertThat(thick1.waterG()).isCloseTo(water, within(1e-9));
            assertThat(thick1.wantedStep()).isEqualTo(4);
            assertThat(thick1.servedC()).isEqualTo(20);
        });
        assertThat(Consistency.stepCooked(thick.plus(Sauces.of("water", water)), 20))
                .isCloseTo(4, within(0.004));
        assertThat(Thinning.waterToStep(thick, 9, 20, 1)).isEmpty();
    }

    @Test
    void whatNeverThickensSaysSo() {
        Reduction.Impossible answer = impossible(
                of(Sauces.of("vegetable-stock", 800), POT, LidState.OPEN).solve(new StopAt.StepServed(8.9)));
        assertThat(answer.field()).isEqualTo("target");
        assertThat(answer.why()).isInstanceOf(CannotReach.NoThicker.class);
        Reduction.Impossible slow = impossible(new Reduction(
                        Sauces.damson().times(2.5),
                        PotOnHeat.unknownPair(new PotShape(240, 240, 200), 0),
                        new Heat(Look.STEAMING, LidState.CLOSED),
                        20,
                        1)
                .solve(new StopAt.StepServed(7)));
        assertThat(slow.field()).isEqualTo("heat");
        assertThat(impossible(of(Sauces.of("olive-oil", 100), POT, LidState.OPEN)
                                .solve(new StopAt.Minutes(5)))
                        .field())
                .isEqualTo("start");
    }

    @Test
    void boundsAreChecked() {
        assertThatThrownBy(() -> new StopAt.StepServed(Double.NaN)).hasMessageContaining("toStep");
        assertThatThrownBy(() -> new StopAt.Fraction(1.5)).hasMessageContaining("toFraction");
        assertThatThrownBy(() -> new StopAt.Minutes(-1)).hasMessageContaining("minutes");
    }
}
