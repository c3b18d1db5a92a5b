package app.gradior.texture;

/**
 * What a spoon and a stopwatch tell of a thickness, s. Geometry is that of a kitchen spoon and so ours; what one cook's spoon and hand
 * do otherwise is small beside the spread of the reading.
 */
public final class SpoonTimes {
    /** Longer than this nobody waits: the line stays open, the stream is a rope, s. */
    public static final double LONGEST_S = 60;

    private static final double GRAVITY_M_PER_S2 = 9.81;
    /** Half the width of the line that a spoon draws, m. */
    private static final double HALF_LINE_M = 0.015;
    /**
     * A front that runs into a dry bed gets to ξ·√(D·t), D = ρ·g·h³/(3·η), with ξ = 0.4924: solution of u_t = (u³·u_x)_x for a bed that is
     * full to one side (computed). Its square over one:
     */
    private static final double FRONT = 4.124;
    /** A wall of sauce presses on its foot with half of its height in the mean. */
    private static final double STEEPEST = 0.5;
    /** Length and width of a spoon's bowl, and how deep it is filled, m. */
    private static final double SPOON_LONG_M = 0.06;

    private static final double SPOON_WIDE_M = 0.04;
    private static final double SPOON_DEEP_M = 0.008;
    /** A thin stream of less than this breaks into drops, m³/s; a thicker one holds on as a thread, by this viscosity, Pa·s. Kitchen teaching: water a second, syrup three, honey a quarter of a minute. */
    private static final double DROPS_M3_PER_S = 1e-6;

    private static final double THREAD_PA_S = 0.02;

    /** The film is followed down to a hundredth of its depth, in so many equal shares. */
    private static final int PARTS = 64;

    private static final double SHARE_LEFT = Math.pow(1e-2, 1.0 / PARTS);

    private SpoonTimes() {}

    /**
     * Until the line that a spoon drew across the pot's floor has closed: a film that runs in from both sides by its own weight
     * (Huppert 1982 for the viscous front), as fast as its inertia lets it at most.
     *
     * @param densityKgPerM3 above 0
     * @param depthM of the sauce over the floor, above 0
     * @return at most {@link #LONGEST_S}
     */
    public static double trailS(Consistency.Flow flow, double densityKgPerM3, double depthM) {
        double wallPa = densityKgPerM3 * GRAVITY_M_PER_S2 * depthM * Math.min(STEEPEST, depthM / HALF_LINE_M);
        double runs = FlowCurve.of(flow).filmMPerS(Math.min(depthM, HALF_LINE_M), wallPa) / FRONT;
        double falls = Math.sqrt(GRAVITY_M_PER_S2 * depthM);
        return Math.min(LONGEST_S, HALF_LINE_M * (1 / Math.max(runs, 1e-9) + 1 / falls));
    }

    /**
     * From lifting a full spoon until its stream breaks into drops: a film that runs off and gets thinner (Jeffreys 1930), until it brings no
     * stream any more. What stands by itself stops sooner, and where it stands on the spoon nobody waits for it.
     *
     * @return at most {@link #LONGEST_S}
     */
    public static double dripS(Consistency.Flow flow, double densityKgPerM3) {
        FlowCurve curve = FlowCurve.of(flow);
        if (curve.yieldPa() >= densityKgPerM3 * GRAVITY_M_PER_S2 * SPOON_DEEP_M) {
            return LONGEST_S;
        }
        double drops = DROPS_M3_PER_S / Math.sqrt(1 + flow.viscosityPaS() / THREAD_PA_S);
        double depth = SPOON_DEEP_M;
        double seconds = 0;
        for (int i = 0; i < PARTS; i++) {
            double next = depth * SHARE_LEFT;
            double middle = (depth + next) / 2;
            double runs = curve.filmMPerS(middle, densityKgPerM3 * GRAVITY_M_PER_S2 * middle);
            double speed = 1 / (1 / Math.max(runs, 1e-12) + 1 / Math.sqrt(2 * GRAVITY_M_PER_S2 * middle));
            if (speed * middle * SPOON_WIDE_M < drops || seconds > LONGEST_S) {
                break;
            }
            seconds += SPOON_LONG_M * (depth - next) / (speed * middle);
            depth = next;
        }
        return Math.min(LONGEST_S, seconds);
    }
}
