package app.gradior.batch;

import app.gradior.estimate.Forecast;
import app.gradior.sauce.Portions;
import app.gradior.sauce.Use;

/**
 * Guests that a batch is to serve beside those that it was planned for, with the same sauce.
 *
 * @param givesMl what it was planned to give, or else will, mL at 20 °C
 * @param moreMl what the others take, mL at 20 °C
 * @param step the one planned, when served
 */
public record MoreGuests(double givesMl, double moreMl, double step) {
    /** So many more, of a sauce for that use. */
    public static MoreGuests of(BatchPlan plan, Forecast forecast, double guests, Use use) {
        BatchPlan.Planned planned = plan.planned();
        double givesMl = planned != null
                ? planned.volumeMl20c()
                : forecast.finish()
                        .map(finish -> finish.volumeMl20c().middle())
                        .orElse(forecast.likely().mixture().volumeMl20c());
        return new MoreGuests(givesMl, Portions.USUAL.wantedMl(guests, use), plan.targetStep());
    }

    /** What there must be for all of them, mL at 20 °C. */
    public double leastMl() {
        return givesMl + moreMl;
    }
}
