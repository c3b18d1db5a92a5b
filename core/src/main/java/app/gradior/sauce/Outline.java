package app.gradior.sauce;

import java.util.List;

/** Ways to begin a sauce: stages in their usual order, to be changed. */
public enum Outline {
    ONE_POT(List.of(new Step(StageKind.REDUCE, EndKind.STEP_SERVED, 5))),
    REDUCE_PUREE(List.of(
            new Step(StageKind.SIMMER, EndKind.MINUTES, 15),
            new Step(StageKind.BLEND, EndKind.MINUTES, 3),
            new Step(StageKind.REDUCE, EndKind.STEP_SERVED, 6),
            new Step(StageKind.SEASON, EndKind.WORD, 2))),
    REDUCE_SYRUP(List.of(
            new Step(StageKind.REDUCE, EndKind.FRACTION, 0.5),
            new Step(StageKind.ADD, EndKind.MINUTES, 2),
            new Step(StageKind.REDUCE, EndKind.STEP_SERVED, 6))),
    STEW_AND_MILL(List.of(
            new Step(StageKind.SIMMER, EndKind.MINUTES, 15),
            new Step(StageKind.MILL, EndKind.MINUTES, 5),
            new Step(StageKind.ADD, EndKind.MINUTES, 2),
            new Step(StageKind.REDUCE, EndKind.STEP_SERVED, 6.5))),
    SWEAT_DEGLAZE(List.of(
            new Step(StageKind.SWEAT, EndKind.MINUTES, 10),
            new Step(StageKind.DEGLAZE, EndKind.FRACTION_ADDED, 0.5),
            new Step(StageKind.REDUCE, EndKind.STEP_SERVED, 4.5),
            new Step(StageKind.ENRICH, EndKind.WORD, 2))),
    BOIL_AND_THICKEN(List.of(
            new Step(StageKind.SIMMER, EndKind.MINUTES, 10),
            new Step(StageKind.SLURRY, EndKind.MINUTES, 2),
            new Step(StageKind.SEASON, EndKind.WORD, 1)));

    /** One stage of an outline. */
    public record Step(StageKind kind, EndKind end, double value) {}

    private final List<Step> steps;

    Outline(List<Step> steps) {
        this.steps = steps;
    }

    public List<Step> steps() {
        return steps;
    }
}
