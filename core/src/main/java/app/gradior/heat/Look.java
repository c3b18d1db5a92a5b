package app.gradior.heat;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;

/**
 * What the surface looks like: how cooks set their heat, and so the input of the evaporation model. A look is a temperature below the
 * boil, or how hard it boils.
 */
public enum Look {
    /** 80 to 88 °C: steam and no bubble. */
    STEAMING("steaming", 15, 0, 0.17),
    /** A bubble now and then, about 93 °C. */
    BARE("bare", 7, 0, 0.27),
    /** 96 to 98 °C. */
    GENTLE("gentle", 3, 0, 0.53),
    /** At the boil: an open watery pot only gets there at 15 to 20 kg/(m²·h). */
    LIVELY("lively", 0, 20, 1),
    /** Well past it: 1 kW in a 24 cm pot. */
    ROLLING("rolling", 0, 35, 2.1);

    private final String key;
    private final double belowBoilK;
    private final double boilingFluxKgPerM2H;

    private final double floorHeat;

    Look(String key, double belowBoilK, double boilingFluxKgPerM2H, double floorHeat) {
        this.key = key;
        this.belowBoilK = belowBoilK;
        this.boilingFluxKgPerM2H = boilingFluxKgPerM2H;
        this.floorHeat = floorHeat;
    }

    public String key() {
        return key;
    }

    /** Whether it boils. */
    public boolean boils() {
        return belowBoilK == 0;
    }

    /** J of open water, kg/(m²·h), at a look that boils. */
    double boilingFluxKgPerM2H() {
        return boilingFluxKgPerM2H;
    }

    /** Heat through the floor of a thick sauce, over that of a lively simmer; kitchen estimate. */
    public double floorHeat() {
        return floorHeat;
    }

    /** Temperature of the pot, °C, given its boiling point. */
    public double potTempC(double boilingC) {
        return boilingC - belowBoilK;
    }

    /**
     * The look with that key.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static Look ofKey(String key) {
        for (Look look : values()) {
            if (look.key.equals(key)) {
                return look;
            }
        }
        throw new Unfit(Wrong.Key.of("look", key, values(), Look::key));
    }
}
