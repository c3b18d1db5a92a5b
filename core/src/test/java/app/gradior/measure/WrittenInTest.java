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

    private static String guess(String lines) {
        return WrittenIn.guess(List.of(lines.split("; ")))
                .map(guess -> guess.system() + ": " + String.join(", ", guess.because()))
                .orElse("-");
    }

    /** One point decides, half a point ahead of the next; units count for two at the most; the words that weigh most are said first. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '=',
            value = {
                "a broth = -",
                "a broth; a bouillon = US: bouillon, broth",
                "a broth; a bouillon; 3 g salt = US: bouillon, broth",
                "a broth; a bouillon; 3 g salt; 1 ml milk = -",
                "a broth; a bouillon; a passata; 3 g salt = -",
                "an eggplant; a zucchini; a broth; a bouillon; 3 g salt; 1 ml milk; 2 l water; 1 kg plums; 1 dl wine = -",
                "an eggplant; a zucchini; a broth; a bouillon; skim milk; 3 g salt; 1 ml milk; 2 l water; 1 kg plums; 1 dl wine"
                        + " = US: bouillon, broth, eggplant",
                "3 g salt; 1 ml milk = METRIC: g, ml",
                "3 g salt = -",
                "g; ml; l; kg = -",
                "2 l water; 1 kg plums; 1 cl rum; 3 g salt = METRIC: cl, g, kg",
                "2 oz plums; 1 lb figs = US: lb, oz",
                "2 lb plums; 1 pint ale = IMPERIAL: lb, pint",
                "2 lb plums; 1 pint ale; 1 cup milk = US: cup, lb, pint",
                "2 oz butter; a rasher = IMPERIAL: rasher, oz",
                "a rasher = METRIC: rasher",
                "a rasher; 2 oz butter; 3 g salt = METRIC: rasher, g",
                "1 fl oz milk; 1 gallon stock = US: fl oz, gallon",
            })
    void whoseItIsIsSaidByWhatWeighsMost(String lines, String whose) {
        assertThat(guess(lines)).isEqualTo(whose);
    }

    /** What a cup, a spoon or a pint holds, said beside it, outweighs every word: where it is one system's own, to three in a hundred. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '=',
            value = {
                "2 cups (500 ml) milk = METRIC: 2 cup (500 ml), ml",
                "2 cups / 500 ml milk = METRIC: 2 cup (500 ml), ml",
                "2 cups 500 ml milk = -",
                "2 cups (500 g) milk = -",
                "a cup (250 ml) = METRIC: 1 cup (250 ml), ml",
                "cup (250 ml) = -",
                "1 pint (473 ml) milk = US: 1 pint (473 ml), pint",
                "2 pints (940 ml) milk = US: 2 pint (940 ml), pint",
                "1 pint (568 ml) ale; 1 gram salt = METRIC: g, ml",
                "1 tbsp (20 ml) oil = AUSTRALIAN: 1 tbsp (20 ml), ml",
                "1 tbsp (19.4 ml) oil = AUSTRALIAN: 1 tbsp (19 ml), ml",
                "1 tbsp (19.2 ml) oil = -",
                "1 tsp (20 ml) oil = -",
                "the tablespoons here hold 20 ml = AUSTRALIAN: 20 ml, ml",
                "the tablespoons here hold 20 g = -",
                "the tablespoons here hold 15 ml = -",
                "a tablespoon here holds 20 ml = -",
                "the tablespoons are, as everybody in my kitchen will be glad to tell, 20 ml = AUSTRALIAN: 20 ml, ml",
                "the tablespoons are, as everybody in my kitchen will be so glad to tell, 20 ml = -",
            })
    void whatACupHoldsIsSaidOutright(String lines, String whose) {
        assertThat(guess(lines)).isEqualTo(whose);
    }

    /** A paragraph is read sentence by sentence, past the length of a line. */
    @Test
    void aLongParagraphIsReadToItsEnd() {
        String talk = "Stir it well now. ".repeat(20);
        assertThat(guess(talk + "Add twenty rashers.")).isEqualTo("METRIC: rasher");
        assertThat(guess(talk + "1. Two hundred g sugar! 3 ml milk")).isEqualTo("METRIC: g, ml");
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
