package app.gradior.sauce;

import app.gradior.finding.Unfit;

/**
 * What guests take of a sauce, and what is to be left of it on purpose.
 *
 * @param appetite how much of it they take
 * @param leftMl to be left over, mL at 20 °C
 */
public record Portions(Appetite appetite, double leftMl) {
    public static final Portions USUAL = new Portions(Appetite.USUAL, 0);
    public static final double MOST_LEFT_ML = 100_000;

    /** How much guests take; ours, from kitchen practice. */
    public enum Appetite {
        SMALL(0.7),
        USUAL(1),
        BIG(1.5);

        private final double portions;

        Appetite(double portions) {
            this.portions = portions;
        }

        /** Usual portions that one guest takes. */
        public double portions() {
            return portions;
        }
    }

    public Portions {
        Unfit.inRange("leftMl", leftMl, 0, MOST_LEFT_ML, " mL");
    }

    /** What so many guests want of a sauce for that use, and what is left, mL at 20 °C. */
    public double wantedMl(double guests, Use use) {
        return guests * appetite.portions() * use.portionMl() + leftMl;
    }
}
