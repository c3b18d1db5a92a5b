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
        return Words.text("thicken-tool.thicken-what-i-have");
    }

    @Override
    public String lead() {
        return Words.text("thicken-tool.how-much-starch-takes-it-to");
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(
                Ask.step(asked, "5"),
                Ask.served(asked, kitchen),
                Ask.starch(asked),
                Field.choice(
                        "form",
                        Words.text("thicken-tool.goes-in-as"),
                        asked.text("form", Form.SLURRY.name()),
                        Arrays.stream(Form.values())
                                .map(f -> new Field.Choice(f.name(), Words.say(f)))
                                .toList()),
                Field.number(
                        "ratio",
                        Words.text("thicken-tool.cold-liquid-to-starch-by-weight"),
                        asked.text("ratio", "1.5")));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        Mixture sauce = have.have(asked, kitchen).mixture();
        StarchKind kind = Ask.starchKind(asked);
        Form form = Refusal.checked("form", () -> Form.valueOf(asked.text("form", Form.SLURRY.name())));
        double ratio = form == Form.SLURRY
                ? asked.number("ratio", "thicken-tool.cold-liquid-to-starch", 1.5, 1, 2, "")
                : Thickening.Mix.LEAST_RATIO;
        Thickening.Mix mix = Refusal.checked("form", () -> new Thickening.Mix(kind, form, ratio));
        double servedC = Ask.servedC(asked, kitchen);
        double hotC = Refusal.checked("lines", () -> Ask.boilingC(sauce, kitchen));
        Refusal.checked("lines", () -> Consistency.stepCooked(sauce, servedC));
        Thickening.Answer answer = Refusal.checked(
                "step", () -> new Thickening(sauce, mix, hotC, servedC, 1).toStep(Ask.stepWanted(asked, 5)));
        Figures figures = new Figures(kitchen);
        String with =
                form == Form.SLURRY ? Words.text("thicken-tool.cold-water") : Words.text("thicken-tool.of-butter");
        Reply.Builder reply = new Reply.Builder(Words.text(
                        "thicken-tool.stir-g-into-g-and-put",
                        Ask.grams(answer.starchG()),
                        Words.say(kind),
                        Ask.grams(answer.coldLiquidG()),
                        with))
                .big(Words.text("thicken-tool.starch"), Ask.grams(answer.starchG()), "g")
                .big(
                        form == Form.SLURRY
                                ? Words.text("thicken-tool.cold-liquid")
                                : Words.text("thicken-tool.butter"),
                        Ask.grams(answer.coldLiquidG()),
                        "g")
                .big(
                        Words.text("thicken-tool.will-give-cold"),
                        figures.volumeFigure(answer.sauce().volumeMl20c()),
                        figures.volumeUnit(answer.sauce().volumeMl20c()));
        List<List<String>> rows = new ArrayList<>();
        String[] names = {
            Words.text("thicken-tool.half-of-it"),
            Words.text("thicken-tool.a-quarter"),
            Words.text("thicken-tool.the-rest")
        };
        for (int i = 0; i < answer.portions().size(); i++) {
            Thickening.Portion p = answer.portions().get(i);
            rows.add(List.of(
                    names[i],
                    Words.text("thicken-tool.g-with-g", Ask.grams(p.starchG()), Ask.grams(p.coldLiquidG())),
                    Ask.stepWords(p.stepHot()),
                    Ask.stepWords(p.stepServed())));
        }
        reply.table(
                Words.text("thicken-tool.look-after-each-portion-before-the"),
                List.of(
                        Words.text("bench.portion"),
                        Words.text("bench.starch"),
                        Words.text("thicken-tool.in-the-pot-then"),
                        Words.text("thicken-tool.when-served")),
                rows);
        handling(reply, kind);
        return reply.done();
    }

    /** What to know of a starch. */
    static void handling(Reply.Builder reply, StarchKind kind) {
        StarchHandling h = kind.handling();
        reply.fact(
                        Words.text("thicken-tool.it-shows-after"),
                        Words.text(
                                "thicken-tool.min-at-a-bubble",
                                Numbers.plain(h.setMinutes(), 1),
                                Words.say(kind, "look")))
                .fact(Words.text("thicken-tool.boiling"), Words.say(kind, "boiling"))
                .fact(Words.text("thicken-tool.acid"), Words.say(kind, "acid"))
                .fact(Words.text("thicken-tool.sugar"), Words.text("Starch.sugar"))
                .fact(Words.text("thicken-tool.freezer"), Words.say(kind, "freezing"))
                .fact(Words.text("thicken-tool.standing"), Words.say(kind, "standing"));
    }
}
