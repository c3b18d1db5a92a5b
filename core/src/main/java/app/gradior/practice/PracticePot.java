package app.gradior.practice;

import app.gradior.judge.HiddenPot;
import app.gradior.judge.Nature;
import app.gradior.judge.Stuff;
import app.gradior.texture.Consistency;
import app.gradior.texture.RingTest;
import app.gradior.texture.SpoonTimes;
import app.gradior.texture.Stair;
import app.gradior.texture.Structure;
import java.util.Map;
import java.util.Objects;
import java.util.Random;

/** One practice pot followed through time: a cursor that is told what is done to it and asked what is to be seen. Not thread-safe. */
final class PracticePot {
    static final double STEP_S = 2;

    private static final double SEA_PA = 101_325;
    /** Heat that steel keeps, J/(g·K). */
    private static final double STEEL_J_PER_G_K = 0.49;

    private static final int TOP = 9;
    /** Knobs give little at first: a share of the most by this power. */
    private static final double KNOB_POWER = 1.6;

    private static final double SMOKES_C = 165;
    private static final double LEAST_STEP = 0;
    private static final double MOST_STEP = 9.9;
    private static final double HOTTEST_LIQUID_C = 105;
    private static final double PLATE_C = 20;
    private static final double TASTED_G = 6;
    private static final double RING_G = 32;
    /** How well scale and rule are read, g and mm. */
    private static final double SCALE_SD_G = 2;

    private static final double RULE_SD_MM = 0.7;
    private static final double LINE_FILLS_S = 1.2;
    private static final double LINE_FROM_STEP = 3.3;
    private static final double LINE_PER_STEP = 2.2;
    private static final double LINE_STAYS_S = 60;
    /** Length of a spoon's back that drains, m. */
    private static final double BACK_M = 0.06;

    private static final double GRAVITY = 9.81;
    private static final double[] COAT_AFTER_S = {1, 3, 10};
    /** Hot water's viscosity, and the bubbles it makes: mm across, s. */
    private static final double WATER_PAS = 0.0005;

    private static final double SMALLEST_MM = 4;
    private static final double LARGEST_MM = 60;
    private static final double LONGEST_S = 3;
    private static final double BUBBLE_GROWS = 0.278;
    private static final double SHORTEST_S = 0.12;
    private static final double BUBBLE_STAYS = 0.3;
    private static final double VAPOUR_KG_PER_M3 = 0.6;
    /** Nearer to its boil than this the floor sends up a bubble now and then, K. */
    private static final double SIMMERS_K = 12;

    private static final double SPATTERS_PAS = 0.12;
    private static final int MOST_BUBBLES = 400;
    /** Drops a second; more are not drawn apart. */
    private static final int MOST_DROPS = 12;

    private static final double LATENT_J_PER_KG = 2.26e6;
    /** Of the floor's heat, what goes into bubbles just below the boil; kitchen estimate. */
    private static final double SIMMER_SHARE = 0.25;
    /** What browned on the wall is tasted less than what caught on the floor. */
    private static final double EDGE_TASTES = 0.5;
    /** So far the floor catches before anything of it comes up. */
    private static final double UNSEEN = 0.15;

    private final PotSetting setting;
    private final HiddenPot pot;
    private final Surface surface = new Surface();
    private final long seed;
    private final Nature nature;
    private final Tint tint;
    private final String starch;
    private double atS;
    private int knob;
    private int lid;
    private boolean off;
    private int touches;
    private double steamG;

    PracticePot(PotSetting setting, String starch, long seed) {
        this.setting = setting;
        this.starch = starch;
        this.seed = seed;
        Random random = new Random(seed);
        this.nature = Nature.draw(random).wearing();
        double floorM = Math.sqrt(4 * setting.shape().surfaceM2(0) / Math.PI);
        double mouthM = Math.sqrt(4 * setting.shape().mouthM2() / Math.PI);
        this.pot = new HiddenPot(
                new HiddenPot.Vessel(
                        floorM,
                        mouthM,
                        setting.shape().heightMm() / 1000,
                        STEEL_J_PER_G_K * setting.emptyG(),
                        setting.burnerW() * Nature.about(random, 1, 0.08),
                        SEA_PA),
                nature);
        for (Map.Entry<String, Double> food : setting.foods().entrySet()) {
            pot.put(Stuff.of(food.getKey(), food.getValue(), random));
        }
        this.tint = Tint.of(setting.foods());
        pot.warmTo(setting.startC());
        turn(setting.knob());
        cover(setting.lid());
    }

