package app.gradior.kitchen;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a batch set out to be: fixed when it starts and kept with it, so that later changes to sauces, pots or foods' lines do
 * not reach into the past.
 *
 * @param lines as understood at the start
 * @param evaporatedG already gone from the mixture at the start, g
 * @param netPowerW heat into the pot at most; absent when unknown
 * @param pairFactor c_pair; absent until known
 * @param planned what was foreseen at the start; absent when the target cannot be met
 */
public record BatchPlan(
        List<PlanLine> lines,
        Texture texture,
        double evaporatedG,
        PlanPot pot,
        @Nullable String burner,
        @Nullable Double netPowerW,
        @Nullable Double pairFactor,
        Look look,
        LidState lid,
        double altitudeM,
        double targetStep,
        double servedC,
        @Nullable Planned planned) {
    public BatchPlan {
        lines = List.copyOf(lines);
    }

    public record PlanLine(String text, String foodId, double massG, double logSd) {
        /** A line so many times as much. */
        static PlanLine of(LineReading reading, double factor) {
            return new PlanLine(
                    reading.text(), reading.food().orElseThrow().id(), reading.massG() * factor, reading.logSd());
        }
    }

    public record PlanPot(
            String name,
            double topDiameterMm,
            double baseDiameterMm,
            double heightMm,
            double emptyG,
            PotMaterial material,
            @Nullable Double cornerMm) {
        /** A pot of that shape. */
        public static PlanPot of(String name, PotShape shape, double emptyG, PotMaterial material) {
            return new PlanPot(
                    name,
                    shape.topDiameterMm(),
                    shape.baseDiameterMm(),
                    shape.heightMm(),
                    emptyG,
                    material,
                    shape.cornerMm());
        }

        public PotShape shape() {
            return new PotShape(topDiameterMm, baseDiameterMm, heightMm, cornerMm == null ? 0 : cornerMm);
        }
    }

    /** Minutes with their band, cold yield, level and volume to stop at, step in the pot then, salt. */
    public record Planned(
            double minutes,
            double minutesLow,
            double minutesHigh,
            double volumeMl20c,
            double volumeMlHot,
            double levelMm,
            double startLevelMm,
            double stepHot,
            double saltPercent) {}

    public Ingredients ingredients(Catalogue catalogue) {
        return new Ingredients(
                lines.stream()
                        .map(line -> new LineReading(
                                line.text(),
                                Optional.of(catalogue
                                        .food(line.foodId())
                                        .orElseThrow(() -> new IllegalStateException("food " + line.foodId()
                                                + " of a batch is no longer in the catalogue"))),
                                line.massG(),
                                line.logSd(),
                                LineReading.Sureness.SURE,
                                "",
                                List.of(),
                                ""))
                        .toList(),
                texture);
    }

    public PotOnHeat potOnHeat() {
        return new PotOnHeat(
                pot.shape(),
                altitudeM,
                pairFactor == null ? 1 : pairFactor,
                netPowerW == null ? Double.POSITIVE_INFINITY : netPowerW);
    }

    public Heat heat() {
        return new Heat(look, lid);
    }

    /** What is in the pot at the start. */
    public Mixture start(Catalogue catalogue) {
        return Mixtures.evaporated(ingredients(catalogue).mixture(), evaporatedG);
    }
}
