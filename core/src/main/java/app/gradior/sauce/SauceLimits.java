package app.gradior.sauce;

import app.gradior.finding.Refusal;

/** What a sauce may be at most, said once for forms, files and programs. */
public final class SauceLimits {
    /** Ingredient lines of a sauce; arbitrary, more than any that is cooked at home. */
    public static final int MOST_LINES = 80;
    /** A frozen sauce is tasted no colder, °C. */
    public static final double COLDEST_SERVED_C = -20;
    /** A sauce is served no hotter than water boils at the sea, °C. */
    public static final double HOTTEST_SERVED_C = 100;
    /** Broth. */
    public static final double LEAST_STEP = 1;
    /** Set. */
    public static final double MOST_STEP = 9;

    /** A spoonful. */
    public static final double LEAST_YIELD_ML = 10;
    /** More than any pot at home holds, mL. */
    public static final double MOST_YIELD_ML = 100_000;

    private SauceLimits() {}

    /** Whether a sauce is served at that temperature, °C; not when it is no number. */
    public static boolean isServed(double c) {
        return c >= COLDEST_SERVED_C && c <= HOTTEST_SERVED_C;
    }

    /** Whether a sauce can be wanted at that step of the stair; not when it is no number. */
    public static boolean isStep(double step) {
        return step >= LEAST_STEP && step <= MOST_STEP;
    }

    /**
     * A serving temperature, °C.
     *
     * @throws Refusal when it is out of range
     */
    public static double servedC(String field, double c) {
        return Refusal.inRange(field, c, COLDEST_SERVED_C, HOTTEST_SERVED_C, " °C");
    }

    /**
     * A step of the stair as wanted.
     *
     * @throws Refusal when it is out of range
     */
    public static double targetStep(String field, double step) {
        return Refusal.inRange(field, step, LEAST_STEP, MOST_STEP, "");
    }
}
