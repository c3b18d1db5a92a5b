package app.gradior.course;

import app.gradior.heat.BoilingPoint;
import app.gradior.heat.EthanolWater;
import app.gradior.heat.EvaporationRate;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.heat.Oven;
import app.gradior.heat.WaterProperties;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificHeat;
import app.gradior.sauce.Stage;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.texture.Consistency;

/** Figures of what a stage does to a pot, for {@link PotCourse}. */
final class StageRules {
    static final double ROOM_C = EvaporationRate.ROOM_C;
    static final double FRYING_C = 110;
    static final double SECONDS_PER_MINUTE = 60;
    /** What is in fat softens as at the boil, hotter outside and drier: a minute as so many at a simmer. */
    static final double FRYING_SOFTENS = 1.4;

    /** Net heat of an ordinary kitchen burner when none is known, W. */
    private static final double USUAL_NET_W = 1000;
    /** Vegetables in fat lose water toward this share of their weight, with this time constant: 20 % after ten minutes, clear,
     * and 53 % after forty, deeply coloured (kitchen measurements 20 % and 55 %). */
    private static final double SWEAT_MOST_SHARE = 0.75;

    private static final double SWEAT_TIME_MIN = 32.2;
    private static final double SWEAT_LEAST_WATER_LEFT = 0.05;
    /** Small pieces of meat lose their water so much sooner: lardons of 100 g some 28 g in ten minutes; kitchen estimate. */
    private static final double MEAT_DRIES = 2;
    /** Dry heat of an open surface, and of a pot of fat, W/(m²·K); rounded. */
    private static final double WALL_AND_TOP_W_PER_M2_K = 12;
    /** How far a pot beside the heat cools in one step, K. */
    private static final double STANDING_STEP_K = 1.5;

    private static final double LONGEST_STANDING_MIN = 48 * 60;

    static final double HOTTEST_LIQUID_C = 100;
    /** Heat that a pot keeps by its floor and wall, J/(m²·K): as 5.5 mm of steel, its thick floor averaged in. */
    private static final double POT_J_PER_M2_K = 22_000;

    /** Where on the way to a heat losses are asked for, and for how much of the way each stands: Gauss and Legendre's five. */
    private static final double[] WARMING_AT = {
        0.04691007703066800, 0.23076534494715845, 0.5, 0.76923465505284155, 0.95308992296933200
    };

    private static final double[] WARMING_PARTS = {
        0.11846344252809454, 0.23931433524968324, 0.28444444444444444, 0.23931433524968324, 0.11846344252809454
    };
    /** Nothing thickens a raw sauce on its way up: below this its thickness says nothing of how it moves. */
    private static final double WARM_C = 60;
    /** A burner that can do no more is told as one that still brings so much. */
    private static final double LEAST_HEAT_SHARE = 0.08;

    private static final double MOST_LOST_WARMING = 0.3;
    private static final double G_PER_KG = 1000;
    private static final double LEAST_WATER_TO_BOIL_G = 1;

    private StageRules() {}

    /** Share of their weight that vegetables lose in so many minutes in fat. */
    static double sweatedShare(double minutes) {
        return SWEAT_MOST_SHARE * (1 - Math.exp(-minutes / SWEAT_TIME_MIN));
    }

    /** How much sooner than vegetables what is in that stage loses its water. */
    static double driesIn(StageKind kind) {
        return kind == StageKind.RENDER ? MEAT_DRIES : 1;
    }

    /** Weight of what can sweat, g: all but the fat. */
    static double sweatingG(Mixture m) {
        return m.massG() - m.emulsifiedFatG() - m.freeFatG();
    }

    /** Share of that which gets past what covers a frying pan; kitchen measurements, rounded. */
    static double sweatsPast(LidState lid) {
        return switch (lid) {
            case OPEN -> 1;
            case SCREEN -> 0.85;
            case AJAR -> 0.4;
            case CLOSED -> 0.07;
            case FOIL -> 0.15;
        };
    }

    /** The most that sweating takes out of a mixture, g. */
    static double mostSweatedG(Mixture m) {
        return (1 - SWEAT_LEAST_WATER_LEFT) * m.waterG();
    }

    static boolean canBoil(Mixture m) {
        return m.waterG() > LEAST_WATER_TO_BOIL_G;
    }

