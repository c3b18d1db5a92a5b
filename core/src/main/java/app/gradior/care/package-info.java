/**
 * Cautions: rules of safety and when they apply.
 */
@NullMarked
package app.gradior.care;

import org.jspecify.annotations.NullMarked;
