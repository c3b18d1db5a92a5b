package app.gradior.simmer;

import app.gradior.heat.BoilingPoint;
import app.gradior.heat.EthanolWater;
import app.gradior.heat.EvaporationRate;
import app.gradior.heat.Oven;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Acidity;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import org.hipparchus.analysis.solvers.AllowedSolution;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * One pot followed through time: a cursor that is set, advanced and read. Deterministic; not thread-safe.
 *
 * <p>The state is what evaporates: water, ethanol, acetic acid (grams). Water and alcohol leave as the vapour over the
 * boiling liquid has them (Rayleigh); acetic acid with its relative volatility. With starch in the pot the state also counts
 * the minutes at the boil, and those of them in a sour sauce, since both wear set starch down; with pieces, cells or sugar in it, the
 * minutes at a simmer that soften, swell and split them. The clock starts when the pot
 * looks as it is set; warming up comes before.
 */
public final class SimmerRun {
    /** Longest step of the integrator, s, and largest share of the water in one step: 1e-6 relative error in tests. */
    private static final double LONGEST_STEP_S = 600;

    /** The same while pieces fall apart, which changes how they boil within minutes. */
    private static final double LONGEST_SOFTENING_S = 150;

    /** By then nothing falls apart quickly any more, minutes at a simmer. */
    private static final double SOFTENED_MIN = 30;

    private static final double LARGEST_WATER_SHARE = 0.05;
    /** The model ends here: a serum past this is boiled sugar, °Bx. */
    private static final double MOST_BRIX = 86;
    /** ... and so does a pot with less water than this share of its mass. */
    private static final double LEAST_WATER_SHARE = 0.03;

    /** Plain water has no solids to be a share of: below this the pot is dry, g. */
    private static final double LEAST_WATER_G = 1;

    private static final int WATER = 0;
    private static final int ETHANOL = 1;
    private static final int ACETIC = 2;
    private static final int BOILED_MIN = 3;
    private static final int SOUR_MIN = 4;
    private static final int HEATED_MIN = 5;
    private static final int ALL = 6;
    /** Starch wears below this pH; the change is spread over a little range so that the rates have no jump. */
    private static final double SOUR_PH = 3.5;

    private static final double SOUR_RAMP_PH = 0.1;
    /** A pot so near its boil counts as boiling, K. */
    private static final double AT_THE_BOIL_K = 1;

    private static final StarchKind[] KINDS = StarchKind.values();
    /** A sauce that would end as a film on the floor is scorched, not reduced, mm; arbitrary. */
    public static final double SHALLOWEST_MM = 1;

    private static final double SECONDS_PER_MINUTE = 60;
    private static final double G_PER_KG = 1000;
    /** Events are found to this share of a step. */
    private static final double LANDING_SHARE = 1e-9;

    /** The same for one of many members of an ensemble: within 1e-5 of the fine steps (test). */
    private static final double BRISK_WATER_SHARE = 0.12;

    private static final double BRISK_SOFTENING_S = 300;

    private static final double BRISK_LANDING_SHARE = 1e-6;
    private static final int LANDING_ORDER = 4;
    private static final int MOST_LANDINGS = 100;
    private static final StopEvent NEVER = run -> 1;

    private final PotOnHeat pot;
    private final double pressurePa;
    private final double servedC;
    private final double bodyFactor;
    private final StepAhead ahead = new StepAhead(new RungeKutta4(ALL), ALL);
    private final Evaporation problem = new Evaporation();
    private final double[] state = new double[ALL];
    private final double[] ratesBefore = new double[ALL];
    private final double[] rates = new double[ALL];
    private final double[] kept = new double[KINDS.length];
    private Mixture solids;
    private Consistency consistency;
    private Heat heat;
    private double lookFactor = 1;
    private double seconds;
    private boolean wearsStarch = true;
    private double largestWaterShare = LARGEST_WATER_SHARE;
    private double longestSofteningS = LONGEST_SOFTENING_S;
    private double landingShare = LANDING_SHARE;
    /**
     * A pot with that mixture in it.
     *
     * @param bodyFactor as {@link Consistency#Consistency}
     * @param servedC temperature on the plate, 0 to 100 °C
     */
    public SimmerRun(Mixture start, PotOnHeat pot, Heat heat, double bodyFactor, double servedC) {
        this.pot = pot;
        this.pressurePa = pot.pressurePa();
        this.heat = heat;
        this.bodyFactor = bodyFactor;
        this.servedC = servedC;
        this.solids = start;
        this.consistency = new Consistency(start, bodyFactor);
        begin(start);
    }

