package app.gradior.estimate;

import app.gradior.course.Stirring;
import app.gradior.plan.Thickening;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageName;
import java.util.List;
import java.util.Optional;

/**
 * What the one who watches a pot has to go by, beside the forecast.
 *
 * @param sinceHeardMin since anything was recorded of it, 0 or more
 * @param sinceReadingMin since it was last read; infinite when never
 * @param stirring how often to stir it as it is
 * @param sinceStirMin since it was last stirred, or since the start
 * @param hand the stage it is in
 */
public record PotSituation(
        double sinceHeardMin, double sinceReadingMin, Stirring stirring, double sinceStirMin, AtHand hand) {

    /**
     * The stage at hand.
     *
     * @param stage as it is to be done
     * @param name what it is called
     * @param next name of the one after it; empty when this is the last
     * @param lastOnHeat whether no stage after it is on the heat
     * @param toPutIn lines that go in now and are not ticked, in words
     * @param pouring how far the slurry is, in a stage that takes one
     */
    public record AtHand(
            Stage stage,
            StageName name,
            Optional<StageName> next,
            boolean lastOnHeat,
            List<String> toPutIn,
            Optional<Pouring> pouring) {
        public AtHand {
            toPutIn = List.copyOf(toPutIn);
        }

        /** A pot with one stage, everything in. */
        public static AtHand only(Stage stage) {
            return new AtHand(
                    stage, new StageName.OfKind(stage.kind()), Optional.empty(), true, List.of(), Optional.empty());
        }
    }

    /**
     * A slurry on its way in, a portion at a time.
     *
     * @param next the next portion; empty when it is thick enough
     * @param sinceMin since the last portion; infinite before the first
     * @param seen whether its effect was looked at
     */
    public record Pouring(Optional<Thickening.Portion> next, double sinceMin, boolean seen) {}
}
