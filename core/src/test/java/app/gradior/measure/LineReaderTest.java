package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading.Sureness;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.ValueSource;

class LineReaderTest {
    private final LineReader metric = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);
    private final LineReader us = new LineReader(Catalogue.standard(), MeasureSystem.US);

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "/measure/lines.csv", delimiter = '|', numLinesToSkip = 1)
    void understands(String line, String food, double grams) {
        LineReading reading = metric.read(line);
        assertThat(reading.food().map(Food::id)).as("food of '%s'", line).contains(food);
        assertThat(reading.massG()).as("grams of '%s'", line).isCloseTo(grams, within(0.03 * grams + 0.01));
        assertThat(reading.text()).isEqualTo(line);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"2 tbsp tomato glork", "1 florble of wurzle", "salt to taste", "3 of the usual", "500 g glarp"})
    void saysSoWhenItIsNotSure(String line) {
        LineReading reading = metric.read(line);
        assertThat(reading.sureness()).isEqualTo(Sureness.UNSURE);
        assertThat(reading.remark()).isNotBlank();
    }

    @Test
    void cupsAreTheKitchensOwn() {
        assertThat(us.read("1 cup water").massG()).isCloseTo(236.1, within(0.3));
        assertThat(metric.read("1 cup water").massG()).isCloseTo(249.5, within(0.3));
        assertThat(us.read("1 cup sugar").massG()).isCloseTo(200, within(0.1));
        assertThat(new LineReader(Catalogue.standard(), MeasureSystem.AUSTRALIAN)
                        .read("1 tbsp water")
                        .massG())
                .isCloseTo(19.96, within(0.05));
    }

    @Test
    void aSplashIsLessCertainThanAScale() {
        assertThat(metric.read("a splash of water").logSd())
                .isGreaterThan(metric.read("10 ml water").logSd());
        assertThat(metric.read("2-3 onions").logSd())
                .isGreaterThan(metric.read("2 onions").logSd());
        LineReading onions = metric.read("2 onions");
        assertThat(onions.lowG()).isBetween(150.0, 299.0);
        assertThat(onions.highG()).isBetween(301.0, 600.0);
    }

    @Test
    void keepsUnknownWords() {
        assertThat(metric.read("200 g wild bog damsons").unknownWords()).containsExactly("wild", "bog");
    }

    @Test
    void neverThrowsOnAnyText() {
        Random random = new Random(11);
        String alphabet = "0123456789½⅓¼/.,-–() xgkmlotbspcuan éøß\t%&'\"<>[]{}日本±٣²";
        for (int i = 0; i < 20_000; i++) {
            StringBuilder text = new StringBuilder();
            int length = random.nextInt(60);
            for (int j = 0; j < length; j++) {
                text.append(alphabet.charAt(random.nextInt(alphabet.length())));
            }
            LineReading reading = metric.read(text.toString());
            assertThat(reading.massG()).isGreaterThanOrEqualTo(0);
            assertThat(reading.lowG()).isLessThanOrEqualTo(reading.highG());
        }
        assertThat(metric.read("1 ".repeat(100_000)).sureness()).isEqualTo(Sureness.UNSURE);
        assertThat(metric.read("999999999 kg water").remark()).contains("100 kg");
    }
}
