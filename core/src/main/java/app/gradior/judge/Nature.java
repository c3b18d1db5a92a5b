package app.gradior.judge;

import java.util.Random;

/**
 * How one pot, room and sauce differ from the next: factors, each about 1; those of what builds a body are of the viscosity it makes.
 *
 * @param film on what the air over the sauce takes up
 * @param lidW heat through the lid, W/(m²·K)
 * @param lidLeak share of the vapour that gets past a closed lid below the boil
 * @param wallW heat through the wall, W/(m²·K)
 * @param spatterPaS thickness at which a cook turns it down for the spatter, Pa·s
 * @param pulp of purées
 * @param pieces of pulp that comes out of pieces
 * @param starch of powders
 * @param cells of starch in pulses, tubers, meal
 * @param gelatine of stocks
 * @param softening on the minutes that pieces take to fall apart
 * @param clings serum that stays on what a mill or sieve holds back, g/g
 * @param sweats on what vegetables lose in fat
 * @param wears on what starch loses at the boil; 0 where nobody boils it long
 */
// Wide: one factor for each thing that differs.
public record Nature(
        double film,
        double lidW,
        double lidLeak,
        double wallW,
        double spatterPaS,
        double pulp,
        double pieces,
        double starch,
        double cells,
        double gelatine,
        double softening,
        double clings,
        double sweats,
        double wears) {
    /** In the middle of everything. */
    public static final Nature USUAL = new Nature(1, 12, 0.1, 10, 0.7, 1, 1, 1, 1, 1, 1, 2, 1, 0);

    /** One of many. */
    public static Nature draw(Random random) {
        return new Nature(
                about(random, 1, 0.12),
                about(random, 12, 0.15),
                about(random, 0.1, 0.2),
                about(random, 10, 0.2),
                about(random, 0.7, 0.4),
                about(random, 1, 0.15),
                about(random, 1, 0.6),
                about(random, 1, 0.2),
                about(random, 1, 0.45),
                about(random, 1, 0.8),
                about(random, 1, 0.25),
                about(random, 2, 0.25),
                about(random, 1, 0.25),
                0);
    }

    /** Share of the vapour that gets past a lid that is ajar, below the boil. */
    public double ajarLeak() {
        return Math.min(0.8, 5.5 * lidLeak);
    }

    /** The same, and starch wears at the boil. */
    public Nature wearing() {
        return new Nature(
                film,
                lidW,
                lidLeak,
                wallW,
                spatterPaS,
                pulp,
                pieces,
                starch,
                cells,
                gelatine,
                softening,
                clings,
                sweats,
                1);
    }

    /** So much, in the middle, with that standard deviation of its logarithm. */
    public static double about(Random random, double middle, double logSd) {
        return middle * Math.exp(logSd * random.nextGaussian());
    }
}
