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

    /** Down a course written by hand, at its own pace and twice as slowly. */
    @Test
    void aCourseByHandMinuteByMinute() {
        Cooling.Course course =
                new Cooling.Course(List.of(point(0, 95), point(10, 60), point(40, 21), point(100, 5)), 30, 90);
        CoolingWatch own = CoolingWatch.of(course);
        CoolingWatch slow = new CoolingWatch(course, 2);
        assertThat(own.tempC(0)).isEqualTo(95);
        assertThat(own.tempC(5)).isEqualTo(77.5);
        assertThat(own.tempC(10)).isEqualTo(60);
        assertThat(own.tempC(25)).isEqualTo(40.5);
        assertThat(own.tempC(500)).isEqualTo(5);
        assertThat(slow.tempC(10)).isEqualTo(77.5);
        assertThat(slow.tempC(50)).isEqualTo(40.5);
        assertThat(own.hotUntilMinute()).isEqualTo(10);
        assertThat(slow.hotUntilMinute()).as("the clock starts at 60 °C").isEqualTo(20);
        assertThat(slow.warmLimitMinute()).isEqualTo(140);
        assertThat(slow.coldLimitMinute()).isEqualTo(380);
        assertThat(slow.minutesTo21()).isEqualTo(60);
        assertThat(slow.minutesTo5()).isEqualTo(180);
        assertThat(CoolingWatch.read(course, 50, 40.5).slowness()).isBetween(1.8, 2.0);
        CoolingWatch cool = CoolingWatch.of(new Cooling.Course(List.of(point(0, 50), point(60, 21)), 60, 300));
        assertThat(cool.hotUntilMinute()).as("never above 60 °C: at once").isZero();
    }

    /** Each limit at its very minute and just past it. */
    @Test
    void limitsHoldToTheMinute() {
        List<Cooling.Point> points = List.of(point(0, 60), point(120, 21), point(360, 5));
        CoolingWatch just = CoolingWatch.of(new Cooling.Course(points, 120, 360));
        assertThat(just.state(60)).isEqualTo(CoolingWatch.State.IN_TIME);
        assertThat(just.state(121)).isEqualTo(CoolingWatch.State.IN_TIME);
        assertThat(just.state(359)).isEqualTo(CoolingWatch.State.IN_TIME);
        assertThat(just.state(360)).isEqualTo(CoolingWatch.State.COLD);
        assertThat(just.state(361)).isEqualTo(CoolingWatch.State.COLD);
        CoolingWatch late = CoolingWatch.of(new Cooling.Course(points, 120.1, 360));
        assertThat(late.state(120)).isEqualTo(CoolingWatch.State.WILL_BE_LATE);
        assertThat(late.state(120.5)).isEqualTo(CoolingWatch.State.LATE);
        CoolingWatch tooLate = CoolingWatch.of(new Cooling.Course(points, 120, 360.1));
        assertThat(tooLate.state(360)).isEqualTo(CoolingWatch.State.COLD);
        assertThat(tooLate.state(360.5)).isEqualTo(CoolingWatch.State.TOO_LATE);
        assertThat(new Cooling.Course(points, 120, 360).warmInTime()).isTrue();
        assertThat(new Cooling.Course(points, 120, 360).coldInTime()).isTrue();
        assertThat(new Cooling.Course(points, 120.01, 360.01).warmInTime()).isFalse();
        assertThat(new Cooling.Course(points, 120.01, 360.01).coldInTime()).isFalse();
    }

    private static Cooling.Point point(double minute, double tempC) {
        return new Cooling.Point(minute, tempC, Surroundings.FRIDGE);
    }

    @Test
    void aJarFilledToItsLineStandsThatFarBelowTheBrim() {
        Jar jar = Jar.withHeadspace("Jam jar", 370, 8, 1);
        assertThat(jar.belowBrimMm(jar.fillMl())).isCloseTo(8, within(0.01));
        assertThat(jar.belowBrimMm(370)).isZero();
        assertThat(jar.belowBrimMm(185)).isGreaterThan(40);
    }
}
