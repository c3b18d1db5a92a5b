/** Plan: one batch before the heat is on. */
@NullMarked
package app.gradior.web.plan;

import org.jspecify.annotations.NullMarked;
