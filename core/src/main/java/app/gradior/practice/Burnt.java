package app.gradior.practice;

/** How burnt a sauce tastes. */
public enum Burnt {
    CLEAN,
    CAUGHT,
    RUINED;

    private static final double TASTED = 0.2;
    private static final double RUINS = 0.7;

    /** Of what has caught and browned: 0 not at all, 1 ruined; bounds are a kitchen's estimate. */
    public static Burnt of(double burnt) {
        return burnt > RUINS ? RUINED : burnt > TASTED ? CAUGHT : CLEAN;
    }
}
