package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import app.gradior.measure.MeasureSystem;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

class PagesTest extends PageCalls {
    private String start(String sauce) throws Exception {
        String location = mvc.perform(as(post("/plan/start").param("sauce", sauce)))
                .andExpect(redirectedUrlPattern("/pot/*"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return location.replaceAll("\\D", "");
    }

    private static final String[] GLAZE = {"1 kg damsons, stoned", "260 g soft brown sugar", "300 ml water"};

    @Test
    void strangersAreSentToTheDoor() throws Exception {
        mvc.perform(get("/sauces")).andExpect(status().is3xxRedirection());
        mvc.perform(get("/pot/1")).andExpect(status().is3xxRedirection());
        mvc.perform(post("/demo").with(csrf())).andExpect(status().isNotFound());
        mvc.perform(post("/sauces").with(user(cook))).andExpect(status().isForbidden());
    }

    /** Two files of a release have the same time: only their content tells a browser which of them it has. */
    @Test
    void whatPagesAreMadeOfIsKnownByItsContent() throws Exception {
        for (String part : List.of(
                "/css/gradior.css",
                "/js/pot.js",
                "/sw.js",
                "/icon.svg",
                "/webjars/bootstrap/dist/css/bootstrap.min.css")) {
            MockHttpServletResponse first = mvc.perform(get(part)).andReturn().getResponse();
            String tag = first.getHeader("ETag");
            assertThat(tag).as(part).startsWith("W/");
            assertThat(first.getHeader("Last-Modified")).as(part).isNull();
            mvc.perform(get(part).header("If-None-Match", tag)).andExpect(status().isNotModified());
            mvc.perform(get(part).header("If-None-Match", "W/\"of another release\""))
                    .andExpect(status().isOk());
        }
    }

    @Test
    void setUpNamesEveryWrongFieldAndKeepsWhatWasTyped() throws Exception {
        mvc.perform(post("/setup")
                        .with(csrf())
                        .param("name", "Cabin")
                        .param("login", "me")
                        .param("password", "short")
                        .param("measures", "US")
                        .param("fahrenheit", "true")
                        .param("altitude", "9000")
                        .param("timeZone", "Mars/Base"))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("Altitude")))
                .andExpect(content().string(containsString("Time zone")))
                .andExpect(content().string(containsString("Password")))
                .andExpect(content().string(containsString("value=\"Cabin\"")))
                .andExpect(content().string(not(containsString("short\""))));
    }

