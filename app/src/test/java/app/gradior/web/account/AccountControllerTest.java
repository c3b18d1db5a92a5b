package app.gradior.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.ApplicationTest;
import app.gradior.Settings;
import app.gradior.access.Members;
import app.gradior.room.house.GradiorProperties;
import app.gradior.room.house.Kitchens;
import app.gradior.web.frame.Entrance;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;

@ApplicationTest
class AccountControllerTest {
    @Autowired
    private Kitchens kitchens;

    @Autowired
    private Entrance entrance;

    @Autowired
    private Members members;

    /** The launcher waits for an answer that is no error before it says that the demo is ready. */
    @Test
    void theFirstPageIsNotReadyBeforeTheDemoKitchenIs() {
        assertThat(kitchens.demo()).as("none in this database").isEmpty();
        MockHttpServletResponse response = new MockHttpServletResponse();
        GradiorProperties demo = Settings.of("demo", "true");
        ExtendedModelMap model = new ExtendedModelMap();
        new AccountController(kitchens, demo, entrance, members).login(model, new MockHttpServletRequest(), response);
        assertThat(response.getStatus()).isEqualTo(503);
        assertThat(response.getHeader("Retry-After")).isEqualTo("2");
        assertThat(model).containsEntry("demo", false).containsEntry("cooking", true);
    }
}
