package app.gradior.vessel;

import app.gradior.finding.Finding;

/** Why jars cannot be filled as asked. */
public sealed interface JarFinding extends Finding {
    /** The mark is at nothing, or above the brim, mL. */
    record OverTheBrim(double fillMl, double brimMl) implements JarFinding {}

    /** The headspace is more than the jar is high, mm; the jar's brim in mL. */
    record Headspace(double headspaceMm, double mostMm, double brimMl) implements JarFinding {}

    /** More jars than are shared out. */
    record TooMany(int jars, int most) implements JarFinding {}
}
