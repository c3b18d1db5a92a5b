package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import app.gradior.room.house.Tokens;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;

class ApiTest extends ApiCalls {
    @Test
    void mixtureAddsUpAndNamesItsLines() throws Exception {
        JsonNode m = answer(ask(
                        "/bench/mixture",
                        "{\"ingredients\":[{\"food\":\"sugar\",\"massG\":650},{\"line\":\"350 g water\"}],\"altitudeM\":1000}")
                .andExpect(status().isOk()));
        assertThat(m.get("massG").doubleValue()).isCloseTo(1000, within(1e-6));
        assertThat(m.get("brixPercent").doubleValue()).isCloseTo(65, within(0.01));
        assertThat(m.get("boilingC").doubleValue()).isCloseTo(96.7 + 4.1, within(0.5));
        assertThat(m.get("lines").get(1).get("food").stringValue()).isEqualTo("water");
        JsonNode wine = answer(
                ask("/bench/mixture", "{\"ingredients\":[{\"food\":\"wine-red\",\"massG\":750}],\"evaporatedG\":200}")
                        .andExpect(status().isOk()));
        assertThat(wine.get("massG").doubleValue()).isCloseTo(750 - 200, within(1e-3));
        assertThat(wine.get("alcoholG").doubleValue()).isLessThan(0.25 * 750 * 0.106);
    }

