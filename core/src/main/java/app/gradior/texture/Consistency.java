package app.gradior.texture;

import app.gradior.finding.Unfit;
import app.gradior.heat.BoilingPoint;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Body;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import java.util.EnumMap;
import java.util.Map;

/**
 * How thick one sauce is, at any temperature and however much of its water has gone.
 *
 * <p>Apparent viscosity at 50 1/s: η = k_fat·(η_s + η_net); the network's parts mix by their square roots. Everything
 * that does not evaporate is worked out once, so that asking again with less water is cheap. Raw starch counts none. What sets in the cold
 * comes on top ({@link Gels}); where fat is the outside, another rule holds ({@link FatOutside}). Not thread-safe.
 */
public final class Consistency {
    /** Reference temperature of the thickener strengths, °C. */
    private static final double REFERENCE_C = 20;
    /** Volume fraction at which droplets lock and exponent: Krieger and Dougherty 1959, for soft droplets. */
    private static final double FAT_PACKING = 0.72;

    private static final double FAT_EXPONENT = -1.85;
    private static final double MOST_FAT = 0.69;
    /** Past it drops press one another flat: e^(6·(φ − 0.69)); fit to spoons of mayonnaise. */
    private static final double PRESSED_EXPONENT = 6;
    /** From this factor on (0.62 of the volume) droplets hold one another. */
    private static final double PACKED_FAT_FACTOR = 36;

    private static final double PACKED_YIELD_PER_S = 12;
    /** Droplets stiffen a network as filler does: no more than so many times. */
    private static final double MOST_FILLED_NETWORK = 4;
    /** Fat that a gram of fresh yolk keeps in droplets, g; kitchen teaching. */
    private static final double FAT_PER_YOLK = 10;
    /** A gram of glucose and fructose thickens as 0.79 g of sucrose: published honey and invert syrups, within a fifth. */
    private static final double HEXOSES_THINNER = 0.21;
    /** Boiled sugar: past it the serum's equation holds no more, °Bx. */
    private static final double MOST_BRIX = 90;
    /** Sauces below this are cold: they have stood for a night when nobody says otherwise. */
    static final double COLD_C = 30;

    private static final double A_NIGHT_H = 12;
    /** A gel of so many Pa·s at 50 1/s stands against so many Pa. */
    private static final double STANDS_PER_S = 40;

    private static final double GEL_SHARE = 0.5;
    private static final double LEAST_GEL_PA_S = 0.5;
    private static final double PASTE_PA = 3;
    /** Slower than this it makes no difference in a day. */
    private static final double LEAST_INVERSION = 1e-5;

    private static final double INVERTIBLE_SHARE = 0.002;

    private final double sugarLikeG;
    private final double hexosesG;
    private final double sucroseG;
    private final Sourness sourness;
    /** Whether there is sucrose enough for its splitting to be seen. */
    private final boolean invertible;

    private final double fixedSolublesG;
    private final double fixedSoluteMol;
    private final Network network;
    private final double[] allKept = {1, 1, 1, 1, 1, 1};
    private final double dispersedMl;
    private final FatOutside fatOutside;
    private final Gels gels;
    private final double fixedMl20c;
    private final double fixedMassG;
    private final double bodyFactor;

    /**
     * The consistency of that mixture.
     *
     * @param bodyFactor what this sauce's network is worth over the model's, above 0; 1 until known
     */
    public Consistency(Mixture mixture, double bodyFactor) {
        Unfit.above("bodyFactor", bodyFactor, 0, "");
        Body body = mixture.body();
        this.sourness = new Sourness(mixture);
        this.sugarLikeG = mixture.sugarsG() + mixture.otherSolublesG();
        this.hexosesG = body.g(Body.Part.HEXOSES);
        this.sucroseG = mixture.sucroseG();
        this.invertible = sucroseG > INVERTIBLE_SHARE * mixture.massG();
        this.fixedSolublesG = sugarLikeG + mixture.saltG() + mixture.otherAcidsG();
        this.fixedSoluteMol = BoilingPoint.fixedSoluteMol(mixture.saltG(), mixture.otherAcidsG());
        this.network = new Network(mixture, sourness);
        double yolkG = body.g(Body.Part.YOLK) + body.g(Body.Part.SET_YOLK);
        double boundFatG = Math.min(mixture.freeFatG(), FAT_PER_YOLK * yolkG);
        this.dispersedMl = SpecificVolume.fatMl20c(mixture.emulsifiedFatG() + boundFatG)
                + SpecificVolume.solidMl20c(body.g(Body.Part.FINE));
        this.fixedMl20c = SpecificVolume.fixedMl20c(mixture);
        this.fixedMassG = mixture.massG() - mixture.waterG() - mixture.ethanolG() - mixture.aceticG();
        this.fatOutside = new FatOutside(mixture, FAT_PER_YOLK * yolkG);
        this.gels = new Gels(mixture, sourness);
        this.bodyFactor = bodyFactor;
    }

