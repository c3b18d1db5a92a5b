package app.gradior.mixture;

/**
 * Pieces lifted out of a sauce, and fat poured off it. What is solid in them goes, with its fat that has not come out; what is dissolved they
 * share with the sauce, for they have long been in it; and a film of sauce clings, the more the thicker it is. Kitchen estimates, rounded.
 */
public final class Lifting {
    /** Of the liquid that pieces brought, they hold so much when they are cooked. */
    private static final double HOLDS = 0.8;
    /** Dry pieces, bay and spice, soak up so many grams of liquid for each gram of solids. */
    private static final double SOAKS_G_PER_G = 1.5;
    /** Film on a piece that drips off a spoon, g/g, of a sauce as thin as water; grows with the cube root of its viscosity, as of what runs off. */
    private static final double FILM = 0.03;

    /** Viscosity of water, rounded, Pa·s. */
    public static final double WATER_PAS = 0.001;

    private static final double MOST_FILM = 0.3;
    /** Of the protein of meat and fish so much stays in it. */
    private static final double PROTEIN_STAYS = 0.9;
    /** A film stays in the pan whatever is lifted out. */
    private static final double MOST_SHARE = 0.995;

    private Lifting() {}

    /**
     * The pieces of a line as they are when they are lifted out.
     *
     * @param cooked what is left of the line in pieces, after its time in the pot
     * @param wet share of its liquid that it did not lose in the pan, 0 to 1
     * @param fatG fat that has not come out of it, g
     * @param meat whether its protein stays in it
     */
    public record Pieces(Mixture cooked, double wet, double fatG, boolean meat) {}

    /**
     * What is left in the pot, and what was lifted out: together exactly what was in it.
     *
     * @param viscosityPaS of the sauce as it is lifted, Pa·s
     */
    public static Mixture.Parted of(Mixture pot, Pieces pieces, double viscosityPaS) {
        Mixture in = pieces.cooked();
        double coarse = part(in.coarseG(), pot.coarseG());
        double bound = part(in.body().boundG(), pot.body().boundG());
        double protein = pieces.meat()
                ? part(
                        PROTEIN_STAYS * in.body().g(Body.Part.PROTEIN),
                        pot.body().g(Body.Part.PROTEIN))
                : 0;
        Mixture.Parted dry = pot.without(new Mixture.Shares(0, 0, 0, coarse, 0, bound, protein));
        double solidsG = dry.leftBehind().massG();
        double liquidG = Math.max(HOLDS * pieces.wet() * in.serumG(), SOAKS_G_PER_G * solidsG);
        double clingingG = filmShare(viscosityPaS) * (solidsG + liquidG + pieces.fatG());
        double around = Math.min(1, clingingG / Math.max(clingingG, dry.kept().massG()));
        double liquid = Math.min(MOST_SHARE, part(liquidG, pot.serumG()) + around);
        double fat = Math.min(MOST_SHARE, part(pieces.fatG(), pot.freeFatG()) + around);
        return pot.without(new Mixture.Shares(
                liquid,
                around,
                fat,
                Math.max(coarse, around),
                around,
                Math.max(bound, around),
                Math.max(protein, liquid)));
    }

    /** Without the film that clings to something of that mass which is lifted out of it. */
    public static Mixture.Parted film(Mixture pot, double liftedG, double viscosityPaS) {
        double around = Math.min(MOST_SHARE, filmShare(viscosityPaS) * liftedG / Math.max(1, pot.massG()));
        return pot.without(new Mixture.Shares(around, around, around, around, around, around, around));
    }

    private static double filmShare(double viscosityPaS) {
        return Math.min(MOST_FILM, FILM * Math.cbrt(Math.max(1, viscosityPaS / WATER_PAS)));
    }

    /** Without so much of its free fat, as far as it has that. */
    public static Mixture.Parted fat(Mixture pot, double fatG) {
        return pot.without(new Mixture.Shares(0, 0, part(fatG, pot.freeFatG()), 0, 0, 0, 0));
    }

    /** What a sauce would be without a food that went in once, but for its water: about, part by part, as far as it has them. */
    public static Mixture without(Mixture pot, Mixture food) {
        double dissolved = part(food.solublesG(), pot.solublesG());
        double suspended = part(
                food.emulsifiedFatG() + food.starch().totalG(),
                pot.emulsifiedFatG() + pot.starch().totalG());
        return pot.without(new Mixture.Shares(
                        dissolved,
                        suspended,
                        part(food.freeFatG(), pot.freeFatG()),
                        part(food.coarseG(), pot.coarseG()),
                        part(food.body().freeG(), pot.body().freeG()),
                        part(food.body().boundG(), pot.body().boundG()),
                        dissolved))
                .kept();
    }

    private static double part(double ofG, double inG) {
        return inG > 0 ? Math.min(MOST_SHARE, Math.max(0, ofG) / inG) : 0;
    }
}
