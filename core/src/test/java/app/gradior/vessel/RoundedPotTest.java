package app.gradior.vessel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoundedPotTest {
    @ParameterizedTest
    @CsvSource({"240,240,130,40", "280,200,140,60", "200,200,100,90", "160,160,100,80", "240,230,130,0"})
    void volumeIsTheAreaSummedUpAndTheLevelItsInverse(double top, double base, double height, double corner) {
        PotShape pot = new PotShape(top, base, height, corner);
        double summed = 0;
        double dz = 0.01;
        for (double z = dz / 2; z < height; z += dz) {
            double r = pot.radiusMm(z);
            summed += Math.PI * r * r * dz / 1000;
        }
        assertThat(pot.capacityMl()).isCloseTo(summed, within(2e-4 * summed));
        for (double ml = 1; ml < pot.capacityMl(); ml += pot.capacityMl() / 37) {
            assertThat(pot.volumeMl(pot.levelMm(ml))).isCloseTo(ml, within(1e-6 * ml + 1e-6));
        }
        assertThat(pot.radiusMm(height)).isCloseTo(top / 2, within(1e-9));
    }

    @Test
    void aRoundedPotHoldsLessAndHasLessSurfaceNearItsFloor() {
        PotShape sharp = new PotShape(240, 240, 130);
        PotShape round = new PotShape(240, 240, 130, 50);
        assertThat(round.capacityMl()).isLessThan(sharp.capacityMl());
        assertThat(round.surfaceM2(10)).isLessThan(sharp.surfaceM2(10));
        assertThat(round.surfaceM2(80)).isEqualTo(sharp.surfaceM2(80));
        assertThat(Refused.range(() -> new PotShape(240, 240, 130, 121)))
                .isEqualTo(new Wrong.Range("cornerMm", 121, 0, 117, " mm"));
    }
}
