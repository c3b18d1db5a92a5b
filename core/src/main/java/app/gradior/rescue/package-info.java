/** A sauce that went wrong: complaints, wishes, and the ways that meet several of them at once. */
@NullMarked
package app.gradior.rescue;

import org.jspecify.annotations.NullMarked;
