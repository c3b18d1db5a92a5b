/** A sauce on the food: how much a coat takes, when it goes on, and what its film does under the heat. */
@NullMarked
package app.gradior.glaze;

import org.jspecify.annotations.NullMarked;
