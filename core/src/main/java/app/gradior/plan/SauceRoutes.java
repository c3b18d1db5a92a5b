package app.gradior.plan;

import app.gradior.course.PiecesInPot;
import app.gradior.course.SauceRun;
import app.gradior.finding.Finding;
import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The ways of a sauce that has stages: one stage of it is the main reduction, which may be shortened and made up for with
 * starch; what comes before and after it stays as it is.
 *
 * @param stages in order, without the powder of a slurry: the way says how much of it
 * @param writtenStarchG powder that the sauce as written takes in a slurry; 0 for none
 * @param mix the starch allowed and what it is stirred into
 * @param targetStep wanted at the serving temperature
 * @param servedC serving temperature, °C
 */
public record SauceRoutes(
        List<Stage> stages,
        double writtenStarchG,
        PotOnHeat pot,
        Thickening.Mix mix,
        double targetStep,
        double servedC,
        double bodyFactor) {
    private static final double SLURRY_MINUTES = 1.5;
    private static final double LEAST_STARCH_G = 0.05;
    private static final double LEAST_WEIGHT_G = 1;
    /** The whole sauce ends this near to the step wanted. */
    private static final double STEP_TOLERANCE = 0.004;

    private static final int MOST_TUNINGS = 8;
    /** Steps for a unit of the logarithm of starch, or of what is left: where tuning begins; rounded from the model. */
    private static final double STEPS_PER_LOG = 2.2;

    public SauceRoutes {
        stages = List.copyOf(stages);
        if (stages.isEmpty()) {
            throw new Unfit("stages", new Wrong.Empty("stages"));
        }
    }

    /** What came of it. */
    public sealed interface Outcome {}

    /**
     * The ways there are.
     *
     * @param routes from what comes to the main reduction
     * @param before what comes to the main reduction, its additions included
     * @param written the way the sauce is written, or as near to it as the step allows
     */
    public record Ways(Routes routes, Mixture before, Routes.Curve curve, Routes.Point written) implements Outcome {}

    /**
     * There is none.
     *
     * @param field what to change: start, pot, target or stages
     * @param why and what would
     */
    public record NoWay(String field, Finding why) implements Outcome {}

    /**
     * One way, cooked through all stages.
     *
     * @param stages as they are done on this way
     * @param cooked what comes of them
     * @param main place of the main reduction among them
     * @param starchG powder, after tuning to the step
     * @param coldLiquidG what it is stirred into
     * @param origins for each stage its place among the sauce's own; −1 for a slurry that the sauce does not have
     */
    public record Way(
            List<Stage> stages,
            SauceRun.Cooked cooked,
            int main,
            double starchG,
            double coldLiquidG,
            List<Integer> origins) {
        public Way {
            stages = List.copyOf(stages);
            origins = List.copyOf(origins);
        }

        /** So many times as much of everything, ending at so many times the weights. */
        public List<Stage> times(double factor) {
            return stages.stream()
                    .map(s -> s.times(factor).ending(times(s.end(), factor)))
                    .toList();
        }

        private static StageEnd times(StageEnd end, double factor) {
            if (end instanceof StageEnd.Weight weight) {
                return new StageEnd.Weight(weight.massG() * factor);
            }
            return end instanceof StageEnd.Volume volume ? new StageEnd.Volume(volume.volumeMl20c() * factor) : end;
        }
    }

    /**
     * Place of the main reduction: the last stage that reduces, else the last that boils without starch; one that goes by its food, or stands in
     * the oven, only where nothing else boils.
     */
    public int mainStage() {
        int boiling = -1;
        int byFood = -1;
        for (int i = stages.size() - 1; i >= 0; i--) {
            StageKind kind = stages.get(i).kind();
            if (kind == StageKind.REDUCE) {
                return i;
            }
            if (kind == StageKind.COOK_IN || kind == StageKind.OVEN) {
                byFood = byFood < 0 ? i : byFood;
            } else if (boiling < 0 && kind.treatment() == StageKind.Treatment.BOILING && kind != StageKind.SLURRY) {
                boiling = i;
            }
        }
        return boiling < 0 ? byFood : boiling;
    }

    /** All the ways. */
    public Outcome ways() {
        int main = mainStage();
        if (main < 0) {
            return new NoWay("stages", new CannotReach.NothingBoils());
        }
        SauceRun.Cooked head =
                SauceRun.cookBriefly(withoutEmptySlurries(stages.subList(0, main)), pot, bodyFactor, servedC);
        if (head.stuck().isPresent()) {
            return new NoWay("stages", head.stuck().get().why());
        }
        Stage stage = stages.get(main);
        Mixture before = head.out().plus(stage.adds());
        PiecesInPot pieces = head.pieces().with(stage.kind(), stage.pieces());
        Routes routes = new Routes(
                before,
                pot,
                stage.work().heat(stage.look(), stage.lid()),
                mix,
                targetStep,
                servedC,
                bodyFactor,
                afterwards(main, pieces));
        Routes.Outcome outcome = routes.curve();
        if (outcome instanceof Routes.NoWay no) {
            return new NoWay(no.field(), no.why());
        }
        Routes.Curve curve = (Routes.Curve) outcome;
        return new Ways(routes, before, curve, written(routes, curve, before));
    }

    private static List<Stage> withoutEmptySlurries(List<Stage> some) {
        return some.stream()
                .filter(s -> s.kind() != StageKind.SLURRY || s.adds().massG() > 0)
                .toList();
    }

    /** A slurry whose powder is left to the way still simmers, and loses water. */
    private static Stage asSimmer(Stage s) {
        return s.kind() == StageKind.SLURRY ? new Stage(StageKind.SIMMER, s.adds(), s.look(), s.lid(), s.end()) : s;
    }

    private Routes.Afterwards afterwards(int main, PiecesInPot pieces) {
        List<Stage> rest = stages.subList(main + 1, stages.size()).stream()
                .map(SauceRoutes::asSimmer)
                .toList();
        if (rest.isEmpty()) {
            return Routes.Afterwards.NOTHING;
        }
        return reduced -> {
            SauceRun.Cooked cooked = SauceRun.cookOn(reduced, pieces, rest, pot, bodyFactor, servedC);
            return cooked.stages().isEmpty() ? reduced : cooked.out();
        };
    }

    private Routes.Point written(Routes routes, Routes.Curve curve, Mixture before) {
        Stage stage = stages.get(mainStage());
        if (writtenStarchG <= 0) {
            return curve.mostReduced();
        }
        if (stage.end() instanceof StageEnd.StepServed || stage.end() instanceof StageEnd.StepHot) {
            return routes.withStarch(curve, writtenStarchG);
        }
        Stage alone = new Stage(stage.kind(), Mixture.EMPTY, stage.look(), stage.lid(), stage.end());
        SauceRun.Cooked cooked = SauceRun.cookOn(before, new PiecesInPot(), List.of(alone), pot, bodyFactor, servedC);
        double least = curve.leastReduced().evaporatedG();
        double most = curve.mostReduced().evaporatedG();
        return routes.evaporating(Math.max(least, Math.min(most, cooked.evaporatedG())));
    }

    /** A way cooked through all its stages, its starch or its reduction tuned so that it ends at the step wanted. */
    public Way along(Ways ways, Routes.Point point) {
        boolean starchy = point.starchG() > LEAST_STARCH_G;
        double massG = ways.before().massG();
        double amount = starchy ? point.starchG() : massG - point.evaporatedG();
        double sign = starchy ? 1 : -1;
        double slope = STEPS_PER_LOG;
        double lastLog = Double.NaN;
        double lastStep = Double.NaN;
        Way way = way(starchy ? massG - point.evaporatedG() : amount, starchy ? amount : 0);
        for (int i = 0; i < MOST_TUNINGS && way.cooked().stuck().isEmpty(); i++) {
            double step = endStep(way);
            double off = targetStep - step;
            if (Double.isNaN(step) || Math.abs(off) < STEP_TOLERANCE) {
                break;
            }
            double log = Math.log(amount);
            double measured = sign * (step - lastStep) / (log - lastLog);
            slope = measured > 0.2 ? measured : slope;
            lastLog = log;
            lastStep = step;
            amount = Math.max(LEAST_STARCH_G, amount * Math.exp(sign * Math.max(-0.5, Math.min(0.5, off / slope))));
            amount = starchy ? amount : Math.min(massG, amount);
            way = way(starchy ? massG - point.evaporatedG() : amount, starchy ? amount : 0);
        }
        return new Way(
                way.stages(),
                SauceRun.cook(way.stages(), pot, bodyFactor, servedC),
                way.main(),
                way.starchG(),
                way.coldLiquidG(),
                way.origins());
    }

    private static double endStep(Way way) {
        var done = way.cooked().stages();
        return done.isEmpty() ? Double.NaN : done.get(done.size() - 1).end().stepServed();
    }

    /** The stages with the main one ending at that weight and that much starch in the slurry. */
    private Way way(double mainEndG, double starchG) {
        int main = mainStage();
        List<Stage> way = new ArrayList<>();
        List<Integer> origins = new ArrayList<>();
        int mainAt = 0;
        boolean slurried = false;
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            if (i == main) {
                mainAt = way.size();
                StageEnd end = new StageEnd.Weight(Math.max(LEAST_WEIGHT_G, mainEndG));
                stage = stage.ending(end);
            } else if (stage.kind() == StageKind.SLURRY && i > main && !slurried) {
                slurried = true;
                stage = slurry(stage, starchG);
            }
            if (stage.kind() != StageKind.SLURRY || stage.adds().massG() > 0) {
                way.add(stage);
                origins.add(i);
            }
        }
        if (!slurried && starchG > 0) {
            Stage usual = Stage.of(StageKind.SLURRY, new StageEnd.Minutes(SLURRY_MINUTES));
            way.add(mainAt + 1, slurry(usual, starchG));
            origins.add(mainAt + 1, -1);
        }
        return new Way(
                way,
                SauceRun.cookBriefly(way, pot, bodyFactor, servedC),
                mainAt,
                starchG,
                starchG * mix.liquidRatio(),
                origins);
    }

    private Stage slurry(Stage stage, double starchG) {
        Mixture in = stage.adds().plus(mix.perGram().times(starchG));
        return stage.adding(in);
    }

    /** Why a way cannot be cooked through, if it cannot. */
    public static Optional<Finding> trouble(Way way) {
        return way.cooked().stuck().map(SauceRun.Stuck::why);
    }
}
