package app.gradior.room.words;

import java.text.MessageFormat;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.context.support.AbstractMessageSource;
import org.springframework.stereotype.Component;

/** The bundles as Spring asks for them: a page's {@code #{key(figures)}}. */
@Component("messageSource")
final class PageTexts extends AbstractMessageSource {
    @Override
    protected @Nullable String getMessageInternal(
            @Nullable String code, Object @Nullable [] args, @Nullable Locale locale) {
        Language language = locale == null ? Language.now() : Language.of(locale);
        return code == null || !Words.keys(language).contains(code)
                ? null
                : Words.in(language, Units.METRIC).byKey(code, args == null ? new Object[0] : args);
    }

    @Override
    protected @Nullable MessageFormat resolveCode(String code, Locale locale) {
        return null;
    }
}
