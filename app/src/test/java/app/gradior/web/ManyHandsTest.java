package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import app.gradior.access.Role;
import app.gradior.access.StoveDevices;
import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.EventBody;
import app.gradior.batch.Origin;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.batch.Batches;
import app.gradior.room.exchange.KitchenFileReader;
import app.gradior.room.exchange.KitchenFileWriter;
import app.gradior.room.house.Tokens;
import app.gradior.web.frame.KitchenUser;
import java.io.ByteArrayInputStream;
import java.time.Duration;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;

/** Several people and devices at one pot: who recorded what, in which order, and what one of them heard. */
class ManyHandsTest extends PeopleCalls {
    @Autowired
    private StoveDevices devices;

    @Autowired
    private Batches batches;

    @Autowired
    private Tokens tokens;

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private KitchenFileReader reader;

    @Test
    void everyEventSaysWhoOrWhatRecordedIt() throws Exception {
        long batch = batches.start(
                kitchens.kitchen(cook.kitchenId()), "Glaze", Origin.NONE, glaze("A pot"), clock.instant());
        KitchenUser jo = joined(Role.COOK);
        StoveDevices.Device device =
                devices.find(invitations.pair(word(Role.STOVE))).orElseThrow();
        KitchenUser tablet = new KitchenUser(cook.kitchenId(), 0, device.id(), " device " + device.id(), false);
        for (KitchenUser who : List.of(cook, jo, tablet)) {
            mvc.perform(post("/pot/" + batch + "/events")
                    .with(user(who))
                    .with(csrf())
                    .contentType(MediaType.APPLICATION_JSON)
                    .content("{\"clientKey\":\"by-" + who.mark()
                            + "\",\"type\":\"stir\",\"agoSeconds\":0,\"fields\":{}}"));
        }
        String token = tokens.make(cook.kitchenId(), "Scale by the hob", Tokens.Scope.READINGS);
        String answer = mvc.perform(
                        request(org.springframework.http.HttpMethod.POST, "/api/v1/batches/" + batch + "/events")
                                .header("Authorization", "Bearer " + token)
                                .contentType(MediaType.APPLICATION_JSON)
                                .content("{\"clientKey\":\"device-1\",\"type\":\"stir\"}"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer).contains("\"by\":\"Scale by the hob\"");
        batches.record(
                kitchens.kitchen(cook.kitchenId()),
                batch,
                new Batches.Draft("untouched", clock.instant(), new EventBody.Stirred()));
        List<String> names = List.of(cook.username(), jo.username(), "Jo", "Scale by the hob", "Gradior");
        assertThat(recorded(cook.kitchenId(), batch)).containsExactlyElementsOf(names);
        assertThat(page(cook, "/pot/" + batch)).contains(names);

        members.remove(cook.kitchenId(), jo.accountId());
        devices.end(cook.kitchenId(), device.id());
        assertThat(recorded(cook.kitchenId(), batch)).as("names stay").containsExactlyElementsOf(names);
        byte[] file = writer.write(kitchens.kitchen(cook.kitchenId()));
        KitchenUser elsewhere = cook(MeasureSystem.METRIC, false);
        reader.read(kitchens.kitchen(elsewhere.kitchenId()), () -> new ByteArrayInputStream(file));
        List<Batch> read = batches.livePlans(elsewhere.kitchenId());
        assertThat(recorded(elsewhere.kitchenId(), read.get(0).id())).containsExactlyElementsOf(names);
    }

    @Test
    void whatTwoDevicesTappedWithoutANetworkIsPutInOrderAndAConflictIsTold() throws Exception {
        long batch = batches.start(
                kitchens.kitchen(cook.kitchenId()), "Glaze", Origin.NONE, glaze("A pot"), clock.instant());
        clock.forward(Duration.ofMinutes(20));
        KitchenUser jo = joined(Role.COOK);
        tapped(cook, batch, "done-1", "heat", 600, "\"look\":\"gentle\"");
        MockHttpServletResponse first = tapped(cook, batch, "done-2", "stageDone", 300, "\"stage\":\"0\"");
        assertThat(first.getStatus()).isEqualTo(200);
        MockHttpServletResponse second = tapped(jo, batch, "done-3", "stageDone", 240, "\"stage\":\"0\"");
        assertThat(second.getStatus()).isEqualTo(409);
        assertThat(second.getContentAsString()).as("both ended it").contains("over");
        MockHttpServletResponse late = tapped(jo, batch, "late", "weight", 420, "\"grossG\":\"2900\"");
        assertThat(late.getContentAsString()).as("what it changed").contains("says");
        assertThat(batches.batch(cook.kitchenId(), batch).events())
                .extracting(event -> event.body().type() + " by " + event.by())
                .containsExactly(
                        "heat by " + cook.username(), "weight by " + jo.username(), "stageDone by " + cook.username());
    }

    private MockHttpServletResponse tapped(KitchenUser who, long batch, String key, String type, int ago, String fields)
            throws Exception {
        return mvc.perform(post("/pot/" + batch + "/events")
                        .with(user(who))
                        .with(csrf())
                        .accept(MediaType.APPLICATION_JSON)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"clientKey\":\"" + key + "\",\"type\":\"" + type + "\",\"agoSeconds\":" + ago
                                + ",\"fields\":{" + fields + "}}"))
                .andReturn()
                .getResponse();
    }

    @Test
    void whatIsHeardOnOneDeviceIsHeardOnAll() throws Exception {
        long batch = batches.start(
                kitchens.kitchen(cook.kitchenId()), "Glaze", Origin.NONE, glaze("A pot"), clock.instant());
        KitchenUser jo = joined(Role.COOK);
        clock.forward(Duration.ofHours(2)); // far too thick by now
        Pattern told = Pattern.compile("data-pot=\"" + batch + "\"[^>]*data-told=\"([0-9a-f]{64})\"");
        Matcher chip = told.matcher(reckoned(batch));
        assertThat(chip.find()).isTrue();
        String key = chip.group(1);
        assertThat(by(cook(MeasureSystem.METRIC, false), "/strip/heard", "pot", "" + batch, "told", key)
                        .getStatus())
                .as("another kitchen's")
                .isEqualTo(404);
        assertThat(by(jo, "/strip/heard", "pot", "" + batch, "told", "<b>").getStatus())
                .isEqualTo(422);
        assertThat(page(cook, "/strip")).doesNotContain("data-heard-by");
        by(jo, "/strip/heard", "pot", "" + batch, "told", key.replace('0', '1').replace('2', '3'));
        assertThat(page(cook, "/strip")).as("something else was heard").doesNotContain("data-heard-by");
        by(jo, "/strip/heard", "pot", "" + batch, "told", key);
        assertThat(page(cook, "/strip")).contains("data-heard-by=\"" + jo.username() + "\"");

        // Once it was over, the same is told anew.
        tapped(jo, batch, "off", "offHeat", 0, "");
        assertThat(reckoned(batch)).doesNotContain("class=\"urgent\"");
        clock.forward(Duration.ofMinutes(1));
        tapped(jo, batch, "on", "backOn", 0, "");
        assertThat(reckoned(batch)).contains("class=\"urgent\"", key).doesNotContain("data-heard-by");
    }

    /** The strip with the pot reckoned anew. */
    private String reckoned(long batch) throws Exception {
        page(cook, "/pot/" + batch);
        page(cook, "/strip");
        return page(cook, "/strip");
    }

    private List<String> recorded(long kitchenId, long batch) {
        return batches.batch(kitchenId, batch).events().stream()
                .map(BatchEvent::by)
                .toList();
    }
}
