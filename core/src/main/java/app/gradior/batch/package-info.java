/**
 * A batch as it is recorded: what was understood of each thing that went in, at the moment it was recorded. Nothing recorded is read
 * again later, so that a food, a measure or a word that changes does not reach into the past.
 */
@NullMarked
package app.gradior.batch;

import org.jspecify.annotations.NullMarked;
