package app.gradior.course;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificHeat;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotState;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;
import java.util.Optional;

/**
 * What is in a pot and what its heat does to it: it gets hot, fries, boils, or stands and cools. Of a stage it knows what that asks
 * of the heat; what goes in, what tools do and when a stage is over is {@link PotCourse}'s. Not thread-safe.
 */
final class HeatedPot {
    static final double INSTANT_MIN = 1e-9;

    private static final double MOMENT_MIN = 1;
    /** Food gives and takes bit by bit: over ten minutes within 1 % of what shorter steps say. */
    private static final double FOOD_STEP_MIN = 2;

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

    private final SetHeat heat;
    private final PiecesInPot pieces;
    private Mode mode = Mode.STANDING;
    private Mixture mixture;
    private double tempC;
    private SimmerRun run;
    private double minute;
    /** Minutes of the stage at its heat. */
    private double cooked;

    private Warming warming = Warming.NONE;
    private Sweating sweating = Sweating.NOTHING;

    /** Not on its heat yet. */
    HeatedPot(SetHeat heat, Mixture inPot, PiecesInPot pieces, double tempC) {
        this.heat = heat;
        this.mixture = inPot;
        this.pieces = pieces;
        this.tempC = tempC;
        this.run = heat.boiling(Mixture.EMPTY);
    }

    /** Another in the same state, to go its own way. */
    HeatedPot copy() {
        HeatedPot copy = new HeatedPot(heat.copy(), mixture(), pieces.copy(), tempC());
        copy.mode = mode;
        copy.minute = minute;
        copy.cooked = cooked;
        copy.warming = warming;
        copy.sweating = sweating;
        if (mode == Mode.BOILING) {
            copy.run = copy.heat.boiling(copy.mixture);
            copy.drive();
        }
        return copy;
    }

    // --- what is done to it
    // -------------------------------------------------------------------------------------------

    /** Goes on as that stage asks, what is in it being mixed already, in a pot that is so hot itself. */
    void turnTo(Stage next, double potC) {
        heat.turnTo(next);
        cooked = 0;
        settle(potC);
    }

    /** Rests, what was in its mode being taken off: its stage is over, hot or not. */
    void rest() {
        heat.rest();
        mode = Mode.STANDING;
    }

    /** It looks as it is set already. */
    void isHot() {
        if (mode == Mode.WARMING) {
            hotNow();
        }
    }

    /** The cook sees this look: a pot on its way up is there now. */
    void set(Look seen) {
        heat.set(seen);
        if (mode == Mode.WARMING) {
            warming = warming.nowAt(heat.wantedC(mixture, tempC));
            hotNow();
        } else {
            drive();
        }
    }

    /** On its way up a pot gets there sooner from then on under a lid, and loses less. */
    void set(LidState covered) {
        if (mode == Mode.WARMING && warming.toC() > tempC) {
            double toC = warming.toC();
            warming = warming.changed(warmUp(tempC, toC, heat.lid()), warmUp(tempC, toC, covered));
        }
        heat.set(covered);
        drive();
    }

    /** Off the heat for a while, or back on it. */
    void setOnHeat(boolean on) {
        takeOff();
        heat.setOn(on);
        settle(tempC);
    }

    void drift(double factor) {
        heat.drift(factor);
        drive();
    }

    /**
     * Something at room temperature goes in, the pot being taken off its mode.
     *
     * @param added becomes part of it
     * @param foods get hot in it and stay what they are
     */
    void mix(Mixture added, Mixture foods) {
        tempC = SpecificHeat.mixedC(pieces.food().with(mixture), tempC, added.plus(foods), StageRules.ROOM_C);
        mixture = mixture.plus(added);
    }

    /** Only this is in it from now on, as hot as it is. */
    void keep(Mixture kept) {
        mixture = kept;
    }

