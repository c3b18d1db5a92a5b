/** Forms as Spring binds and Bean Validation checks them: numbers as cooks type them, and what is wrong as faults of the page. */
@NullMarked
package app.gradior.web.form;

import org.jspecify.annotations.NullMarked;
