package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import app.gradior.measure.MeasureSystem;
import app.gradior.web.frame.KitchenUser;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** What a kitchen brings in: sauces with stages and files, foods, measures, pots, jars; and the bench. */
class KitchensOwnTest extends PageCalls {
    private static MockHttpServletRequestBuilder sauce(String id, String version, String name) {
        return post("/sauces")
                .param("id", id)
                .param("version", version)
                .param("name", name)
                .param("texture", "SMOOTH")
                .param("targetStep", "6")
                .param("servedC", "20")
                .param("use", "DIP")
                .param("yieldMl", "500")
                .param("tags", "Fruit, supper")
                .param("notes", "")
                .param("school-LID", "ajar")
                .param("text", "1 kg damsons, stoned", "200 g sugar", "2 tbsp cider vinegar")
                .param("food", "", "", "")
                .param("grams", "", "", "")
                .param("lineStage", "1", "2", "0")
                .param("stageKind", "simmer", "reduce")
                .param("stageTitle", "until soft", "")
                .param("stageEnd", "MINUTES", "STEP_SERVED")
                .param("stageValue", "15", "6")
                .param("stageLook", "gentle", "lively")
                .param("stageLid", "ajar", "open");
    }

    private String saved(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(as(request))
                .andExpect(redirectedUrlPattern("/sauces/*?saved"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl()
                .replaceAll("\\D", "");
    }

    @Test
    void stagesComeBackAndALineWithoutAStageIsNamed() throws Exception {
        String id = saved(sauce("0", "0", "Damson dip"));
        String page = body(get("/sauces/" + id));
        assertThat(page)
                .contains("until soft")
                .contains("“2 tbsp cider vinegar” is used in no stage.")
                .contains("sour 1")
                .contains("value=\"AJAR\" selected=\"selected\"")
                .contains("<option value=\"DIP\" data-step=\"6.0\" data-served=\"20.0\" selected=\"selected\">");
        assertThat(body(get("/sauces").param("tag", "fruit"))).contains("Damson dip");
        assertThat(body(get("/sauces").param("q", "nothing like it"))).contains("No sauce of yours");
        mvc.perform(as(sauce(id, "1", "Damson dip").param("stageKind", "fly")))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("Stage 3")))
                .andExpect(content().string(containsString("until soft")));
    }

    @Test
    void whatThereIsInTheHouseIsTickedByShelfAndPuttingRightGoesByIt() throws Exception {
        assertThat(body(get("/larder").param("shelf", "THICKENERS")))
                .contains("cornflour")
                .doesNotContain(">soy sauce<");
        assertThat(body(get("/larder").param("job", "sharp")))
                .contains("cider vinegar")
                .doesNotContain(">cornflour<");
        String right = body(get("/bench/right").param("lines", "700 ml passata").param("wrong", "too_salty"));
        assertThat(right).contains("value=\"vegetable-stock\" checked");
        mvc.perform(as(post("/larder/house")
                        .param("shelf", "STOCKS_AND_JUICES")
                        .param("shown", "water", "chicken-stock", "passata", "oat-milk")
                        .param("there", "passata", "oat-milk", "no-such-food")))
                .andExpect(redirectedUrlPattern("/larder?q=&shelf=STOCKS_AND_JUICES"));
        assertThat(body(get("/larder").param("house", "true")))
                .contains("(2)")
                .contains("passata")
                .doesNotContain("chicken stock");
        right = body(get("/bench/right").param("lines", "700 ml passata").param("wrong", "too_salty"));
        assertThat(right).contains("value=\"oat-milk\"").doesNotContain("value=\"vegetable-stock\" checked");
        mvc.perform(as(post("/larder/house").param("shown", "passata", "oat-milk")))
                .andExpect(status().isFound());
        assertThat(body(get("/larder").param("house", "true"))).contains("(0)");
    }

    @Test
    void versionsAreComparedAndOneCanBeTakenBack() throws Exception {
        String id = saved(sauce("0", "0", "Damson dip"));
        saved(sauce(id, "1", "Damson dip").param("text", "3 star anise").param("lineStage", "1"));
        String beside = body(get("/sauces/" + id + "/versions"));
        assertThat(beside)
                .contains("class=\"differs\"><td></td><td>3 star anise</td>")
                .contains("go back to this");
        String back = body(get("/sauces/" + id).param("from", "1"));
        assertThat(back).contains("This is version 1 again").doesNotContain("value=\"3 star anise\"");
    }

