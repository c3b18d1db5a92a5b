package app.gradior.judge;

/**
 * A pot on a burner: heat in by the burner; heat and water out by the surface, the wall and the lid; gas-side film by natural convection of
 * moist air (Nu = 0.14·Ra^(1/3), Chilton and Colburn), the skin as warm as the sauce under it can keep it. Explicit steps of some seconds.
 */
public final class HiddenPot {
    private static final double ROOM_C = 21;
    private static final double ROOM_HUMIDITY = 0.5;
    private static final double FULL_SECONDS = 120;
    private static final double SIZZLES_C = 102;

    /**
     * Its vessel: a cone's frustum, metres; how much heat metal keeps, J/K; what the burner brings at most, W.
     *
     * @param airPa pressure of the air
     */
    public record Vessel(double floorM, double mouthM, double heightM, double metalJPerK, double mostW, double airPa) {}

    private final Vessel vessel;
    private final Nature nature;
    final Stuff stuff = new Stuff();
    private double tempC = ROOM_C;
    private double boilC = 100;
    private double belowBoilK;
    private double fluxKgPerM2H;
    private boolean on;
    private double covered;
    private double leak = 1;
    private double lostG;
    /** What the knob gives, W; NaN while a cook keeps a look. */
    private double givenW = Double.NaN;

    private double boiledOffKgPerM2H;
    private double wattsNow;

    public HiddenPot(Vessel vessel, Nature nature) {
        this.vessel = vessel;
        this.nature = nature;
    }

    /** Puts something in at room temperature. */
    public void put(Stuff more) {
        double before = metal() + stuff.heatCapacity();
        double heat = more.heatCapacity();
        tempC = (before * tempC + heat * ROOM_C) / (before + heat);
        stuff.add(more);
    }

    private double metal() {
        return vessel.metalJPerK();
    }

    /** Begins as hot as that, °C, the metal with it. */
    public void warmTo(double c) {
        tempC = c;
    }

    /** So many watts, whatever comes of it, and no more than the burner has. */
    public void give(double watts) {
        on = watts > 0;
        givenW = Math.min(vessel.mostW(), watts);
    }

    /** Kept at so much below the boil. */
    public void keepBelow(double kelvin) {
        on = true;
        givenW = Double.NaN;
        belowBoilK = kelvin;
        fluxKgPerM2H = 0;
    }

    /** Kept at a boil that would send so much off, open, kg/(m²·h). */
    public void keepBoiling(double flux) {
        on = true;
        givenW = Double.NaN;
        belowBoilK = 0;
        fluxKgPerM2H = flux;
    }

    public void off() {
        on = false;
    }

    /** What a lid that is ajar covers of the mouth. */
    public static final double AJAR_COVERS = 0.85;

    /** What covers the mouth, and what of the vapour gets past it below the boil. */
    public void lid(double share, double leaks) {
        covered = share;
        leak = leaks;
    }

    /** In fat: once it is hot, what is wet loses water, the less the less there is left. Whether it is hot. */
    public boolean fry(double seconds) {
        double heat = metal() + stuff.heatCapacity();
        if (tempC < SIZZLES_C) {
            tempC = Math.min(SIZZLES_C, tempC + 0.9 * vessel.mostW() * seconds / heat);
            return false;
        }
        double gone = nature.sweats() * 0.025 * stuff.water * seconds / 60;
        stuff.water -= gone;
        lostG += gone;
        stuff.heated(seconds / 60 * 1.5, 100, nature);
        return true;
    }

    /** How high it stands, m. */
    public double level() {
        double m3 = stuff.volume() * 1.03e-6;
        double low = 0;
        double high = vessel.heightM();
        for (int i = 0; i < 30; i++) {
            double z = (low + high) / 2;
            double d0 = vessel.floorM();
            double d = across(z);
            if (Math.PI * z / 12 * (d0 * d0 + d0 * d + d * d) < m3) {
                low = z;
            } else {
                high = z;
            }
        }
        return low;
    }

    /** How wide it is so high above its floor, m. */
    public double across(double z) {
        return vessel.floorM() + (vessel.mouthM() - vessel.floorM()) * z / vessel.heightM();
    }

    private static double vapourPa(double c) {
        return 133.322 * Math.pow(10, 8.07131 - 1730.63 / (233.426 + c));
    }

    private static double latent(double c) {
        return 2.501e6 - 2361 * c;
    }

    private void findBoil() {
        double share = stuff.pressureShare();
        for (int i = 0; i < 6; i++) {
            double here = share * vapourPa(boilC);
            double slope = (share * vapourPa(boilC + 0.01) - here) / 0.01;
            boilC -= (here - vessel.airPa()) / slope;
        }
    }

