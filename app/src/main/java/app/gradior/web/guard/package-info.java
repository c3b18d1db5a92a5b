/** What stands before every page and call: hosts, deadlines, quotas, a database that is away, forms that were sent twice. */
@NullMarked
package app.gradior.web.guard;

import org.jspecify.annotations.NullMarked;
