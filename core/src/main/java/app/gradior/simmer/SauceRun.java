package app.gradior.simmer;

import app.gradior.heat.BoilingPoint;
import app.gradior.heat.CoolingLaw;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.mixture.SpecificHeat;
import app.gradior.mixture.SpecificVolume;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The stage engine: stages in, trajectory out. Every gram that goes in is at the end in the pot, in the air, or left behind
 * in a tool.
 */
public final class SauceRun {
    private static final double ROOM_C = 20;
    /** About where a pot is that was just taken over from the boil. */
    private static final double BOILING_C = 100;

    private static final double SECONDS_PER_MINUTE = 60;
    private static final double LONGEST_STAGE_S = 24 * 3600.0;
    /** Net heat of an ordinary kitchen burner when none is known, W. */
    private static final double USUAL_NET_W = 1000;
    /** Vegetables in fat lose water toward this share of their weight, with this time constant: 20 % after ten minutes, clear,
     * and 53 % after forty, deeply coloured (kitchen measurements 20 % and 55 %). */
    private static final double SWEAT_MOST_SHARE = 0.75;

    private static final double SWEAT_TIME_MIN = 32.2;
    private static final double SWEAT_LEAST_WATER_LEFT = 0.05;
    private static final double FRYING_C = 110;
    /** A lidded pot on the counter loses so much heat to the room, W/(m²·K), through so much wall; rounded. */
    private static final double POT_IN_AIR_W_PER_M2_K = 12;

    private static final int CURVE_POINTS = 9;

    private final PotOnHeat pot;
    private final double bodyFactor;
    private final double servedC;
    private final List<StageResult> results = new ArrayList<>();
    private Mixture mixture = Mixture.EMPTY;
    private double tempC = ROOM_C;
    private double minute;
    private boolean brief;

    private SauceRun(PotOnHeat pot, double bodyFactor, double servedC) {
        this.pot = pot;
        this.bodyFactor = bodyFactor;
        this.servedC = servedC;
    }

    /**
     * The stages cooked one after the other.
     *
     * @param stages as far as they could be done
     * @param stuck why not all of them were, if not
     */
    public record Cooked(List<StageResult> stages, Optional<Stuck> stuck) {
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

        /** Mass that stayed in mills, sieves and jugs. */
        public double leftBehindG() {
            return stages.stream().mapToDouble(s -> s.leftBehind().massG()).sum();
        }
    }

    /**
     * A stage that cannot be done.
     *
     * @param stage its place in the list, from 0
     * @param statement why, and what would, in a sentence for the cook
     */
    public record Stuck(int stage, String statement) {}

    /**
     * Cooks the stages.
     *
     * @param bodyFactor what this sauce's network is worth over the model's; 1 until known
     * @param servedC serving temperature, °C
     */
    public static Cooked cook(List<Stage> stages, PotOnHeat pot, double bodyFactor, double servedC) {
        return cook(stages, new SauceRun(pot, bodyFactor, servedC));
    }

    /** The same to the same figures, but of each stage's curve only its two ends: for those who ask for minutes and masses. */
    public static Cooked cookBriefly(List<Stage> stages, PotOnHeat pot, double bodyFactor, double servedC) {
        SauceRun run = new SauceRun(pot, bodyFactor, servedC);
        run.brief = true;
        return cook(stages, run);
    }

    /**
     * Cooks on from a pot that is at its boil.
     *
     * @param from what is in it
     */
    public static Cooked cookOn(Mixture from, List<Stage> stages, PotOnHeat pot, double bodyFactor, double servedC) {
        SauceRun run = new SauceRun(pot, bodyFactor, servedC);
        run.mixture = from;
        run.tempC = BOILING_C;
        run.brief = true;
        return cook(stages, run);
    }

    private static Cooked cook(List<Stage> stages, SauceRun run) {
        for (int i = 0; i < stages.size(); i++) {
            Optional<String> trouble = run.cook(stages.get(i));
            if (trouble.isPresent()) {
                return new Cooked(run.results, Optional.of(new Stuck(i, trouble.get())));
            }
        }
        return new Cooked(run.results, Optional.empty());
    }

    private Optional<String> cook(Stage stage) {
        tempC = SpecificHeat.mixedC(mixture, tempC, stage.adds(), ROOM_C);
        mixture = mixture.plus(stage.adds());
        if (!(mixture.massG() > 0)) {
            return Optional.of("There is nothing in the pot yet.");
        }
        double hotMl = mixture.volumeMl20c() * SpecificVolume.expansion(Math.max(ROOM_C, tempC));
        if (!pot.shape().holds(hotMl)) {
            return Optional.of("There are " + litres(hotMl) + " and this pot holds "
                    + litres(pot.shape().capacityMl()) + " to the brim: take a larger pot.");
        }
        return switch (stage.kind().way()) {
            case FRYING -> fry(stage);
            case BOILING -> boil(stage);
            case OFF_THE_HEAT -> offTheHeat(stage);
        };
    }

