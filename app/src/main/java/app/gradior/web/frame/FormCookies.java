package app.gradior.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;

/**
 * The token that forms carry is kept in a cookie that scripts cannot read, so that a page that only asks for a sign-in needs no
 * session. Behind TLS its name keeps others from setting it.
 */
final class FormCookies implements CsrfTokenRepository {
    private final CookieCsrfTokenRepository plain = cookie("gradior-form");
    private final CookieCsrfTokenRepository host = cookie("__Host-gradior-form");

    private static CookieCsrfTokenRepository cookie(String name) {
        CookieCsrfTokenRepository cookie = new CookieCsrfTokenRepository();
        cookie.setCookieName(name);
        cookie.setHeaderName("X-CSRF-TOKEN");
        cookie.setCookiePath("/");
        cookie.setCookieCustomizer(c -> c.sameSite("Lax").maxAge(SessionConfig.IDLE));
        return cookie;
    }

    private CookieCsrfTokenRepository of(HttpServletRequest request) {
        return request.isSecure() ? host : plain;
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        return of(request).generateToken(request);
    }

    @Override
    public void saveToken(@Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        of(request).saveToken(token, request, response);
    }

    @Override
    public @Nullable CsrfToken loadToken(HttpServletRequest request) {
        return of(request).loadToken(request);
    }
}
