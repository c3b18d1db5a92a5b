package app.gradior.web.frame;

import app.gradior.access.Right;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The right that a page needs, where it is another than that of its kind: looking for what is read, cooking for what is sent. */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
public @interface Needs {
    Right value();
}
