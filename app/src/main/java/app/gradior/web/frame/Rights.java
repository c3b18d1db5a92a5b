package app.gradior.web.frame;

import app.gradior.access.Members;
import app.gradior.access.Right;
import app.gradior.access.SignIn;
import app.gradior.access.StoveDevices;
import app.gradior.room.house.GradiorProperties;
import app.gradior.room.words.Words;
import app.gradior.web.guard.PlainAnswer;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;

/**
 * Asks with every page what whoever is signed in may do in their kitchen now: what was changed or ended a moment ago counts at once. What
 * is read needs {@link Right#LOOK}, what is sent {@link Right#COOK}, unless a page says otherwise by {@link Needs}.
 */
@Component
public class Rights implements HandlerInterceptor {
    private static final Logger LOG = LoggerFactory.getLogger("app.gradior.access");
    private static final String STANDING = "gradior.standing";

    private final Members members;
    private final StoveDevices devices;
    private final SessionsOfMine sessions;
    private final boolean needsTwo;

    Rights(Members members, StoveDevices devices, SessionsOfMine sessions, GradiorProperties properties) {
        this.members = members;
        this.devices = devices;
        this.sessions = sessions;
        this.needsTwo = properties.needsTwo();
    }

    /** What whoever asks is in their kitchen, and what ends there; empty for nothing. */
    static Optional<Members.Standing> standing(HttpServletRequest request) {
        return request.getAttribute(STANDING) instanceof Members.Standing one ? Optional.of(one) : Optional.empty();
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        KitchenUser user = KitchenUser.signedIn().orElse(null);
        if (user == null || !(handler instanceof HandlerMethod method)) {
            return true;
        }
        Optional<Members.Standing> standing = standing(user);
        standing.ifPresent(one -> request.setAttribute(STANDING, one));
        Right needed = needed(method, request);
        if (needed == Right.NONE) {
            return true;
        }
        if (needsTwo && !user.byTwo() && !user.isDevice() && needed != Right.SELF) {
            return toThe("/account/second", "rights.needs-two", HttpStatus.FORBIDDEN, request, response);
        }
        if (standing.isPresent()) {
            return standing.get().role().may(needed) || refused(user.username(), request, response, needed);
        }
        if (user.isDevice()) {
            return over(request, response);
        }
        return needed == Right.SELF || nowhere(request, response);
    }

    private Optional<Members.Standing> standing(KitchenUser user) {
        return user.isDevice()
                ? devices.device(user.kitchenId(), user.deviceId()).map(device -> Members.Standing.STOVE)
                : members.standing(user.kitchenId(), user.accountId());
    }

    private static Right needed(HandlerMethod method, HttpServletRequest request) {
        @Nullable Needs says = AnnotatedElementUtils.findMergedAnnotation(method.getMethod(), Needs.class);
        if (says == null) {
            says = AnnotatedElementUtils.findMergedAnnotation(method.getBeanType(), Needs.class);
        }
        if (says != null) {
            return says.value();
        }
        boolean reads = HttpMethod.GET.matches(request.getMethod()) || HttpMethod.HEAD.matches(request.getMethod());
        return reads ? Right.LOOK : Right.COOK;
    }

    private static boolean refused(String who, HttpServletRequest request, HttpServletResponse response, Right needed)
            throws IOException {
        LOG.warn(
                "{} was refused {} {}: it needs {}",
                SignIn.shown(who),
                request.getMethod(),
                request.getRequestURI(),
                needed);
        PlainAnswer.write(request, response, HttpStatus.FORBIDDEN, Words.text("rights." + needed.name()), 0);
        return false;
    }

    /** A device that was ended: as if it never had been. */
    private boolean over(HttpServletRequest request, HttpServletResponse response) throws IOException {
        HttpSession session = request.getSession(false);
        if (session != null) {
            sessions.end(session);
        }
        SecurityContextHolder.clearContext();
        return toThe("/login", "rights.over", HttpStatus.UNAUTHORIZED, request, response);
    }

    /** A member of this kitchen no more: their account's page says what is left. */
    private static boolean nowhere(HttpServletRequest request, HttpServletResponse response) throws IOException {
        return toThe("/account?nowhere", "rights.over", HttpStatus.FORBIDDEN, request, response);
    }

    private static boolean toThe(
            String page, String why, HttpStatus status, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        if (PlainAnswer.wantsProblem(request)) {
            PlainAnswer.write(request, response, status, Words.text(why), 0);
        } else {
            response.sendRedirect(page);
        }
        return false;
    }
}
