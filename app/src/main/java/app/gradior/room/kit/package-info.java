/** Pots, burners, jars, water tests, and what batches taught of them. */
@NullMarked
package app.gradior.room.kit;

import org.jspecify.annotations.NullMarked;
