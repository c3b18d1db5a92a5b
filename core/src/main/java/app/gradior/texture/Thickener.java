package app.gradior.texture;

import app.gradior.larder.StarchKind;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;

/**
 * How strongly a thickener builds a network: strength (c/c*)^m, falling with temperature as the serum's viscosity to the
 * power q. c is in grams per gram of serum: pulp as tomato-juice pulp, starch as powder.
 *
 * @param critical c*, g/g
 * @param exponent m, dimensionless
 * @param heatExponent q, dimensionless
 * @param yieldRatePerS r, the yield stress over the network's viscosity, 1/s
 */
record Thickener(double critical, double exponent, double heatExponent, double yieldRatePerS) {
    /** c* of maize starch: kitchen teaching on spoons to the cup, by weight of cornflour. */
    private static final double MAIZE_CRITICAL = 0.00204;

    private static final double STARCH_YIELD_PER_S = 8;

    /** Pulp: fit to Harper and El Sahrigi 1965, tomato juice concentrates, within 15 % at 32 °C and 50 1/s. */
    static final Thickener PULP = new Thickener(0.00127, 1.75, 0.7, 16);

    /** Swollen starch of pulses, tubers, meal, by weight of the starch: as maize's, a quarter weaker since much of it stays in lumps. */
    static final Thickener CELL_STARCH = new Thickener(0.0028, 2.2, 1.35, STARCH_YIELD_PER_S);
    /** Yolk that has set, by weight of fresh yolk: kitchen teaching on custards, four yolks to half a litre coat a spoon. */
    static final Thickener EGG = new Thickener(0.0045, 1.3, 1, STARCH_YIELD_PER_S);

    private static final Map<StarchKind, Thickener> STARCHES = starches();

    private static Map<StarchKind, Thickener> starches() {
        Map<StarchKind, Thickener> all = new EnumMap<>(StarchKind.class);
        for (StarchKind kind : StarchKind.values()) {
            all.put(
                    kind,
                    new Thickener(
                            MAIZE_CRITICAL * kind.criticalOverMaize(),
                            kind.exponent(),
                            kind.heatExponent(),
                            STARCH_YIELD_PER_S));
        }
        return all;
    }

    static Thickener of(StarchKind kind) {
        return Objects.requireNonNull(STARCHES.get(kind));
    }

    /** Square root of the network's viscosity, √(Pa·s): what adds up over thickeners. */
    double rootViscosity(double gramsPerGramSerum, Consistency.Serum serum) {
        if (!(gramsPerGramSerum > 0)) {
            return 0;
        }
        double log = serum.log20()
                + exponent * Math.log(gramsPerGramSerum / critical)
                + heatExponent * (serum.log() - serum.log20());
        return Math.exp(log / 2);
    }
}
