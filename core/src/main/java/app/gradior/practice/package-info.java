/** Practice: pots whose truth nobody is told, what can be done to them and seen of them, lessons, and what they show of the cook. */
@NullMarked
package app.gradior.practice;

import org.jspecify.annotations.NullMarked;
