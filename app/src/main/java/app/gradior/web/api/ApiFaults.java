package app.gradior.web.api;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.room.batch.EventJson;
import app.gradior.room.fault.CannotReckon;
import app.gradior.room.fault.TooMuch;
import app.gradior.web.guard.DatabaseAway;
import app.gradior.web.guard.Problems;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;

/** Every refusal of the API as a problem that names its field. */
@Order(1)
@RestControllerAdvice(basePackageClasses = ApiFaults.class)
class ApiFaults {
    private static final Logger LOG = LoggerFactory.getLogger(ApiFaults.class);

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> refused(Refusal refusal) {
        return answer(Problems.status(refusal.kind()), refusal.faults());
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> unreadable(HttpMessageNotReadableException e) {
        if (e.getCause() instanceof JacksonException jackson) {
            return refused(EventJson.refusal(jackson));
        }
        return answer(HttpStatus.BAD_REQUEST, List.of(new Fault("body", "a JSON body is needed")));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> unreadable(JacksonException e) {
        return refused(EventJson.refusal(e));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> wrongType(MethodArgumentTypeMismatchException e) {
        if (e.getName().equals("id")) {
            return refused(Refusal.missing("batch"));
        }
        return answer(
                HttpStatus.BAD_REQUEST, List.of(new Fault(e.getName(), "'" + e.getValue() + "' cannot be read here")));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> forbidden(ApiCaller.Forbidden e) {
        return answer(HttpStatus.FORBIDDEN, List.of(new Fault("Authorization", String.valueOf(e.getMessage()))));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> missing(MissingServletRequestParameterException e) {
        return answer(HttpStatus.BAD_REQUEST, List.of(new Fault(e.getParameterName(), "this parameter is missing")));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> notJson(HttpMediaTypeNotSupportedException e) {
        return answer(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE, List.of(new Fault("Content-Type", "application/json expected")));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> wrongMethod(HttpRequestMethodNotSupportedException e) {
        return answer(HttpStatus.METHOD_NOT_ALLOWED, List.of(new Fault("method", String.valueOf(e.getMessage()))));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> cannotReckon(CannotReckon odd) {
        return answer(
                HttpStatus.UNPROCESSABLE_CONTENT,
                List.of(new Fault("batch", "batch " + odd.batchId() + " cannot be reckoned: " + odd.why())));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> tooMuch(TooMuch e) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, Long.toString(e.seconds()))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(Problems.problem(
                        HttpStatus.TOO_MANY_REQUESTS,
                        List.of(new Fault("Authorization", String.valueOf(e.getMessage())))));
    }

    /** Whoever listened is gone: there is nobody to answer. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException e) {
        LOG.debug("a listener is gone", e);
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> broken(Exception e) {
        Optional<String> away = DatabaseAway.says(e);
        if (away.isPresent()) {
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                    .header(HttpHeaders.RETRY_AFTER, Integer.toString(DatabaseAway.RETRY_AFTER_S))
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(Problems.problem(HttpStatus.SERVICE_UNAVAILABLE, List.of(new Fault("", away.get()))));
        }
        LOG.error("API call failed", e);
        return answer(
                HttpStatus.INTERNAL_SERVER_ERROR, List.of(new Fault("", "Something broke on our side; it is logged.")));
    }

    private static ResponseEntity<Map<String, Object>> answer(HttpStatus status, List<Fault> faults) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(Problems.problem(status, faults));
    }
}
