package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import app.gradior.access.Audit;
import app.gradior.access.Audit.What;
import app.gradior.access.Invitations;
import app.gradior.access.Role;
import app.gradior.batch.Origin;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.batch.Batches;
import app.gradior.web.frame.KitchenUser;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;

/** Who came in, and who changed what somebody may do or took something out: noted once done, seen by owners, kept a year. */
class AuditTest extends PageCalls {
    @Autowired
    Audit audit;

    @Autowired
    Invitations invitations;

    @Autowired
    Batches batches;

    private MockHttpServletResponse by(KitchenUser who, String path, String... fields) throws Exception {
        var request = post(path).with(user(who)).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return mvc.perform(request).andReturn().getResponse();
    }

    private List<What> noted() {
        return audit.of(cook.kitchenId(), 0, 100).stream()
                .map(Audit.Entry::what)
                .toList();
    }

    private KitchenUser joined() throws Exception {
        KitchenUser other = cook(MeasureSystem.METRIC, false);
        String word = invitations.make(cook.kitchenId(), Role.COOK, "", cook.username());
        by(other, "/join/" + word);
        return new KitchenUser(cook.kitchenId(), other.accountId(), other.username());
    }

    @Test
    void whoCameInWhoMayWhatAndWhatWentOut() throws Exception {
        mvc.perform(
                post("/login").with(csrf()).param("username", cook.username()).param("password", "a long password"));
        mvc.perform(
                post("/login").with(csrf()).param("username", cook.username()).param("password", "wrong"));
        assertThat(noted()).as("refused is not in").containsExactly(What.SIGNED_IN);
        KitchenUser jo = joined();
        by(cook, "/kitchen/people/invite", "role", "COOK", "name", "Sol");
        by(cook, "/kitchen/people/pair", "name", "Tablet");
        by(cook, "/kitchen/people/members/" + jo.accountId() + "/role", "role", "LOOKER_ON");
        by(cook, "/kit/tokens", "label", "scale", "scope", "READINGS");
        mvc.perform(get("/kitchen/kitchen.json").with(user(cook)));
        mvc.perform(get("/log/all.csv").with(user(cook)));
        long batch = batches.start(
                kitchens.kitchen(cook.kitchenId()), "Glaze", Origin.NONE, glaze("A pot"), clock.instant());
        by(cook, "/log/" + batch + "/away/delete");
        by(cook, "/log/" + batch + "/away/delete", "sure", "true");
        by(cook, "/kitchen/close", "typed", "not its name");
        by(cook, "/kitchen/close", "typed", "Test kitchen");
        by(cook, "/kitchen/keep");
        by(cook, "/kitchen/people/members/" + jo.accountId() + "/remove");
        assertThat(noted())
                .as("newest first, each once, and nothing of what was refused")
                .containsExactly(
                        What.TAKEN_OUT,
                        What.KEPT_OPEN,
                        What.CLOSING,
                        What.BATCH_DELETED,
                        What.EXPORTED,
                        What.EXPORTED,
                        What.TOKEN_MADE,
                        What.ROLE_CHANGED,
                        What.DEVICE_INVITED,
                        What.INVITED,
                        What.JOINED,
                        What.SIGNED_IN);
        List<Audit.Entry> all = audit.of(cook.kitchenId(), 0, 100);
        assertThat(all.get(0).about()).isEqualTo(jo.username());
        assertThat(all.get(0).who()).isEqualTo(cook.username());
        assertThat(all.get(3).about()).isEqualTo("Glaze");
        assertThat(all.get(7).about()).contains(jo.username(), "looks on");
        assertThat(all.get(10).who()).isEqualTo(jo.username());
        String page = body(get("/kitchen/audit"));
        assertThat(page).contains("What happened at the door", "took somebody out of the kitchen", "Glaze");
    }

    @Test
    void ownersAloneSeeItAndItIsKeptAYear() throws Exception {
        KitchenUser jo = joined();
        assertThat(mvc.perform(get("/kitchen/audit").with(user(jo)))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(403);
        by(jo, "/account/kitchens/" + cook.kitchenId() + "/leave");
        assertThat(noted()).containsExactly(What.LEFT, What.JOINED);
        KitchenUser mine = cook;
        cook = cook(MeasureSystem.METRIC, false);
        assertThat(body(get("/kitchen/audit"))).as("another kitchen's").contains("Nothing yet");
        cook = mine;
        clock.forward(Duration.ofDays(364));
        audit.forget();
        assertThat(noted()).hasSize(2);
        clock.forward(Duration.ofDays(2));
        audit.forget();
        assertThat(noted()).isEmpty();
    }
}
