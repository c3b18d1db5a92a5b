package app.gradior.clock;

import app.gradior.course.StageResult;
import app.gradior.course.Stirring;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageName;
import app.gradior.simmer.PotState;
import app.gradior.texture.Stair;
import java.util.ArrayList;
import java.util.List;

/** Cooked stages as pieces of work: what takes the hands, what takes a burner, where the sauce may stand. */
public final class StageTasks {
    /** Who must stir at least this often cannot do anything else, min; arbitrary. */
    private static final double HANDS_FULL_BELOW_MIN = 2;
    /** A boiling stage as short as this is not worth walking away from, min. */
    private static final double SHORT_MIN = 3;

    private StageTasks() {}

    /**
     * The work of a sauce in order.
     *
     * @param names what the cook calls each stage
     */
    public static List<Task> of(List<StageResult> stages, List<StageName> names) {
        List<Task> tasks = new ArrayList<>();
        for (int i = 0; i < stages.size(); i++) {
            StageResult stage = stages.get(i);
            boolean waits = i + 1 == stages.size()
                    || mayStand(stage.stage().kind(), stages.get(i + 1).stage().kind());
            add(tasks, stage, names.get(i), waits);
        }
        return tasks;
    }

    private static void add(List<Task> tasks, StageResult stage, StageName name, boolean waits) {
        StageKind kind = stage.stage().kind();
        double minutes = stage.warmUpMinutes() + stage.minutes();
        boolean onHeat = kind.needsBurner();
        if (kind.treatment() != StageKind.Treatment.BOILING || minutes < SHORT_MIN || handsOn(kind)) {
            tasks.add(new Task(
                    new TaskName.Stage(name), minutes, handsOn(kind) || onHeat && minutes < SHORT_MIN, onHeat, waits));
            return;
        }
        double free = stage.warmUpMinutes() + (kind == StageKind.OVEN ? stage.minutes() : freeMinutes(stage));
        if (free > 0) {
            tasks.add(new Task(new TaskName.Stage(name), free, false, onHeat, waits && free >= minutes));
        }
        if (free < minutes) {
            tasks.add(new Task(new TaskName.Stirring(name), minutes - free, true, true, waits));
        }
    }

    /** Minutes from the look being reached until it must be stirred all the time. */
    private static double freeMinutes(StageResult stage) {
        for (PotState point : stage.curve()) {
            Stirring stirring = Stirring.of(
                    Stair.viscosityPaS(point.stepHot()),
                    point.mixture().brixPercent(),
                    point.levelMm(),
                    stage.stage().look());
            if (stirring.everyMinutes() < HANDS_FULL_BELOW_MIN) {
                return point.minute();
            }
        }
        return stage.minutes();
    }

    private static boolean handsOn(StageKind kind) {
        return switch (kind) {
            case SWEAT,
                    TOAST,
                    FRY,
                    RENDER,
                    TAKE_OUT,
                    PUT_BACK,
                    DEGLAZE,
                    SLURRY,
                    BLEND,
                    MILL,
                    SIEVE,
                    ENRICH,
                    SEASON,
                    PACK -> true;
            case ADD, REDUCE, SIMMER, COOK_IN, OVEN, REST, COOL -> false;
        };
    }

    private static boolean mayStand(StageKind kind, StageKind next) {
        return switch (next) {
            case MILL, BLEND, SIEVE, REST, COOL, PACK -> true;
            default ->
                kind.treatment() == StageKind.Treatment.OFF_THE_HEAT
                        && kind != StageKind.ENRICH
                        && kind != StageKind.SEASON;
        };
    }
}
