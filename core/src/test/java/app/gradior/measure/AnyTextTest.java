package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.larder.Catalogue;
import app.gradior.measure.LineReading.Sureness;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Whatever is typed, it is read as something or as nothing. */
class AnyTextTest {
    private final LineReader metric = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);

    @Test
    void neverThrowsOnAnyText() {
        String alphabet = "0123456789½⅓¼/.,-–() xgkmlotbspcuan éøß\t%&'\"<>[]{}日本±٣²";
        IntStream.range(0, 4).parallel().forEach(seed -> {
            Random random = new Random(11 + seed);
            for (int i = 0; i < 25_000; i++) {
                String text = random.ints(random.nextInt(60), 0, alphabet.length())
                        .mapToObj(at -> alphabet.substring(at, at + 1))
                        .collect(Collectors.joining());
                LineReading reading = metric.read(text);
                assertThat(reading.massG()).isGreaterThanOrEqualTo(0);
                assertThat(reading.lowG()).isLessThanOrEqualTo(reading.highG());
            }
        });
        assertThat(metric.read("1 ".repeat(100_000)).sureness()).isEqualTo(Sureness.UNSURE);
        assertThat(metric.read("999999999 kg water").remark()).contains(new LineRemark.TooMuch(100));
    }
}
