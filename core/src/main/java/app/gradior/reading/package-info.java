/** What a cook can read of a pot: one place a kind of reading, with its names, unit, range, error, and what it reads. */
@NullMarked
package app.gradior.reading;

import org.jspecify.annotations.NullMarked;
