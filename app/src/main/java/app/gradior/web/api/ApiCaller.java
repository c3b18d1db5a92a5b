package app.gradior.web.api;

import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Kitchens;
import app.gradior.room.house.Tokens;
import app.gradior.room.words.Words;
import app.gradior.web.guard.TokenFilter;
import app.gradior.web.guard.TokenFilter.Caller;
import jakarta.servlet.http.HttpServletRequest;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.server.ResponseStatusException;

/** The kitchen behind a token, if the token may do this. */
@Component
class ApiCaller {
    private static final Logger LOG = LoggerFactory.getLogger("app.gradior.access");

    private final Kitchens kitchens;

    ApiCaller(Kitchens kitchens) {
        this.kitchens = kitchens;
    }

    Kitchen kitchen(HttpServletRequest request, Tokens.Scope needed) {
        if (!(request.getAttribute(TokenFilter.CALLER) instanceof Caller caller)) {
            throw new ResponseStatusException(HttpStatus.UNAUTHORIZED);
        }
        if (!caller.scope().covers(needed)) {
            LOG.warn("token {} of kitchen {} is too narrow for {}", caller.tokenId(), caller.kitchenId(), needed);
            throw new Forbidden(caller.scope(), needed);
        }
        return kitchens.kitchen(caller.kitchenId());
    }

    /** The token that this call came with. */
    static long token(HttpServletRequest request) {
        return request.getAttribute(TokenFilter.CALLER) instanceof Caller caller ? caller.tokenId() : 0;
    }

    /** The token's scope is too narrow. */
    static final class Forbidden extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Forbidden(Tokens.Scope has, Tokens.Scope needed) {
            super(Words.text("api-caller.this-token-s-scope-is-is", has, needed));
        }
    }
}
