package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.larder.Catalogue;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class IngredientsTest {
    private final LineReader reader = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);

    private Ingredients of(Texture texture, String... lines) {
        return new Ingredients(Stream.of(lines).map(reader::read).toList(), texture);
    }

    @Test
    void linesWithoutFoodOrAmountAreLeftOutOfThePot() {
        Ingredients sauce = of(Texture.CHUNKY, "500 g onions", "salt to taste", "3 flurbs of wug");
        assertThat(sauce.lines()).hasSize(3);
        assertThat(sauce.usable()).hasSize(1);
        assertThat(sauce.mixture().massG()).isCloseTo(499.5, within(3.0));
    }

    @Test
    void smoothFreesThePulpOfCutPieces() {
        double chunky = of(Texture.CHUNKY, "500 g onions").mixture().body().effectiveG();
        double smooth = of(Texture.SMOOTH, "500 g onions").mixture().body().effectiveG();
        assertThat(smooth).isCloseTo(3 * chunky, within(1e-9));
    }

    @Test
    void theSpreadIsThatOfTheLinesWeightedByWhatTheyBring() {
        Ingredients.Spread weighed = of(Texture.SMOOTH, "500 g onions").spread();
        Ingredients.Spread counted = of(Texture.SMOOTH, "4 onions").spread();
        assertThat(weighed.waterLogSd()).isLessThan(0.02);
        assertThat(counted.waterLogSd()).isCloseTo(0.25, within(0.001));
        Ingredients.Spread diluted =
                of(Texture.SMOOTH, "4 onions", "2000 g water").spread();
        assertThat(diluted.waterLogSd()).isLessThan(0.3 * counted.waterLogSd());
        assertThat(diluted.solidsLogSd()).isCloseTo(counted.solidsLogSd(), within(1e-9));
    }

    @Test
    void theCooksCorrectionIsTakenAtItsWord() {
        LineReading corrected = LineReading.corrected(
                "a big one", Catalogue.standard().food("leek").orElseThrow(), 240);
        Ingredients sauce = new Ingredients(java.util.List.of(corrected), Texture.CHUNKY);
        assertThat(sauce.usable().get(0).massG()).isEqualTo(240);
        assertThat(corrected.highG() - corrected.lowG()).isLessThan(10);
    }
}
