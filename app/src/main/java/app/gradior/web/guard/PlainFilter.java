package app.gradior.web.guard;

import app.gradior.room.house.GradiorProperties;
import app.gradior.room.words.Words;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Across the house plain http only leads to https: pages are sent there, and what would have been done is not done. This machine itself goes
 * on by plain http, as without a house.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class PlainFilter extends OncePerRequestFilter {
    private static final Set<String> THIS_MACHINE = Set.of("127.0.0.1", "0:0:0:0:0:0:0:1", "::1");
    private static final Set<String> READS = Set.of("GET", "HEAD");
    private static final int HTTPS = 443;

    private final boolean open;
    private final int securePort;

    PlainFilter(GradiorProperties properties) {
        this.open = properties.house().open();
        this.securePort = properties.house().addresses().stream()
                .map(URI::create)
                .mapToInt(URI::getPort)
                .findFirst()
                .orElse(HTTPS);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!open || request.isSecure() || THIS_MACHINE.contains(request.getLocalAddr())) {
            chain.doFilter(request, response);
            return;
        }
        if (!READS.contains(request.getMethod())) {
            PlainAnswer.write(
                    request, response, HttpStatus.UPGRADE_REQUIRED, Words.text("plain-filter.by-https-only"), 0);
            return;
        }
        // Only names that are ours come so far: HostFilter was here before.
        String query = request.getQueryString() == null ? "" : "?" + request.getQueryString();
        String port = securePort == HTTPS || securePort < 0 ? "" : ":" + securePort;
        response.setStatus(HttpStatus.PERMANENT_REDIRECT.value());
        response.setHeader(
                HttpHeaders.LOCATION, "https://" + request.getServerName() + port + request.getRequestURI() + query);
    }
}