    /** Goes on with that mixture. */
    private void take(Mixture mixture) {
        solids = mixture;
        consistency = new Consistency(mixture, bodyFactor);
        begin(mixture);
    }

    /** From the state that it is in; raw starch that sets at the pot's temperature has set. */
    private void begin(Mixture mixture) {
        ahead.drop();
        state[WATER] = mixture.waterG();
        state[ETHANOL] = mixture.ethanolG();
        state[ACETIC] = mixture.aceticG();
        state[BOILED_MIN] = 0;
        state[SOUR_MIN] = 0;
        state[HEATED_MIN] = 0;
        if (mixture.anyToSet()) {
            solids = mixture.heatedTo(tempC());
            consistency = new Consistency(solids, bodyFactor);
        }
    }

    /** When the pot stops losing water in this model. */
    public enum End {
        /** The wished-for event came. */
        REACHED,
        /** The time ran out first. */
        TIME,
        /** Nothing left that the model can take away: boiled sugar or a dry pot. */
        DRY
    }

    /** What to stop at: a number that starts above 0 and falls through it. */
    @FunctionalInterface
    public interface StopEvent {
        double distance(SimmerRun run);
    }

    /** Takes the starch to go in at the end: it does not wear as the rest reduces. */
    public SimmerRun sparingStarch() {
        wearsStarch = false;
        return this;
    }

    /** Goes in longer steps, where many runs are worth more than six digits of one. */
    public SimmerRun briskly() {
        largestWaterShare = BRISK_WATER_SHARE;
        longestSofteningS = BRISK_SOFTENING_S;
        landingShare = BRISK_LANDING_SHARE;
        return this;
    }

    /** Changes look and lid from now on; the factor is how this look differs from its table value. */
    public void set(Heat newHeat, double newLookFactor) {
        ahead.drop();
        heat = newHeat;
        lookFactor = newLookFactor;
        if (solids.anyToSet()) {
            take(mixture());
        }
    }

    /** Puts something in; it is hot at once. */
    public void add(Mixture added) {
        take(mixture().plus(added));
    }

    /** Puts something else in its place: a part taken out, a sieve. */
    public void become(Mixture mixture) {
        take(mixture);
    }

    /** Lets so many seconds pass. */
    public End advance(double forSeconds) {
        return advanceUntil(NEVER, forSeconds);
    }

    /**
     * Lets time pass until the event or for that many seconds at most. The event is found within the last step.
     *
     * @return why it stopped; the run stands at that moment
     */
    public End advanceUntil(StopEvent event, double mostSeconds) {
        double left = mostSeconds;
        while (left > StepAhead.SHORTEST_S) {
            if (isDry()) {
                ahead.drop();
                seconds += left;
                return End.DRY;
            }
            if (!ahead.isTaken()) {
                ahead.rates(problem, state, ratesBefore);
                ahead.take(problem, state, ratesBefore, stepS());
            }
            double moved = ahead.move(left, state);
            if (event.distance(this) <= 0) {
                seconds += land(event, moved);
                return End.REACHED;
            }
            seconds += moved;
            left -= moved;
        }
        return End.TIME;
    }

    /** Leaves the state where the event happens within what was just moved, and answers the seconds to there. */
    private double land(StopEvent event, double moved) {
        double until = ahead.intoS();
        double from = until - moved;
        if (distanceAt(event, from) <= 0) {
            return 0;
        }
        BracketingNthOrderBrentSolver solver =
                new BracketingNthOrderBrentSolver(landingShare, landingShare * moved, LANDING_ORDER);
        double at =
                solver.solve(MOST_LANDINGS, into -> distanceAt(event, into), from, until, AllowedSolution.BELOW_SIDE);
        distanceAt(event, at);
        return at - from;
    }

    /** Puts the state so many seconds into the step, and asks the event there. */
    private double distanceAt(StopEvent event, double intoS) {
        ahead.moveTo(intoS, state);
        return event.distance(this);
    }