    private void turn(int to) {
        knob = to;
        pot.give(pot.vessel().mostW() * Math.pow((double) to / TOP, KNOB_POWER));
    }

    private void cover(int to) {
        lid = to;
        switch (to) {
            case 0 -> pot.lid(0, 1);
            case 1 -> pot.lid(HiddenPot.AJAR_COVERS, nature.ajarLeak());
            default -> pot.lid(1, nature.lidLeak());
        }
    }

    /** Goes on to a moment; a pot that was taken off stands still. */
    void to(double untilS) {
        while (!off && atS + STEP_S <= untilS + 1e-9) {
            double before = pot.lostG();
            pot.pass(STEP_S);
            if (pot.tempC() > SMOKES_C) {
                pot.warmTo(SMOKES_C); // dry, or caramel: no balance of ours goes further
            }
            surface.pass(pot, STEP_S);
            steamG = (pot.lostG() - before) / STEP_S * 60;
            atS += STEP_S;
        }
    }

    /** Does it; what it shows, if it shows something. */
    Shown apply(Deed deed) {
        if (off) {
            return nothing(deed.kind());
        }
        if (deed.kind() != Deed.Kind.OFF) {
            touches++;
        }
        switch (deed.kind()) {
            case HEAT -> turn((int) deed.value());
            case LID -> cover((int) deed.value());
            case STIR -> surface.stir();
            case WIPE -> surface.wipe();
            case SPLASH, SALT, BUTTER -> put(deed);
            case SLURRY -> {
                put(deed);
                surface.stir();
            }
            case BLEND -> pot.blend();
            case OFF -> {
                off = true;
                pot.off();
            }
            default -> {
                return look(deed);
            }
        }
        return nothing(deed.kind());
    }

    private void put(Deed deed) {
        Random chance = chance(deed);
        deed.foods(starch).forEach((food, grams) -> pot.put(Stuff.of(food, grams, chance)));
    }

    /** Each deed has a chance of its own: one more or one less leaves all others as they were. */
    private Random chance(Deed deed) {
        return new Random(Objects.hash(seed, deed.atS(), deed.kind().ordinal(), deed.value()));
    }

    private static Shown nothing(Deed.Kind kind) {
        return new Shown(kind, new double[0], Double.NaN, Double.NaN, Double.NaN);
    }

    private Shown look(Deed deed) {
        Deed.Kind kind = deed.kind();
        Random chance = chance(deed);
        double hotC = Math.min(HOTTEST_LIQUID_C, pot.tempC());
        double density = 1000 * pot.massG() / pot.volumeMl();
        Consistency.Flow flow = flow(hotC);
        double[] coat = {};
        double line = Double.NaN;
        double figure = Double.NaN;
        double burnt = Double.NaN;
        switch (kind) {
            case SPOON -> {
                coat = coat(flow, density);
                line = Math.min(LINE_STAYS_S, LINE_FILLS_S * Math.exp(LINE_PER_STEP * (stepHot() - LINE_FROM_STEP)));
            }
            case TRAIL -> figure = SpoonTimes.trailS(flow, density, Math.max(0.001, pot.level()));
            case DRIP -> figure = SpoonTimes.dripS(flow, density);
            case WEIGH -> figure = pot.massG() + setting.emptyG() + SCALE_SD_G * chance.nextGaussian();
            case DIP -> figure = Math.max(0, levelMm() + RULE_SD_MM * chance.nextGaussian());
            case RING -> {
                Consistency.Flow cold = flow(PLATE_C);
                figure = RingTest.radiusMm(cold.viscosityPaS(), cold.yieldStressPa(), density);
                pot.take(RING_G);
            }
            default -> {
                figure = pot.stuff().saltPercent();
                burnt = Math.min(1, burnt());
                pot.take(TASTED_G);
            }
        }
        return new Shown(kind, coat, line, figure, burnt);
    }

