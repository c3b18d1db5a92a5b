package app.gradior.web.log;

import app.gradior.finding.Unfit;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Correction;
import app.gradior.plan.Seasoning;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The last seasoning of a finished sauce: what brings its salt, sugar and acid to a target, and what that does to it. */
final class SeasonRows {
    private SeasonRows() {}

    /** A taste, with what brings it where. */
    private record Remedy(Seasoning.Taste taste, String food, double more) {}

    private static final List<Remedy> WAYS = List.of(
            new Remedy(Seasoning.Taste.SALT, "salt", 0.2),
            new Remedy(Seasoning.Taste.SUGARS, "sugar", 2),
            new Remedy(Seasoning.Taste.ACID, "vinegar-cider", 0.1));

    /**
     * A row of the table.
     *
     * @param field its name in the form
     * @param target wanted, as typed or as offered
     * @param says what brings it there, or why nothing does
     */
    record Row(String field, String taste, String has, String target, String says) {}

    static List<Row> of(Mixture sauce, double servedC, double bodyFactor, Map<String, String> asked, Figures figures) {
        List<Row> rows = new ArrayList<>();
        for (Remedy way : WAYS) {
            double has = way.taste().percent(sauce);
            String typed = asked.getOrDefault(Words.say(way.taste()), "").strip();
            double target = typed.isEmpty()
                    ? Math.round(100 * (has + way.more())) / 100.0
                    : Numbers.parse(typed).orElse(Double.NaN);
            rows.add(new Row(
                    Words.say(way.taste()),
                    Words.say(way.taste()),
                    Numbers.fixed(has, 2) + " %",
                    typed.isEmpty() ? Numbers.plain(target, 2) : typed,
                    says(sauce, way, target, servedC, bodyFactor, figures)));
        }
        return rows;
    }

    private static String says(
            Mixture sauce, Remedy way, double target, double servedC, double bodyFactor, Figures figures) {
        Food food = Catalogue.standard().food(way.food()).orElseThrow();
        try {
            double grams = Seasoning.addG(sauce, food, way.taste(), target);
            Correction does = Correction.of(sauce, Mixture.of(food, grams), servedC, bodyFactor);
            String spoons = figures.measure(food, grams);
            String change = Figures.stepChange(does.stepChange());
            return Numbers.plain(grams, 1) + " g " + Words.say(food) + (spoons.isEmpty() ? "" : " (" + spoons + ")")
                    + (change.isEmpty() ? "" : ", " + change);
        } catch (Unfit e) {
            return Double.isNaN(target) ? Words.text("season-rows.that-is-no-number") : Words.say(e.why());
        }
    }
}
