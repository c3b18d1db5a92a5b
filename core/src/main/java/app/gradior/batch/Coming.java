package app.gradior.batch;

import app.gradior.estimate.Forecast;
import app.gradior.finding.Finding;
import app.gradior.sauce.StageName;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * A moment of a pot for which hands will be wanted, as foretold: a device keeps it, and rings by itself when nobody can be asked.
 *
 * @param says what should be so then
 */
public record Coming(Instant at, Says says) {
    /** What should be so. */
    public sealed interface Says extends Finding {}

    /** A stage should be over. */
    public record StageOver(StageName stage) implements Says {}

    /** The last stage should be over. */
    public record AllOver(StageName stage) implements Says {}

    /** A coat should go on. */
    public record CoatDue(int number, int of) implements Says {}

    /** What cools should be so cold, °C. */
    public record Cold(double limitC) implements Says {}

    /** The ends of a batch's stages, most likely, as they follow; and its next coat. */
    public static List<Coming> of(Batch batch, Forecast forecast) {
        List<Coming> coming = new ArrayList<>();
        List<BatchPlan.PlanStage> course = batch.plan().course();
        for (int i = 0; i < forecast.partEnds().size() && forecast.part() + i < course.size(); i++) {
            int stage = forecast.part() + i;
            StageName name = course.get(stage).name();
            Instant at = batch.momentOf(forecast.partEnds().get(i).middle());
            coming.add(new Coming(at, stage + 1 < course.size() ? new StageOver(name) : new AllOver(name)));
        }
        NextCoat.of(batch)
                .ifPresent(next ->
                        next.at().ifPresent(at -> coming.add(new Coming(at, new CoatDue(next.number(), next.of())))));
        return coming;
    }
}
