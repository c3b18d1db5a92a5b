package app.gradior.course;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Lifting;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.sauce.Piece;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Work;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.PotState;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A pot that goes through its stages: a cursor that is told what is done and let go on. A plan is one that is left alone, each stage
 * going on to its end ({@link SauceRun}); a pot that is on is one that is told what the cook does. What the heat does to it is
 * {@link HeatedPot}'s. Deterministic; not thread-safe.
 */
public final class PotCourse {
    /** The last of a pot is not taken out: there would be nothing left to follow. */
    private static final double MOST_TAKEN = 0.95;

    private final HeatedPot heated;
    /** Factor on what stays in a tool. */
    private final double leaves;

    private boolean pressed;
    private double startMl;
    /** What stayed in tools, was lifted out or poured off since the stage began. */
    private Mixture leftBehind = Mixture.EMPTY;

    private PotCourse(HeatedPot heated, double leaves) {
        this.heated = heated;
        this.leaves = leaves;
    }

    /**
     * One of many: an empty pot, cold, that goes in longer steps.
     *
     * @param bodyFactor what this sauce's network is worth over the model's
     * @param servedC serving temperature, °C
     */
    public PotCourse(PotOnHeat pot, double bodyFactor, double servedC, Variation variation) {
        this(
                new HeatedPot(
                        new SetHeat(pot, bodyFactor, servedC, variation, SimmerRun::briskly),
                        Mixture.EMPTY,
                        new PiecesInPot(),
                        StageRules.ROOM_C),
                variation.leftBehind());
    }

    /**
     * As the model says, in steps as fine as it takes.
     *
     * @param inPot what is in it before its first stage
     * @param pieces in it and beside it
     * @param tempC how hot that is, °C
     */
    // Wide: a pot, how it is judged, and what is in it.
    static PotCourse asPlanned(
            PotOnHeat pot, double bodyFactor, double servedC, Mixture inPot, PiecesInPot pieces, double tempC) {
        SetHeat heat = new SetHeat(pot, bodyFactor, servedC, Variation.NONE, UnaryOperator.identity());
        return new PotCourse(new HeatedPot(heat, inPot, pieces.copy(), tempC), Variation.NONE.leftBehind());
    }

    /** Another pot in the same state, to go its own way. */
    PotCourse copy() {
        PotCourse copy = new PotCourse(heated.copy(), leaves);
        copy.pressed = pressed;
        copy.startMl = startMl;
        copy.leftBehind = leftBehind;
        return copy;
    }

    // --- what the cook does
    // -------------------------------------------------------------------------------------------

    /** Ends the stage that was and begins the next, its additions in, cold. */
    public void begin(Stage next) {
        end();
        double potC = heated.tempC();
        PiecesInPot pieces = heated.pieces();
        Mixture adds = next.work() instanceof Work.PutBack back ? next.adds().plus(pieces.putBack(back)) : next.adds();
        heated.mix(adds, next.kind() == StageKind.COOK_IN ? all(next.pieces()) : Mixture.EMPTY);
        pieces.putIn(next.kind(), next.pieces());
        pieces.food().begin();
        startMl = heated.volumeMl20c();
        pressed = false;
        leftBehind = Mixture.EMPTY;
        heated.turnTo(next, potC);
    }

    /** Begins with a pot that already looks as it is set. */
    public void beginHot(Stage next) {
        begin(next);
        heated.isHot();
    }

    private static Mixture all(Map<Integer, Piece> pieces) {
        Mixture all = Mixture.EMPTY;
        for (Piece piece : pieces.values()) {
            all = all.plus(piece.mixture());
        }
        return all;
    }

    /** The stage is over: what its tool does is done, and the pot stands. */
    public void end() {
        heated.takeOff();
        useTool();
        heated.rest();
    }

    /** Does what the stage's tool does, unless the cook did; lifts out and pours off what the stage says. */
    private void useTool() {
        if (pressed) {
            return;
        }
        Stage stage = heated.stage();
        stage.kind().tool().ifPresent(pressing -> press(pressing, Double.NaN));
        if (stage.work() instanceof Work.TakeOut out) {
            heated.takeOff();
            part(heated.pieces().takeOut(heated.mixture(), out, viscosityPaS()));
        } else if (stage.work() instanceof Work.PourFat fat) {
            heated.takeOff();
            part(heated.pieces().pour(heated.mixture(), fat));
        }
    }

