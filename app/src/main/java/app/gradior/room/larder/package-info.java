/** Foods, words and measures of a kitchen; lines read with them; foods as they were. */
@NullMarked
package app.gradior.room.larder;

import org.jspecify.annotations.NullMarked;
