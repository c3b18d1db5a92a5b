/** The application. */
@NullMarked
package app.gradior;

import org.jspecify.annotations.NullMarked;
