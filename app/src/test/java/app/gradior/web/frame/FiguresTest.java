package app.gradior.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.estimate.Band;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Language;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FiguresTest {
    private static Figures of(MeasureSystem measures, boolean fahrenheit, String zone) {
        return new Figures(new Kitchen(
                1,
                "Test",
                measures,
                fahrenheit,
                measures == MeasureSystem.IMPERIAL,
                0,
                ZoneId.of(zone),
                false,
                Optional.empty(),
                1));
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
        // Cups and grams: no ounces unless the kitchen weighs in them, and never a share of one.
        assertThat(us.mass(453.6)).isEqualTo("454 g");
        assertThat(us.volume(59.2)).isEqualTo("¼ cup");
        assertThat(us.volume(29.6)).isEqualTo("2 tbsp");
        assertThat(us.volume(7.4)).isEqualTo("1½ tsp");
        Figures imperial = of(MeasureSystem.IMPERIAL, false, "UTC");
        assertThat(imperial.volume(568.26)).isEqualTo("20 fl oz");
        assertThat(imperial.volume(20)).isEqualTo("1⅓ tbsp");
        assertThat(imperial.mass(99.2)).isEqualTo("3½ oz");
        assertThat(imperial.mass(453.6)).isEqualTo("1 lb");
        assertThat(imperial.mass(1049)).isEqualTo("2 lb 5 oz");
        assertThat(imperial.mass(11)).isEqualTo("11 g");
        assertThat(imperial.mass(0.4)).isEqualTo("0.4 g");
    }

    @Test
    void americansTakeACupAndSeeTheGramsBesideIt() {
        Food paste = Catalogue.standard().food("tomato-paste").orElseThrow();
        Food stock = Catalogue.standard().food("chicken-stock").orElseThrow();
        Figures us = of(MeasureSystem.US, true, "UTC");
        assertThat(us.amount(paste, 11)).isEqualTo("2 tsp");
        assertThat(us.beside(paste, 11)).isEqualTo("11 g");
        assertThat(us.amount(stock, 473)).isEqualTo("2 cups");
        Food cream = Catalogue.standard().food("cream-double").orElseThrow();
        assertThat(us.amount(cream, 98)).isEqualTo("¼ cup + 3 tbsp");
        assertThat(us.amount(cream, 118)).isEqualTo("½ cup");
        Figures metric = of(MeasureSystem.METRIC, false, "UTC");
        assertThat(metric.amount(stock, 473)).isEqualTo("473 g");
        assertThat(metric.beside(stock, 473)).isEqualTo("470 mL");
    }

    @Test
    void timesAndDaysAreWrittenAsTheReadersOfTheLanguageDo() {
        Figures figures = of(MeasureSystem.US, true, "UTC");
        Instant at = Instant.parse("2026-07-01T17:05:00Z");
        assertThat(Language.AMERICAN.speaking(() -> figures.dayAndTime(at))).isEqualTo("Jul 1, 2026, 5:05 PM");
        assertThat(Language.ENGLISH.speaking(() -> figures.dayAndTime(at))).isEqualTo("1 Jul 2026, 17:05");
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
