package app.gradior.simmer;

import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.Pressing;
import app.gradior.mixture.SpecificHeat;
import app.gradior.mixture.SpecificVolume;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.texture.Stair;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The stage engine: stages in, trajectory out. Every gram that goes in is at the end in the pot, in the air, or left behind
 * in a tool.
 */
public final class SauceRun {
    /** About where a pot is that was just taken over from the boil. */
    private static final double BOILING_C = 100;

    private static final double LONGEST_STAGE_S = 24 * 3600.0;
    private static final int CURVE_POINTS = 9;

    private final PotOnHeat pot;
    private final double bodyFactor;
    private final double servedC;
    private final List<StageResult> results = new ArrayList<>();
    private Mixture mixture = Mixture.EMPTY;
    private double tempC = StageRules.ROOM_C;
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
        tempC = SpecificHeat.mixedC(mixture, tempC, stage.adds(), StageRules.ROOM_C);
        mixture = mixture.plus(stage.adds());
        if (!(mixture.massG() > 0)) {
            return Optional.of("There is nothing in the pot yet.");
        }
        double hotMl = mixture.volumeMl20c() * SpecificVolume.expansion(Math.max(StageRules.ROOM_C, tempC));
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
        double warmUp = StageRules.warmUpMinutes(in, tempC, StageRules.FRYING_C, pot);
        double minutes = StageRules.givenMinutes(stage.end());
        double lostG = stage.kind() == StageKind.SWEAT
                ? sweatedG(in, minutes) * stage.lid().share()
                : 0;
        mixture = in.withVolatiles(in.waterG() - lostG, in.ethanolG(), in.aceticG());
        tempC = StageRules.FRYING_C;
        finish(stage, warmUp, minutes, in, List.of(still(minutes)), lostG, Mixture.EMPTY, false);
        return Optional.empty();
    }

    /** Water that vegetables lose in so many minutes in fat, g. */
    private static double sweatedG(Mixture m, double minutes) {
        return Math.min(StageRules.sweatedShare(minutes) * StageRules.sweatingG(m), StageRules.mostSweatedG(m));
    }

    // --- boiling
    // ------------------------------------------------------------------------------------------------------

    private Optional<String> boil(Stage stage) {
        if (!StageRules.canBoil(mixture)) {
            return Optional.of("There is no water in the pot: nothing can boil. Add a liquid first.");
        }
        Mixture in = mixture;
        SimmerRun run = run(stage, in);
        PotState first = run.look();
        double warmUp = StageRules.warmUpMinutes(in, tempC, run.tempC(), pot);
        boolean word = StageRules.timed(stage.end());
        double minutes;
        boolean there = false;
        if (word) {
            minutes = StageRules.givenMinutes(stage.end());
            run.advance(minutes * StageRules.SECONDS_PER_MINUTE);
        } else {
            SimmerRun.StopEvent event = StageRules.event(stage, run.volumeMl20c());
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
            run.advance(minutes * StageRules.SECONDS_PER_MINUTE / (CURVE_POINTS - 1));
            points.add(run.look());
        }
        return points;
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
        Optional<Pressing> pressing = StageRules.pressing(stage.kind());
        if (pressing.isPresent()) {
            Mixture.Parted parted = pressing.get().of(in);
            mixture = parted.kept();
            leftBehind = parted.leftBehind();
        }
        double minutes;
        boolean there = false;
        if (stage.end() instanceof StageEnd.CooledTo cooled) {
            double seconds = StageRules.cooling(mixture, pot).secondsTo(tempC, cooled.tempC(), StageRules.ROOM_C);
            if (Double.isInfinite(seconds)) {
                return Optional.of("On the counter it never gets below " + Numbers.plain(StageRules.ROOM_C, 0)
                        + " °C: put it in the fridge or in an ice bath.");
            }
            there = seconds == 0;
            minutes = seconds / StageRules.SECONDS_PER_MINUTE;
            tempC = Math.min(tempC, cooled.tempC());
        } else {
            minutes = StageRules.givenMinutes(stage.end());
            tempC = StageRules.cooling(mixture, pot)
                    .tempC(tempC, StageRules.ROOM_C, minutes * StageRules.SECONDS_PER_MINUTE);
        }
        finish(stage, 0, minutes, in, List.of(still(minutes)), 0, leftBehind, there);
        return Optional.empty();
    }

    // --- both
    // ---------------------------------------------------------------------------------------------------------

    /** The pot with nothing boiling in it. */
    private PotState still(double atMinute) {
        return StageRules.still(atMinute, mixture, tempC, pot, bodyFactor, servedC);
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
