package app.gradior.web.form;

import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import org.jspecify.annotations.Nullable;

/** Whether a typed number is within its range. */
final class WithinValidator implements ConstraintValidator<Within, @Nullable TypedNumber> {
    private @Nullable Within within;

    @Override
    public void initialize(Within annotation) {
        within = annotation;
    }

    @Override
    public boolean isValid(@Nullable TypedNumber number, ConstraintValidatorContext context) {
        TypedNumber typed = TypedNumber.of(number);
        Within range = within;
        if (range == null || typed.isBlank() && range.optional()) {
            return true;
        }
        double value = typed.value();
        return value >= range.least() && value <= range.most();
    }
}
