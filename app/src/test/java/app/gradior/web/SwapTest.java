package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Swaps by the API: options with what else changes, or the reason why none. */
class SwapTest extends ApiCalls {
    private JsonNode swap(String body) throws Exception {
        return answer(ask("/bench/swap", body).andExpect(status().isOk()));
    }

    @Test
    void aCubeMakesTheStockWithItsWater() throws Exception {
        JsonNode answer = swap("{\"line\":\"500 ml chicken stock\",\"with\":\"stock-cube\"}");
        JsonNode cube = answer.get("options").get(0);
        assertThat(cube.get("food").stringValue()).isEqualTo("stock-cube");
        assertThat(cube.get("massG").doubleValue()).isCloseTo(10, within(0.2));
        assertThat(cube.get("lines").size()).isEqualTo(2);
        assertThat(cube.get("lines").get(1).get("food").stringValue()).isEqualTo("water");
        assertThat(cube.get("keeps").stringValue()).isEqualTo("volume");
        assertThat(answer.get("reason").isNull()).isTrue();
    }

    @Test
    void withoutAFoodItSaysWhatACookMayTake() throws Exception {
        JsonNode options =
                swap("{\"line\":\"2 cups double cream\",\"mixture\":{\"measures\":\"us\",\"ingredients\":[{\"line\":\"2 cups double cream\"},{\"line\":\"1 litre stock\"}]}}")
                        .get("options");
        assertThat(options.size()).isBetween(4, 8);
        JsonNode first = options.get(0);
        assertThat(first.get("food").stringValue()).isEqualTo("cream-whipping");
        assertThat(first.get("massG").doubleValue())
                .as("US cups, and only once in the sauce")
                .isCloseTo(473.2 * 0.98 * 48 / 36, within(12.0));
        JsonNode water = first.get("changes").get(0);
        assertThat(water.get("what").stringValue()).isEqualTo("water");
        assertThat(water.get("to").doubleValue() - water.get("from").doubleValue())
                .isCloseTo(first.get("massG").doubleValue() * 0.582 - 464 * 0.48, within(15.0));
        assertThat(first.get("changes").get(1).get("what").stringValue()).isEqualTo("minutes");
        assertThat(options.toString()).contains("allergens gone from it: milk").contains("thicker");
    }

    /** Milk is gone only when nothing else in the sauce has it. */
    @Test
    void anAllergenIsGoneOnlyFromAllOfTheSauce() throws Exception {
        JsonNode option =
                swap("{\"line\":\"200 ml double cream\",\"with\":\"coconut-cream\",\"mixture\":{\"ingredients\":[{\"line\":\"200 ml double cream\"},{\"line\":\"50 g butter\"}]}}")
                        .get("options")
                        .get(0);
        assertThat(option.get("allergensGone").isEmpty()).isTrue();
        assertThat(swap("{\"line\":\"200 ml double cream\",\"with\":\"coconut-cream\"}")
                        .get("options")
                        .get(0)
                        .get("allergensGone")
                        .toString())
                .isEqualTo("[\"milk\"]");
    }

    @Test
    void whatDoesNotFitIsRefusedWithTheReason() throws Exception {
        assertThat(swap("{\"line\":\"100 g sugar\",\"with\":\"soy-sauce\"}")
                        .get("reason")
                        .stringValue())
                .contains("is no stand-in for sugar")
                .contains("sweetness");
        JsonNode none = swap("{\"line\":\"3 egg yolks\"}");
        assertThat(none.get("options").isEmpty()).isTrue();
        assertThat(none.get("reason").stringValue()).contains("egg yolks");
        assertThat(swap("{\"line\":\"200 ml double cream\",\"with\":\"milk\"}")
                        .get("reason")
                        .stringValue())
                .isNotBlank();
    }

    @Test
    void aWrongQuestionNamesItsField() throws Exception {
        ask("/bench/swap", "{\"line\":\"3 flurbs of wug\"}").andExpect(status().is(422));
        ask("/bench/swap", "{}").andExpect(status().is(422));
        ask("/bench/swap", "{\"line\":\"100 g sugar\",\"with\":\"no-such\"}").andExpect(status().is(422));
        ask("/bench/swap", "{\"line\":\"100 g sugar\",\"servedC\":400}").andExpect(status().is(422));
        ask("/bench/swap", "{\"line\":\"100 g sugar\",\"mixture\":{\"measures\":\"ell\",\"ingredients\":[]}}")
                .andExpect(status().is(422));
    }
}
