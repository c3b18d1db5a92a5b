package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class SauceLimitsTest {
    @Test
    void boundsAreInsideAndNoNumberIsNot() {
        assertThat(SauceLimits.isServed(-20)).isTrue();
        assertThat(SauceLimits.isServed(100)).isTrue();
        assertThat(SauceLimits.isServed(-20.1)).isFalse();
        assertThat(SauceLimits.isServed(100.1)).isFalse();
        assertThat(SauceLimits.isServed(Double.NaN)).isFalse();
        assertThat(SauceLimits.isStep(1)).isTrue();
        assertThat(SauceLimits.isStep(9)).isTrue();
        assertThat(SauceLimits.isStep(0.9)).isFalse();
        assertThat(SauceLimits.isStep(9.1)).isFalse();
        assertThat(SauceLimits.isStep(Double.NaN)).isFalse();
        assertThat(SauceLimits.servedC("servedC", 65)).isEqualTo(65);
        assertThatThrownBy(() -> SauceLimits.servedC("servedC", 101)).hasMessageContaining("-20.0 to 100.0 °C");
        assertThat(SauceLimits.targetStep("targetStep", 5)).isEqualTo(5);
        assertThatThrownBy(() -> SauceLimits.targetStep("targetStep", 0)).hasMessageContaining("targetStep is 0");
    }
}
