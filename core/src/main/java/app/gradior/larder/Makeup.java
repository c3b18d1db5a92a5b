package app.gradior.larder;

import app.gradior.finding.Unfit;

/**
 * What the parts of a food's {@link Composition} are made of: what a sauce's body, gels and sharpness hang on. Grams in 100 g, each
 * within a part that the composition has already, so that nothing here adds to the mass.
 *
 * @param hexoses of the sugars: glucose and fructose
 * @param lactose of the sugars; what is neither is sucrose
 * @param protein of all solids
 * @param gelatine of the dissolved solids
 * @param yolk fresh egg yolk that is in it
 * @param white fresh egg white that is in it
 * @param cellStarch of the solids: starch held in cells or meal
 * @param cells how it is held
 * @param pectin what it sets with
 * @param solidFat whose solid fat its fat has when cold
 * @param softensMin minutes at a simmer in which two thirds of its pieces fall apart; 0 when it has none that do
 * @param phosphateMmol what holds the pH about 6.8, mmol
 */
public record Makeup(
        double hexoses,
        double lactose,
        double protein,
        double gelatine,
        double yolk,
        double white,
        double cellStarch,
        CellStarch cells,
        PectinClass pectin,
        SolidFat solidFat,
        double softensMin,
        double phosphateMmol) {
    /** Nothing of it is known, or there is nothing to tell. */
    public static final Makeup NONE =
            new Makeup(0, 0, 0, 0, 0, 0, 0, CellStarch.NONE, PectinClass.NONE, SolidFat.NONE, 0, 0);

    private static final double MOST_SOFTENS_MIN = 600;
    private static final double MOST_PHOSPHATE_MMOL = 200;

    public Makeup {
        for (double part : new double[] {hexoses, lactose, protein, gelatine, yolk, white, cellStarch}) {
            Unfit.inRange("makeup", part, 0, 100, " g");
        }
        Unfit.inRange("softensMin", softensMin, 0, MOST_SOFTENS_MIN, " min");
        Unfit.inRange("phosphate", phosphateMmol, 0, MOST_PHOSPHATE_MMOL, " mmol");
    }

    /** Whether it fits into a composition, to the rounding of the tables. */
    public boolean fitsIn(Composition c) {
        double rounding = Composition.CLOSURE_TOLERANCE_G / 4;
        double solids = c.otherSolubles() + c.starch() + c.pulp() + c.coarse();
        return hexoses + lactose <= c.sugars() + rounding
                && gelatine <= c.otherSolubles() + rounding
                && cellStarch <= solids + rounding
                && protein <= solids + rounding;
    }

    /** The same in another food of its kind, by how much of the parts there is of which these are shares. */
    public Makeup like(Composition was, Composition now) {
        double sugars = share(was.sugars(), now.sugars());
        double solubles = share(was.otherSolubles(), now.otherSolubles());
        double coarse = share(was.coarse() + was.pulp(), now.coarse() + now.pulp());
        double solids = share(solids(was), solids(now));
        return new Makeup(
                Math.min(100, hexoses * sugars),
                Math.min(100, lactose * sugars),
                Math.min(100, protein * solids),
                Math.min(100, gelatine * solubles),
                yolk,
                white,
                Math.min(100, cellStarch * coarse),
                cells,
                pectin,
                solidFat,
                softensMin,
                phosphateMmol);
    }

    private static double solids(Composition c) {
        return c.otherSolubles() + c.starch() + c.pulp() + c.coarse();
    }

    private static double share(double was, double now) {
        return was > 0 ? now / was : 0;
    }
}
