package app.gradior.sauce;

import java.util.function.DoubleFunction;

/** The ways a stage can end, as a cook picks them from a list: one figure each. */
public enum EndKind {
    MINUTES("after minutes", "min", StageEnd.Minutes::new),
    WORD("when it looks right, about", "min", StageEnd.CooksWord::new),
    FRACTION("when this share of it is left", "of 1", StageEnd.FractionLeft::new),
    FRACTION_ADDED("when this share of what went in is left", "of 1", StageEnd.FractionOfAdded::new),
    VOLUME("at a volume", "mL", StageEnd.Volume::new),
    WEIGHT("at a weight of the sauce", "g", StageEnd.Weight::new),
    LEVEL("at a mark above the floor", "mm", StageEnd.Level::new),
    STEP_HOT("at a step in the pot", "step", StageEnd.StepHot::new),
    STEP_SERVED("at a step when served", "step", StageEnd.StepServed::new),
    BOILING("when it boils at", "°C", StageEnd.BoilingAt::new),
    COOLED("when it has cooled to", "°C", StageEnd.CooledTo::new);

    private final String label;
    private final String unit;
    private final DoubleFunction<StageEnd> maker;

    EndKind(String label, String unit, DoubleFunction<StageEnd> maker) {
        this.label = label;
        this.unit = unit;
        this.maker = maker;
    }

    public String label() {
        return label;
    }

    public String unit() {
        return unit;
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
