package app.gradior.course;

import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.PotState;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Stair;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A plan: stages in, trajectory out, cooked by a {@link PotCourse} that is left alone. Every gram that goes in is at the end in the pot, in the air, or left behind
 * in a tool.
 */
public final class SauceRun {
    /** About where a pot is that was just taken over from the boil. */
    private static final double BOILING_C = 100;

    /** A pot that has not boiled down to its end by then is set wrongly. */
    private static final double LONGEST_REDUCTION_MIN = 24 * 60.0;
    /** Beyond what a stage can be told to take (a week), and what a full pot takes to cool; arbitrary. */
    private static final double LONGEST_STAGE_MIN = 30 * 24 * 60.0;
    /** How often what is in fat, and what stands, wants stirring, min. */
    private static final double IN_FAT_MIN = 1;

    private static final double OFF_THE_HEAT_MIN = 10;
    private static final int CURVE_POINTS = 9;

    private final PotOnHeat pot;
    private final PotCourse course;
    private final boolean brief;
    private final List<StageResult> results = new ArrayList<>();

    private SauceRun(PotOnHeat pot, PotCourse course, boolean brief) {
        this.pot = pot;
        this.course = course;
        this.brief = brief;
    }

    /**
     * The stages cooked one after the other.
     *
     * @param stages as far as they could be done
     * @param stuck why not all of them were, if not
     * @param pieces in the pot and beside it at the end
     */
    public record Cooked(List<StageResult> stages, Optional<Stuck> stuck, PiecesInPot pieces) {
        public Cooked {
            stages = List.copyOf(stages);
        }

        public double minutes() {
            return stages.isEmpty() ? 0 : stages.get(stages.size() - 1).endMinute();
        }

        /** What is in the pot at the end. */
        public Mixture out() {
            return stages.isEmpty()
                    ? Mixture.EMPTY
                    : stages.get(stages.size() - 1).out();
        }

        public double evaporatedG() {
            return stages.stream().mapToDouble(StageResult::evaporatedG).sum();
        }

        /** Mass that stayed in mills, sieves and jugs, was poured off, or was lifted out and not put back. */
        public double leftBehindG() {
            double sum = 0;
            Mixture before = Mixture.EMPTY;
            for (StageResult result : stages) {
                sum += result.leftBehind().massG();
                if (result.stage().kind() == StageKind.PUT_BACK) {
                    sum -= result.in().massG()
                            - before.massG()
                            - result.stage().adds().massG();
                }
                before = result.out();
            }
            return sum;
        }
    }

    /**
     * A stage that cannot be done.
     *
     * @param stage its place in the list, from 0
     * @param why and what would
     */
    public record Stuck(int stage, CannotCook why) {}

    /**
     * Cooks the stages.
     *
     * @param bodyFactor what this sauce's network is worth over the model's; 1 until known
     * @param servedC serving temperature, °C
     */
    public static Cooked cook(List<Stage> stages, PotOnHeat pot, double bodyFactor, double servedC) {
        return new SauceRun(pot, cold(pot, bodyFactor, servedC), false).cook(stages);
    }

    /** The same to the same figures, but of each stage's curve only its two ends: for those who ask for minutes and masses. */
    public static Cooked cookBriefly(List<Stage> stages, PotOnHeat pot, double bodyFactor, double servedC) {
        return new SauceRun(pot, cold(pot, bodyFactor, servedC), true).cook(stages);
    }

    /**
     * Cooks on from a pot that is at its boil.
     *
     * @param from what is in it
     * @param pieces in it and beside it
     */
    // Wide: a pot as it stands, and what comes.
    public static Cooked cookOn(
            Mixture from, PiecesInPot pieces, List<Stage> stages, PotOnHeat pot, double bodyFactor, double servedC) {
        return new SauceRun(pot, PotCourse.asPlanned(pot, bodyFactor, servedC, from, pieces, BOILING_C), true)
                .cook(stages);
    }

    private static PotCourse cold(PotOnHeat pot, double bodyFactor, double servedC) {
        return PotCourse.asPlanned(pot, bodyFactor, servedC, Mixture.EMPTY, new PiecesInPot(), StageRules.ROOM_C);
    }

    private Cooked cook(List<Stage> stages) {
        for (int i = 0; i < stages.size(); i++) {
            Optional<CannotCook> trouble = cook(stages.get(i));
            if (trouble.isPresent()) {
                return new Cooked(results, Optional.of(new Stuck(i, trouble.get())), course.pieces());
            }
        }
        return new Cooked(results, Optional.empty(), course.pieces());
    }

