/** The demo kitchen. */
@NullMarked
package app.gradior.room.demo;

import org.jspecify.annotations.NullMarked;
