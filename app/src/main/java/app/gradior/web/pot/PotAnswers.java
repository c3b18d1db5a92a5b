package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.estimate.Band;
import app.gradior.estimate.Forecast;
import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.sauce.StageKind;
import app.gradior.texture.Stair;
import app.gradior.web.frame.Figures;
import java.util.List;
import java.util.Optional;

/**
 * The answers about a pot, in words and figures: how thick it is, would be served now and will be at the end, what it gives, when it comes off.
 *
 * @param endStep served, at the end as planned; a dash when no end is in sight
 * @param endBand from and to, and what that is called
 */
public record PotAnswers(
        String stepHot,
        String stepServed,
        String servedTread,
        String servedTemp,
        String endStep,
        String endBand,
        String yieldFigure,
        String yieldUnit,
        String yieldBand,
        String leftFigure,
        String leftBand) {
    /** The answers of that forecast. */
    public static PotAnswers of(Batch batch, Forecast forecast, Figures figures) {
        Band left =
                forecast.finish().map(f -> f.minutesFrom(forecast.nowMinute())).orElse(new Band(1e9, 1e9, 1e9));
        boolean known = forecast.finish().isPresent();
        boolean open = forecast.finish().map(Forecast.Finish::highIsOpen).orElse(true);
        Band yield = forecast.finish().map(Forecast.Finish::volumeMl20c).orElse(forecast.volumeMl20c());
        return new PotAnswers(
                liquid(batch, forecast) ? figures.step(forecast.stepHot().middle()) : "—",
                liquid(batch, forecast) ? figures.step(forecast.stepServed().middle()) : "—",
                liquid(batch, forecast)
                        ? Words.say(Stair.Tread.of(forecast.stepServed().middle()))
                        : Words.text("pot-answers.nothing-liquid-yet"),
                figures.temp(batch.plan().servedC()),
                end(forecast).map(step -> figures.step(step.middle())).orElse("—"),
                end(forecast)
                        .map(step -> Words.text(
                                "pot-answers.at-the-end",
                                Words.say(Stair.Tread.of(step.middle())),
                                figures.step(step.low()),
                                figures.step(step.high())))
                        .orElse(""),
                figures.volumeFigure(yield.middle()),
                figures.volumeUnit(yield.middle()),
                figures.volumeBand(yield),
                known ? Numbers.plain(left.middle(), 0) : "—",
                known ? figures.minutesBand(left, open) : Words.text("pot-answers.not-as-it-is-set-now"));
    }

    /** How thick it is to be served at the end as planned; empty when none is in sight, or nothing is liquid then. */
    static Optional<Band> end(Forecast forecast) {
        return forecast.finish().map(Forecast.Finish::stepServed).filter(step -> !Double.isNaN(step.middle()));
    }

    /** Whether there is a sauce in it whose thickness can be told. */
    static boolean liquid(Batch batch, Forecast forecast) {
        List<BatchPlan.PlanStage> course = batch.plan().course();
        return !Double.isNaN(forecast.stepServed().middle())
                && StageKind.makeSauce(course.subList(0, Math.min(course.size(), batch.stage() + 1)).stream()
                        .map(BatchPlan.PlanStage::kind)
                        .toList());
    }
}
