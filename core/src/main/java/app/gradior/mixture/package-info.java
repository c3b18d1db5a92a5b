/**
 * Mass balance: what is in the pot, component by component, and the volume it takes up.
 */
@NullMarked
package app.gradior.mixture;

import org.jspecify.annotations.NullMarked;
