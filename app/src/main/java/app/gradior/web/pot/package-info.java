/** Pot: the live batch, and its finish. */
@NullMarked
package app.gradior.web.pot;

import org.jspecify.annotations.NullMarked;
