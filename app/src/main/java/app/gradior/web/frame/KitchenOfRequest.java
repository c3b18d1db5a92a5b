package app.gradior.web.frame;

import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Component;

/** The kitchen that a request is about, as it was when the request first asked for it: it is read once. */
@Component
final class KitchenOfRequest {
    private static final String KNOWN = "gradior.kitchen";

    private final Kitchens kitchens;

    KitchenOfRequest(Kitchens kitchens) {
        this.kitchens = kitchens;
    }

    /** @throws app.gradior.finding.Refusal when there is none */
    Kitchen kitchen(HttpServletRequest request, long id) {
        if (request.getAttribute(KNOWN) instanceof Kitchen known && known.id() == id) {
            return known;
        }
        Kitchen kitchen = kitchens.kitchen(id);
        request.setAttribute(KNOWN, kitchen);
        return kitchen;
    }
}