    /** Evaporation of an open surface, kg/(m²·s), and the heat that it takes beside, W/m². */
    private double[] open(double viscosity) {
        double roomPa = ROOM_HUMIDITY * vapourPa(ROOM_C);
        double share = stuff.pressureShare();
        double skin = tempC;
        double[] out = {0, 0};
        for (int i = 0; i < 12; i++) {
            double skinPa = Math.min(0.97 * vessel.airPa(), share * vapourPa(skin));
            double lighter = (skin - ROOM_C) / (skin + 273) + 0.38 * (skinPa - roomPa) / vessel.airPa();
            double film = nature.film() * 0.14 * 0.03 * Math.cbrt(9.81 * Math.max(0, lighter) / 6.8e-10);
            double moles = film / (29.3 * 0.9) * Math.log((vessel.airPa() - roomPa) / (vessel.airPa() - skinPa));
            double dry = (film + 5) * (skin - ROOM_C);
            out = new double[] {0.018 * moles, dry};
            double under = Math.max(0.5, tempC - skin);
            double moves = 0.14 * 0.67 * Math.cbrt(9.81 * 6e-4 * under * 970 * 970 * 4200 / (viscosity * 0.67)) + 90;
            double wanted = tempC - (out[0] * latent(skin) + dry) / moves;
            skin += 0.4 * (wanted - skin);
        }
        return out;
    }

    /** Lets some seconds pass. */
    public void pass(double seconds) {
        findBoil();
        double level = level();
        double d = across(level);
        double surface = Math.PI / 4 * d * d;
        double mouth = Math.PI / 4 * vessel.mouthM() * vessel.mouthM();
        double wallW = nature.wallW() * Math.PI * d * level * Math.max(0, tempC - ROOM_C);
        double lidW = nature.lidW() * covered * mouth * Math.max(0, tempC - ROOM_C);
        double viscosity = stuff.viscosity(Math.min(tempC, 105), nature);
        double[] open = open(viscosity);
        double airKg = open[0] * surface * leak;
        double airW = airKg * latent(tempC) + open[1] * surface * (1 - covered) + lidW;
        double heat = metal() + stuff.heatCapacity();
        double watts = on ? watts(wallW + airW, heat, surface, viscosity, wallW) : 0;
        wattsNow = watts;
        double next = tempC + (watts - wallW - airW) * seconds / heat;
        double gone;
        if (next >= boilC) {
            double spare = Math.max(0, watts - wallW - heat * (boilC - tempC) / seconds);
            gone = Math.max(0, spare - lidW) / latent(boilC) * seconds;
            tempC = boilC;
            boiledOffKgPerM2H = gone / seconds / surface * 3600;
        } else {
            tempC = next;
            gone = airKg * seconds;
            boiledOffKgPerM2H = 0;
        }
        evaporate(1000 * gone);
        stuff.heated(seconds / 60, tempC, nature);
    }

    private double watts(double lostW, double heat, double surface, double viscosity, double wallW) {
        return Double.isNaN(givenW) ? Math.min(vessel.mostW(), wanted(lostW, heat, surface, viscosity, wallW)) : givenW;
    }

    private double wanted(double lostW, double heat, double surface, double viscosity, double wallW) {
        if (!boils()) {
            return Math.max(0, lostW + heat * (boilC - belowBoilK - tempC) / FULL_SECONDS);
        }
        double calm = 1 / (1 + Math.pow(viscosity / nature.spatterPaS(), 0.7));
        return tempC < boilC - 1
                ? vessel.mostW()
                : wallW + fluxKgPerM2H / 3600 * calm * surface * latent(boilC) + heat * (boilC - tempC) / FULL_SECONDS;
    }

    private boolean boils() {
        return fluxKgPerM2H > 0;
    }

    private void evaporate(double grams) {
        double spirit = Math.min(stuff.ethanol, grams * (stuff.ethanol > 0.01 ? stuff.spiritShareOfVapour() : 0));
        double water = Math.min(stuff.water - 1, grams - spirit);
        stuff.ethanol -= spirit;
        stuff.water -= Math.max(0, water);
        lostG += spirit + Math.max(0, water);
    }

    /** Whether it is as hot as it is wanted. */
    public boolean isThere() {
        return tempC >= boilC - belowBoilK - 1.5;
    }

    public void blend() {
        stuff.brokenUp();
    }

    public void mill() {
        stuff.milled(nature);
    }

    public double massG() {
        return stuff.mass();
    }

    public double volumeMl() {
        return stuff.volume();
    }

    public double tempC() {
        return tempC;
    }

    public double boilC() {
        return boilC;
    }

    /** Vapour that breaks through as bubbles, kg/(m²·h); 0 below the boil. */
    public double boiledOffKgPerM2H() {
        return boiledOffKgPerM2H;
    }

    /** Its surface as it stands, m². */
    public double surfaceM2() {
        return Math.PI / 4 * Math.pow(across(level()), 2);
    }

    public double waterG() {
        return stuff.water;
    }

    /** Heat that goes in now, W. */
    public double wattsNow() {
        return wattsNow;
    }

    public Vessel vessel() {
        return vessel;
    }

    /** Boils over, or goes on a spoon: what is left is of the same kind. */
    public void take(double grams) {
        stuff.times(1 - Math.max(0, Math.min(0.95, grams / stuff.mass())));
    }

    /** Apparent viscosity at 50 1/s at a temperature, °C, Pa·s. */
    public double viscosity(double atC) {
        return stuff.viscosity(atC, nature);
    }

    /** Stress that it stands up to without flowing, Pa: what pulp and grains hold between them. */
    public double yieldPa(double atC) {
        return stuff.yieldPa(atC, nature);
    }

    public Stuff stuff() {
        return stuff;
    }

    public double lostG() {
        return lostG;
    }

    /** Its step on the stair at a temperature, °C. */
    public double step(double atC) {
        return 1 + Math.log(stuff.viscosity(atC, nature) / 0.005) / Math.log(2.65);
    }
}
