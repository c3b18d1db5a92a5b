package app.gradior.web.api;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.room.batch.EventJson;
import app.gradior.room.faults.CannotReckon;
import app.gradior.room.faults.TooMuch;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.guard.DatabaseAway;
import app.gradior.web.guard.Problems;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;

/** Every refusal of the API as a problem that names its field; what the framework refuses is worded by the framework. */
@Order(1)
@RestControllerAdvice(basePackageClasses = ApiFaults.class)
class ApiFaults extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ApiFaults.class);

    @ExceptionHandler
    ResponseEntity<Object> refused(Refusal refusal) {
        return Problems.answer(Problems.status(refusal.kind()), refusal.faults());
    }

    @ExceptionHandler
    ResponseEntity<Object> unreadable(JacksonException e) {
        return refused(EventJson.refusal(e));
    }

    @ExceptionHandler
    ResponseEntity<Object> forbidden(ApiCaller.Forbidden e) {
        return Problems.answer(
                HttpStatus.FORBIDDEN, List.of(new Fault("Authorization", String.valueOf(e.getMessage()))));
    }

    @ExceptionHandler
    ResponseEntity<Object> cannotReckon(CannotReckon odd) {
        return Problems.answer(
                HttpStatus.UNPROCESSABLE_CONTENT,
                List.of(new Fault("batch", Told.of("odd.batch-of", odd.batchId(), odd.why()))));
    }

    @ExceptionHandler
    ResponseEntity<Object> tooMuch(TooMuch e) {
        return Problems.later(
                HttpStatus.TOO_MANY_REQUESTS, e.seconds(), new Fault("Authorization", String.valueOf(e.getMessage())));
    }

    @ExceptionHandler
    ResponseEntity<Object> broken(Exception e) {
        Optional<String> away = DatabaseAway.says(e);
        if (away.isPresent()) {
            return Problems.later(
                    HttpStatus.SERVICE_UNAVAILABLE, DatabaseAway.RETRY_AFTER_S, new Fault("", away.get()));
        }
        LOG.error("API call failed", e);
        return Problems.answer(
                HttpStatus.INTERNAL_SERVER_ERROR,
                List.of(new Fault("", Told.of("api-faults.something-broke-on-our-side-it"))));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return e.getCause() instanceof JacksonException jackson
                ? unreadable(jackson)
                : Problems.answer(status, List.of(new Fault("body", Told.of("api-faults.a-json-body-is-needed"))));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String name = e instanceof MethodArgumentTypeMismatchException argument
                ? argument.getName()
                : String.valueOf(e.getPropertyName());
        return name.equals("id")
                ? refused(Refusal.missing(Thing.BATCH))
                : Problems.answer(
                        status,
                        List.of(new Fault(
                                name, Told.of("api-faults.cannot-be-read-here", String.valueOf(e.getValue())))));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return Problems.answer(
                status, List.of(new Fault(e.getParameterName(), Told.of("api-faults.this-parameter-is-missing"))));
    }

    /** Whatever else the framework refuses, with its own words. */
    @Override
    protected ResponseEntity<Object> createResponseEntity(
            @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String words = body instanceof ProblemDetail problem && problem.getDetail() != null
                ? problem.getDetail()
                : Words.text("api-faults.this-cannot-be-done");
        return ResponseEntity.status(status)
                .headers(headers)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(Problems.problem(status, List.of(new Fault("", words))));
    }
}
