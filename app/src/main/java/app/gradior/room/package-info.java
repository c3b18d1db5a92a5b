/** Rooms: one for each thing that a kitchen has, with its use cases, its rows and its mapper together. A room sees another through its use cases; they form no circle. */
@NullMarked
package app.gradior.room;

import org.jspecify.annotations.NullMarked;
