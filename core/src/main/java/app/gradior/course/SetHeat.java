package app.gradior.course;

import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** The heat under a pot as its stage and its cook set it, and what that can do. Not thread-safe. */
final class SetHeat {
    /** A burner with so much of what a look takes makes it near enough. */
    private static final double ENOUGH = 0.85;

    private final PotOnHeat pot;
    private final double bodyFactor;
    private final double servedC;
    private final Variation variation;
    private final UnaryOperator<SimmerRun> steps;
    private Stage stage;
    private Look look = Look.STEAMING;
    private LidState lid = LidState.OPEN;
    private boolean on;
    private double drift = 1;

    /**
     * None, on a pot that rests.
     *
     * @param steps how finely boiling is reckoned
     */
    SetHeat(PotOnHeat pot, double bodyFactor, double servedC, Variation variation, UnaryOperator<SimmerRun> steps) {
        this.pot = pot;
        this.bodyFactor = bodyFactor;
        this.servedC = servedC;
        this.variation = variation;
        this.steps = steps;
        rest();
    }

    SetHeat copy() {
        SetHeat copy = new SetHeat(pot, bodyFactor, servedC, variation, steps);
        copy.stage = stage;
        copy.look = look;
        copy.lid = lid;
        copy.on = on;
        copy.drift = drift;
        return copy;
    }

    /** As that stage asks. */
    void turnTo(Stage next) {
        stage = next;
        look = next.look();
        lid = next.lid();
        on = next.kind().treatment() != StageKind.Treatment.OFF_THE_HEAT;
    }

    void rest() {
        stage = Stage.of(StageKind.REST, new StageEnd.CooksWord(0));
        on = false;
    }

    void set(Look seen) {
        look = seen;
    }

    void set(LidState covered) {
        lid = covered;
    }

    void setOn(boolean onHeat) {
        on = onHeat;
    }

    /** It is so much more or less than it is believed to be. */
    void drift(double factor) {
        drift = factor;
    }

    PotOnHeat pot() {
        return pot;
    }

    Stage stage() {
        return stage;
    }

    StageKind.Treatment treatment() {
        return stage.kind().treatment();
    }

    LidState lid() {
        return lid;
    }

    /** Whether it does anything: on, and under a stage that wants it. */
    boolean heats() {
        return on && treatment() != StageKind.Treatment.OFF_THE_HEAT;
    }

    private Heat heat() {
        return on ? stage.work().heat(look, lid) : new Heat(look, lid);
    }

    /** That boiling from its beginning. */
    SimmerRun boiling(Mixture inPot) {
        return steps.apply(new SimmerRun(inPot, pot, heat(), bodyFactor, servedC));
    }

    /** What boils goes on by this heat. */
    void drive(SimmerRun boils) {
        boils.set(heat(), factorAt(look));
    }

    /** Factor on what leaves a pot that is in fat. */
    double factorInFat() {
        return factorAt(Look.STEAMING);
    }

    private double factorAt(Look seen) {
        return drift * variation.look().applyAsDouble(seen);
    }

    /** That in the pot without its heat. */
    Still still(Mixture inPot, double tempC) {
        return new Still(inPot, tempC, pot, new Heat(look, lid), bodyFactor, servedC);
    }

    /** Where the stage wants it, °C. */
    double wantedC(Mixture inPot, double tempC) {
        return switch (treatment()) {
            case BOILING ->
                heat().inOven() ? boiling(inPot).tempC() : look.potTempC(StageRules.boilingC(inPot, pot, bodyFactor));
            case FRYING -> StageRules.FRYING_C;
            case OFF_THE_HEAT -> tempC;
        };
    }

    /** Getting there under such a lid, in a pot that is so hot itself. */
    StageRules.WarmUp warmUp(Mixture all, double fromC, double potC, double toC, LidState under) {
        return StageRules.warmUp(all, fromC, potC, toC, pot, new Heat(look, under, heat().ovenC()));
    }

    /** Minutes that this pot takes for what the model says. */
    double minutes(StageRules.WarmUp warmUp) {
        return variation.warmUp() * warmUp.minutes();
    }

    /**
     * What the burner lacks to get there, or to keep it as it is set; nothing is said of one that is not known.
     *
     * @param all that has to get hot
     * @param inPot of it what is sauce
     */
    Optional<StageResult.TooWeak> tooWeak(Mixture all, Mixture inPot, double tempC, double toC) {
        double hasW = pot.netPowerW();
        if (Double.isInfinite(hasW) || heat().inOven()) {
            return Optional.empty();
        }
        StageRules.WarmUp warmUp = warmUp(all, tempC, tempC, toC, lid);
        if (!warmUp.reaches()) {
            double liddedW = warmUp(all, tempC, tempC, toC, LidState.CLOSED).wantsW();
            return Optional.of(new StageResult.NeverThere(hasW, warmUp.wantsW(), liddedW));
        }
        double keepsW = StageRules.keepsW(inPot, toC, pot, look);
        return hasW < ENOUGH * keepsW ? Optional.of(new StageResult.TooCalm(hasW, keepsW)) : Optional.empty();
    }
}
