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
        List<PotState> curve,
        double evaporatedG,
        Mixture leftBehind,
        Stirring stirring,
        boolean alreadyThere,
        Optional<TooWeak> tooWeak) {
    /**
     * What a burner brings and what the pot takes, W.
     *
     * @param wantsW to get to its heat as it stands; or, where it gets there, to bubble as it is set
     * @param liddedW to get there under a lid; 0 when it gets there
     */
    public record TooWeak(double hasW, double wantsW, double liddedW) {
        /** Whether it gets there at all. */
        public boolean getsThere() {
            return liddedW == 0;
        }
    }

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
