/** Plans: asked, kept, put into a day, begun. */
@NullMarked
package app.gradior.room.plan;

import org.jspecify.annotations.NullMarked;
