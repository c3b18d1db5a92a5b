package app.gradior.larder;

import app.gradior.finding.Unfit;

/**
 * What 100 g of the edible part of a food is made of, in grams.
 *
 * @param water water
 * @param ethanol alcohol
 * @param sugars mono- and disaccharides
 * @param otherSolubles other dissolved solids: soluble protein, minerals other than NaCl, small starch sugars
 * @param salt sodium chloride
 * @param acetic acetic acid
 * @param otherAcids non-volatile acids, as citric
 * @param fat fat, emulsified or free ({@link Food#fatForm()})
 * @param starch starch of the food's {@link Food#starchKind()}
 * @param pulp insoluble and pectic solids that give body
 * @param coarse insoluble solids that do not: skins, seeds, ground spice, fibre in pieces
 */
public record Composition(
        double water,
        double ethanol,
        double sugars,
        double otherSolubles,
        double salt,
        double acetic,
        double otherAcids,
        double fat,
        double starch,
        double pulp,
        double coarse) {

    /** How far the parts may be from 100 g: rounding in the tables they come from. */
    public static final double CLOSURE_TOLERANCE_G = 2.0;

    public Composition {
        double[] parts = {water, ethanol, sugars, otherSolubles, salt, acetic, otherAcids, fat, starch, pulp, coarse};
        for (double part : parts) {
            Unfit.inRange("composition", part, 0, 100, " g");
        }
    }

    /** All acids together, grams. */
    public double acids() {
        return acetic + otherAcids;
    }

    /** The sum of the parts, grams; 100 when the tables agree. */
    public double totalG() {
        return water + ethanol + sugars + otherSolubles + salt + acetic + otherAcids + fat + starch + pulp + coarse;
    }

    /** Whether the parts close to 100 g within {@link #CLOSURE_TOLERANCE_G}. */
    public boolean closes() {
        return Math.abs(totalG() - 100) <= CLOSURE_TOLERANCE_G;
    }
}
