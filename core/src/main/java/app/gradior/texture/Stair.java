package app.gradior.texture;

/**
 * The consistency stair: step s = 1 + ln(η₅₀ / 5 mPa·s) / ln 2.65. Each step is 2.65 times as thick as the one below.
 * Decimals are allowed; water is below the first step.
 */
public final class Stair {
    /** Viscosity of step 1, Pa·s; ours. */
    private static final double FIRST_STEP_PA_S = 0.005;

    static final double LOG_RATIO = Math.log(2.65);

    private Stair() {}

    /** Step of an apparent viscosity at 50 1/s, Pa·s above 0. */
    public static double step(double viscosityPaS) {
        return 1 + Math.log(viscosityPaS / FIRST_STEP_PA_S) / LOG_RATIO;
    }

    /** Apparent viscosity of a step, Pa·s. */
    public static double viscosityPaS(double step) {
        return FIRST_STEP_PA_S * Math.exp((step - 1) * LOG_RATIO);
    }

    /** One tread of the stair. */
    public enum Tread {
        BROTH,
        MILK,
        CREAM,
        VEIL,
        CLING,
        CLOAK,
        RIBBON,
        MOUND,
        SET;

        public int number() {
            return ordinal() + 1;
        }

        /** The tread nearest to a step; anything thinner is Broth, anything thicker Set. */
        public static Tread of(double step) {
            int number = (int) Math.round(Math.max(1, Math.min(9, step)));
            return values()[number - 1];
        }
    }
}
