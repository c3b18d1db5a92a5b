package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.DoublePredicate;

/** Where something becomes so. */
public final class Bounds {
    private Bounds() {}

    /** The figure at which it becomes so, between one at which it is not and one at which it is. */
    public static double of(double no, double yes, DoublePredicate is) {
        assertThat(is.test(no)).isFalse();
        assertThat(is.test(yes)).isTrue();
        double low = no;
        double high = yes;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (is.test(middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }
}
