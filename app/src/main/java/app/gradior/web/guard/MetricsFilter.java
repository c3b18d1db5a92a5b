package app.gradior.web.guard;

import app.gradior.room.house.GradiorProperties;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A port of its own on this machine's loopback, where nothing is answered but how this node is doing, in Prometheus' text format. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class MetricsFilter extends OncePerRequestFilter {
    private static final String FORMAT = "text/plain; version=0.0.4; charset=utf-8";

    private final int port;
    private final PrometheusMeterRegistry registry;

    MetricsFilter(GradiorProperties properties, PrometheusMeterRegistry registry) {
        this.port = properties.metricsPort();
        this.registry = registry;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (port == 0 || request.getLocalPort() != port) {
            chain.doFilter(request, response);
            return;
        }
        if (!request.getRequestURI().equals("/metrics") || !request.getMethod().equals("GET")) {
            response.setStatus(HttpStatus.NOT_FOUND.value());
            return;
        }
        response.setContentType(FORMAT);
        registry.scrape(response.getOutputStream(), FORMAT);
    }
}
