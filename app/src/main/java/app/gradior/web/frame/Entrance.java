package app.gradior.web.frame;

import app.gradior.access.SignIn;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;

/** The one way in: a fresh session under a new id, the old one ended, the device known from now on. */
@Component
public class Entrance {
    private static final String DEVICE = "gradior-device";
    private static final String HOST_DEVICE = "__Host-gradior-device";
    private static final int DEVICE_BYTES = 16;

    private final SignIn signIn;
    private final SecurityContextRepository contexts;
    private final FreshSession freshSession;
    private final SessionAuthenticationStrategy freshToken;
    private final SecureRandom random = new SecureRandom();

    Entrance(
            SignIn signIn,
            SecurityContextRepository contexts,
            FreshSession freshSession,
            CsrfTokenRepository formTokens) {
        this.signIn = signIn;
        this.contexts = contexts;
        this.freshSession = freshSession;
        this.freshToken = new CsrfAuthenticationStrategy(formTokens);
    }

    /** Signs in whoever needs no password: into the demo kitchen, or the one just made. */
    public void enter(String login, HttpServletRequest request, HttpServletResponse response) {
        SignIn.Account account = signIn.account(login).orElseThrow();
        KitchenUser user = new KitchenUser(account.kitchenId(), account.id(), account.login());
        Authentication authentication =
                UsernamePasswordAuthenticationToken.authenticated(user, null, user.getAuthorities());
        freshSession.onAuthentication(authentication, request, response);
        freshToken.onAuthentication(authentication, request, response);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(authentication);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        cameIn(user, request, response);
    }

    /** Somebody is in. */
    void cameIn(KitchenUser user, HttpServletRequest request, HttpServletResponse response) {
        SessionsOfMine.note(request);
        String device = device(request);
        if (device.isEmpty()) {
            byte[] bytes = new byte[DEVICE_BYTES];
            random.nextBytes(bytes);
            device = HexFormat.of().formatHex(bytes);
        }
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(request.isSecure() ? HOST_DEVICE : DEVICE, device)
                        .path("/")
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Lax")
                        .maxAge(SignIn.DEVICE_KNOWN)
                        .build()
                        .toString());
        signIn.cameIn(
                new SignIn.Account(user.accountId(), user.kitchenId(), user.username()),
                request.getRemoteAddr(),
                device);
    }

    /** The mark of the device that asks; empty for none. */
    public static String device(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        if (cookies != null) {
            for (Cookie cookie : cookies) {
                if (cookie.getName().equals(request.isSecure() ? HOST_DEVICE : DEVICE)
                        && cookie.getValue().matches("[0-9a-f]{" + 2 * DEVICE_BYTES + "}")) {
                    return cookie.getValue();
                }
            }
        }
        return "";
    }
}
