/**
 * The stage engine: what a stage does to a pot and when it is over, once for plans and for pots that are on. {@link PotCourse} is the
 * pot; {@link SauceRun} has it cook a list of stages and keeps what each came to.
 */
@NullMarked
package app.gradior.course;

import org.jspecify.annotations.NullMarked;
