package app.gradior.web.frame;

import app.gradior.room.words.Language;
import app.gradior.web.guard.TokenFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.LocaleResolver;

/** Which language a request is answered in: the one that its kitchen chose, else the nearest to what the browser asks for. */
@Component(DispatcherServlet.LOCALE_RESOLVER_BEAN_NAME)
final class KitchenLanguage implements LocaleResolver {
    private static final Logger LOG = LoggerFactory.getLogger(KitchenLanguage.class);
    private static final String KNOWN = "gradior.language";

    private final KitchenOfRequest kitchens;

    KitchenLanguage(KitchenOfRequest kitchens) {
        this.kitchens = kitchens;
    }

    @Override
    public Locale resolveLocale(HttpServletRequest request) {
        if (request.getAttribute(KNOWN) instanceof Language known) {
            return known.locale();
        }
        Language language = chosen(request).orElseGet(() -> Language.of(request.getLocale()));
        request.setAttribute(KNOWN, language);
        return language.locale();
    }

    /** The kitchen's choice; a page that says that the database is away says so in the browser's. */
    private Optional<Language> chosen(HttpServletRequest request) {
        Long kitchenId = kitchenOf(request);
        if (kitchenId == null) {
            return Optional.empty();
        }
        try {
            return kitchens.kitchen(request, kitchenId).language();
        } catch (RuntimeException e) {
            LOG.debug("no kitchen to ask for its language: {}", e.toString());
            return Optional.empty();
        }
    }

    private static @Nullable Long kitchenOf(HttpServletRequest request) {
        if (request.getAttribute(TokenFilter.CALLER) instanceof TokenFilter.Caller caller) {
            return caller.kitchenId();
        }
        return KitchenUser.signedIn().map(KitchenUser::kitchenId).orElse(null);
    }

    @Override
    public void setLocale(HttpServletRequest request, @Nullable HttpServletResponse response, @Nullable Locale locale) {
        throw new UnsupportedOperationException("a kitchen's language is set on its page");
    }
}
