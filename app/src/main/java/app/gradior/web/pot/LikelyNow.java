package app.gradior.web.pot;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchPlan;
import app.gradior.estimate.Forecast;
import app.gradior.reading.ReadingKind;
import app.gradior.sauce.StageKind;
import java.util.List;
import java.util.Set;

/** The three buttons of the Pot that a cook most likely wants now, by what is done in the stage; the others are one tap away. */
final class LikelyNow {
    /** From this step on a spoon tells more than a stick. */
    private static final double SPOON_TELLS = 4;

    private static final Set<ReadingKind> WITH_A_BUTTON = Set.of(
            ReadingKind.LEVEL,
            ReadingKind.SPOON,
            ReadingKind.RING,
            ReadingKind.TRAIL,
            ReadingKind.DRIP,
            ReadingKind.BRIX);

    private LikelyNow() {}

    /** Their keys, as the buttons have them. */
    static List<String> of(Batch batch, Forecast forecast) {
        List<BatchPlan.PlanStage> course = batch.plan().course();
        if (batch.stage() >= course.size()) {
            return List.of("weight", "spoon", "note");
        }
        BatchPlan.PlanStage stage = course.get(batch.stage());
        StageKind kind = stage.kind();
        if (!batch.onHeat() && stage.onHeat()) {
            return List.of("heat", "weight", "spoon");
        }
        if (!stage.pours().isEmpty()) {
            return List.of("slurry", "spoon", "weight");
        }
        if (kind.treatment() == StageKind.Treatment.FRYING) {
            return List.of("stir", "added", "weight");
        }
        if (kind.tool().isPresent()) {
            return List.of("texture", "weight", "added");
        }
        return switch (kind) {
            case COOL, REST, PACK -> List.of("temperature", "weight", "note");
            case ENRICH, SEASON -> List.of("added", "spoon", "weight");
            case COOK_IN -> List.of("temperature", reading(forecast), "stir");
            case OVEN -> List.of("weight", reading(forecast), "temperature");
            case TAKE_OUT, PUT_BACK -> List.of("weight", "taken", "note");
            default -> List.of("weight", reading(forecast), "stir");
        };
    }

    private static String reading(Forecast forecast) {
        return forecast.worthMost()
                .map(Forecast.Help::kind)
                .filter(WITH_A_BUTTON::contains)
                .map(ReadingKind::key)
                .orElse(forecast.stepHot().middle() >= SPOON_TELLS ? "spoon" : "level");
    }
}
