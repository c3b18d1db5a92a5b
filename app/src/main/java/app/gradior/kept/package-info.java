/** What every room that keeps something in tables writes in the same way. */
@NullMarked
package app.gradior.kept;

import org.jspecify.annotations.NullMarked;
