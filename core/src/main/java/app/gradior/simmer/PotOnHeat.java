package app.gradior.simmer;

import app.gradior.finding.Unfit;
import app.gradior.heat.Atmosphere;
import app.gradior.heat.EvaporationRate;
import app.gradior.heat.Oven;
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
    public static final double LEAST_PAIR_FACTOR = 0.05;
    public static final double MOST_PAIR_FACTOR = 20;

    public PotOnHeat {
        Atmosphere.pressurePa(altitudeM);
        Unfit.inRange("pairFactor", pairFactor, LEAST_PAIR_FACTOR, MOST_PAIR_FACTOR, "");
        Unfit.above("netPowerW", netPowerW, 0, " W");
    }

    /** A pot of which nothing is known but its shape and place. */
    public static PotOnHeat unknownPair(PotShape shape, double altitudeM) {
        return new PotOnHeat(shape, altitudeM, 1, Double.POSITIVE_INFINITY);
    }

    public PotOnHeat withPairFactor(double factor) {
        return new PotOnHeat(shape, altitudeM, factor, netPowerW);
    }

    /**
     * What vapour leaves and heat is lost through; what the wall loses only counts against a known burner.
     *
     * @param levelMm of the sauce
     * @param airPa {@link #pressurePa}, which is asked for at every step and so kept by whoever asks
     */
    public EvaporationRate.Pot vessel(double levelMm, double airPa) {
        return new EvaporationRate.Pot(
                shape.surfaceM2(levelMm),
                Double.isInfinite(netPowerW) ? 0 : shape.wallM2(levelMm),
                shape.mouthM2(),
                pairFactor,
                netPowerW,
                airPa);
    }

    /** As it stands in an oven. */
    public Oven.Pan inOven(double levelMm, double airPa) {
        double surface = shape.surfaceM2(levelMm);
        return new Oven.Pan(surface, shape.wallM2(levelMm) + shape.surfaceM2(0), pairFactor, airPa);
    }

    /** The same on a burner that brings so much. */
    public PotOnHeat withNetPower(double watts) {
        return new PotOnHeat(shape, altitudeM, pairFactor, watts);
    }

    public double pressurePa() {
        return Atmosphere.pressurePa(altitudeM);
    }
}
