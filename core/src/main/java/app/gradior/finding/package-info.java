/** What the rules answer when something cannot be done: every fault found, by its field. */
@NullMarked
package app.gradior.finding;

import org.jspecify.annotations.NullMarked;
