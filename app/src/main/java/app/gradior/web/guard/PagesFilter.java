package app.gradior.web.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** While somebody's page is made, from their session's being read on, programs make room for it. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class PagesFilter extends OncePerRequestFilter {
    /** Of programs, and of monitors. */
    private static final List<String> NOT_PAGES = List.of("/api/", "/feed/", "/health", "/metrics");

    private final PeopleFirst people;

    PagesFilter(PeopleFirst people) {
        this.people = people;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return NOT_PAGES.stream().anyMatch(request.getRequestURI()::startsWith);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try (PeopleFirst.Page page = people.page()) {
            chain.doFilter(request, response);
        }
    }
}
