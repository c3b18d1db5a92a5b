package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.vessel.PotShape;
import java.util.List;
import org.junit.jupiter.api.Test;

class WaterTestTest {
    private static final PotOnHeat POT = PotOnHeat.unknownPair(new PotShape(240, 220, 130), 300);
    private static final Heat LIVELY = new Heat(Look.LIVELY, LidState.OPEN);

    @Test
    void findsTheFactorThatMadeTheWaterGo() {
        for (double truth : new double[] {0.6, 1, 1.7}) {
            SimmerRun run = new SimmerRun(Sauces.of("water", 1500), POT.withPairFactor(truth), LIVELY, 1, 20);
            run.advance(600);
            WaterTest test = WaterTest.of(POT, LIVELY, 1500, run.massG(), 10);
            assertThat(test.factor()).isCloseTo(truth, within(0.003 * truth));
            assertThat(test.logSd()).isBetween(0.15, 0.25);
        }
    }

    @Test
    void moreTestsAreSurer() {
        WaterTest one = new WaterTest(1.2, 0.16);
        WaterTest both = WaterTest.together(List.of(one, new WaterTest(1.4, 0.16)));
        assertThat(both.factor()).isCloseTo(Math.sqrt(1.2 * 1.4), within(1e-9));
        assertThat(both.logSd()).isCloseTo(0.16 / Math.sqrt(2), within(1e-9));
    }

    @Test
    void nonsenseIsRefused() {
        assertThat(Refused.why(() -> WaterTest.of(POT, LIVELY, 1500, 1600, 10)))
                .isEqualTo(new WaterTest.NothingLost(1600, 1500));
        assertThat(Refused.range(() -> WaterTest.of(POT, LIVELY, 1500, 1400, 1)))
                .isEqualTo(new Wrong.Range("minutes", 1, 3, 120, " min"));
        assertThat(Refused.why(() -> WaterTest.of(POT, LIVELY, 1500, 1499.9, 60)))
                .isInstanceOf(WaterTest.NoSuchPair.class);
        assertThatThrownBy(() -> WaterTest.together(List.of())).hasMessageContaining("no test");
    }

    /** From three minutes to two hours; all of the water and none lost tells nothing; the more was lost the less the scale's error counts. */
    @Test
    void theBoundsOfATest() {
        assertThat(WaterTest.of(POT, LIVELY, 1500, lost(3), 3).factor()).isCloseTo(1, within(1e-3));
        assertThat(WaterTest.of(POT, LIVELY, 1500, lost(60), 60).logSd()).isCloseTo(0.15, within(1e-3));
        double shortSd = WaterTest.of(POT, LIVELY, 1500, lost(3), 3).logSd();
        assertThat(shortSd).isGreaterThan(0.151);
        assertThat(Refused.why(() -> WaterTest.of(POT, LIVELY, 1500, 1500, 10)))
                .isEqualTo(new WaterTest.NothingLost(1500, 1500));
        assertThat(Refused.why(() -> WaterTest.of(POT, LIVELY, 1500, 0, 10)))
                .isEqualTo(new WaterTest.NothingLost(0, 1500));
        assertThat(Refused.range(() -> WaterTest.of(POT, LIVELY, 1500, 1400, 120.1)))
                .isEqualTo(new Wrong.Range("minutes", 120.1, 3, 120, " min"));
        for (double bound : new double[] {PotOnHeat.LEAST_PAIR_FACTOR, PotOnHeat.MOST_PAIR_FACTOR}) {
            assertThat(new WaterTest(bound, 0.2).factor()).isEqualTo(bound);
        }
        assertThat(Refused.why(() -> new WaterTest(0.999 * PotOnHeat.LEAST_PAIR_FACTOR, 0.2)))
                .isInstanceOf(WaterTest.NoSuchPair.class);
        assertThat(Refused.why(() -> new WaterTest(1.001 * PotOnHeat.MOST_PAIR_FACTOR, 0.2)))
                .isInstanceOf(WaterTest.NoSuchPair.class);
        WaterTest surer = WaterTest.together(List.of(new WaterTest(1, 0.1), new WaterTest(2, 0.2)));
        assertThat(surer.factor()).as("four times as much weight").isCloseTo(Math.pow(2, 0.2), within(1e-9));
    }

    private static double lost(double minutes) {
        SimmerRun run = new SimmerRun(Sauces.of("water", 1500), POT.withPairFactor(1), LIVELY, 1, 20);
        run.advance(60 * minutes);
        return run.massG();
    }
}
