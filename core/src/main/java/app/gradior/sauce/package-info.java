/**
 * A sauce as a cook means it: ingredient lines, texture, the step wanted when served.
 */
@NullMarked
package app.gradior.sauce;

import org.jspecify.annotations.NullMarked;
