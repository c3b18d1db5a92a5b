package app.gradior.estimate;

import java.util.List;
import java.util.Optional;

/**
 * What is believed of a batch at one moment.
 *
 * @param nowMinute since the start
 * @param massG in the pot
 * @param volumeMl20c in the pot, at 20 °C
 * @param volumeMlHot in the pot as hot as it is
 * @param levelMm above the floor
 * @param stepHot in the pot
 * @param stepServed at the serving temperature
 * @param lossGPerMin vapour leaving
 * @param boilingC boiling point now
 * @param saltPercent salt, g in 100 g
 * @param brixPercent dissolved solids, g in 100 g of its liquid
 * @param finish when the target is met; empty when it is not, within a day
 * @param curve mass against time, from the start to past the finish
 * @param wildReadings indices, in order of time, of readings that fit nothing else known
 */
public record Forecast(
        double nowMinute,
        Band massG,
        Band volumeMl20c,
        Band volumeMlHot,
        Band levelMm,
        Band stepHot,
        Band stepServed,
        Band lossGPerMin,
        Band boilingC,
        Band saltPercent,
        Band brixPercent,
        Optional<Finish> finish,
        List<CurvePoint> curve,
        List<Integer> wildReadings) {
    public Forecast {
        curve = List.copyOf(curve);
        wildReadings = List.copyOf(wildReadings);
    }

    /**
     * The end of the reduction.
     *
     * @param minute since the start; not before now: a target already met is met now
     * @param highIsOpen whether more than one in ten members never get there
     * @param volumeMl20c yield, cold
     * @param volumeMlHot in the pot at that moment
     * @param levelMm in the pot at that moment
     * @param stepHot in the pot at that moment
     * @param saltPercent then
     * @param massG then
     * @param alcoholG then
     */
    public record Finish(
            Band minute,
            boolean highIsOpen,
            Band volumeMl20c,
            Band volumeMlHot,
            Band levelMm,
            Band stepHot,
            Band saltPercent,
            Band massG,
            Band alcoholG) {
        /** Minutes from a moment to the finish, never below 0. */
        public Band minutesFrom(double nowMinute) {
            return new Band(
                    Math.max(0, minute.low() - nowMinute),
                    Math.max(0, minute.middle() - nowMinute),
                    Math.max(0, minute.high() - nowMinute));
        }
    }

    /** Mass at a minute. */
    public record CurvePoint(double minute, Band massG) {}
}
