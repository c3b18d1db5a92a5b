package app.gradior.practice;

/**
 * How well a pot was cooked, each part 0 to 1: never by speed alone, since what is quick and wrong is wrong. The weights are ours.
 *
 * @param thickness at the table, against what was wanted
 * @param yield of what could have been had, what is there
 * @param time against the steady hand's
 * @param clean of what was not burnt or over-salted
 * @param calm by how often it was touched
 */
public record Score(double thickness, double yield, double time, double clean, double calm) {
    private static final double OF_THICKNESS = 40;
    private static final double OF_YIELD = 15;
    private static final double OF_TIME = 15;
    private static final double OF_CLEAN = 20;
    private static final double OF_CALM = 10;
    /** As near as nobody tastes, and as far as it is another sauce, steps. */
    private static final double SAME_STEP = 0.15;

    private static final double OTHER_SAUCE_STEPS = 2;
    /** Nothing is left for one that took so many times as long. */
    private static final double SLOWEST = 3;
    /** Burnt so far it is ruined. */
    private static final double RUINED = 1;
    /** g in 100 g off what was wanted, at which nobody eats it. */
    private static final double OVERSALTED = 1;

    private static final double NEEDED_TOUCHES_PER_MIN = 0.8;
    private static final double NEEDED_TOUCHES = 6;
    private static final double FIDGETS_PER_MIN = 4;

    /**
     * What came of a pot.
     *
     * @param offSteps thicker than wanted at the table, below 0 for thinner
     * @param yieldShare of what it could have given at that thickness
     * @param minutes it took
     * @param steadyMinutes that a steady hand takes
     * @param burnt 0 not at all, 1 ruined
     * @param offSalt g in 100 g from what was wanted; 0 where nobody asks
     * @param touches how often
     */
    record Outcome(
            double offSteps,
            double yieldShare,
            double minutes,
            double steadyMinutes,
            double burnt,
            double offSalt,
            int touches) {}

    static Score of(Outcome o) {
        double thickness = falling(Math.abs(o.offSteps()), SAME_STEP, OTHER_SAUCE_STEPS);
        double time = falling(o.minutes() / Math.max(1, o.steadyMinutes()), 1.15, SLOWEST);
        double clean = falling(o.burnt(), 0.08, RUINED) * falling(Math.abs(o.offSalt()), 0.08, OVERSALTED);
        double needed = NEEDED_TOUCHES + NEEDED_TOUCHES_PER_MIN * o.minutes();
        double calm = falling(o.touches(), needed, needed + FIDGETS_PER_MIN * Math.max(5, o.minutes()));
        // What is off too soon is not quick but unfinished.
        return new Score(thickness, falling(1 - o.yieldShare(), 0.02, 0.5), time * thickness, clean, calm);
    }

    /** 1 up to the first, 0 from the second on. */
    private static double falling(double value, double from, double to) {
        return Math.max(0, Math.min(1, (to - value) / (to - from)));
    }

    /** Of a hundred. */
    public double total() {
        return OF_THICKNESS * thickness + OF_YIELD * yield + OF_TIME * time + OF_CLEAN * clean + OF_CALM * calm;
    }
}
