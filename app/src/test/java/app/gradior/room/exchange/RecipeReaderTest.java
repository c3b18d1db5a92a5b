package app.gradior.room.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.finding.Refusal;
import app.gradior.testing.Refused;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

class RecipeReaderTest {
    private static final List<String> LINES = List.of("500 g rhubarb, sliced", "120 g sugar", "2 tbsp cider vinegar");
    private static final String THREE = "[\"500 g rhubarb, sliced\",\"120 g sugar\",\"2 tbsp cider vinegar\"]";
    private static final List<String> METHOD = List.of("Stew the rhubarb.", "Reduce by half.");

    private final RecipeReader reader = new RecipeReader(JsonMapper.builder().build());

    private static String recipe(String rest) {
        return "{\"@context\":\"https://schema.org\",\"@type\":\"Recipe\",\"name\":\"Rhubarb sauce\"," + rest + "}";
    }

    /** The shapes in which pages really write their recipes, all of the same sauce. */
    static Stream<Arguments> shapes() {
        String steps = "\"recipeInstructions\":[\"Stew the rhubarb.\",\"Reduce by half.\"]";
        String ingredients = "\"recipeIngredient\":" + THREE;
        String plain = recipe(ingredients + "," + steps);
        return Stream.of(
                Arguments.of("plain arrays", plain),
                Arguments.of("an array of things", "[{\"@type\":\"WebSite\",\"name\":\"x\"}," + plain + "]"),
                Arguments.of(
                        "a graph",
                        "{\"@context\":\"https://schema.org\",\"@graph\":[{\"@type\":\"Person\"},{\"@type\":\"WebPage\",\"mainEntity\":"
                                + plain + "}]}"),
                Arguments.of("several types", plain.replace("\"Recipe\"", "[\"Thing\",\"Recipe\"]")),
                Arguments.of("a type as an address", plain.replace("\"Recipe\"", "\"http://schema.org/Recipe\"")),
                Arguments.of(
                        "how-to steps",
                        recipe(ingredients
                                + ",\"recipeInstructions\":[{\"@type\":\"HowToStep\",\"text\":\"Stew the rhubarb.\"},"
                                + "{\"@type\":\"HowToStep\",\"name\":\"Reduce by half.\"}]")),
                Arguments.of(
                        "how-to sections",
                        recipe(ingredients
                                + ",\"recipeInstructions\":[{\"@type\":\"HowToSection\",\"name\":\"Base\",\"itemListElement\":"
                                + "[{\"@type\":\"HowToStep\",\"text\":\"Stew the rhubarb.\"}]},{\"@type\":\"HowToSection\","
                                + "\"itemListElement\":{\"@type\":\"HowToStep\",\"text\":\"Reduce by half.\"}}]")),
                Arguments.of(
                        "an item list",
                        recipe(
                                ingredients
                                        + ",\"recipeInstructions\":{\"@type\":\"ItemList\",\"itemListElement\":[{\"@type\":\"ListItem\","
                                        + "\"item\":{\"text\":\"Stew the rhubarb.\"}},{\"@type\":\"ListItem\",\"item\":{\"text\":\"Reduce by half.\"}}]}")),
                Arguments.of(
                        "one string with breaks",
                        recipe("\"recipeIngredient\":\"500 g rhubarb, sliced\\n120 g sugar\\n2 tbsp cider vinegar\","
                                + "\"recipeInstructions\":\"Stew the rhubarb.\\nReduce by half.\"")),
                Arguments.of(
                        "markup and entities",
                        recipe(
                                "\"recipeIngredient\":[\"500&nbsp;g <b>rhubarb</b>, sliced\",\"120 g sugar\",\"2 tbsp cider vinegar\"],"
                                        + "\"recipeInstructions\":\"<p>Stew the rhubarb.</p><p>Reduce by half.</p>\"")),
                Arguments.of("the old property", recipe("\"ingredients\":" + THREE + "," + steps)),
                Arguments.of(
                        "a saved page",
                        "<!DOCTYPE html><html><head><script>evil()</script><script type=\"application/ld+json\">"
                                + plain + "</script></head><body>500 pages of talk</body></html>"),
                Arguments.of(
                        "a page with two blocks, the first broken",
                        "<html><script type=\"application/ld+json\">{oops</script><script type=\"application/ld+json\">"
                                + plain + "</script></html>"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("shapes")
    void everyShapeGivesTheSameLinesAndSteps(String shape, String text) {
        RecipeReader.Recipe recipe = reader.read(text);
        assertThat(recipe.name()).isEqualTo("Rhubarb sauce");
        assertThat(recipe.lines()).isEqualTo(LINES);
        assertThat(recipe.method()).containsAll(METHOD);
    }

    @Test
    void markdownAndPlainTextAreReadByTheirParts() {
        RecipeReader.Recipe markdown = reader.read(
                "# Rhubarb sauce\n\nServes 6\n\n## Ingredients\n\n- 500 g rhubarb, sliced\n"
                        + "- 120 g sugar\n* 2 tbsp cider vinegar\n\n## Method\n\n1. Stew the rhubarb.\n2. Reduce by half.\n");
        assertThat(markdown.name()).isEqualTo("Rhubarb sauce");
        assertThat(markdown.lines()).isEqualTo(LINES);
        assertThat(markdown.method()).isEqualTo(METHOD);
        assertThat(markdown.yield()).isEqualTo("Serves 6");
        RecipeReader.Recipe plain =
                reader.read("Rhubarb sauce\n500 g rhubarb, sliced\n120 g sugar\n2 tbsp cider vinegar\n");
        assertThat(plain.name()).isEqualTo("Rhubarb sauce");
        assertThat(plain.lines()).isEqualTo(LINES);
    }

    @Test
    void otherRecipesInTheFileAreNamed() {
        String two = "[" + recipe("\"recipeIngredient\":" + THREE) + ","
                + recipe("\"recipeIngredient\":[\"1 egg\"]").replace("Rhubarb sauce", "Custard") + "]";
        assertThat(reader.read(two).others()).containsExactly("Custard");
    }

    @Test
    void hostileFilesAreRefusedPolitely() {
        assertThatThrownBy(() -> RecipeReader.text(new byte[10_000_000])).satisfies(Refused.saying("10 MB"));
        assertThatThrownBy(() -> RecipeReader.text(new byte[0])).satisfies(Refused.saying("nothing in this file"));
        assertThatThrownBy(() -> RecipeReader.text(new byte[] {(byte) 0xC3, 0x28, (byte) 0xFF}))
                .satisfies(Refused.saying("UTF-8"));
        assertThatThrownBy(() -> RecipeReader.text(new byte[] {'P', 'K', 3, 4, 0, 0}))
                .satisfies(Refused.saying("not a text file"));
        assertThat(RecipeReader.text("\uFEFFgr\u00fcn".getBytes(StandardCharsets.UTF_16BE)))
                .isEqualTo("gr\u00fcn");
        String deep = "[".repeat(5_000) + "]".repeat(5_000);
        assertThatThrownBy(() -> reader.read(deep)).isInstanceOf(Refusal.class);
        String nested = "{\"a\":".repeat(200) + "1" + "}".repeat(200);
        assertThatThrownBy(() -> reader.read(nested)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> reader.read("{\"@type\":\"Recipe\"")).satisfies(Refused.saying("broken"));
        assertThatThrownBy(() -> reader.read("<html><script>alert(1)</script></html>"))
                .satisfies(Refused.saying("JSON-LD"));
        assertThatThrownBy(() -> reader.read("Only a name\n")).satisfies(Refused.saying("No ingredient lines"));
        RecipeReader.Recipe script = reader.read(recipe(
                "\"recipeIngredient\":[\"<script>alert(1)</script>120 g sugar\",\"<img src=x onerror=y>1 onion\"]"));
        assertThat(script.lines()).containsExactly("120 g sugar", "1 onion");
    }

    @Test
    void manyLinesAreCutToWhatABookTakes() {
        StringBuilder many = new StringBuilder("Long sauce\n");
        for (int i = 0; i < 3000; i++) {
            many.append("- ").append(i).append(" g sugar\n");
        }
        assertThat(reader.read(many.toString()).lines()).hasSize(80);
    }
}
