/**
 * A pot of sauce by energy and mass balance, to judge the model by: it shares no class and no constant with the core. Only
 * the table of foods is read by both, each food's figures drawn anew.
 */
package app.gradior.judge;
