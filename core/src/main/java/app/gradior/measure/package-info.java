/**
 * Household measures and the lines of a recipe: text a cook typed in, grams with an honest spread out.
 */
@NullMarked
package app.gradior.measure;

import org.jspecify.annotations.NullMarked;
