/**
 * Who gets in: passwords and how often they may be tried, devices that are known, the word for a new kitchen. What is signed in,
 * and for how long, is the business of the pages ({@code web.frame}).
 */
@NullMarked
package app.gradior.access;

import org.jspecify.annotations.NullMarked;
