package app.gradior.web.form;

import app.gradior.finding.Fault;
import app.gradior.finding.Finding;
import app.gradior.finding.Refusal;
import app.gradior.finding.Wrong;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.constraints.Size;
import java.lang.annotation.Annotation;
import java.util.Comparator;
import java.util.List;
import org.springframework.validation.BindingResult;
import org.springframework.validation.FieldError;

/** What binding and validation found wrong with a form, as faults of its page. */
public final class Bound {
    private Bound() {}

    /**
     * That a form is as it should be.
     *
     * @throws Refusal with every field that is wrong
     */
    public static void check(BindingResult bound) {
        if (bound.hasErrors()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults(bound));
        }
    }

    /** Its faults, in the order of their fields. */
    public static List<Fault> faults(BindingResult bound) {
        return bound.getFieldErrors().stream()
                .map(Bound::fault)
                .sorted(Comparator.comparing(Fault::field))
                .toList();
    }

    private static Fault fault(FieldError error) {
        if (!error.contains(ConstraintViolation.class)) {
            return new Fault(error.getField(), new Wrong.NotTaken());
        }
        Annotation broken = error.unwrap(ConstraintViolation.class)
                .getConstraintDescriptor()
                .getAnnotation();
        if (broken instanceof Within within) {
            TypedNumber typed = TypedNumber.of(error.getRejectedValue() instanceof TypedNumber number ? number : null);
            return typed.fault(error.getField(), within.label(), within.least(), within.most(), within.unit())
                    .orElseThrow();
        }
        Finding why = broken instanceof Size size ? new Wrong.TooLong(size.max()) : new Wrong.Blank();
        return new Fault(error.getField(), why);
    }
}
