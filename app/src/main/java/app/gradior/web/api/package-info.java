/** The JSON API for scales, probes, scripts and other programs. */
@NullMarked
package app.gradior.web.api;

import org.jspecify.annotations.NullMarked;