    /**
     * Coming to the heat.
     *
     * @param minutes until it is there; 0 when it is
     * @param lostG water and alcohol that leave until then
     * @param wantsW the most that it loses on the way: what a burner has to bring at least
     * @param reaches whether the burner gets it there at all; when not, the minutes are those until it hardly gets hotter
     */
    record WarmUp(double minutes, double lostG, double wantsW, boolean reaches) {}

    /** From one temperature to another on this burner or in its oven, in a pot that is so hot itself: heat goes into the sauce and the pot, and out by wall, lid and steam. */
    // Wide: what gets hot, from where to where, on what.
    static WarmUp warmUp(Mixture m, double fromC, double potC, double toC, PotOnHeat pot, Heat heat) {
        if (!(toC > fromC)) {
            return new WarmUp(0, 0, 0, true);
        }
        double watts = Double.isInfinite(pot.netPowerW()) ? USUAL_NET_W : pot.netPowerW();
        double level = pot.shape().levelMm(m.volumeMl20c());
        EvaporationRate.Pot vessel = pot.withNetPower(watts).vessel(level, pot.pressurePa());
        Oven.Pan pan = pot.inOven(level, pot.pressurePa());
        double potJoule = POT_J_PER_M2_K * (vessel.wallM2() + pot.shape().surfaceM2(0)) * Math.max(0, toC - potC);
        double kept = SpecificHeat.joulePerK(m) + potJoule / (toC - fromC);
        boolean wet = m.serumG() > 0 && m.waterG() > LEAST_WATER_TO_BOIL_G;
        Consistency consistency = new Consistency(m, 1);
        double activity = wet ? consistency.waterActivity(m.waterG(), m.aceticG()) : 0;
        double seconds = 0;
        double lostKg = 0;
        double wantsW = 0;
        for (int i = 0; i < WARMING_AT.length; i++) {
            double tempC = fromC + WARMING_AT[i] * (toC - fromC);
            double stepK = WARMING_PARTS[i] * (toC - fromC);
            double viscosity =
                    wet ? consistency.viscosityPaS(m.waterG(), m.ethanolG(), m.aceticG(), Math.max(WARM_C, tempC)) : 1;
            EvaporationRate.Losses losses = EvaporationRate.losses(
                    vessel,
                    new EvaporationRate.Sauce(Math.min(HOTTEST_LIQUID_C, tempC), activity, viscosity),
                    heat.lid());
            // An oven heats wall and lid, which lose nothing then: only the vapour takes heat away.
            double inW = heat.inOven() ? Oven.watts(pan, heat.ovenC(), tempC) : watts;
            double outW = heat.inOven()
                    ? losses.kgPerS() * WaterProperties.latentHeatJPerKg(Math.min(HOTTEST_LIQUID_C, tempC))
                    : losses.watts();
            wantsW = Math.max(wantsW, outW);
            double took = kept * stepK / Math.max(LEAST_HEAT_SHARE * inW, inW - outW);
            seconds += took;
            lostKg += took * losses.kgPerS();
        }
        double mostLostG = MOST_LOST_WARMING * (m.waterG() + m.ethanolG());
        return new WarmUp(
                seconds / SECONDS_PER_MINUTE,
                Math.min(mostLostG, G_PER_KG * lostKg),
                wantsW,
                heat.inOven() || wantsW < watts);
    }

    /** What a look takes of the burner in an open pot that is there, W; 0 below the boil, where getting there is all. */
    static double keepsW(Mixture m, double tempC, PotOnHeat pot, Look look) {
        if (!look.boils() || !canBoil(m)) {
            return 0;
        }
        EvaporationRate.Pot vessel = pot.vessel(pot.shape().levelMm(m.volumeMl20c()), pot.pressurePa());
        double viscosity = new Consistency(m, 1).viscosityPaS(m.waterG(), m.ethanolG(), m.aceticG(), tempC);
        return EvaporationRate.boilingW(vessel, new EvaporationRate.Sauce(tempC, 1, viscosity), look);
    }

    /**
     * A pot beside the heat after a while: its walls, its top and the vapour that leaves cool it.
     *
     * @param minutes of that while
     * @param tempC then
     * @param lostG water and alcohol gone
     */
    record Stood(double minutes, double tempC, double lostG) {}

