/** Tables and the SQL that reads and writes them; every query carries the kitchen. */
@NullMarked
package app.gradior.store;

import org.jspecify.annotations.NullMarked;
