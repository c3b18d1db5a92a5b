package app.gradior.web.frame;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.NextCoat;
import app.gradior.estimate.Forecast;
import app.gradior.room.words.Words;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.json.JsonMapper;

/**
 * Moments of a pot that a device rings for by itself when nobody can be asked any more: the ends of its stages as foretold, and the next
 * coat. By how long from now, for devices' clocks differ.
 *
 * @param in ms from now
 * @param says what should be so then
 */
public record Coming(long in, String says) {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** Of a pot that is on, the soonest first as its stages go. */
    static List<Coming> of(Batch batch, Forecast forecast, Instant now) {
        List<Coming> coming = new ArrayList<>();
        List<BatchPlan.PlanStage> course = batch.plan().course();
        for (int i = 0; i < forecast.partEnds().size(); i++) {
            int stage = forecast.part() + i;
            Instant at = batch.momentOf(forecast.partEnds().get(i).middle());
            String key = stage + 1 < course.size() ? "coming.stage" : "coming.last";
            String name = stage < course.size() ? Words.say(course.get(stage).kind()) : batch.name();
            coming.add(at(at, now, Words.text(key, name)));
        }
        NextCoat.of(batch)
                .ifPresent(next -> next.at()
                        .ifPresent(at -> coming.add(at(at, now, Words.text("coming.coat", next.number(), next.of())))));
        return coming;
    }

    static Coming at(Instant at, Instant now, String says) {
        return new Coming(Math.max(0, Duration.between(now, at).toMillis()), says);
    }

    /** As pages carry it. */
    static String json(List<Coming> coming) {
        return JSON.writeValueAsString(coming);
    }
}
