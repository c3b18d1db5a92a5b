package app.gradior.room.words;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;

/** The languages there are: English, and the American variant of it. */
public enum Language {
    ENGLISH("en", Locale.UK),
    AMERICAN("en-US", Locale.US);

    private final String tag;
    private final Locale locale;

    Language(String tag, Locale locale) {
        this.tag = tag;
        this.locale = locale;
    }

    /** As a kitchen's setting and the page's {@code lang} have it. */
    public String tag() {
        return tag;
    }

    public Locale locale() {
        return locale;
    }

    /** The language of that tag, if there is one. */
    public static Optional<Language> ofTag(String tag) {
        return Arrays.stream(values())
                .filter(language -> language.tag.equals(tag))
                .findFirst();
    }

    /** Does something in this language, whoever's thread it is. */
    public <T> T speaking(Supplier<T> work) {
        LocaleContext before = LocaleContextHolder.getLocaleContext();
        LocaleContextHolder.setLocale(locale);
        try {
            return work.get();
        } finally {
            LocaleContextHolder.setLocaleContext(before);
        }
    }

    /** The nearest to what a browser or a setting asks for. */
    public static Language of(Locale asked) {
        return asked.getLanguage().equals("en") && asked.getCountry().equals("US") ? AMERICAN : ENGLISH;
    }

    /** That of the request at hand; English where there is none, so that no machine's own setting shows. */
    public static Language now() {
        return LocaleContextHolder.getLocaleContext() == null ? ENGLISH : of(LocaleContextHolder.getLocale());
    }
}
