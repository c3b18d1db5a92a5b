package app.gradior.mixture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Sauces;
import app.gradior.finding.Refused;
import app.gradior.finding.Wrong;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MixtureTest {
    @Test
    void massesAddUpWhateverIsMixed() {
        List<Food> foods = List.copyOf(Catalogue.standard().foods());
        Random random = new Random(5);
        for (int i = 0; i < 200; i++) {
            Mixture sum = Mixture.EMPTY;
            double expected = 0;
            double volumeMl = 0;
            for (int j = 0; j < 12; j++) {
                Food food = foods.get(random.nextInt(foods.size()));
                double massG = 500 * random.nextDouble();
                sum = sum.plus(Mixture.of(food, massG));
                expected += massG;
                volumeMl += Mixture.of(food, massG).volumeMl20c();
            }
            assertThat(sum.massG()).isCloseTo(expected, within(1e-9 * expected));
            assertThat(sum.blended().massG()).isCloseTo(sum.massG(), within(1e-9 * expected));
            assertThat(sum.times(2).massG()).isCloseTo(2 * expected, within(1e-9 * expected));
            assertThat(sum.volumeMl20c()).isCloseTo(volumeMl, within(1e-9 * volumeMl));
        }
    }

    /** Each part by its own density: oils float, salt sinks. */
    @ParameterizedTest
    @CsvSource({"water, 0.998", "vegetable-oil, 0.92", "sugar, 1.59", "salt, 2.16"})
    void eachPartTakesItsOwnRoom(String food, double gPerMl) {
        Mixture pure = Sauces.of(food, 1000);
        assertThat(pure.massG() / pure.volumeMl20c()).isCloseTo(gPerMl, within(0.01 * gPerMl));
    }

    /** Densities of sucrose solutions at 20 °C, CRC Handbook. */
    @ParameterizedTest
    @CsvSource({"10, 1.0381", "30, 1.1270", "50, 1.2296", "60, 1.2864", "70, 1.3472"})
    void syrupsHaveTheirPublishedDensity(double brix, double gPerMl) {
        Mixture syrup = Sauces.syrup(brix);
        assertThat(syrup.brixPercent()).isCloseTo(brix, within(1e-9));
        assertThat(syrup.massG() / syrup.volumeMl20c()).isCloseTo(gPerMl, within(0.015 * gPerMl));
    }

    @Test
    void hotWaterTakesMoreRoom() {
        assertThat(SpecificVolume.expansion(98)).isCloseTo(1.042 * 0.998, within(0.001));
        assertThat(SpecificVolume.expansion(20)).isEqualTo(1);
    }

    @Test
    void saltAndAcidArePercentOfTheWhole() {
        Mixture m = Sauces.of("salt", 10).plus(Sauces.of("vinegar-cider", 100)).plus(Sauces.of("water", 890));
        assertThat(m.saltPercent()).isCloseTo(0.998, within(1e-6));
        assertThat(m.aceticPercent()).isCloseTo(0.5, within(1e-6));
    }

    @Test
    void cutPiecesCountAThirdUntilBlended() {
        Mixture cut = Sauces.of("onion", 300);
        assertThat(cut.blended().body().effectiveG()).isCloseTo(3 * cut.body().effectiveG(), within(1e-9));
        assertThat(Sauces.of("passata", 100).body().effectiveG()).isCloseTo(2.5 * 1.4, within(1e-9));
    }

    @Test
    void aNegativeOrNonsenseMassIsRefused() {
        assertThat(Refused.range(() -> Sauces.of("water", -1))).isEqualTo(new Wrong.Range("massG", -1, 0, 1e6, " g"));
        assertThatThrownBy(() -> Sauces.of("water", Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }
}
