package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;

/** One's own account: another password, and where it is signed in. */
class MyAccountTest extends PageCalls {
    private static final String OLD = "a long password";
    private static final String NEW = "a quince in the window";

    private Cookie[] signIn(String password, String agent) throws Exception {
        MockHttpServletResponse in = mvc.perform(post("/login")
                        .with(SecurityMockMvcRequestPostProcessors.csrf())
                        .header("User-Agent", agent)
                        .param("username", cook.username())
                        .param("password", password))
                .andReturn()
                .getResponse();
        return in.getStatus() == 302 && "/".equals(in.getRedirectedUrl()) ? in.getCookies() : new Cookie[0];
    }

    private String page(Cookie[] cookies) throws Exception {
        return mvc.perform(get("/account").cookie(cookies))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private MockHttpServletResponse change(Cookie[] cookies, String old, String wanted) throws Exception {
        return mvc.perform(post("/account/password")
                        .with(SecurityMockMvcRequestPostProcessors.csrf())
                        .cookie(cookies)
                        .param("old", old)
                        .param("wanted", wanted))
                .andReturn()
                .getResponse();
    }

    /** Each kind of thing that is kept of somebody is told with why and how long. */
    @Test
    void whatIsKeptIsTold() throws Exception {
        String page =
                mvc.perform(as(get("/account/kept"))).andReturn().getResponse().getContentAsString();
        assertThat(page.split("<tr>", -1)).hasSize(15);
        assertThat(page).contains("What is kept of you", "A year; it names nobody", "Ten days");
        assertThat(body(get("/account"))).contains("href=\"/account/kept\"");
    }

    @Test
    void anotherPasswordNeedsTheOldOneAndSignsOutEverywhereElse() throws Exception {
        Cookie[] here = signIn(OLD, "Mozilla/5.0 (X11; Linux x86_64)");
        Cookie[] tablet = signIn(OLD, "Mozilla/5.0 (iPad; CPU OS 17_0)");
        assertThat(here).isNotEmpty();
        assertThat(tablet).isNotEmpty();
        assertThat(change(here, "a wrong password", NEW).getContentAsString()).contains("That is not the old password");
        assertThat(change(here, OLD, OLD).getContentAsString()).contains("The new password is the old one");
        assertThat(change(here, OLD, "password1").getStatus()).isEqualTo(422);
        assertThat(change(here, OLD, "short").getStatus()).isEqualTo(422);
        assertThat(page(tablet)).as("nothing was changed").contains("Your account");
        assertThat(change(here, OLD, NEW).getRedirectedUrl()).isEqualTo("/account?changed");
        assertThat(page(here)).contains("Your account");
        mvc.perform(get("/account").cookie(tablet)).andExpect(status().isFound());
        assertThat(signIn(OLD, "x")).isEmpty();
        assertThat(signIn(NEW, "x")).isNotEmpty();
    }

    @Test
    void sessionsAreSeenAndEndedOneByOneAndNobodyElses() throws Exception {
        Cookie[] here = signIn(OLD, "Mozilla/5.0 (Windows NT 10.0)");
        Cookie[] tablet = signIn(OLD, "Mozilla/5.0 (iPad; CPU OS 17_0)");
        String page = page(here);
        assertThat(page).contains("Windows").contains("iPad").contains("end it");
        Matcher key = Pattern.compile("name=\"key\" value=\"([^\"]+)\"").matcher(page);
        assertThat(key.find()).isTrue();
        String tablets = key.group(1);
        for (Cookie cookie : tablet) {
            if (!cookie.getValue().isEmpty()) {
                assertThat(page).as("no secret on the page").doesNotContain(cookie.getValue());
            }
        }
        mvc.perform(as(post("/account/sessions/end").param("key", "no such one")));
        assertThat(page(tablet)).contains("Your account");
        mvc.perform(post("/account/sessions/end")
                .with(SecurityMockMvcRequestPostProcessors.csrf())
                .cookie(here)
                .param("key", tablets));
        mvc.perform(get("/account").cookie(tablet)).andExpect(status().isFound());
        assertThat(page(here)).contains("Your account").doesNotContain("iPad");
    }
}
