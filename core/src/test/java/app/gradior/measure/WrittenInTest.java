package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WrittenInTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "US | 2 tbsp cornstarch; 1 quart low-sodium chicken broth; 1/2 stick butter",
                "US | 3 cups water; 8 oz ground pork; kosher salt",
                "US | 1 cup (237 ml) milk; 200 g sugar",
                "US | two cups of cream in a large skillet and a half pound of butter",
                "METRIC | 500 g tomatoes; 200 ml water; 2 tbsp oil",
                "METRIC | 1 kg damsons; 300ml cider vinegar; 1 cup sugar (200 g)",
                "METRIC | 2 tbsp cornflour; 1 tsp caster sugar",
                "METRIC | 1 cup (250 ml) stock; 1 tbsp honey",
                "IMPERIAL | 1 pint double cream; 4 oz butter",
                "IMPERIAL | 2 lb plums; 3/4 pint malt vinegar; 12 oz demerara sugar",
                "AUSTRALIAN | 1 cup (250 ml) thickened cream; 2 eschalots; 20 g butter",
                "AUSTRALIAN | 2 tablespoons (40 ml) oil; 1 red capsicum; 500 g tomatoes",
                "AUSTRALIAN | All our tablespoons are 20 ml; 2 tablespoons honey",
            })
    void itsWordsTell(MeasureSystem system, String lines) {
        assertThat(WrittenIn.guess(List.of(lines.split("; "))))
                .hasValueSatisfying(guess -> assertThat(guess.system()).isEqualTo(system));
    }

    /** A spoon, a pinch and an onion are everybody's. */
    @ParameterizedTest
    @CsvSource({"2 onions; 1 tbsp honey; salt", "1 tbsp (15 ml) oil", "''", "cup; pint; 3"})
    void nothingIsGuessedOfNothing(String lines) {
        assertThat(WrittenIn.guess(List.of(lines.split("; ")))).isEmpty();
    }

    @Test
    void theReasonNamesTheWordsThatDecided() {
        WrittenIn guess = WrittenIn.guess(
                        List.of("1 cup sugar", "2 tbsp cornstarch", "4 scallions", "1/2 cup cilantro"))
                .orElseThrow();
        assertThat(guess.because()).containsExactly("cilantro", "cornstarch", "scallion");
        assertThat(WrittenIn.guess(List.of("1 cup (250 ml) stock", "3 g salt"))
                        .orElseThrow()
                        .because())
                .first()
                .isEqualTo("1 cup (250 ml)");
    }

    /** However often a word is said, it is one word; and the order of the lines tells nothing. */
    @Test
    void oneWordSpeaksOnce() {
        List<String> lines = new ArrayList<>(Collections.nCopies(40, "1 cup water"));
        lines.addAll(List.of("200 g sugar", "100 ml double cream"));
        WrittenIn guess = WrittenIn.guess(lines).orElseThrow();
        assertThat(guess.system()).isEqualTo(MeasureSystem.METRIC);
        Collections.reverse(lines);
        assertThat(WrittenIn.guess(lines)).contains(guess);
    }

    @Test
    void everyCupSaidInMillilitresIsItsOwn() {
        Stream.of(MeasureSystem.US, MeasureSystem.METRIC, MeasureSystem.IMPERIAL)
                .forEach(system -> {
                    String line = "2 cups (" + Math.round(2 * system.cupMl()) + " ml) milk";
                    assertThat(WrittenIn.guess(List.of(line)))
                            .hasValueSatisfying(
                                    guess -> assertThat(guess.system()).isEqualTo(system));
                });
    }
}
