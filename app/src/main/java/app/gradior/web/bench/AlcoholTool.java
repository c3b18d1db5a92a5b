package app.gradior.web.bench;

import app.gradior.care.Cautions;
import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.mixture.SpecificVolume;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.simmer.SimmerRun;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Alcohol left. */
@Component
@Order(5)
class AlcoholTool implements Tool {
    private static final int ROWS = 6;

    private final WhatIHave have;
    private final KitchenKit kit;

    AlcoholTool(WhatIHave have, KitchenKit kit) {
        this.have = have;
        this.kit = kit;
    }

    @Override
    public String key() {
        return "alcohol";
    }

    @Override
    public String title() {
        return Words.text("alcohol-tool.alcohol-left");
    }

    @Override
    public String lead() {
        return Words.text("alcohol-tool.what-is-left-follows-from-how");
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(
                Field.number("minutes", Words.text("alcohol-tool.on-the-heat-for-min"), asked.text("minutes", "20")),
                Ask.pot(asked, kitchen, kit),
                Ask.look(asked),
                Ask.lid(asked),
                Field.number("portions", Words.text("alcohol-tool.shared-by"), asked.text("portions", "6")));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        WhatIHave.Have what = have.have(asked, kitchen);
        Mixture start = what.mixture();
        if (!(start.ethanolG() > 0.01)) {
            throw Refusal.unfit("lines", Told.of("alcohol-tool.there-is-no-alcohol-in-this"));
        }
        double minutes = asked.number("minutes", "alcohol-tool.minutes", 20, 0, 24 * 60, " min");
        double portions = asked.number("portions", "alcohol-tool.shared-by", 6, 1, 1000, "");
        double hotMl = start.volumeMl20c() * SpecificVolume.expansion(100);
        KitchenKit.KitPot pot = Ask.kitPot(asked, kitchen, kit, hotMl);
        SimmerRun run = new SimmerRun(
                start,
                PotOnHeat.unknownPair(pot.shape(), kitchen.altitudeM()),
                new Heat(Ask.lookOf(asked), Ask.lidOf(asked)),
                1,
                20);
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i <= ROWS; i++) {
            if (i > 0) {
                run.advance(60 * minutes / ROWS);
            }
            rows.add(row(run, start));
        }
        Mixture end = run.mixture();
        Figures figures = new Figures(kitchen);
        double left = 100 * end.ethanolG() / start.ethanolG();
        return new Reply.Builder(Words.text(
                        "alcohol-tool.about-of-the-alcohol-is-left",
                        Numbers.plain(left, 0),
                        figures.minutes(minutes),
                        pot.name()))
                .big(Words.text("alcohol-tool.left"), Numbers.plain(end.ethanolG(), 1), "g")
                .big(Words.text("alcohol-tool.in-one-share"), Numbers.plain(end.ethanolG() / portions, 1), "g")
                .big(Words.text("alcohol-tool.by-weight"), Numbers.plain(100 * end.ethanolG() / end.massG(), 2), "%")
                .fact(Words.text("alcohol-tool.went-in"), Numbers.plain(start.ethanolG(), 1) + " g")
                .fact(Words.text("alcohol-tool.would-be-left-with-half-boiled"), halfGone(start))
                .table(
                        Words.text("alcohol-tool.as-it-boils"),
                        List.of(
                                Words.text("bench.minute"),
                                Words.text("bench.alcohol"),
                                Words.text("alcohol-tool.share-left"),
                                Words.text("alcohol-tool.of-the-sauce-left")),
                        rows)
                .cautions(Cautions.of(what.ingredients(), pot.shape(), pot.material(), hotMl))
                .done();
    }

    private static String halfGone(Mixture start) {
        return app.gradior.simmer.BoiledDown.by(start, start.massG() / 2)
                .map(m -> Numbers.plain(100 * m.ethanolG() / start.ethanolG(), 1) + " %")
                .orElse(Words.text("alcohol-tool.there-is-not-that-much-water"));
    }

    private static List<String> row(SimmerRun run, Mixture start) {
        Mixture m = run.mixture();
        return List.of(
                Numbers.plain(run.minute(), 0),
                Numbers.plain(m.ethanolG(), 1) + " g",
                Numbers.plain(100 * m.ethanolG() / start.ethanolG(), 0) + " %",
                Numbers.plain(100 * m.massG() / start.massG(), 0) + " %");
    }
}
