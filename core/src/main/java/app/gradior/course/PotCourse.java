package app.gradior.course;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Lifting;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.mixture.SpecificHeat;
import app.gradior.mixture.SpecificVolume;
import app.gradior.sauce.Piece;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.Work;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.PotState;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

/**
 * A pot that goes through its stages: a cursor that is told what is done and let go on. A plan is one that is left alone, each stage
 * going on to its end ({@link SauceRun}); a pot that is on is one that is told what the cook does. Deterministic; not
 * thread-safe.
 */
public final class PotCourse {
    private static final double INSTANT_MIN = 1e-9;
    private static final double MOMENT_MIN = 1;
    /** Food gives and takes bit by bit: over ten minutes within 1 % of what shorter steps say. */
    private static final double FOOD_STEP_MIN = 2;
    /** A burner with so much of what a look takes makes it near enough. */
    private static final double ENOUGH = 0.85;
    /** The last of a pot is not taken out: there would be nothing left to follow. */
    private static final double MOST_TAKEN = 0.95;

    /** What the pot is doing. */
    private enum Mode {
        /** On its way to the heat of its stage; ends there, or when the cook says how it looks. */
        WARMING,
        /** In fat. */
        FRYING,
        BOILING,
        /** Beside the heat, cooling. */
        STANDING
    }

    /**
     * How a pot differs from the model.
     *
     * @param look factor on the rate of evaporation at a look
     * @param warmUp factor on the time it takes to get hot
     * @param leftBehind factor on what stays in a mill, sieve or jug
     */
    public record Variation(ToDoubleFunction<Look> look, double warmUp, double leftBehind) {
        public static final Variation NONE = new Variation(look -> 1, 1, 1);
    }

    private final PotOnHeat pot;
    private final double bodyFactor;
    private final double servedC;
    private final Variation variation;
    private final UnaryOperator<SimmerRun> steps;
    private Stage stage = Stage.of(StageKind.REST, new StageEnd.CooksWord(0));
    private Mixture mixture = Mixture.EMPTY;
    private SimmerRun run;
    private Mode mode = Mode.STANDING;
    private Look look = Look.STEAMING;
    private LidState lid = LidState.OPEN;
    private boolean onHeat;
    private boolean pressed;
    private double startMl;
    private double minute;
    private double tempC = StageRules.ROOM_C;
    /** Minutes of the stage at its heat. */
    private double cooked;

    private double warmUpLeft;
    /** Water and alcohol that leave until it is hot. */
    private double steamLeftG;

    /** Factor on the rate of evaporation at every look. */
    private double drift = 1;

    private double warmToC;
    private double fried;
    private double sweatingG;
    private double leastWaterG;
    /** What stayed in tools, was lifted out or poured off since the stage began. */
    private Mixture leftBehind = Mixture.EMPTY;

    private PiecesInPot pieces = new PiecesInPot();
    private double givenG;

    /**
     * One of many: an empty pot, cold, that goes in longer steps.
     *
     * @param bodyFactor what this sauce's network is worth over the model's
     * @param servedC serving temperature, °C
     */
    public PotCourse(PotOnHeat pot, double bodyFactor, double servedC, Variation variation) {
        this(pot, bodyFactor, servedC, variation, SimmerRun::briskly);
    }

    private PotCourse(
            PotOnHeat pot, double bodyFactor, double servedC, Variation variation, UnaryOperator<SimmerRun> steps) {
        this.pot = pot;
        this.bodyFactor = bodyFactor;
        this.servedC = servedC;
        this.variation = variation;
        this.steps = steps;
        this.run = boiling();
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
        PotCourse course = new PotCourse(pot, bodyFactor, servedC, Variation.NONE, UnaryOperator.identity());
        course.mixture = inPot;
        course.pieces = pieces.copy();
        course.tempC = tempC;
        return course;
    }

