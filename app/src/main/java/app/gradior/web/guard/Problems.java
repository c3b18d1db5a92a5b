package app.gradior.web.guard;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.room.words.Words;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;

/** Problem details of RFC 9457, with the path of each field that is wrong. */
public final class Problems {
    private Problems() {}

    /** One fault as a program is told of it. */
    private record Worded(String field, String message) {}

    /** The body of a problem answer. */
    public static ProblemDetail problem(HttpStatusCode status, List<Fault> faults) {
        ProblemDetail problem = ProblemDetail.forStatus(status);
        if (!faults.isEmpty()) {
            problem.setDetail(Words.say(faults.get(0)));
            problem.setProperty("field", faults.get(0).field());
        }
        problem.setProperty(
                "errors",
                faults.stream().map(f -> new Worded(f.field(), Words.say(f))).toList());
        return problem;
    }

    /** The whole answer. */
    public static ResponseEntity<Object> answer(HttpStatusCode status, List<Fault> faults) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem(status, faults));
    }

    /** The answer to what would do later. */
    public static ResponseEntity<Object> later(HttpStatusCode status, long seconds, Fault fault) {
        return ResponseEntity.status(status)
                .header(HttpHeaders.RETRY_AFTER, Long.toString(seconds))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem(status, List.of(fault)));
    }

    public static HttpStatus status(Refusal.Kind kind) {
        return switch (kind) {
            case MALFORMED -> HttpStatus.BAD_REQUEST;
            case MISSING -> HttpStatus.NOT_FOUND;
            case CONFLICT -> HttpStatus.CONFLICT;
            case UNFIT -> HttpStatus.UNPROCESSABLE_CONTENT;
        };
    }
}
