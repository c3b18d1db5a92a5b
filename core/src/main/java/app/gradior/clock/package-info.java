/**
 * Time after the heat: how a sauce cools, and when it is safe.
 */
@NullMarked
package app.gradior.clock;

import org.jspecify.annotations.NullMarked;
