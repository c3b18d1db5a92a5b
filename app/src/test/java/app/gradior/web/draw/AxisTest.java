package app.gradior.web.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class AxisTest {
    private static final Axis UP = new Axis(200, 700, 208, 16);

    @Test
    void figuresLieBetweenTheEdgesInTheirOrder() {
        assertThat(UP.at(200)).isEqualTo(208);
        assertThat(UP.at(700)).isEqualTo(16);
        assertThat(UP.at(450)).isCloseTo(112, within(1e-9));
        assertThat(UP.at(800)).isLessThan(16);
        assertThat(UP.within(800)).isEqualTo(16);
        assertThat(UP.within(0)).isEqualTo(208);
        assertThat(new Axis(3, 3, 0, 10).at(3)).as("nothing between the bounds").isZero();
    }

    @Test
    void ticksAreEasyToReadAndNotTooMany() {
        double[] nice = {5, 10, 20, 25, 50, 100, 200};
        assertThat(UP.ticks(5, nice)).containsExactly(200.0, 300.0, 400.0, 500.0, 600.0, 700.0);
        assertThat(UP.ticks(250)).containsExactly(200.0, 450.0, 700.0);
        assertThat(Axis.niceStep(500, 5, nice)).isEqualTo(100);
        assertThat(Axis.niceStep(501, 5, nice)).isEqualTo(200);
        assertThat(Axis.niceStep(6000, 5, nice))
                .as("beyond them by whole hours")
                .isEqualTo(1200);
    }

    @Test
    void aLineGoesThroughItsPoints() {
        Plane plane = new Plane(new Axis(0, 10, 0, 100), new Axis(0, 1, 50, 0));
        assertThat(plane.line(List.of(0.0, 5.0, 10.0), p -> p, p -> p / 10)).isEqualTo("M0 50L50 25L100 0");
        assertThat(plane.line(List.<Double>of(), p -> p, p -> p)).isEqualTo("M0 0");
    }
}
