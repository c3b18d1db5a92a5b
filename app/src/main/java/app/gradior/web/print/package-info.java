/**
 * Paper at true scale: the dipstick of a pot and the ring target, each with a ruler that tells whether the printer kept it.
 */
@NullMarked
package app.gradior.web.print;

import org.jspecify.annotations.NullMarked;
