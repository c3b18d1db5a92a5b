package app.gradior.texture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpoonTimesTest {
    private static final double DENSITY = 1100;

    private static Consistency.Flow runs(double paS) {
        return new Consistency.Flow(paS, 0, Structure.LIQUID);
    }

    private static Consistency.Flow stands(double paS, double yieldPa) {
        return new Consistency.Flow(paS, yieldPa, Structure.PASTE);
    }

    /** Herschel and Bulkley: the stair's viscosity at 50 1/s, whatever stands; thinner the faster it is sheared. */
    @Test
    void aFlowCurveMeetsTheStairAndThinsTheMoreItStands() {
        FlowCurve syrup = FlowCurve.of(runs(0.8));
        assertThat(syrup.index()).isEqualTo(1);
        assertThat(syrup.viscosityPaS(1)).isCloseTo(syrup.viscosityPaS(500), within(1e-12));
        FlowCurve tomato = FlowCurve.of(stands(0.8, 12.8));
        assertThat(tomato.viscosityPaS(50)).isCloseTo(0.8, within(1e-9));
        assertThat(tomato.index()).isBetween(0.4, 0.6);
        assertThat(tomato.viscosityPaS(1)).isGreaterThan(10 * tomato.viscosityPaS(100));
        assertThat(FlowCurve.of(stands(0.8, 4)).index()).isBetween(tomato.index(), 1.0);
        assertThat(FlowCurve.of(stands(0.8, 80)).viscosityPaS(50))
                .as("a tenth of it is flow at least")
                .isCloseTo(1.6 + 0.08, within(1e-9));
    }

    /** A Newtonian film of 5 mm: 0.015²·3·η·4.124/(ρ·g·h³), and what its inertia takes. */
    @Test
    void aLineClosesAsAFrontOverADryBed() {
        double byHand = 0.015 * 0.015 * 3 * 2 * 4.124 / (DENSITY * 9.81 * Math.pow(0.005, 3));
        double falls = 0.015 / Math.sqrt(9.81 * 0.005);
        assertThat(SpoonTimes.trailS(runs(2), DENSITY, 0.005)).isCloseTo(byHand + falls, within(1e-6));
        assertThat(SpoonTimes.trailS(runs(2), DENSITY, 0.004) / byHand).isBetween(1.8, 2.1);
        assertThat(SpoonTimes.trailS(runs(0.001), DENSITY, 0.02))
                .as("water closes at once")
                .isLessThan(0.1);
    }

    @Test
    void whatStandsKeepsItsLineAndStaysOnTheSpoon() {
        double half = DENSITY * 9.81 * 0.02 / 2;
        assertThat(SpoonTimes.trailS(stands(9, 1.01 * half), DENSITY, 0.02)).isEqualTo(SpoonTimes.LONGEST_S);
        assertThat(SpoonTimes.trailS(stands(9, 0.5 * half), DENSITY, 0.02)).isBetween(0.5, 20.0);
        assertThat(SpoonTimes.dripS(stands(9, DENSITY * 9.81 * 0.0081), DENSITY))
                .isEqualTo(SpoonTimes.LONGEST_S);
    }

    /** Kitchen teaching: water, single cream, a heavy syrup, honey, from a tablespoon lifted full. */
    @ParameterizedTest
    @CsvSource({"0.001, 0.8, 1.8", "0.03, 1.2, 2.4", "0.25, 2.5, 5", "8, 18, 45"})
    void aStreamHoldsTheLongerTheThicker(double paS, double least, double most) {
        assertThat(SpoonTimes.dripS(runs(paS), DENSITY)).isBetween(least, most);
    }

    @Test
    void bubblesGrowFromSmallToCraters() {
        assertThat(Bubbles.between(1)).isEqualTo(1);
        assertThat(Bubbles.between(4)).isCloseTo(1.5, within(1e-9));
        assertThat(Bubbles.between(5.5)).isEqualTo(2);
        assertThat(Bubbles.between(6.5)).isCloseTo(2.5, within(1e-9));
        assertThat(Bubbles.between(9)).isEqualTo(3);
    }
}
