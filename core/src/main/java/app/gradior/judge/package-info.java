/**
 * A pot of sauce by energy and mass balance: what the model is judged by, and what is in the pots of {@code practice}, whose truth nobody is
 * told. It shares no class and no constant with the rest of the core. Only the table of foods is read by both, each food's figures drawn anew.
 */
@NullMarked
package app.gradior.judge;

import org.jspecify.annotations.NullMarked;
