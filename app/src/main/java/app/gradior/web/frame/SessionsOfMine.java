package app.gradior.web.frame;

import app.gradior.access.Hashes;
import app.gradior.room.house.Erasure;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where an account is signed in, and ending that. */
@Component
public class SessionsOfMine {
    /** What the browser says it is, kept with its session. */
    static final String AGENT = "agent";

    private static final int LONGEST_AGENT = 200;
    private static final int KEY_DIGITS = 24;

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final ApplicationEventPublisher publisher;

    SessionsOfMine(FindByIndexNameSessionRepository<? extends Session> sessions, ApplicationEventPublisher publisher) {
        this.sessions = sessions;
        this.publisher = publisher;
    }

    /**
     * A session of an account.
     *
     * @param key what ends it; says nothing of the session's own name
     * @param agent what the browser said it is
     * @param here whether it is the one that asks
     */
    public record Mine(String key, String agent, Instant began, Instant used, boolean here) {}

    /** Keeps with a fresh session what browser it is. */
    static void note(HttpServletRequest request) {
        String agent = String.valueOf(request.getHeader("User-Agent"));
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.setAttribute(AGENT, agent.substring(0, Math.min(LONGEST_AGENT, agent.length())));
        }
    }

    /** All of an account, the last used first. */
    public List<Mine> of(String login, HttpServletRequest request) {
        HttpSession now = request.getSession(false);
        String here = now == null ? "" : now.getId();
        return all(login).values().stream()
                .map(session -> new Mine(
                        key(session.getId()),
                        String.valueOf((Object) session.getAttribute(AGENT)),
                        session.getCreationTime(),
                        session.getLastAccessedTime(),
                        session.getId().equals(here)))
                .sorted(Comparator.comparing(Mine::used).reversed())
                .toList();
    }

    /** Ends the one of that key; nothing when there is none of this account. */
    public void end(String login, String key) {
        all(login).keySet().stream().filter(id -> key(id).equals(key)).forEach(this::end);
    }

    /** Ends all but the one that asks. */
    public void endOthers(String login, HttpServletRequest request) {
        HttpSession now = request.getSession(false);
        String here = now == null ? "" : now.getId();
        all(login).keySet().stream().filter(id -> !id.equals(here)).forEach(this::end);
    }

    /** Ends all of somebody's. */
    public void endAll(String login) {
        all(login).keySet().forEach(this::end);
    }

    @EventListener
    void gone(Erasure.AccountGone account) {
        endAll(account.login());
    }

    /** Ends all of a device's. */
    public void endDevice(long deviceId) {
        endAll(KitchenUser.ofDevice(deviceId));
    }

    /** Ends the one that asks. */
    void end(HttpSession session) {
        publisher.publishEvent(new SessionEnded(session.getId()));
        session.invalidate();
    }

    private void end(String id) {
        publisher.publishEvent(new SessionEnded(id));
        sessions.deleteById(id);
    }

    private Map<String, ? extends Session> all(String login) {
        return sessions.findByPrincipalName(login);
    }

    /** A session's name is a secret: pages show what cannot be turned back into it. */
    private static String key(String id) {
        return Hashes.sha256(id).substring(0, KEY_DIGITS);
    }
}
