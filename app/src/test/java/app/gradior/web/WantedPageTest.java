package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Where a sign-in leads: to the page that was asked for, never to what a page's scripts or pictures asked for meanwhile. */
class WantedPageTest extends PageCalls {
    private static final String PAGE = "text/html,application/xhtml+xml,*/*;q=0.8";

    private String signedInAfter(MockHttpServletRequestBuilder asked) throws Exception {
        Cookie[] kept = mvc.perform(asked).andReturn().getResponse().getCookies();
        MockHttpServletRequestBuilder in =
                post("/login").with(csrf()).param("username", cook.username()).param("password", "a long password");
        if (kept.length > 0) {
            in.cookie(kept);
        }
        return String.valueOf(mvc.perform(in).andReturn().getResponse().getRedirectedUrl());
    }

    @Test
    void aSignInLeadsToThePageThatWasAskedForAndToNoPieceOfOne() throws Exception {
        assertThat(signedInAfter(get("/log?q=glaze").accept(PAGE))).isEqualTo("/log?q=glaze");
        assertThat(signedInAfter(get("/log?q=glaze").accept(PAGE).header("Sec-Fetch-Mode", "navigate")))
                .isEqualTo("/log?q=glaze");
        assertThat(signedInAfter(get("/strip").accept("*/*").header("X-Requested-By", "page")))
                .isEqualTo("/");
        assertThat(signedInAfter(get("/pot/1/stream").accept("text/event-stream")))
                .isEqualTo("/");
        assertThat(signedInAfter(get("/log/1/photo/1").accept("image/avif,*/*")))
                .isEqualTo("/");
        assertThat(signedInAfter(get("/log").accept(PAGE).header("Sec-Fetch-Mode", "cors")))
                .isEqualTo("/");
        assertThat(signedInAfter(get("/log").accept(PAGE).header("X-Requested-By", "page")))
                .isEqualTo("/");
        assertThat(signedInAfter(get("/log"))).as("a program").isEqualTo("/");
        assertThat(signedInAfter(post("/log/1/words").with(csrf()).accept(PAGE)))
                .as("nothing is sent once more")
                .isEqualTo("/");
    }
}
