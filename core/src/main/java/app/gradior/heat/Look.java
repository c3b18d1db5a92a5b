package app.gradior.heat;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;

/**
 * What the surface looks like: how cooks set their heat, and so the input of the evaporation model.
 *
 * <p>Mass flux J of open water, kg/(m²·h), with a spread of about ×/÷ 1.35; kitchen measurements, rounded.
 */
public enum Look {
    STEAMING("steaming", 2.5),
    BARE("bare", 4),
    GENTLE("gentle", 8),
    LIVELY("lively", 15),
    ROLLING("rolling", 32);

    /** Temperature of a pot that steams without a bubble, °C. */
    public static final double STEAMING_C = 85;

    private final String key;
    private final double fluxKgPerM2H;

    Look(String key, double fluxKgPerM2H) {
        this.key = key;
        this.fluxKgPerM2H = fluxKgPerM2H;
    }

    public String key() {
        return key;
    }

    /** J, kg/(m²·h), open water. */
    public double fluxKgPerM2H() {
        return fluxKgPerM2H;
    }

    /** Temperature of the pot, °C, given its boiling point: a steaming pot is at 85 °C or at its boil if that is lower. */
    public double potTempC(double boilingC) {
        return this == STEAMING ? Math.min(STEAMING_C, boilingC) : boilingC;
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
