package app.gradior.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.session.SessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.stereotype.Component;

/**
 * A sign-in begins a session under a new id, and ends every session that the browser names: a planted cookie may stand beside the
 * browser's own, and whichever is ended first, the other would be taken up in its place.
 */
@Component
class FreshSession implements SessionAuthenticationStrategy {
    private final SessionRepository<?> sessions;
    private final CookieSerializer cookies;
    private final ApplicationEventPublisher publisher;

    FreshSession(SessionRepository<?> sessions, CookieSerializer cookies, ApplicationEventPublisher publisher) {
        this.sessions = sessions;
        this.cookies = cookies;
        this.publisher = publisher;
    }

    @Override
    public void onAuthentication(
            Authentication authentication, HttpServletRequest request, HttpServletResponse response) {
        end(request);
        request.getSession(true);
    }

    /** Ends all sessions that the request names. */
    void end(HttpServletRequest request) {
        for (String id : cookies.readCookieValues(request)) {
            publisher.publishEvent(new SessionEnded(id));
            sessions.deleteById(id);
        }
        HttpSession session = request.getSession(false);
        if (session != null) {
            publisher.publishEvent(new SessionEnded(session.getId()));
            session.invalidate();
        }
    }
}
