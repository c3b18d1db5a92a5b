package app.gradior.plan;

import app.gradior.finding.Finding;
import app.gradior.vessel.PotMaterial;

/** Why another pot would be better. */
public sealed interface PotFinding extends Finding {
    /** It does not hold the sauce, mL. */
    record TooSmall(double brimMl, double sauceMl) implements PotFinding {}

    /** It boils over, as a share of its capacity. */
    record TooFull(double share) implements PotFinding {}

    /** The sauce takes metal out of it. */
    record Reactive(PotMaterial material) implements PotFinding {}

    /** The sauce is so low in it at the end that it catches, mm. */
    record TooLow(double levelMm) implements PotFinding {}
}