    /** Another pot in the same state, to go its own way. */
    PotCourse copy() {
        PotCourse copy = new PotCourse(pot, bodyFactor, servedC, variation, steps);
        copy.stage = stage;
        copy.mixture = mixture();
        copy.look = look;
        copy.lid = lid;
        copy.onHeat = onHeat;
        copy.pressed = pressed;
        copy.startMl = startMl;
        copy.minute = minute;
        copy.tempC = tempC();
        copy.cooked = cooked;
        copy.mode = mode;
        copy.warmUpLeft = warmUpLeft;
        copy.steamLeftG = steamLeftG;
        copy.drift = drift;
        copy.warmToC = warmToC;
        copy.fried = fried;
        copy.sweatingG = sweatingG;
        copy.leastWaterG = leastWaterG;
        copy.leftBehind = leftBehind;
        copy.givenG = givenG;
        copy.pieces = pieces.copy();
        if (mode == Mode.BOILING) {
            copy.run = copy.boiling();
            copy.applyHeat();
        }
        return copy;
    }

    private SimmerRun boiling() {
        return steps.apply(new SimmerRun(mixture, pot, heat(), bodyFactor, servedC));
    }

    private Heat heat() {
        return onHeat ? stage.work().heat(look, lid) : new Heat(look, lid);
    }

    // --- what the cook does
    // -------------------------------------------------------------------------------------------

    /** Ends the stage that was and begins the next, its additions in, cold. */
    public void begin(Stage next) {
        begin(next, false);
    }

    /** Begins with a pot that already looks as it is set. */
    public void beginHot(Stage next) {
        begin(next, true);
    }

    private void begin(Stage next, boolean hot) {
        end();
        double potC = tempC;
        Mixture adds = next.work() instanceof Work.PutBack back ? next.adds().plus(pieces.putBack(back)) : next.adds();
        boolean cooksIn = next.kind() == StageKind.COOK_IN;
        Mixture before = withFood();
        pieces.putIn(next.kind(), next.pieces());
        Mixture cold = cooksIn ? adds.plus(foods(next)) : adds;
        tempC = SpecificHeat.mixedC(before, tempC, cold, StageRules.ROOM_C);
        mixture = mixture.plus(adds);
        stage = next;
        look = next.look();
        lid = next.lid();
        onHeat = next.kind().treatment() != StageKind.Treatment.OFF_THE_HEAT;
        startMl = mixture.volumeMl20c();
        cooked = 0;
        pressed = false;
        leftBehind = Mixture.EMPTY;
        givenG = 0;
        settle(potC);
        if (hot && mode == Mode.WARMING) {
            hotNow();
        }
    }

    private static Mixture foods(Stage next) {
        Mixture foods = Mixture.EMPTY;
        for (Piece piece : next.pieces().values()) {
            foods = foods.plus(piece.mixture());
        }
        return foods;
    }

    /** All that has to get hot. */
    private Mixture withFood() {
        return pieces.food().isEmpty() ? mixture : mixture.plus(pieces.food().all());
    }

    /** The stage is over: what its tool does is done, and the pot stands. */
    public void end() {
        takeOff();
        useTool();
        stage = Stage.of(StageKind.REST, new StageEnd.CooksWord(0));
        onHeat = false;
    }

    /** Does what the stage's tool does, unless the cook did; lifts out and pours off what the stage says. */
    private void useTool() {
        if (pressed) {
            return;
        }
        stage.kind().tool().ifPresent(pressing -> press(pressing, Double.NaN));
        if (stage.work() instanceof Work.TakeOut out) {
            takeOff();
            part(pieces.takeOut(mixture, out, viscosityPaS()));
        } else if (stage.work() instanceof Work.PourFat fat) {
            takeOff();
            part(pieces.pour(mixture, fat));
        }
    }

    private void part(Mixture.Parted parted) {
        leftBehind = leftBehind.plus(parted.leftBehind());
        mixture = parted.kept();
        pressed = true;
        resume();
    }

    /** How the sauce clings to what is lifted out of it, Pa·s; as water with nothing liquid. */
    private double viscosityPaS() {
        double step = mixture.serumG() > 0 ? look().stepHot() : Double.NaN;
        return Double.isNaN(step) ? Lifting.WATER_PAS : Stair.viscosityPaS(step);
    }