    /** What safety hangs on goes only when the form that is sent showed it, and ticks outlive a refusal. */
    @Test
    void traitsOfAFoodGoOnlyWhenTheyWereShown() throws Exception {
        String added = body(post("/larder/add")
                .param("name", "Pond cress")
                .param("like", "no such food")
                .param("allergen", "FISH")
                .param("trait", "PUNGENT"));
        assertThat(added)
                .contains("value=\"FISH\" checked=\"checked\"")
                .contains("value=\"PUNGENT\" checked=\"checked\"")
                .doesNotContain("value=\"MILK\" checked");
        mvc.perform(as(post("/larder/add")
                        .param("name", "Pond cress")
                        .param("like", "carrots")
                        .param("allergen", "FISH")
                        .param("trait", "PUNGENT")))
                .andExpect(redirectedUrlPattern("/larder/own-pond-cress?kept"));
        String ticked = "value=\"PUNGENT\" checked=\"checked\"";
        mvc.perform(
                as(post("/larder/own-pond-cress/label").param("revision", "1").param("fat", "1")));
        assertThat(body(get("/larder/own-pond-cress"))).contains(ticked);
        assertThat(body(post("/larder/own-pond-cress/label")
                        .param("traitsShown", "yes")
                        .param("revision", "2")
                        .param("fat", "900")))
                .as("taken away on a form that is refused")
                .doesNotContain(ticked);
        mvc.perform(as(post("/larder/own-pond-cress/label")
                .param("traitsShown", "yes")
                .param("revision", "2")
                .param("fat", "1")));
        assertThat(body(get("/larder/own-pond-cress"))).doesNotContain(ticked);
        assertThat(body(post("/larder/own-pond-cress/label")
                        .param("revision", "2")
                        .param("fat", "7")))
                .as("what another device changed meanwhile is not lost, nor what was typed")
                .contains("Pond cress was changed on another device")
                .contains("value=\"7\"");
        assertThat(body(post("/larder/honey/label").param("revision", "1").param("sugar", "70")))
                .as("a food that went back to the standard meanwhile")
                .contains("was changed on another device");
    }

    @Test
    void aSwapKeepsTheSharpnessAndBecomesAVersion() throws Exception {
        String id = saved(sauce("0", "0", "Damson dip"));
        String page = body(get("/sauces/" + id + "/swap").param("line", "2").param("to", "lemon juice"));
        assertThat(page).contains("the same sharpness").contains("g lemon juice");
        mvc.perform(as(post("/sauces/" + id + "/swap").param("line", "2").param("to", "lemon juice")))
                .andExpect(redirectedUrlPattern("/sauces/*?saved"));
        assertThat(body(get("/sauces/" + id))).contains("g lemon juice").contains("version 2");
        assertThat(body(get("/sauces/" + id + "/swap").param("line", "1").param("to", "salt")))
                .contains("is no stand-in for");
    }

    @Test
    void scalingShowsThatDoublingDoesNotDouble() throws Exception {
        String id = saved(sauce("0", "0", "Damson dip"));
        String page = body(get("/sauces/" + id + "/scale").param("by", "factor").param("factor", "2"));
        assertThat(page).contains("Everything times 2").contains("2 kg");
        assertThat(body(get("/sauces/" + id + "/scale/answer")
                        .param("by", "ingredient")
                        .param("line", "0")
                        .param("haveG", "500")))
                .contains("Everything times ½");
        assertThat(body(get("/sauces/" + id + "/scale").param("by", "guests").param("guests", "-3")))
                .contains("guests is -3");
    }

    @Test
    void aSauceSurvivesItsOwnFile() throws Exception {
        String id = saved(sauce("0", "0", "Damson & <dip>"));
        String json = body(get("/sauces/" + id + ".json"));
        assertThat(json).contains("\"formatVersion\" : 1").contains("\"kind\" : \"simmer\"");
        mvc.perform(as(get("/sauces/" + id + ".json")))
                .andExpect(header().string("Content-Disposition", "attachment; filename=\"damson-dip.json\""));
        String preview = imported("sauce.json", json);
        assertThat(preview)
                .contains("Nothing is kept until you save")
                .contains("Damson &amp; &lt;dip&gt;")
                .contains("until soft")
                .contains("Fruit, supper");
        assertThat(imported("r.md", body(get("/sauces/" + id + ".md")))).contains("1 kg damsons, stoned");
        assertThat(imported("r.jsonld", body(get("/sauces/" + id + ".jsonld")))).contains("1 kg damsons, stoned");
        assertThat(body(get("/sauces"))).doesNotContain("(2)");
    }

