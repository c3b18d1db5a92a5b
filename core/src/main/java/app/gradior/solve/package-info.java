/**
 * Questions asked backwards: when to stop, at which level, after how many minutes.
 */
@NullMarked
package app.gradior.solve;

import org.jspecify.annotations.NullMarked;
