package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumbersTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 1/2|1.5",
                "1½|1.5",
                "1 ½|1.5",
                "1,5|1.5",
                "1.5|1.5",
                "½|0.5",
                "3/4|0.75",
                "1,200|1200",
                "0,125|0.125",
                "12,5|12.5",
                "-3|-3",
                "1-1/2|1.5",
                ".5|0.5",
                "1,234,567|1234567",
                "⅔|0.6666667"
            })
    void readsNumbersAsCooksWriteThem(String text, double value) {
        assertThat(Numbers.parse(text).orElseThrow()).isCloseTo(value, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "abc", "1/0", "1..2", "1 2", "NaN", "Infinity", "1e9", "--1", "½½½", "0x10"})
    void refusesWhatIsNoNumber(String text) {
        assertThat(Numbers.parse(text)).isEmpty();
    }

    @Test
    void writesAsCooksDo() {
        assertThat(Numbers.cooks(1.5)).isEqualTo("1½");
        assertThat(Numbers.cooks(0.333)).isEqualTo("⅓");
        assertThat(Numbers.cooks(250)).isEqualTo("250");
        assertThat(Numbers.cooks(0.06)).isEqualTo("0.06");
        assertThat(Numbers.fixed(-0.04, 1)).isEqualTo("0.0");
        assertThat(Numbers.plain(1234.50, 2)).isEqualTo("1,234.5");
    }
}
