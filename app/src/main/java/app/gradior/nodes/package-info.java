/** Several nodes over one database: what they tell each other of, and which of them does the upkeep. */
@NullMarked
package app.gradior.nodes;

import org.jspecify.annotations.NullMarked;
