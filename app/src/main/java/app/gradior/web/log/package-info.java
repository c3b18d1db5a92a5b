/** Log: every batch, planned against got. */
@NullMarked
package app.gradior.web.log;

import org.jspecify.annotations.NullMarked;
