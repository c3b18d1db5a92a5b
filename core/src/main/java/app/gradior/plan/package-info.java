/**
 * Planning: questions asked backwards. When to stop, by which way, at which level, after how many minutes, in which pot; thinning,
 * thickening, seasoning, scaling and swapping to come where the cook wants to be.
 */
@NullMarked
package app.gradior.plan;

import org.jspecify.annotations.NullMarked;
