/**
 * Water, steam and spirit: vapour pressure, boiling point, latent heat, evaporation from a pot, alcohol left.
 */
@NullMarked
package app.gradior.heat;

import org.jspecify.annotations.NullMarked;
