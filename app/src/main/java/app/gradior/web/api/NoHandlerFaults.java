package app.gradior.web.api;

import app.gradior.finding.Fault;
import app.gradior.room.words.Words;
import app.gradior.web.guard.Problems;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.ErrorResponse;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.ModelAndView;
import tools.jackson.databind.json.JsonMapper;

/**
 * What no method of the API took, as a problem: a path that is not there, a wrong method, a wrong kind of content. Advice for the API's
 * controllers is not asked then, since there is no controller yet.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class NoHandlerFaults implements HandlerExceptionResolver {
    private static final String API = "/api/";

    private final JsonMapper json;

    NoHandlerFaults(JsonMapper json) {
        this.json = json;
    }

    @Override
    public @Nullable ModelAndView resolveException(
            HttpServletRequest request, HttpServletResponse response, @Nullable Object handler, Exception fault) {
        if (!request.getRequestURI().startsWith(API)
                || handler instanceof HandlerMethod
                || !(fault instanceof ErrorResponse refused)) {
            return null;
        }
        String detail = refused.getBody().getDetail();
        Fault said = new Fault("", detail == null ? Words.text("no-handler-faults.this-cannot-be-done") : detail);
        response.setStatus(refused.getStatusCode().value());
        refused.getHeaders().forEach((name, values) -> values.forEach(value -> response.addHeader(name, value)));
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        try {
            response.getOutputStream()
                    .write(json.writeValueAsBytes(Problems.problem(refused.getStatusCode(), List.of(said))));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
        return new ModelAndView();
    }
}
