package app.gradior.web.frame;

import app.gradior.access.StoveDevices;
import app.gradior.room.batch.Acting;
import app.gradior.web.guard.TokenFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** Whoever's request it is; Gradior itself beside any. */
@Component
class ActingNow implements Acting {
    private final StoveDevices devices;

    ActingNow(StoveDevices devices) {
        this.devices = devices;
    }

    @Override
    public Who now() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null
                && request.getAttribute(TokenFilter.CALLER, RequestAttributes.SCOPE_REQUEST)
                        instanceof TokenFilter.Caller caller) {
            return new Who(Kind.TOKEN, caller.tokenId(), caller.label());
        }
        return KitchenUser.signedIn().map(this::who).orElse(Who.ITSELF);
    }

    private Who who(KitchenUser user) {
        if (!user.isDevice()) {
            return new Who(Kind.PERSON, user.accountId(), user.username());
        }
        return devices.device(user.kitchenId(), user.deviceId())
                .map(one -> new Who(Kind.DEVICE, one.id(), one.name()))
                .orElse(Who.ITSELF);
    }
}
