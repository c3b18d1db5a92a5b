package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.larder.Food;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Thinning;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Words;
import app.gradior.texture.Consistency;
import app.gradior.web.frame.Figures;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Thin what I have. */
@Component
@Order(2)
class ThinTool implements Tool {
    private final WhatIHave have;
    private final Lines lines;

    ThinTool(WhatIHave have, Lines lines) {
        this.have = have;
        this.lines = lines;
    }

    @Override
    public String key() {
        return "thin";
    }

    @Override
    public String title() {
        return Words.text("thin-tool.thin-it");
    }

    @Override
    public String lead() {
        return Words.text("thin-tool.how-much-water-stock-wine-or");
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(
                Ask.step(asked, "3"),
                Ask.served(asked, kitchen),
                Field.food("with", Words.text("thin-tool.with"), asked.text("with", "water")));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        Mixture sauce = have.have(asked, kitchen).mixture();
        Food with = Foods.named(lines.catalogue(kitchen), asked.text("with", "water"), "with");
        double servedC = Ask.servedC(asked, kitchen);
        double wanted = Ask.stepWanted(asked, 3);
        double now = Refusal.checked("lines", () -> Consistency.stepCooked(sauce, servedC));
        OptionalDouble add = Thinning.toStep(sauce, with, wanted, servedC, 1);
        if (add.isEmpty()) {
            throw Refusal.unfit(
                    now <= wanted ? "step" : "with",
                    now <= wanted
                            ? Words.text("thin-tool.it-is-at-step-already-no", Ask.stepWords(now))
                            : Words.text("thin-tool.no-amount-of-thins-it-so", with));
        }
        Mixture thinned = sauce.plus(Mixture.of(with, Math.min(1e6, add.getAsDouble())));
        Figures figures = new Figures(kitchen);
        return new Reply.Builder(Words.text(
                        "thin-tool.add-g-of-about",
                        Ask.grams(add.getAsDouble()),
                        with,
                        figures.volume(add.getAsDouble() / with.densityGPerMl())))
                .big(Words.text("thin-tool.add"), Ask.grams(add.getAsDouble()), "g")
                .big(
                        Words.text("thin-tool.will-give-cold"),
                        figures.volumeFigure(thinned.volumeMl20c()),
                        figures.volumeUnit(thinned.volumeMl20c()))
                .fact(Words.text("thin-tool.it-is-now"), Words.text("thin-tool.when-served", Ask.stepWords(now)))
                .fact(
                        Words.text("thin-tool.salt-then"),
                        Words.text("thin-tool.salt-from", thinned.saltPercent(), sauce.saltPercent()))
                .done();
    }
}