    /** Hours a sauce has usually stood at a temperature when it is looked at: a night when it is cold. */
    public static double usualHeldH(double tempC) {
        return tempC < COLD_C ? A_NIGHT_H : 0;
    }

    /** Apparent viscosity, Pa·s at 50 1/s, with so much water, ethanol and acetic acid left. */
    public double viscosityPaS(double waterG, double ethanolG, double aceticG, double tempC) {
        return flow(waterG, ethanolG, aceticG, tempC).viscosityPaS();
    }

    /**
     * Viscosity and yield stress.
     *
     * @throws IllegalArgumentException when there is no liquid at all
     */
    public Flow flow(double waterG, double ethanolG, double aceticG, double tempC) {
        return flow(waterG, ethanolG, aceticG, new Moment(tempC, usualHeldH(tempC), 0, allKept));
    }

    /**
     * When it is looked at.
     *
     * @param tempC how hot it is
     * @param heldH hours it stood at that temperature
     * @param heatedMin minutes at a simmer since the mixture was as it was given
     * @param keptShares share of each kind of set starch that is left, by {@link StarchKind#ordinal}
     */
    public record Moment(double tempC, double heldH, double heatedMin, double[] keptShares) {}

    /**
     * The same at some moment.
     *
     * @throws IllegalArgumentException when there is no liquid at all
     */
    public Flow flow(double waterG, double ethanolG, double aceticG, Moment at) {
        double serumG = waterG + ethanolG + aceticG + fixedSolublesG;
        double tempC = at.tempC();
        if (fatOutside.holds(waterG, ethanolG, aceticG)) {
            double crystals = gels.fatGelPaS(volumeMl20c(waterG, ethanolG, aceticG), tempC, at.heldH());
            double paste = fatOutside.viscosityPaS(waterG, tempC);
            return new Flow(paste + crystals, STANDS_PER_S * crystals, Structure.FAT);
        }
        if (!(serumG > 0)) {
            throw new Unfit(new NoLiquid());
        }
        Serum serum = serum(serumG, aceticG, at);
        Network.Parts parts = network.parts(serumG, serum, at);
        double netPaS = bodyFactor * parts.root() * parts.root();
        double yieldStressPa = parts.root() > 0 ? parts.weightedYield() / parts.root() * netPaS : 0;
        double fat = fatFactor(waterG, ethanolG, aceticG);
        double flowing = fat * serum.paS() * gels.serumFactor(serumG, at.heatedMin())
                + Math.min(fat, MOST_FILLED_NETWORK) * netPaS;
        boolean sets = tempC < Gels.NOTHING_SETS_C;
        double gel = sets ? bodyFactor * gels.waterGelPaS(serumG, serum.brix(), tempC, at.heatedMin(), at.heldH()) : 0;
        double crystals = sets ? gels.fatGelPaS(volumeMl20c(waterG, ethanolG, aceticG), tempC, at.heldH()) : 0;
        double packed = fat >= PACKED_FAT_FACTOR ? PACKED_YIELD_PER_S * flowing : 0;
        double stands = yieldStressPa + packed + STANDS_PER_S * (gel + crystals);
        double set = gel + bodyFactor * parts.root() * parts.set();
        return new Flow(flowing + gel + crystals, stands, structure(flowing, set, crystals, fat, stands));
    }

    /** The liquid phase: °Bx, logarithms of its viscosity in Pa·s now and at 20 °C. */
    record Serum(double brix, double log, double log20) {
        double paS() {
            return Math.exp(log);
        }
    }

    private Serum serum(double serumG, double aceticG, Moment at) {
        double thinnerG = HEXOSES_THINNER * (hexosesG + inverted(at.heatedMin()));
        double asSucrose = Math.min(MOST_BRIX, 100 * (fixedSolublesG - thinnerG) / (serumG - thinnerG));
        double x = SerumViscosity.concentration(asSucrose);
        double xPow = SerumViscosity.toFiveQuarters(x);
        return new Serum(
                100 * (aceticG + fixedSolublesG) / serumG,
                SerumViscosity.log(x, xPow, at.tempC()),
                SerumViscosity.log(x, xPow, REFERENCE_C));
    }

