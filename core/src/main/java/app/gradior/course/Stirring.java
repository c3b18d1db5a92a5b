package app.gradior.course;

import app.gradior.heat.Look;

/**
 * How often to stir so that nothing catches, and how likely it is to.
 *
 * <p>Ours, set to kitchen teaching: a cream-like sauce at a lively simmer every five minutes, a ketchup-like one every
 * minute, a jam all the time; sooner with more heat under it, with more sugar in it, and when it lies shallow.
 *
 * @param everyMinutes 0.25 (all the time) to 10 (now and then)
 */
public record Stirring(double everyMinutes) {
    /** Heat comes from all sides: nothing catches on the floor. */
    public static final Stirring IN_OVEN = new Stirring(30);

    private static final double REFERENCE_MIN = 5;
    /** Viscosity at which the reference holds, Pa·s: step 4. */
    private static final double REFERENCE_PA_S = 0.093;

    private static final double THICKNESS_EXPONENT = 0.8;
    private static final double SUGAR_FROM_BRIX = 30;
    private static final double SUGAR_HALVES_AFTER_BRIX = 40;
    private static final double SHALLOW_MM = 15;
    private static final double LEAST_MIN = 0.25;
    private static final double MOST_MIN = 10;

    /** How near it is to catching. */
    public enum Risk {
        LOW,
        WATCH,
        HIGH;
    }

    /**
     * For a pot as it stands.
     *
     * @param viscosityPaS in the pot
     * @param brixPercent of the serum
     * @param levelMm above the floor
     */
    public static Stirring of(double viscosityPaS, double brixPercent, double levelMm, Look look) {
        double thin = Math.pow(REFERENCE_PA_S / viscosityPaS, THICKNESS_EXPONENT);
        double cool = 1 / look.floorHeat();
        double plain = 1 / (1 + Math.max(0, brixPercent - SUGAR_FROM_BRIX) / SUGAR_HALVES_AFTER_BRIX);
        double deep = Math.min(1, levelMm / SHALLOW_MM);
        double minutes = REFERENCE_MIN * thin * cool * plain * deep;
        return new Stirring(Math.max(LEAST_MIN, Math.min(MOST_MIN, minutes)));
    }

    public Risk risk() {
        if (everyMinutes >= 4) {
            return Risk.LOW;
        }
        return everyMinutes >= 1 ? Risk.WATCH : Risk.HIGH;
    }
}
