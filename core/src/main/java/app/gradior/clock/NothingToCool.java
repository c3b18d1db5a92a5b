package app.gradior.clock;

import app.gradior.finding.Finding;

/** There is no sauce to cool. */
public record NothingToCool() implements Finding {}
