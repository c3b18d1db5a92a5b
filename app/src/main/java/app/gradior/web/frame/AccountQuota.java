package app.gradior.web.frame;

import app.gradior.room.faults.TooMuch;
import app.gradior.web.guard.PlainAnswer;
import app.gradior.web.guard.Quotas;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/** An account's share of pages. */
final class AccountQuota extends OncePerRequestFilter {
    private final Quotas quotas;

    AccountQuota(Quotas quotas) {
        this.quotas = quotas;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        KitchenUser user = KitchenUser.signedIn().orElse(null);
        if (user != null) {
            try {
                quotas.take("account:" + user.mark(), 1);
            } catch (TooMuch wait) {
                PlainAnswer.write(
                        request, response, HttpStatus.TOO_MANY_REQUESTS, wait.getMessage() + ".", wait.seconds());
                return;
            }
        }
        chain.doFilter(request, response);
    }
}
