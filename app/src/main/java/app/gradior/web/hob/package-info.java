/** Hob: what is on now. */
@NullMarked
package app.gradior.web.hob;

import org.jspecify.annotations.NullMarked;