    @Test
    void aLineThatIsNotUnderstoodIsNamedAndNothingTypedIsLost() throws Exception {
        mvc.perform(as(post("/sauces")
                        .param("id", "0")
                        .param("version", "0")
                        .param("name", "Odd")
                        .param("texture", "CHUNKY")
                        .param("targetStep", "5")
                        .param("servedC", "20")
                        .param("notes", "keep me")
                        .param("text", "250 g damsons", "3 flurbs of wug")))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("Line 2")))
                .andExpect(content().string(containsString("3 flurbs of wug")))
                .andExpect(content().string(containsString("keep me")));
    }

    @Test
    void aLineShowsWhatWasUnderstoodAndTheCorrectionWins() throws Exception {
        String read = body(post("/sauces/read")
                .param("texture", "SMOOTH")
                .param("targetStep", "5")
                .param("servedC", "20")
                .param("text", "1½ cups packed brown sugar", "3 flurbs of wug")
                .param("food", "", "honey")
                .param("grams", "", "1 1/2"));
        assertThat(read)
                .contains("brown sugar")
                .contains("349 g")
                .contains("honey")
                .contains("1.5 g")
                .contains("corrected");
    }

    @Test
    void savingMakesAVersionAndAStaleEditIsAConflict() throws Exception {
        String id = saveSauce(GLAZE);
        assertThat(body(get("/sauces/" + id)))
                .contains("version 1")
                .contains("Test &lt;b&gt;glaze&lt;/b&gt;")
                .contains("6.5");
        MockHttpServletRequestBuilder edit = post("/sauces")
                .param("id", id)
                .param("version", "1")
                .param("name", "Second")
                .param("texture", "SMOOTH")
                .param("targetStep", "6")
                .param("servedC", "20")
                .param("notes", "")
                .param("text", GLAZE);
        mvc.perform(as(edit)).andExpect(status().is3xxRedirection());
        assertThat(body(get("/sauces/" + id))).contains("version 2").contains("Second");
        mvc.perform(as(edit))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("changed elsewhere")));
    }

    @Test
    void thePlanAnswersAndSaysWhyWhenItCannot() throws Exception {
        String id = saveSauce(GLAZE);
        assertThat(body(get("/plan/answer").param("sauce", id)))
                .contains("Start cooking")
                .contains("<title>The pot in section, ");
        assertThat(body(get("/plan/answer").param("sauce", id).param("step", "2")))
                .contains("already at step");
        assertThat(body(get("/plan/answer").param("sauce", id).param("step", "wug")))
                .contains("“wug”")
                .doesNotContain("Start cooking");
        mvc.perform(as(post("/plan/start").param("sauce", id).param("step", "2")))
                .andExpect(status().is(422));
        String second = saveSauce("700 g passata");
        assertThat(body(get("/plan").param("sauce", second))).contains("href=\"/sauces/" + second + "\"");
        String small = body(get("/plan").param("sauce", id));
        String smallPot = small.replaceAll("(?s).*<option value=\"(\\d+)\"[^>]*>16 cm saucepan.*", "$1");
        assertThat(body(get("/plan/answer").param("sauce", id).param("pot", smallPot)))
                .contains("full");
    }

    @Test
    void fahrenheitAndCupsAreUnderstoodAndShown() throws Exception {
        cook = cook(MeasureSystem.US, true);
        String id = saveSauce("4 cups vegetable stock", "2 tbsp cornflour");
        String plan =
                body(get("/plan/answer").param("sauce", id).param("step", "6").param("served", "150"));
        assertThat(plan).contains("150 °F").contains("cups").doesNotContain("mL");
    }

    private void tapped(String pot, String key, double agoS) throws Exception {
        String tap = "{\"clientKey\":\"" + key + "\",\"type\":\"note\",\"agoSeconds\":" + agoS
                + ",\"fields\":{\"text\":\"" + key + "\"}}";
        mvc.perform(as(post("/pot/" + pot + "/events")
                        .contentType(MediaType.APPLICATION_JSON)
                        .accept(MediaType.APPLICATION_JSON)
                        .content(tap)))
                .andExpect(status().isOk());
    }

    /** A slow line may make the first of two quick taps look later than the second; what was tapped long before stays before. */
    @Test
    void quickTapsKeepTheOrderInWhichTheyCome() throws Exception {
        String id = start(saveSauce(GLAZE));
        clock.forward(Duration.ofMinutes(5));
        tapped(id, "first-tap", 0);
        tapped(id, "second-tap", 0.4);
        tapped(id, "third-tap", 0.4);
        tapped(id, "from-another-device", 60);
        String panel = body(get("/pot/" + id + "/panel"));
        assertThat(panel.indexOf("third-tap")).isLessThan(panel.indexOf("second-tap"));
        assertThat(panel.indexOf("second-tap")).isLessThan(panel.indexOf("first-tap"));
        assertThat(panel.indexOf("first-tap")).isLessThan(panel.indexOf("from-another-device"));
        assertThat(panel).contains("from-another-device");
    }

    @Test
    void aBatchGoesFromPlanToLog() throws Exception {
        String id = start(saveSauce(GLAZE));
        clock.forward(Duration.ofMinutes(12));
        mvc.perform(
                        as(
                                post("/pot/" + id + "/events")
                                        .contentType(MediaType.APPLICATION_JSON)
                                        .accept(MediaType.APPLICATION_JSON)
                                        .content(
                                                "{\"clientKey\":\"k\",\"type\":\"weight\",\"agoSeconds\":60,\"fields\":{\"grossG\":\"2,700\"}}")))
                .andExpect(status().isOk());
        assertThat(body(get("/pot/" + id + "/panel")))
                .contains("Weighed: 2,700 g")
                .contains("Take it off in");
        mvc.perform(
                        as(
                                post("/pot/" + id + "/events")
                                        .contentType(MediaType.APPLICATION_JSON)
                                        .accept(MediaType.APPLICATION_JSON)
                                        .content(
                                                "{\"clientKey\":\"n\",\"type\":\"weight\",\"agoSeconds\":0,\"fields\":{\"grossG\":\"-4\"}}")))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("grossG")));
        mvc.perform(as(post("/pot/" + id + "/finish").param("yieldMl", "lots").param("note", "stays here")))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("stays here")));
        mvc.perform(as(post("/pot/" + id + "/finish").param("yieldMl", "1,020").param("note", "glossy")))
                .andExpect(status().is3xxRedirection());
        mvc.perform(as(post("/log/" + id + "/next-day").param("step", "6½").param("note", "set well")))
                .andExpect(status().is3xxRedirection());
        assertThat(body(get("/log/" + id)))
                .contains("1,020 mL")
                .contains("glossy")
                .contains("6.5")
                .contains("Planned against got");
        assertThat(body(get("/log"))).contains("1,020 mL");
    }

    @Test
    void anotherKitchenSeesNothingOfIt() throws Exception {
        String sauce = saveSauce(GLAZE);
        String id = start(sauce);
        cook = cook(MeasureSystem.METRIC, false);
        for (String path : new String[] {
            "/pot/" + id,
            "/pot/" + id + "/panel",
            "/pot/" + id + "/finish",
            "/log/" + id,
            "/sauces/" + sauce,
            "/pot/pumpkin"
        }) {
            mvc.perform(as(get(path))).andExpect(status().isNotFound());
        }
        mvc.perform(as(get("/plan/answer").param("sauce", sauce))).andExpect(status().isNotFound());
        mvc.perform(as(post("/pot/" + id + "/finish").param("yieldMl", "5"))).andExpect(status().isNotFound());
        assertThat(body(get("/"))).contains("Nothing is on");
    }

    @Test
    void theKitTakesAPotAndNamesWhatIsWrongWithOne() throws Exception {
        MockHttpServletRequestBuilder bad = post("/kit/pots")
                .param("name", "Jam pan")
                .param("top", "3")
                .param("base", "250")
                .param("height", "150")
                .param("empty", "2650")
                .param("material", "STAINLESS");
        mvc.perform(as(bad))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("topDiameterMm is 3 mm")))
                .andExpect(content().string(containsString("value=\"Jam pan\"")));
        mvc.perform(as(post("/kit/tokens").param("label", "scale").param("scope", "READINGS")))
                .andExpect(status().is3xxRedirection());
        assertThat(body(get("/kit"))).contains("scale").contains("readings");
    }
}
