package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.estimate.Band;
import app.gradior.estimate.Forecast;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * A stage in the strip over the pot.
 *
 * @param state past, atwork or ahead
 * @param when what is known of its time, in words
 */
public record StageChip(String name, String state, String when) {

    static List<StageChip> all(Batch batch, Forecast forecast, Figures figures) {
        List<StageChip> chips = new ArrayList<>();
        List<Instant> ends = batch.stageEnds();
        int at = batch.stage();
        for (BatchPlan.PlanStage stage : batch.plan().course()) {
            int i = chips.size();
            if (i < at) {
                Instant began = i == 0 ? batch.startedAt() : ends.get(i - 1);
                double took = batch.minuteOf(ends.get(i)) - batch.minuteOf(began);
                chips.add(new StageChip(
                        Words.say(stage.name()), "past", Words.text("stage-chip.took", figures.minutes(took))));
            } else {
                chips.add(new StageChip(
                        Words.say(stage.name()), i == at ? "atwork" : "ahead", when(batch, forecast, i, at, figures)));
            }
        }
        return chips;
    }

    private static String when(Batch batch, Forecast forecast, int stage, int at, Figures figures) {
        if (forecast.partEnds().size() <= stage - at) {
            return "";
        }
        Band end = forecast.partEnds().get(stage - at);
        double left = end.middle() - forecast.nowMinute();
        return left < 1
                ? Words.text("stage-chip.about-now")
                : Words.text("stage-chip.to-about", figures.time(batch.momentOf(end.middle())));
    }
}
