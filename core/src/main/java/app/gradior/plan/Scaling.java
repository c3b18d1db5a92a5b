package app.gradior.plan;

import app.gradior.finding.Unfit;
import app.gradior.sauce.Use;

/** The four ways to make more or less of a sauce: each gives the factor on every line. */
public final class Scaling {
    private static final double LEAST = 0.01;
    private static final double MOST = 100;
    private static final int MOST_GUESTS = 10_000;

    private Scaling() {}

    /** By a factor of the cook's own. */
    public static double byFactor(double factor) {
        return Unfit.inRange("factor", factor, LEAST, MOST, "");
    }

    /** To a yield: what is wanted over what the sauce gives as written, both mL at 20 °C. */
    public static double byYield(double wantedMl, double yieldAsWrittenMl) {
        if (!(yieldAsWrittenMl > 0)) {
            throw new Unfit(new BalanceFinding.NothingToScale());
        }
        return byFactor(wantedMl / yieldAsWrittenMl);
    }

    /** For so many guests, each with the portion that the use calls for. */
    public static double byGuests(int guests, Use use, double yieldAsWrittenMl) {
        Unfit.inRange("guests", guests, 1, MOST_GUESTS, "");
        return byYield(guests * use.portionMl(), yieldAsWrittenMl);
    }

    /** By the one ingredient there is only so much of, both grams. */
    public static double byIngredient(double haveG, double neededG) {
        if (!(neededG > 0)) {
            throw new Unfit(new BalanceFinding.Weightless());
        }
        return byFactor(haveG / neededG);
    }
}