    /** What a page says of a line, and every food of it; what is not understood is told and weighs nothing. */
    @Test
    void aLineIsAnsweredAsAPageSaysIt() throws Exception {
        JsonNode m = answer(ask(
                        "/bench/mixture",
                        "{\"measures\":\"us\",\"ingredients\":[{\"line\":\"3. 1 cup sugar\"},{\"line\":\"3 flurbs of wug\"},"
                                + "{\"line\":\"1 tbsp each soy sauce, honey and rice vinegar\"},{\"line\":\"200 g tomatos\"}]}")
                .andExpect(status().isOk()));
        JsonNode cup = m.get("lines").get(0);
        assertThat(cup.get("massG").doubleValue()).as("a US cup, once").isCloseTo(200, within(0.5));
        assertThat(cup.get("sure").stringValue()).isEqualTo("sure");
        assertThat(cup.get("amount").stringValue()).isEqualTo("1 cup");
        assertThat(cup.get("foodName").stringValue()).isEqualTo("sugar");
        JsonNode wug = m.get("lines").get(1);
        assertThat(wug.get("sure").stringValue()).isEqualTo("none");
        assertThat(wug.get("massG").doubleValue()).isZero();
        assertThat(wug.get("remark").stringValue()).isNotBlank();
        JsonNode each = m.get("lines").get(2);
        assertThat(each.get("food").stringValue()).isEqualTo("soy-sauce");
        assertThat(each.get("also").size()).isEqualTo(2);
        assertThat(each.get("also").get(1).get("food").stringValue()).isEqualTo("vinegar-rice");
        double all = 0;
        for (JsonNode line : m.get("lines")) {
            all += line.get("massG").doubleValue();
            for (JsonNode also : line.get("also")) {
                all += also.get("massG").doubleValue();
            }
        }
        assertThat(m.get("massG").doubleValue()).isCloseTo(all, within(1e-6));
        ask("/bench/mixture", "{\"ingredients\":[{\"line\":\"salt to taste\"}]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.massG").value(0.0));
    }

    @Test
    void thicknessFallsWithHeat() throws Exception {
        ask("/bench/thickness", "{\"mixture\":" + DAMSONS + ",\"temperaturesC\":[20,65,98]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.temperatures.length()").value(3))
                .andExpect(jsonPath("$.temperatures[0].stepName").exists())
                .andExpect(result -> {
                    JsonNode t = json.readTree(result.getResponse().getContentAsString())
                            .get("temperatures");
                    assertThat(t.get(0).get("step").doubleValue())
                            .isGreaterThan(t.get(2).get("step").doubleValue());
                    assertThat(t.get(0).get("ringRadiusMm").doubleValue()).isBetween(20.0, 120.0);
                });
    }

    @Test
    void reduceGoesBothWays() throws Exception {
        String common =
                "\"mixture\":" + DAMSONS + ",\"pot\":" + POT + ",\"look\":\"lively\",\"lid\":\"open\",\"altitudeM\":0";
        JsonNode toStep = answer(ask("/bench/reduce", "{" + common + ",\"toStep\":6.5,\"servedC\":20}")
                .andExpect(status().isOk()));
        double minutes = toStep.get("minutes").doubleValue();
        assertThat(toStep.get("minutesLow").doubleValue()).isLessThan(minutes);
        assertThat(toStep.get("minutesHigh").doubleValue()).isGreaterThan(minutes);
        assertThat(toStep.get("evaporatedG").doubleValue()
                        + toStep.get("finalMassG").doubleValue())
                .isCloseTo(1560, within(16.0));
        JsonNode forth = answer(ask("/bench/reduce", "{" + common + ",\"minutes\":" + minutes + ",\"servedC\":20}"));
        assertThat(forth.get("stepServed").doubleValue()).isCloseTo(6.5, within(0.0065));
        assertThat(forth.get("trajectory").size()).isGreaterThan(10);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/bench/mixture|{\"ingredients\":[{\"line\":\"3 flurbs of wug\"}],\"strict\":true}|422|ingredients[0].line",
                "/bench/thickness|{\"mixture\":{\"ingredients\":[{\"line\":\"3 flurbs of wug\"}]},\"temperaturesC\":[20]}|422|mixture.ingredients[0].line",
                "/bench/mixture|{\"ingredients\":[{\"line\":\"1 cup water\"}],\"measures\":\"elven\"}|422|measures",
                "/bench/mixture|{\"ingredients\":[{\"food\":\"water\",\"massG\":-3}]}|422|ingredients[0].massG",
                "/bench/mixture|{\"ingredients\":[{\"food\":\"moon\",\"massG\":3}]}|422|ingredients[0].food",
                "/bench/mixture|{\"ingredients\":[{\"line\":\"1 cup water\",\"colour\":3}]}|400|ingredients[0].colour",
                "/bench/mixture|{\"ingredients\":[{\"food\":\"water\",\"massG\":10}],\"evaporatedG\":50}|422|evaporatedG",
                "/bench/mixture|{\"ingredients\":[|400|body",
                "/bench/reduce|{\"mixture\":{\"ingredients\":[{\"line\":\"1 l water\"}]},\"pot\":{\"topDiameterMm\":3,\"baseDiameterMm\":200,\"heightMm\":100},\"look\":\"lively\",\"lid\":\"open\",\"minutes\":5}|422|pot.topDiameterMm",
                "/bench/reduce|{\"mixture\":{\"ingredients\":[{\"line\":\"1 l water\"}]},\"pot\":{\"topDiameterMm\":100,\"baseDiameterMm\":100,\"heightMm\":50},\"look\":\"lively\",\"lid\":\"open\",\"minutes\":5}|422|pot",
                "/bench/reduce|{\"mixture\":{\"ingredients\":[{\"line\":\"500 g passata\"}]},\"pot\":{\"topDiameterMm\":200,\"baseDiameterMm\":200,\"heightMm\":150},\"look\":\"lively\",\"lid\":\"open\",\"toStep\":2,\"servedC\":20}|422|toStep",
                "/bench/reduce|{\"mixture\":{\"ingredients\":[{\"line\":\"500 g passata\"}]},\"pot\":{\"topDiameterMm\":200,\"baseDiameterMm\":200,\"heightMm\":150},\"look\":\"wild\",\"lid\":\"open\",\"minutes\":2}|422|look",
                "/bench/thickness|{\"mixture\":{\"ingredients\":[{\"line\":\"1 l water\"}]},\"temperaturesC\":[20,900]}|422|temperaturesC[1]"
            })
    void aRefusalNamesTheField(String path, String body, int status, String field) throws Exception {
        ask(path, body)
                .andExpect(status().is(status))
                .andExpect(content().contentTypeCompatibleWith("application/problem+json"))
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail").isNotEmpty());
    }

    /** What leaves a pan in a minute is by its surface, whatever its shape; across two burners a weak ring brings more. */
    @Test
    void aPansShapeCounts() throws Exception {
        String water =
                "{\"mixture\":{\"ingredients\":[{\"food\":\"water\",\"massG\":2000}]},\"look\":\"lively\",\"lid\":\"open\",\"minutes\":10,\"pot\":%s}";
        double side = 200 * Math.sqrt(Math.PI) / 2;
        String round = "{\"topDiameterMm\":200,\"baseDiameterMm\":200,\"heightMm\":120}";
        String box =
                "{\"shape\":\"rectangular\",\"topLengthMm\":%1$s,\"topWidthMm\":%1$s,\"baseLengthMm\":%1$s,\"baseWidthMm\":%1$s,\"heightMm\":120%2$s}";
        String oval =
                "{\"shape\":\"oval\",\"topLengthMm\":400,\"topWidthMm\":100,\"baseLengthMm\":400,\"baseWidthMm\":100,\"heightMm\":120}";
        double gone = gone(String.format(water, round));
        assertThat(gone(String.format(water, String.format(box, side, "")))).isCloseTo(gone, within(1e-6 * gone));
        assertThat(gone(String.format(water, oval))).isCloseTo(gone, within(1e-6 * gone));
        String bowl = "{\"shape\":\"bowl\",\"topDiameterMm\":320,\"floorDiameterMm\":100,\"heightMm\":100}";
        assertThat(gone(String.format(water, bowl))).isGreaterThan(gone);
        String weak = water.replace("\"look\"", "\"burnerNetW\":150,\"look\"");
        double one = gone(String.format(weak, String.format(box, side, "")));
        double two = gone(String.format(weak, String.format(box, side, ",\"burners\":2")));
        assertThat(two).isGreaterThan(1.4 * one);
        ask("/bench/reduce", String.format(water, "{\"shape\":\"square\",\"heightMm\":100}"))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.field").value("pot.shape"));
        ask("/bench/reduce", String.format(water, "{\"shape\":\"oval\",\"topLengthMm\":300,\"heightMm\":100}"))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.field").value("pot.topWidthMm"));
        ask("/bench/reduce", String.format(water, String.format(box, side, ",\"burners\":3")))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.field").value("pot.burners"));
    }

    private double gone(String question) throws Exception {
        return answer(ask("/bench/reduce", question)).get("evaporatedG").doubleValue();
    }

    /** What the framework refuses is a problem as well. */
    @Test
    void everyRefusalHasTheSameShape() throws Exception {
        problem(mvc.perform(get("/api/v1/foods")), 401, "Authorization");
        problem(with(delete("/api/v1/foods")), 405, "");
        problem(with(post("/api/v1/bench/mixture").contentType("text/plain").content("salt")), 415, "");
        problem(with(get("/api/v1/no-such-thing")), 404, "");
        problem(with(get("/api/v1/batches/pan")), 404, "id");
    }

    private ResultActions with(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(request.header("Authorization", "Bearer " + token));
    }

    private static void problem(ResultActions answer, int status, String field) throws Exception {
        answer.andExpect(status().is(status))
                .andExpect(content().contentTypeCompatibleWith("application/problem+json"))
                .andExpect(jsonPath("$.status").value(status))
                .andExpect(jsonPath("$.title").isNotEmpty())
                .andExpect(jsonPath("$.detail").isNotEmpty())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.errors[0].field").value(field))
                .andExpect(jsonPath("$.properties").doesNotExist());
    }

    @Test
    void noTokenNarrowTokenAndLargeBody() throws Exception {
        mvc.perform(get("/api/v1/foods")).andExpect(status().isUnauthorized());
        mvc.perform(get("/api/v1/foods").header("Authorization", "Bearer grd_nonsense"))
                .andExpect(status().isUnauthorized());
        String narrow = tokens.make(kitchen(), "bench", Tokens.Scope.BENCH);
        mvc.perform(get("/api/v1/batches").header("Authorization", "Bearer " + narrow))
                .andExpect(status().isForbidden());
        ask("/bench/mixture", "{\"ingredients\":[{\"line\":\"" + "x".repeat(300_000) + "\"}]}")
                .andExpect(status().is(413));
        mvc.perform(get("/api/openapi.json")).andExpect(status().isUnauthorized());
        mvc.perform(get("/api/openapi.json").header("Authorization", "Bearer " + token))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.openapi").value(containsString("3.1")))
                .andExpect(jsonPath("$.paths['/api/v1/bench/reduce']").exists());
    }

    private long startBatch() throws Exception {
        return answer(ask(
                                "/batches",
                                "{\"name\":\"Damson\",\"mixture\":" + DAMSONS
                                        + ",\"pot\":{\"topDiameterMm\":240,\"baseDiameterMm\":210,\"heightMm\":130,\"emptyG\":1400},"
                                        + "\"look\":\"lively\",\"lid\":\"open\",\"altitudeM\":0,\"targetStep\":6.5,\"servedC\":20}")
                        .andExpect(status().isCreated()))
                .get("id")
                .longValue();
    }

    @Test
    void aBatchIsItsEventsAndARepeatIsNotCountedTwice() throws Exception {
        long id = startBatch();
        clock.forward(Duration.ofMinutes(10));
        String weighIn =
                "{\"clientKey\":\"k1\",\"at\":\"" + clock.instant() + "\",\"type\":\"weight\",\"grossG\":2800}";
        ask("/batches/" + id + "/events", weighIn).andExpect(status().isCreated());
        JsonNode first = answer(look("/batches/" + id + "/forecast"));
        ask("/batches/" + id + "/events", weighIn)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.clientKey").value("k1"));
        look("/batches/" + id).andExpect(jsonPath("$.events.length()").value(1));
        assertThat(answer(look("/batches/" + id + "/forecast"))).isEqualTo(first);
        assertThat(first.get("now").get("massG").doubleValue()).isCloseTo(1400, within(8.0));
        assertThat(first.get("finish").get("at").stringValue())
                .isGreaterThan(first.get("finish").get("atLow").stringValue());
        assertThat(first.get("doNow").stringValue()).isNotBlank();
        java.time.Instant asKnown = clock.instant().minusSeconds(60);
        double before = answer(look("/batches/" + id + "/forecast?at=" + asKnown))
                .get("now")
                .get("massG")
                .doubleValue();
        assertThat(before).as("before the weigh-in").isNotCloseTo(1400, within(15.0));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"clientKey\":\"a\",\"type\":\"weight\",\"grossG\":-5}|422|grossG",
                "{\"clientKey\":\"a\",\"type\":\"weight\",\"grossG\":900}|422|grossG",
                "{\"clientKey\":\"a\",\"type\":\"level\",\"mm\":400}|422|mm",
                "{\"clientKey\":\"a\",\"type\":\"weight\",\"grossG\":2000,\"grams\":5}|400|grams",
                "{\"clientKey\":\"a\",\"type\":\"weight\"}|400|grossG",
                "{\"clientKey\":\"a\",\"type\":\"shout\"}|422|type",
                "{\"type\":\"stageDone\"}|400|clientKey",
                "{\"clientKey\":\"a b\",\"type\":\"stageDone\"}|422|clientKey",
                "{\"clientKey\":\"a\",\"type\":\"lid\",\"state\":\"gone\"}|422|state",
                "{\"clientKey\":\"a\",\"type\":\"taken\"}|422|massG",
                "{\"clientKey\":\"a\",\"type\":\"taken\",\"massG\":5,\"ml\":5}|422|massG",
                "{\"clientKey\":\"a\",\"type\":\"stageDone\",\"stage\":1}|409|stage",
                "{\"clientKey\":\"a\",\"type\":\"sieved\",\"milled\":true,\"leftG\":-1}|422|leftG",
                "{\"clientKey\":\"a\",\"type\":\"added\",\"ingredients\":[{\"line\":\"a wug\"}]}|422|ingredients[0].line",
                "{\"clientKey\":\"a\",\"type\":\"undo\",\"undoneKey\":\"zz\"}|422|undoneKey",
                "{\"clientKey\":\"a\",\"at\":\"yesterday\",\"type\":\"stageDone\"}|400|at",
                "{\"clientKey\":\"a\",\"at\":\"2020-01-01T00:00:00Z\",\"type\":\"stageDone\"}|422|at",
                "{\"clientKey\":\"a\",\"at\":\"2099-01-01T00:00:00Z\",\"type\":\"stageDone\"}|422|at"
            })
    void badEventsAreNamedAndNotKept(String body, int status, String field) throws Exception {
        long id = startBatch();
        ask("/batches/" + id + "/events", body)
                .andExpect(status().is(status))
                .andExpect(jsonPath("$.field").value(field));
        look("/batches/" + id).andExpect(jsonPath("$.events.length()").value(0));
    }

    @Test
    void anotherKitchensBatchIsNotThere() throws Exception {
        long id = startBatch();
        token = tokens.make(kitchen(), "other", Tokens.Scope.ALL);
        look("/batches/" + id).andExpect(status().isNotFound());
        look("/batches/" + id + "/forecast").andExpect(status().isNotFound());
        ask("/batches/" + id + "/events", "{\"clientKey\":\"x\",\"type\":\"stageDone\"}")
                .andExpect(status().isNotFound());
        look("/batches").andExpect(jsonPath("$.batches.length()").value(0));
        look("/batches/99999999").andExpect(status().isNotFound());
        look("/batches/pumpkin").andExpect(status().isNotFound());
    }

    @Test
    void besideTheHeatLittleLeavesUntilItIsBackOn() throws Exception {
        long id = startBatch();
        clock.forward(Duration.ofMinutes(5));
        ask("/batches/" + id + "/events", "{\"clientKey\":\"off\",\"type\":\"offHeat\"}")
                .andExpect(status().isCreated());
        double then = massNow(id);
        clock.forward(Duration.ofMinutes(10));
        double steamed = then - massNow(id);
        assertThat(steamed).isBetween(15.0, 60.0);
        look("/batches/" + id + "/forecast").andExpect(jsonPath("$.doNow").value("It is off the heat"));
        ask("/batches/" + id + "/events", "{\"clientKey\":\"on\",\"type\":\"backOn\"}")
                .andExpect(status().isCreated());
        clock.forward(Duration.ofMinutes(10));
        assertThat(massNow(id)).isLessThan(then - steamed - 50);
    }

    private double massNow(long id) throws Exception {
        return answer(look("/batches/" + id + "/forecast"))
                .get("now")
                .get("massG")
                .doubleValue();
    }

    @Test
    void everyKindOfEventIsTakenAndAnUndoTakesItBack() throws Exception {
        long id = startBatch();
        clock.forward(Duration.ofMinutes(5));
        String[] bodies = {
            "\"type\":\"level\",\"mm\":34",
            "\"type\":\"volume\",\"ml\":1350",
            "\"type\":\"spoon\",\"step\":4.5",
            "\"type\":\"ring\",\"mm\":45",
            "\"type\":\"trail\",\"seconds\":0.6",
            "\"type\":\"drip\",\"seconds\":3.4",
            "\"type\":\"bubbles\",\"look\":\"thumb\"",
            "\"type\":\"brix\",\"percent\":28",
            "\"type\":\"temperature\",\"c\":100.6",
            "\"type\":\"heat\",\"look\":\"gentle\"",
            "\"type\":\"lid\",\"state\":\"ajar\"",
            "\"type\":\"added\",\"ingredients\":[{\"line\":\"200 ml water\"}]",
            "\"type\":\"slurry\",\"starch\":\"maize\",\"starchG\":8,\"liquidG\":12",
            "\"type\":\"stageDone\"",
            "\"type\":\"note\",\"text\":\"smells right\"",
            "\"type\":\"stir\"",
            "\"type\":\"taken\",\"massG\":40",
            "\"type\":\"taken\",\"ml\":30",
            "\"type\":\"blended\"",
            "\"type\":\"sieved\",\"milled\":false,\"leftG\":60",
            "\"type\":\"offHeat\"",
            "\"type\":\"inHand\"",
            "\"type\":\"backOn\""
        };
        for (int i = 0; i < bodies.length; i++) {
            ask("/batches/" + id + "/events", "{\"clientKey\":\"e" + i + "\"," + bodies[i] + "}")
                    .andExpect(status().isCreated());
        }
        ask("/batches/" + id + "/events", "{\"clientKey\":\"odd\",\"type\":\"bubbles\",\"look\":\"huge\"}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.errors[0].field").value("look"));
        look("/batches/" + id)
                .andExpect(jsonPath("$.look").value("gentle"))
                .andExpect(jsonPath("$.lid").value("ajar"));
        double with = answer(look("/batches/" + id + "/forecast"))
                .get("now")
                .get("massG")
                .doubleValue();
        ask("/batches/" + id + "/events", "{\"clientKey\":\"u\",\"type\":\"undo\",\"undoneKey\":\"e11\"}")
                .andExpect(status().isCreated());
        double without = answer(look("/batches/" + id + "/forecast"))
                .get("now")
                .get("massG")
                .doubleValue();
        assertThat(without).isLessThan(with - 60);
    }

    /** Minutes soften, hours set: a compote cooked for longer is thicker, a jus is a gel the next day. */
    @Test
    void thicknessKnowsMinutesAndHours() throws Exception {
        String plums = "{\"ingredients\":[{\"line\":\"800 g plums\"},{\"line\":\"100 g sugar\"}],\"cookedMin\":";
        JsonNode brief = thickness(plums + "2}", 65, null);
        JsonNode longer = thickness(plums + "30}", 65, null);
        assertThat(longer.get("step").doubleValue())
                .isGreaterThan(brief.get("step").doubleValue() + 0.8);
        assertThat(longer.get("doubt").asString()).isEqualTo("pieces");
        assertThat(longer.get("stepLow").doubleValue())
                .isLessThan(longer.get("step").doubleValue() - 0.5);
        String jus = "{\"ingredients\":[{\"line\":\"500 g bone stock\"}],\"evaporatedG\":330}";
        JsonNode night = thickness(jus, 5, null);
        assertThat(night.get("heldH").doubleValue()).isEqualTo(12);
        assertThat(night.get("structure").asString()).isEqualTo("gel");
        assertThat(thickness(jus, 5, 0.0).get("structure").asString()).isEqualTo("liquid");
        ask("/bench/thickness", "{\"mixture\":" + jus + ",\"temperaturesC\":[5],\"heldH\":-1}")
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.field").value("heldH"));
        ask("/bench/thickness", "{\"mixture\":" + plums + "-2},\"temperaturesC\":[5]}")
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.field").value("mixture.cookedMin"));
    }

    private JsonNode thickness(String mixture, double tempC, Double heldH) throws Exception {
        String held = heldH == null ? "" : ",\"heldH\":" + heldH;
        return answer(ask(
                                "/bench/thickness",
                                "{\"mixture\":" + mixture + ",\"temperaturesC\":[" + tempC + "]" + held + "}")
                        .andExpect(status().isOk()))
                .get("temperatures")
                .get(0);
    }
}