    /** The cook sees this look: a pot on its way up is there now. */
    public void set(Look seen) {
        look = seen;
        if (mode == Mode.WARMING) {
            warmToC = heatOfStageC();
            hotNow();
        } else {
            applyHeat();
        }
    }

    /** On its way up a pot gets there sooner from then on under a lid, and loses less. */
    public void set(LidState covered) {
        if (mode == Mode.WARMING && warmToC > tempC) {
            StageRules.WarmUp before = warmUp(tempC, lid);
            StageRules.WarmUp after = warmUp(tempC, covered);
            warmUpLeft *= after.minutes() / before.minutes();
            steamLeftG *= before.lostG() > 0 ? after.lostG() / before.lostG() : 1;
        }
        lid = covered;
        applyHeat();
    }

    /** Puts something in at room temperature. */
    public void add(Mixture added) {
        add(added, Map.of());
    }

    /** The same, with food that cooks in it from then on and is no part of it. */
    public void add(Mixture added, Map<Integer, Piece> foods) {
        takeOff();
        double potC = tempC;
        tempC = SpecificHeat.mixedC(withFood(), tempC, added, StageRules.ROOM_C);
        mixture = mixture.plus(added);
        Mixture before = withFood();
        pieces.food().putIn(foods);
        for (Piece piece : foods.values()) {
            tempC = SpecificHeat.mixedC(before, tempC, piece.mixture(), StageRules.ROOM_C);
            before = before.plus(piece.mixture());
        }
        mixture = mixture.heatedTo(tempC);
        settle(potC);
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
        if (!(mixture().massG() > 0)) {
            return;
        }
        takeOff();
        double taken = Math.max(0, Math.min(MOST_TAKEN, share));
        mixture = mixture.times(1 - taken);
        pieces.taken(taken);
        resume();
    }

    /**
     * Through a tool.
     *
     * @param leftG what stayed behind, weighed; NaN when nobody weighed it
     */
    public void press(Pressing pressing, double leftG) {
        takeOff();
        Mixture broken = pieces.food().brokenUp();
        givenG += broken.massG();
        mixture = mixture.plus(broken);
        Mixture.Parted parted = pressing.of(mixture);
        pieces.brokenUp();
        double usualG = parted.leftBehind().massG();
        double behindG = Double.isNaN(leftG) ? variation.leftBehind() * usualG : leftG;
        double wantedG = Math.max((1 - MOST_TAKEN) * mixture.massG(), mixture.massG() - behindG);
        double keptG = parted.kept().massG();
        if (usualG > 0) {
            leftBehind = leftBehind.plus(parted.leftBehind().times((mixture.massG() - wantedG) / usualG));
        }
        mixture = keptG > 0 ? parted.kept().times(wantedG / keptG) : parted.kept();
        pressed |= stage.kind().tool().isPresent();
        resume();
    }

    /** Off the heat for a while, or back on it. */
    public void setOnHeat(boolean on) {
        takeOff();
        onHeat = on;
        settle(tempC);
    }

    /** From here on the heat is so much more or less than it is believed to be: nobody knows what it will do. */
    public void drift(double factor) {
        drift = factor;
        applyHeat();
    }

    // --- what the pot does
    // --------------------------------------------------------------------------------------------

    /** Leaves the mode with what is in the pot in {@code mixture}. */
    private void takeOff() {
        if (mode == Mode.BOILING) {
            mixture = run.mixture();
            tempC = run.tempC();
        }
        if (mode == Mode.FRYING || mode == Mode.BOILING) {
            mode = Mode.STANDING;
        }
    }

    /** On with the same heat; nothing cold went in. */
    private void resume() {
        double before = tempC;
        settle(tempC);
        if (mode == Mode.WARMING && warmToC - before < 1) {
            hotNow();
        }
    }

