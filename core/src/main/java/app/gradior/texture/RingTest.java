package app.gradior.texture;

import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;

/**
 * The ring test: 30 mL poured on the middle of the printed rings, mean radius read after 60 s. The smaller of how far it
 * can run in that time (Huppert 1982, J. Fluid Mech. 121, 43: viscous gravity current of fixed volume) and where it stands
 * still (Roussel and Coussot 2005, J. Rheol. 49, 705: spread of a yield-stress fluid), and never farther than the film at which a
 * thin liquid's own surface holds it.
 */
public final class RingTest {
    private static final double VOLUME_M3 = 30e-6;
    private static final double SECONDS = 60;
    private static final double GRAVITY_M_PER_S2 = 9.81;
    private static final double HUPPERT = 0.894;
    private static final double MM_PER_M = 1000;
    /** A puddle on a plate is no thinner than about its capillary length, m. */
    private static final double FILM_M = 0.002;

    private static final double FARTHEST_M = Math.sqrt(VOLUME_M3 / (Math.PI * FILM_M));
    /** The plate is at room temperature. */
    public static final double PLATE_C = 20;

    private RingTest() {}

    /**
     * Mean radius after a minute, mm.
     *
     * @param viscosityPaS above 0
     * @param yieldStressPa 0 for a syrup
     * @param densityKgPerM3 above 0
     */
    public static double radiusMm(double viscosityPaS, double yieldStressPa, double densityKgPerM3) {
        double kinematic = viscosityPaS / densityKgPerM3;
        double running = HUPPERT
                * Math.pow(GRAVITY_M_PER_S2 * Math.pow(VOLUME_M3, 3) / (3 * kinematic), 1.0 / 8)
                * Math.pow(SECONDS, 1.0 / 8);
        double free = Math.min(running, FARTHEST_M);
        if (!(yieldStressPa > 0)) {
            return MM_PER_M * free;
        }
        double standing = Math.pow(
                225
                        * densityKgPerM3
                        * GRAVITY_M_PER_S2
                        * VOLUME_M3
                        * VOLUME_M3
                        / (128 * Math.PI * Math.PI * yieldStressPa),
                1.0 / 5);
        return MM_PER_M * Math.min(free, standing);
    }

    /** Radius a mixture that has been cooked reaches on a plate at that temperature, mm. */
    public static double radiusMm(Mixture mixture, double tempC) {
        return radiusMm(mixture, 1, tempC);
    }

    /** The same with a body factor as {@link Consistency#Consistency}. */
    public static double radiusMm(Mixture mixture, double bodyFactor, double tempC) {
        Consistency.Flow flow = Consistency.flowCooked(mixture, bodyFactor, tempC, 0);
        return radiusMm(flow, mixture, tempC);
    }

    /** The same of a flow that is known. */
    public static double radiusMm(Consistency.Flow flow, Mixture mixture, double tempC) {
        double volumeMl = mixture.volumeMl20c() * SpecificVolume.expansion(tempC);
        return radiusMm(flow.viscosityPaS(), flow.yieldStressPa(), 1000 * mixture.massG() / volumeMl);
    }
}
