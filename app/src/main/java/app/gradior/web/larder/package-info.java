/**
 * The larder: what foods are made of, and what a kitchen adds or corrects from a label.
 */
@NullMarked
package app.gradior.web.larder;

import org.jspecify.annotations.NullMarked;
