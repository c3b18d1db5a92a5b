package app.gradior.web.frame;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.room.faults.CannotReckon;
import app.gradior.room.faults.TooMuch;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.web.guard.DatabaseAway;
import app.gradior.web.guard.PlainAnswer;
import app.gradior.web.guard.Problems;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.ModelAndView;

/** What a page that cannot be shown says instead. */
@ControllerAdvice(basePackages = "app.gradior.web")
@Order(100)
class PageFaults {
    private static final Logger LOG = LoggerFactory.getLogger(PageFaults.class);

    @ExceptionHandler
    Object refused(Refusal refusal, HttpServletRequest request) {
        HttpStatus status = Problems.status(refusal.kind());
        String accept = request.getHeader("Accept");
        if (accept != null && accept.contains("json")) {
            return Problems.answer(status, refusal.faults());
        }
        String message = refusal.faults().isEmpty()
                ? Words.text("page-faults.this-cannot-be-done")
                : Words.say(refusal.faults().get(0));
        return page(status, message);
    }

    /** The page of a batch that cannot be reckoned says why, and how it can be mended. */
    @ExceptionHandler
    Object cannotReckon(CannotReckon odd, HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (PlainAnswer.wantsProblem(request)) {
            return Problems.answer(
                    HttpStatus.UNPROCESSABLE_CONTENT, List.of(new Fault("batch", Told.of("odd.batch", odd.why()))));
        }
        ModelAndView view = new ModelAndView("pot/cannot");
        view.addObject("batchId", odd.batchId());
        view.addObject("name", odd.name());
        view.addObject("why", Words.say(odd.why()));
        return view;
    }

    /** More than a kitchen's share is asked. */
    @ExceptionHandler
    void tooMuch(TooMuch wait, HttpServletRequest request, HttpServletResponse response) throws IOException {
        PlainAnswer.write(request, response, HttpStatus.TOO_MANY_REQUESTS, wait.getMessage() + ".", wait.seconds());
    }

    /** The database is away, or its disk full; anything else goes on as it is. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    void database(RuntimeException fault, HttpServletRequest request, HttpServletResponse response) throws IOException {
        String says = DatabaseAway.says(fault).orElseThrow(() -> fault);
        LOG.warn("database away at {} {}: {}", request.getMethod(), request.getRequestURI(), fault.toString());
        PlainAnswer.write(request, response, HttpStatus.SERVICE_UNAVAILABLE, says, DatabaseAway.RETRY_AFTER_S);
    }

    /** An id that is no number is an id of nothing. */
    @ExceptionHandler
    ModelAndView noSuchThing(MethodArgumentTypeMismatchException e) {
        return page(HttpStatus.NOT_FOUND, Words.text("page-faults.there-is-no-such-thing-in"));
    }

    /** A file larger than any recipe. */
    @ExceptionHandler
    ModelAndView tooLarge(MaxUploadSizeExceededException e) {
        return page(HttpStatus.CONTENT_TOO_LARGE, Words.text("page-faults.this-file-is-too-large-at"));
    }

    /** A form without the file it is for. */
    @ExceptionHandler
    ModelAndView noFile(MultipartException e) {
        return page(HttpStatus.BAD_REQUEST, Words.text("page-faults.there-is-no-file-in-what"));
    }

    private static ModelAndView page(HttpStatus status, String message) {
        ModelAndView view = new ModelAndView("fault");
        view.setStatus(status);
        view.addObject("message", message);
        view.addObject("missing", status == HttpStatus.NOT_FOUND);
        return view;
    }
}
