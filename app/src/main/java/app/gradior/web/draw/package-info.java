/** The drawings: stair, section, descent, as SVG made from the model. */
@NullMarked
package app.gradior.web.draw;

import org.jspecify.annotations.NullMarked;
