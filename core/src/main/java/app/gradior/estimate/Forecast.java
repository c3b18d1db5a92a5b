package app.gradior.estimate;

import app.gradior.reading.ReadingKind;
import app.gradior.simmer.PotState;
import java.util.Comparator;
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
 * @param part place of the stage it is in; the number of stages when all are over
 * @param warming whether it is still getting as hot as its stage wants, most likely
 * @param stageEnd how the present stage ends; empty when it does not within a day, or all are over
 * @param partEnds minutes, since the start, at which the present stage and those after it end; empty without a finish
 * @param finish when all stages are over; empty when they are not, within a day
 * @param curve mass against time, from the start to past the finish
 * @param readings how many there were
 * @param wildReadings indices, in order of time, of readings that fit nothing else known
 * @param likely the pot as it most likely is
 * @param stageStartMl20c what was in it when the present stage began, its additions included, mL at 20 °C, most likely
 * @param likelyBody what the sauce's network is worth then, over the model's
 * @param helps readings that would narrow the finish, the best first
 */
// Wide: each a figure with its band; pages, programs and the log ask for all.
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
        int part,
        boolean warming,
        Optional<StageEnd> stageEnd,
        List<Band> partEnds,
        Optional<Finish> finish,
        List<CurvePoint> curve,
        int readings,
        List<Integer> wildReadings,
        PotState likely,
        double stageStartMl20c,
        double likelyBody,
        List<Help> helps) {
    private static final double NO_END_MIN = 1e9;

    public Forecast {
        curve = List.copyOf(curve);
        wildReadings = List.copyOf(wildReadings);
        partEnds = List.copyOf(partEnds);
        helps = List.copyOf(helps);
    }

    /** Whether the last reading fits nothing else known; an earlier one that does not was answered by those after it. */
    public boolean lastReadingIsWild() {
        return wildReadings.contains(readings - 1);
    }

    /** Minutes until its stage is over and hands are wanted; very many when no end is in sight. */
    public double handsInMinutes() {
        return stageEnd.map(end -> end.minutesFrom(nowMinute).middle()).orElse(NO_END_MIN);
    }

    /**
     * The end of the present stage.
     *
     * @param minute since the start; not before now
     * @param highIsOpen whether more than one in ten members never get there
     * @param massG in the pot at that moment
     * @param levelMm then
     * @param stepHot then
     * @param stepServed then, at the serving temperature
     * @param volumeMl20c then
     */
    public record StageEnd(
            Band minute,
            boolean highIsOpen,
            Band massG,
            Band levelMm,
            Band stepHot,
            Band stepServed,
            Band volumeMl20c) {
        /** Minutes from a moment to the end, never below 0. */
        public Band minutesFrom(double nowMinute) {
            return minute.from(nowMinute);
        }
    }

    /**
     * What a reading now would do for the finish.
     *
     * @param widthLeft part of the finish's spread that would be left, 0 to 1
     */
    public record Help(ReadingKind kind, double widthLeft) {
        /** A reading that leaves more than this of the spread is not asked for. */
        private static final double WORTH_READING = 0.9;

        boolean isWorthIt() {
            return kind.isAskedFor() && widthLeft < WORTH_READING;
        }
    }

    /** The reading that is worth most for the trouble it is; empty when none is worth any. */
    public Optional<Help> worthMost() {
        return helps.stream()
                .filter(Help::isWorthIt)
                .min(Comparator.comparingDouble(
                        help -> help.widthLeft() + help.kind().trouble()));
    }

    /**
     * The end of all stages.
     *
     * @param minute since the start; not before now: a target already met is met now
     * @param highIsOpen whether more than one in ten members never get there
     * @param volumeMl20c yield, cold
     * @param volumeMlHot in the pot at that moment
     * @param levelMm in the pot at that moment
     * @param stepHot in the pot at that moment
     * @param stepServed then, at the serving temperature
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
            Band stepServed,
            Band saltPercent,
            Band massG,
            Band alcoholG) {
        /** Minutes from a moment to the finish, never below 0. */
        public Band minutesFrom(double nowMinute) {
            return minute.from(nowMinute);
        }
    }

    /** Mass at a minute. */
    public record CurvePoint(double minute, Band massG) {}
}
