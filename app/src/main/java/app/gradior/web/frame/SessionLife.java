package app.gradior.web.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends a session that is older than any may be, however much it is used. */
final class SessionLife extends OncePerRequestFilter {
    private final Clock clock;

    SessionLife(Clock clock) {
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null && clock.millis() - session.getCreationTime() > SessionConfig.LONGEST.toMillis()) {
            session.invalidate();
        }
        chain.doFilter(request, response);
    }
}
