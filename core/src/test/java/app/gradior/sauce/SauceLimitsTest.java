package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
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
        assertThat(Refused.range(() -> SauceLimits.servedC("servedC", 101)))
                .isEqualTo(new Wrong.Range("servedC", 101, -20, 100, " °C"));
        assertThat(SauceLimits.targetStep("targetStep", 5)).isEqualTo(5);
        assertThat(Refused.range(() -> SauceLimits.targetStep("targetStep", 0)))
                .isEqualTo(new Wrong.Range("targetStep", 0, 1, 9, ""));
    }
}
