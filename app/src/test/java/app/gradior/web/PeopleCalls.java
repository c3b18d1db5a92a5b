package app.gradior.web;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import app.gradior.access.Invitations;
import app.gradior.access.Role;
import app.gradior.measure.MeasureSystem;
import app.gradior.web.frame.KitchenUser;
import jakarta.servlet.http.Cookie;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;

/** People of a kitchen, and what they ask. */
abstract class PeopleCalls extends PageCalls {
    @Autowired
    Invitations invitations;

    String word(Role role) {
        return invitations.make(cook.kitchenId(), role, "Jo", cook.username());
    }

    /** Somebody with a kitchen of their own who joined this one too. */
    KitchenUser joined(Role role) {
        KitchenUser other = cook(MeasureSystem.METRIC, false);
        invitations.join(word(role), other.accountId());
        return new KitchenUser(cook.kitchenId(), other.accountId(), other.username());
    }

    MockHttpServletResponse by(KitchenUser who, String path, String... fields) throws Exception {
        return mvc.perform(with(post(path), fields).with(user(who)).with(csrf()))
                .andReturn()
                .getResponse();
    }

    MockHttpServletResponse byNobody(String path, String... fields) throws Exception {
        return mvc.perform(with(post(path), fields).with(csrf())).andReturn().getResponse();
    }

    static org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder with(
            org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder request, String... fields) {
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return request;
    }

    MockHttpServletResponse at(String path, Cookie... cookies) throws Exception {
        return mvc.perform(cookies.length == 0 ? get(path) : get(path).cookie(cookies))
                .andReturn()
                .getResponse();
    }

    String page(KitchenUser who, String path) throws Exception {
        return mvc.perform(get(path).with(user(who))).andReturn().getResponse().getContentAsString();
    }
}
