/** A kitchen, a sauce, a recipe as a file. */
@NullMarked
package app.gradior.room.exchange;

import org.jspecify.annotations.NullMarked;
