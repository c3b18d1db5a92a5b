package app.gradior.web.frame;

import app.gradior.access.Audit;
import app.gradior.access.Members;
import app.gradior.access.SecondStep;
import app.gradior.access.SignIn;
import app.gradior.access.StoveDevices;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.HexFormat;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Optional;
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
    private static final int DEVICE_BYTES = 16;
    /** A paired device's secret. */
    private static final String STOVE = "gradior-stove";

    /** Of what {@code Hashes.secret} makes. */
    private static final int SECRET_DIGITS = 48;
    /** Between the two steps. */
    private static final String HALF_IN = "gradior-half";

    /** Browsers keep no cookie for longer; each time the device comes in it is given anew. */
    private static final Duration STOVE_KEPT = Duration.ofDays(400);

    private final SignIn signIn;
    private final Members members;
    private final StoveDevices devices;
    private final Audit audit;
    private final SecurityContextRepository contexts;
    private final FreshSession freshSession;
    private final SessionAuthenticationStrategy freshToken;
    private final SecureRandom random = new SecureRandom();

    Entrance(
            SignIn signIn,
            Members members,
            StoveDevices devices,
            Audit audit,
            SecurityContextRepository contexts,
            FreshSession freshSession,
            CsrfTokenRepository formTokens) {
        this.signIn = signIn;
        this.members = members;
        this.devices = devices;
        this.audit = audit;
        this.contexts = contexts;
        this.freshSession = freshSession;
        this.freshToken = new CsrfAuthenticationStrategy(formTokens);
    }

    /** Signs in whoever needs no password: into the kitchen just made or joined. */
    public void enter(String login, HttpServletRequest request, HttpServletResponse response) {
        enterFirst(KitchenUser.of(signIn.account(login).orElseThrow()), request, response);
    }

    /** Signs in whoever showed two things, or is asked for none: the demo's cook. */
    public void enterByTwo(String login, HttpServletRequest request, HttpServletResponse response) {
        enterFirst(KitchenUser.of(signIn.account(login).orElseThrow()).withTwo(), request, response);
        cookie(HALF_IN, "", SecondStep.HALF_IN, request, response);
    }

    private void enterFirst(KitchenUser user, HttpServletRequest request, HttpServletResponse response) {
        enter(user, request, response);
        cameIn(user, request, response);
    }

    /** Somebody who is in showed a second thing: their session is a fresh one. */
    public void strengthen(KitchenUser user, HttpServletRequest request, HttpServletResponse response) {
        enter(user.withTwo(), request, response);
    }

    /** A password fitted, and a code is wanted: the browser keeps who it was for a few minutes. */
    static void halfIn(String ticket, HttpServletRequest request, HttpServletResponse response) {
        cookie(HALF_IN, ticket, SecondStep.HALF_IN, request, response);
    }

    /** What tells whose password fitted here; empty for nobody's. */
    public static String halfIn(HttpServletRequest request) {
        return cookie(HALF_IN, SECRET_DIGITS, request);
    }

    private void enter(KitchenUser user, HttpServletRequest request, HttpServletResponse response) {
        Authentication authentication =
                UsernamePasswordAuthenticationToken.authenticated(user, null, user.getAuthorities());
        freshSession.onAuthentication(authentication, request, response);
        freshToken.onAuthentication(authentication, request, response);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(authentication);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        SessionsOfMine.note(request);
    }

    /**
     * Somebody goes over to another kitchen of their own, in a fresh session.
     *
     * @throws NoSuchElementException when it is none of theirs
     */
    public void go(KitchenUser user, long kitchenId, HttpServletRequest request, HttpServletResponse response) {
        if (members.role(kitchenId, user.accountId()).isEmpty()) {
            throw new NoSuchElementException("kitchen " + kitchenId);
        }
        members.wentTo(user.accountId(), kitchenId);
        enter(user.in(kitchenId), request, response);
    }

    /** A device that was just paired, or whose session is over, comes in by its secret; false when it is paired no more. */
    public boolean enterDevice(String secret, HttpServletRequest request, HttpServletResponse response) {
        Optional<StoveDevices.Device> device = devices.find(secret);
        if (device.isPresent()) {
            enter(KitchenUser.of(device.get()), request, response);
            audit.note(device.get().kitchenId(), 0, device.get().name(), Audit.What.SIGNED_IN, "");
        }
        cookie(STOVE, device.isPresent() ? secret : "", STOVE_KEPT, request, response);
        return device.isPresent();
    }

    /** A device is paired no more. */
    void leave(KitchenUser device, HttpServletRequest request, HttpServletResponse response) {
        if (devices.device(device.kitchenId(), device.deviceId()).isPresent()) {
            devices.end(device.kitchenId(), device.deviceId());
        }
        cookie(STOVE, "", STOVE_KEPT, request, response);
    }

    /** The secret that the browser has as a paired device; empty for none. */
    static String stove(HttpServletRequest request) {
        return cookie(STOVE, SECRET_DIGITS, request);
    }

    /** Somebody came in through the sign-in form, which made their session. */
    void cameThroughTheForm(KitchenUser user, HttpServletRequest request, HttpServletResponse response) {
        SessionsOfMine.note(request);
        cameIn(user, request, response);
    }

    private void cameIn(KitchenUser user, HttpServletRequest request, HttpServletResponse response) {
        audit.note(user.kitchenId(), user.accountId(), user.username(), Audit.What.SIGNED_IN, "");
        String device = device(request);
        if (device.isEmpty()) {
            byte[] bytes = new byte[DEVICE_BYTES];
            random.nextBytes(bytes);
            device = HexFormat.of().formatHex(bytes);
        }
        cookie(DEVICE, device, SignIn.DEVICE_KNOWN, request, response);
        signIn.cameIn(
                new SignIn.Account(user.accountId(), user.kitchenId(), user.username()),
                request.getRemoteAddr(),
                device);
    }

    /** The mark of the device that asks; empty for none. */
    public static String device(HttpServletRequest request) {
        return cookie(DEVICE, 2 * DEVICE_BYTES, request);
    }

    /** Where a try of a password or a code comes from; with the word of whoever runs this computer, if the form has one. */
    public static SignIn.From from(HttpServletRequest request) {
        return new SignIn.From(
                request.getRemoteAddr(), device(request), Objects.toString(request.getParameter("word"), ""));
    }

    private static String name(String name, HttpServletRequest request) {
        return request.isSecure() ? "__Host-" + name : name;
    }

    // Wide: a cookie, and for whom.
    private static void cookie(
            String name, String value, Duration kept, HttpServletRequest request, HttpServletResponse response) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(name(name, request), value)
                        .path("/")
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Lax")
                        .maxAge(value.isEmpty() ? Duration.ZERO : kept)
                        .build()
                        .toString());
    }

    private static String cookie(String name, int digits, HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        if (cookies != null) {
            for (Cookie cookie : cookies) {
                if (cookie.getName().equals(name(name, request))
                        && cookie.getValue().matches("[0-9a-f]{" + digits + "}")) {
                    return cookie.getValue();
                }
            }
        }
        return "";
    }
}
