package app.gradior.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.Cookie;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.session.web.http.CookieSerializer;

/** Cookies behind TLS are Secure and of this very host; a plain one that somebody set beside them counts for nothing. */
class DoorCookiesTest {
    private static MockHttpServletRequest request(boolean secure) {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", "/");
        request.setSecure(secure);
        request.setCookies(
                new Cookie("gradior", "cGxhaW4="),
                new Cookie("__Host-gradior", "aG9zdA=="),
                new Cookie("gradior-form", "plain-token"),
                new Cookie("__Host-gradior-form", "host-token"));
        return request;
    }

    private static String written(boolean secure) {
        MockHttpServletResponse response = new MockHttpServletResponse();
        new SessionConfig()
                .sessionCookie()
                .writeCookieValue(new CookieSerializer.CookieValue(request(secure), response, "new"));
        return String.valueOf(response.getHeader("Set-Cookie"));
    }

    @Test
    void theSessionsCookie() {
        assertThat(written(true))
                .startsWith("__Host-gradior=")
                .contains("Secure", "HttpOnly", "SameSite=Lax", "Path=/")
                .doesNotContain("Domain");
        assertThat(written(false)).startsWith("gradior=").contains("HttpOnly").doesNotContain("Secure");
        CookieSerializer cookie = new SessionConfig().sessionCookie();
        assertThat(cookie.readCookieValues(request(true))).isEqualTo(List.of("host"));
        assertThat(cookie.readCookieValues(request(false))).isEqualTo(List.of("plain"));
    }

    @Test
    void theFormsCookie() {
        FormCookies forms = new FormCookies();
        assertThat(forms.loadToken(request(true)).getToken()).isEqualTo("host-token");
        assertThat(forms.loadToken(request(false)).getToken()).isEqualTo("plain-token");
        MockHttpServletResponse response = new MockHttpServletResponse();
        forms.saveToken(forms.generateToken(request(true)), request(true), response);
        assertThat(response.getHeader("Set-Cookie"))
                .startsWith("__Host-gradior-form=")
                .contains("Secure", "HttpOnly", "Path=/");
    }

    @Test
    void aSessionEndsAfterNinetyDaysHoweverMuchItIsUsed() throws Exception {
        MockHttpSession session = new MockHttpSession();
        MockHttpServletRequest request = request(false);
        request.setSession(session);
        Instant began = Instant.ofEpochMilli(session.getCreationTime());
        for (int days : new int[] {1, 90}) {
            Clock clock = Clock.fixed(began.plus(Duration.ofDays(days)), ZoneOffset.UTC);
            new SessionLife(clock).doFilter(request, new MockHttpServletResponse(), new MockFilterChain());
            assertThat(session.isInvalid()).isFalse();
            request.removeAttribute(SessionLife.class.getName() + ".FILTERED");
        }
        Clock after = Clock.fixed(began.plus(Duration.ofDays(90)).plusSeconds(1), ZoneOffset.UTC);
        MockFilterChain on = new MockFilterChain();
        new SessionLife(after).doFilter(request, new MockHttpServletResponse(), on);
        assertThat(session.isInvalid()).isTrue();
        assertThat(on.getRequest()).as("the page is asked for all the same").isNotNull();
    }
}
