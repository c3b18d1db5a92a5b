package app.gradior.web.frame;

import app.gradior.access.Audit;
import app.gradior.room.batch.Acting;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;

/** Notes what {@link Audited} pages did, once they did it: one that refuses, or fails, leaves no trace here but in the log. */
@Component
public class AuditTrail implements HandlerInterceptor {
    private static final String BEFORE = AuditTrail.class.getName() + ".before";
    private static final String ABOUT = AuditTrail.class.getName() + ".about";

    private final Audit audit;
    private final Acting acting;

    AuditTrail(Audit audit, Acting acting) {
        this.audit = audit;
        this.acting = acting;
    }

    /** Somebody in a kitchen, as they are called there. */
    private record Somebody(long kitchenId, long accountId, String name) {}

    /** Whom or what the page at hand is about. */
    public static void about(String whom) {
        RequestAttributes request = RequestContextHolder.currentRequestAttributes();
        request.setAttribute(ABOUT, whom, RequestAttributes.SCOPE_REQUEST);
    }

    /** Notes what was done where a page knows it and its answer does not show it. */
    public void note(Audit.What what, String about) {
        somebody().ifPresent(one -> audit.note(one.kitchenId(), one.accountId(), one.name(), what, about));
    }

    /** The same of another kitchen than the one at hand. */
    public void noteOf(long kitchenId, Audit.What what) {
        somebody().ifPresent(one -> audit.note(kitchenId, one.accountId(), one.name(), what, ""));
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (says(handler).isPresent()) {
            somebody().ifPresent(who -> request.setAttribute(BEFORE, who));
        }
        return true;
    }

    private Optional<Somebody> somebody() {
        return KitchenUser.signedIn()
                .filter(user -> user.kitchenId() != 0)
                .map(user -> new Somebody(
                        user.kitchenId(), user.accountId(), acting.now().name()));
    }

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView view) {
        Audited says = says(handler).orElse(null);
        if (says == null || response.getStatus() >= HttpStatus.BAD_REQUEST.value()) {
            return;
        }
        Optional<Somebody> who = says.comesIn()
                ? somebody()
                : Optional.ofNullable(request.getAttribute(BEFORE)).map(Somebody.class::cast);
        who.ifPresent(
                one -> audit.note(one.kitchenId(), one.accountId(), one.name(), says.value(), about(says, request)));
    }

    private static String about(Audited says, HttpServletRequest request) {
        if (!says.about().isEmpty()) {
            return Objects.toString(request.getParameter(says.about()), "");
        }
        return Objects.toString(request.getAttribute(ABOUT), "");
    }

    private static Optional<Audited> says(Object handler) {
        return handler instanceof HandlerMethod method
                ? Optional.ofNullable(method.getMethodAnnotation(Audited.class))
                : Optional.empty();
    }
}