    // --- in fat
    // -------------------------------------------------------------------------------------------------------

    private Optional<String> fry(Stage stage) {
        Mixture in = mixture;
        double warmUp = warmUpMinutes(in, FRYING_C);
        double minutes = givenMinutes(stage.end());
        double lostG = stage.kind() == StageKind.SWEAT
                ? sweatedG(in, minutes) * stage.lid().share()
                : 0;
        mixture = in.withVolatiles(in.waterG() - lostG, in.ethanolG(), in.aceticG());
        tempC = FRYING_C;
        finish(stage, warmUp, minutes, in, List.of(still(minutes)), lostG, Mixture.EMPTY, false);
        return Optional.empty();
    }

    /** Water that vegetables lose in so many minutes in fat, g. */
    private static double sweatedG(Mixture m, double minutes) {
        double fatG = m.emulsifiedFatG() + m.freeFatG();
        double share = SWEAT_MOST_SHARE * (1 - Math.exp(-minutes / SWEAT_TIME_MIN));
        return Math.min(share * (m.massG() - fatG), (1 - SWEAT_LEAST_WATER_LEFT) * m.waterG());
    }

    // --- boiling
    // ------------------------------------------------------------------------------------------------------

    private Optional<String> boil(Stage stage) {
        if (!(mixture.waterG() > 1)) {
            return Optional.of("There is no water in the pot: nothing can boil. Add a liquid first.");
        }
        Mixture in = mixture;
        SimmerRun run = run(stage, in);
        PotState first = run.look();
        double warmUp = warmUpMinutes(in, run.tempC());
        boolean word = stage.end() instanceof StageEnd.Minutes || stage.end() instanceof StageEnd.CooksWord;
        double minutes;
        boolean there = false;
        if (word) {
            minutes = givenMinutes(stage.end());
            run.advance(minutes * SECONDS_PER_MINUTE);
        } else {
            SimmerRun.StopEvent event = event(stage, run);
            there = event.distance(run) <= 0;
            SimmerRun.End end = there ? SimmerRun.End.REACHED : run.advanceUntil(event, LONGEST_STAGE_S);
            boolean film = stage.end() instanceof StageEnd.StepServed && run.levelMm() < SimmerRun.SHALLOWEST_MM;
            if (end != SimmerRun.End.REACHED || film) {
                return Optional.of(notReached(stage, end, run));
            }
            minutes = run.minute();
        }
        List<PotState> curve = brief ? List.of(first, run.look()) : curve(run(stage, in), minutes);
        PotState last = curve.get(curve.size() - 1);
        mixture = last.mixture();
        tempC = last.tempC();
        finish(stage, warmUp, minutes, in, curve, in.massG() - mixture.massG(), Mixture.EMPTY, there);
        return Optional.empty();
    }

    private SimmerRun run(Stage stage, Mixture in) {
        return new SimmerRun(in, pot, new Heat(stage.look(), stage.lid()), bodyFactor, servedC);
    }

    private static List<PotState> curve(SimmerRun run, double minutes) {
        List<PotState> points = new ArrayList<>(CURVE_POINTS);
        points.add(run.look());
        for (int i = 1; i < CURVE_POINTS && minutes > 0; i++) {
            run.advance(minutes * SECONDS_PER_MINUTE / (CURVE_POINTS - 1));
            points.add(run.look());
        }
        return points;
    }

    /** The distance to the stage's end, above 0 before it. */
    private static SimmerRun.StopEvent event(Stage stage, SimmerRun atStart) {
        double startMl = atStart.volumeMl20c();
        if (stage.end() instanceof StageEnd.FractionLeft e) {
            return run -> run.volumeMl20c() - e.left() * startMl;
        }
        if (stage.end() instanceof StageEnd.FractionOfAdded e) {
            double wantedMl = startMl - (1 - e.left()) * stage.adds().volumeMl20c();
            return run -> run.volumeMl20c() - wantedMl;
        }
        if (stage.end() instanceof StageEnd.Volume e) {
            return run -> run.volumeMl20c() - e.volumeMl20c();
        }
        if (stage.end() instanceof StageEnd.Weight e) {
            return run -> run.massG() - e.massG();
        }
        if (stage.end() instanceof StageEnd.Level e) {
            return run -> run.levelMm() - e.levelMm();
        }
        if (stage.end() instanceof StageEnd.StepHot e) {
            return run -> e.step() - run.stepHot();
        }
        if (stage.end() instanceof StageEnd.StepServed e) {
            return run -> e.step() - run.stepServed();
        }
        if (stage.end() instanceof StageEnd.BoilingAt e) {
            return run -> e.tempC() - run.boilingC();
        }
        return run -> 1;
    }

