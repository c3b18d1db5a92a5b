package app.gradior.mixture;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.larder.Composition;
import app.gradior.larder.FatForm;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;

/**
 * What is in the pot, component by component, in grams. Immutable; masses add up exactly.
 *
 * @param waterG water
 * @param ethanolG alcohol
 * @param sugarsG sugars
 * @param otherSolublesG other dissolved solids
 * @param saltG sodium chloride
 * @param aceticG acetic acid
 * @param otherAcidsG non-volatile acids, as citric
 * @param emulsifiedFatG finely divided fat, which thickens
 * @param freeFatG fat that floats, which does not
 * @param starch starch by kind
 * @param pulpG insoluble and pectic solids, real mass
 * @param coarseG insoluble solids without body
 * @param body what gives it body, within these masses
 * @param pungencyShuG Scoville units times grams: divide by the mass for the pungency of the whole
 * @param alkalinityMol what holds the pH up against the acids, mol; below 0 where other acids hold it down ({@link Acidity})
 */
// Wide: the parts of matter that a sauce is reckoned by.
public record Mixture(
        double waterG,
        double ethanolG,
        double sugarsG,
        double otherSolublesG,
        double saltG,
        double aceticG,
        double otherAcidsG,
        double emulsifiedFatG,
        double freeFatG,
        Starches starch,
        double pulpG,
        double coarseG,
        Body body,
        double pungencyShuG,
        double alkalinityMol) {

    /** Nothing at all: the neutral element of {@link #plus}. */
    public static final Mixture EMPTY = new Mixture(0, 0, 0, 0, 0, 0, 0, 0, 0, Starches.NONE, 0, 0, Body.NONE, 0, 0);

    private static final double ROUNDING_G = 1e-9;

    private static final double MOST_OF_A_FOOD_G = 1e6;
    /** A sauce with such a share of starch in its serum does not curdle; kitchen teaching. */
    private static final double GUARDING_STARCH = 0.01;
    /** Fat that a blender drops into a gram of serum, g; kitchen estimate. */
    private static final double FAT_PER_SERUM = 0.8;
    /** Any temperature at which egg has set, °C. */
    private static final double EGG_SETS_C = 80;
    /** A simmer, °C, by which softening times are given. */
    private static final double SIMMER_C = 95;

    /** Minutes at a simmer of a sauce that is cooked through; kitchen teaching. */
    private static final double COOKED_THROUGH_MIN = 40;

    private static final double SOFTENS_FROM_C = 80;
    private static final double DOUBLING_K = 10;
    private static final double LN2 = Math.log(2);
    /** Below this vegetables stay firm longer. */
    public static final double SOUR_PH = 4;

    private static final double INVERSION_AT_PH_3 = 0.006;
    private static final double LEAST_PH = 2;
    /** Any temperature at which every kind of starch sets, °C. */
    private static final double BOILED_C = 100;

    public Mixture {
        double[] masses = {
            waterG,
            ethanolG,
            sugarsG,
            otherSolublesG,
            saltG,
            aceticG,
            otherAcidsG,
            emulsifiedFatG,
            freeFatG,
            pulpG,
            coarseG,
            pungencyShuG
        };
        if (Double.isNaN(alkalinityMol)) {
            throw new Unfit(new Wrong.NoNumber("alkalinity"));
        }
        for (double mass : masses) {
            if (!(mass >= -ROUNDING_G && mass < 1e12)) {
                throw new Unfit(new Wrong.Least("mass", mass, 0, " g"));
            }
        }
    }

    /**
     * So many grams of a food: its parts, stretched to add up to that mass where its row closes to a little more or less than
     * 100 g.
     *
     * @param massG 0 or more
     */
    public static Mixture of(Food food, double massG) {
        Unfit.inRange("massG", massG, 0, MOST_OF_A_FOOD_G, " g");
        Composition c = food.per100g();
        double share = massG / c.totalG();
        boolean emulsified = food.fatForm() == FatForm.EMULSIFIED;
        return new Mixture(
                share * c.water(),
                share * c.ethanol(),
                share * c.sugars(),
                share * c.otherSolubles(),
                share * c.salt(),
                share * c.acetic(),
                share * c.otherAcids(),
                emulsified ? share * c.fat() : 0,
                emulsified ? 0 : share * c.fat(),
                food.starchKind()
                        .map(kind -> Starches.of(kind, share * c.starch()))
                        .orElse(Starches.NONE),
                share * c.pulp(),
                share * c.coarse(),
                Body.of(food, share),
                massG * food.scovilleUnits(),
                share * Acidity.alkalinityMolPer100g(food));
    }

    public Mixture plus(Mixture other) {
        return new Mixture(
                waterG + other.waterG,
                ethanolG + other.ethanolG,
                sugarsG + other.sugarsG,
                otherSolublesG + other.otherSolublesG,
                saltG + other.saltG,
                aceticG + other.aceticG,
                otherAcidsG + other.otherAcidsG,
                emulsifiedFatG + other.emulsifiedFatG,
                freeFatG + other.freeFatG,
                starch.plus(other.starch),
                pulpG + other.pulpG,
                coarseG + other.coarseG,
                body.plus(other.body),
                pungencyShuG + other.pungencyShuG,
                alkalinityMol + other.alkalinityMol);
    }

    /** All parts times a factor of 0 or more. */
    public Mixture times(double factor) {
        return scaled(factor, factor);
    }

    /** Water and alcohol times one factor, everything else times another: what differs when measures were off. */
    public Mixture scaled(double liquidFactor, double solidsFactor) {
        return new Mixture(
                waterG * liquidFactor,
                ethanolG * liquidFactor,
                sugarsG * solidsFactor,
                otherSolublesG * solidsFactor,
                saltG * solidsFactor,
                aceticG * solidsFactor,
                otherAcidsG * solidsFactor,
                emulsifiedFatG * solidsFactor,
                freeFatG * solidsFactor,
                starch.times(solidsFactor),
                pulpG * solidsFactor,
                coarseG * solidsFactor,
                body.times(solidsFactor),
                pungencyShuG * solidsFactor,
                alkalinityMol * solidsFactor);
    }

    /** The same with other amounts of what evaporates. */
    public Mixture withVolatiles(double newWaterG, double newEthanolG, double newAceticG) {
        return new Mixture(
                newWaterG,
                newEthanolG,
                sugarsG,
                otherSolublesG,
                saltG,
                newAceticG,
                otherAcidsG,
                emulsifiedFatG,
                freeFatG,
                starch,
                pulpG,
                coarseG,
                body,
                pungencyShuG,
                alkalinityMol);
    }

    /** Blended smooth: the pulp of cut pieces counts in full, and fat is in droplets as far as the liquid takes it. Mass is unchanged. */
    public Mixture blended() {
        double droppedG = Math.min(freeFatG, FAT_PER_SERUM * serumG());
        return with(starch, body.freed(), droppedG);
    }

    /** With that starch in place of its own. */
    public Mixture withStarch(Starches newStarch) {
        return with(newStarch, body);
    }

    /** Whether any of it changes when it gets hotter: raw starch, egg. */
    public boolean anyToSet() {
        return starch.anyRaw() || body.anyToSet();
    }

    /**
     * Heated to a temperature: the raw starch and the egg that set there have set, and yolk without starch that got too hot has
     * curdled. Mass is unchanged.
     */
    public Mixture heatedTo(double tempC) {
        if (!anyToSet()) {
            return this;
        }
        Starches hot = starch.heated(tempC, brixPercent());
        return with(hot, body.heated(tempC, hot.totalG() > GUARDING_STARCH * serumG()));
    }

    /** Having been cooked with care: all starch and egg have set, nothing has curdled. Mass is unchanged. */
    public Mixture cooked() {
        return anyToSet() ? with(starch.heated(BOILED_C, 0), body.heated(EGG_SETS_C, true)) : this;
    }

    /**
     * After so many minutes at a simmer: pieces have softened, starch in cells has swollen, acid has split sugar. Mass is unchanged.
     *
     * @param minutes at {@link #SIMMER_C}; hotter and cooler ones count by {@link #simmerShare}
     */
    public Mixture cookedFor(double minutes) {
        if (!(minutes > 0)) {
            return this;
        }
        return cookedFor(minutes, ph());
    }

    /** Cooked through with care, as a sauce is that nobody says more of: what softens has softened, nothing has worn. */
    public Mixture cookedThrough() {
        return with(starch, body.softened(COOKED_THROUGH_MIN, ph() < SOUR_PH)).cooked();
    }

    /** The same at a pH that is known. */
    public Mixture cookedFor(double minutes, double ph) {
        if (!(minutes > 0)) {
            return this;
        }
        Body after = body.cookedFor(minutes, ph < SOUR_PH);
        double splitG = sucroseG() * (1 - Math.exp(-inversionPerMin(ph) * minutes));
        return with(starch, after.inverted(splitG));
    }

    /** Share of sucrose that a minute at a simmer splits: first order in the acid (published rates about 100 °C, rounded). */
    public static double inversionPerMin(double ph) {
        return INVERSION_AT_PH_3 * Math.pow(10, 3 - Math.max(LEAST_PH, ph));
    }

    /** Minutes at a simmer that a minute at that temperature is worth: twice as many for each 10 K, none below 80 °C. */
    public static double simmerShare(double tempC) {
        return tempC < SOFTENS_FROM_C ? 0 : Math.exp(LN2 * (tempC - SIMMER_C) / DOUBLING_K);
    }

    /** Sugars that are neither lactose nor glucose and fructose, grams. */
    public double sucroseG() {
        return Math.max(0, sugarsG - body.g(Body.Part.HEXOSES) - body.g(Body.Part.LACTOSE));
    }

    private Mixture with(Starches newStarch, Body newBody) {
        return with(newStarch, newBody, 0);
    }

    private Mixture with(Starches newStarch, Body newBody, double droppedFatG) {
        return new Mixture(
                waterG,
                ethanolG,
                sugarsG,
                otherSolublesG,
                saltG,
                aceticG,
                otherAcidsG,
                emulsifiedFatG + droppedFatG,
                freeFatG - droppedFatG,
                newStarch,
                pulpG,
                coarseG,
                newBody,
                pungencyShuG,
                alkalinityMol);
    }

    /**
     * Shares of the parts of a mixture, each 0 to 1.
     *
     * @param liquid of the water and what is dissolved in small molecules; pungency and alkalinity go with it
     * @param suspended of what is spread in the liquid and does not wander into pieces: emulsified fat, starch, gelatine, egg, pectin
     * @param protein of what is dissolved by its row and does not leave meat: with the liquid in everything else
     */
    public record Shares(
            double liquid,
            double suspended,
            double freeFat,
            double coarse,
            double freePulp,
            double boundPulp,
            double protein) {}

    /** Takes shares of the parts out: what stays behind in a mill, a sieve or a jug, or goes with pieces. */
    public Parted without(Shares s) {
        double fatG = emulsifiedFatG + freeFatG;
        double fatShare = fatG > 0 ? (s.suspended * emulsifiedFatG + s.freeFat * freeFatG) / fatG : s.suspended;
        Body behind = body.shares(s, fatShare);
        double freeG = body.freeG();
        double bodyG = freeG + body.boundG();
        double pulpShare = bodyG > 0 ? (freeG * s.freePulp + body.boundG() * s.boundPulp) / bodyG : s.freePulp;
        double proteinG = Math.min(otherSolublesG, body.g(Body.Part.PROTEIN));
        Mixture out = new Mixture(
                waterG * s.liquid,
                ethanolG * s.liquid,
                sugarsG * s.liquid,
                (otherSolublesG - proteinG) * s.liquid + proteinG * s.protein,
                saltG * s.liquid,
                aceticG * s.liquid,
                otherAcidsG * s.liquid,
                emulsifiedFatG * s.suspended,
                freeFatG * s.freeFat,
                starch.times(s.suspended),
                pulpG * pulpShare,
                coarseG * s.coarse,
                behind,
                pungencyShuG * s.liquid,
                alkalinityMol * s.liquid);
        return new Parted(minus(out), out);
    }

    private Mixture minus(Mixture out) {
        return new Mixture(
                waterG - out.waterG,
                ethanolG - out.ethanolG,
                sugarsG - out.sugarsG,
                otherSolublesG - out.otherSolublesG,
                saltG - out.saltG,
                aceticG - out.aceticG,
                otherAcidsG - out.otherAcidsG,
                emulsifiedFatG - out.emulsifiedFatG,
                freeFatG - out.freeFatG,
                starch.plus(out.starch.times(-1)),
                pulpG - out.pulpG,
                coarseG - out.coarseG,
                body.minus(out.body),
                pungencyShuG - out.pungencyShuG,
                alkalinityMol - out.alkalinityMol);
    }

    /**
     * A mixture in two parts that add up to it.
     *
     * @param kept what goes on
     * @param leftBehind what does not
     */
    public record Parted(Mixture kept, Mixture leftBehind) {}

    /** pH, estimated; see {@link Acidity}. */
    public double ph() {
        return Acidity.ph(waterG, aceticG, otherAcidsG, alkalinityMol, Acidity.Buffers.of(body));
    }

    /** Everything, grams. */
    public double massG() {
        return serumG() + emulsifiedFatG + freeFatG + starch.totalG() + pulpG + coarseG;
    }

    /** Everything that is dissolved, grams: sugars, other solubles, salt, acids. */
    public double solublesG() {
        return sugarsG + otherSolublesG + saltG + aceticG + otherAcidsG;
    }

    /** The liquid phase: water, solubles and alcohol, grams. */
    public double serumG() {
        return waterG + ethanolG + solublesG();
    }

    /** Dissolved solids in 100 g of serum, °Bx. 0 for an empty mixture. */
    public double brixPercent() {
        return serumG() > 0 ? 100 * solublesG() / serumG() : 0;
    }

    /** Grams of salt in 100 g. */
    public double saltPercent() {
        return percent(saltG);
    }

    /** Grams of acetic acid in 100 g. */
    public double aceticPercent() {
        return percent(aceticG);
    }

    /** Pungency of the whole, Scoville heat units. */
    public double pungencyShu() {
        return massG() > 0 ? pungencyShuG / massG() : 0;
    }

    /** Volume at 20 °C, millilitres; see {@link SpecificVolume}. */
    public double volumeMl20c() {
        return SpecificVolume.volumeMl20c(this);
    }

    /** Powder of that kind as a cook weighs it, grams, in whatever state. */
    public double starchPowderG(StarchKind kind) {
        return starch.starchG(kind) / kind.starchShare();
    }

    /** The powder of that kind that thickens, grams: raw and spent starch count none. */
    public double setPowderG(StarchKind kind) {
        return starch.setG(kind) / kind.starchShare();
    }

    private double percent(double partG) {
        double massG = massG();
        return massG > 0 ? 100 * partG / massG : 0;
    }
}
