package app.gradior.web.form;

import jakarta.validation.Constraint;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A typed number within a range. */
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT, ElementType.TYPE_USE})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = WithinValidator.class)
public @interface Within {
    /** Key of what the form calls the field. */
    String label();

    double least();

    double most();

    String unit() default "";

    /** Whether it may be left blank. */
    boolean optional() default false;

    /** Not used: faults are worded by their findings. */
    String message() default "";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};
}
