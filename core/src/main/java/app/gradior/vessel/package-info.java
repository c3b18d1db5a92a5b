/**
 * Pots as solids of revolution: level, volume, free surface; burners.
 */
@NullMarked
package app.gradior.vessel;

import org.jspecify.annotations.NullMarked;