    /** Goes on in the mode that stage and heat ask for, in a pot that is so hot itself. */
    private void settle(double potC) {
        mode = Mode.STANDING;
        boolean boils = stage.kind().treatment() == StageKind.Treatment.BOILING;
        boolean cold = stage.kind().treatment() == StageKind.Treatment.OFF_THE_HEAT;
        if (cold || !onHeat || !(mixture.massG() > 0) || boils && !StageRules.canBoil(mixture)) {
            return;
        }
        warmToC = heatOfStageC();
        StageRules.WarmUp warmUp = warmUp(potC, lid);
        warmUpLeft = variation.warmUp() * warmUp.minutes();
        steamLeftG = boils ? warmUp.lostG() : 0;
        mode = Mode.WARMING;
        if (warmUpLeft < INSTANT_MIN) {
            hotNow();
        }
    }

    private StageRules.WarmUp warmUp(double potC, LidState under) {
        Heat set = heat();
        return StageRules.warmUp(withFood(), tempC, potC, warmToC, pot, new Heat(look, under, set.ovenC()));
    }

    private double heatOfStageC() {
        return switch (stage.kind().treatment()) {
            case BOILING -> {
                Heat set = heat();
                yield set.inOven() ? boiling().tempC() : look.potTempC(StageRules.boilingC(mixture, pot, bodyFactor));
            }
            case FRYING -> StageRules.FRYING_C;
            case OFF_THE_HEAT -> tempC;
        };
    }

    private void hotNow() {
        tempC = warmToC;
        warmUpLeft = 0;
        if (stage.kind().treatment() == StageKind.Treatment.BOILING) {
            mode = Mode.BOILING;
            run = boiling();
            applyHeat();
        } else {
            mode = Mode.FRYING;
            fried = cooked;
            sweatingG = StageRules.sweatingG(mixture);
            leastWaterG = mixture.waterG() - StageRules.mostSweatedG(mixture);
        }
    }

    private void applyHeat() {
        if (mode == Mode.BOILING) {
            run.set(heat(), drift * variation.look().applyAsDouble(look));
        }
    }

    /** Lets so many minutes pass. */
    public void advance(double minutes) {
        double left = minutes;
        while (left > INSTANT_MIN) {
            double now = mode == Mode.WARMING ? Math.min(left, warmUpLeft) : Math.min(left, longestPass());
            pass(now);
            left -= now;
        }
    }

    /** So long what food gives and takes may wait until it is counted, min. */
    private double longestPass() {
        return mode == Mode.BOILING && !pieces.food().isEmpty() ? FOOD_STEP_MIN : Double.POSITIVE_INFINITY;
    }

    private void pass(double minutes) {
        switch (mode) {
            case WARMING -> {
                tempC += (warmToC - tempC) * minutes / warmUpLeft;
                steam(steamLeftG * minutes / warmUpLeft);
                warmUpLeft -= minutes;
                if (warmUpLeft < INSTANT_MIN) {
                    hotNow();
                }
            }
            case FRYING -> {
                sweat(minutes);
                mixture = mixture.cookedFor(minutes * StageRules.FRYING_SOFTENS);
                pieces.cooked(minutes * StageRules.FRYING_SOFTENS);
                cooked += minutes;
            }
            case BOILING -> {
                run.advance(minutes * StageRules.SECONDS_PER_MINUTE);
                boiledFor(minutes);
            }
            case STANDING -> {
                stand(minutes);
                cooked += stage.kind().treatment() == StageKind.Treatment.OFF_THE_HEAT ? minutes : 0;
            }
        }
        minute += minutes;
    }

    private void boiledFor(double minutes) {
        cooked += minutes;
        double atSimmer = minutes * Mixture.simmerShare(run.tempC());
        pieces.cooked(atSimmer);
        if (!pieces.food().isEmpty()) {
            Mixture before = run.mixture();
            Mixture after = pieces.food().cook(before, atSimmer);
            givenG += after.massG() - before.massG();
            run.become(after);
        }
    }

    /** Beside the heat: it cools, and as long as it is hot it goes on losing water. */
    private void stand(double minutes) {
        double left = mixture.massG() > 0 ? minutes : 0;
        while (left > INSTANT_MIN) {
            StageRules.Stood stood = StageRules.standing(mixture, tempC, pot, lid, left);
            tempC = stood.tempC();
            mixture = StageRules.steamed(mixture, stood.lostG());
            left -= stood.minutes();
        }
    }

