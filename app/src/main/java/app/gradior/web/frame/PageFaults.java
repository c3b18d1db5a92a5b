package app.gradior.web.frame;

import app.gradior.kitchen.Refusal;
import app.gradior.web.api.Problems;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.ModelAndView;

/** What a page that cannot be shown says instead. */
@ControllerAdvice(basePackages = "app.gradior.web")
@Order(100)
class PageFaults {

    @ExceptionHandler
    Object refused(Refusal refusal, HttpServletRequest request) {
        HttpStatus status = Problems.status(refusal.kind());
        String accept = request.getHeader("Accept");
        if (accept != null && accept.contains("json")) {
            return ResponseEntity.status(status)
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(Problems.problem(status, refusal.faults()));
        }
        String message = refusal.faults().isEmpty()
                ? "This cannot be done."
                : refusal.faults().get(0).message();
        return page(status, message);
    }

    /** An id that is no number is an id of nothing. */
    @ExceptionHandler
    ModelAndView noSuchThing(MethodArgumentTypeMismatchException e) {
        return page(HttpStatus.NOT_FOUND, "There is no such thing in this kitchen.");
    }

    /** A file larger than any recipe. */
    @ExceptionHandler
    ModelAndView tooLarge(MaxUploadSizeExceededException e) {
        return page(HttpStatus.CONTENT_TOO_LARGE, "This file is too large: at most 40 MB is taken.");
    }

    private static ModelAndView page(HttpStatus status, String message) {
        ModelAndView view = new ModelAndView("fault");
        view.setStatus(status);
        view.addObject("message", message);
        view.addObject("missing", status == HttpStatus.NOT_FOUND);
        return view;
    }
}
