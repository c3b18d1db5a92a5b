package app.gradior.room.plan;

import app.gradior.batch.BatchPlan;
import app.gradior.batch.OnFood;
import app.gradior.batch.Understood;
import app.gradior.course.StageResult;
import app.gradior.estimate.Band;
import app.gradior.glaze.Brushing;
import app.gradior.larder.Catalogue;
import app.gradior.measure.LineReading;
import app.gradior.measure.Numbers;
import app.gradior.plan.SauceRoutes;
import app.gradior.room.book.StageDraft;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.words.Words;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Texture;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A plan as a batch keeps it. */
final class PlanBatch {
    /** A cook weighs the powder and its water on a scale, as a log-sd. */
    private static final double WEIGHED_LOG_SD = 0.02;

    private static final double THICKEST_STEP = 9.5;

    private PlanBatch() {}

    /**
     * The plan as a batch keeps it.
     *
     * @param doneAt when it is on the table; absent when nobody said
     */
    static BatchPlan of(Catalogue catalogue, PlanAnswer answer, @Nullable Instant doneAt) {
        PlanAnswer.Setting s = answer.setting();
        KitchenKit.KitPot pot = s.pot();
        List<Understood> lines = new ArrayList<>();
        Map<Integer, Integer> places = new HashMap<>();
        for (int line = 0; line < s.readings().size(); line++) {
            LineReading reading = s.readings().get(line);
            boolean slurry = answer.done().isPresent() && s.laid().powderLines().contains(line);
            if (reading.usable() && !slurry) {
                places.put(line, lines.size());
                lines.add(Understood.of(reading).times(s.factor()));
            }
        }
        int firstPour = lines.size();
        SauceRoutes.Way way = answer.done().map(PlanAnswer.Done::way).orElse(null);
        if (way != null && way.starchG() > 0) {
            lines.add(new Understood(
                    Numbers.cooks(way.starchG()) + " g " + Words.say(s.mix().kind()),
                    catalogue.powder(s.mix().kind()),
                    way.starchG(),
                    WEIGHED_LOG_SD));
            lines.add(new Understood(
                    Words.text("plan-batch.cold-water", way.coldLiquidG()),
                    catalogue.water(),
                    way.coldLiquidG(),
                    WEIGHED_LOG_SD));
        }
        int main = way == null ? 0 : way.origins().get(way.main());
        Stage heat = s.laid().stages().get(main);
        // A sauce without written stages is broken up before it goes in; one with stages has a stage for that.
        boolean written = !s.sauce().draft().stages().isEmpty();
        return new BatchPlan(
                lines,
                written ? Texture.CHUNKY : s.sauce().draft().texture(),
                0,
                BatchPlan.PlanPot.of(pot.name(), pot.shape(), pot.emptyG(), pot.material()),
                s.burner().map(KitBurner::name).orElse(null),
                s.burner().map(KitBurner::netPowerW).orElse(null),
                s.pairKnown() ? s.onHeat().pairFactor() : null,
                heat.look(),
                heat.lid(),
                s.draft().altitudeM(),
                s.draft().targetStep(),
                s.draft().servedC(),
                answer.done().map(PlanBatch::planned).orElse(null),
                answer.done().map(done -> stages(s, done, places, firstPour)).orElse(null),
                s.prior(),
                s.draft().storage(),
                answer.done().map(done -> onFood(s, done, doneAt)).orElse(null));
    }

    private static @Nullable OnFood onFood(PlanAnswer.Setting setting, PlanAnswer.Done done, @Nullable Instant doneAt) {
        Brushing brushing = setting.draft().brushing();
        return brushing == null
                ? null
                : OnFood.of(
                        brushing.food(),
                        brushing.fire(),
                        brushing.of(done.way().cooked().out(), setting.prior().bodyFactor()),
                        doneAt);
    }

    private static List<BatchPlan.PlanStage> stages(
            PlanAnswer.Setting setting, PlanAnswer.Done done, Map<Integer, Integer> places, int firstPour) {
        SauceRoutes.Way way = done.way();
        List<BatchPlan.PlanStage> stages = new ArrayList<>();
        for (int i = 0; i < way.stages().size(); i++) {
            StageResult result = way.cooked().stages().get(i);
            Stage stage = way.stages().get(i);
            int origin = way.origins().get(i);
            List<Integer> in = origin < 0
                    ? List.of()
                    : setting.laid().drafts().get(origin).lines().stream()
                            .map(places::get)
                            .filter(Objects::nonNull)
                            .toList();
            boolean pours = stage.kind() == StageKind.SLURRY && i > way.main() && way.starchG() > 0;
            EndKind.Figured end = EndKind.of(end(way, i, result));
            Band minutes = done.bands().stages().get(i);
            double step = result.end().stepServed();
            stages.add(new BatchPlan.PlanStage(
                    stage.kind(),
                    origin < 0 ? "" : PieceTitle.of(setting.laid().drafts().get(origin), setting.readings()),
                    in,
                    pours ? List.of(firstPour, firstPour + 1) : List.of(),
                    stage.look(),
                    stage.lid(),
                    end.kind(),
                    end.value(),
                    minutes.middle(),
                    minutes.low(),
                    minutes.high(),
                    Double.isNaN(step) ? null : step,
                    origin < 0 ? null : work(setting.laid().drafts().get(origin), places, setting.factor())));
        }
        return stages;
    }

    /** What a stage does with what went in before, of the batch's own lines and for as much as it makes. */
    private static @Nullable StageWork work(StageDraft draft, Map<Integer, Integer> places, double factor) {
        return draft.work() == null ? null : draft.working().at(places::get).times(factor);
    }

    /** How a cook ends it: the main reduction, when no starch follows, by its thickness and not by weight. */
    private static StageEnd end(SauceRoutes.Way way, int stage, StageResult result) {
        double step = result.end().stepServed();
        boolean byStep = stage == way.main() && way.starchG() <= 0 && step >= 0 && step <= THICKEST_STEP;
        return byStep ? new StageEnd.StepServed(step) : way.stages().get(stage).end();
    }

    private static BatchPlan.Planned planned(PlanAnswer.Done done) {
        StageResult last = done.last();
        Band minutes = done.bands().all();
        return new BatchPlan.Planned(
                minutes.middle(),
                minutes.low(),
                minutes.high(),
                last.out().volumeMl20c(),
                last.end().volumeMlHot(),
                last.end().levelMm(),
                done.way().cooked().stages().get(0).curve().get(0).levelMm(),
                last.end().stepHot(),
                last.out().saltPercent());
    }
}
