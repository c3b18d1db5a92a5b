package app.gradior.simmer;

import app.gradior.finding.Finding;

/** A mixture that has not so much to lose. */
public record NotThatMuch(double evaporatedG) implements Finding {}
