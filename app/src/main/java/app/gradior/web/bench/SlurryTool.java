package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.larder.StarchKind;
import app.gradior.mixture.Mixture;
import app.gradior.plan.Thickening;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Words;
import app.gradior.texture.Consistency;
import java.util.ArrayList;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Slurry by portions: what so much starch does, a part at a time. */
@Component
@Order(6)
class SlurryTool implements Tool {
    private final WhatIHave have;

    SlurryTool(WhatIHave have) {
        this.have = have;
    }

    @Override
    public String key() {
        return "slurry";
    }

    @Override
    public String title() {
        return Words.text("slurry-tool.slurry-by-portions");
    }

    @Override
    public String lead() {
        return Words.text("slurry-tool.you-have-mixed-a-slurry-what");
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(
                Ask.starch(asked),
                Field.number("grams", Words.text("slurry-tool.starch-mixed-g"), asked.text("grams", "20")),
                Field.number(
                        "ratio", Words.text("slurry-tool.cold-liquid-to-starch-by-weight"), asked.text("ratio", "1.5")),
                Field.number("parts", Words.text("slurry-tool.in-how-many-parts"), asked.text("parts", "4")),
                Ask.served(asked, kitchen));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        Mixture sauce = have.have(asked, kitchen).mixture().cooked();
        StarchKind kind = Ask.starchKind(asked);
        double grams = asked.number("grams", "slurry-tool.starch-mixed", 20, 0.5, 2000, " g");
        double ratio = asked.number("ratio", "slurry-tool.cold-liquid-to-starch", 1.5, 1, 2, "");
        int parts = (int) asked.number("parts", "slurry-tool.parts", 4, 1, 12, "");
        double servedC = Ask.servedC(asked, kitchen);
        double hotC = Refusal.checked("lines", () -> Ask.boilingC(sauce, kitchen));
        double before = Refusal.checked("lines", () -> Consistency.step(sauce, 1, servedC));
        Thickening thickening =
                new Thickening(sauce, new Thickening.Mix(kind, Thickening.Form.SLURRY, ratio), hotC, servedC, 1);
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                Words.text("bench.before"),
                "—",
                Ask.stepWords(Consistency.step(sauce, 1, hotC)),
                Ask.stepWords(before)));
        double after = before;
        for (int i = 1; i <= parts; i++) {
            Mixture now = thickening.with(grams * i / parts);
            after = Consistency.step(now, 1, servedC);
            rows.add(List.of(
                    Words.text("slurry-tool.part", i),
                    Words.text("slurry-tool.g-in-all", Ask.grams(grams * i / parts)),
                    Ask.stepWords(Consistency.step(now, 1, hotC)),
                    Ask.stepWords(after)));
        }
        Reply.Builder reply = new Reply.Builder(Words.text(
                        "slurry-tool.all-of-it-takes-the-sauce", Ask.stepWords(before), Ask.stepWords(after)))
                .table(
                        Words.text("slurry-tool.part-by-part"),
                        List.of(
                                Words.text("bench.after"),
                                Words.text("bench.starch"),
                                Words.text("slurry-tool.in-the-pot"),
                                Words.text("slurry-tool.when-served")),
                        rows);
        ThickenTool.handling(reply, kind);
        return reply.done();
    }
}
