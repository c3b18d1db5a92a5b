package app.gradior.clock;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Sauces;
import org.junit.jupiter.api.Test;

class CoolingInTest {
    private static double minutesTo5(CoolingIn in) {
        return in.course(Sauces.damson(), 240, 50, CoolingIn.USUAL_JAR_ML, CoolingIn.OFF_THE_HEAT_C)
                .minutesTo5();
    }

    /** Thinner is faster, ice is faster still, and on the counter nothing gets cold. */
    @Test
    void eachCoolsByWhatItIsAndWhereItStands() {
        assertThat(minutesTo5(CoolingIn.SHALLOW)).isLessThan(minutesTo5(CoolingIn.TRAY));
        assertThat(minutesTo5(CoolingIn.SHALLOW_ICED)).isLessThan(minutesTo5(CoolingIn.SHALLOW));
        assertThat(minutesTo5(CoolingIn.JARS_ICED)).isLessThan(minutesTo5(CoolingIn.JARS));
        assertThat(minutesTo5(CoolingIn.POT)).isInfinite();
        double small = CoolingIn.JARS
                .course(Sauces.damson(), 240, 50, 100, CoolingIn.OFF_THE_HEAT_C)
                .minutesTo5();
        assertThat(small).isLessThan(minutesTo5(CoolingIn.JARS));
    }
}
