package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.larder.Food;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Correction;
import app.gradior.plan.Seasoning;
import app.gradior.plan.Seasoning.Taste;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Words;
import app.gradior.web.draw.TasteDrawing;
import java.util.Arrays;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Seasoning to a target. */
@Component
@Order(7)
class SeasonTool implements Tool {
    private final WhatIHave have;
    private final Lines lines;

    SeasonTool(WhatIHave have, Lines lines) {
        this.have = have;
        this.lines = lines;
    }

    @Override
    public String key() {
        return "season";
    }

    @Override
    public String title() {
        return Words.text("season-tool.season-to-a-target");
    }

    @Override
    public String lead() {
        return Words.text("season-tool.grams-of-salt-sugar-or-something");
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        Taste taste = taste(asked);
        return List.of(
                Field.choice(
                        "taste",
                        Words.text("season-tool.bring-its"),
                        taste.name(),
                        Arrays.stream(Taste.values())
                                .map(t -> new Field.Choice(t.name(), Words.say(t)))
                                .toList()),
                Field.number("percent", Words.text("season-tool.to-g-in-g"), asked.text("percent", usual(taste))),
                Field.food("with", Words.text("bench.with"), asked.text("with", usualFood(taste))),
                Ask.served(asked, kitchen));
    }

    private static Taste taste(BenchForm asked) {
        return Refusal.checked("taste", () -> Taste.valueOf(asked.text("taste", Taste.SALT.name())));
    }

    private static String usual(Taste taste) {
        return switch (taste) {
            case SALT -> "1.2";
            case SUGARS -> "12";
            case ACID -> "1";
        };
    }

    private static String usualFood(Taste taste) {
        return switch (taste) {
            case SALT -> "salt";
            case SUGARS -> "sugar";
            case ACID -> Words.text("season-tool.cider-vinegar");
        };
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        Mixture sauce = have.have(asked, kitchen).mixture();
        Taste taste = taste(asked);
        double percent =
                asked.number("percent", "season-tool.the-target", Double.parseDouble(usual(taste)), 0, 95, " %");
        Food food = Foods.named(lines.catalogue(kitchen), asked.text("with", usualFood(taste)), "with");
        double add = Refusal.checked("percent", () -> Seasoning.addG(sauce, food, taste, percent));
        Mixture added = Mixture.of(food, add);
        Correction correction =
                Refusal.checked("lines", () -> Correction.of(sauce, added, Ask.servedC(asked, kitchen), 1));
        Mixture after = sauce.plus(added);
        return new Reply.Builder(Words.text("season-tool.add-g-of-put-in-two", Ask.grams(add), food))
                .big(Words.text("season-tool.add"), Ask.grams(add), "g")
                .big(Words.text("season-tool.from"), Numbers.plain(taste.percent(sauce), 2), "% " + Words.say(taste))
                .fact(
                        Words.text("season-tool.thickness-when-served"),
                        Math.abs(correction.stepChange()) < 0.05
                                ? Words.text("season-tool.the-same")
                                : Words.text(
                                        "season-tool.step",
                                        Numbers.fixed(Math.abs(correction.stepChange()), 1),
                                        (correction.stepChange() < 0
                                                ? Words.text("season-tool.thinner")
                                                : Words.text("season-tool.thicker"))))
                .fact(
                        Words.text("season-tool.to-boil-off-again"),
                        correction.waterEquivalentG() > 1
                                ? Words.text(
                                        "season-tool.as-if-g-of-water-had", Ask.grams(correction.waterEquivalentG()))
                                : Words.text("season-tool.nothing"))
                .fact(
                        "pH",
                        Words.text(
                                "season-tool.about-from", Numbers.fixed(after.ph(), 1), Numbers.fixed(sauce.ph(), 1)))
                .drawing(TasteDrawing.draw(after))
                .done();
    }
}
