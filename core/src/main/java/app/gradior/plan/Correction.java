package app.gradior.plan;

import app.gradior.mixture.Mixture;
import app.gradior.texture.Consistency;
import java.util.OptionalDouble;

/**
 * What a correction does to a sauce.
 *
 * @param stepChange at the serving temperature; below 0 when it thins
 * @param volumeMl added at 20 °C
 * @param waterEquivalentG water that would have thinned it as much; 0 when it does not thin
 */
public record Correction(double stepChange, double volumeMl, double waterEquivalentG) {

    /** The effect of adding that to the sauce. */
    public static Correction of(Mixture sauce, Mixture added, double servedC, double bodyFactor) {
        double before = Consistency.step(sauce.cooked(), bodyFactor, servedC);
        double after = Consistency.step(sauce.plus(added).cooked(), bodyFactor, servedC);
        OptionalDouble water = Thinning.waterToStep(sauce, after, servedC, bodyFactor);
        return new Correction(
                after - before,
                sauce.plus(added).volumeMl20c() - sauce.volumeMl20c(),
                after < before ? water.orElse(0) : 0);
    }
}