    private void part(Mixture.Parted parted) {
        leftBehind = leftBehind.plus(parted.leftBehind());
        heated.keep(parted.kept());
        pressed = true;
        heated.resume();
    }

    /** How the sauce clings to what is lifted out of it, Pa·s; as water with nothing liquid. */
    private double viscosityPaS() {
        double step = heated.stepHot();
        return Double.isNaN(step) ? Lifting.WATER_PAS : Stair.viscosityPaS(step);
    }

    /** The cook sees this look: a pot on its way up is there now. */
    public void set(Look seen) {
        heated.set(seen);
    }

    /** On its way up a pot gets there sooner from then on under a lid, and loses less. */
    public void set(LidState covered) {
        heated.set(covered);
    }

    /** Puts something in at room temperature. */
    public void add(Mixture added) {
        add(added, Map.of());
    }

    /** The same, with food that cooks in it from then on and is no part of it. */
    public void add(Mixture added, Map<Integer, Piece> foods) {
        heated.takeOff();
        double potC = heated.tempC();
        heated.mix(added, all(foods));
        heated.pieces().food().putIn(foods);
        heated.keep(heated.mixture().heatedTo(heated.tempC()));
        heated.settle(potC);
    }

    /** Takes out so much of it: what is left is of the same composition. */
    public void takeOutG(double massG) {
        takeShare(massG / massG());
    }

    /** Takes out so much of it, as hot as it is. */
    public void takeOutMl(double mlHot) {
        takeShare(mlHot / volumeMlHot());
    }

    private void takeShare(double share) {
        if (!(massG() > 0)) {
            return;
        }
        heated.takeOff();
        double taken = Math.max(0, Math.min(MOST_TAKEN, share));
        heated.keep(heated.mixture().times(1 - taken));
        heated.pieces().taken(taken);
        heated.resume();
    }

    /**
     * Through a tool.
     *
     * @param leftG what stayed behind, weighed; NaN when nobody weighed it
     */
    public void press(Pressing pressing, double leftG) {
        heated.takeOff();
        Mixture broken = heated.pieces().food().brokenUp();
        Mixture all = heated.mixture().plus(broken);
        Mixture.Parted parted = pressing.of(all);
        heated.pieces().brokenUp();
        double usualG = parted.leftBehind().massG();
        double behindG = Double.isNaN(leftG) ? leaves * usualG : leftG;
        double wantedG = Math.max((1 - MOST_TAKEN) * all.massG(), all.massG() - behindG);
        double keptG = parted.kept().massG();
        if (usualG > 0) {
            leftBehind = leftBehind.plus(parted.leftBehind().times((all.massG() - wantedG) / usualG));
        }
        heated.keep(keptG > 0 ? parted.kept().times(wantedG / keptG) : parted.kept());
        pressed |= heated.stage().kind().tool().isPresent();
        heated.resume();
    }

    /** Off the heat for a while, or back on it. */
    public void setOnHeat(boolean on) {
        heated.setOnHeat(on);
    }

    /** From here on the heat is so much more or less than it is believed to be: nobody knows what it will do. */
    public void drift(double factor) {
        heated.drift(factor);
    }

    // --- what the pot does
    // --------------------------------------------------------------------------------------------

    /** Lets so many minutes pass. */
    public void advance(double minutes) {
        double left = minutes;
        while (left > HeatedPot.INSTANT_MIN) {
            double now = Math.min(left, heated.longestPassMinutes());
            heated.pass(now);
            left -= now;
        }
    }

