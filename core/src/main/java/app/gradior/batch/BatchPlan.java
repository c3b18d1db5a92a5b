package app.gradior.batch;

import app.gradior.care.Storage;
import app.gradior.estimate.BatchStory;
import app.gradior.estimate.Prior;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Moves;
import app.gradior.sauce.Piece;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageName;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Texture;
import app.gradior.simmer.BoiledDown;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.KeptShape;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * What a batch set out to be: fixed when it starts and kept with it, so that later changes to sauces, pots, foods or measures do
 * not reach into the past.
 *
 * @param lines as understood at the start, with the foods of that time
 * @param evaporatedG already gone from the mixture at the start, g
 * @param netPowerW heat into the pot at most; absent when unknown
 * @param pairFactor c_pair; absent until known
 * @param planned what was foreseen at the start; absent when the target cannot be met
 * @param stages as they are to be done; absent for a pot that was taken up hot with everything in it, to be reduced to its step
 * @param learnt what earlier batches taught of the pair and the sauce; absent when nothing did
 * @param then what was to be done with it; absent when nobody said
 * @param onFood what it is brushed on; absent for nothing, and in older batches
 */
// Wide: a plan as a batch keeps it, for good.
public record BatchPlan(
        List<Understood> lines,
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
        @Nullable Planned planned,
        @Nullable List<PlanStage> stages,
        @Nullable Prior learnt,
        @Nullable Storage then,
        @Nullable OnFood onFood) {
    public BatchPlan {
        lines = List.copyOf(lines);
        stages = stages == null ? null : List.copyOf(stages);
    }

    /** A pot that is already hot with everything in it. */
    // Wide: a plan of one stage.
    public static BatchPlan hot(
            List<Understood> lines,
            Texture texture,
            double evaporatedG,
            PlanPot pot,
            Heat heat,
            double altitudeM,
            double targetStep,
            double servedC) {
        return new BatchPlan(
                lines,
                texture,
                evaporatedG,
                pot,
                null,
                null,
                null,
                heat.look(),
                heat.lid(),
                altitudeM,
                targetStep,
                servedC,
                null,
                null,
                null,
                null,
                null);
    }

    /** The same with its lines put right. */
    public BatchPlan with(List<Understood> corrected) {
        return new BatchPlan(
                corrected,
                texture,
                evaporatedG,
                pot,
                burner,
                netPowerW,
                pairFactor,
                look,
                lid,
                altitudeM,
                targetStep,
                servedC,
                planned,
                stages,
                learnt,
                then,
                onFood);
    }

    /**
     * The same on a burner, with what was learnt of it and of the sauce.
     *
     * @param on name of the burner; absent when nobody said
     * @param powerW heat into the pot at most; absent when unknown
     * @param factor c_pair; absent until known
     */
    public BatchPlan on(@Nullable String on, @Nullable Double powerW, @Nullable Double factor, Prior prior) {
        return new BatchPlan(
                lines,
                texture,
                evaporatedG,
                pot,
                on,
                powerW,
                factor,
                look,
                lid,
                altitudeM,
                targetStep,
                servedC,
                planned,
                stages,
                prior,
                then,
                onFood);
    }

    /**
     * A stage of a batch.
     *
     * @param title in the cook's words; may be empty
     * @param lines places of the batch's lines that go in at its start, from 0
     * @param pours places of those that go in by portions: the slurry
     * @param value figure of its end, in the end's unit
     * @param minutes planned, warming up included, with their band
     * @param stepServed planned at its end, for the serving temperature; absent with nothing liquid
     * @param work what it does with what went in before; absent for nothing, and in older batches
     */
    // Wide: a stage of a plan as a batch keeps it.
    public record PlanStage(
            StageKind kind,
            String title,
            List<Integer> lines,
            List<Integer> pours,
            Look look,
            LidState lid,
            EndKind end,
            double value,
            double minutes,
            double minutesLow,
            double minutesHigh,
            @Nullable Double stepServed,
            @Nullable StageWork work) {
        public PlanStage {
            lines = List.copyOf(lines);
            pours = List.copyOf(pours);
        }

        /** Its name, in the cook's words where there are some. */
        public StageName name() {
            return StageName.of(title, kind);
        }

        /** As its stage is set when it begins. */
        public Heat heat() {
            return new Heat(look, lid);
        }

        /** Whether it stands on the heat. */
        public boolean onHeat() {
            return kind.treatment() != StageKind.Treatment.OFF_THE_HEAT;
        }

        /** What it does with what went in before. */
        public StageWork working() {
            return work == null ? StageWork.NONE : work;
        }

        /** The lines that it names: what comes out or goes back, else what goes in. */
        public List<Integer> named() {
            return kind.movesPieces() ? working().lines() : lines;
        }

        Stage with(Mixture adds) {
            return new Stage(kind, adds, look, lid, end.end(value))
                    .with(Map.of(), working().in(kind));
        }
    }

    /** The stages; a pot taken up hot has one, a reduction with all lines in. */
    public List<PlanStage> course() {
        return stages != null
                ? stages
                : List.of(new PlanStage(
                        StageKind.REDUCE,
                        "",
                        java.util.stream.IntStream.range(0, lines.size())
                                .boxed()
                                .toList(),
                        List.of(),
                        look,
                        lid,
                        EndKind.STEP_SERVED,
                        targetStep,
                        0,
                        0,
                        0,
                        targetStep,
                        null));
    }

    /** Whether it looked as it was set when it began. */
    public boolean hotAtStart() {
        return stages == null;
    }

    /** What is believed of pot and sauce before anything is read. */
    public Prior prior() {
        return learnt != null ? learnt : Prior.of(pairFactor != null);
    }

    /** The stages as the estimator takes them, without the lines that were left out. */
    public List<BatchStory.StoryStage> parts(Set<Integer> leftOut) {
        if (stages == null) {
            return List.of(BatchStory.StoryStage.of(course().get(0).with(start())));
        }
        return stages.stream()
                .map(s -> new BatchStory.StoryStage(storied(s, leftOut), mixture(s.pours(), leftOut)))
                .toList();
    }

    private Stage storied(PlanStage s, Set<Integer> leftOut) {
        Map<Integer, Piece> pieces = pieces(s, leftOut);
        Set<Integer> notSauce = new TreeSet<>(leftOut);
        notSauce.addAll(s.kind() == StageKind.COOK_IN ? pieces.keySet() : Set.of());
        Stage stage = s.with(mixture(s.lines(), notSauce));
        return stage.with(pieces, stage.work());
    }

    /** The lines of a stage that are followed as pieces, or cook in the sauce. */
    private Map<Integer, Piece> pieces(PlanStage s, Set<Integer> leftOut) {
        Moves moves = new Moves();
        course().forEach(one -> moves.add(one.kind(), one.working()));
        List<Integer> in =
                s.lines().stream().filter(line -> !leftOut.contains(line)).toList();
        return moves.among(s.kind(), in, line -> Optional.of(lines.get(line).piece()));
    }

    /** A line that cooks in the sauce and is no part of it; empty for any other. */
    Optional<Piece> cooksIn(int line) {
        return course().stream()
                .filter(s -> s.kind() == StageKind.COOK_IN)
                .flatMap(s -> Optional.ofNullable(pieces(s, Set.of()).get(line)).stream())
                .findFirst();
    }

    /** A line of it as it goes into the pot. */
    public Mixture line(int line) {
        return mixture(List.of(line), Set.of());
    }

    private Mixture mixture(List<Integer> places, Set<Integer> leftOut) {
        List<LineReading> in = places.stream()
                .filter(line -> !leftOut.contains(line))
                .map(line -> lines.get(line).line())
                .toList();
        return new Ingredients(in, texture).mixture();
    }

    /**
     * A pot as it was when the batch began.
     *
     * @param topDiameterMm at the rim, the longer way
     * @param baseDiameterMm at the floor, the longer way
     * @param outline absent for a round one, as in older batches
     * @param topWidthMm the other way; absent for what is round
     * @param baseWidthMm the other way; absent for what is round
     * @param burners absent for one
     */
    public record PlanPot(
            String name,
            double topDiameterMm,
            double baseDiameterMm,
            double heightMm,
            double emptyG,
            PotMaterial material,
            @Nullable Double cornerMm,
            PotShape.@Nullable Outline outline,
            @Nullable Double topWidthMm,
            @Nullable Double baseWidthMm,
            @Nullable Integer burners) {
        /** A pot of that shape. */
        public static PlanPot of(String name, PotShape shape, double emptyG, PotMaterial material) {
            KeptShape kept = KeptShape.of(shape);
            return new PlanPot(
                    name,
                    kept.topMm(),
                    kept.baseMm(),
                    kept.heightMm(),
                    emptyG,
                    material,
                    kept.cornerMm(),
                    kept.outline(),
                    kept.topWidthMm(),
                    kept.baseWidthMm(),
                    kept.burners());
        }

        public PotShape shape() {
            return new KeptShape(
                            outline,
                            topDiameterMm,
                            topWidthMm,
                            baseDiameterMm,
                            baseWidthMm,
                            heightMm,
                            cornerMm,
                            burners)
                    .shape();
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

    /** All its lines. */
    public Ingredients ingredients() {
        return new Ingredients(lines.stream().map(Understood::line).toList(), texture);
    }

    public PotOnHeat potOnHeat() {
        PotShape shape = pot.shape();
        return new PotOnHeat(
                shape,
                altitudeM,
                pairFactor == null ? 1 : pairFactor,
                shape.heatFrom(netPowerW == null ? Double.POSITIVE_INFINITY : netPowerW));
    }

    public Heat heat() {
        return new Heat(look, lid);
    }

    /** Everything that a pot taken up hot has in it. */
    private Mixture start() {
        return BoiledDown.evaporated(ingredients().mixture(), evaporatedG);
    }
}
