package app.gradior.web.guard;

import app.gradior.room.house.GradiorProperties;
import app.gradior.room.words.Words;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Only hosts that are ours are answered: this machine's loopback names, and those that {@code GRADIOR_HOSTS} lists. Another name would
 * come back in addresses, or be a page elsewhere that had its name point here.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class HostFilter extends OncePerRequestFilter {
    private final Set<String> hosts = new HashSet<>(ThisMachine.NAMES);

    HostFilter(GradiorProperties properties) {
        properties.hosts().forEach(host -> hosts.add(host.strip().toLowerCase(Locale.ROOT)));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hosts.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            PlainAnswer.write(
                    request,
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    Words.text("host-filter.this-name-is-not-one-of"),
                    0);
            return;
        }
        chain.doFilter(request, response);
    }
}
