package app.gradior.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.clock.Cooling.Leg;
import app.gradior.heat.CoolingLaw;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificHeat;
import java.util.List;
import org.junit.jupiter.api.Test;

class CoolingTest {
    private static final Mixture WATER = Sauces.of("water", 2000);
    private static final double THIN = 0.001;
    private static final double THICK = 2;

    /** Newton: half-way in time ln 2 · τ. */
    @Test
    void newtonsLawByHand() {
        CoolingLaw law = new CoolingLaw(4190, 5);
        assertThat(law.tempC(100, 20, 838 * Math.log(2))).isCloseTo(60, within(1e-9));
        assertThat(law.secondsTo(100, 60, 20)).isCloseTo(838 * Math.log(2), within(1e-9));
        assertThat(law.secondsTo(100, 10, 20)).isInfinite();
        assertThat(law.secondsTo(15, 20, 4)).isZero();
    }

    /** Lidded pot of stirred water in ice: one film of 350 and one of 300 in series on wall and floor. */
    @Test
    void aStirredPotInIceFollowsItsTwoFilms() {
        Container.Pot pot = new Container.Pot(200, 2000 / (Math.PI * 0.01) / 1e3, true);
        Cooling.Course course =
                new Cooling(WATER, THIN, pot, true).course(60, List.of(Leg.toTheEnd(Surroundings.ICE_BATH)));
        double area = Math.PI * 0.01 + Math.PI * 0.2 * pot.levelMm() / 1000;
        double conductance = area / (1.0 / 350 + 1.0 / 300);
        double minutes = SpecificHeat.joulePerK(WATER) / conductance * Math.log(59.0 / 20) / 60;
        assertThat(course.minutesTo21()).isCloseTo(minutes, within(0.3));
        assertThat(course.warmInTime()).isTrue();
        assertThat(course.coldInTime()).isTrue();
    }

    @Test
    void shallowIsFasterThanDeepAndStirredThanStillAndIceThanFridge() {
        Mixture sauce = Sauces.damson();
        double deep = to21(sauce, THICK, new Container.Pot(200, 60, true), Surroundings.FRIDGE);
        double tray = to21(sauce, THICK, new Container.Tray(25), Surroundings.FRIDGE);
        double jars = to21(sauce, THICK, new Container.Jars(300), Surroundings.FRIDGE);
        double ice = to21(sauce, THICK, new Container.Pot(200, 60, true), Surroundings.ICE_BATH);
        assertThat(tray).isLessThan(jars);
        assertThat(jars).isLessThan(deep);
        assertThat(ice).isLessThan(deep);
        double still = new Cooling(sauce, THICK, new Container.Pot(200, 60, true), false)
                .course(90, List.of(Leg.toTheEnd(Surroundings.ICE_BATH)))
                .minutesTo21();
        double stirred = new Cooling(sauce, THICK, new Container.Pot(200, 60, true), true)
                .course(90, List.of(Leg.toTheEnd(Surroundings.ICE_BATH)))
                .minutesTo21();
        assertThat(stirred).isLessThan(still);
        double deeper = to21(sauce, THICK, new Container.Tray(50), Surroundings.FRIDGE);
        assertThat(deeper).isGreaterThan(1.5 * tray);
    }

    private static double to21(Mixture sauce, double paS, Container container, Surroundings place) {
        return new Cooling(sauce, paS, container, false)
                .course(90, List.of(Leg.toTheEnd(place)))
                .minutesTo21();
    }

    @Test
    void fiveLitresLeftInThePotMissTheTwoHours() {
        Mixture stockpot = Sauces.damson().times(3.5);
        Cooling.Course left = new Cooling(stockpot, THICK, new Container.Pot(260, 95, true), false)
                .course(95, List.of(Leg.toTheEnd(Surroundings.COUNTER)));
        assertThat(left.warmInTime()).isFalse();
        assertThat(left.coldInTime()).isFalse();
        assertThat(left.minutesTo5()).isInfinite();
    }

    @Test
    void legsFollowOneAnother() {
        Cooling cooling = new Cooling(Sauces.damson(), THIN, new Container.Tray(30), false);
        Cooling.Course course =
                cooling.course(95, List.of(new Leg(Surroundings.COUNTER, 30, 60), Leg.toTheEnd(Surroundings.FRIDGE)));
        assertThat(course.points().get(0).place()).isEqualTo(Surroundings.COUNTER);
        Cooling.Point last = course.points().get(course.points().size() - 1);
        assertThat(last.place()).isEqualTo(Surroundings.FRIDGE);
        assertThat(last.tempC()).isLessThanOrEqualTo(5);
        double before = 96;
        for (Cooling.Point point : course.points()) {
            assertThat(point.tempC()).isLessThan(before);
            before = point.tempC();
        }
        assertThatThrownBy(() -> cooling.course(Double.NaN, List.of(Leg.toTheEnd(Surroundings.FRIDGE))))
                .hasMessageContaining("startC");
        assertThatThrownBy(() -> new Container.Tray(0)).hasMessageContaining("depthMm");
    }
}
