/** What cannot be reckoned, and says so on its own row. */
@NullMarked
package app.gradior.room.faults;

import org.jspecify.annotations.NullMarked;
