package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class BoilingAwayTest {
    private static Forecast.CurvePoint at(double minute, double massG) {
        return new Forecast.CurvePoint(minute, new Band(massG, massG, massG));
    }

    /** 100 g in ten minutes, then 500 g in and 50 g out at once, then 300 g in twenty minutes. */
    @Test
    void whatIsPutInOrTakenOutAtOnceBoilsNothingAway() {
        List<BoilingAway.Point> points = BoilingAway.of(
                List.of(at(0, 1000), at(10, 900), at(10 + 1e-6, 1400), at(10 + 2e-6, 1350), at(30, 1050)));
        assertThat(points).hasSize(2);
        assertThat(points.get(0).share()).isCloseTo(50.0 / 400, within(1e-9));
        assertThat(points.get(0).gPerMin()).isCloseTo(10, within(1e-9));
        assertThat(points.get(1).share()).isCloseTo(250.0 / 400, within(1e-9));
        assertThat(points.get(1).gPerMin()).isCloseTo(15, within(1e-5));
    }

    @Test
    void aPotThatHardlyBoiledHasNoCurve() {
        assertThat(BoilingAway.of(List.of(at(0, 1000), at(10, 999.1)))).isEmpty();
        assertThat(BoilingAway.of(List.of())).isEmpty();
    }
}
