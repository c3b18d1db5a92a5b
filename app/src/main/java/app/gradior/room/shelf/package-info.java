/** What comes after the heat: cooling, packing, what stands in fridge and freezer. */
@NullMarked
package app.gradior.room.shelf;

import org.jspecify.annotations.NullMarked;
