package app.gradior.kitchen;

import app.gradior.larder.Catalogue;
import app.gradior.measure.LineReading;
import app.gradior.sauce.Stage;
import app.gradior.simmer.StageResult;
import app.gradior.solve.SauceRoutes;
import app.gradior.store.Rows.BurnerRow;
import java.util.ArrayList;
import java.util.List;

/** A plan as a batch keeps it. */
final class PlanBatch {
    private PlanBatch() {}

    /** The plan as a batch keeps it. */
    static BatchPlan of(Catalogue catalogue, PlanAnswer answer) {
        PlanAnswer.Setting s = answer.setting();
        KitchenKit.KitPot pot = s.pot();
        List<BatchPlan.PlanLine> planLines = new ArrayList<>();
        for (int line = 0; line < s.readings().size(); line++) {
            LineReading reading = s.readings().get(line);
            boolean slurry = answer.done().isPresent() && s.laid().powderLines().contains(line);
            if (reading.usable() && !slurry) {
                planLines.add(BatchPlan.PlanLine.of(reading, s.factor()));
            }
        }
        SauceRoutes.Way way = answer.done().map(PlanAnswer.Done::way).orElse(null);
        if (way != null && way.starchG() > 0) {
            planLines.add(new BatchPlan.PlanLine(
                    "starch for the slurry", catalogue.powder(s.mix().kind()).id(), way.starchG(), 0.02));
            planLines.add(new BatchPlan.PlanLine("cold water for it", "water", way.coldLiquidG(), 0.02));
        }
        int main = way == null ? 0 : way.origins().get(way.main());
        Stage heat = s.laid().stages().get(main);
        return new BatchPlan(
                planLines,
                s.sauce().draft().texture(),
                0,
                BatchPlan.PlanPot.of(pot.name(), pot.shape(), pot.emptyG(), pot.material()),
                s.burner().map(BurnerRow::name).orElse(null),
                s.burner().map(BurnerRow::netPowerW).orElse(null),
                s.pairKnown() ? s.onHeat().pairFactor() : null,
                heat.look(),
                heat.lid(),
                s.draft().altitudeM(),
                s.draft().targetStep(),
                s.draft().servedC(),
                answer.done().map(PlanBatch::planned).orElse(null));
    }

    private static BatchPlan.Planned planned(PlanAnswer.Done done) {
        StageResult main = done.way().cooked().stages().get(done.way().main());
        StageResult last = done.last();
        return new BatchPlan.Planned(
                done.bands().all().middle(),
                done.bands().all().low(),
                done.bands().all().high(),
                last.out().volumeMl20c(),
                main.end().volumeMlHot(),
                main.end().levelMm(),
                main.curve().get(0).levelMm(),
                main.end().stepHot(),
                last.out().saltPercent());
    }
}
