package app.gradior.room.book;

import app.gradior.course.SauceRun;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.measure.LineReading;
import app.gradior.method.PieceWords;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.Moves;
import app.gradior.sauce.Piece;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageWork;
import app.gradior.sauce.Texture;
import app.gradior.simmer.PotOnHeat;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** A sauce's typed stages as the engine cooks them. */
public final class StagePlan {
    private static final double POWDER_PERCENT = 50;

    private StagePlan() {}

    /** Look and lid of a stage, where the plan differs from the sauce. */
    public record Heating(Look look, LidState lid) {}

    /**
     * A sauce's stages laid out for a plan: the powder of its slurry is left to the plan.
     *
     * @param stages as the engine cooks them, scaled
     * @param drafts as the cook wrote them, one each
     * @param starchG powder that the slurry as written takes, scaled; 0 for none
     * @param starch its kind, if there is any
     * @param powderLines places of the lines that are that powder
     */
    public record Laid(
            List<Stage> stages,
            List<StageDraft> drafts,
            double starchG,
            Optional<StarchKind> starch,
            Set<Integer> powderLines) {
        public Laid {
            stages = List.copyOf(stages);
            drafts = List.copyOf(drafts);
            powderLines = Set.copyOf(powderLines);
        }
    }

    /**
     * Lays the stages out.
     *
     * @param heats by place of the stage; may name none
     */
    public static Laid lay(
            SauceBook.Draft draft, List<LineReading> readings, double factor, Map<Integer, Heating> heats) {
        List<StageDraft> drafts = drafts(draft, readings);
        Moves moves = moves(drafts);
        List<Stage> stages = new ArrayList<>();
        double starchG = 0;
        Optional<StarchKind> starch = Optional.empty();
        Set<Integer> powderLines = new TreeSet<>();
        for (int i = 0; i < drafts.size(); i++) {
            StageDraft stage = drafts.get(i);
            Mixture adds = Mixture.EMPTY;
            for (int line : stage.lines()) {
                if (line < 0 || line >= readings.size()) {
                    continue;
                }
                LineReading reading = readings.get(line);
                Optional<StarchKind> powder = powder(reading);
                if (stage.kind() == StageKind.SLURRY && powder.isPresent()) {
                    starchG += reading.massG() * factor;
                    starch = powder;
                    powderLines.add(line);
                } else {
                    adds = adds.plus(sauceOf(stage.kind(), reading));
                }
            }
            boolean smooth = draft.stages().isEmpty() && draft.texture() == Texture.SMOOTH;
            Mixture whole = (smooth ? adds.blended() : adds).times(factor);
            Heating heat = heats.getOrDefault(i, new Heating(stage.look(), stage.lid()));
            stages.add(stage(stage, whole, heat, pieces(moves, stage, readings, factor), factor));
        }
        return new Laid(stages, drafts, starchG, starch, powderLines);
    }

    /** The lines that are sauce: all but food that cooks in it and is no part of it. */
    public static List<LineReading> sauceLines(SauceBook.Draft draft, List<LineReading> readings) {
        Set<Integer> beside = new TreeSet<>();
        for (StageDraft stage : draft.stages()) {
            for (int line : stage.lines()) {
                boolean food = line >= 0
                        && line < readings.size()
                        && readings.get(line)
                                .food()
                                .filter(one -> Piece.cooksIn(stage.kind(), one))
                                .isPresent();
                if (food) {
                    beside.add(line);
                }
            }
        }
        List<LineReading> sauce = new ArrayList<>();
        for (int line = 0; line < readings.size(); line++) {
            if (!beside.contains(line)) {
                sauce.add(readings.get(line));
            }
        }
        return sauce;
    }

    /** The lines that go in at a stage. */
    public static List<LineReading> lines(StageDraft stage, List<LineReading> readings) {
        return lines(stage.lines(), readings);
    }

    /** The lines at these places. */
    public static List<LineReading> lines(List<Integer> places, List<LineReading> readings) {
        return places.stream()
                .filter(line -> line >= 0 && line < readings.size())
                .map(readings::get)
                .toList();
    }

    /** The kind of a line that is a thickening powder. */
    public static Optional<StarchKind> powder(LineReading reading) {
        return reading.food()
                .filter(food -> food.per100g().starch() >= POWDER_PERCENT)
                .flatMap(Food::starchKind);
    }

    private static List<StageDraft> drafts(SauceBook.Draft draft, List<LineReading> readings) {
        if (draft.stages().isEmpty()) {
            return List.of(allInOne(draft, readings.size()));
        }
        List<PieceWords.In> in = new ArrayList<>();
        List<StageDraft> drafts = new ArrayList<>();
        for (StageDraft stage : draft.stages()) {
            boolean unnamed = stage.kind() == StageKind.TAKE_OUT
                    && stage.working().lines().isEmpty()
                    && stage.working().share() == null;
            drafts.add(unnamed ? stage.with(StageWork.of(PieceWords.leaving(in))) : stage);
            for (int line : stage.lines()) {
                if (line >= 0 && line < readings.size()) {
                    LineReading reading = readings.get(line);
                    in.add(new PieceWords.In(line, drafts.size(), reading.text(), reading.food()));
                }
            }
        }
        return drafts;
    }

    /**
     * The stages, scaled.
     *
     * @param readings the lines as understood, in the places the stages name
     * @param factor on every line, and on the ends that are volumes or weights
     */
    public static List<Stage> stages(SauceBook.Draft draft, List<LineReading> readings, double factor) {
        List<Stage> stages = new ArrayList<>();
        List<StageDraft> drafts = drafts(draft, readings);
        Moves moves = moves(drafts);
        for (StageDraft stage : drafts) {
            Mixture adds = Mixture.EMPTY;
            for (LineReading reading : lines(stage, readings)) {
                adds = adds.plus(sauceOf(stage.kind(), reading));
            }
            Heating heat = new Heating(stage.look(), stage.lid());
            stages.add(stage(stage, adds.times(factor), heat, pieces(moves, stage, readings, factor), factor));
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

    private static Moves moves(List<StageDraft> drafts) {
        Moves moves = new Moves();
        drafts.forEach(stage -> moves.add(stage.kind(), stage.working()));
        return moves;
    }

    private static Map<Integer, Piece> pieces(
            Moves moves, StageDraft stage, List<LineReading> readings, double factor) {
        return moves.among(
                stage.kind(),
                stage.lines(),
                line -> line < 0 || line >= readings.size()
                        ? Optional.empty()
                        : readings.get(line)
                                .food()
                                .map(food -> Piece.of(food, readings.get(line).massG() * factor)));
    }

    private static Stage stage(
            StageDraft draft, Mixture adds, Heating heat, Map<Integer, Piece> pieces, double factor) {
        return new Stage(
                draft.kind(),
                adds,
                heat.look(),
                heat.lid(),
                end(draft, factor),
                pieces,
                draft.working().in(draft.kind()).times(factor));
    }

    private static StageEnd end(StageDraft stage, double factor) {
        boolean grows = stage.end() == EndKind.VOLUME || stage.end() == EndKind.WEIGHT;
        return stage.end().end(grows ? stage.value() * factor : stage.value());
    }

    /** What of a line is sauce: nothing of food that cooks in it. */
    private static Mixture sauceOf(StageKind kind, LineReading reading) {
        return reading.food()
                .filter(food -> !Piece.cooksIn(kind, food))
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
