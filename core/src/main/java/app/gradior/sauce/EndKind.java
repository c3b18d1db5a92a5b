package app.gradior.sauce;

import java.util.function.DoubleFunction;

/** The ways a stage can end, as a cook picks them from a list: one figure each. */
public enum EndKind {
    MINUTES(StageEnd.Minutes::new),
    WORD(StageEnd.CooksWord::new),
    FRACTION(StageEnd.FractionLeft::new),
    FRACTION_ADDED(StageEnd.FractionOfAdded::new),
    VOLUME(StageEnd.Volume::new),
    WEIGHT(StageEnd.Weight::new),
    LEVEL(StageEnd.Level::new),
    STEP_HOT(StageEnd.StepHot::new),
    STEP_SERVED(StageEnd.StepServed::new),
    BOILING(StageEnd.BoilingAt::new),
    COOLED(StageEnd.CooledTo::new);

    private final DoubleFunction<StageEnd> maker;

    EndKind(DoubleFunction<StageEnd> maker) {
        this.maker = maker;
    }

    /**
     * The end with that figure.
     *
     * @throws IllegalArgumentException when the figure is out of its range
     */
    public StageEnd end(double value) {
        return maker.apply(value);
    }

    /** An end as its kind and figure. */
    public record Figured(EndKind kind, double value) {}

    /** The kind and figure of an end. */
    public static Figured of(StageEnd end) {
        if (end instanceof StageEnd.Minutes e) {
            return new Figured(MINUTES, e.minutes());
        } else if (end instanceof StageEnd.CooksWord e) {
            return new Figured(WORD, e.expectedMinutes());
        } else if (end instanceof StageEnd.FractionLeft e) {
            return new Figured(FRACTION, e.left());
        } else if (end instanceof StageEnd.FractionOfAdded e) {
            return new Figured(FRACTION_ADDED, e.left());
        } else if (end instanceof StageEnd.Volume e) {
            return new Figured(VOLUME, e.volumeMl20c());
        } else if (end instanceof StageEnd.Weight e) {
            return new Figured(WEIGHT, e.massG());
        } else if (end instanceof StageEnd.Level e) {
            return new Figured(LEVEL, e.levelMm());
        } else if (end instanceof StageEnd.StepHot e) {
            return new Figured(STEP_HOT, e.step());
        } else if (end instanceof StageEnd.StepServed e) {
            return new Figured(STEP_SERVED, e.step());
        } else if (end instanceof StageEnd.BoilingAt e) {
            return new Figured(BOILING, e.tempC());
        }
        return new Figured(COOLED, ((StageEnd.CooledTo) end).tempC());
    }
}