    /** Leaves the mode with what is in the pot in {@code mixture}. */
    void takeOff() {
        if (mode == Mode.BOILING) {
            mixture = run.mixture();
            tempC = run.tempC();
        }
        if (mode == Mode.FRYING || mode == Mode.BOILING) {
            mode = Mode.STANDING;
        }
    }

    /** On with the same heat; nothing cold went in. */
    void resume() {
        double before = tempC;
        settle(tempC);
        if (mode == Mode.WARMING && warming.toC() - before < 1) {
            hotNow();
        }
    }

    /** Goes on in the mode that stage and heat ask for, in a pot that is so hot itself. */
    void settle(double potC) {
        mode = Mode.STANDING;
        boolean boils = heat.treatment() == StageKind.Treatment.BOILING;
        if (!heat.heats() || !(mixture.massG() > 0) || boils && !StageRules.canBoil(mixture)) {
            return;
        }
        double toC = heat.wantedC(mixture, tempC);
        StageRules.WarmUp warmUp = warmUp(potC, toC, heat.lid());
        warming = new Warming(toC, heat.minutes(warmUp), boils ? warmUp.lostG() : 0);
        mode = Mode.WARMING;
        if (warming.isThere()) {
            hotNow();
        }
    }

    private Still still() {
        return heat.still(mixture, tempC);
    }

    private StageRules.WarmUp warmUp(double potC, double toC, LidState under) {
        return heat.warmUp(pieces.food().with(mixture), tempC, potC, toC, under);
    }

    private void hotNow() {
        tempC = warming.toC();
        if (heat.treatment() == StageKind.Treatment.BOILING) {
            mode = Mode.BOILING;
            run = heat.boiling(mixture);
            drive();
        } else {
            mode = Mode.FRYING;
            sweating = Sweating.of(mixture, heat.stage().kind(), cooked);
        }
    }

    private void drive() {
        if (mode == Mode.BOILING) {
            heat.drive(run);
        }
    }

    // --- what time does to it
    // -------------------------------------------------------------------------------------------

    /** So long what it does may go on before it is asked again, min: until it is hot, or what food gives and takes has to be counted. */
    double longestPassMinutes() {
        return switch (mode) {
            case WARMING -> warming.leftMinutes();
            case BOILING -> pieces.food().isEmpty() ? Double.POSITIVE_INFINITY : FOOD_STEP_MIN;
            case FRYING, STANDING -> Double.POSITIVE_INFINITY;
        };
    }

