/**
 * Time: the evaporation problem, its integrator and the trajectory of a pot on the heat.
 */
@NullMarked
package app.gradior.simmer;

import org.jspecify.annotations.NullMarked;
