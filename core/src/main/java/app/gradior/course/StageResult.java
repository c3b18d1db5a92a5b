package app.gradior.course;

import app.gradior.mixture.Mixture;
import app.gradior.sauce.Stage;
import app.gradior.simmer.PotState;
import java.util.List;
import java.util.Optional;

/**
 * What one stage came to.
 *
 * @param startMinute when it began, minutes since the first stage began
 * @param warmUpMinutes until the pot looks as it is set
 * @param minutes from then to the end of the stage
 * @param in what was in the pot once this stage's additions were
 * @param foodMl of food that cooks in it and is no part of it, mL at 20 °C, at the same time
 * @param curve the pot from the look being reached to the end; at least one point; steps are NaN with nothing liquid
 * @param evaporatedG mass that left as vapour
 * @param leftBehind what stayed in a mill, a sieve or a jug
 * @param stirring at its end, when it is thickest
 * @param alreadyThere whether its end was met before it began
 * @param tooWeak what the burner lacks, when it does not bring it to the heat of the stage
 */
public record StageResult(
        Stage stage,
        double startMinute,
        double warmUpMinutes,
        double minutes,
        Mixture in,
        double foodMl,
        List<PotState> curve,
        double evaporatedG,
        Mixture leftBehind,
        Stirring stirring,
        boolean alreadyThere,
        Optional<TooWeak> tooWeak) {
    /** What a burner lacks, W. */
    public sealed interface TooWeak {}

    /**
     * It never gets to its heat.
     *
     * @param hasW what the burner brings
     * @param wantsW what it takes to get there as the lid is
     * @param liddedW what it takes under a lid
     */
    public record NeverThere(double hasW, double wantsW, double liddedW) implements TooWeak {}

    /**
     * It gets there, and does not bubble as it is set.
     *
     * @param hasW what the burner brings
     * @param wantsW what it takes to bubble so
     */
    public record TooCalm(double hasW, double wantsW) implements TooWeak {}

    public StageResult {
        curve = List.copyOf(curve);
    }

    public double endMinute() {
        return startMinute + warmUpMinutes + minutes;
    }

    public PotState end() {
        return curve.get(curve.size() - 1);
    }

    public Mixture out() {
        return end().mixture();
    }
}
