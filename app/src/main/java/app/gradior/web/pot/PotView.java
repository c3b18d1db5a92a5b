package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchAdvice;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.BatchTelling;
import app.gradior.care.Caution;
import app.gradior.estimate.Band;
import app.gradior.estimate.Forecast;
import app.gradior.estimate.Prompt;
import app.gradior.measure.Numbers;
import app.gradior.mixture.SpecificVolume;
import app.gradior.room.words.Words;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.Heat;
import app.gradior.texture.AsMet;
import app.gradior.texture.Consistency;
import app.gradior.texture.Doubt;
import app.gradior.texture.Stair;
import app.gradior.web.draw.DescentDrawing;
import app.gradior.web.draw.SectionDrawing;
import app.gradior.web.draw.StairDrawing;
import app.gradior.web.frame.Figures;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A pot as a page shows it: the three answers, the drawings, what to do and what happened.
 */
// Wide: what the page shows.
public record PotView(
        long id,
        String name,
        String potName,
        String started,
        Prompt prompt,
        String next,
        PotAnswers answers,
        String lossLine,
        String stair,
        String section,
        String descent,
        Heat heat,
        boolean onHeat,
        List<StageChip> stages,
        StageCard stage,
        List<Caution> cautions,
        Optional<Caution> wholePieces,
        List<String> likely,
        Optional<CoatsOnFood> coats,
        List<EventWords.Entry> log,
        String onlyBy,
        String hand,
        String asOf) {

    /** How thick what is no sauce yet is. */
    private static final Band NONE = new Band(Double.NaN, Double.NaN, Double.NaN);

    /** So much thicker than wanted is worth thinning, steps. */
    private static final double PAST_STEP = 0.4;
    /** A body known worse than this is told with its cause. */
    private static final double WORTH_TELLING_LOG_SD = 0.4;

    /** The view of a batch with that forecast. */
    public static PotView of(
            Batch batch,
            Forecast forecast,
            Prompt prompt,
            Optional<BatchAdvice.NextPortion> portion,
            Figures figures,
            Instant now) {
        double startMm = batch.plan()
                .pot()
                .shape()
                .levelMm(forecast.stageStartMl20c() * SpecificVolume.expansion(hottest(forecast)));
        OptionalDouble stopMm = forecast.stageEnd()
                .map(end -> OptionalDouble.of(end.levelMm().middle()))
                .orElse(OptionalDouble.empty());
        String pot =
                Words.text("pot-view.in-the-pot", figures.temp(forecast.likely().tempC()));
        String table =
                Words.text("pot-view.at-the-table", figures.temp(batch.plan().servedC()));
        return new PotView(
                batch.id(),
                batch.name(),
                batch.plan().pot().name(),
                figures.time(batch.startedAt()),
                prompt,
                next(batch, forecast, figures),
                PotAnswers.of(batch, forecast, figures),
                lossLine(batch, forecast, figures) + leastSure(batch, forecast, prompt),
                StairDrawing.draw(
                        PotAnswers.liquid(batch, forecast) ? forecast.stepHot().middle() : NONE.middle(),
                        PotAnswers.liquid(batch, forecast) ? forecast.stepServed() : NONE,
                        batch.plan().targetStep(),
                        pot,
                        table,
                        StairDrawing.Later.of(
                                PotAnswers.end(forecast),
                                PotAnswers.liquid(batch, forecast) ? forecast.stepServed() : NONE,
                                night(batch, forecast))),
                SectionDrawing.draw(
                        batch.plan().pot().shape(), startMm, forecast.levelMm().middle(), stopMm, true),
                descent(batch, forecast, figures),
                batch.heat(),
                batch.onHeat(),
                StageChip.all(batch, forecast, figures),
                StageCard.of(batch, forecast, portion, figures, now),
                new BatchAdvice(batch, forecast, now).cautions(),
                new BatchTelling(batch).wholePieces(),
                LikelyNow.of(batch, forecast),
                CoatsOnFood.of(batch, figures),
                log(batch, forecast, figures),
                EventWords.onlyBy(batch),
                batch.inHand(),
                figures.time(now));
    }

    /** How it would be met the next day, as it is now. */
    private static Optional<StairDrawing.Night> night(Batch batch, Forecast forecast) {
        if (!PotAnswers.liquid(batch, forecast)) {
            return Optional.empty();
        }
        List<AsMet> met = AsMet.all(
                forecast.likely().mixture().cooked(),
                forecast.likelyBody(),
                forecast.likely().tempC(),
                batch.plan().servedC());
        return Optional.of(StairDrawing.Night.of(met.get(met.size() - 1)));
    }

    /** What the thickness is least sure of, where that is worth a word. */
    private static String leastSure(Batch batch, Forecast forecast, Prompt prompt) {
        if (!PotAnswers.liquid(batch, forecast)) {
            return "";
        }
        double servedC = batch.plan().servedC();
        Doubt doubt =
                Consistency.doubtNow(forecast.likely().mixture().cooked(), servedC, Consistency.usualHeldH(servedC));
        return doubt.logSd() < WORTH_TELLING_LOG_SD
                ? ""
                : " " + Words.text("pot-view.least-sure", Words.say(doubt.cause(), "doubt"))
                        + forecast.worthMost()
                                .filter(help ->
                                        !prompt.action().equals(help.kind().key()))
                                .map(help -> " "
                                        + Words.text(
                                                "pot-view.would-settle",
                                                Words.say(help.kind(), "taken"),
                                                help.kind().minutes(),
                                                100 * (1 - help.widthLeft())))
                                .orElse("");
    }

    private static double hottest(Forecast forecast) {
        return Double.isNaN(forecast.boilingC().middle())
                ? 100
                : forecast.boilingC().middle();
    }

    private static String lossLine(Batch batch, Forecast forecast, Figures figures) {
        String inPot = Words.text(
                "pot-view.in-the-pot-2",
                figures.mass(forecast.massG().middle()),
                (PotAnswers.liquid(batch, forecast)
                        ? Words.text(
                                "pot-view.salt",
                                Numbers.fixed(forecast.saltPercent().middle(), 1))
                        : "."));
        if (!PotAnswers.liquid(batch, forecast)) {
            return inPot;
        }
        return Words.text(
                "pot-view.a-minute-leaves-now-boils-at",
                figures.mass(Math.max(0, forecast.lossGPerMin().middle())),
                figures.temp(forecast.boilingC().middle()),
                inPot);
    }

    private static String next(Batch batch, Forecast forecast, Figures figures) {
        List<BatchPlan.PlanStage> course = batch.plan().course();
        int at = batch.stage();
        if (at < course.size() && lastOnHeat(course, at)) {
            return takeOff(batch, forecast, figures);
        }
        if (at >= course.size()) {
            return Words.text("pot-view.finish-cool-it-fill-jars-label");
        }
        if (at + 1 == course.size()) {
            return Words.text("pot-view.after-this-it-is-done");
        }
        BatchPlan.PlanStage next = course.get(at + 1);
        String in = Stream.concat(next.lines().stream(), next.pours().stream())
                .map(line -> batch.plan().lines().get(line).text())
                .collect(Collectors.joining(", "));
        String when = forecast.stageEnd()
                .filter(end -> end.minute().middle() > forecast.nowMinute())
                .map(end -> " "
                        + Words.text(
                                "pot-view.about",
                                figures.time(batch.momentOf(end.minute().middle()))))
                .orElse("");
        return Words.say(next.name()) + when + (in.isEmpty() ? "." : Words.text("pot-view.with", in));
    }

    private static boolean lastOnHeat(List<BatchPlan.PlanStage> course, int at) {
        return course.get(at).kind().treatment() != StageKind.Treatment.OFF_THE_HEAT
                && course.subList(at + 1, course.size()).stream()
                        .allMatch(s -> s.kind().treatment() == StageKind.Treatment.OFF_THE_HEAT);
    }

    private static String takeOff(Batch batch, Forecast forecast, Figures figures) {
        return forecast.stageEnd()
                .map(f -> {
                    Stair.Tread cold = Stair.Tread.of(f.stepServed().middle());
                    if (forecast.stepServed().middle() > batch.plan().targetStep() + PAST_STEP) {
                        return Words.text(
                                "pot-view.it-is-past-a-little-water",
                                Words.say(Stair.Tread.of(batch.plan().targetStep())));
                    }
                    return Words.text(
                            "pot-view.at-mm-or-with-the-pot",
                            Numbers.plain(f.levelMm().middle(), 0),
                            figures.mass(f.massG().middle() + batch.plan().pot().emptyG()),
                            figures.temp(batch.plan().servedC()),
                            Words.say(cold));
                })
                .orElse(Words.text("pot-view.change-the-heat-lift-the-lid"));
    }

    static String descent(Batch batch, Forecast forecast, Figures figures) {
        double stop = forecast.stageEnd().map(f -> f.massG().middle()).orElse(Double.NaN);
        String words = Words.text(
                "pot-view.mass-in-the-pot-over-time",
                figures.mass(forecast.curve().get(0).massG().middle()),
                figures.mass(forecast.massG().middle()),
                forecast.stageEnd()
                        .map(f -> Words.text(
                                "pot-view.it-meets-the-stop-line-between",
                                figures.time(batch.momentOf(f.minute().low())),
                                figures.time(batch.momentOf(f.minute().high()))))
                        .orElse(""));
        return DescentDrawing.draw(
                forecast.curve(),
                forecast.nowMinute(),
                stop,
                EventWords.ticks(batch),
                m -> figures.time(batch.momentOf(m)),
                words);
    }

    /** The log, the latest first. */
    private static List<EventWords.Entry> log(Batch batch, Forecast forecast, Figures figures) {
        List<BatchEvent> readings = batch.readings();
        Set<String> doubted = forecast.wildReadings().stream()
                .filter(i -> i < readings.size())
                .map(i -> readings.get(i).clientKey())
                .collect(Collectors.toSet());
        List<EventWords.Entry> entries = EventWords.entries(batch, doubted, figures);
        Collections.reverse(entries);
        return entries;
    }
}