    private static String notReached(Stage stage, SimmerRun.End end, SimmerRun run) {
        if (end == SimmerRun.End.TIME) {
            return stage.kind().label()
                    + ": as it is set it would take more than a day. Lift the lid, turn the heat up or take a wider pot.";
        }
        return stage.kind().label() + ": boiled down as far as it goes (" + litres(run.volumeMl20c()) + ", step "
                + Numbers.fixed(run.stepServed(), 1) + " served) its end is still not met.";
    }

    // --- off the heat
    // -------------------------------------------------------------------------------------------------

    private Optional<String> offTheHeat(Stage stage) {
        Mixture in = mixture;
        Mixture leftBehind = Mixture.EMPTY;
        Optional<Pressing> pressing = pressing(stage.kind());
        if (pressing.isPresent()) {
            Mixture.Parted parted = pressing.get().of(in);
            mixture = parted.kept();
            leftBehind = parted.leftBehind();
        }
        double minutes;
        boolean there = false;
        if (stage.end() instanceof StageEnd.CooledTo cooled) {
            double seconds = cooling().secondsTo(tempC, cooled.tempC(), ROOM_C);
            if (Double.isInfinite(seconds)) {
                return Optional.of("On the counter it never gets below " + Numbers.plain(ROOM_C, 0)
                        + " °C: put it in the fridge or in an ice bath.");
            }
            there = seconds == 0;
            minutes = seconds / SECONDS_PER_MINUTE;
            tempC = Math.min(tempC, cooled.tempC());
        } else {
            minutes = givenMinutes(stage.end());
            tempC = cooling().tempC(tempC, ROOM_C, minutes * SECONDS_PER_MINUTE);
        }
        finish(stage, 0, minutes, in, List.of(still(minutes)), 0, leftBehind, there);
        return Optional.empty();
    }

    private static Optional<Pressing> pressing(StageKind kind) {
        return switch (kind) {
            case BLEND -> Optional.of(Pressing.BLENDED);
            case MILL -> Optional.of(Pressing.MILLED);
            case SIEVE -> Optional.of(Pressing.SIEVED);
            default -> Optional.empty();
        };
    }

    private CoolingLaw cooling() {
        double level = pot.shape().levelMm(mixture.volumeMl20c());
        double surface = pot.shape().surfaceM2(level);
        double wall = 2 * Math.sqrt(Math.PI * surface) * level / 1000;
        return new CoolingLaw(
                SpecificHeat.joulePerK(mixture), POT_IN_AIR_W_PER_M2_K * Math.max(1e-4, 2 * surface + wall));
    }

    // --- both
    // ---------------------------------------------------------------------------------------------------------

    /** Minutes a stage names; 0 for an end that only boiling can meet. */
    private static double givenMinutes(StageEnd end) {
        if (end instanceof StageEnd.Minutes e) {
            return e.minutes();
        }
        return end instanceof StageEnd.CooksWord e ? e.expectedMinutes() : 0;
    }

    private double warmUpMinutes(Mixture m, double toC) {
        double watts = Double.isInfinite(pot.netPowerW()) ? USUAL_NET_W : pot.netPowerW();
        return Math.max(0, SpecificHeat.joulePerK(m) * (toC - tempC) / watts / SECONDS_PER_MINUTE);
    }

    /** The pot with nothing boiling in it. */
    private PotState still(double atMinute) {
        double hotMl = mixture.volumeMl20c() * SpecificVolume.expansion(Math.max(0, Math.min(tempC, 100)));
        boolean liquid = mixture.serumG() > 0;
        double boilingC = liquid
                ? BoilingPoint.boilingC(
                        new Consistency(mixture, bodyFactor).waterActivity(mixture.waterG(), mixture.aceticG()),
                        pot.pressurePa())
                : Double.NaN;
        return new PotState(
                atMinute,
                mixture,
                tempC,
                boilingC,
                hotMl,
                pot.shape().levelMm(hotMl),
                step(liquid, Math.min(tempC, 100)),
                step(liquid, servedC),
                0);
    }

    private double step(boolean liquid, double atC) {
        return liquid ? Consistency.step(mixture, bodyFactor, atC) : Double.NaN;
    }

    private void finish(
            Stage stage,
            double warmUp,
            double minutes,
            Mixture in,
            List<PotState> curve,
            double evaporatedG,
            Mixture leftBehind,
            boolean there) {
        PotState last = curve.get(curve.size() - 1);
        boolean boils = stage.kind().way() == StageKind.Way.BOILING;
        Stirring stirring = boils
                ? Stirring.of(Stair.viscosityPaS(last.stepHot()), mixture.brixPercent(), last.levelMm(), stage.look())
                : new Stirring(stage.kind().way() == StageKind.Way.FRYING ? 1 : 10);
        results.add(
                new StageResult(stage, minute, warmUp, minutes, in, curve, evaporatedG, leftBehind, stirring, there));
        minute += warmUp + minutes;
    }

    private static String litres(double ml) {
        return Numbers.plain(ml / 1000, 2) + " L";
    }
}
