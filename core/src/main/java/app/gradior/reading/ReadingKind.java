package app.gradior.reading;

import app.gradior.course.PotCourse;
import app.gradior.finding.Refusal;
import app.gradior.mixture.SpecificVolume;
import app.gradior.texture.Bubbles;
import app.gradior.texture.Consistency;
import app.gradior.texture.RingTest;
import app.gradior.texture.SpoonTimes;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * Kinds of reading: what each is called where it is recorded, what it may be, how well a cook reads it, and what it reads of a
 * pot.
 *
 * <p>Errors are ours, from kitchen trials: absolute in the reading's unit, but for the jug's and the yield's, which are relative, and
 * for times, which spread as their logarithms do ({@link #told}).
 */
public enum ReadingKind {
    /** Pot and sauce on the scale, g. */
    WEIGHT(new Recorded("weight", "grossG", " g", 1, 100_000), 5, 0.02, pot -> pot.course.weighsG() + pot.emptyG),
    /** Dipstick, mm above the floor. */
    LEVEL(new Recorded("level", "mm", " mm", 0, 600), 2.5, 0.03, pot -> pot.course.levelMm()),
    /** Poured into a jug, mL hot; relative. */
    VOLUME(new Recorded("volume", "ml", " mL", 1, 100_000), 0.03, Trouble.NEVER, pot -> pot.course.volumeMlHot()),
    /** Back of a spoon, step in the pot. */
    SPOON(new Recorded("spoon", "step", "", 0, 9.5), 0.6, 0, pot -> pot.course.stepHot()),
    /** Ring test on a plate at 20 °C, radius in mm. */
    RING(new Recorded("ring", "mm", " mm", 10, 300), 5, Trouble.COLD_PLATE, pot -> pot.ringMm(0)),
    /** A line drawn across the floor with a spoon, s until it has closed; told by its logarithm. */
    TRAIL(new Recorded("trail", "seconds", " s", 0.1, 120), 0.35, Trouble.A_MOMENT, Pot::trailS),
    /** A full spoon lifted, s until its stream breaks into drops; told by its logarithm. */
    DRIP(new Recorded("drip", "seconds", " s", 0.1, 120), 0.2, Trouble.A_MOMENT, Pot::dripS),
    /** How it bubbles, 1 small and quick to 3 slow craters, as {@link Bubbles}. */
    BUBBLES(new Recorded("bubbles", "look", "", 1, 3), 0.5, Trouble.NEVER, Pot::bubbles),
    /** Refractometer, °Bx. */
    BRIX(new Recorded("brix", "percent", " °Bx", 0, 95), 0.5, Trouble.NEVER, pot -> pot.course.brixPercent()),
    /** Probe, °C; tells of the boiling point. */
    TEMPERATURE(new Recorded("temperature", "c", " °C", -10, 150), 0.5, Trouble.NEVER, pot -> pot.course.tempC()),
    /** How thick it was at the table or the next day, step at the serving temperature; judged at leisure. */
    SERVED(Recorded.NOT_ALONE, 0.4, Trouble.NEVER, pot -> pot.course.look().stepServed()),
    /** Ring test of the next day: what has set by then stands. */
    NEXT_DAY_RING(Recorded.NOT_ALONE, 5, Trouble.NEVER, pot -> pot.ringMm(Consistency.usualHeldH(RingTest.PLATE_C))),
    /** What it gave, mL at 20 °C; relative. */
    YIELD(Recorded.NOT_ALONE, 0.03, Trouble.NEVER, pot -> pot.course.volumeMl20c());

    /** A finger on a stopwatch is late by so much, s. */
    private static final double LATE_S = 0.4;
    /** A reading below this, mL, is read no better than this part of it. */
    private static final double LEAST_ML_SD = 1;

    private final Recorded recorded;
    private final double error;
    private final double trouble;
    private final ToDoubleFunction<Pot> reads;

    ReadingKind(Recorded recorded, double error, double trouble, ToDoubleFunction<Pot> reads) {
        this.recorded = recorded;
        this.error = error;
        this.trouble = trouble;
        this.reads = reads;
    }

    /**
     * How it stands in the log.
     *
     * @param key name of the type of event
     * @param field name of its figure
     */
    private record Recorded(String key, String field, String unit, double least, double most) {
        /** Comes with something else that is said: the finish, the next day. */
        static final Recorded NOT_ALONE = new Recorded("", "", "", Double.NaN, Double.NaN);
    }

    private static final class Trouble {
        /** Nobody is asked for it: it is read when the cook has the tool at hand. */
        static final double NEVER = Double.POSITIVE_INFINITY;
        /** A plate out of the fridge and a minute's wait. */
        static final double COLD_PLATE = 0.12;
        /** A spoon and half a minute at the pot. */
        static final double A_MOMENT = 0.03;
    }

    /** A pot to read from, and what it weighs empty, g. */
    private record Pot(PotCourse course, double emptyG) {
        /** Hotter, in fat or sugar, its flow is taken as here: no model of ours goes further. */
        private static final double HOTTEST_LIQUID_C = 130;

        /** After so many hours at the plate's temperature. */
        double ringMm(double heldH) {
            double density =
                    1000 * course.massG() / (course.volumeMl20c() * SpecificVolume.expansion(RingTest.PLATE_C));
            return course.flowAt(RingTest.PLATE_C, heldH)
                    .map(flow -> RingTest.radiusMm(flow.viscosityPaS(), flow.yieldStressPa(), density))
                    .orElse(Double.NaN);
        }

        private double hotDensity() {
            return 1000 * course.massG() / course.volumeMlHot();
        }

        double trailS() {
            return course.flowAt(liquidC(), 0)
                    .map(flow -> SpoonTimes.trailS(flow, hotDensity(), Math.max(1, course.levelMm()) / 1000))
                    .orElse(Double.NaN);
        }

        double dripS() {
            return course.flowAt(liquidC(), 0)
                    .map(flow -> SpoonTimes.dripS(flow, hotDensity()))
                    .orElse(Double.NaN);
        }

        double bubbles() {
            double step = course.stepHot();
            return Double.isNaN(step) ? Double.NaN : Bubbles.between(step);
        }

        private double liquidC() {
            return Math.min(HOTTEST_LIQUID_C, course.tempC());
        }
    }

    /**
     * The kind that is recorded under that name of an event's type, if it is a reading.
     *
     * @param key as {@link #key}
     */
    public static Optional<ReadingKind> ofKey(String key) {
        return Arrays.stream(values())
                .filter(kind -> kind.isRecorded() && kind.recorded.key.equals(key))
                .findFirst();
    }

    /** Whether it is recorded by an event of its own. */
    public boolean isRecorded() {
        return this.recorded != Recorded.NOT_ALONE;
    }

    /** Name of the type in the API and in the log; empty when it is not recorded alone. */
    public String key() {
        return recorded.key;
    }

    /** Name of its figure there. */
    public String field() {
        return recorded.field;
    }

    /** The least it may be, in its unit; NaN when it is not recorded alone. */
    public double least() {
        return recorded.least;
    }

    /** The most it may be. */
    public double most() {
        return recorded.most;
    }

    /**
     * A figure within its range.
     *
     * @throws Refusal naming the field when it is not, or when this is not recorded alone
     */
    public double checked(double value) {
        return checked(recorded.field, value);
    }

    /** The same for a figure that is called otherwise where it stands. */
    public double checked(String field, double value) {
        return Refusal.inRange(field, value, recorded.least, recorded.most, recorded.unit);
    }

    /** Standard deviation at that reading, in its unit. */
    public double sd(double value) {
        if (isTimed()) {
            return error * (value + LATE_S);
        }
        return this == VOLUME || this == YIELD ? Math.max(LEAST_ML_SD, error * value) : error;
    }

    /** Whether programs name what they see, where others give a figure. */
    public boolean isLook() {
        return this == BUBBLES;
    }

    /** What programs call a value of a look. */
    public String look(double value) {
        return Bubbles.nearest(value).key();
    }

    /**
     * The value of a look that programs call so.
     *
     * @throws IllegalArgumentException when there is none
     */
    public double ofLook(String called) {
        return Bubbles.ofKey(called).reading();
    }

    /** Whether it is timed. */
    public boolean isTimed() {
        return this == TRAIL || this == DRIP;
    }

    /** A reading as it is compared with another: a time by its logarithm, anything else as it is. */
    public double told(double value) {
        return isTimed() ? Math.log(value + LATE_S) : value;
    }

    /** Standard deviation of that. */
    public double toldSd(double value) {
        return isTimed() ? error : sd(value);
    }

    /** Whether a cook's own hand and eye are in it: what they do otherwise than the model is learnt. */
    public boolean isByHand() {
        return this == SPOON || this == BUBBLES || isTimed();
    }

    /** Whether a cook may be asked for it. */
    public boolean isAskedFor() {
        return Double.isFinite(trouble);
    }

    /** What asking for it costs, in parts of the spread that it takes off; arbitrary. */
    public double trouble() {
        return trouble;
    }

    /** What it takes of a cook's time, minutes; rounded. */
    public double minutes() {
        return switch (this) {
            case SPOON, BUBBLES -> 0.5;
            case RING -> 3;
            case VOLUME -> 5;
            default -> 1;
        };
    }

    /** Whether it shows how thick the pot is. */
    public boolean showsThickness() {
        return this == RING || isByHand();
    }

    /**
     * What would be read now, in its unit; NaN when there is nothing to read.
     *
     * @param emptyG the pot's own weight, g
     */
    public double of(PotCourse course, double emptyG) {
        return reads.applyAsDouble(new Pot(course, emptyG));
    }
}
