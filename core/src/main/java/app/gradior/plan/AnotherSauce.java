package app.gradior.plan;

import app.gradior.larder.Composition;
import app.gradior.larder.Food;

/** Where a food in place of another would make another sauce. */
final class AnotherSauce {
    /** So much more of it in 100 g, and a food of no common job makes another sauce; heat in Scoville heat units. */
    private static final double FAR_SALTIER = 2;

    private static final double FAR_SOURER = 2;
    private static final double FAR_FATTER = 10;
    private static final double FAR_SWEETER = 10;
    private static final double FAR_HOTTER = 100;
    private static final double FAR_DRIER = 40;

    private AnotherSauce() {}

    /** Whether a food of no common job would bring so much else that the sauce were another. */
    static boolean isMadeBy(Food missing, Food substitute, Keeps keeps) {
        Composition old = missing.per100g();
        Composition c = substitute.per100g();
        boolean salty = keeps != Keeps.SALT && c.salt() > old.salt() + FAR_SALTIER;
        boolean sour = keeps != Keeps.SHARPNESS && c.acids() > old.acids() + FAR_SOURER;
        boolean fatty = keeps != Keeps.FAT && c.fat() > old.fat() + FAR_FATTER;
        boolean sweet = keeps != Keeps.SWEETNESS && c.sugars() > old.sugars() + FAR_SWEETER;
        boolean hot = keeps != Keeps.HEAT && substitute.scovilleUnits() > missing.scovilleUnits() + FAR_HOTTER;
        boolean dry = old.water() - c.water() > FAR_DRIER;
        boolean poured = missing.pourable() && substitute.pourable();
        boolean flavoured = keeps == Keeps.AROMA || keeps == Keeps.WEIGHT || keeps == Keeps.VOLUME && !poured;
        return salty || sour || fatty || sweet || hot || dry || flavoured;
    }
}
