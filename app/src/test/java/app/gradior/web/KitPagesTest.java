package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import app.gradior.measure.MeasureSystem;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** Pots, burners and jars as a kitchen changes, counts, prints and tries them. */
class KitPagesTest extends PageCalls {
    @Test
    void potsAreChangedJarsCountedAndPapersPrinted() throws Exception {
        mvc.perform(as(post("/kit/pots")
                        .param("name", "Round pan")
                        .param("top", "240")
                        .param("base", "240")
                        .param("height", "120")
                        .param("corner", "40")
                        .param("empty", "1500")
                        .param("material", "STAINLESS")))
                .andExpect(status().is3xxRedirection());
        String kit = body(get("/kit"));
        assertThat(kit).contains("Round pan").contains("no lid").contains("Jam jar");
        String pot = kit.replaceAll("(?s).*/kit/pots/(\\d+)\" aria-label=\"Change Round pan.*", "$1");
        assertThat(body(get("/kit/pots/" + pot)))
                .contains("Change the Round pan")
                .contains("value=\"40\"");
        mvc.perform(as(get("/kit/print/dipstick/" + pot + ".pdf").param("stop", "30")))
                .andExpect(status().isOk())
                .andExpect(header().string("Content-Type", "application/pdf"));
        mvc.perform(as(get("/kit/print/rings.pdf").param("paper", "letter"))).andExpect(status().isOk());
        assertThat(body(get("/kit/pots/answer")
                        .param("top", "200")
                        .param("base", "200")
                        .param("height", "100")))
                .contains("Holds 3.14 L");
        mvc.perform(as(post("/kit/pots")
                        .param("name", "Roasting tin")
                        .param("outline", "RECTANGULAR")
                        .param("top", "380")
                        .param("topWidth", "270")
                        .param("base", "350")
                        .param("baseWidth", "240")
                        .param("height", "70")
                        .param("corner", "20")
                        .param("empty", "1400")
                        .param("twoBurners", "true")
                        .param("material", "STAINLESS")))
                .andExpect(status().is3xxRedirection());
        String pans = body(get("/kit"));
        assertThat(pans).contains("380 × 270 mm rim").contains("The pan from above, 380 by 270 mm");
        String tin = pans.replaceAll("(?s).*/kit/pots/(\\d+)\" aria-label=\"Change Roasting tin.*", "$1");
        assertThat(body(get("/kit/pots/" + tin)))
                .contains("name=\"topWidth\" inputmode=\"decimal\" value=\"270\"")
                .contains("value=\"RECTANGULAR\" checked")
                .contains("name=\"twoBurners\" value=\"true\" checked");
        mvc.perform(as(post("/kit/pots/" + pot + "/remove"))).andExpect(status().is3xxRedirection());
        assertThat(body(get("/kit"))).doesNotContain("Round pan");
        mvc.perform(as(post("/kit/pots/" + pot + "/remove"))).andExpect(status().isNotFound());
        mvc.perform(as(post("/kit/jars")
                        .param("jarName", "Flask")
                        .param("brimMl", "250")
                        .param("headspaceMm", "400")
                        .param("count", "3")))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("headspaceMm is 400")))
                .andExpect(content().string(containsString("Flask")));
    }

    @Test
    void whatWasTypedIntoARowOfTheKitIsShownAgain() throws Exception {
        String kit = body(get("/kit"));
        String burner = kit.replaceAll("(?s).*?/kit/burners/(\\d+)/remove.*", "$1");
        String jar = kit.replaceAll("(?s).*?/kit/jars/(\\d+)/remove.*", "$1");
        String refused = body(post("/kit/burners/" + burner)
                .param("revision", "0")
                .param("name", "By the window")
                .param("netPowerW", "a lot"));
        assertThat(refused)
                .contains("Heat into the pot: “a lot” is not from 50 to 20,000 W.")
                .contains("value=\"By the window\"")
                .contains("value=\"a lot\"")
                .contains("value=\"Small burner\"");
        assertThat(body(post("/kit/jars/" + jar + "/count")
                        .param("revision", "0")
                        .param("count", "dozens")))
                .contains("How many: “dozens” is not from 0 to 1,000.")
                .contains("value=\"dozens\"");
        assertThat(body(post("/kit/burners/" + burner)
                        .param("revision", "7")
                        .param("name", "B")
                        .param("netPowerW", "900")))
                .contains("was changed on another device");
    }

    @Test
    void aWaterTestMakesAPairsPlanSurer() throws Exception {
        String kit = body(get("/kit"));
        String pot = kit.replaceAll("(?s).*?/kit/pots/(\\d+)\".*", "$1");
        String burner = kit.replaceAll("(?s).*?/kit/burners/(\\d+)/remove.*", "$1");
        String test = mvc.perform(as(post("/kit/water")
                        .param("pot", pot)
                        .param("burner", burner)
                        .param("look", "lively")
                        .param("waterG", "1000")))
                .andExpect(redirectedUrlPattern("/kit/water/*"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        clock.forward(Duration.ofMinutes(10));
        mvc.perform(as(post(test).param("endG", "1200"))).andExpect(status().is(422));
        mvc.perform(as(post(test).param("endG", "925"))).andExpect(status().is3xxRedirection());
        assertThat(body(get(test))).contains("more than the model says").contains("10.0 minutes");
        assertThat(body(get("/kit"))).contains("give or take");
        mvc.perform(as(post(test).param("endG", "900"))).andExpect(status().is(422));
        cook = cook(MeasureSystem.METRIC, false);
        mvc.perform(as(get(test))).andExpect(status().isNotFound());
    }
}
