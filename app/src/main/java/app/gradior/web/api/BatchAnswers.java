package app.gradior.web.api;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.BatchState;
import app.gradior.batch.Understood;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.room.batch.EventJson;
import app.gradior.room.words.Words;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the API answers of batches, and how it comes from them. */
final class BatchAnswers {
    private BatchAnswers() {}

    /**
     * A stage of a batch.
     *
     * @param lines places of the batch's lines that go in at its start; of takeOut and putBack those that come out or go back
     * @param state done, on or next
     * @param targetStep step when served at its end, where it is known
     */
    // Wide: as the API has it.
    record StageAnswer(
            String kind,
            String name,
            List<Integer> lines,
            List<Integer> pours,
            String look,
            String lid,
            String end,
            double value,
            String state,
            @Nullable Double targetStep,
            double servedC,
            @Nullable Double share,
            @Nullable Double keepFatG,
            @Nullable Double keepFatShare,
            @Nullable Double ovenC) {}

    /** A line of a batch; in is whether it was ticked, out whether it was left out. */
    record LineAnswer(String text, String food, double massG, boolean in, boolean out) {}

    // Wide: as the API has it.
    record BatchAnswer(
            long id,
            String name,
            String state,
            @Nullable Long sauceId,
            @Nullable Integer version,
            OffsetDateTime startedAt,
            @Nullable OffsetDateTime finishedAt,
            BatchPlan.PlanPot pot,
            String look,
            String lid,
            double altitudeM,
            double targetStep,
            double servedC,
            boolean hot,
            List<LineAnswer> lines,
            List<StageAnswer> stages,
            List<ObjectNode> events) {}

    /**
     * A page of batches.
     *
     * @param nextPage absent after the last
     * @param odd those of this page that cannot be read, and why
     */
    record BatchesAnswer(
            List<BatchAnswer> batches, @Nullable Integer nextPage, List<OddAnswer> odd) {}

    record OddAnswer(String name, String address, String why) {}

    record Now(double massG, double volumeMl, double stepHot, double stepServed) {}

    record Finish(
            OffsetDateTime at,
            OffsetDateTime atLow,
            @Nullable OffsetDateTime atHigh,
            double volumeMl,
            double low,
            double high) {}

    /**
     * The stage it is in.
     *
     * @param index from 0; the number of stages when all are over
     * @param warming whether it is still getting hot
     * @param endsAt when it most likely ends; absent when it does not, or all are over
     */
    record StageNow(
            int index,
            String name,
            boolean warming,
            @Nullable OffsetDateTime endsAt,
            @Nullable OffsetDateTime endsAtLow,
            @Nullable OffsetDateTime endsAtHigh) {}

    record ForecastAnswer(
            OffsetDateTime at, Now now, @Nullable Finish finish, StageNow stage, String doNow) {}

    record PromptAnswer(String doNow, String why, boolean urgent) {}

    static ForecastAnswer forecast(Batch batch, Forecast forecast, Prompt prompt, Instant moment) {
        Finish finish = forecast.finish().map(f -> finish(batch, f)).orElse(null);
        return new ForecastAnswer(
                time(moment),
                new Now(
                        forecast.massG().middle(),
                        forecast.volumeMl20c().middle(),
                        forecast.stepHot().middle(),
                        forecast.stepServed().middle()),
                finish,
                stageNow(batch, forecast),
                Words.say(prompt.doNow()));
    }

    private static StageNow stageNow(Batch batch, Forecast forecast) {
        List<BatchPlan.PlanStage> course = batch.plan().course();
        int at = Math.min(forecast.part(), course.size());
        Forecast.StageEnd end = forecast.stageEnd().orElse(null);
        return new StageNow(
                at,
                at < course.size() ? Words.say(course.get(at).name()) : "",
                forecast.warming(),
                end == null ? null : time(batch.momentOf(end.minute().middle())),
                end == null ? null : time(batch.momentOf(end.minute().low())),
                end == null || end.highIsOpen()
                        ? null
                        : time(batch.momentOf(end.minute().high())));
    }

    private static Finish finish(Batch batch, Forecast.Finish f) {
        return new Finish(
                time(batch.momentOf(f.minute().middle())),
                time(batch.momentOf(f.minute().low())),
                f.highIsOpen() ? null : time(batch.momentOf(f.minute().high())),
                f.volumeMl20c().middle(),
                f.volumeMl20c().low(),
                f.volumeMl20c().high());
    }

    static BatchAnswer batch(Batch batch, EventJson json) {
        return new BatchAnswer(
                batch.id(),
                batch.name(),
                batch.state().name().toLowerCase(Locale.ROOT),
                batch.sauceId(),
                batch.sauceVersion(),
                time(batch.startedAt()),
                batch.finishedAt() == null ? null : time(batch.finishedAt()),
                batch.plan().pot(),
                batch.heat().look().key(),
                batch.heat().lid().key(),
                batch.plan().altitudeM(),
                batch.plan().targetStep(),
                batch.plan().servedC(),
                batch.plan().hotAtStart(),
                lines(batch),
                stages(batch),
                batch.events().stream().map(event -> event(event, json)).toList());
    }

    private static List<LineAnswer> lines(Batch batch) {
        BatchState.Ticks ticks = batch.ticks();
        List<LineAnswer> answers = new ArrayList<>();
        for (int i = 0; i < batch.plan().lines().size(); i++) {
            Understood line = batch.lines().get(i);
            answers.add(new LineAnswer(
                    line.text(),
                    line.food().id(),
                    line.massG(),
                    ticks.in().contains(i),
                    ticks.out().contains(i)));
        }
        return answers;
    }

    private static List<StageAnswer> stages(Batch batch) {
        int at = batch.state() == Batch.State.LIVE ? batch.stage() : Integer.MAX_VALUE;
        List<StageAnswer> answers = new ArrayList<>();
        for (BatchPlan.PlanStage s : batch.plan().course()) {
            int i = answers.size();
            answers.add(new StageAnswer(
                    s.kind().key(),
                    Words.say(s.name()),
                    s.named(),
                    s.pours(),
                    s.look().key(),
                    s.lid().key(),
                    s.end().name().toLowerCase(Locale.ROOT),
                    s.value(),
                    i < at ? "done" : i == at ? "on" : "next",
                    s.stepServed(),
                    batch.plan().servedC(),
                    s.working().share(),
                    s.working().keepFatG(),
                    s.working().keepFatShare(),
                    s.working().ovenC()));
        }
        return answers;
    }

    /** An event as it came in: its type's fields beside key, time and type. */
    static ObjectNode event(BatchEvent event, EventJson json) {
        ObjectNode fields = (ObjectNode) json.tree(event.body());
        Map<String, JsonNode> own = new LinkedHashMap<>();
        fields.properties().forEach(field -> own.put(field.getKey(), field.getValue()));
        fields.removeAll();
        fields.put("id", event.id());
        fields.put("clientKey", event.clientKey());
        fields.put("at", time(event.at()).toString());
        fields.put("type", event.body().type());
        if (!event.by().isEmpty()) {
            fields.put("by", event.by());
        }
        own.forEach(fields::set);
        return fields;
    }

    private static OffsetDateTime time(Instant instant) {
        return OffsetDateTime.ofInstant(instant, ZoneOffset.UTC);
    }
}
