package app.gradior.reading;

import app.gradior.course.PotCourse;
import app.gradior.finding.Refusal;
import app.gradior.mixture.SpecificVolume;
import app.gradior.texture.Consistency;
import app.gradior.texture.RingTest;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * Kinds of reading: what each is called where it is recorded, what it may be, how well a cook reads it, and what it reads of a
 * pot.
 *
 * <p>Errors are ours, from kitchen trials: absolute in the reading's unit, but for the jug's and the yield's, which are relative.
 */
public enum ReadingKind {
    /** Pot and sauce on the scale, g. */
    WEIGHT(new Recorded("weight", "grossG", " g", 1, 100_000), 5, 0.02, pot -> pot.course.massG() + pot.emptyG),
    /** Dipstick, mm above the floor. */
    LEVEL(new Recorded("level", "mm", " mm", 0, 600), 2.5, 0.03, pot -> pot.course.levelMm()),
    /** Poured into a jug, mL hot; relative. */
    VOLUME(new Recorded("volume", "ml", " mL", 1, 100_000), 0.03, Trouble.NEVER, pot -> pot.course.volumeMlHot()),
    /** Back of a spoon, step in the pot. */
    SPOON(new Recorded("spoon", "step", "", 0, 9.5), 0.6, 0, pot -> pot.course.stepHot()),
    /** Ring test on a plate at 20 °C, radius in mm. */
    RING(new Recorded("ring", "mm", " mm", 10, 300), 5, Trouble.COLD_PLATE, pot -> pot.ringMm(0)),
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
    }

    /** A pot to read from, and what it weighs empty, g. */
    private record Pot(PotCourse course, double emptyG) {
        /** After so many hours at the plate's temperature. */
        double ringMm(double heldH) {
            double density =
                    1000 * course.massG() / (course.volumeMl20c() * SpecificVolume.expansion(RingTest.PLATE_C));
            return course.flowAt(RingTest.PLATE_C, heldH)
                    .map(flow -> RingTest.radiusMm(flow.viscosityPaS(), flow.yieldStressPa(), density))
                    .orElse(Double.NaN);
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
        return this == VOLUME || this == YIELD ? Math.max(LEAST_ML_SD, error * value) : error;
    }

    /** Whether a cook may be asked for it. */
    public boolean isAskedFor() {
        return Double.isFinite(trouble);
    }

    /** What asking for it costs, in parts of the spread that it takes off; arbitrary. */
    public double trouble() {
        return trouble;
    }

    /** Whether it shows how thick the pot is. */
    public boolean showsThickness() {
        return this == SPOON || this == RING;
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