    private double steamsGPerMin() {
        if (!(mixture.massG() > 0)) {
            return 0;
        }
        StageRules.Stood stood = StageRules.standing(mixture, tempC, pot, lid, MOMENT_MIN);
        return stood.lostG() / stood.minutes();
    }

    private void steam(double lostG) {
        mixture = StageRules.steamed(mixture, lostG);
        steamLeftG = Math.max(0, steamLeftG - lostG);
    }

    private double sweatedG(double minutes) {
        double share = StageRules.sweatedShare(fried + minutes) - StageRules.sweatedShare(fried);
        return share
                * sweatingG
                * StageRules.driesIn(stage.kind())
                * StageRules.sweatsPast(lid)
                * drift
                * variation.look().applyAsDouble(Look.STEAMING);
    }

    /** What leaves in the next minute. */
    private double sweatGPerMin() {
        return stage.kind().sweats() ? sweatedG(1) : 0;
    }

    private void sweat(double minutes) {
        if (!stage.kind().sweats()) {
            return;
        }
        double lostG = sweatedG(minutes);
        fried += minutes;
        double hadG = mixture.waterG();
        double waterG = Math.max(Math.min(leastWaterG, hadG), hadG - lostG);
        pieces.dried(hadG > 0 ? waterG / hadG : 1);
        mixture = mixture.withVolatiles(waterG, mixture.ethanolG(), mixture.aceticG());
    }

    /**
     * Lets time pass until the stage's end is met and its tool was used, or for so many minutes.
     *
     * @return REACHED at the end, TIME before it, DRY when it can no longer be met
     */
    public SimmerRun.End advanceToEnd(double mostMinutes) {
        double left = mostMinutes;
        while (!isOver()) {
            if (left <= INSTANT_MIN) {
                return SimmerRun.End.TIME;
            }
            double from = minute;
            if (mode == Mode.WARMING) {
                pass(Math.min(left, warmUpLeft));
            } else if (mode == Mode.BOILING && !StageRules.timed(stage.end())) {
                double before = run.minute();
                SimmerRun.End end = run.advanceUntil(
                        StageRules.event(stage, startMl, besideMl()),
                        Math.min(left, longestPass()) * StageRules.SECONDS_PER_MINUTE);
                minute += run.minute() - before;
                boiledFor(run.minute() - before);
                if (end != SimmerRun.End.TIME) {
                    return end;
                }
            } else {
                double remaining = remainingMinutes();
                if (Double.isInfinite(remaining)) {
                    advance(left);
                    return SimmerRun.End.DRY;
                }
                pass(Math.min(Math.min(left, remaining), longestPass()));
            }
            left -= minute - from;
        }
        useTool();
        return SimmerRun.End.REACHED;
    }

    /** Minutes that a stage which ends by clock, word or cooling still takes; infinite when it never ends by itself. */
    private double remainingMinutes() {
        if (stage.end() instanceof StageEnd.CooledTo cooled) {
            return StageRules.minutesTo(cooled.tempC(), mixture, tempC, pot, lid);
        }
        boolean waits = mode == Mode.STANDING && stage.kind().treatment() != StageKind.Treatment.OFF_THE_HEAT;
        return waits ? Double.POSITIVE_INFINITY : StageRules.givenMinutes(stage.end()) - cooked;
    }

    /** Whether the stage's end is met as the pot is. */
    public boolean isOver() {
        if (mode == Mode.WARMING) {
            return false;
        }
        if (mode == Mode.BOILING && !StageRules.timed(stage.end())) {
            return StageRules.event(stage, startMl, besideMl()).distance(run) <= 0;
        }
        return remainingMinutes() <= INSTANT_MIN;
    }

    // --- what can be seen of it
    // ---------------------------------------------------------------------------------------

    /** Minutes since the course began. */
    public double minute() {
        return minute;
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
        return givenG;
    }

    /** Which pieces are in it and beside it. */
    PiecesInPot pieces() {
        return pieces;
    }

