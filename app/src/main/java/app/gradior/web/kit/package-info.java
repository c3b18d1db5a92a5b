/** Kit: pots, burners, API tokens. */
@NullMarked
package app.gradior.web.kit;

import org.jspecify.annotations.NullMarked;
