package app.gradior.web.bench;

import app.gradior.care.StageCautions;
import app.gradior.estimate.Band;
import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Words;
import app.gradior.texture.AsMet;
import app.gradior.texture.Cold;
import app.gradior.texture.Consistency;
import app.gradior.texture.Doubt;
import app.gradior.texture.RingTest;
import app.gradior.texture.Stair;
import app.gradior.web.draw.StairDrawing;
import app.gradior.web.frame.ColdWords;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** How thick will it be cold. */
@Component
@Order(4)
class ColdTool implements Tool {
    private static final double FRIDGE_C = 5;
    private static final double ROOM_C = 20;
    private static final double A_NIGHT_H = 12;
    private static final double HIGHEST_STEP = 9.5;

    private final WhatIHave have;

    ColdTool(WhatIHave have) {
        this.have = have;
    }

    @Override
    public String key() {
        return "cold";
    }

    @Override
    public String title() {
        return Words.text("cold-tool.how-thick-will-it-be-cold");
    }

    @Override
    public String lead() {
        return Words.text("cold-tool.what-is-in-the-pot-now");
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(Ask.served(asked, kitchen));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        Mixture sauce = have.have(asked, kitchen).mixture().cooked();
        Figures figures = new Figures(kitchen);
        double servedC = Ask.servedC(asked, kitchen);
        double hotC = Refusal.checked("lines", () -> Ask.boilingC(sauce, kitchen));
        double hot = Refusal.checked(
                "lines",
                () -> Stair.step(Consistency.flowAsked(sauce, 1, hotC, 0).viscosityPaS()));
        double served = Consistency.step(sauce, 1, servedC);
        List<AsMet> met = AsMet.all(sauce, 1, hotC, servedC);
        List<List<String>> rows = new ArrayList<>();
        for (AsMet time : met) {
            rows.add(List.of(
                    Words.say(time.when(), "at") + " " + figures.temp(time.tempC()),
                    Ask.stepWords(time.step()),
                    Words.say(time.flow().structure()),
                    Words.say(Stair.Tread.of(time.step()), "spoon")));
        }
        Doubt doubt = Consistency.doubtNow(sauce, FRIDGE_C, A_NIGHT_H);
        double fridge = Consistency.step(sauce, 1, FRIDGE_C);
        Reply.Builder reply = new Reply.Builder(
                        fridge > HIGHEST_STEP
                                ? Words.text("cold-tool.from-the-pot-to-the-fridge")
                                : Words.text("cold-tool.from-the-pot-to-the-fridge-2", Numbers.fixed(fridge - hot, 1)))
                .big(Words.text("cold-tool.in-the-pot"), figures.step(hot), Words.say(Stair.Tread.of(hot)))
                .big(Words.text("cold-tool.served"), figures.step(served), Words.say(Stair.Tread.of(served)))
                .big(Words.text("cold-tool.in-the-fridge"), figures.step(fridge), Words.say(Stair.Tread.of(fridge)))
                .table(
                        Words.text("cold-tool.as-it-cools"),
                        List.of(
                                Words.text("cold-tool.at"),
                                Words.text("cold-tool.step"),
                                Words.text("cold-tool.what-it-is"),
                                Words.text("cold-tool.back-of-a-spoon")),
                        rows)
                .fact(Words.text("cold-tool.doubt"), Words.say(doubt.cause(), "doubt"))
                .fact(
                        Words.text("cold-tool.ring-after-a-minute"),
                        Numbers.plain(RingTest.radiusMm(sauce, ROOM_C), 0) + " mm")
                .drawing(StairDrawing.draw(
                        hot,
                        new Band(served, served, served),
                        served,
                        Words.text("cold-tool.in-the-pot-2", figures.temp(hotC)),
                        Words.text("cold-tool.served-2", figures.temp(servedC)),
                        Optional.of(StairDrawing.Night.of(met.get(met.size() - 1)))));
        Cold.change(sauce, 1, servedC)
                .ifPresent(change -> reply.fact(Words.text("cold-tool.what-would-change-it"), ColdWords.of(change)));
        StageCautions.frozen(sauce).ifPresent(caution -> reply.cautions(List.of(caution)));
        return reply.done();
    }
}
