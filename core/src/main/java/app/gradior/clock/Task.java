package app.gradior.clock;

import app.gradior.finding.Unfit;

/**
 * One piece of work on a sauce.
 *
 * @param name in the cook's words
 * @param minutes 0 to two days; rounded up to whole minutes when it is placed
 * @param handsOn whether it takes the cook's hands all the while
 * @param onHeat whether it takes a burner
 * @param mayWaitAfter whether the sauce may stand before the next piece of work begins
 */
public record Task(TaskName name, double minutes, boolean handsOn, boolean onHeat, boolean mayWaitAfter) {
    private static final double LONGEST_MIN = 2 * 24 * 60;

    public Task {
        Unfit.inRange("minutes", minutes, 0, LONGEST_MIN, "");
    }

    /** Work with the hands away from the heat, after which things may stand. */
    public static Task byHand(TaskName name, double minutes) {
        return new Task(name, minutes, true, false, true);
    }

    /** Time that passes by itself away from the heat. */
    public static Task standing(TaskName name, double minutes) {
        return new Task(name, minutes, false, false, true);
    }

    int wholeMinutes() {
        return (int) Math.ceil(minutes - 0.05);
    }
}