    private Consistency.Flow flow(double c) {
        return new Consistency.Flow(pot.viscosity(c), pot.yieldPa(c), Structure.LIQUID);
    }

    /** A film that runs off by its weight (Jeffreys 1930), and no thinner than it stands by itself. */
    private static double[] coat(Consistency.Flow flow, double density) {
        double weight = density * GRAVITY;
        double stands = flow.yieldStressPa() / weight;
        double[] coat = new double[COAT_AFTER_S.length];
        for (int i = 0; i < coat.length; i++) {
            coat[i] = 1000 * Math.max(stands, Math.sqrt(flow.viscosityPaS() * BACK_M / (weight * COAT_AFTER_S[i])));
        }
        return coat;
    }

    double stepHot() {
        return stepAt(Math.min(HOTTEST_LIQUID_C, pot.tempC()));
    }

    double stepAt(double c) {
        return Math.max(LEAST_STEP, Math.min(MOST_STEP, Stair.step(pot.viscosity(c))));
    }

    double volumeMl() {
        return pot.volumeMl();
    }

    double massG() {
        return pot.massG();
    }

    double saltPercent() {
        return pot.stuff().saltPercent();
    }

    double belowBoilK() {
        return pot.boilC() - pot.tempC();
    }

    double boiledOffKgPerM2H() {
        return pot.boiledOffKgPerM2H();
    }

    /** What has caught on the floor and browned on the wall: 0 not at all, 0.3 to be tasted, 1 ruined. */
    double burnt() {
        return surface.caught() + EDGE_TASTES * surface.edge();
    }

    double spiltG() {
        return surface.spiltG();
    }

    int touches() {
        return touches;
    }

    boolean isOff() {
        return off;
    }

    private double levelMm() {
        return 1000 * pot.level();
    }

    Sight sight() {
        double hotPas = pot.viscosity(Math.min(HOTTEST_LIQUID_C, pot.tempC()));
        double near = Math.max(0, 1 - belowBoilK() / SIMMERS_K);
        double floorFlux = pot.wattsNow() / LATENT_J_PER_KG * 3600 / pot.surfaceM2();
        double flux = off ? 0 : Math.max(pot.boiledOffKgPerM2H(), SIMMER_SHARE * floorFlux * Math.pow(near, 3));
        double mm = Math.min(LARGEST_MM, SMALLEST_MM * Math.pow(Math.max(1, hotPas / WATER_PAS), BUBBLE_GROWS));
        double stays = Math.min(LONGEST_S, SHORTEST_S * Math.pow(Math.max(1, hotPas / WATER_PAS), BUBBLE_STAYS));
        double m3 = Math.PI / 6 * Math.pow(mm / 1000, 3);
        double perS = flux / 3600 / VAPOUR_KG_PER_M3 * pot.surfaceM2() / m3;
        Tint now = tint.of(concentration(), burnt());
        return new Sight(
                atS,
                levelMm(),
                mm,
                stays,
                Math.min(MOST_BUBBLES, perS * stays),
                Math.min(MOST_DROPS, perS * Math.max(0, Math.min(1, hotPas - SPATTERS_PAS))),
                off ? 0 : steamG,
                surface.foamMm(),
                now.red(),
                now.green(),
                now.blue(),
                surface.skin(),
                surface.filmMm(pot),
                Math.min(1, surface.edge()),
                Math.min(1, Math.max(0, surface.caught() - UNSEEN)),
                knob,
                lid,
                surface.sinceStirS(),
                off);
    }

    /** How much of it is not water. */
    private double concentration() {
        return 1 - pot.waterG() / pot.massG();
    }
}
