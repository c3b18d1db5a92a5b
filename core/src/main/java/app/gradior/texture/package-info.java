/**
 * How thick a sauce is: serum, thickeners, the nine-step stair, the ring test.
 */
@NullMarked
package app.gradior.texture;

import org.jspecify.annotations.NullMarked;
