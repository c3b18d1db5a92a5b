/** Practice: lessons and free pots at a stove that is drawn, the reveal, and what it shows of the cook's eye. */
@NullMarked
package app.gradior.web.practice;

import org.jspecify.annotations.NullMarked;