    /** So many minutes, at most {@link #longestPassMinutes}. */
    void pass(double minutes) {
        switch (mode) {
            case WARMING -> {
                tempC += warming.hotterBy(tempC, minutes);
                mixture = StageRules.steamed(mixture, warming.steamedG(minutes));
                warming = warming.after(minutes);
                if (warming.isThere()) {
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
                Still then = still().after(minutes);
                mixture = then.mixture();
                tempC = then.tempC();
                cooked += heat.treatment() == StageKind.Treatment.OFF_THE_HEAT ? minutes : 0;
            }
        }
        minute += minutes;
    }

    /** Boils until that, or for so many minutes, at most {@link #longestPassMinutes}. */
    SimmerRun.End boilUntil(SimmerRun.StopEvent event, double mostMinutes) {
        double before = run.minute();
        SimmerRun.End end = run.advanceUntil(event, mostMinutes * StageRules.SECONDS_PER_MINUTE);
        minute += run.minute() - before;
        boiledFor(run.minute() - before);
        return end;
    }

    /** How far it is from that, above 0 before it; of a pot that boils. */
    double distanceTo(SimmerRun.StopEvent event) {
        return event.distance(run);
    }

    private void boiledFor(double minutes) {
        cooked += minutes;
        double atSimmer = minutes * Mixture.simmerShare(run.tempC());
        pieces.cooked(atSimmer);
        if (!pieces.food().isEmpty()) {
            run.become(pieces.food().cook(run.mixture(), atSimmer));
        }
    }

    private double sweatedG(double minutes) {
        return heat.factorInFat() * sweating.lostG(minutes, heat.lid());
    }

    private void sweat(double minutes) {
        double hadG = mixture.waterG();
        double waterG = sweating.leftG(hadG, sweatedG(minutes));
        sweating = sweating.on(minutes);
        pieces.dried(hadG > 0 ? waterG / hadG : 1);
        mixture = mixture.withVolatiles(waterG, mixture.ethanolG(), mixture.aceticG());
    }

    // --- what can be seen of it
    // ---------------------------------------------------------------------------------------

    Stage stage() {
        return heat.stage();
    }

    PiecesInPot pieces() {
        return pieces;
    }

    /** Minutes since it was begun with. */
    double minute() {
        return minute;
    }

    /** Minutes of the stage at its heat. */
    double cookedMinutes() {
        return cooked;
    }

    boolean isWarming() {
        return mode == Mode.WARMING;
    }

    boolean isBoiling() {
        return mode == Mode.BOILING;
    }

    /** On its way to the heat, unless it is only a splash that stopped the boil for a moment. */
    boolean isComingToHeat() {
        return mode == Mode.WARMING && (cooked == 0 || warming.leftMinutes() > MOMENT_MIN);
    }

    /** Whether it stands although its stage wants heat. */
    boolean waitsForHeat() {
        return mode == Mode.STANDING && heat.treatment() != StageKind.Treatment.OFF_THE_HEAT;
    }

    double warmUpLeftMinutes() {
        return mode == Mode.WARMING ? warming.leftMinutes() : 0;
    }

    /** Minutes until it is so cold as it stands; infinite when it never gets there. */
    double minutesTo(double wantedC) {
        return still().minutesTo(wantedC);
    }

    /** What the burner lacks to get there, or to keep it as it is set; nothing is said of one that is not known. */
    Optional<StageResult.TooWeak> tooWeak() {
        boolean boils = heat.treatment() == StageKind.Treatment.BOILING && mode != Mode.STANDING;
        return boils ? heat.tooWeak(pieces.food().with(mixture), mixture, tempC, warming.toC()) : Optional.empty();
    }

    Mixture mixture() {
        return mode == Mode.BOILING ? run.mixture() : mixture;
    }

    double massG() {
        return mode == Mode.BOILING ? run.massG() : mixture.massG();
    }

    double tempC() {
        return mode == Mode.BOILING ? run.tempC() : tempC;
    }

    double volumeMl20c() {
        return mode == Mode.BOILING ? run.volumeMl20c() : mixture.volumeMl20c();
    }

    double volumeMlHot() {
        return mode == Mode.BOILING ? run.volumeMlHot() : still().volumeMlHot();
    }

    double levelMm() {
        return heat.pot().shape().levelMm(volumeMlHot() + pieces.food().volumeMl20c());
    }

    /** Dissolved solids, g in 100 g of the liquid; NaN with nothing liquid. */
    double brixPercent() {
        return mode == Mode.BOILING ? run.brixPercent() : still().brixPercent();
    }

    /** Step as hot as it is; NaN with nothing liquid. */
    double stepHot() {
        return mode == Mode.BOILING ? run.stepHot() : still().stepHot();
    }

    /** How it flows at a temperature, °C, after so many hours there, if it does. */
    Optional<Consistency.Flow> flowAt(double atC, double heldH) {
        return mode == Mode.BOILING ? Optional.of(run.flowAt(atC, heldH)) : still().flowAt(atC, heldH);
    }

    /** Everything about this moment. */
    PotState look() {
        PotState now = mode == Mode.BOILING ? run.look() : still().at(minute);
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
                    case FRYING -> sweatedG(1);
                    case STANDING -> still().steamsGPerMin();
                    case WARMING, BOILING -> now.lossGPerMin();
                });
    }
}
