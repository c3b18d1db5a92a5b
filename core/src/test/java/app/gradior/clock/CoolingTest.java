package app.gradior.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.clock.Cooling.Leg;
import app.gradior.heat.CoolingLaw;
import app.gradior.heat.WaterProperties;
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

    /** Inside films, W/(m²·K): turning over, and by conduction over a third of half the thickness. */
    private static final double TURNING = 300;

    private static double still(double halfThicknessM) {
        return 0.55 / (halfThicknessM / 3);
    }

    private static double inSeries(double outside, double inside) {
        return 1 / (1 / outside + 1 / inside);
    }

    private static double firstHalfMinute(Cooling cooling, double startC, Surroundings place) {
        return cooling.course(startC, List.of(Leg.toTheEnd(place)))
                .points()
                .get(1)
                .tempC();
    }

    private static double newton(double startC, Surroundings place, double wattsPerK) {
        return place.tempC() + (startC - place.tempC()) * Math.exp(-wattsPerK * 30 / SpecificHeat.joulePerK(WATER));
    }

    private static double vapourFilm(double tempC, Surroundings place) {
        double excessPa = WaterProperties.saturationPressurePa(tempC) - 1170;
        return 8.8 / 3600 / 56_600 * excessPa * WaterProperties.latentHeatJPerKg(tempC) / (tempC - place.tempC());
    }

    /** Every container by hand, over its first half minute: walls, surface, films, and what the vapour takes with it. */
    @Test
    void eachContainerLosesWhatItsSurfacesLose() {
        double film = Surroundings.COUNTER.filmWPerM2K();
        double top = Math.PI * 0.01;
        double wall = top + Math.PI * 0.2 * 0.05;
        Cooling lidded = new Cooling(WATER, THIN, new Container.Pot(200, 50, true), false);
        Cooling open = new Cooling(WATER, THIN, new Container.Pot(200, 50, false), false);
        double vapour = vapourFilm(80, Surroundings.COUNTER);
        assertThat(firstHalfMinute(lidded, 80, Surroundings.COUNTER))
                .isCloseTo(newton(80, Surroundings.COUNTER, (wall + top) * inSeries(film, TURNING)), within(1e-9));
        assertThat(firstHalfMinute(open, 80, Surroundings.COUNTER))
                .isCloseTo(
                        newton(
                                80,
                                Surroundings.COUNTER,
                                wall * inSeries(film, TURNING) + top * inSeries(film + vapour, TURNING)),
                        within(1e-9));
        assertThat(vapour).as("at 80 °C vapour takes more than the air").isGreaterThan(2 * film);

        Cooling thick = new Cooling(WATER, THICK, new Container.Pot(200, 50, true), false);
        assertThat(firstHalfMinute(thick, 80, Surroundings.FRIDGE))
                .isCloseTo(
                        newton(
                                80,
                                Surroundings.FRIDGE,
                                (wall + top) * inSeries(Surroundings.FRIDGE.filmWPerM2K(), still(0.025))),
                        within(1e-9));
        Cooling narrow = new Cooling(WATER, THICK, new Container.Pot(80, 100, true), false);
        double narrowTop = Math.PI * 0.0016;
        assertThat(firstHalfMinute(narrow, 80, Surroundings.FRIDGE))
                .as("from the wall in, where that is nearer")
                .isCloseTo(
                        newton(
                                80,
                                Surroundings.FRIDGE,
                                (2 * narrowTop + Math.PI * 0.08 * 0.1)
                                        * inSeries(Surroundings.FRIDGE.filmWPerM2K(), still(0.02))),
                        within(1e-9));

        double m3 = WATER.volumeMl20c() * 1e-6;
        Cooling tray = new Cooling(WATER, THICK, new Container.Tray(40), false);
        double trayFilm = Surroundings.FRIDGE.filmWPerM2K();
        assertThat(firstHalfMinute(tray, 80, Surroundings.FRIDGE))
                .isCloseTo(
                        newton(
                                80,
                                Surroundings.FRIDGE,
                                m3
                                        / 0.04
                                        * (inSeries(trayFilm, still(0.02))
                                                + inSeries(
                                                        trayFilm + vapourFilm(80, Surroundings.FRIDGE) / 3,
                                                        still(0.02)))),
                        within(1e-9));

        double r = Math.cbrt(300e-6 / (2.5 * Math.PI));
        double jars = m3 / 300e-6;
        Cooling inJars = new Cooling(WATER, THICK, new Container.Jars(300), false);
        double walls = jars * (2 * Math.PI * r * 2.5 * r + Math.PI * r * r);
        assertThat(firstHalfMinute(inJars, 80, Surroundings.ICE_BATH))
                .as("ice reaches the walls alone")
                .isCloseTo(
                        newton(
                                80,
                                Surroundings.ICE_BATH,
                                walls * inSeries(Surroundings.ICE_BATH.filmWPerM2K(), still(r))),
                        within(1e-9));
        assertThat(firstHalfMinute(inJars, 80, Surroundings.FRIDGE))
                .isCloseTo(
                        newton(
                                80,
                                Surroundings.FRIDGE,
                                (walls + jars * Math.PI * r * r)
                                        * inSeries(Surroundings.FRIDGE.filmWPerM2K(), still(r))),
                        within(1e-9));
    }

    /** The two limits count from 60 °C, however hot it began; cooler, from the start. */
    @Test
    void theClockStartsAtSixty() {
        Cooling cooling = new Cooling(WATER, THIN, new Container.Pot(200, 50, true), true);
        List<Leg> fridge = List.of(Leg.toTheEnd(Surroundings.FRIDGE));
        Cooling.Course hot = cooling.course(95, fridge);
        Cooling.Course sixty = cooling.course(60, fridge);
        assertThat(hot.minutesTo21()).isCloseTo(sixty.minutesTo21(), within(0.1));
        assertThat(hot.minutesTo5()).isCloseTo(sixty.minutesTo5(), within(0.3));
        CoolingWatch watch = CoolingWatch.of(hot);
        assertThat(watch.hotUntilMinute()).isGreaterThan(5);
        assertThat(watch.tempC(watch.hotUntilMinute())).isCloseTo(60, within(1e-6));
        assertThat(watch.tempC(watch.hotUntilMinute() + hot.minutesTo21())).isCloseTo(21, within(1e-6));
        assertThat(watch.tempC(watch.hotUntilMinute() + hot.minutesTo5())).isCloseTo(5, within(1e-6));
        Cooling.Course cool = cooling.course(40, fridge);
        assertThat(CoolingWatch.of(cool).tempC(cool.minutesTo21())).isCloseTo(21, within(1e-6));
        Cooling.Course cold = cooling.course(5, fridge);
        assertThat(cold.minutesTo21()).isZero();
        assertThat(cold.minutesTo5()).isZero();
        assertThat(cold.points()).hasSize(1);
        assertThatThrownBy(() -> cooling.course(110.1, fridge)).hasMessageContaining("startC");
        assertThatThrownBy(() -> cooling.course(-20.1, fridge)).hasMessageContaining("startC");
        assertThat(cooling.course(110, fridge).points().get(0).tempC()).isEqualTo(110);
        assertThat(cooling.course(-20, fridge).minutesTo5()).isZero();
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

    /** A leg is over at its temperature or its minute, whichever comes first; the last goes on until nothing falls any more. */
    @Test
    void legsEndWhereTheySay() {
        Cooling cooling = new Cooling(WATER, THIN, new Container.Pot(200, 50, true), true);
        List<Cooling.Point> byHeat = cooling.course(
                        90, List.of(new Leg(Surroundings.COUNTER, 60, 1e6), Leg.toTheEnd(Surroundings.ICE_BATH)))
                .points();
        int change = first(byHeat, Surroundings.ICE_BATH);
        assertThat(byHeat.get(change - 1).tempC()).as("at 60 or just below").isBetween(58.0, 60.0);
        assertThat(byHeat.get(change - 2).tempC()).isGreaterThan(60);
        List<Cooling.Point> byMinute = cooling.course(
                        90, List.of(new Leg(Surroundings.COUNTER, -273, 30), Leg.toTheEnd(Surroundings.ICE_BATH)))
                .points();
        assertThat(byMinute.get(first(byMinute, Surroundings.ICE_BATH) - 1).minute())
                .isEqualTo(30);
        List<Cooling.Point> onTheCounter =
                cooling.course(90, List.of(Leg.toTheEnd(Surroundings.COUNTER))).points();
        Cooling.Point last = onTheCounter.get(onTheCounter.size() - 1);
        assertThat(last.tempC() - Surroundings.COUNTER.tempC()).isBetween(0.0, 0.05);
        assertThat(onTheCounter.get(onTheCounter.size() - 2).tempC() - Surroundings.COUNTER.tempC())
                .isGreaterThanOrEqualTo(0.05);
        List<Cooling.Point> waiting = cooling.course(
                        20, List.of(new Leg(Surroundings.COUNTER, -273, 10), Leg.toTheEnd(Surroundings.ICE_BATH)))
                .points();
        assertThat(waiting.get(first(waiting, Surroundings.ICE_BATH) - 1).minute())
                .as("nothing falls on the counter, and yet the ice comes after ten minutes")
                .isEqualTo(10);
    }

    private static int first(List<Cooling.Point> points, Surroundings place) {
        int at = 1;
        while (points.get(at).place() != place) {
            at++;
        }
        return at;
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

    private static Cooling lidded(double viscosityPaS) {
        return new Cooling(WATER, viscosityPaS, new Container.Pot(200, 64, true), false);
    }

    @Test
    void boundsBelongToWhatIsSaidOfThem() {
        List<Leg> fridge = List.of(Leg.toTheEnd(Surroundings.FRIDGE));
        assertThat(lidded(THIN).course(21, fridge).minutesTo21())
                .as("is at 21 °C")
                .isZero();
        assertThat(lidded(THIN).course(5, fridge).minutesTo5()).as("is at 5 °C").isZero();
        assertThat(lidded(THIN).course(5, fridge).points()).hasSize(1);
        assertThat(firstHalfMinute(lidded(0.25), 60, Surroundings.ICE_BATH))
                .as("still from 0.25 Pa·s on")
                .isEqualTo(firstHalfMinute(lidded(1), 60, Surroundings.ICE_BATH))
                .isGreaterThan(firstHalfMinute(lidded(0.2499), 60, Surroundings.ICE_BATH));
        assertThatThrownBy(() -> new Cooling(Mixture.EMPTY, THIN, new Container.Tray(20), false))
                .isInstanceOf(app.gradior.finding.Unfit.class);
    }

    /** A leg ends when it is as cold, or as late, as it says; the last one has no other to go on to. */
    @Test
    void legsEndAtTheirBounds() {
        Leg counter = new Leg(Surroundings.COUNTER, 60, Double.POSITIVE_INFINITY);
        Leg fridge = new Leg(Surroundings.FRIDGE, 50, 1);
        assertThat(lidded(THIN).course(60, List.of(counter, fridge)).points().subList(1, 4))
                .as("at 60 °C already")
                .extracting(Cooling.Point::place)
                .containsOnly(Surroundings.FRIDGE);
        Leg twoMinutes = new Leg(Surroundings.COUNTER, -273, 2);
        assertThat(lidded(THIN).course(60, List.of(twoMinutes, fridge)).points().subList(1, 6))
                .extracting(Cooling.Point::place)
                .containsExactly(
                        Surroundings.COUNTER,
                        Surroundings.COUNTER,
                        Surroundings.COUNTER,
                        Surroundings.COUNTER,
                        Surroundings.FRIDGE);
    }
}
