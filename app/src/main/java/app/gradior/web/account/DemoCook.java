package app.gradior.web.account;

import app.gradior.access.Members;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.web.frame.KitchenUser;
import org.springframework.stereotype.Component;

/** The demo's own cook, whom anybody may be: they have no password, no passkey, and no other kitchen. */
@Component
class DemoCook {
    private final Kitchens kitchens;
    private final Members members;

    DemoCook(Kitchens kitchens, Members members) {
        this.kitchens = kitchens;
        this.members = members;
    }

    /** Whether that is who asks. */
    boolean is(KitchenUser user) {
        return kitchens.demo()
                .map(Kitchen::id)
                .flatMap(id -> members.of(id).stream().findFirst())
                .filter(first -> first.accountId() == user.accountId())
                .isPresent();
    }
}
