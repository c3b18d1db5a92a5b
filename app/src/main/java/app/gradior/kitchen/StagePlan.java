package app.gradior.kitchen;

import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SauceRun;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** A sauce's typed stages as the engine cooks them. */
public final class StagePlan {
    private StagePlan() {}

    /**
     * The stages, scaled.
     *
     * @param readings the lines as understood, in the places the stages name
     * @param factor on every line, and on the ends that are volumes or weights
     */
    public static List<Stage> stages(SauceBook.Draft draft, List<LineReading> readings, double factor) {
        List<StageDraft> drafts = draft.stages().isEmpty() ? List.of(allInOne(draft, readings.size())) : draft.stages();
        List<Stage> stages = new ArrayList<>();
        for (StageDraft stage : drafts) {
            Mixture adds = Mixture.EMPTY;
            for (int line : stage.lines()) {
                if (line >= 0 && line < readings.size()) {
                    adds = adds.plus(of(readings.get(line)));
                }
            }
            stages.add(new Stage(stage.kind(), adds.times(factor), stage.look(), stage.lid(), end(stage, factor)));
        }
        return stages;
    }

    private static StageDraft allInOne(SauceBook.Draft draft, int lines) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < lines; i++) {
            all.add(i);
        }
        return new StageDraft(
                StageKind.REDUCE,
                "",
                all,
                StageKind.REDUCE.usualLook(),
                StageKind.REDUCE.usualLid(),
                EndKind.STEP_SERVED,
                draft.targetStep());
    }

    private static StageEnd end(StageDraft stage, double factor) {
        boolean grows = stage.end() == EndKind.VOLUME || stage.end() == EndKind.WEIGHT;
        return stage.end().end(grows ? stage.value() * factor : stage.value());
    }

    private static Mixture of(LineReading reading) {
        return reading.food()
                .map((Food food) -> Mixture.of(food, reading.massG()))
                .orElse(Mixture.EMPTY);
    }

    /** Cooked through in a pot. */
    public static SauceRun.Cooked cook(
            SauceBook.Draft draft, List<LineReading> readings, double factor, PotOnHeat pot) {
        return SauceRun.cook(stages(draft, readings, factor), pot, 1, draft.servedC());
    }

    /** Places of the lines that no stage uses, from 0; none when the sauce has no stages. */
    public static Set<Integer> unused(SauceBook.Draft draft, List<LineReading> readings) {
        Set<Integer> left = new TreeSet<>();
        if (draft.stages().isEmpty()) {
            return left;
        }
        for (int i = 0; i < readings.size(); i++) {
            if (readings.get(i).massG() > 0) {
                left.add(i);
            }
        }
        draft.stages().forEach(stage -> left.removeAll(stage.lines()));
        return left;
    }
}
