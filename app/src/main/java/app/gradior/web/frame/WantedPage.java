package app.gradior.web.frame;

import app.gradior.web.guard.PlainAnswer;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URI;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.SavedRequest;

/** Where somebody wanted to go when the door stopped them: kept in their browser, until they are in. */
public final class WantedPage {
    static final CookieRequestCache KEPT = new CookieRequestCache();

    static {
        KEPT.setRequestMatcher(WantedPage::isAPage);
    }

    private WantedPage() {}

    /** Whether it would be shown as a page: what a page's scripts go on asking for once nobody is signed in leads nowhere. */
    private static boolean isAPage(HttpServletRequest request) {
        String accepts = request.getHeader("Accept");
        String mode = request.getHeader("Sec-Fetch-Mode"); // not told by browsers over plain http
        return request.getMethod().equals("GET")
                && accepts != null
                && accepts.contains("text/html")
                && (mode == null || mode.equals("navigate"))
                && !PlainAnswer.wantsProblem(request);
    }

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
