package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchAdvice;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.BatchState;
import app.gradior.estimate.Band;
import app.gradior.estimate.Forecast;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.texture.Stair;
import app.gradior.web.frame.Figures;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The stage at hand: what goes in, what to look for, how long yet.
 *
 * @param number its place, from 1
 * @param name empty when all stages are over
 * @param next name of the one after it; empty for none
 * @param lookFor what ends it, in a sentence
 * @param beganMillis when it began, for a clock that goes on without a network
 * @param left minutes left, with their band, in words
 * @param ticks what goes in at its start
 * @param missing places of those neither ticked nor left out, with commas between
 * @param missingNames the same by name
 * @param portion the portion of slurry to pour now
 * @param inOven whether it stands in the oven, where nobody sets how it looks
 */
public record StageCard(
        int number,
        String name,
        String next,
        String lookFor,
        long beganMillis,
        String left,
        List<Tick> ticks,
        String missing,
        String missingNames,
        Optional<Pour> portion,
        boolean inOven) {

    /** A line to go in. */
    public record Tick(int line, String text, boolean in, boolean out) {}

    /** A portion of slurry, as the form takes it. */
    public record Pour(String starch, String starchG, String liquidG, String how) {}

    /** The card of a batch at a moment. */
    public static StageCard of(
            Batch batch, Forecast forecast, Optional<BatchAdvice.NextPortion> portion, Figures figures, Instant now) {
        List<BatchPlan.PlanStage> course = batch.plan().course();
        int at = batch.stage();
        if (at >= course.size()) {
            return new StageCard(
                    at + 1, "", "", "", now.toEpochMilli(), "", List.of(), "", "", Optional.empty(), false);
        }
        BatchPlan.PlanStage stage = course.get(at);
        List<Tick> ticks = batch.plan().stages() == null ? List.of() : ticks(batch, stage);
        List<Tick> missing = ticks.stream().filter(t -> !t.in() && !t.out()).toList();
        return new StageCard(
                at + 1,
                Words.say(stage.name()),
                at + 1 < course.size() ? Words.say(course.get(at + 1).name()) : "",
                pieces(batch, stage, figures).orElseGet(() -> lookFor(batch, stage, forecast, figures)),
                batch.stageBegan().toEpochMilli(),
                left(forecast, figures),
                ticks,
                String.join(",", missing.stream().map(t -> "" + t.line()).toList()),
                String.join("; ", missing.stream().map(Tick::text).toList()),
                portion.map(p -> new Pour(
                        p.starch().key(),
                        Numbers.cooks(p.portion().starchG()),
                        Numbers.plain(p.portion().coldLiquidG(), 0),
                        Words.say(p.starch(), "boiling"))),
                stage.kind() == StageKind.OVEN);
    }

    private static List<Tick> ticks(Batch batch, BatchPlan.PlanStage stage) {
        BatchState.Ticks known = batch.ticks();
        List<Tick> ticks = new ArrayList<>();
        for (int line : stage.lines()) {
            ticks.add(new Tick(
                    line,
                    batch.plan().lines().get(line).text(),
                    known.in().contains(line),
                    known.out().contains(line)));
        }
        return ticks;
    }

    private static String left(Forecast forecast, Figures figures) {
        return forecast.stageEnd()
                .map(end -> {
                    Band left = end.minutesFrom(forecast.nowMinute());
                    return left.middle() < 0.5
                            ? Words.text("stage-card.about-now")
                            : Words.text("stage-card.more", figures.minutesBand(left, end.highIsOpen()));
                })
                .orElse(Words.text("stage-card.no-end-in-sight"));
    }

    /** What comes out or goes back in a stage that moves pieces; what is poured off at the end of one that renders fat. */
    private static Optional<String> pieces(Batch batch, BatchPlan.PlanStage stage, Figures figures) {
        StageWork work = stage.working();
        Double keptG = work.keepFatG();
        Double keptShare = work.keepFatShare();
        if (stage.kind() == StageKind.RENDER && (keptG != null || keptShare != null)) {
            String kept = keptG != null
                    ? figures.mass(keptG)
                    : Numbers.plain(100 * Objects.requireNonNull(keptShare), 0) + " %";
            return Optional.of(Words.text("stage-card.pour-off", Numbers.cooks(stage.value()), kept));
        }
        if (stage.kind() == StageKind.OVEN) {
            return Optional.of(Words.text(
                    "stage-card.in-oven",
                    figures.temp(work.oven()),
                    Words.text("check.lid", batch.heat().lid())));
        }
        if (!stage.kind().movesPieces()) {
            return Optional.empty();
        }
        String names = work.lines().stream()
                .map(line -> batch.plan().lines().get(line).text())
                .collect(Collectors.joining(", "));
        return Optional.of(Words.text(
                "stage-card.moves",
                stage.kind(),
                names.isEmpty() ? Words.text("stage-card.set-aside", stage.kind()) : names));
    }

    /** What a cook sees when the stage is over. */
    private static String lookFor(Batch batch, BatchPlan.PlanStage stage, Forecast forecast, Figures figures) {
        Optional<Forecast.StageEnd> end = forecast.stageEnd();
        String level =
                end.map(e -> Numbers.plain(e.levelMm().middle(), 0) + " mm").orElse(Words.text("stage-card.its-mark"));
        String gross = end.map(e ->
                        figures.mass(e.massG().middle() + batch.plan().pot().emptyG()))
                .orElse(Words.text("stage-card.its-weight"));
        return switch (stage.end()) {
            case MINUTES -> Words.text("stage-card.min-at-its-heat", Numbers.cooks(stage.value()));
            case WORD -> Words.text("stage-card.until-it-looks-right-about-min", Numbers.cooks(stage.value()));
            case FRACTION, FRACTION_ADDED, VOLUME, WEIGHT ->
                Words.text("stage-card.until-the-level-is-at-or", level, gross);
            case LEVEL -> Words.text("stage-card.until-the-level-is-at-mm", Numbers.plain(stage.value(), 0));
            case STEP_HOT, STEP_SERVED ->
                end.map(e -> {
                            Stair.Tread tread = Stair.Tread.of(e.stepHot().middle());
                            return Words.text(
                                    "stage-card.until-it-looks-like-a-in",
                                    Words.say(tread),
                                    Words.say(tread, "spoon"),
                                    level);
                        })
                        .orElse(Words.text("stage-card.until-it-is-thick-enough"));
            case BOILING -> Words.text("stage-card.until-it-boils-at", figures.temp(stage.value()));
            case COOLED -> Words.text("stage-card.until-it-has-cooled-to", figures.temp(stage.value()));
        };
    }
}
