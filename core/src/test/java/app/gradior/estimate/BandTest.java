package app.gradior.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Bands and the weighted samples that they are read off. */
class BandTest {
    private static double[] all(int count, double value) {
        double[] all = new double[count];
        Arrays.fill(all, value);
        return all;
    }

    /** Of the numbers from 1 to 1000 in any order. */
    private static double[] shuffled() {
        double[] values = new double[1000];
        Random random = new Random(7);
        for (int i = 0; i < values.length; i++) {
            int j = random.nextInt(i + 1);
            values[i] = values[j];
            values[j] = i + 1;
        }
        return values;
    }

    @Test
    void quantilesOfAPlainSample() {
        Band band = WeightedSample.band(shuffled(), all(1000, 0.25));
        assertThat(band).isEqualTo(new Band(100, 500, 900));
    }

    /** Twice the weight is as good as being there twice; what weighs nothing is as good as not there. */
    @Test
    void weightsAreHowOftenItIsThere() {
        Band band = WeightedSample.band(new double[] {3, 1, 2, -50}, new double[] {6, 1, 3, 0});
        assertThat(band).isEqualTo(new Band(1, 2 + 1.0 / 6, 2 + 5.0 / 6));
    }

    @Test
    void whatNeverEndsIsPartOfIt() {
        double[] values = {1, 2, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        Band band = WeightedSample.band(values, all(4, 1));
        assertThat(band.middle()).isEqualTo(2);
        assertThat(band.high()).isEqualTo(Double.POSITIVE_INFINITY);
        assertThat(WeightedSample.band(new double[] {1, Double.NaN}, all(2, 1)).middle())
                .isNaN();
    }

    @Test
    void aBandMovedCutAndWidened() {
        Band band = new Band(8, 10, 13);
        assertThat(band.from(9)).isEqualTo(new Band(0, 1, 4));
        assertThat(band.width()).isEqualTo(5);
        assertThat(band.toward(new Band(10, 20, 23), 0.25)).isEqualTo(new Band(8.5, 12.5, 15.5));
        Band wider = band.atBest(0.4); // 2 and 4, 3 and 4
        assertThat(wider.low()).isCloseTo(10 - Math.sqrt(20), within(1e-12));
        assertThat(wider.high()).isCloseTo(15, within(1e-12));
        assertThat(wider.middle()).isEqualTo(10);
        assertThatThrownBy(() -> new Band(2, 1, 3)).hasMessageContaining("in order");
        assertThatThrownBy(() -> new Band(1, 4, 3)).hasMessageContaining("in order");
        assertThatThrownBy(() -> new Band(1, Double.NaN, 3)).hasMessageContaining("in order");
        assertThat(new Band(2, 2, 2).width()).isZero();
    }
}
