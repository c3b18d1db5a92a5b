package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The bench: a question is its address. */
class BenchPagesTest extends PageCalls {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "thicken?step=5 | Stir ",
                "thicken?have=look&kind=pulp&looksStep=3&step=4.5&form=WHITE_ROUX&starch=wheat_flour | Butter",
                "thicken?step=2 | already at step",
                "thin?have=look&kind=starch&looksStep=6&looksC=65&step=4&with=milk | Add ",
                "reduce?until=fraction&left=1/2 | stop at",
                "reduce?until=step&step=6 | When served",
                "cold?have=look&kind=syrup&looksStep=3&looksC=100 | From the pot to the fridge",
                "alcohol?lines=300%20ml%20red%20wine%0A400%20ml%20stock&minutes=15 | of the alcohol is left",
                "alcohol?lines=400%20ml%20stock | no alcohol in this",
                "cold?lines=600%20ml%20milk%0A40%20g%20wheat%20flour | Its starch sets",
                "cold?lines=600%20ml%20milk%0A40%20g%20wheat%20flour | its starch weeps",
                "cold?lines=500%20g%20honey | g of water in it, it would be after a night",
                "slurry?grams=12&parts=3 | part 3",
                "season?taste=SALT&percent=1.5&with=soy%20sauce | of soy sauce",
                "season?percent=abc | is not from",
                "jars?hotMl=900 | Fill ",
                "swap?from=sugar&grams=200&to=honey | the same sweetness",
                "swap?from=salt&grams=10&to=water | brings no salt",
                "convert?line=2%20tbsp%20honey | of honey",
                "convert?line=wurzel | No food found"
            })
    void everyQuestionOfTheBenchIsAnsweredFromItsAddress(String question, String expected) throws Exception {
        String page = body(get(java.net.URI.create("/bench/" + question)));
        assertThat(page).contains(expected);
        String piece = body(get(java.net.URI.create("/bench/" + question.replaceFirst("\\?", "/answer?"))));
        assertThat(piece).contains(expected).doesNotContain("<html");
    }

    @Test
    void theBenchSpeaksTheKitchensUnitsAndKnowsNoOtherQuestion() throws Exception {
        mvc.perform(as(get("/bench/nothing"))).andExpect(status().isNotFound());
        mvc.perform(as(post("/kitchen")
                        .param("name", "Cove kitchen")
                        .param("measures", "US")
                        .param("fahrenheit", "true")
                        .param("altitude", "0")
                        .param("timeZone", "UTC")))
                .andExpect(status().is3xxRedirection());
        assertThat(body(get("/bench/cold")))
                .contains("213 °F")
                .contains("US, °F")
                .doesNotContain("100 °C");
        mvc.perform(as(post("/kitchen")
                        .param("name", "")
                        .param("measures", "US")
                        .param("altitude", "99999")
                        .param("timeZone", "Nowhere")))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("altitudeM is 99,999")))
                .andExpect(content().string(containsString("no time zone")))
                .andExpect(content().string(not(containsString("Kept."))));
    }
}
