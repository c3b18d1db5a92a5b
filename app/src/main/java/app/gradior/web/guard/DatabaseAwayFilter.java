package app.gradior.web.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A plain answer while the database is away, wherever in the request it was missed: sessions come from it too. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class DatabaseAwayFilter extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAwayFilter.class);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            Optional<String> says = DatabaseAway.says(e);
            if (says.isEmpty()) {
                throw e;
            }
            LOG.warn("database away at {} {}: {}", request.getMethod(), request.getRequestURI(), e.toString());
            PlainAnswer.write(
                    request, response, HttpStatus.SERVICE_UNAVAILABLE, says.get(), DatabaseAway.RETRY_AFTER_S);
        }
    }
}