    /** Minutes until it is at the heat of its stage. */
    double warmUpLeftMinutes() {
        return mode == Mode.WARMING ? warmUpLeft : 0;
    }

    /** What the burner lacks to get there, or to keep it as it is set; nothing is said of one that is not known. */
    Optional<StageResult.TooWeak> tooWeak() {
        double hasW = pot.netPowerW();
        boolean boils = stage.kind().treatment() == StageKind.Treatment.BOILING && mode != Mode.STANDING;
        if (Double.isInfinite(hasW) || !boils || heat().inOven()) {
            return Optional.empty();
        }
        StageRules.WarmUp warmUp = warmUp(tempC(), lid);
        if (!warmUp.reaches()) {
            double liddedW = warmUp(tempC(), LidState.CLOSED).wantsW();
            return Optional.of(new StageResult.NeverThere(hasW, warmUp.wantsW(), liddedW));
        }
        double keepsW = StageRules.keepsW(mixture(), warmToC, pot, look);
        return hasW < ENOUGH * keepsW ? Optional.of(new StageResult.TooCalm(hasW, keepsW)) : Optional.empty();
    }

    /** Whether it is on its way to the heat of its stage. */
    public boolean isWarming() {
        return mode == Mode.WARMING;
    }

    /** The same, unless it is only a splash that stopped the boil for a moment. */
    public boolean isComingToHeat() {
        return mode == Mode.WARMING && (cooked == 0 || warmUpLeft > MOMENT_MIN);
    }

    public Mixture mixture() {
        return mode == Mode.BOILING ? run.mixture() : mixture;
    }

    public double massG() {
        return mode == Mode.BOILING ? run.massG() : mixture.massG();
    }

    public double tempC() {
        return mode == Mode.BOILING ? run.tempC() : tempC;
    }

    public double volumeMl20c() {
        return mode == Mode.BOILING ? run.volumeMl20c() : mixture.volumeMl20c();
    }

    /** All that stands on the scale but the pot itself, g: the sauce and what cooks in it. */
    public double weighsG() {
        return massG() + pieces.food().all().massG();
    }

    /** What cooks in it and lifts its level, mL. */
    private double besideMl() {
        return pieces.food().isEmpty() ? 0 : pieces.food().all().volumeMl20c();
    }

    public double volumeMlHot() {
        return volumeMl20c() * SpecificVolume.expansion(Math.max(0, Math.min(tempC(), 100)));
    }

    public double levelMm() {
        return pot.shape().levelMm(volumeMlHot() + besideMl());
    }

    /** Dissolved solids, g in 100 g of the liquid; NaN with nothing liquid. */
    public double brixPercent() {
        if (mode == Mode.BOILING) {
            return run.brixPercent();
        }
        return mixture.serumG() > 0 ? mixture.brixPercent() : Double.NaN;
    }

    /** Step as hot as it is; NaN with nothing liquid. */
    public double stepHot() {
        return mode == Mode.BOILING ? run.stepHot() : look().stepHot();
    }

    /** How it flows at a temperature, °C, after so many hours there, if it does. */
    public Optional<Consistency.Flow> flowAt(double atC, double heldH) {
        if (mode == Mode.BOILING) {
            return Optional.of(run.flowAt(atC, heldH));
        }
        return mixture.serumG() > 0
                ? Optional.of(new SimmerRun(mixture, pot, new Heat(look, lid), bodyFactor, servedC).flowAt(atC, heldH))
                : Optional.empty();
    }

    /** Everything about this moment. */
    public PotState look() {
        PotState now =
                mode == Mode.BOILING ? run.look() : StageRules.still(minute, mixture, tempC, pot, bodyFactor, servedC);
        return new PotState(
                minute,
                now.mixture(),
                now.tempC(),
                now.boilingC(),
                now.volumeMlHot(),
                pieces.food().isEmpty() ? now.levelMm() : levelMm(),
                now.stepHot(),
                now.stepServed(),
                switch (mode) {
                    case FRYING -> sweatGPerMin();
                    case STANDING -> steamsGPerMin();
                    case WARMING, BOILING -> now.lossGPerMin();
                });
    }
}
