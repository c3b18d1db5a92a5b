package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import app.gradior.measure.MeasureSystem;
import app.gradior.room.house.Tokens;
import biweekly.Biweekly;
import biweekly.ICalendar;
import java.time.Instant;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PlanTest extends PageCalls {
    private static final String[] GRAVY = {
        "500 g mushrooms, sliced", "30 g butter", "500 ml perry", "600 ml mushroom stock", "24 g potato starch"
    };

    @Autowired
    Tokens tokens;

    @Autowired
    JsonMapper json;

    /** Plans look at the clock, which all tests share: each begins at six in the evening. */
    @BeforeEach
    void atSix() {
        clock.to(Instant.parse("2026-12-01T18:00:00Z"));
    }

    private String gravy() throws Exception {
        String saved = body(post("/sauces")
                .param("id", "0")
                .param("version", "0")
                .param("name", "Gravy")
                .param("texture", "CHUNKY")
                .param("targetStep", "4,5")
                .param("servedC", "65")
                .param("notes", "")
                .param("text", GRAVY)
                .param("lineStage", "1", "1", "2", "3", "4")
                .param("stageKind", "sweat", "deglaze", "simmer", "slurry")
                .param("stageTitle", "", "", "", "")
                .param("stageEnd", "MINUTES", "FRACTION_ADDED", "MINUTES", "MINUTES")
                .param("stageValue", "12", "0.5", "12", "1")
                .param("stageLook", "steaming", "lively", "gentle", "gentle")
                .param("stageLid", "open", "open", "open", "open"));
        assertThat(saved).doesNotContain("Nothing was saved");
        Matcher id = Pattern.compile("sauces/(\\d+)\">Gravy")
                .matcher(body(get("/sauces")).replaceAll("\\s+", " "));
        if (!id.find()) {
            id = Pattern.compile("/sauces/(\\d+)\"[^>]*>Gravy").matcher(body(get("/sauces")));
            assertThat(id.find()).isTrue();
        }
        return id.group(1);
    }

    private String pot(String name) throws Exception {
        String page = body(get("/plan"));
        Matcher option =
                Pattern.compile("<option value=\"(\\d+)\"[^>]*>" + name).matcher(page);
        assertThat(option.find()).as(name).isTrue();
        return option.group(1);
    }

    private static String saying(String page) {
        Matcher saying = Pattern.compile("class=\"saying\"[^>]*>([^<]*)").matcher(page);
        return saying.find() ? saying.group(1) : "";
    }

    private static String unmet(String page) {
        Matcher unmet = Pattern.compile("class=\"unmet\"[^>]*>([^<]*)").matcher(page);
        return unmet.find() ? unmet.group(1) : "";
    }

    @Test
    void aStagedSauceIsReducedThenThickenedAndEveryStageHasItsFigures() throws Exception {
        String page = body(get("/plan").param("sauce", gravy()));
        assertThat(saying(page))
                .contains("Reduce to")
                .contains("of potato starch")
                .contains("Veil to Cling");
        assertThat(page)
                .contains("Thicken with slurry")
                .contains("sweat to")
                .contains("Why twice as much")
                .contains("Print a dipstick")
                .contains("class=\"way-point\"");
    }

    private static double figure(String page, String pattern) {
        Matcher found = Pattern.compile(pattern).matcher(page.replace(",", ""));
        assertThat(found.find()).as(pattern).isTrue();
        return Double.parseDouble(found.group(1));
    }

    /** What is brushed on sets how much is made; its coats are on the clock, and go with the batch to the Pot. */
    @Test
    void aPlanForFoodMakesWhatItsCoatsAndTheTableTake() throws Exception {
        String id = saveSauce("300 g honey", "150 ml soy sauce", "200 ml orange juice");
        String asked = "/plan/answer?sauce=" + id + "&by=FOOD&brush=wings&brushG=1200&coats=2&fire=oven&table=100"
                + "&step=5.5&served=90&starch=none";
        String page = body(get(asked + "&serve=2026-12-01T21:00"));
        double needed = figure(page, "needed in all (\\d+) mL");
        assertThat(figure(page, "this gives (\\d+) mL")).isCloseTo(needed, within(0.03 * needed));
        assertThat(needed).isBetween(150.0, 700.0);
        assertThat(page).contains("On the food: wings").contains("The brush has touched raw");
        mvc.perform(as(post("/plan/save")
                .param("sauce", id)
                .param("plan", "0")
                .param("by", "FOOD")
                .param("brush", "wings")
                .param("step", "5.5")
                .param("served", "90")
                .param("starch", "none")
                .param("serve", "2026-12-01T21:00")));
        assertThat(body(get("/plan/clock"))).contains("coat 1 of 2").contains("coat 2 of 2");
        double more = figure(body(get(asked.replace("1200", "2400"))), "needed in all (\\d+) mL");
        assertThat(more - 100).isCloseTo(2 * (needed - 100), within(0.2 * needed));
        assertThat(body(get("/plan/answer?sauce=" + id + "&by=FOOD"))).contains("say which food that is");
        String pot = mvc.perform(as(post("/plan/start")
                        .param("sauce", id)
                        .param("by", "FOOD")
                        .param("brush", "wings")
                        .param("brushG", "1200")
                        .param("coats", "2")
                        .param("fire", "oven")
                        .param("table", "100")
                        .param("step", "5.5")
                        .param("served", "90")
                        .param("starch", "none")
                        .param("plan", "0")))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        String panel = body(get(pot));
        assertThat(panel)
                .contains("On the food: wings")
                .contains("aside for the table")
                .contains("before the food is done")
                .contains("data-event=\"coat\"");
    }

    @Test
    void limitsOfSugarAndAcidAreWishesLikeThatOfSalt() throws Exception {
        String id = saveSauce("600 g plums", "200 g sugar", "120 ml cider vinegar");
        String sweet = body(get("/plan/answer?sauce=" + id + "&sugar=15"));
        assertThat(unmet(sweet)).contains("% sugar, over the 15 % you set").contains("of the sugar is the sugar");
        String sharp = body(get("/plan/answer?sauce=" + id + "&acid=0.5"));
        assertThat(unmet(sharp)).contains("% acid, over the 0.5 % you set");
        assertThat(unmet(body(get("/plan/answer?sauce=" + id + "&sugar=60&acid=10"))))
                .isEmpty();
        assertThat(body(get("/plan/answer?sauce=" + id + "&sugar=lots"))).contains("Sugar at most");
    }

    @Test
    void theChartAgreesWithTheBench() throws Exception {
        String id = saveSauce("700 g passata", "600 ml vegetable stock", "5 g salt");
        String token = tokens.make(cook.kitchenId(), "test", Tokens.Scope.ALL);
        String potId = pot("20 cm saucepan");
        JsonNode plan = call(
                token,
                "/plan",
                "{\"sauceId\":" + id + ",\"potId\":" + potId
                        + ",\"targetStep\":6,\"servedC\":60,\"starch\":\"maize\"}");
        JsonNode bench = call(
                token,
                "/bench/routes",
                "{\"mixture\":{\"ingredients\":[{\"line\":\"700 g passata\"},{\"line\":\"600 ml vegetable stock\"},{\"line\":\"5 g salt\"}],\"blended\":true},"
                        + "\"pot\":{\"topDiameterMm\":200,\"baseDiameterMm\":195,\"heightMm\":110},\"look\":\"lively\",\"lid\":\"open\",\"altitudeM\":0,"
                        + "\"starch\":\"maize\",\"targetStep\":6,\"servedC\":60}");
        assertThat(plan.get("points")).hasSize(25);
        for (int i = 0; i < 25; i++) {
            for (String figure : new String[] {"minutes", "starchG", "volumeMl20c", "saltPercent", "alcoholG"}) {
                double there = bench.get("points").get(i).get(figure).asDouble();
                assertThat(plan.get("points").get(i).get(figure).asDouble())
                        .as(figure + " of point " + i)
                        .isCloseTo(there, within(1e-6 * Math.max(1, there)));
            }
        }
        assertThat(plan.get("stages").get(0).get("kind").asString()).isEqualTo("reduce");
        assertThat(plan.get("pots")).hasSize(3);
        String chart = body(get("/plan/answer")
                .param("sauce", id)
                .param("pot", potId)
                .param("burner", "0")
                .param("step", "6")
                .param("served", "60")
                .param("starch", "maize"));
        String first = String.format(
                        "%.1f", bench.get("points").get(0).get("volumeMl20c").asDouble())
                .replaceAll("\\.0$", "");
        assertThat(chart).contains("data-wish=\"" + first + "\"");
    }

    private JsonNode call(String token, String path, String body) throws Exception {
        return json.readTree(mvc.perform(post("/api/v1" + path)
                        .header("Authorization", "Bearer " + token)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray());
    }

    @Test
    void aWishThatCannotBeMetSaysTheNearestThingsThatCan() throws Exception {
        String id = gravy();
        assertThat(unmet(body(get("/plan/answer").param("sauce", id).param("wish", "5000"))))
                .contains("gives")
                .contains("times as much");
        assertThat(unmet(body(get("/plan/answer")
                        .param("sauce", id)
                        .param("starch", "none")
                        .param("wish", "900"))))
                .contains("Without starch it gives")
                .contains("allow");
        String late = unmet(body(get("/plan/answer")
                .param("sauce", id)
                .param("pot", pot("20 cm saucepan"))
                .param("wish", "1050")
                .param("serve", "2026-12-01T19:20")));
        assertThat(late)
                .contains("Reducing takes")
                .contains("your 28 cm sauté pan makes it in")
                .contains("earlier")
                .contains("of potato starch for");
        String odd = body(
                get("/plan/answer").param("sauce", id).param("amount", "lots").param("serve", "soon"));
        assertThat(odd).contains("“lots”").contains("“soon”").doesNotContain("Start cooking");
    }

    @Test
    void scalingByGuestsWishesForTheirPortions() throws Exception {
        String page = body(get("/plan/answer")
                .param("sauce", gravy())
                .param("by", "GUESTS")
                .param("amount", "18")
                .param("use", "POUR_OVER"));
        Matcher ml =
                Pattern.compile("Will give, cold</dt><dd><b>([\\d,]+) mL").matcher(page.replaceAll(">\\s+<", "><"));
        assertThat(ml.find()).isTrue();
        assertThat(Double.parseDouble(ml.group(1).replace(",", ""))).isCloseTo(18 * 60, within(25.0));
    }

    private String keep(String sauce, String serve, String more, String value) throws Exception {
        String location = mvc.perform(as(post("/plan/save")
                        .param("sauce", sauce)
                        .param("serve", serve)
                        .param(more, value)))
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return location.replaceAll("\\D", "");
    }

    @Test
    void aPlanIsKeptTickedSwappedCopiedMovedAndBegun() throws Exception {
        String sauce = gravy();
        String id = keep(sauce, "2026-12-01T23:30", "burner", "0");
        assertThat(body(get("/plan/" + id))).contains("2026-12-01T23:30").contains("Keep the changes");
        mvc.perform(as(post("/plan/" + id + "/tick").param("key", "line-0").param("done", "true")))
                .andExpect(status().isOk());
        String gather = body(get("/plan/" + id + "/gather"));
        assertThat(gather)
                .contains("data-key=\"line-0\" checked")
                .contains("500 mL")
                .contains("chop");
        assertThat(body(get("/plan/" + id + "/gather").param("line", "2").param("to", "dry cider")))
                .contains("Take 5")
                .contains("Put it into the plan");
        mvc.perform(as(post("/plan/" + id + "/swap").param("line", "2").param("to", "dry cider")))
                .andExpect(status().is3xxRedirection());
        assertThat(body(get("/plan/" + id + "/gather"))).contains("dry cider").doesNotContain(">perry<");
        assertThat(body(get("/sauces/" + sauce))).contains("perry");

        String clock = body(get("/plan/clock"));
        assertThat(clock).contains("served at 23:30").contains("of slack");
        mvc.perform(as(post("/plan/" + id + "/move").param("minutes", "25"))).andExpect(status().is3xxRedirection());
        assertThat(body(get("/plan/clock"))).contains("where it fits").isNotEqualTo(clock);
        mvc.perform(as(post("/plan/" + id + "/move").param("minutes", "99999"))).andExpect(status().is(422));

        mvc.perform(as(post("/plan/" + id + "/copy"))).andExpect(status().is3xxRedirection());
        assertThat(body(get("/plan/clock"))).containsPattern("(?s)Gravy.*Gravy");
        String location = mvc.perform(as(post("/plan/start").param("plan", id).param("sauce", sauce)))
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        assertThat(location).startsWith("/pot/");
        assertThat(body(get(location))).contains("Gravy").contains("Take it off in");
        mvc.perform(as(post("/plan/" + id + "/remove"))).andExpect(status().is3xxRedirection());
        mvc.perform(as(get("/plan/" + id))).andExpect(status().isNotFound());
    }

    @Test
    void theDayIsACalendarWithAlarmsAndAnotherKitchenSeesNothingOfIt() throws Exception {
        String id = keep(gravy(), "2026-12-01T23:30", "nextDay", "");
        String ics = body(get("/plan/" + id + "/day.ics"));
        ICalendar calendar = Biweekly.parse(ics).first();
        assertThat(calendar.getEvents()).hasSizeGreaterThan(5);
        assertThat(calendar.getEvents())
                .filteredOn(e -> e.getSummary().getValue().equals("Gravy: on the table"))
                .singleElement()
                .satisfies(e -> {
                    assertThat(e.getDateStart().getValue().toInstant()).isEqualTo("2026-12-01T23:30:00Z");
                    assertThat(e.getAlarms()).hasSize(1);
                });
        cook = cook(MeasureSystem.METRIC, false);
        for (MockHttpServletRequestBuilder request : new MockHttpServletRequestBuilder[] {
            get("/plan/" + id),
            get("/plan/" + id + "/gather"),
            get("/plan/" + id + "/day.ics"),
            post("/plan/" + id + "/remove"),
            post("/plan/" + id + "/copy"),
            post("/plan/" + id + "/tick").param("key", "line-0").param("done", "true"),
            post("/plan/" + id + "/move").param("minutes", "5")
        }) {
            mvc.perform(as(request)).andExpect(status().isNotFound());
        }
    }

    @Test
    void aStaleChangeOfAKeptPlanIsAConflict() throws Exception {
        String sauce = gravy();
        String id = keep(sauce, "2026-12-01T23:30", "burner", "0");
        MockHttpServletRequestBuilder change = post("/plan/save")
                .param("plan", id)
                .param("revision", "1")
                .param("sauce", sauce)
                .param("step", "5");
        mvc.perform(as(change)).andExpect(status().is3xxRedirection());
        mvc.perform(as(change)).andExpect(status().isConflict());
    }
}
