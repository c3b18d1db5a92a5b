/** Sauces, their versions and stages. */
@NullMarked
package app.gradior.room.book;

import org.jspecify.annotations.NullMarked;
