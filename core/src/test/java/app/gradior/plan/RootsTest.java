package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class RootsTest {
    @Test
    void betweenFindsARootOrTheBoundThatIsOne() {
        assertThat(Roots.between(0, 3, x -> x * x - 2).orElseThrow()).isCloseTo(Math.sqrt(2), within(1e-8));
        assertThat(Roots.between(0, 3, x -> 2 - x * x).orElseThrow()).isCloseTo(Math.sqrt(2), within(1e-8));
        assertThat(Roots.between(1, 3, x -> x - 1)).hasValue(1);
        assertThat(Roots.between(1, 3, x -> x - 3)).hasValue(3);
        assertThat(Roots.between(1, 3, x -> x)).as("above at both").isEmpty();
        assertThat(Roots.between(1, 3, x -> -x)).as("below at both").isEmpty();
        assertThat(Roots.between(1, 3, x -> Double.NaN)).isEmpty();
    }

    @Test
    void upwardFindsTheFirstOneUpToItsBound() {
        assertThat(Roots.upward(1, 100, x -> x - 37.5).orElseThrow()).isCloseTo(37.5, within(1e-7));
        assertThat(Roots.upward(1, 100, x -> (x - 3) * (9 - x)).orElseThrow())
                .as("the first of two")
                .isCloseTo(3, within(1e-7));
        assertThat(Roots.upward(1, 100, x -> x - 100)).as("the bound itself").hasValue(100);
        assertThat(Roots.upward(1, 100, x -> x - 100.001)).isEmpty();
        assertThat(Roots.upward(1, 0.5, x -> x - 0.4).orElseThrow())
                .as("a bound nearer than the first span")
                .isCloseTo(0.4, within(1e-7));
        assertThat(Roots.upward(1, 0.5, x -> x - 0.6)).isEmpty();
    }
}
