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

    @ParameterizedTest
    @CsvSource({
        "0, 0",
        "0.006, 0.01",
        "0.016, 0.02",
        "0.06, 0.06",
        "0.125, ⅛",
        "0.13, ⅛",
        "0.131, 0.13",
        "0.333, ⅓",
        "0.95, 0.95",
        "0.97, 1",
        "1, 1",
        "1.019, 1",
        "1.2, 1.2",
        "1.21, 1¼",
        "1.5, 1½",
        "2.6, 2⅔",
        "2.05, 2",
        "2.08, 2⅛",
        "3.04, 3",
        "5.97, 6",
        "5.8, 5¾",
        "5.9, 6",
        "9.17, 9.2",
        "9.2, 9¼",
        "9.5, 9½",
        "9.96, 10",
        "10.4, 10",
        "250, 250",
        "1234.4, 1234"
    })
    void writesAsCooksDo(double value, String written) {
        assertThat(Numbers.cooks(value).replace(",", "")).isEqualTo(written);
    }

    /** What is written is no farther off than a hand is, and than the nearest whole number. */
    @Test
    void whatItWritesIsNearWhatItIs() {
        for (double value = 0.005; value < 40; value += 0.0037) {
            double written = Numbers.parse(Numbers.cooks(value)).orElseThrow();
            double mostOff = value >= 10 ? 0.5 : Math.max(0.04 * value, value < 1 ? 0.005 : 0.05);
            assertThat(Math.abs(written - value)).as("%s", value).isLessThanOrEqualTo(mostOff + 1e-9);
            assertThat(Math.abs(written - value))
                    .as("%s", value)
                    .isLessThanOrEqualTo(Math.max(Math.abs(Math.rint(value) - value), 0.05) + 1e-9);
        }
    }

    @Test
    void writesWithSoManyDecimals() {
        assertThat(Numbers.plain(1234.50, 2)).isEqualTo("1,234.5");
        assertThat(Numbers.plain(1200, 2)).isEqualTo("1,200");
        assertThat(Numbers.plain(1000, 0)).as("no decimal to cut").isEqualTo("1,000");
        assertThat(Numbers.plain(-0.04, 1)).isEqualTo("0");
        assertThat(Numbers.plain(-0.06, 1)).isEqualTo("-0.1");
        assertThat(Numbers.fixed(5, 1)).isEqualTo("5.0");
        assertThat(Numbers.fixed(-0.04, 1)).isEqualTo("0.0");
        assertThat(Numbers.fixed(-0.4, 0)).isEqualTo("0");
        assertThat(Numbers.fixed(-0.06, 1)).isEqualTo("-0.1");
    }

    /** A text of 24 characters may be a number, a longer one is not; twelve figures are a whole number. */
    @Test
    void readsNoNumberThatIsTooLong() {
        assertThat(Numbers.parse("123456789012").orElseThrow()).isEqualTo(123456789012.0);
        assertThat(Numbers.parse("1234567890123")).isEmpty();
        assertThat(Numbers.parse("1" + ",000".repeat(5) + ".00").orElseThrow()).isEqualTo(1e15);
        assertThat(Numbers.parse("1" + ",000".repeat(5) + ".0000")).isEmpty();
        assertThat(Numbers.parse("\u22123").orElseThrow()).isEqualTo(-3);
        assertThat(Numbers.parse("12½").orElseThrow()).isEqualTo(12.5);
        assertThat(Numbers.parse("x½")).isEmpty();
        assertThat(Numbers.parse("7⅞").orElseThrow()).isEqualTo(7.875);
    }
}
