package app.gradior.glaze;

import app.gradior.heat.WaterProperties;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Roots;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;

/**
 * One coat of a sauce on hot food: how thick what does not run off is, and when it sticks, sets shiny, browns and burns.
 *
 * <p>What does not run off is Jeffreys' film of a draining wall, √(μ·z/(ρ·g·t)), or what the yield stress holds, τ/(ρ·g), whichever is more. It
 * dries as fast as the heat turns its water to vapour. Sticking is the step Ribbon on the hot food; shining is a syrup that sets as it
 * cools; browning follows once hardly any water is left, sooner the hotter. Estimates: minutes to a half more or less.
 */
public record Film(
        double thicknessMm, double gPerM2, double sticksMin, double shinesMin, double brownsMin, double burnsMin) {
    /** Hot food under a sauce, °C. */
    private static final double ON_FOOD_C = 75;

    private static final double STICKS_STEP = 7;
    /** Dissolved solids at which a syrup sets to a lacquer as it cools, °Bx. */
    private static final double SHINY_BRIX = 80;
    /** Of what is dissolved so much must be sugar for that. */
    private static final double SHINY_SUGAR = 0.4;
    /** Dissolved solids at which it gets hotter than water boils, and browns, °Bx. */
    private static final double DRY_BRIX = 92;

    /** A brush's mark, m, and how long it drains, s. */
    private static final double HEIGHT_M = 0.03;

    private static final double DRAINS_S = 15;
    private static final double G = 9.81;
    private static final double MOST_MM = 1.5;
    private static final double L_J_PER_KG = WaterProperties.latentHeatJPerKg(100);
    /** Minutes that a dry film of sugar takes to brown at 2 kW/m², and as a share of that to burn after it. */
    private static final double BROWNS_MIN = 4;

    private static final double AT_W_PER_M2 = 2000;
    private static final double BURNS_SHARE = 0.8;
    private static final double SECONDS_PER_MINUTE = 60;
    private static final double LEAST_LEFT = 1e-3;

    /**
     * A coat of that sauce.
     *
     * @param bodyFactor what its network is worth over the model's
     */
    public static Film of(Mixture sauce, double bodyFactor, Fire fire) {
        Mixture m = sauce.cooked();
        Consistency.Flow flow = Consistency.flowNow(m, bodyFactor, ON_FOOD_C, 0);
        double density = 1000 * m.massG() / m.volumeMl20c();
        double runs = Math.sqrt(flow.viscosityPaS() * HEIGHT_M / (density * G * DRAINS_S));
        double holds = flow.yieldStressPa() / (density * G);
        double mm = Math.min(MOST_MM, 1000 * Math.max(runs, holds));
        double kgPerM2 = density * mm / 1000;
        double minutesPerShare = kgPerM2 * L_J_PER_KG / fire.wPerM2() / SECONDS_PER_MINUTE;
        double sticks = minutesPerShare * lostUntil(m, left -> step(left, bodyFactor) - STICKS_STEP);
        boolean sugary = m.sugarsG() > SHINY_SUGAR * m.solublesG();
        double shines = sugary
                ? Math.max(sticks, minutesPerShare * lostUntil(m, left -> left.brixPercent() - SHINY_BRIX))
                : Double.NaN;
        double dry = Math.max(
                Double.isNaN(shines) ? sticks : shines,
                minutesPerShare * lostUntil(m, left -> left.brixPercent() - DRY_BRIX));
        double browning = BROWNS_MIN * Math.sqrt(AT_W_PER_M2 / fire.wPerM2());
        double browns = dry + browning;
        return new Film(mm, 1000 * kgPerM2, sticks, shines, browns, browns + BURNS_SHARE * browning);
    }

    /** Step of a sauce as it lies on hot food. */
    public static double step(Mixture m, double bodyFactor) {
        return Stair.step(Consistency.flowNow(m, bodyFactor, ON_FOOD_C, 0).viscosityPaS());
    }

    /** What is to be reached: below 0 before, above it after. */
    private interface Reached {
        double by(Mixture left);
    }

    /** Share of its mass that a film loses as water until something is reached; all of its water when it never is. */
    private static double lostUntil(Mixture m, Reached reached) {
        double water = m.waterG();
        if (!(water > 0) || reached.by(m) >= 0) {
            return 0;
        }
        double least = LEAST_LEFT * water;
        if (reached.by(withWater(m, least)) < 0) {
            return water / m.massG();
        }
        double left =
                Roots.between(least, water, w -> reached.by(withWater(m, w))).orElse(least);
        return (water - left) / m.massG();
    }

    private static Mixture withWater(Mixture m, double waterG) {
        return m.withVolatiles(waterG, 0, m.aceticG());
    }

    /** Whether so little of it stays that a coat is hardly there, mm. */
    public boolean runsOff() {
        return thicknessMm < 0.12;
    }

    /** Whether it lies on the food like paste and does not spread. */
    public boolean clots() {
        return thicknessMm > 1.1;
    }
}
