package app.gradior.web.guard;

import app.gradior.room.words.Language;
import app.gradior.room.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.web.util.HtmlUtils;

/** Answers that need neither session nor database nor template: a problem for programs and scripts, a plain page for people. */
public final class PlainAnswer {
    private PlainAnswer() {}

    /** Whether a script or a program asks: it reads problems, and no pages. */
    public static boolean wantsProblem(HttpServletRequest request) {
        String accept = request.getHeader("Accept");
        return request.getRequestURI().startsWith("/api/")
                || request.getHeader("X-Requested-By") != null
                || accept != null && accept.contains("json");
    }

    /**
     * Writes it, unless an answer is on its way already.
     *
     * @param retryAfterS seconds after which to ask again; 0 to say nothing of it
     */
    public static void write(
            HttpServletRequest request, HttpServletResponse response, HttpStatus status, String says, long retryAfterS)
            throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.resetBuffer();
        response.setStatus(status.value());
        response.setHeader("Cache-Control", "no-store");
        if (retryAfterS > 0) {
            response.setHeader("Retry-After", Long.toString(retryAfterS));
        }
        boolean problem = wantsProblem(request);
        response.setContentType(problem ? "application/problem+json" : "text/html;charset=UTF-8");
        String body = problem ? problem(status, says) : page(status, says, retryAfterS);
        response.getOutputStream().write(body.getBytes(StandardCharsets.UTF_8));
        response.flushBuffer();
    }

    private static String problem(HttpStatus status, String says) {
        return "{\"type\":\"about:blank\",\"title\":\"" + status.getReasonPhrase() + "\",\"status\":" + status.value()
                + ",\"detail\":\"" + says + "\",\"errors\":[]}";
    }

    private static String page(HttpStatus status, String says, long retryAfterS) {
        return "<!DOCTYPE html><html lang=\"" + Language.now().tag() + "\"><head><meta charset=\"utf-8\"><title>"
                + status.getReasonPhrase()
                + " · Gradior</title><meta name=\"viewport\" content=\"width=device-width\">"
                + "<link rel=\"stylesheet\" href=\"/css/gradior.css\">"
                + (retryAfterS > 0 ? "<meta http-equiv=\"refresh\" content=\"" + retryAfterS + "\">" : "")
                + "</head><body><main class=\"door\"><h1>" + Words.text("plain-answer.one-moment")
                + "</h1><p class=\"lead\">"
                + HtmlUtils.htmlEscape(says)
                + "</p></main></body></html>";
    }
}
