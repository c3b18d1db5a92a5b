/** Sauces: the cook's book. */
@NullMarked
package app.gradior.web.sauces;

import org.jspecify.annotations.NullMarked;
