package app.gradior.practice;

import app.gradior.judge.HiddenPot;

/**
 * What heat does at the edges of a pot: on its floor, on the wall above the level, on the skin; and the foam. All of it is a kitchen's
 * estimate, made to be seen and learnt from; the balance of heat and water is {@link HiddenPot}'s.
 */
final class Surface {
    /** Floor of a stirred, watery pot gives its heat so well, W/(m²·K); a thick sauce much worse. */
    private static final double WATERY_W_PER_M2_K = 4000;

    private static final double THICK_PAS = 0.06;
    private static final double THICK_EXPONENT = 0.7;
    /** A spoon on the floor brings so much more, for so long, s. */
    private static final double STIRRED_FACTOR = 3;

    private static final double STIRRED_S = 20;
    /** From here what lies on the floor browns, °C; at the next it browns so fast, share a minute; twice as fast every 10 K. */
    private static final double BROWNS_C = 118;

    private static final double BROWN_C = 140;
    private static final double BROWN_PER_MIN = 0.18;
    private static final double DOUBLES_K = 10;
    /** Until a layer lies still enough to catch, s. */
    private static final double SETTLES_S = 60;
    /** Of the film that a falling level leaves on the wall, what browns in a minute over the highest knob, in sugar alone. */
    private static final double EDGE_PER_MIN = 0.4;

    private static final double MOST_FLUX_W_PER_M2 = 40_000;
    private static final double SKIN_MIN = 5;
    /** Where a skin forms at all, share of what holds it. */
    private static final double SKIN_PERCENT = 1.2;
    /** Height of foam at a lively boil when it holds best, mm; it goes with minutes of boiling. */
    private static final double FOAM_MM = 45;

    /** ... and no more than that over the liquid that it is made of. */
    private static final double MOST_FOAM_OVER_LEVEL = 2;

    /** ... and in what is as thick as that its bubbles burst before they gather, Pa·s. */
    private static final double BURSTS_PAS = 0.12;

    private static final double FOAM_FADES_MIN = 5;
    /** What runs over the rim of foam that stands a millimetre over it, g/s; kitchen estimate. */
    private static final double SPILLS_G_PER_MM = 0.4;

    private static final double LIVELY_FLUX = 20;

    private double caught;
    private double edge;
    private double skin;
    private double boiledMin;
    private double foamMm;
    private double sinceStirS = STIRRED_S;
    private double highestM;
    private double spiltG;
    private double floorC;

    /** After some seconds that the pot has just gone through. */
    void pass(HiddenPot pot, double seconds) {
        double minutes = seconds / 60;
        sinceStirS += seconds;
        double hotPas = pot.viscosity(Math.min(pot.tempC(), 105));
        double floorM2 = Math.PI / 4 * Math.pow(pot.vessel().floorM(), 2);
        double flux = pot.wattsNow() / floorM2;
        floor(pot, flux, hotPas, minutes);
        wall(pot, flux, minutes);
        boolean boils = pot.boiledOffKgPerM2H() > 0.5;
        boiledMin += boils ? minutes : 0;
        double holds = Math.min(1, pot.stuff().holdingPercent() / 4);
        skin = boils || pot.stuff().holdingPercent() < SKIN_PERCENT
                ? Math.max(0, skin - minutes)
                : 1 - (1 - skin) * Math.exp(-minutes / SKIN_MIN * holds);
        foam(pot, holds / (1 + Math.pow(hotPas / BURSTS_PAS, 2)), seconds);
    }

    private void floor(HiddenPot pot, double flux, double hotPas, double minutes) {
        double gives = WATERY_W_PER_M2_K / (1 + Math.pow(hotPas / THICK_PAS, THICK_EXPONENT));
        gives *= 1 + (STIRRED_FACTOR - 1) * Math.exp(-sinceStirS / STIRRED_S);
        floorC = pot.tempC() + flux / gives;
        double browns = Math.pow(2, (floorC - BROWN_C) / DOUBLES_K) - Math.pow(2, (BROWNS_C - BROWN_C) / DOUBLES_K);
        double lies = 1 - Math.exp(-sinceStirS / SETTLES_S);
        caught += Math.max(0, BROWN_PER_MIN * Math.min(4, browns) * lies * minutes);
    }

    private void wall(HiddenPot pot, double flux, double minutes) {
        double level = pot.level();
        highestM = Math.max(highestM, level);
        double bare = highestM > 0 ? (highestM - level) / highestM : 0;
        double sweet = pot.stuff().sweetPercent() / 100;
        double hot = Math.min(1, Math.pow(flux / MOST_FLUX_W_PER_M2, 2));
        edge += EDGE_PER_MIN * bare * sweet * hot * minutes;
    }

    private void foam(HiddenPot pot, double holds, double seconds) {
        double pace = Math.min(3, pot.boiledOffKgPerM2H() / LIVELY_FLUX);
        double most = MOST_FOAM_OVER_LEVEL * 1000 * pot.level();
        foamMm = Math.min(most, FOAM_MM * holds * pace * Math.exp(-boiledMin / FOAM_FADES_MIN));
        double room = pot.vessel().heightM() * 1000 - pot.level() * 1000;
        if (foamMm > room) {
            double over = SPILLS_G_PER_MM * (foamMm - room) * seconds;
            spiltG += Math.min(over, 0.2 * pot.massG());
            pot.take(Math.min(over, 0.2 * pot.massG()));
            foamMm = room;
        }
    }

    void stir() {
        sinceStirS = 0;
        skin = 0;
        foamMm *= 0.3;
    }

    /** What had dried on the wall goes back in, before it browned. */
    void wipe() {
        highestM = 0;
    }

    /** How far the floor has caught: 0 not at all, 0.3 to be tasted, 1 ruined. */
    double caught() {
        return caught;
    }

    /** How far the film on the wall has browned, on the same scale. */
    double edge() {
        return edge;
    }

    double skin() {
        return skin;
    }

    double foamMm() {
        return foamMm;
    }

    double sinceStirS() {
        return sinceStirS;
    }

    double spiltG() {
        return spiltG;
    }

    double floorC() {
        return floorC;
    }

    /** How far up the wall a film stands over the level, mm. */
    double filmMm(HiddenPot pot) {
        return 1000 * Math.max(0, highestM - pot.level());
    }
}
