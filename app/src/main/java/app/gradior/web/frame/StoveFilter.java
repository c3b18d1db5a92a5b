package app.gradior.web.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Pattern;
import org.springframework.http.HttpMethod;
import org.springframework.web.filter.OncePerRequestFilter;

/** A paired device whose session is over comes in again by itself, as it asks for a page. */
final class StoveFilter extends OncePerRequestFilter {
    /** The door itself needs nobody. */
    private static final Pattern NOBODYS =
            Pattern.compile("/(trust|join|manifest\\.webmanifest|favicon\\.ico|login|setup|demo|error)(/.*)?");

    private final Entrance entrance;

    StoveFilter(Entrance entrance) {
        this.entrance = entrance;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (HttpMethod.GET.matches(request.getMethod())
                && KitchenUser.signedIn().isEmpty()
                && !PageParts.are(request.getRequestURI())
                && !NOBODYS.matcher(request.getRequestURI()).matches()) {
            String secret = Entrance.stove(request);
            if (!secret.isEmpty()) {
                entrance.enterDevice(secret, request, response);
            }
        }
        chain.doFilter(request, response);
    }
}
