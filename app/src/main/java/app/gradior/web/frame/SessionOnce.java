package app.gradior.web.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Sessions, asked of the database once a request and written when something of them changed. The library asks a second time as it
 * finishes a request, to see whether the id that it just wrote is known, and writes the time of every access; that is kept to the minute
 * here, so a page within the same minute writes nothing.
 *
 * @param <S> a session of the repository behind
 */
final class SessionOnce<S extends Session> implements FindByIndexNameSessionRepository<SessionOnce.Kept<S>> {
    /** What this request wrote or found, by id; nothing outside of a request, and nothing of another one. */
    private static final ThreadLocal<@Nullable Map<String, Kept<?>>> KNOWN = new ThreadLocal<>();

    private final FindByIndexNameSessionRepository<S> behind;

    SessionOnce(FindByIndexNameSessionRepository<S> behind) {
        this.behind = behind;
    }

    @Override
    public Kept<S> createSession() {
        Kept<S> session = new Kept<>(behind.createSession());
        session.changed = true;
        return session;
    }

    @Override
    @SuppressWarnings("unchecked") // there is one repository, and so one kind of its sessions
    public @Nullable Kept<S> findById(String id) {
        Map<String, Kept<?>> mine = KNOWN.get();
        Kept<?> seen = mine == null ? null : mine.get(id);
        if (seen != null) {
            return (Kept<S>) seen;
        }
        S found = behind.findById(id);
        if (found == null) {
            return null;
        }
        Kept<S> session = new Kept<>(found);
        remember(session);
        return session;
    }

    @Override
    public void save(Kept<S> session) {
        if (session.changed) {
            behind.save(session.own);
            session.changed = false;
        }
        remember(session);
    }

    @Override
    public void deleteById(String id) {
        Map<String, Kept<?>> mine = KNOWN.get();
        if (mine != null) {
            mine.values().removeIf(session -> session.getId().equals(id));
        }
        behind.deleteById(id);
    }

    @Override
    public Map<String, Kept<S>> findByIndexNameAndIndexValue(String name, String value) {
        Map<String, Kept<S>> all = new LinkedHashMap<>();
        behind.findByIndexNameAndIndexValue(name, value).forEach((id, session) -> all.put(id, new Kept<>(session)));
        return all;
    }

    private void remember(Kept<S> session) {
        Map<String, Kept<?>> mine = KNOWN.get();
        if (mine != null) {
            mine.values().remove(session); // under the id that it had
            mine.put(session.getId(), session);
        }
    }

    /** Goes around the filter that finds sessions. */
    static final class Bounds extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            KNOWN.set(new HashMap<>());
            try {
                chain.doFilter(request, response);
            } finally {
                KNOWN.remove();
            }
        }
    }

    /** A session that knows whether it must be written. */
    static final class Kept<S extends Session> implements Session {
        private final S own;
        private boolean changed;

        private Kept(S own) {
            this.own = own;
        }

        @Override
        public String getId() {
            return own.getId();
        }

        @Override
        public String changeSessionId() {
            changed = true;
            return own.changeSessionId();
        }

        @Override
        public <T> @Nullable T getAttribute(String name) {
            return own.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return own.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            changed = true;
            own.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            changed = true;
            own.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return own.getCreationTime();
        }

        @Override
        public void setLastAccessedTime(Instant at) {
            Instant before = own.getLastAccessedTime();
            changed |= !at.truncatedTo(ChronoUnit.MINUTES).equals(before.truncatedTo(ChronoUnit.MINUTES));
            own.setLastAccessedTime(at);
        }

        @Override
        public Instant getLastAccessedTime() {
            return own.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            changed = true;
            own.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return own.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return own.isExpired();
        }
    }
}
