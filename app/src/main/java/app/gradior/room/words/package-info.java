/** All that Gradior says: findings, names and texts of pages, worded from the bundles of {@code resources/words} in the reader's English. */
@NullMarked
package app.gradior.room.words;

import org.jspecify.annotations.NullMarked;
