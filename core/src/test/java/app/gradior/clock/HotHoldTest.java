package app.gradior.clock;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.clock.HotHold.Said;
import java.util.List;
import org.junit.jupiter.api.Test;

class HotHoldTest {
    /** An hour above 60 °C in the pot from the boil, a quarter of it in trays, and a third as long from 70 °C. */
    private static HotHold after(boolean held, Said... said) {
        return HotHold.of(
                held,
                List.of(said),
                (in, fromC) -> (in == CoolingIn.POT ? 60 : 15) * (fromC > HotHold.HELD_C ? 1 : 1.0 / 3));
    }

    private static Said hold(double minute) {
        return new Said(minute, true, CoolingIn.POT);
    }

    private static Said cool(double minute, CoolingIn in) {
        return new Said(minute, false, in);
    }

    @Test
    void theClockStartsWhenItIsNoLongerHeld() {
        assertThat(after(false)).isEqualTo(new HotHold(0, false));
        assertThat(after(false, hold(5))).isEqualTo(new HotHold(5, true));
        assertThat(after(false, hold(5), cool(200, CoolingIn.TRAY))).isEqualTo(new HotHold(200, false));
        assertThat(after(true, cool(200, CoolingIn.TRAY)))
                .as("planned to be held")
                .isEqualTo(new HotHold(200, false));
        assertThat(after(true).held()).isTrue();
        assertThat(after(false, hold(5), cool(200, CoolingIn.TRAY), cool(230, CoolingIn.SHALLOW)))
                .as("another tray starts nothing anew")
                .isEqualTo(new HotHold(200, false));
        assertThat(after(false).fromC()).isEqualTo(CoolingIn.OFF_THE_HEAT_C);
        assertThat(after(false, hold(5)).fromC()).isEqualTo(HotHold.HELD_C);
    }

    @Test
    void whatHasCooledIsNotMadeSafeBySayingThatItIsHeld() {
        assertThat(after(false, hold(60))).as("in time still").isEqualTo(new HotHold(60, true));
        assertThat(after(false, hold(61))).as("too late").isEqualTo(new HotHold(0, false));
        assertThat(after(false, cool(1, CoolingIn.TRAY), hold(20), cool(300, CoolingIn.TRAY)))
                .as("in trays for longer than they stay hot")
                .isEqualTo(new HotHold(0, false));
        assertThat(after(false, cool(1, CoolingIn.TRAY), hold(2)))
                .as("a slip of the finger")
                .isEqualTo(new HotHold(2, true));
        assertThat(after(false, hold(5), cool(100, CoolingIn.POT), hold(121)))
                .as("from 70 °C it is sooner below 60")
                .isEqualTo(new HotHold(100, false));
        assertThat(after(false, hold(5), cool(100, CoolingIn.POT), hold(119)).held())
                .isTrue();
    }
}
