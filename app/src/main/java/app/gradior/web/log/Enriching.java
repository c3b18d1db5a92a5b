package app.gradior.web.log;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Correction;
import app.gradior.room.words.Words;
import app.gradior.texture.Consistency;
import app.gradior.texture.Stair;
import app.gradior.web.frame.Figures;

/**
 * Butter whisked in off the heat: what it does to thickness, yield and salt.
 *
 * @param grams as typed or as offered
 * @param says what it does, or why it cannot be said
 */
record Enriching(String grams, String says) {
    private static final String BUTTER = "butter";
    /** So much is offered, of the sauce's weight, in whole portions. */
    private static final double USUAL_SHARE = 0.05;

    private static final double PORTION_G = 5;
    /** More butter than this, of the sauce's weight, is another sauce. */
    private static final double MOST_SHARE = 0.5;

    static Enriching of(Mixture sauce, double servedC, double bodyFactor, String typed, Figures figures) {
        double usual = PORTION_G * Math.max(1, Math.round(USUAL_SHARE * sauce.massG() / PORTION_G));
        String grams = typed.isBlank() ? Numbers.plain(usual, 0) : typed.strip();
        double g = Numbers.parse(grams).orElse(Double.NaN);
        if (!(g > 0 && g <= MOST_SHARE * sauce.massG())) {
            return new Enriching(
                    grams,
                    Words.text("enriching.is-no-weight-of-butter-up", grams, figures.mass(MOST_SHARE * sauce.massG())));
        }
        Food butter = Catalogue.standard().food(BUTTER).orElseThrow();
        Mixture added = Mixture.of(butter, g);
        Correction does = Correction.of(sauce, added, servedC, bodyFactor);
        Mixture rich = sauce.plus(added);
        double step = Consistency.step(rich.cooked(), bodyFactor, servedC);
        String change = Figures.stepChange(does.stepChange());
        return new Enriching(
                grams,
                Words.text(
                        "enriching.salt-fat",
                        (change.isEmpty() ? Words.text("enriching.no-thicker") : change),
                        figures.step(step),
                        Words.say(Stair.Tread.of(step)),
                        figures.volume(rich.volumeMl20c()),
                        Numbers.fixed(rich.saltPercent(), 1),
                        Numbers.plain(100 * (rich.emulsifiedFatG() + rich.freeFatG()) / rich.massG(), 0)));
    }
}
