package app.gradior.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URI;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.SavedRequest;

/** Where somebody wanted to go when the door stopped them: kept in their browser, until they are in. */
public final class WantedPage {
    static final CookieRequestCache KEPT = new CookieRequestCache();

    private WantedPage() {}

    /** The page that was asked for before the sign-in, once: its path alone, whatever host a cookie says. */
    public static String of(HttpServletRequest request, HttpServletResponse response) {
        SavedRequest saved = KEPT.getRequest(request, response);
        if (saved == null) {
            return "/";
        }
        KEPT.removeRequest(request, response);
        try {
            URI asked = URI.create(saved.getRedirectUrl());
            String path = asked.getRawPath();
            boolean page = path != null && path.startsWith("/") && !path.startsWith("//") && !path.contains("\\");
            return page ? path + (asked.getRawQuery() == null ? "" : "?" + asked.getRawQuery()) : "/";
        } catch (IllegalArgumentException e) {
            return "/";
        }
    }
}
