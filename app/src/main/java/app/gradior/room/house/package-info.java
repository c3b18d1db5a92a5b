/** The kitchen itself: who has it, its measures and clock, its tokens, the forms it was sent. */
@NullMarked
package app.gradior.room.house;

import org.jspecify.annotations.NullMarked;
