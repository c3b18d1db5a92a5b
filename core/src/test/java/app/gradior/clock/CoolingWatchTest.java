package app.gradior.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.vessel.Jar;
import java.util.List;
import org.junit.jupiter.api.Test;

class CoolingWatchTest {
    private static Cooling.Course course(Container container, Surroundings place) {
        return new Cooling(Sauces.damson(), 0.5, container, false).course(95, List.of(Cooling.Leg.toTheEnd(place)));
    }

    private static final Cooling.Course IN_THE_POT = course(new Container.Pot(240, 60, true), Surroundings.COUNTER);
    private static final Cooling.Course ICED = course(new Container.Tray(20), Surroundings.ICE_BATH);

    @Test
    void aPotOnTheCounterWillBeLateThenIsThenIsTooLate() {
        CoolingWatch watch = CoolingWatch.of(IN_THE_POT);
        assertThat(watch.state(10)).isEqualTo(CoolingWatch.State.WILL_BE_LATE);
        assertThat(watch.state(watch.warmLimitMinute() + 1)).isEqualTo(CoolingWatch.State.LATE);
        assertThat(watch.state(watch.coldLimitMinute() + 1)).isEqualTo(CoolingWatch.State.TOO_LATE);
        CoolingWatch slow = new CoolingWatch(ICED, 5);
        assertThat(CoolingWatch.of(course(new Container.Tray(40), Surroundings.FRIDGE))
                        .state(5000))
                .as("cold at last, and too late")
                .isEqualTo(CoolingWatch.State.TOO_LATE);
        assertThat(slow.minutesTo5()).isLessThan(Cooling.COLD_WITHIN_MIN);
        assertThat(slow.state(5000)).as("cold, and in time").isEqualTo(CoolingWatch.State.COLD);
    }

    @Test
    void aShallowTrayInIceKeepsBothLimits() {
        CoolingWatch watch = CoolingWatch.of(ICED);
        assertThat(watch.state(5)).isEqualTo(CoolingWatch.State.IN_TIME);
        assertThat(watch.state(watch.hotUntilMinute() + watch.minutesTo5() + 5)).isEqualTo(CoolingWatch.State.COLD);
        assertThat(watch.warmLimitMinute() - watch.hotUntilMinute()).isEqualTo(120);
    }

    @Test
    void aReadingStretchesTheCourseSoThatItGoesThroughIt() {
        double reckoned = CoolingWatch.of(ICED).tempC(8);
        CoolingWatch slow = CoolingWatch.read(ICED, 16, reckoned);
        assertThat(slow.slowness()).isCloseTo(2, within(0.15));
        assertThat(slow.tempC(16)).isCloseTo(reckoned, within(1.5));
        assertThat(slow.minutesTo5()).isCloseTo(2 * CoolingWatch.of(ICED).minutesTo5(), within(4.0));
        assertThat(CoolingWatch.read(ICED, 2, CoolingWatch.of(ICED).tempC(8)).slowness())
                .as("quicker")
                .isCloseTo(0.25, within(0.03));
        assertThat(CoolingWatch.read(ICED, 720, 4).slowness())
                .as("cold the next morning")
                .isEqualTo(1);
        assertThat(CoolingWatch.read(ICED, 1000, 94).slowness())
                .as("no slower than five times")
                .isEqualTo(5);
        assertThatThrownBy(() -> new CoolingWatch(ICED, Double.NaN)).hasMessageContaining("slowness");
    }

    @Test
    void aJarFilledToItsLineStandsThatFarBelowTheBrim() {
        Jar jar = Jar.withHeadspace("Jam jar", 370, 8, 1);
        assertThat(jar.belowBrimMm(jar.fillMl())).isCloseTo(8, within(0.01));
        assertThat(jar.belowBrimMm(370)).isZero();
        assertThat(jar.belowBrimMm(185)).isGreaterThan(40);
    }
}