    /** How long a step may be from a state with the rates in {@code ratesBefore}, s. */
    private double stepS() {
        double loss = Math.max(-ratesBefore[WATER], 1e-12);
        boolean softening = consistency.softens() && state[HEATED_MIN] < SOFTENED_MIN;
        double longest = softening ? longestSofteningS : LONGEST_STEP_S;
        return Math.min(longest, largestWaterShare * state[WATER] / loss);
    }

    private boolean isDry() {
        return state[WATER] < LEAST_WATER_G || state[WATER] < LEAST_WATER_SHARE * massG() || brixPercent() >= MOST_BRIX;
    }

    public double minute() {
        return seconds / SECONDS_PER_MINUTE;
    }

    public double massG() {
        return consistency.massG(state[WATER], state[ETHANOL], state[ACETIC]);
    }

    public double brixPercent() {
        return consistency.brixPercent(state[WATER], state[ETHANOL], state[ACETIC]);
    }

    public double volumeMl20c() {
        return consistency.volumeMl20c(state[WATER], state[ETHANOL], state[ACETIC]);
    }

    public double volumeMlHot() {
        return volumeMl20c() * SpecificVolume.expansion(tempC());
    }

    public double levelMm() {
        return levelMm(0);
    }

    /** Level with so much else in the pot that is no sauce, mL. */
    public double levelMm(double besideMl) {
        return pot.shape().levelMm(volumeMlHot() + besideMl);
    }

    /** Step at the serving temperature. */
    public double stepServed() {
        return stepAt(servedC);
    }

    /** Step in the pot. */
    public double stepHot() {
        return stepAt(tempC());
    }

    /** Step at a temperature, °C. */
    public double stepAt(double tempC) {
        return Stair.step(viscosityPaS(tempC));
    }

    private double viscosityPaS(double tempC) {
        return flowAt(tempC).viscosityPaS();
    }

    /** How it flows at a temperature, °C, after it has usually stood there. */
    public Consistency.Flow flowAt(double tempC) {
        return flowAt(tempC, Consistency.usualHeldH(tempC));
    }

    /** How it flows at a temperature, °C, after so many hours there. */
    public Consistency.Flow flowAt(double tempC, double heldH) {
        return flow(state, state[WATER], state[ETHANOL], state[ACETIC], tempC, heldH);
    }

    // Wide: the state, what of it is asked for, and when.
    private Consistency.Flow flow(double[] y, double water, double ethanol, double acetic, double tempC, double heldH) {
        return consistency.flow(
                water, ethanol, acetic, new Consistency.Moment(tempC, heldH, y[HEATED_MIN], keptShares(y)));
    }

    public double boilingC() {
        return BoilingPoint.boilingC(
                consistency.waterActivity(state[WATER], state[ACETIC], state[HEATED_MIN]),
                state[WATER],
                Math.max(0, state[ETHANOL]),
                pressurePa);
    }

    public double tempC() {
        return heat.inOven()
                ? inOven(state, state[WATER], Math.max(0, state[ETHANOL]), state[ACETIC], boilingC())
                        .tempC()
                : heat.look().potTempC(boilingC());
    }

    /** Where it settles in its oven. */
    // Wide: the state and where it boils.
    private Oven.Settled inOven(double[] y, double water, double ethanol, double acetic, double boilingC) {
        double activity = consistency.waterActivity(water, acetic, y[HEATED_MIN]);
        double viscosity = flow(y, water, ethanol, acetic, boilingC, 0).viscosityPaS();
        double level = pot.shape()
                .levelMm(consistency.volumeMl20c(water, ethanol, acetic) * SpecificVolume.expansion(boilingC));
        return Oven.settled(
                pot.inOven(level, pressurePa),
                heat.ovenC(),
                new EvaporationRate.Sauce(boilingC, activity, viscosity),
                heat.lid());
    }

    public Mixture mixture() {
        Mixture now = solids.withVolatiles(
                Math.max(0, state[WATER]), Math.max(0, state[ETHANOL]), Math.max(0, state[ACETIC]));
        boolean worn = consistency.starchy() && state[BOILED_MIN] > 0;
        now = now.cookedFor(state[HEATED_MIN], consistency.ph());
        return worn
                ? now.withStarch(now.starch().worn(kind -> kind.keptShare(state[BOILED_MIN], state[SOUR_MIN])))
                : now;
    }