    /**
     * How sure the model is of the thickness, and what it is least sure of.
     *
     * @throws IllegalArgumentException when there is no liquid at all
     */
    public Doubt doubt(double waterG, double ethanolG, double aceticG, Moment at) {
        if (fatOutside.holds(waterG, ethanolG, aceticG)) {
            return Doubt.of(Map.of(Doubt.Cause.FAT, 1.0));
        }
        double serumG = waterG + ethanolG + aceticG + fixedSolublesG;
        if (!(serumG > 0)) {
            throw new Unfit(new NoLiquid());
        }
        Serum serum = serum(serumG, aceticG, at);
        Network.Parts parts = network.parts(serumG, serum, at);
        double root = parts.root();
        double smooth = network.smoothShare(at.heatedMin());
        double polymer = serum.paS() * (gels.serumFactor(serumG, at.heatedMin()) - 1);
        double fat = fatFactor(waterG, ethanolG, aceticG);
        Map<Doubt.Cause, Double> shares = new EnumMap<>(Doubt.Cause.class);
        shares.put(Doubt.Cause.SERUM, serum.paS());
        shares.put(Doubt.Cause.GELATINE, polymer + gels.gelatinePaS(serumG, at.tempC(), at.heatedMin(), at.heldH()));
        shares.put(Doubt.Cause.PECTIN, gels.pectinPaS(serumG, serum.brix(), at.tempC(), at.heldH()));
        shares.put(Doubt.Cause.PULP, root * parts.pulp() * smooth);
        shares.put(Doubt.Cause.PIECES, root * parts.pulp() * (1 - smooth));
        shares.put(Doubt.Cause.STARCH, root * parts.starch());
        shares.put(Doubt.Cause.CELLS, root * parts.cells());
        shares.put(Doubt.Cause.EGG, root * parts.egg());
        shares.put(
                Doubt.Cause.FAT,
                (fat - 1) * serum.paS()
                        + gels.fatGelPaS(volumeMl20c(waterG, ethanolG, aceticG), at.tempC(), at.heldH()));
        return Doubt.of(shares);
    }

    private static Structure structure(double flowing, double gel, double crystals, double fat, double stands) {
        if (crystals > flowing + gel) {
            return Structure.FAT;
        }
        if (gel > GEL_SHARE * (flowing + crystals) && gel > LEAST_GEL_PA_S) {
            return Structure.GEL;
        }
        if (fat >= PACKED_FAT_FACTOR) {
            return Structure.EMULSION;
        }
        return stands > PASTE_PA ? Structure.PASTE : Structure.LIQUID;
    }

    private double inverted(double heatedMin) {
        return heatedMin > 0 && invertible ? sucroseG * (1 - Math.exp(-sourness.inversionPerMin() * heatedMin)) : 0;
    }

    private double fatFactor(double waterG, double ethanolG, double aceticG) {
        if (!(dispersedMl > 0)) {
            return 1;
        }
        double fraction = dispersedMl / volumeMl20c(waterG, ethanolG, aceticG);
        double drops = Math.pow(1 - Math.min(MOST_FAT, fraction) / FAT_PACKING, FAT_EXPONENT);
        return fraction > MOST_FAT ? drops * Math.exp(PRESSED_EXPONENT * (fraction - MOST_FAT)) : drops;
    }

    /** Volume at 20 °C, mL. */
    public double volumeMl20c(double waterG, double ethanolG, double aceticG) {
        return fixedMl20c + SpecificVolume.volatileMl20c(waterG, ethanolG, aceticG);
    }

    /** Mass, g. */
    public double massG(double waterG, double ethanolG, double aceticG) {
        return fixedMassG + waterG + ethanolG + aceticG;
    }

    /** Serum concentration, °Bx. */
    public double brixPercent(double waterG, double ethanolG, double aceticG) {
        double solublesG = aceticG + fixedSolublesG;
        return 100 * solublesG / (waterG + ethanolG + solublesG);
    }

    /** Water activity, 0 to 1. */
    public double waterActivity(double waterG, double aceticG) {
        return waterActivity(waterG, aceticG, 0);
    }

    /** The same after so many minutes at a simmer. */
    public double waterActivity(double waterG, double aceticG, double heatedMin) {
        double hexoses = hexosesG + inverted(heatedMin);
        return BoilingPoint.waterActivity(waterG, sugarLikeG - hexoses, hexoses, fixedSoluteMol, aceticG);
    }

    /** pH of the mixture it was made of. */
    public double ph() {
        return sourness.ph();
    }

    /** Whether any starch has set in it. */
    public boolean starchy() {
        return network.starchy();
    }

    /** Whether it has set starch of that kind. */
    public boolean has(StarchKind kind) {
        return network.has(kind);
    }

    /** Whether pieces in it fall apart or starch in cells swells. */
    public boolean softens() {
        return network.softens();
    }

    /** Whether heat goes on changing it: pieces soften, starch in cells swells, acid splits sugar. */
    public boolean changesWithHeat() {
        return network.softens() || gels.weakens() || invertible && sourness.inversionPerMin() > LEAST_INVERSION;
    }

