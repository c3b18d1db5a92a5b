package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.finding.Finding;
import app.gradior.larder.Catalogue;
import app.gradior.measure.LineReading.Sureness;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The same amount in other words is the same amount; what is left of each line is the food's name alone. */
class SaidOtherwiseTest {
    private static final LineReader READER = new LineReader(Catalogue.standard(), MeasureSystem.METRIC);

    private static void same(LineReader reader, String line, String plainly) {
        LineReading said = reader.read(line);
        LineReading plain = reader.read(plainly);
        assertThat(plain.sureness()).as(plainly).isNotEqualTo(Sureness.UNSURE);
        assertThat(said.sureness())
                .as("%s: %s", line, said.remark().map(Finding::code))
                .isNotEqualTo(Sureness.UNSURE);
        assertThat(said.food()).as(line).isPresent().isEqualTo(plain.food());
        assertThat(said.massG()).as(line).isCloseTo(plain.massG(), within(1e-3 * plain.massG()));
        assertThat(reader.foodWords(line)).as(line).isEqualTo(reader.foodWords(plainly));
    }

    /** Hedges, juice and zest, heaps, sizes of one, sums, the same again in other units, an amount behind its food. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '=',
            value = {
                "about 100 g sugar = 100 g sugar",
                "~ 100 g sugar = 100 g sugar",
                "at least 2 cups water = 2 cups water",
                "between 2 and 3 tbsp honey = 2-3 tbsp honey",
                "juice of the lemon = juice of 1 lemon",
                "juice from 2 limes = juice of 2 limes",
                "the juice of 2 limes = juice of 2 limes",
                "grated zest of 1 lemon = zest of 1 lemon",
                "juice and zest of 2 limes = zest and juice of 2 limes",
                "half the juice of 1 lemon = juice of half a lemon",
                "half the juice of 2 lemons = juice of 1 lemon",
                "2 tbsp, heaped, sugar = 2 heaped tbsp sugar",
                "2 rounded tbsp sugar = 2 heaping tbsp sugar",
                "2 tbsp, level, sugar = 2 tbsp sugar",
                "100 heaped g sugar = 100 g sugar",
                "2 x 400 g cans chopped tomatoes = 800 g chopped tomatoes",
                "2 × 400-g tins plums = 800 g plums",
                "2 * 400 ml milk = 800 ml milk",
                "a 500 ml carton of cream = 500 ml cream",
                "1 fluid ounce milk = 1 fl oz milk",
                "3 fl. oz. milk = 3 fl oz milk",
                "a cup and a half of sugar = 1½ cups sugar",
                "2 cups & 1/2 water = 2½ cups water",
                "a tbsp and one third of honey = 1⅓ tbsp honey",
                "1 lb 8 oz plums = 1½ lb plums",
                "50 g + 20 g sugar = 70 g sugar",
                "1 kg 200 g plums = 1.2 kg plums",
                "1 pint plus 5 fl oz stock = 1¼ pint stock",
                "1 pint 5 fluid ounces stock = 1¼ pint stock",
                "1 quart 10 fl oz stock = 50 fl oz stock",
                "1 litre 250 ml milk = 1.25 l milk",
                "1 l 2 dl milk = 1.2 l milk",
                "500 g / 1 lb 2 oz plums = 500 g plums",
                "250 ml / 9 fl oz / 1 cup milk = 250 ml milk",
                "1 cup/250 ml milk = 1 cup milk",
                "sugar 20 g = 20 g sugar",
                "salt: 1 tsp = 1 tsp salt",
                "sugar: about 20 g = 20 g sugar",
                "two hundred and fifty g sugar = 250 g sugar",
                "a hundred g sugar = 100 g sugar",
                "hundred and fifty grams sugar = 150 g sugar",
                "one thousand ml milk = 1000 ml milk",
                "two thousand five ml milk = 2005 ml milk",
                "twenty-five g sugar = 25 g sugar",
                "ninety nine g sugar = 99 g sugar",
                "ten g sugar = 10 g sugar",
                "thirteen g sugar = 13 g sugar",
                "1 & 1/2 cups milk = 1½ cups milk",
                "2 + ½ cups milk = 2½ cups milk",
                "one and a half cups milk = 1½ cups milk",
                "1 and 1/2 cups milk = 1½ cups milk",
                "three quarters of a cup milk = ¾ cup milk",
                "seven eighths of a cup milk = ⅞ cup milk",
                "a quarter cup milk = ¼ cup milk",
                "half of a cup milk = ½ cup milk",
                "a couple of cups milk = 2 cups milk",
                "half a dozen onions = 6 onions",
                "two dozen plums = 24 plums",
                "2 to 24 plums = 2-24 plums",
                "plums 2 x 400 g = 800 g plums",
                "plums: 2 × 400 ml = 800 ml plums",
                "plums, 3 400 g = 1200 g plums",
                "plums x 4 = 4 plums",
                "1 × 5 cm piece ginger = 5 cm piece ginger",
                "2 x 5 cm pieces ginger = 10 cm piece ginger",
                "1 lemon (juice only) = juice of 1 lemon",
                "1 lemon (zest and juice) = zest and juice of 1 lemon",
                "2 tins (800 g) chopped tomatoes = 2 tins chopped tomatoes",
                "2 tins (800 g each) chopped tomatoes = 1600 g chopped tomatoes",
                "2 tins (400 g) chopped tomatoes = 2 tins chopped tomatoes",
                "2 tins (600 g) chopped tomatoes = 1200 g chopped tomatoes",
                "1 tin (800 g) chopped tomatoes = 800 g chopped tomatoes",
                "1 dessert spoon honey = 1 dsp honey",
                "2 table-spoons honey = 2 tbsp honey",
                "2 soup spoons honey = 2 tbsp honey",
            })
    void itIsTheSame(String line, String plainly) {
        same(READER, line, plainly);
    }

    /** A number that is no part of the amount is never passed over. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "2 x 400 plums",
                "2 to 25 plums",
                "3 or 2 onions",
                "1 litre 2 cups water",
                "500 g 1 lb plums",
                "2 tins 800 g plums",
                "2 cups 3 plums",
                "20 g butter x 2",
                "20 g butter × 2",
                "5 g salt per litre",
                "100 g sugar per person",
                "a 5 cm piece of sugar"
            })
    void whatMayBeTwoAmountsIsAsked(String line) {
        assertThat(READER.read(line).sureness()).isEqualTo(Sureness.UNSURE);
    }

    /** What a number says of a food is no amount of it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '=',
            value = {
                "2 tbsp 5 % cider vinegar = 2 tbsp cider vinegar",
                "2 tbsp 5% cider vinegar = 2 tbsp cider vinegar",
                "2 tbsp 5 percent cider vinegar = 2 tbsp cider vinegar",
                "100 g 70% dark chocolate = 100 g dark chocolate",
                "two 2-inch strips of lemon zest = 2 strips of lemon zest",
                "6 plums, as per taste = 6 plums",
                "2 tbsp 12-year-old balsamic vinegar = 2 tbsp balsamic vinegar"
            })
    void ofWhatKindIsNotHowMuch(String line, String plainly) {
        LineReading said = READER.read(line);
        assertThat(said.food()).isEqualTo(READER.read(plainly).food());
        assertThat(said.massG()).isEqualTo(READER.read(plainly).massG());
        assertThat(said.sureness()).isNotEqualTo(Sureness.UNSURE);
    }

    @ParameterizedTest
    @CsvSource({
        "2 ladles stock, 180 ml stock",
        "stock: a ladle, 90 ml stock",
        "ladle of stock, 90 ml stock",
        "half a ladle of stock, 45 ml stock",
        "3 nips whisky and a ladle of water, 75 ml whisky and 90 ml water"
    })
    void aKitchensOwnMeasures(String line, String plainly) {
        LineReader own =
                new LineReader(Catalogue.standard(), MeasureSystem.METRIC, Map.of("ladles", 90.0, "nip", 25.0));
        assertThat(own.read(line).food()).isEqualTo(own.read(plainly).food());
        assertThat(own.read(line).massG()).isCloseTo(own.read(plainly).massG(), within(1e-6));
        assertThat(own.readAs(line, Catalogue.standard().water()).massG())
                .isCloseTo(own.readAs(plainly, Catalogue.standard().water()).massG(), within(1e-6));
    }

    @Test
    void foodsThatATextNamesInTheirOrder() {
        List<LineReader.Mention> mentions = READER.mentions("fry twenty-five onions, then dark chocolate and sugar in");
        assertThat(mentions).extracting(m -> m.food().id()).containsExactly("onion", "chocolate-dark", "sugar");
        assertThat(mentions).extracting(LineReader.Mention::from).containsExactly(2, 5, 8);
        assertThat(mentions).extracting(LineReader.Mention::to).containsExactly(3, 7, 9);
        assertThat(LineReader.words("Twenty-five Onions")).containsExactly("25", "onion");
    }

    /** A tin of 28 oz is one, in America; so is what stands before its tin. */
    @Test
    void aTinThatHoldsAsMuchAsTwoIsATin() {
        LineReader american = new LineReader(Catalogue.standard(), MeasureSystem.US);
        same(american, "2 cans (28 oz) diced tomatoes", "56 oz diced tomatoes");
        same(american, "2 (29 oz) cans diced tomatoes", "58 oz diced tomatoes");
        same(american, "2 cans (29 oz) diced tomatoes", "29 oz diced tomatoes");
    }

    /** By the stick where a stick is known, 8 cm, and by the strip where only that is. */
    @Test
    void aLengthIsByWhatIsKnownOfThePiece() {
        double stick = READER.read("1 cinnamon stick").massG();
        assertThat(READER.read("a 5 cm piece of cinnamon stick").massG()).isCloseTo(stick * 5 / 8, within(1e-9));
        assertThat(READER.read("two 2-inch strips of lemon zest").amount()).isEqualTo("2 strip");
    }
}
