/**
 * Readings in, beliefs out: what is in the pot now, when it will be done, and how sure we are.
 */
@NullMarked
package app.gradior.estimate;

import org.jspecify.annotations.NullMarked;
