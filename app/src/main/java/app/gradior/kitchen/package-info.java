/** Use cases: what a kitchen can do, each in its transaction. */
@NullMarked
package app.gradior.kitchen;

import org.jspecify.annotations.NullMarked;
