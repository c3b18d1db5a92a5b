/** Practice pots of a kitchen's cooks, and what they show of each cook's eye. */
@NullMarked
package app.gradior.room.practice;

import org.jspecify.annotations.NullMarked;
