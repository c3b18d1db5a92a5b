package app.gradior.texture;

import app.gradior.finding.Finding;

/** A mixture without any liquid has no thickness. */
public record NoLiquid() implements Finding {}
