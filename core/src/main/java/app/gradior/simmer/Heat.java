package app.gradior.simmer;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;

/** How the pot is set: what its surface looks like and what covers it. */
public record Heat(Look look, LidState lid) {}
