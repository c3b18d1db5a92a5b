/** Batches: their events understood and kept, the log, photographs. */
@NullMarked
package app.gradior.room.batch;

import org.jspecify.annotations.NullMarked;