    /** So long as it takes to cool by {@link #STANDING_STEP_K}, or so many minutes at most. */
    static Stood standing(Mixture m, double tempC, PotOnHeat pot, LidState lid, double mostMinutes) {
        double level = pot.shape().levelMm(m.volumeMl20c());
        EvaporationRate.Pot vessel = pot.withNetPower(USUAL_NET_W).vessel(level, pot.pressurePa());
        double apart = tempC - ROOM_C;
        double watts = WALL_AND_TOP_W_PER_M2_K * (1 - lid.covered()) * vessel.surfaceM2() * apart;
        double kgPerS = 0;
        double liquidC = Math.min(HOTTEST_LIQUID_C, tempC);
        if (m.serumG() > 0 && canBoil(m)) {
            Consistency now = new Consistency(m, 1);
            EvaporationRate.Losses losses = EvaporationRate.losses(
                    vessel,
                    new EvaporationRate.Sauce(
                            liquidC,
                            now.waterActivity(m.waterG(), m.aceticG()),
                            now.viscosityPaS(m.waterG(), m.ethanolG(), m.aceticG(), Math.max(WARM_C, liquidC))),
                    lid);
            watts += losses.watts();
            kgPerS = losses.kgPerS();
        } else {
            watts += WALL_AND_TOP_W_PER_M2_K * (vessel.wallM2() + lid.covered() * vessel.mouthM2()) * apart;
        }
        double heat = SpecificHeat.joulePerK(m)
                + POT_J_PER_M2_K * (vessel.wallM2() + pot.shape().surfaceM2(0));
        double perMinute = watts * SECONDS_PER_MINUTE / heat;
        double minutes =
                apart * perMinute > 0 ? Math.min(mostMinutes, STANDING_STEP_K / Math.abs(perMinute)) : mostMinutes;
        // What is left of the difference to the room, so that it never gets past it.
        double cooler = ROOM_C + apart * Math.exp(-perMinute * minutes / (apart == 0 ? 1 : apart));
        return new Stood(
                minutes,
                cooler,
                Math.min(MOST_LOST_WARMING * m.waterG(), G_PER_KG * kgPerS * SECONDS_PER_MINUTE * minutes));
    }

    /** Without so much of its water and spirit, by what their vapour is made of. */
    static Mixture steamed(Mixture m, double lostG) {
        if (!(lostG > 0)) {
            return m;
        }
        double spiritG = Math.min(m.ethanolG(), lostG * EthanolWater.vapourMassFraction(m.waterG(), m.ethanolG()));
        return m.withVolatiles(Math.max(0, m.waterG() - lostG + spiritG), m.ethanolG() - spiritG, m.aceticG());
    }

    /** Minutes until a pot beside the heat is so cold; infinite when it never gets there. */
    static double minutesTo(double wantedC, Mixture m, double fromC, PotOnHeat pot, LidState lid) {
        if (wantedC <= ROOM_C) {
            return fromC <= wantedC ? 0 : Double.POSITIVE_INFINITY;
        }
        double minutes = 0;
        double tempC = fromC;
        Mixture left = m;
        while (tempC > wantedC && minutes < LONGEST_STANDING_MIN) {
            Stood next = standing(left, tempC, pot, lid, LONGEST_STANDING_MIN);
            double share = next.tempC() < wantedC ? (tempC - wantedC) / (tempC - next.tempC()) : 1;
            minutes += share * next.minutes();
            tempC = next.tempC();
            left = steamed(left, next.lostG());
        }
        return minutes;
    }

    /** Minutes a stage names; 0 for an end that only boiling can meet. */
    static double givenMinutes(StageEnd end) {
        if (end instanceof StageEnd.Minutes e) {
            return e.minutes();
        }
        return end instanceof StageEnd.CooksWord e ? e.expectedMinutes() : 0;
    }

    /** Whether a stage ends by the clock or by the cook's word. */
    static boolean timed(StageEnd end) {
        return end instanceof StageEnd.Minutes || end instanceof StageEnd.CooksWord;
    }

    /**
     * The distance to the end of a stage that boils, above 0 before it.
     *
     * @param startMl volume at its start, mL at 20 °C, its additions included
     * @param besideMl what else is in the pot and lifts its level, mL
     */
    static SimmerRun.StopEvent event(Stage stage, double startMl, double besideMl) {
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
            return run -> run.levelMm(besideMl) - e.levelMm();
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

    static double boilingC(Mixture mixture, PotOnHeat pot, double bodyFactor) {
        return BoilingPoint.boilingC(
                new Consistency(mixture, bodyFactor).waterActivity(mixture.waterG(), mixture.aceticG()),
                mixture.waterG(),
                mixture.ethanolG(),
                pot.pressurePa());
    }
}
