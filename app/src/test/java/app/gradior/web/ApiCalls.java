package app.gradior.web;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import app.gradior.ApplicationTest;
import app.gradior.NewKitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.house.Tokens;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A kitchen of its own for each test of the API, with a token, and the ways to call it. */
@ApplicationTest
abstract class ApiCalls {
    static final String POT = "{\"topDiameterMm\":240,\"baseDiameterMm\":210,\"heightMm\":130}";
    static final String DAMSONS =
            "{\"ingredients\":[{\"line\":\"1 kg damsons, stoned\"},{\"line\":\"260 g brown sugar\"},"
                    + "{\"food\":\"water\",\"massG\":300}],\"blended\":true}";

    @Autowired
    MockMvc mvc;

    @Autowired
    Kitchens kitchens;

    @Autowired
    Tokens tokens;

    @Autowired
    ApplicationTest.SetClock clock;

    @Autowired
    JsonMapper json;

    String token = "";

    @BeforeEach
    void ownKitchen() {
        token = tokens.make(kitchen(), "test", Tokens.Scope.ALL);
    }

    long kitchen() {
        return NewKitchen.of(kitchens).id();
    }

    ResultActions ask(String path, String body) throws Exception {
        return mvc.perform(post("/api/v1" + path)
                .header("Authorization", "Bearer " + token)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    JsonNode answer(ResultActions actions) throws Exception {
        return json.readTree(actions.andReturn().getResponse().getContentAsByteArray());
    }

    ResultActions look(String path) throws Exception {
        return mvc.perform(get("/api/v1" + path).header("Authorization", "Bearer " + token));
    }
}
