package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** A recipe's text by the API: lines and stages with their places, and what was left. */
class RecipeApiTest extends ApiCalls {
    private static final String GRAVY =
            "Stout gravy\n\nMakes about 600 ml\n\nIngredients\n- 30 g butter\n- 2 onions, sliced\n"
                    + "- 330 ml stout\n- 1 cup beef stock\n- salt and pepper\n\nMethod\n"
                    + "1. Melt the butter and cook the onions for 15 minutes until soft.\n"
                    + "2. Pour in the stout and boil until reduced by half.\n"
                    + "3. Add the stock and simmer, uncovered, for 20 minutes. Season.\n"
                    + "4. Serve with sausages, baked at 190°C for 30 minutes.\n";

    private JsonNode recipe(String text, String measures) throws Exception {
        var body = JsonNodeFactory.instance.objectNode().put("text", text);
        if (!measures.isEmpty()) {
            body.put("measures", measures);
        }
        return answer(ask("/bench/recipe", body.toString()).andExpect(status().isOk()));
    }

    @Test
    void linesAndStagesRestOnPlacesOfTheText() throws Exception {
        JsonNode read = recipe(GRAVY, "");
        assertThat(read.get("name").stringValue()).isEqualTo("Stout gravy");
        assertThat(read.get("shape").stringValue()).isEqualTo("written");
        assertThat(read.get("yieldMl").get(0).doubleValue()).isCloseTo(570, within(1.0));
        assertThat(read.get("lines").size()).isEqualTo(6);
        assertThat(read.get("stages").valueStream().map(s -> s.get("kind").stringValue()))
                .containsExactly("sweat", "deglaze", "simmer", "season");
        JsonNode deglaze = read.get("stages").get(1);
        assertThat(deglaze.get("end").get("by").stringValue()).isEqualTo("fraction");
        assertThat(deglaze.get("end").get("value").doubleValue()).isCloseTo(0.5, within(1e-9));
        int from = deglaze.get("at").get(0).intValue();
        assertThat(GRAVY.substring(from, deglaze.get("at").get(1).intValue())).startsWith("Pour in the stout");
        JsonNode stout = read.get("lines").get(2);
        assertThat(stout.get("stage").intValue()).isEqualTo(2);
        assertThat(stout.get("food").stringValue()).isEqualTo("stout");
        assertThat(read.get("stages").get(2).get("lid").stringValue()).isEqualTo("open");
        assertThat(read.get("left").toString()).contains("the_meal").contains("sausages");
        assertThat(read.get("text").isNull()).isTrue();
    }

    @Test
    void measuresThatAreSaidWin() throws Exception {
        assertThat(recipe(GRAVY, "us").get("lines").get(3).get("massG").doubleValue())
                .isCloseTo(237.8, within(1.0));
        assertThat(recipe(GRAVY, "").get("lines").get(3).get("massG").doubleValue())
                .isCloseTo(251.3, within(1.0));
    }

    @Test
    void recipesAsDataAndPagesWithoutDataAreReadToo() throws Exception {
        String data =
                "{\"@type\":\"Recipe\",\"name\":\"Rhubarb sauce\",\"recipeIngredient\":[\"500 g rhubarb\",\"120 g sugar\"],"
                        + "\"recipeInstructions\":[{\"@type\":\"HowToStep\",\"text\":\"Simmer the rhubarb and sugar for 12 minutes.\"}]}";
        JsonNode read = recipe(data, "");
        assertThat(read.get("stages").get(0).get("kind").stringValue()).isEqualTo("simmer");
        assertThat(read.get("text").stringValue()).contains("- 500 g rhubarb");
        JsonNode page = recipe(
                "<html><body><h1>Rhubarb sauce</h1>\n<ul>\n<li>500 g rhubarb</li>\n<li>120 g sugar</li>\n<li>50 ml water</li>\n</ul>\n<p>Put the rhubarb, sugar and water in a pan and simmer for 12 minutes.</p></body></html>",
                "");
        assertThat(page.get("lines").size()).isEqualTo(3);
        assertThat(page.get("stages").get(0).get("end").get("value").doubleValue())
                .isCloseTo(12, within(1e-9));
    }

    @Test
    void whatIsNoRecipeIsSaid() throws Exception {
        ask("/bench/recipe", "{\"text\":\"hello there\"}").andExpect(status().is(422));
        ask("/bench/recipe", "{}").andExpect(status().is(422));
        ask("/bench/recipe", "{\"text\":\"x\",\"measures\":\"ell\"}").andExpect(status().is(422));
    }
}