    /**
     * Step of the mixture as it stands: only starch that has set counts.
     *
     * @param bodyFactor as in the constructor
     */
    public static double step(Mixture m, double bodyFactor, double tempC) {
        return Stair.step(new Consistency(m, bodyFactor).viscosityPaS(m.waterG(), m.ethanolG(), m.aceticG(), tempC));
    }

    /** Flow of the mixture once it has been at the boil, so that its starch has set. */
    public static Flow flowCooked(Mixture mixture, double tempC) {
        return flowCooked(mixture, 1, tempC);
    }

    /** The same with a body factor as {@link #Consistency}. */
    public static Flow flowCooked(Mixture mixture, double bodyFactor, double tempC) {
        return flowCooked(mixture, bodyFactor, tempC, usualHeldH(tempC));
    }

    /**
     * The same after so many hours at that temperature.
     *
     * @throws IllegalArgumentException with {@link Beyond} or {@link NoLiquid} where the model has no answer
     */
    public static Flow flowCooked(Mixture mixture, double bodyFactor, double tempC, double heldH) {
        return flowAsked(mixture.cooked(), bodyFactor, tempC, heldH);
    }

    /**
     * The same of a mixture in the state it is in, for whoever asks of anything there is.
     *
     * @throws IllegalArgumentException with {@link Beyond} or {@link NoLiquid} where the model has no answer
     */
    public static Flow flowAsked(Mixture m, double bodyFactor, double tempC, double heldH) {
        Consistency now = new Consistency(m, bodyFactor);
        now.mustHold(m);
        return now.flow(m.waterG(), m.ethanolG(), m.aceticG(), new Moment(tempC, heldH, 0, now.allKept));
    }

    private void mustHold(Mixture m) {
        if (fatOutside.holds(m.waterG(), m.ethanolG(), m.aceticG())) {
            if (fatOutside.isPowder(m.waterG())) {
                throw new Unfit(new Beyond.Powder());
            }
        } else if (m.serumG() > 0 && m.brixPercent() > MOST_BRIX) {
            throw new Unfit(
                    m.sugarsG() > m.massG() / 2
                            ? new Beyond.BoiledSugar(m.brixPercent(), MOST_BRIX)
                            : new Beyond.Powder());
        }
    }

    /** How sure the model is of that, and what it is least sure of. */
    public static Doubt doubtNow(Mixture m, double tempC, double heldH) {
        Consistency now = new Consistency(m, 1);
        return now.doubt(m.waterG(), m.ethanolG(), m.aceticG(), new Moment(tempC, heldH, 0, now.allKept));
    }

    /** How much of the mixture's thickness has set there, by what set it, and how much is only colder; Pa·s. */
    static Map<Cold.By, Double> setsBy(Mixture m, double bodyFactor, double tempC, double heldH) {
        Consistency now = new Consistency(m, bodyFactor);
        Moment at = new Moment(tempC, heldH, 0, now.allKept);
        double serumG = m.serumG();
        Serum serum = now.serum(serumG, m.aceticG(), at);
        Network.Parts parts = now.network.parts(serumG, serum, at);
        Map<Cold.By, Double> by = new EnumMap<>(Cold.By.class);
        by.put(Cold.By.GELATINE, bodyFactor * now.gels.gelatinePaS(serumG, tempC, 0, heldH));
        by.put(Cold.By.PECTIN, bodyFactor * now.gels.pectinPaS(serumG, serum.brix(), tempC, heldH));
        by.put(Cold.By.STARCH, bodyFactor * parts.root() * parts.set());
        by.put(Cold.By.FAT, now.gels.fatGelPaS(now.volumeMl20c(m.waterG(), m.ethanolG(), m.aceticG()), tempC, heldH));
        by.put(Cold.By.COLDNESS, serum.paS() + bodyFactor * parts.root() * (parts.root() - parts.set()));
        return by;
    }

    /** Flow of the mixture in the state it is in, after so many hours at that temperature. */
    public static Flow flowNow(Mixture m, double bodyFactor, double tempC, double heldH) {
        Consistency now = new Consistency(m, bodyFactor);
        return now.flow(m.waterG(), m.ethanolG(), m.aceticG(), new Moment(tempC, heldH, 0, now.allKept));
    }

    /** Step of the mixture once it has been at the boil, body factor 1. */
    public static double stepCooked(Mixture m, double tempC) {
        return Stair.step(flowCooked(m, tempC).viscosityPaS());
    }

    /**
     * How it flows at one temperature.
     *
     * @param viscosityPaS apparent viscosity at 50 1/s
     * @param yieldStressPa stress below which it stands
     * @param structure what kind of thing it is
     */
    public record Flow(double viscosityPaS, double yieldStressPa, Structure structure) {}
}
