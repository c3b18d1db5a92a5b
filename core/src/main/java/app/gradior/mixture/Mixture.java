package app.gradior.mixture;

import app.gradior.larder.BodyForm;
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
 * @param body pulp as thickener
 * @param pungencyShuG Scoville units times grams: divide by the mass for the pungency of the whole
 */
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
        double pungencyShuG) {

    /** Nothing at all: the neutral element of {@link #plus}. */
    public static final Mixture EMPTY = new Mixture(0, 0, 0, 0, 0, 0, 0, 0, 0, Starches.NONE, 0, 0, Body.NONE, 0);

    private static final double ROUNDING_G = 1e-9;

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
        for (double mass : masses) {
            if (!(mass >= -ROUNDING_G && mass < 1e12)) {
                throw new IllegalArgumentException("a mass in a mixture is " + mass + " g: 0 or more expected");
            }
        }
    }

    /**
     * So many grams of a food.
     *
     * @param massG 0 or more
     */
    public static Mixture of(Food food, double massG) {
        if (!(massG >= 0 && massG <= 1e6)) {
            throw new IllegalArgumentException(
                    "mass of " + food.name() + " is " + massG + " g: 0 to 1000000 g expected");
        }
        Composition c = food.per100g();
        double share = massG / 100;
        boolean emulsified = food.fatForm() == FatForm.EMULSIFIED;
        double bodyG = share * c.pulp() * food.bodyFactor();
        boolean cut = food.bodyForm() == BodyForm.CUT;
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
                cut ? new Body(0, bodyG) : new Body(bodyG, 0),
                massG * food.scovilleUnits());
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
                pungencyShuG + other.pungencyShuG);
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
                pungencyShuG * solidsFactor);
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
                pungencyShuG);
    }

    /** Blended or milled smooth: the pulp of cut pieces counts in full. Mass is unchanged. */
    public Mixture blended() {
        return new Mixture(
                waterG,
                ethanolG,
                sugarsG,
                otherSolublesG,
                saltG,
                aceticG,
                otherAcidsG,
                emulsifiedFatG,
                freeFatG,
                starch,
                pulpG,
                coarseG,
                body.freed(),
                pungencyShuG);
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

    /** Powder of that kind as a cook weighs it, grams. */
    public double starchPowderG(StarchKind kind) {
        return starch.starchG(kind) / kind.starchShare();
    }

    private double percent(double partG) {
        double massG = massG();
        return massG > 0 ? 100 * partG / massG : 0;
    }
}