    /**
     * Lets time pass until the stage's end is met and its tool was used, or for so many minutes.
     *
     * @return REACHED at the end, TIME before it, DRY when it can no longer be met
     */
    public SimmerRun.End advanceToEnd(double mostMinutes) {
        double left = mostMinutes;
        while (!isOver()) {
            if (left <= HeatedPot.INSTANT_MIN) {
                return SimmerRun.End.TIME;
            }
            double from = minute();
            double most = Math.min(left, heated.longestPassMinutes());
            if (heated.isWarming()) {
                heated.pass(most);
            } else if (boilsToItsEnd()) {
                SimmerRun.End end = heated.boilUntil(event(), most);
                if (end != SimmerRun.End.TIME) {
                    return end;
                }
            } else {
                double remaining = remainingMinutes();
                if (Double.isInfinite(remaining)) {
                    advance(left);
                    return SimmerRun.End.DRY;
                }
                heated.pass(Math.min(most, remaining));
            }
            left -= minute() - from;
        }
        useTool();
        return SimmerRun.End.REACHED;
    }

    private boolean boilsToItsEnd() {
        return heated.isBoiling() && !StageRules.timed(heated.stage().end());
    }

    private SimmerRun.StopEvent event() {
        return StageRules.event(heated.stage(), startMl, pieces().food().volumeMl20c());
    }

    /** Minutes that a stage which ends by clock, word or cooling still takes; infinite when it never ends by itself. */
    private double remainingMinutes() {
        StageEnd end = heated.stage().end();
        if (end instanceof StageEnd.CooledTo cooled) {
            return heated.minutesTo(cooled.tempC());
        }
        return heated.waitsForHeat() ? Double.POSITIVE_INFINITY : StageRules.givenMinutes(end) - heated.cookedMinutes();
    }

    /** Whether the stage's end is met as the pot is. */
    public boolean isOver() {
        if (heated.isWarming()) {
            return false;
        }
        return boilsToItsEnd() ? heated.distanceTo(event()) <= 0 : remainingMinutes() <= HeatedPot.INSTANT_MIN;
    }

    // --- what can be seen of it
    // ---------------------------------------------------------------------------------------

    /** Minutes since the course began. */
    public double minute() {
        return heated.minute();
    }

    /** What was in it when its stage began, the stage's additions included, mL at 20 °C. */
    public double stageStartMl20c() {
        return startMl;
    }

    /** What stayed in tools, was lifted out or poured off since the stage began. */
    Mixture leftBehind() {
        return leftBehind;
    }

    /** What food that cooks in it gave the sauce since the stage began, less what it took, g. */
    double givenG() {
        return pieces().food().givenG();
    }

    /** Which pieces are in it and beside it. */
    PiecesInPot pieces() {
        return heated.pieces();
    }

    /** Minutes until it is at the heat of its stage. */
    double warmUpLeftMinutes() {
        return heated.warmUpLeftMinutes();
    }

    /** What the burner lacks to get there, or to keep it as it is set; nothing is said of one that is not known. */
    Optional<StageResult.TooWeak> tooWeak() {
        return heated.tooWeak();
    }

    /** Whether it is on its way to the heat of its stage. */
    public boolean isWarming() {
        return heated.isWarming();
    }

    /** The same, unless it is only a splash that stopped the boil for a moment. */
    public boolean isComingToHeat() {
        return heated.isComingToHeat();
    }

    public Mixture mixture() {
        return heated.mixture();
    }

    public double massG() {
        return heated.massG();
    }

    public double tempC() {
        return heated.tempC();
    }

    public double volumeMl20c() {
        return heated.volumeMl20c();
    }

    /** All that stands on the scale but the pot itself, g: the sauce and what cooks in it. */
    public double weighsG() {
        return massG() + pieces().food().all().massG();
    }

    public double volumeMlHot() {
        return heated.volumeMlHot();
    }

    public double levelMm() {
        return heated.levelMm();
    }

    /** Dissolved solids, g in 100 g of the liquid; NaN with nothing liquid. */
    public double brixPercent() {
        return heated.brixPercent();
    }

    /** Step as hot as it is; NaN with nothing liquid. */
    public double stepHot() {
        return heated.stepHot();
    }

    /** How it flows at a temperature, °C, after so many hours there, if it does. */
    public Optional<Consistency.Flow> flowAt(double atC, double heldH) {
        return heated.flowAt(atC, heldH);
    }

    /** Everything about this moment. */
    public PotState look() {
        return heated.look();
    }
}
