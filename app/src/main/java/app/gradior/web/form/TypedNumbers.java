package app.gradior.web.form;

import java.util.Locale;
import org.springframework.format.Formatter;
import org.springframework.stereotype.Component;

/** Binds numbers of forms; {@code measure.Numbers} is the one that reads them. */
@Component
final class TypedNumbers implements Formatter<TypedNumber> {
    @Override
    public TypedNumber parse(String text, Locale locale) {
        return new TypedNumber(text);
    }

    @Override
    public String print(TypedNumber number, Locale locale) {
        return number.text();
    }
}
