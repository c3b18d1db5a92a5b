package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import app.gradior.access.Invitations;
import app.gradior.access.Role;
import app.gradior.batch.BatchPlan;
import app.gradior.estimate.Hand;
import app.gradior.measure.MeasureSystem;
import app.gradior.practice.Lesson;
import app.gradior.practice.Sight;
import app.gradior.reading.ReadingKind;
import app.gradior.room.batch.Batches;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.practice.Practices;
import app.gradior.room.words.Words;
import app.gradior.web.frame.KitchenUser;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Practice pots through the pages: begun, worked at, judged, revealed; each cook's alone; and what a cook's eye is used for. */
class PracticePagesTest extends PageCalls {
    @Autowired
    Practices practices;

    @Autowired
    KitchenKit kit;

    @Autowired
    Batches batches;

    @Autowired
    Invitations invitations;

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(as(request.header("Accept", "application/json")))
                .andReturn()
                .getResponse();
    }

    private String begin(String what) throws Exception {
        String at = mvc.perform(as(post("/practice").param("what", what)))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return at.substring(at.lastIndexOf('/') + 1);
    }

    private MockHttpServletResponse does(String id, double atS, String kind, double value) throws Exception {
        return send(post("/practice/" + id + "/do")
                .param("atS", String.valueOf(atS))
                .param("kind", kind)
                .param("value", String.valueOf(value)));
    }

    private void reads(String id, String sense, double atS, double said) throws Exception {
        send(post("/practice/" + id + "/read")
                .param("sense", sense)
                .param("atS", String.valueOf(atS))
                .param("said", String.valueOf(said)));
    }

    private static JsonNode json(MockHttpServletResponse response) throws Exception {
        return JsonMapper.shared().readTree(response.getContentAsString());
    }

    @Test
    void aLessonFromTheListToTheReveal() throws Exception {
        String list = body(get("/practice"));
        for (Lesson lesson : Lesson.values()) {
            assertThat(list).contains("value=\"" + lesson.key() + "\"");
        }
        String id = begin("cold");
        assertThat(body(get("/practice/" + id)))
                .contains("Stop for the cold step", "Wanted: step 6.0", "In it: ", "id=\"side\"");
        MockHttpServletResponse sights = send(get("/practice/" + id + "/sights")
                .param("pot", "0")
                .param("from", "0")
                .param("for", "60"));
        JsonNode frames = json(sights);
        assertThat(frames.size()).isEqualTo(16);
        assertThat(frames.get(3).get("sight").get("atS").asDouble()).isEqualTo(12);
        assertThat(sights.getContentAsString())
                .as("nothing that is sent says how thick it is")
                .doesNotContainIgnoringCase("step")
                .doesNotContainIgnoringCase("viscos")
                .doesNotContain("NaN");
        JsonNode weighed = json(does(id, 30, "weigh", 0));
        assertThat(weighed.get("says").asString()).matches("\\d[\\d,]* g with its pot on the scale\\.");
        assertThat(weighed.get("lookedS").asDouble()).isEqualTo(30);
        assertThat(weighed.get("freeS").asDouble())
                .as("hands are busy until then")
                .isEqualTo(40);
        assertThat(send(post("/practice/" + id + "/say")
                                .param("atS", "300")
                                .param("stepNow", "3")
                                .param("stepCold", "5.5")
                                .param("minutesLeft", "4"))
                        .getStatus())
                .isEqualTo(200);
        assertThat(body(get("/practice/" + id))).doesNotContain("Said and true");
        assertThat(json(does(id, 900, "off", 0)).get("over").asBoolean()).isTrue();
        assertThat(body(get("/practice/" + id)))
                .contains("Said and true", "5.5 Cloak", "A forecast told only the recipe", "What each decision cost");
        assertThat(practices.best(new Practices.Cook(cook.kitchenId(), cook.accountId())))
                .containsOnlyKeys("cold");
        assertThat(does(id, 950, "stir", 0).getStatus()).as("it is over").isEqualTo(409);
    }

    /** Whoever is not this cook, in this kitchen, has no such pot: not to see, and not to touch. */
    @Test
    void eachCooksPotsAreTheirOwn() throws Exception {
        String id = begin("bubbles");
        KitchenUser mine = cook;
        KitchenUser stranger = cook(MeasureSystem.METRIC, false);
        KitchenUser guest = cook(MeasureSystem.METRIC, false);
        invitations.join(invitations.make(mine.kitchenId(), Role.COOK, "", mine.username()), guest.accountId());
        for (KitchenUser other :
                List.of(stranger, new KitchenUser(mine.kitchenId(), guest.accountId(), guest.username()))) {
            cook = other;
            assertThat(send(get("/practice/" + id)).getStatus()).isEqualTo(404);
            assertThat(does(id, 10, "off", 0).getStatus()).isEqualTo(404);
            assertThat(send(get("/practice/" + id + "/sights").param("pot", "0").param("from", "0"))
                            .getStatus())
                    .isEqualTo(404);
        }
        cook = mine;
        assertThat(send(get("/practice/" + id)).getStatus()).isEqualTo(200);
    }

    @Test
    void nonsenseIsRefusedByName() throws Exception {
        String id = begin("bubbles");
        assertThat(does(id, -1, "stir", 0).getStatus()).isEqualTo(422);
        assertThat(does(id, 10, "heat", 12).getContentAsString()).contains("heat");
        assertThat(does(id, 10, "dance", 0).getStatus()).isEqualTo(422);
        assertThat(send(get("/practice/" + id + "/sights").param("pot", "5").param("from", "0"))
                        .getStatus())
                .isEqualTo(422);
        assertThat(send(get("/practice/" + id + "/sights")
                                .param("pot", "0")
                                .param("from", "0")
                                .param("for", "1e9"))
                        .getStatus())
                .isEqualTo(422);
        assertThat(send(post("/practice/" + id + "/do")
                                .param("atS", "5")
                                .param("pot", "5")
                                .param("kind", "stir"))
                        .getContentAsString())
                .contains("pot");
        assertThat(send(post("/practice").param("what", "nothing")).getStatus()).isEqualTo(404);
        assertThat(send(post("/practice/" + id + "/say")
                                .param("atS", "5")
                                .param("stepNow", "44")
                                .param("stepCold", "5")
                                .param("minutesLeft", "1"))
                        .getContentAsString())
                .contains("stepNow");
    }

    /** All that the drawing shows is said as well. */
    @Test
    void whatIsSeenHasWords() {
        for (Sight.Look look : Sight.Look.values()) {
            assertThat(Words.text("script.see-" + look.name())).isNotBlank();
        }
    }

    /** The kitchen's own sauce in its own pot; the week's is the same for another cook. */
    @Test
    void freeAndWeeklyPots() throws Exception {
        String sauce = saveSauce("1 kg damsons", "300 ml water", "200 g sugar");
        long pot = kit.pots(cook.kitchenId()).get(0).id();
        String at = mvc.perform(as(post("/practice")
                        .param("what", "free")
                        .param("sauce", sauce)
                        .param("pot", String.valueOf(pot))))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        assertThat(body(get(at))).contains("Test &lt;b&gt;glaze&lt;/b&gt;", "Wanted: step 6.5");
        String weekly = send(get("/practice/" + begin("weekly") + "/sights")
                        .param("pot", "0")
                        .param("from", "0"))
                .getContentAsString();
        cook = cook(MeasureSystem.METRIC, false);
        assertThat(send(get("/practice/" + begin("weekly") + "/sights")
                                .param("pot", "0")
                                .param("from", "0"))
                        .getContentAsString())
                .isEqualTo(weekly);
    }

    /** What practice showed of a spoon is reckoned with where its cook allows it, and no longer once it is un-learnt. */
    @Test
    void aCooksEyeIsUsedWithConsentAlone() throws Exception {
        String id = begin("bubbles");
        double truth = practices
                .run(new Practices.Cook(cook.kitchenId(), cook.accountId()), Long.parseLong(id))
                .practice()
                .stepHot(0, 400);
        for (int i = 0; i < 6; i++) {
            reads(id, "spoon", 400, truth + 0.9 + 0.05 * i);
        }
        assertThat(body(get("/practice"))).contains("Too thick by 1 on the stair", "<svg class=\"eye\"");
        assertThat(hands()).isEmpty();
        send(post("/practice/eye").param("used", "true"));
        Hand hand = hands().get(ReadingKind.SPOON);
        assertThat(hand.bias()).isBetween(0.4, 1.1);
        BatchPlan live = planned();
        assertThat(live.prior().hands().get(ReadingKind.SPOON).bias())
                .as("a batch begun now reads its cook's spoon so")
                .isCloseTo(hand.bias(), within(1e-9));
        send(post("/practice/eye/forget"));
        assertThat(hands()).isEmpty();
        assertThat(body(get("/practice"))).doesNotContain("<svg class=\"eye\"");
        send(post("/practice/eye").param("used", "true"));
        assertThat(hands()).as("nothing is left to reckon with").isEmpty();
    }

    private Map<ReadingKind, Hand> hands() {
        return kit.ware(cook.kitchenId()).hands();
    }

    private BatchPlan planned() throws Exception {
        String at = mvc.perform(as(post("/pot/already/made-up")))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return batches.batch(cook.kitchenId(), Long.parseLong(at.replaceAll("\\D", "")))
                .plan();
    }
}