    private double[] keptShares(double[] y) {
        // Nobody asks for shares of a starch that is not there.
        for (int i = 0; consistency.starchy() && i < kept.length; i++) {
            kept[i] = consistency.has(KINDS[i]) ? KINDS[i].keptShare(y[BOILED_MIN], y[SOUR_MIN]) : 1;
        }
        return kept;
    }

    /** Everything about this moment. */
    public PotState look() {
        problem.rates(state, rates);
        boolean dry = isDry();
        double loss = dry ? 0 : -(rates[WATER] + rates[ETHANOL] + rates[ACETIC]) * SECONDS_PER_MINUTE;
        return new PotState(
                minute(), mixture(), tempC(), boilingC(), volumeMlHot(), levelMm(), stepHot(), stepServed(), loss);
    }

    /** The problem as it stands now, for another integrator to be measured against. */
    RateProblem problem() {
        return problem;
    }

    /** Its state: water, ethanol, acetic acid, g; minutes at the boil; sour ones of them; minutes at a simmer. */
    double[] state() {
        return state.clone();
    }

    /** The evaporation problem at the present setting. */
    private final class Evaporation implements RateProblem {
        @Override
        public int size() {
            return ALL;
        }

        @Override
        public void rates(double[] y, double[] ratesPerS) {
            double water = Math.max(1e-9, y[WATER]);
            double ethanol = Math.max(0, y[ETHANOL]);
            double acetic = Math.max(0, y[ACETIC]);
            double activity = consistency.waterActivity(water, acetic, y[HEATED_MIN]);
            double boiling = BoilingPoint.boilingC(activity, water, ethanol, pressurePa);
            double temp;
            double vapourG;
            if (heat.inOven()) {
                Oven.Settled settled = inOven(y, water, ethanol, acetic, boiling);
                temp = settled.tempC();
                vapourG = G_PER_KG * lookFactor * settled.kgPerS();
            } else {
                temp = heat.look().potTempC(boiling);
                double viscosity = flow(y, water, ethanol, acetic, temp, 0).viscosityPaS();
                double hotMl = consistency.volumeMl20c(water, ethanol, acetic) * SpecificVolume.expansion(temp);
                vapourG = G_PER_KG
                        * EvaporationRate.kgPerS(
                                pot.vessel(pot.shape().levelMm(hotMl), pressurePa),
                                new EvaporationRate.Sauce(temp, activity, viscosity),
                                heat.look(),
                                heat.lid(),
                                lookFactor);
            }
            double ethanolShare = EthanolWater.vapourMassFraction(water, ethanol);
            ratesPerS[ETHANOL] = -vapourG * ethanolShare;
            ratesPerS[WATER] = -vapourG * (1 - ethanolShare);
            ratesPerS[ACETIC] = EvaporationRate.ACETIC_RELATIVE_VOLATILITY * acetic * ratesPerS[WATER] / water;
            boolean wears = wearsStarch && consistency.starchy() && temp > boiling - AT_THE_BOIL_K;
            ratesPerS[BOILED_MIN] = wears ? 1 / SECONDS_PER_MINUTE : 0;
            ratesPerS[HEATED_MIN] = consistency.changesWithHeat() ? Mixture.simmerShare(temp) / SECONDS_PER_MINUTE : 0;
            ratesPerS[SOUR_MIN] = wears ? sourShare(water, acetic) / SECONDS_PER_MINUTE : 0;
        }

        /** 1 in a sauce below pH 3.5, 0 above. */
        private double sourShare(double water, double acetic) {
            double acids = solids.otherAcidsG();
            double alkalinity = solids.alkalinityMol();
            Acidity.Buffers buffers = Acidity.Buffers.of(solids.body());
            if (Acidity.isAbove(SOUR_PH + SOUR_RAMP_PH, water, acetic, acids, alkalinity, buffers)) {
                return 0;
            }
            if (!Acidity.isAbove(SOUR_PH - SOUR_RAMP_PH, water, acetic, acids, alkalinity, buffers)) {
                return 1;
            }
            return (SOUR_PH + SOUR_RAMP_PH - Acidity.ph(water, acetic, acids, alkalinity, buffers))
                    / (2 * SOUR_RAMP_PH);
        }
    }
}
