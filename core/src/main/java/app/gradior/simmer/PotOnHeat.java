package app.gradior.simmer;

import app.gradior.heat.Atmosphere;
import app.gradior.vessel.PotShape;

/**
 * A pot on its burner, in its place.
 *
 * @param shape inside of the pot
 * @param altitudeM metres above the sea
 * @param pairFactor c_pair, what this burner-and-pot pair does over the model's, 0.05 to 20; 1 until known
 * @param netPowerW heat into the sauce at most, above 0; infinite when unknown
 */
public record PotOnHeat(PotShape shape, double altitudeM, double pairFactor, double netPowerW) {
    public PotOnHeat {
        Atmosphere.pressurePa(altitudeM);
        if (!(pairFactor >= 0.05 && pairFactor <= 20)) {
            throw new IllegalArgumentException("pairFactor is " + pairFactor + ": 0.05 to 20 expected");
        }
        if (!(netPowerW > 0)) {
            throw new IllegalArgumentException("net power is " + netPowerW + " W: more than 0 expected");
        }
    }

    /** A pot of which nothing is known but its shape and place. */
    public static PotOnHeat unknownPair(PotShape shape, double altitudeM) {
        return new PotOnHeat(shape, altitudeM, 1, Double.POSITIVE_INFINITY);
    }

    public PotOnHeat withPairFactor(double factor) {
        return new PotOnHeat(shape, altitudeM, factor, netPowerW);
    }

    public double pressurePa() {
        return Atmosphere.pressurePa(altitudeM);
    }
}
