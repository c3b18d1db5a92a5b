package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import app.gradior.measure.MeasureSystem;
import org.junit.jupiter.api.Test;

/** What a sauce is written in is its own: guessed with its reason, changed with a tap, kept with its version. */
class SauceMeasuresTest extends PageCalls {
    private static final String[] AMERICAN = {"2 cups water", "3 tbsp cornstarch"};

    private String read(String measures, String... lines) throws Exception {
        return body(post("/sauces/read")
                .param("name", "Gravy")
                .param("measures", measures)
                .param("text", lines));
    }

    @Test
    void anAmericanRecipeKeepsItsCupsInAMetricKitchen() throws Exception {
        assertThat(read("", AMERICAN)).contains("By its words (cornstarch").contains("472 g");
        assertThat(read("METRIC", AMERICAN)).contains("499 g");
        assertThat(read("", "2 cups water"))
                .contains("Its words do not tell: metric")
                .contains("499 g");

        String id = saveSauce(AMERICAN);
        assertThat(body(get("/sauces/" + id))).contains("value=\"US\" checked").contains("472 g");
        assertThat(body(get("/sauces/" + id + ".json"))).contains("\"measures\" : \"us\"");
    }

    @Test
    void whatItWasWrittenInStaysWhenTheKitchenChangesItsCups() throws Exception {
        String id = saveSauce("2 cups water");
        assertThat(body(get("/sauces/" + id)))
                .contains("value=\"METRIC\" checked")
                .contains("499 g");
        mvc.perform(as(post("/kitchen")
                        .param("name", "Test kitchen")
                        .param("measures", "US")
                        .param("fahrenheit", "true")
                        .param("ounces", "true")
                        .param("altitude", "0")
                        .param("timeZone", "UTC")))
                .andExpect(status().is3xxRedirection());
        assertThat(body(get("/kitchen"))).contains("<option value=\"true\" selected=\"selected\">ounces and pounds");
        assertThat(body(get("/sauces/" + id))).contains("1 lb 1½ oz");
        assertThat(read("", "2 cups water")).contains("1 lb ½ oz");
    }

    @Test
    void whatALineMayAlsoMeanIsOffered() throws Exception {
        assertThat(read("", "300 ml chicken or vegetable stock")).contains("data-offer=\"vegetable stock\"");
        assertThat(read("", "200 g parmesam")).contains("data-offer=");
        assertThat(read("", "200 g sugar")).doesNotContain("data-offer");
    }

    @Test
    void anAmericanKitchenGathersByTheCup() throws Exception {
        cook = cook(MeasureSystem.US, true);
        String id = saveSauce("2 cups chicken stock", "2 tbsp tomato paste", "1 onion");
        String plan =
                body(get("/plan/answer").param("sauce", id).param("step", "4").param("served", "150"));
        assertThat(plan).doesNotContain(" oz").doesNotContain("0.0 cup");
    }
}
