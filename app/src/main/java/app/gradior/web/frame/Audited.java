package app.gradior.web.frame;

import app.gradior.access.Audit;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What is noted of a page once it has done what it is for. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Audited {
    Audit.What value();

    /** The field whose value says whom or what it was about; empty for what the page says by {@link AuditTrail#about}. */
    String about() default "";

    /** Whether it is of the kitchen that somebody comes into by it, and of who they are then. */
    boolean comesIn() default false;
}
