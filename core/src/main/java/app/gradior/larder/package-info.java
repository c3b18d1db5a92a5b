/**
 * Foods and what they are made of: composition per 100 g, household measures, allergens; the catalogue is data.
 */
@NullMarked
package app.gradior.larder;

import org.jspecify.annotations.NullMarked;
