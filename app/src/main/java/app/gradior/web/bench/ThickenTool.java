package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.larder.StarchHandling;
import app.gradior.larder.StarchKind;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Thickening;
import app.gradior.plan.Thickening.Form;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Words;
import app.gradior.texture.Consistency;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Thicken what I have. */
@Component
@Order(1)
class ThickenTool implements Tool {
    private final WhatIHave have;

    ThickenTool(WhatIHave have) {
        this.have = have;
    }

    @Override
    public String key() {
        return "thicken";
    }

    @Override
    public String title() {
        return "Thicken what I have";
    }

    @Override
    public String lead() {
        return "How much starch takes it to the thickness you want, in portions, each with what to expect.";
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(
                Ask.step(asked, "5"),
                Ask.served(asked, kitchen),
                Ask.starch(asked),
                Field.choice(
                        "form",
                        "Goes in as",
                        asked.text("form", Form.SLURRY.name()),
                        Arrays.stream(Form.values())
                                .map(f -> new Field.Choice(f.name(), Words.say(f)))
                                .toList()),
                Field.number("ratio", "Cold liquid to starch, by weight", asked.text("ratio", "1.5")));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        Mixture sauce = have.have(asked, kitchen).mixture();
        StarchKind kind = Ask.starchKind(asked);
        Form form = Refusal.checked("form", () -> Form.valueOf(asked.text("form", Form.SLURRY.name())));
        double ratio = form == Form.SLURRY
                ? asked.number("ratio", "Cold liquid to starch", 1.5, 1, 2, "")
                : Thickening.Mix.LEAST_RATIO;
        Thickening.Mix mix = Refusal.checked("form", () -> new Thickening.Mix(kind, form, ratio));
        double servedC = Ask.servedC(asked, kitchen);
        double hotC = Refusal.checked("lines", () -> Ask.boilingC(sauce, kitchen));
        Refusal.checked("lines", () -> Consistency.stepCooked(sauce, servedC));
        Thickening.Answer answer = Refusal.checked(
                "step", () -> new Thickening(sauce, mix, hotC, servedC, 1).toStep(Ask.stepWanted(asked, 5)));
        Figures figures = new Figures(kitchen);
        String with = form == Form.SLURRY ? "cold water" : "butter";
        Reply.Builder reply = new Reply.Builder("Stir " + Ask.grams(answer.starchG()) + " g " + Words.say(kind)
                        + " into " + Ask.grams(answer.coldLiquidG()) + " g " + with + ", and put it in by portions.")
                .big("Starch", Ask.grams(answer.starchG()), "g")
                .big(form == Form.SLURRY ? "Cold liquid" : "Butter", Ask.grams(answer.coldLiquidG()), "g")
                .big(
                        "Will give, cold",
                        figures.volumeFigure(answer.sauce().volumeMl20c()),
                        figures.volumeUnit(answer.sauce().volumeMl20c()));
        List<List<String>> rows = new ArrayList<>();
        String[] names = {"half of it", "a quarter", "the rest"};
        for (int i = 0; i < answer.portions().size(); i++) {
            Thickening.Portion p = answer.portions().get(i);
            rows.add(List.of(
                    names[i],
                    Ask.grams(p.starchG()) + " g with " + Ask.grams(p.coldLiquidG()) + " g",
                    Ask.stepWords(p.stepHot()),
                    Ask.stepWords(p.stepServed())));
        }
        reply.table(
                "Look after each portion, before the next",
                List.of("portion", "starch", "in the pot then", "when served"),
                rows);
        handling(reply, kind);
        return reply.done();
    }

    /** What to know of a starch. */
    static void handling(Reply.Builder reply, StarchKind kind) {
        StarchHandling h = kind.handling();
        reply.fact("It shows after", Numbers.plain(h.setMinutes(), 1) + " min at a bubble; " + Words.say(kind, "look"))
                .fact("Boiling", Words.say(kind, "boiling"))
                .fact("Acid", Words.say(kind, "acid"))
                .fact("Sugar", Words.text("Starch.sugar"))
                .fact("Freezer", Words.say(kind, "freezing"))
                .fact("Standing", Words.say(kind, "standing"));
    }
}
