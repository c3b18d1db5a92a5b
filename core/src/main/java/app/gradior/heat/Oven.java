package app.gradior.heat;

/**
 * A pan in an oven: the air heats it from all sides, and what it loses of its water cools it, so that an open one stays well below its boil and
 * a covered one comes near it.
 */
public final class Oven {
    /** Heat from still hot air and walls into a pan, W/(m²·K): open pans of stew in an oven of 135 °C stay about 85 °C, covered ones come near
     * the boil (kitchen measurements, rounded). */
    private static final double W_PER_M2_K = 18;

    private static final double SECONDS_PER_HOUR = 3600;
    private static final int MOST_STEPS = 30;
    private static final double CLOSE_K = 1e-7;
    private static final double DERIVATIVE_K = 0.01;

    private Oven() {}

    /**
     * A pan in it.
     *
     * @param surfaceM2 of the sauce
     * @param shellM2 of its wall below the level and its floor
     */
    public record Pan(double surfaceM2, double shellM2, double pairFactor, double pressurePa) {}

    /**
     * Where it settles.
     *
     * @param tempC of the sauce
     * @param kgPerS vapour that leaves
     */
    public record Settled(double tempC, double kgPerS) {}

    /** Heat into a pan of that temperature, W. */
    public static double watts(Pan pan, double airC, double tempC) {
        return W_PER_M2_K * (pan.surfaceM2() + pan.shellM2()) * (airC - tempC);
    }

    /**
     * Where a pan of sauce settles: what comes in leaves as vapour.
     *
     * @param sauce at its boil; its flow is taken as there
     */
    public static Settled settled(Pan pan, double airC, EvaporationRate.Sauce sauce, LidState lid) {
        double boilingC = sauce.tempC();
        if (airC <= EvaporationRate.ROOM_C) {
            return new Settled(EvaporationRate.ROOM_C, 0);
        }
        if (balanceW(pan, airC, sauce, lid, boilingC) >= 0) {
            return new Settled(boilingC, watts(pan, airC, boilingC) / WaterProperties.latentHeatJPerKg(boilingC));
        }
        // Falling and hollow from above: Newton's steps from the hot side never pass the root.
        double tempC = boilingC;
        for (int i = 0; i < MOST_STEPS; i++) {
            double here = balanceW(pan, airC, sauce, lid, tempC);
            double slope = (here - balanceW(pan, airC, sauce, lid, tempC - DERIVATIVE_K)) / DERIVATIVE_K;
            double step = here / slope;
            tempC -= step;
            if (Math.abs(step) < CLOSE_K) {
                break;
            }
        }
        return new Settled(tempC, vapourKgPerS(pan, at(sauce, tempC), lid));
    }

    private static double balanceW(Pan pan, double airC, EvaporationRate.Sauce sauce, LidState lid, double tempC) {
        return watts(pan, airC, tempC)
                - vapourKgPerS(pan, at(sauce, tempC), lid) * WaterProperties.latentHeatJPerKg(tempC);
    }

    private static EvaporationRate.Sauce at(EvaporationRate.Sauce sauce, double tempC) {
        return new EvaporationRate.Sauce(tempC, sauce.waterActivity(), sauce.viscosityPaS());
    }

    private static double vapourKgPerS(Pan pan, EvaporationRate.Sauce sauce, LidState lid) {
        return pan.pairFactor()
                * pan.surfaceM2()
                / SECONDS_PER_HOUR
                * EvaporationRate.fluxBelowBoil(sauce, pan.pressurePa())
                * lid.share();
    }
}