    private String imported(String name, String text) throws Exception {
        return mvc.perform(as(multipart("/sauces/import")
                        .file(new MockMultipartFile("file", name, null, text.getBytes(StandardCharsets.UTF_8)))))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void aFileThatIsNoRecipeKeepsWhatWasPasted() throws Exception {
        mvc.perform(as(multipart("/sauces/import")
                        .file(new MockMultipartFile("file", "", null, new byte[0]))
                        .param("pasted", "<html><script>alert(1)</script></html>")))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("no recipe as data")))
                .andExpect(content().string(containsString("&lt;script&gt;alert(1)")));
    }

    @Test
    void aFoodFromALabelIsReadInLinesAndInNoOtherKitchen() throws Exception {
        MockHttpServletRequestBuilder add = post("/larder/add")
                .param("name", "Harbour brown sauce")
                .param("like", "tomato ketchup")
                .param("fat", "0.1")
                .param("carbohydrate", "25,2")
                .param("sugars", "23")
                .param("salt", "1.3")
                .param("allergen", "GLUTEN");
        mvc.perform(as(add)).andExpect(redirectedUrlPattern("/larder/own-harbour-brown-sauce?kept"));
        assertThat(body(get("/larder/own-harbour-brown-sauce")))
                .contains("label; estimated: water, acids")
                .contains("gluten");
        String id = saveSauce("200 g harbour brown sauce", "100 ml water");
        assertThat(body(get("/sauces/" + id))).contains("Harbour brown sauce");
        KitchenUser first = cook;
        cook = cook(MeasureSystem.METRIC, false);
        mvc.perform(as(get("/larder/own-harbour-brown-sauce"))).andExpect(status().isNotFound());
        assertThat(body(get("/larder").param("q", "harbour"))).contains("0 foods of");
        cook = first;
        mvc.perform(as(post("/larder/add")
                        .param("name", "x")
                        .param("like", "tomato ketchup")
                        .param("sugars", "50")))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("sugars is 50")));
        mvc.perform(as(post("/larder/own-harbour-brown-sauce/standard"))).andExpect(status().is(422));
    }

    @Test
    void aStandardFoodCanBeCorrectedAndTakenBack() throws Exception {
        mvc.perform(as(post("/larder/honey/label").param("carbohydrate", "70").param("sugars", "70")))
                .andExpect(redirectedUrlPattern("/larder/honey?kept"));
        assertThat(body(get("/larder/honey"))).contains("70 g sugars");
        mvc.perform(as(post("/larder/honey/standard"))).andExpect(status().is3xxRedirection());
        assertThat(body(get("/larder/honey"))).contains("81 g sugars");
    }

    @Test
    void theKitchensOwnWordsAreKeptAndForgotten() throws Exception {
        mvc.perform(as(post("/larder/measures").param("word", "Dipper").param("ml", "75")))
                .andExpect(status().is3xxRedirection());
        mvc.perform(as(post("/larder/measures").param("word", "two words").param("ml", "75")))
                .andExpect(status().is(422));
        String answer =
                body(post("/sauces/remember").param("text", "3 tbsp bog myrtle").param("food", "thyme"));
        assertThat(answer).contains("“bog myrtle” is thyme");
        String id = saveSauce("2 dippers water", "1 tbsp bog myrtle");
        assertThat(body(get("/sauces/" + id))).contains("150 g").contains("thyme");
        mvc.perform(as(post("/larder/names/remove").param("words", "bog myrtle")))
                .andExpect(status().is3xxRedirection());
        assertThat(body(get("/larder"))).contains("dipper").doesNotContain("bog myrtle");
        mvc.perform(as(post("/sauces/remember").param("text", "3 tbsp x").param("food", "no such")))
                .andExpect(status().is(422));
    }

    /** A tenth sugar: 15 mL of it have 1.6 g, a tablespoon of 20 mL 2.1 g. */
    @Test
    void aTablespoonIsTheKitchens() throws Exception {
        String[] syrup = {"100 g sugar", "900 g water"};
        assertThat(body(get("/sauces/" + saveSauce(syrup)))).contains("15 mL of it as mixed", "1.6 g sugar");
        cook = cook(MeasureSystem.AUSTRALIAN, false);
        assertThat(body(get("/sauces/" + saveSauce(syrup)))).contains("20 mL of it as mixed", "2.1 g sugar");
        cook = cook(MeasureSystem.US, false);
        assertThat(body(get("/sauces/" + saveSauce(syrup)))).contains("14.8 mL of it as mixed", "1.5 g sugar");
    }
}
