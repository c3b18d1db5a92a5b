package app.gradior.rescue;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;

/**
 * A wish: where something of a sauce is to lie.
 *
 * @param low at least so much, in the measure's unit; −∞ for whatever
 * @param high at most so much; ∞ for whatever
 */
public record Aim(Measure measure, double low, double high) {
    public Aim {
        if (!(low <= high)) {
            throw new Unfit(measure.key(), new Wrong.Least(measure.key(), high, low, ""));
        }
    }

    public static Aim atLeast(Measure measure, double low) {
        return new Aim(measure, low, Double.POSITIVE_INFINITY);
    }

    public static Aim atMost(Measure measure, double high) {
        return new Aim(measure, Double.NEGATIVE_INFINITY, high);
    }

    /** As near to that as nobody notices. */
    public static Aim at(Measure measure, double value) {
        return new Aim(measure, value - measure.near(), value + measure.near());
    }

    /** How far a value misses it, in units of what nobody notices; 0 when it does not, below 0 when it is too little. */
    double missedBy(double value) {
        double off = value < low ? value - low : value > high ? value - high : 0;
        return off / measure.near();
    }
}
