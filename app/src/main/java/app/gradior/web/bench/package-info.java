/**
 * The quick answers, one page each, without a batch: every question is in the address, so that an answer can be sent on.
 */
@NullMarked
package app.gradior.web.bench;

import org.jspecify.annotations.NullMarked;
