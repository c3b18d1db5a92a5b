package app.gradior.web.guard;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;

/** Problem details of RFC 9457, with the path of each field that is wrong. */
public final class Problems {
    private Problems() {}

    /** The body of a problem answer. */
    public static Map<String, Object> problem(HttpStatus status, List<Fault> faults) {
        Map<String, Object> problem = new LinkedHashMap<>();
        problem.put("type", "about:blank");
        problem.put("title", status.getReasonPhrase());
        problem.put("status", status.value());
        if (!faults.isEmpty()) {
            problem.put("detail", faults.get(0).message());
            problem.put("field", faults.get(0).field());
        }
        problem.put("errors", faults);
        return problem;
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
