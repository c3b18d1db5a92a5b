/** What all pages share: sign-in, the frame, faults, how figures are written. */
@NullMarked
package app.gradior.web.frame;

import org.jspecify.annotations.NullMarked;
