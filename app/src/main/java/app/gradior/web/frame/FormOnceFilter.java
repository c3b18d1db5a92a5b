package app.gradior.web.frame;

import app.gradior.access.Hashes;
import app.gradior.room.house.SentForms;
import app.gradior.room.words.Words;
import app.gradior.web.guard.PlainAnswer;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.Part;
import java.io.IOException;
import java.util.Arrays;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A form that is sent is done once: the same form with the same words sent again, by a second tap or a reload, is answered with the
 * place that the first one led to. Every form of a page carries a mark of its own ({@link FormMark}); what scripts send does not count,
 * nor what was refused, since the page then comes back with a fresh mark.
 */
final class FormOnceFilter extends OncePerRequestFilter {
    private static final long ASK_AGAIN_MS = 50;
    private static final long LONGEST_WAIT_MS = 15_000;

    private final SentForms forms;

    FormOnceFilter(SentForms forms) {
        this.forms = forms;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !"POST".equals(request.getMethod())
                || request.getHeader("X-Requested-By") != null
                || request.getParameter(FormMark.FIELD) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        KitchenUser user = KitchenUser.signedIn().orElse(null);
        if (user == null) {
            chain.doFilter(request, response);
            return;
        }
        String key = key(request);
        for (long waited = 0; waited < LONGEST_WAIT_MS; waited += ASK_AGAIN_MS) {
            if (forms.begin(user.kitchenId(), key)) {
                once(user.kitchenId(), key, request, response, chain);
                return;
            }
            Optional<String> place = forms.sent(user.kitchenId(), key).map(SentForms.Sent::place);
            if (place.isPresent()) {
                response.setStatus(HttpStatus.SEE_OTHER.value());
                response.setHeader("Location", place.get());
                return;
            }
            // The first is still worked on; when it was refused, or only showed something, this one is looked at
            // itself.
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(ASK_AGAIN_MS));
        }
        PlainAnswer.write(
                request,
                response,
                HttpStatus.CONFLICT,
                Words.text("form-once-filter.this-form-is-still-being-worked"),
                0);
    }

    private void once(
            long kitchenId, String key, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean done = false;
        try {
            chain.doFilter(request, response);
            @Nullable String place = response.getHeader("Location");
            if (place != null && response.getStatus() < HttpStatus.BAD_REQUEST.value()) {
                forms.done(kitchenId, key, place);
                done = true;
            }
        } finally {
            if (!done) {
                forms.forget(kitchenId, key);
            }
        }
    }

    /** Mark, address and words of a form. */
    private static String key(HttpServletRequest request) throws IOException, ServletException {
        StringBuilder all = new StringBuilder(request.getRequestURI());
        new TreeMap<>(request.getParameterMap()).forEach((name, values) -> {
            if (!name.equals("_csrf")) {
                all.append('\n').append(name).append('=').append(Arrays.toString(values));
            }
        });
        String type = request.getContentType();
        if (type != null && type.startsWith("multipart/")) {
            for (Part part : request.getParts()) {
                all.append('\n').append(part.getSubmittedFileName()).append(part.getSize());
            }
        }
        return Hashes.sha256(all.toString());
    }
}