    private Optional<CannotCook> cook(Stage stage) {
        double began = course.minute();
        course.begin(stage);
        Mixture in = course.mixture();
        double foodMl = course.pieces().food().volumeMl20c();
        Optional<CannotCook> trouble = cannotBegin(stage, in, foodMl);
        if (trouble.isPresent()) {
            return trouble;
        }
        double warmUp = course.warmUpLeftMinutes();
        Optional<StageResult.TooWeak> tooWeak = course.tooWeak();
        course.advance(warmUp);
        PotCourse atHeat = course.copy();
        boolean there = endsByItself(stage) && course.isOver();
        SimmerRun.End end = course.advanceToEnd(reduces(stage) ? LONGEST_REDUCTION_MIN : LONGEST_STAGE_MIN);
        if (end != SimmerRun.End.REACHED || isFilm(stage)) {
            return Optional.of(notReached(stage, end));
        }
        double minutes = course.minute() - began - warmUp;
        results.add(new StageResult(
                stage,
                began,
                warmUp,
                minutes,
                in,
                foodMl,
                curve(stage, atHeat, minutes),
                in.massG()
                        + course.givenG()
                        - course.massG()
                        - course.leftBehind().massG(),
                course.leftBehind(),
                stirring(stage),
                there,
                tooWeak));
        return Optional.empty();
    }

    private Optional<CannotCook> cannotBegin(Stage stage, Mixture in, double foodMl) {
        if (!(in.massG() > 0)) {
            return Optional.of(new CannotCook.Empty());
        }
        double hotMl =
                (in.volumeMl20c() + foodMl) * SpecificVolume.expansion(Math.max(StageRules.ROOM_C, course.tempC()));
        if (!pot.shape().holds(hotMl)) {
            return Optional.of(new CannotCook.Overfull(hotMl, pot.shape().capacityMl()));
        }
        return stage.kind().treatment() == StageKind.Treatment.BOILING && !StageRules.canBoil(in)
                ? Optional.of(new CannotCook.NoWater())
                : Optional.empty();
    }

    /** Whether it is over when the pot is so far, and not after a time. */
    private static boolean endsByItself(Stage stage) {
        return reduces(stage)
                || stage.kind().treatment() == StageKind.Treatment.OFF_THE_HEAT
                        && stage.end() instanceof StageEnd.CooledTo;
    }

    /** Whether it boils until the pot is so far. */
    private static boolean reduces(Stage stage) {
        return stage.kind().treatment() == StageKind.Treatment.BOILING && !StageRules.timed(stage.end());
    }

    private boolean isFilm(Stage stage) {
        return stage.kind().treatment() == StageKind.Treatment.BOILING
                && stage.end() instanceof StageEnd.StepServed
                && course.levelMm() < SimmerRun.SHALLOWEST_MM;
    }

    private CannotCook notReached(Stage stage, SimmerRun.End end) {
        if (stage.kind().treatment() == StageKind.Treatment.OFF_THE_HEAT) {
            return new CannotCook.NeverThatCold(StageRules.ROOM_C);
        }
        if (end == SimmerRun.End.TIME) {
            return new CannotCook.TakesTooLong(stage.kind());
        }
        return new CannotCook.BoiledDown(
                stage.kind(), course.volumeMl20c(), course.look().stepServed());
    }

    /** The pot from the look being reached on; in time shares, the last as it is after its tool. */
    private List<PotState> curve(Stage stage, PotCourse from, double minutes) {
        List<PotState> points = new ArrayList<>(CURVE_POINTS);
        double heatedAt = from.minute();
        boolean boils = stage.kind().treatment() == StageKind.Treatment.BOILING;
        if (boils) {
            points.add(from.look().since(heatedAt));
        }
        for (int i = 1; boils && !brief && minutes > 0 && i < CURVE_POINTS - 1; i++) {
            from.advance(minutes / (CURVE_POINTS - 1));
            points.add(from.look().since(heatedAt));
        }
        if (!boils || brief || minutes > 0) {
            points.add(course.look().since(heatedAt));
        }
        return points;
    }

    private Stirring stirring(Stage stage) {
        return switch (stage.kind().treatment()) {
            case BOILING ->
                stage.kind() == StageKind.OVEN
                        ? Stirring.IN_OVEN
                        : Stirring.of(
                                Stair.viscosityPaS(course.stepHot()),
                                course.brixPercent(),
                                course.levelMm(),
                                stage.look());
            case FRYING -> new Stirring(IN_FAT_MIN);
            case OFF_THE_HEAT -> new Stirring(OFF_THE_HEAT_MIN);
        };
    }
}
