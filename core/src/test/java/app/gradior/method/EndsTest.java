package app.gradior.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.measure.MeasureSystem;
import app.gradior.method.ReadRecipe.EndWord;
import app.gradior.method.ReadRecipe.ReadEnd;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EndsTest {
    private static final Ends METRIC = new Ends(MeasureSystem.METRIC);
    private static final Ends US = new Ends(MeasureSystem.US);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "simmer for 20 minutes | MINUTES | 20",
                "cook for 8–10 minutes | MINUTES | 9",
                "give it half an hour | MINUTES | 30",
                "simmer an hour and a quarter | MINUTES | 75",
                "simmer 1 hour 15 minutes | MINUTES | 75",
                "stir for 30 seconds | MINUTES | 0.5",
                "cook for 12 minutes, until golden | WORD | ",
                "until it falls to threads | WORD | ",
                "boil until the pan is nearly dry | WORD | ",
                "let it boil down by half | FRACTION | 0.5",
                "reduce by a third | FRACTION | 0.667",
                "reduce by about two thirds | FRACTION | 0.333",
                "reduce to a quarter | FRACTION | 0.25",
                "until only half of it is left | FRACTION | 0.5",
                "boil until halved | FRACTION | 0.5",
                "so we lost a third | FRACTION | 0.667",
                "boil down to 300 ml | VOLUME | 300",
                "until you have about 1 1/2 litres left | VOLUME | 1500",
                "simmer until about a litre is left | VOLUME | 1000",
                "until half a litre remains | VOLUME | 500",
                "until pot and sauce together weigh 1.2 kg | WEIGHT | 1200",
                "until it is 45 mm deep on the spoon's handle | LEVEL | 45",
                "until it comes up to 4 cm on the ruler | LEVEL | 40",
                "until it coats the back of a spoon | STEP | 4",
                "until a finger's line through it holds | STEP | 5",
                "boil to a light syrup | STEP | 5",
                "until the spoon leaves a clear track on the bottom of the pan | STEP | 6",
                "until it falls in a ribbon | STEP | 7",
                "boil to 105 °C | BOIL | 105",
                "simmer 20 minutes, until reduced to 600 ml | VOLUME | 600",
            })
    void anEndIsReadInTheCooksWords(String text, EndWord by, Double value) {
        assertThat(METRIC.end(Norm.of(text), text)).hasValueSatisfying(end -> {
            assertThat(end.by()).isEqualTo(by);
            if (value != null) {
                assertThat(end.value().orElseThrow()).isCloseTo(value, within(0.001));
            }
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "add the maple syrup",
                "stir in two cups of ketchup",
                "brush it over for the last 10 minutes",
                "add half a cup of cream",
                "in a 24 cm pan",
                "add 1 litre of stock",
            })
    void whatIsNoEndIsNone(String text) {
        assertThat(METRIC.end(Norm.of(text), text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"boil to 220 °F, 104.4", "until it reads 217 degrees, 102.8"})
    void fahrenheitIsMeantWhereItIsCookedIn(String text, double celsius) {
        Optional<ReadEnd> end = US.end(Norm.of(text), text);
        assertThat(end)
                .hasValueSatisfying(e -> assertThat(e.value().orElseThrow()).isCloseTo(celsius, within(0.1)));
    }

    @ParameterizedTest
    @CsvSource({
        "cook down to 3 cups, US, 709.8",
        "until 2 pints remain, IMPERIAL, 1136.5",
        "down to 2 cups, METRIC, 500"
    })
    void cupsAreThoseOfTheText(String text, MeasureSystem system, double ml) {
        assertThat(new Ends(system).end(Norm.of(text), text))
                .hasValueSatisfying(e -> assertThat(e.value().orElseThrow()).isCloseTo(ml, within(0.1)));
    }
}
