package app.gradior.web;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;

import app.gradior.ApplicationTest;
import app.gradior.Foods;
import app.gradior.access.Members;
import app.gradior.batch.BatchPlan;
import app.gradior.larder.StarchKind;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.book.SauceBook;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.plan.PlanDraft;
import app.gradior.room.plan.Plans;
import app.gradior.web.frame.KitchenUser;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A kitchen of its own for each test of the pages, signed in, and the ways to call them. */
@ApplicationTest
abstract class PageCalls {
    @Autowired
    MockMvc mvc;

    @Autowired
    Kitchens kitchens;

    @Autowired
    Members members;

    @Autowired
    ApplicationTest.SetClock clock;

    @Autowired
    SauceBook book;

    @Autowired
    KitchenKit kit;

    @Autowired
    Plans plans;

    KitchenUser cook = new KitchenUser(0, 0, "");

    @BeforeEach
    void ownKitchen() {
        cook = cook(MeasureSystem.METRIC, false);
    }

    KitchenUser cook(MeasureSystem measures, boolean fahrenheit) {
        String login = "cook-" + System.nanoTime();
        long id = kitchens.setUp(
                new Kitchens.SetUp(login, "a long password", "Test kitchen", measures, fahrenheit, 0, "UTC"), false);
        return new KitchenUser(id, members.of(id).get(0).accountId(), login);
    }

    <B extends AbstractMockHttpServletRequestBuilder<B>> B as(B request) {
        return request.with(user(cook)).with(csrf());
    }

    String body(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(as(request)).andReturn().getResponse().getContentAsString();
    }

    String saveSauce(String... lines) throws Exception {
        MockHttpServletRequestBuilder request = post("/sauces")
                .param("id", "0")
                .param("version", "0")
                .param("name", "Test <b>glaze</b>")
                .param("texture", "SMOOTH")
                .param("targetStep", "6,5")
                .param("servedC", "20")
                .param("notes", "")
                .param("text", lines);
        String location = mvc.perform(as(request))
                .andExpect(redirectedUrlPattern("/sauces/*?saved"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return location.replaceAll("\\D", "");
    }

    /** A plan of damsons in that pot, for six hours from now. */
    long keptPlan(Kitchen kitchen, long pot) throws Exception {
        long sauce = Long.parseLong(saveSauce("1 kg damsons, stoned", "260 g soft brown sugar", "300 ml water"));
        PlanDraft draft = PlanDraft.asWritten(
                        book.sauce(kitchen, sauce),
                        pot,
                        kit.burners(kitchen.id()).get(0).id(),
                        0,
                        StarchKind.MAIZE)
                .servedAt(java.time.LocalDateTime.ofInstant(clock.instant(), kitchen.zone())
                        .plusHours(6));
        return plans.save(kitchen, 0, 0, draft);
    }

    static BatchPlan glaze(String potName) {
        return Foods.glaze(potName);
    }
}
