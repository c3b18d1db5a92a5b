package app.gradior.web.account;

import app.gradior.access.TooManyTries;
import app.gradior.finding.Fault;
import app.gradior.room.words.Told;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;

/** How a form says that its next try is taken later. */
final class Waits {
    private Waits() {}

    /** What the page says of it; a program reads the same from status and Retry-After. */
    static List<Fault> told(TooManyTries wait, String field, HttpServletResponse response) {
        response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
        response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(wait.seconds()));
        return List.of(fault(wait, field));
    }

    static Fault fault(TooManyTries wait, String field) {
        return new Fault(field, Told.of("account.wait-before-another-try", wait.seconds()));
    }
}
