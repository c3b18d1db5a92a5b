/** Care: every caution with its reasons, what the model knows and how, its words and keys. */
@NullMarked
package app.gradior.web.care;

import org.jspecify.annotations.NullMarked;
