/** What cannot be reckoned, and says so on its own row. */
@NullMarked
package app.gradior.room.fault;

import org.jspecify.annotations.NullMarked;
