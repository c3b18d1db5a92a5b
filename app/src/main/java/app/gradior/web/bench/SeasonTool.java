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
        return "Season to a target";
    }

    @Override
    public String lead() {
        return "Grams of salt, sugar or something sharp for the taste you want, and what that does to the thickness.";
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        Taste taste = taste(asked);
        return List.of(
                Field.choice(
                        "taste",
                        "Bring its",
                        taste.name(),
                        Arrays.stream(Taste.values())
                                .map(t -> new Field.Choice(t.name(), Words.say(t)))
                                .toList()),
                Field.number("percent", "to, g in 100 g", asked.text("percent", usual(taste))),
                Field.food("with", "with", asked.text("with", usualFood(taste))),
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
            case ACID -> "cider vinegar";
        };
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        Mixture sauce = have.have(asked, kitchen).mixture();
        Taste taste = taste(asked);
        double percent = asked.number("percent", "The target", Double.parseDouble(usual(taste)), 0, 95, " %");
        Food food = Foods.named(lines.catalogue(kitchen), asked.text("with", usualFood(taste)), "with");
        double add = Refusal.checked("percent", () -> Seasoning.addG(sauce, food, taste, percent));
        Mixture added = Mixture.of(food, add);
        Correction correction =
                Refusal.checked("lines", () -> Correction.of(sauce, added, Ask.servedC(asked, kitchen), 1));
        Mixture after = sauce.plus(added);
        return new Reply.Builder(
                        "Add " + Ask.grams(add) + " g of " + food.name() + ". Put in two thirds, taste, then the rest.")
                .big("Add", Ask.grams(add), "g")
                .big("From", Numbers.plain(taste.percent(sauce), 2), "% " + Words.say(taste))
                .fact(
                        "Thickness when served",
                        Math.abs(correction.stepChange()) < 0.05
                                ? "the same"
                                : Numbers.fixed(Math.abs(correction.stepChange()), 1) + " step "
                                        + (correction.stepChange() < 0 ? "thinner" : "thicker"))
                .fact(
                        "To boil off again",
                        correction.waterEquivalentG() > 1
                                ? "as if " + Ask.grams(correction.waterEquivalentG()) + " g of water had gone in"
                                : "nothing")
                .fact("pH", "about " + Numbers.fixed(after.ph(), 1) + ", from " + Numbers.fixed(sauce.ph(), 1))
                .drawing(TasteDrawing.draw(after))
                .done();
    }
}
