package app.gradior.practice;

import app.gradior.finding.Unfit;

/**
 * What a cook judged before the truth was shown.
 *
 * @param atS seconds since the pot began
 * @param pot which of the pots, from 0
 * @param stepNow in the pot
 * @param stepCold at the table's temperature
 * @param minutesLeft until it should come off
 */
public record Said(double atS, int pot, double stepNow, double stepCold, double minutesLeft) {
    /** A pot that was judged no longer ago than this need not be judged again before it comes off, s; rounded. */
    public static final double LATELY_S = 90;

    static final double MOST_STEP = 9.9;
    static final double MOST_MINUTES = 240;

    public Said {
        Unfit.inRange("atS", atS, 0, Deed.LONGEST_S, " s");
        Unfit.inRange("stepNow", stepNow, 0, MOST_STEP, "");
        Unfit.inRange("stepCold", stepCold, 0, MOST_STEP, "");
        Unfit.inRange("minutesLeft", minutesLeft, 0, MOST_MINUTES, " min");
    }
}
