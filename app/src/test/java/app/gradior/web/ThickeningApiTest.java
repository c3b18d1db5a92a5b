package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class ThickeningApiTest extends ApiCalls {
    private static final String GRAVY =
            "{\"ingredients\":[{\"line\":\"600 g vegetable stock\"},{\"line\":\"150 g perry\"}%s]}";

    private static String gravy(String more) {
        return GRAVY.formatted(more);
    }

    private double stepOf(String mixture, int tempC) throws Exception {
        JsonNode answer =
                answer(ask("/bench/thickness", "{\"mixture\":" + mixture + ",\"temperaturesC\":[" + tempC + "]}"));
        return answer.get("temperatures").get(0).get("step").asDouble();
    }

    @Test
    void thickenAgreesWithThickness() throws Exception {
        JsonNode answer = answer(ask(
                "/bench/thicken",
                "{\"mixture\":" + gravy("") + ",\"starch\":\"potato\",\"targetStep\":4.5,\"servedC\":65}"));
        double starch = answer.get("starchG").asDouble();
        double liquid = answer.get("coldLiquidG").asDouble();
        assertThat(answer.get("portions")).hasSize(3);
        assertThat(answer.get("finalMassG").asDouble()).isCloseTo(750 + starch + liquid, within(1e-6));
        String made = gravy(
                ",{\"food\":\"potato-starch\",\"massG\":" + starch + "},{\"food\":\"water\",\"massG\":" + liquid + "}");
        assertThat(stepOf(made, 65)).isCloseTo(4.5, within(0.005));
        assertThat(answer.get("stepServed").asDouble()).isCloseTo(4.5, within(1e-6));
        assertThat(answer.get("stepHot").asDouble()).isLessThan(4.5);
    }

    @Test
    void thinAgreesWithThickness() throws Exception {
        String thick = gravy(",{\"food\":\"cornflour\",\"massG\":50}");
        JsonNode answer = answer(
                ask("/bench/thin", "{\"mixture\":" + thick + ",\"with\":\"milk\",\"targetStep\":4,\"servedC\":60}"));
        double add = answer.get("addG").asDouble();
        String made = gravy(",{\"food\":\"cornflour\",\"massG\":50},{\"food\":\"milk\",\"massG\":" + add + "}");
        assertThat(stepOf(made, 60)).isCloseTo(4, within(0.005));
        assertThat(answer.get("finalMassG").asDouble()).isCloseTo(800 + add, within(1e-6));
    }

    private static String routes(String more) {
        return "{\"mixture\":{\"ingredients\":[{\"line\":\"800 g passata\"},{\"line\":\"600 g vegetable stock\"}]},"
                + "\"pot\":" + POT + ",\"look\":\"lively\",\"lid\":\"open\",\"starch\":\"maize\",\"targetStep\":6,"
                + "\"servedC\":60" + more + "}";
    }

    @Test
    void routesRunFromReduceOnlyToStarchOnlyAndAgreeWithReduce() throws Exception {
        JsonNode answer = answer(ask("/bench/routes", routes("")));
        JsonNode points = answer.get("points");
        assertThat(points).hasSize(25);
        assertThat(points.get(0).get("starchG").asDouble()).isCloseTo(0, within(1e-3));
        assertThat(points.get(24).get("minutes").asDouble()).isZero();
        assertThat(answer.get("chosen").isNull()).isTrue();
        JsonNode reduce = answer(ask(
                "/bench/reduce", routes("").replace(",\"starch\":\"maize\"", "").replace("targetStep", "toStep")));
        assertThat(points.get(0).get("minutes").asDouble())
                .isCloseTo(reduce.get("minutes").asDouble(), within(0.01));
        assertThat(points.get(0).get("volumeMl20c").asDouble())
                .isCloseTo(reduce.get("volumeMl20c").asDouble(), within(0.1));
    }

    @Test
    void aWishIsChosenOrItsReasonGiven() throws Exception {
        JsonNode chosen = answer(ask("/bench/routes", routes(",\"yieldMl\":1100")));
        assertThat(chosen.get("chosen").get("volumeMl20c").asDouble()).isCloseTo(1100, within(0.5));
        assertThat(chosen.get("reason").isNull()).isTrue();
        JsonNode none = answer(ask("/bench/routes", routes(",\"yieldMl\":4000")));
        assertThat(none.get("chosen").isNull()).isTrue();
        assertThat(none.get("reason").asString()).contains("times as much");
        JsonNode late = answer(ask("/bench/routes", routes(",\"deadlineMinutes\":5")));
        assertThat(late.get("chosen").get("minutes").asDouble()).isLessThanOrEqualTo(5.0001);
    }

    @Test
    void jarsHoldTheVolume() throws Exception {
        JsonNode answer = answer(ask(
                "/bench/jars",
                "{\"volumeMlHot\":1000,\"jars\":[{\"name\":\"small\",\"brimMl\":212,\"fillMl\":200,\"count\":4},"
                        + "{\"name\":\"large\",\"brimMl\":370,\"headspaceMm\":8,\"count\":2}]}"));
        double total = 0;
        for (JsonNode fill : answer.get("fills")) {
            total += fill.get("fillMl").asDouble();
            assertThat(fill.get("fillMl").asDouble())
                    .isLessThanOrEqualTo(fill.get("brimMl").asDouble());
        }
        assertThat(total).isCloseTo(1000, within(1e-6));
        assertThat(answer.get("leftoverMl").asDouble()).isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/bench/thicken | {'mixture':M,'starch':'gum','targetStep':5,'servedC':60} | starch",
                "/bench/thicken | {'mixture':M,'starch':'maize','targetStep':12,'servedC':60} | targetStep",
                "/bench/thicken | {'mixture':M,'starch':'maize','targetStep':5} | servedC",
                "/bench/thicken | {'mixture':M,'starch':'maize','targetStep':5,'servedC':60,'liquidRatio':4} | liquidRatio",
                "/bench/thin | {'mixture':M,'with':'gold','targetStep':5,'servedC':60} | with",
                "/bench/thin | {'mixture':M,'with':'water','targetStep':8,'servedC':60} | targetStep",
                "/bench/routes | {'mixture':M,'starch':'maize','targetStep':5,'servedC':60,'look':'lively','lid':'open'} | pot",
                "/bench/jars | {'volumeMlHot':-1,'jars':[{'name':'a','brimMl':200,'fillMl':190,'count':2}]} | volumeMlHot",
                "/bench/jars | {'volumeMlHot':500,'jars':[{'name':'a','brimMl':200,'fillMl':300,'count':2}]} | jars[0].fillMl",
                "/bench/jars | {'volumeMlHot':500,'jars':[{'name':'a','brimMl':200,'count':2}]} | jars[0].fillMl",
                "/bench/jars | {'volumeMlHot':500,'jars':[null]} | jars[0]",
                "/bench/jars | {'volumeMlHot':500,'jars':[]} | jars"
            })
    void aFaultNamesItsField(String path, String body, String field) throws Exception {
        ask(path, body.replace('\'', '"').replace("\"mixture\":M", "\"mixture\":" + gravy("")))
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.field").value(field));
    }
}
