package app.gradior.web.bench;

import app.gradior.care.Cautions;
import app.gradior.finding.Refusal;
import app.gradior.glaze.Brushed;
import app.gradior.glaze.Brushing;
import app.gradior.glaze.Coats;
import app.gradior.glaze.Film;
import app.gradior.glaze.Fire;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** On the food: a sauce as a glaze, a baste or a toss. */
@Component
@Order(8)
class GlazeTool implements Tool {
    private static final double USUAL_TABLE_ML = 20;

    private final WhatIHave have;

    GlazeTool(WhatIHave have) {
        this.have = have;
    }

    @Override
    public String key() {
        return "glaze";
    }

    @Override
    public String title() {
        return Words.text("glaze-tool.on-the-food");
    }

    @Override
    public String lead() {
        return Words.text("glaze-tool.lead");
    }

    private static Brushed food(BenchForm asked) {
        return Refusal.checked("food", () -> Brushed.ofKey(asked.text("food", Brushed.WINGS.key())));
    }

    private static Fire fire(BenchForm asked) {
        return Refusal.checked("heat", () -> Fire.ofKey(asked.text("heat", Fire.OVEN.key())));
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(
                Field.choice(
                        "food",
                        Words.text("glaze-tool.brushed-on"),
                        asked.text("food", Brushed.WINGS.key()),
                        Arrays.stream(Brushed.values())
                                .map(one -> new Field.Choice(one.key(), Words.say(one)))
                                .toList()),
                Field.number("foodG", Words.text("glaze-tool.how-much-food"), asked.text("foodG", "")),
                Field.number(
                        "guests",
                        Words.text("glaze-tool.guests"),
                        asked.text("guests", Numbers.plain(Brushing.USUAL_GUESTS, 0))),
                Field.number("coats", Words.text("glaze-tool.coats"), asked.text("coats", "")),
                Field.choice(
                        "heat",
                        Words.text("glaze-tool.heat"),
                        asked.text("heat", Fire.OVEN.key()),
                        Arrays.stream(Fire.values())
                                .map(one -> new Field.Choice(one.key(), Words.say(one)))
                                .toList()),
                Field.number(
                        "tableMl",
                        Words.text("glaze-tool.table-each"),
                        asked.text("tableMl", Numbers.plain(USUAL_TABLE_ML, 0))));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        Mixture sauce = have.have(asked, kitchen).mixture();
        Brushed food = food(asked);
        double guests = asked.number("guests", "glaze-tool.guests", Brushing.USUAL_GUESTS, 1, 1000, "");
        double foodG = asked.number("foodG", "glaze-tool.how-much-food", guests * food.portionG(), 10, 100_000, " g");
        int coats = (int) Math.rint(asked.number("coats", "glaze-tool.coats", food.coats(), 1, Coats.MOST_COATS, ""));
        double gPerMl = sauce.massG() / sauce.volumeMl20c();
        double tableMl = guests * asked.number("tableMl", "glaze-tool.table-each", USUAL_TABLE_ML, 0, 500, " mL");
        double step = Refusal.checked("lines", () -> Film.step(sauce.cooked(), 1));
        Coats done = Coats.of(sauce, 1, food, foodG, coats, fire(asked), tableMl * gPerMl);
        Figures figures = new Figures(kitchen);
        Film film = done.film();
        double needMl = done.needG() / gPerMl;
        double hasMl = sauce.volumeMl20c();
        String between = coats > 1
                ? Words.text(
                        "glaze-tool.each-next",
                        minutes(done.beforeDoneMin().get(0)
                                - done.beforeDoneMin().get(1)))
                : "";
        Reply.Builder reply = new Reply.Builder(Words.text(
                        "glaze-tool.saying", coats, minutes(done.beforeDoneMin().get(0)), between))
                .big(Words.text("glaze-tool.a-coat"), Ask.grams(done.coatG()), "g")
                .big(Words.text("glaze-tool.needed"), figures.volumeFigure(needMl), figures.volumeUnit(needMl))
                .big(Words.text("glaze-tool.kept-clean"), figures.volumeFigure(tableMl), figures.volumeUnit(tableMl))
                .fact(
                        Words.text("glaze-tool.each-portion"),
                        Words.text(
                                "glaze-tool.grams-and-table",
                                figures.mass(done.brushedG() / guests),
                                figures.volume(tableMl / guests)))
                .fact(
                        Words.text("glaze-tool.there-is"),
                        Words.text(
                                hasMl >= needMl ? "glaze-tool.enough" : "glaze-tool.short",
                                figures.volume(hasMl),
                                figures.volume(Math.abs(hasMl - needMl))))
                .fact(Words.text("glaze-tool.in-the-pot"), Words.text("glaze-tool.in-the-pot-is", Ask.stepWords(step)))
                .fact(
                        Words.text("glaze-tool.film"),
                        Words.text(
                                "glaze-tool.film-is",
                                Numbers.fixed(film.thicknessMm(), 1),
                                film.runsOff()
                                        ? Words.text("glaze-tool.runs-off")
                                        : film.clots() ? Words.text("glaze-tool.clots") : ""))
                .fact(Words.text("glaze-tool.sticks"), minutes(film.sticksMin()))
                .fact(
                        Words.text("glaze-tool.shines"),
                        Double.isNaN(film.shinesMin())
                                ? Words.text("glaze-tool.never-shines")
                                : minutes(film.shinesMin()))
                .fact(Words.text("glaze-tool.browns"), minutes(film.brownsMin()))
                .fact(
                        Words.text("glaze-tool.burns"),
                        done.scorches()
                                ? Words.text("glaze-tool.burns-first", minutes(film.burnsMin()))
                                : minutes(film.burnsMin()))
                .fact(Words.text("glaze-tool.estimate"), Words.text("glaze-tool.look"))
                .table(
                        Words.text("glaze-tool.coats-table"),
                        List.of(
                                Words.text("glaze-tool.coat"),
                                Words.text("glaze-tool.before"),
                                Words.text("glaze-tool.grams")),
                        rows(done));
        return reply.cautions(Cautions.brushed(sauce, food.isRaw())).done();
    }

    private static List<List<String>> rows(Coats coats) {
        List<List<String>> rows = new ArrayList<>();
        for (double before : coats.beforeDoneMin()) {
            double grams = coats.coatsG().get(rows.size());
            rows.add(List.of(String.valueOf(rows.size() + 1), minutes(before), Ask.grams(grams) + " g"));
        }
        return rows;
    }

    private static String minutes(double minutes) {
        return Words.text("glaze-tool.minutes", minutes < 0.5 ? "½" : Numbers.plain(minutes, minutes < 3 ? 1 : 0));
    }
}
