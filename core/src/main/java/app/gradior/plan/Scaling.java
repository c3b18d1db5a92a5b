package app.gradior.plan;

import app.gradior.sauce.Use;

/** The four ways to make more or less of a sauce: each gives the factor on every line. */
public final class Scaling {
    private static final double LEAST = 0.01;
    private static final double MOST = 100;

    private Scaling() {}

    /** By a factor of the cook's own. */
    public static double byFactor(double factor) {
        if (!(factor >= LEAST && factor <= MOST)) {
            throw new IllegalArgumentException("factor is " + factor + ": 0.01 to 100 expected");
        }
        return factor;
    }

    /** To a yield: what is wanted over what the sauce gives as written, both mL at 20 °C. */
    public static double byYield(double wantedMl, double yieldAsWrittenMl) {
        if (!(yieldAsWrittenMl > 0)) {
            throw new IllegalArgumentException("the sauce as written yields nothing to scale from");
        }
        return byFactor(wantedMl / yieldAsWrittenMl);
    }

    /** For so many guests, each with the portion that the use calls for. */
    public static double byGuests(int guests, Use use, double yieldAsWrittenMl) {
        if (guests < 1 || guests > 10_000) {
            throw new IllegalArgumentException("guests is " + guests + ": 1 to 10000 expected");
        }
        return byYield(guests * use.portionMl(), yieldAsWrittenMl);
    }

    /** By the one ingredient there is only so much of, both grams. */
    public static double byIngredient(double haveG, double neededG) {
        if (!(neededG > 0)) {
            throw new IllegalArgumentException("this ingredient weighs nothing in the sauce: choose another");
        }
        return byFactor(haveG / neededG);
    }
}
