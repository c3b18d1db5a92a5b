package app.gradior.vessel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PotShapeTest {
    @Test
    void aStraightPotIsACylinder() {
        PotShape pot = new PotShape(200, 200, 100);
        assertThat(pot.capacityMl()).isCloseTo(Math.PI * 1000, within(1e-6));
        assertThat(pot.levelMm(Math.PI * 500)).isCloseTo(50, within(1e-9));
        assertThat(pot.surfaceM2(50)).isCloseTo(Math.PI * 0.01, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"240, 200, 130", "200, 240, 130", "300, 120, 80", "240, 240, 130", "240, 239.999999, 130"})
    void levelUndoesVolume(double top, double base, double height) {
        PotShape pot = new PotShape(top, base, height);
        for (double level = 0; level <= height; level += 6.5) {
            assertThat(pot.levelMm(pot.volumeMl(level))).isCloseTo(level, within(1e-6));
        }
    }

    @Test
    void aWiderTopHasMoreSurfaceHigherUp() {
        PotShape pot = new PotShape(280, 180, 100);
        assertThat(pot.surfaceM2(80)).isGreaterThan(pot.surfaceM2(20));
        assertThat(pot.holds(pot.capacityMl() + 1)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"NaN, 200, 100, topDiameterMm", "200, 5, 100, baseDiameterMm", "200, 200, -1, heightMm"})
    void nonsenseIsRefusedByName(double top, double base, double height, String name) {
        assertThatThrownBy(() -> new PotShape(top, base, height)).hasMessageStartingWith(name);
    }
}
