package app.gradior.web.frame;

import app.gradior.room.words.Words;
import app.gradior.web.guard.PlainAnswer;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/** Nobody who is not signed in sends files: they are not even looked through for their form's token. */
final class FilesOfCooks extends OncePerRequestFilter {
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String type = request.getContentType();
        return type == null || !type.toLowerCase(java.util.Locale.ROOT).startsWith("multipart/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (KitchenUser.signedIn().isEmpty()) {
            PlainAnswer.write(
                    request,
                    response,
                    HttpStatus.UNAUTHORIZED,
                    Words.text("files-of-cooks.sign-in-first-then-send-the"),
                    0);
            return;
        }
        chain.doFilter(request, response);
    }
}
