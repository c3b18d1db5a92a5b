package app.gradior.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.estimate.Band;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.house.Kitchen;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FiguresTest {
    private static Figures of(MeasureSystem measures, boolean fahrenheit, String zone) {
        return new Figures(
                new Kitchen(1, "Test", measures, fahrenheit, 0, ZoneId.of(zone), false, Optional.empty(), 1));
    }

    @Test
    void metricRoundsAsCooksDo() {
        Figures figures = of(MeasureSystem.METRIC, false, "Europe/London");
        assertThat(figures.volume(693.2)).isEqualTo("695 mL");
        assertThat(figures.volume(2345)).isEqualTo("2.35 L");
        assertThat(figures.mass(8.26)).isEqualTo("8.3 g");
        assertThat(figures.mass(1485)).isEqualTo("1.49 kg");
        assertThat(figures.temp(65.4)).isEqualTo("65 °C");
        assertThat(figures.step(-0.7)).isEqualTo("1.0");
        assertThat(figures.step(9.7)).isEqualTo("9.0");
    }

    @Test
    void otherKitchensSeeTheirOwnMeasures() {
        Figures us = of(MeasureSystem.US, true, "America/Denver");
        assertThat(us.volume(354.9)).isEqualTo("1½ cups");
        assertThat(us.temp(100)).isEqualTo("212 °F");
        assertThat(us.mass(453.6)).isEqualTo("16 oz");
        assertThat(of(MeasureSystem.IMPERIAL, false, "UTC").volume(568.26)).isEqualTo("20 fl oz");
    }

    @Test
    void aTemperatureFieldComesBackAsItWent() {
        Figures fahrenheit = of(MeasureSystem.US, true, "UTC");
        assertThat(fahrenheit.degrees(65)).isEqualTo("149");
        assertThat(fahrenheit.celsius("149")).isCloseTo(65, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(of(MeasureSystem.METRIC, false, "UTC").celsius("-18")).isEqualTo(-18);
        assertThat(fahrenheit.celsius("warm")).isNaN();
    }

    @Test
    void timesAreOfTheKitchensZone() {
        Instant at = Instant.parse("2026-07-01T17:05:00Z");
        assertThat(of(MeasureSystem.METRIC, false, "Europe/London").time(at)).isEqualTo("18:05");
        assertThat(of(MeasureSystem.METRIC, false, "America/Denver").dayAndTime(at))
                .isEqualTo("1 Jul 2026, 11:05");
    }

    @Test
    void bandsSayWhenThereIsNoEnd() {
        Figures figures = of(MeasureSystem.METRIC, false, "UTC");
        assertThat(figures.minutesBand(new Band(4.6, 9, 14.2), false)).isEqualTo("4 to 15 min");
        assertThat(figures.minutesBand(new Band(105.5, 130, 161.2), false)).isEqualTo("1 h 45 min to 2 h 42 min");
        assertThat(figures.minutesBand(new Band(45, 130, 161.2), false)).isEqualTo("45 min to 2 h 42 min");
        assertThat(figures.minutesBand(new Band(4.6, 9, 14.2), true)).contains("no end in sight");
        assertThat(figures.minutes(135)).isEqualTo("2 h 15 min");
    }
}
