/** Signing in and setting up a kitchen. */
@NullMarked
package app.gradior.web.account;

import org.jspecify.annotations.NullMarked;
