package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import app.gradior.room.exchange.KitchenFileReader;
import app.gradior.room.exchange.KitchenFileWriter;
import app.gradior.room.house.Tokens;
import app.gradior.room.words.Language;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;

/** Pages and programs are answered in the browser's English, or in the kitchen's where it chose one. */
class LanguageTest extends PageCalls {
    @Autowired
    Tokens tokens;

    @Autowired
    KitchenFileWriter writer;

    @Autowired
    KitchenFileReader reader;

    private String thicken(Locale locale) throws Exception {
        return mvc.perform(as(get("/bench/thicken").locale(locale)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private ResultActions choose(String language) throws Exception {
        return mvc.perform(as(post("/kitchen")
                .param("name", "Cove kitchen")
                .param("measures", "METRIC")
                .param("altitude", "0")
                .param("timeZone", "UTC")
                .param("language", language)));
    }

    @Test
    void theBrowserDecidesUntilTheKitchenDoes() throws Exception {
        assertThat(thicken(Locale.US)).contains("g cornstarch into").contains("<html lang=\"en-US\"");
        assertThat(thicken(Locale.UK)).contains("g cornflour into").contains("<html lang=\"en\"");
        assertThat(thicken(Locale.FRANCE)).contains("g cornflour into");
        choose("en-US").andExpect(status().is3xxRedirection());
        assertThat(thicken(Locale.UK)).contains("g cornstarch into");
        choose("").andExpect(status().is3xxRedirection());
        assertThat(thicken(Locale.UK)).contains("g cornflour into");
        choose("tlh").andExpect(status().is(422)).andExpect(content().string(containsString("not taken")));
    }

    /** Two devices that change the settings: the later one is told, and nothing of the earlier is lost. */
    @Test
    void whoChangesOlderSettingsIsTold() throws Exception {
        choose("en").andExpect(status().is3xxRedirection());
        mvc.perform(as(post("/kitchen")
                        .param("name", "Late kitchen")
                        .param("measures", "US")
                        .param("altitude", "0")
                        .param("timeZone", "UTC")
                        .param("revision", "1")))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("changed on another device")))
                .andExpect(content().string(containsString("value=\"Late kitchen\"")));
        assertThat(kitchens.kitchen(cook.kitchenId()).name()).isEqualTo("Cove kitchen");
    }

    /** A food that is picked by the name on the page is found by it, whichever that is. */
    @Test
    void foodsArePickedByTheNameThatIsShown() throws Exception {
        String in = "/bench/thin?have=lines&lines=200 g tomato paste&with=";
        mvc.perform(as(get("/bench/thin").locale(Locale.US)))
                .andExpect(content().string(containsString("heavy cream")));
        for (String name : new String[] {"heavy cream", "double cream"}) {
            assertThat(mvc.perform(as(get(in + name).locale(Locale.US)))
                            .andReturn()
                            .getResponse()
                            .getContentAsString())
                    .doesNotContain("is no food of the larder");
        }
    }

    @Test
    void programsAreToldInTheirsOrTheKitchens() throws Exception {
        String token = tokens.make(cook.kitchenId(), "a program", Tokens.Scope.BENCH);
        String question = """
                {"mixture":{"ingredients":[{"line":"300 g tomato paste"}]},
                 "starch":"maize","targetStep":2,"servedC":60}""";
        detail(token, question, Locale.UK, "already at step 7.8");
        String none = """
                {"mixture":{"ingredients":[{"line":"700 g sugar"},{"line":"300 g water"}]},
                 "starch":"maize","targetStep":9.0,"servedC":95}""";
        detail(token, none, Locale.UK, "cornflour takes this sauce to step");
        detail(token, none, Locale.US, "cornstarch takes this sauce to step");
        choose("en-US").andExpect(status().is3xxRedirection());
        detail(token, none, Locale.UK, "cornstarch takes this sauce to step");
    }

    private void detail(String token, String question, Locale locale, String part) throws Exception {
        mvc.perform(post("/api/v1/bench/thicken")
                        .header("Authorization", "Bearer " + token)
                        .locale(locale)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(question))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value(containsString(part)))
                .andExpect(jsonPath("$.errors[0].message").value(containsString(part)));
    }

    @Test
    void theChoiceGoesWithTheKitchensFile() throws Exception {
        choose("en-US").andExpect(status().is3xxRedirection());
        byte[] file = writer.write(kitchens.kitchen(cook.kitchenId()));
        ownKitchen();
        reader.read(kitchens.kitchen(cook.kitchenId()), file);
        assertThat(kitchens.kitchen(cook.kitchenId()).language()).contains(Language.AMERICAN);
        assertThat(writer.write(kitchens.kitchen(cook.kitchenId()))).isEqualTo(file);
    }
}
