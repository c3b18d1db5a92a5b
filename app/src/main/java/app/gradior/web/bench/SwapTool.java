package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.Numbers;
import app.gradior.plan.Keeps;
import app.gradior.plan.Substitution;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Words;
import app.gradior.web.frame.Figures;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Swap one thing for another. */
@Component
@Order(9)
class SwapTool implements Tool {
    private final Lines lines;

    SwapTool(Lines lines) {
        this.lines = lines;
    }

    @Override
    public String key() {
        return "swap";
    }

    @Override
    public String title() {
        return Words.text("swap-tool.swap-one-thing-for-another");
    }

    @Override
    public String lead() {
        return Words.text("swap-tool.how-much-of-what-you-have");
    }

    @Override
    public boolean asksWhatIHave() {
        return false;
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(
                Field.food(
                        "from",
                        Words.text("swap-tool.instead-of"),
                        asked.text("from", Words.text("swap-tool.cider-vinegar"))),
                Field.number("grams", Words.text("swap-tool.so-many-g"), asked.text("grams", "100")),
                Field.food("to", Words.text("bench.i-have"), asked.text("to", Words.text("swap-tool.lemon-juice"))),
                Field.choice(
                        "keeps",
                        Words.text("swap-tool.keep-its"),
                        asked.text("keeps", ""),
                        Stream.concat(
                                        Stream.of(new Field.Choice("", Words.text("swap-tool.main-job"))),
                                        Arrays.stream(Keeps.values())
                                                .map(k -> new Field.Choice(k.name(), Words.say(k))))
                                .toList()));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        Catalogue catalogue = lines.catalogue(kitchen);
        Food from = Foods.named(catalogue, asked.text("from", Words.text("swap-tool.cider-vinegar")), "from");
        Food to = Foods.named(catalogue, asked.text("to", Words.text("swap-tool.lemon-juice")), "to");
        double grams = asked.number("grams", "swap-tool.the-amount", 100, 0.1, 20_000, " g");
        String wanted = asked.text("keeps", "");
        Optional<Keeps> keeps = wanted.isEmpty()
                ? Optional.empty()
                : Optional.of(Refusal.checked("keeps", () -> Keeps.valueOf(wanted)));
        Substitution.Answer answer = Refusal.checked(
                "to",
                () -> Substitution.of(
                        Substitution.alone(from, keeps),
                        List.of(new Substitution.Part(from, grams)),
                        to,
                        keeps,
                        Ask.USUAL_SERVED_C));
        return reply(from, grams, to, answer, new Figures(kitchen)).done();
    }

    /** The answer in words; also used beside a sauce's line. */
    static Reply.Builder reply(Food from, double grams, Food to, Substitution.Answer answer, Figures figures) {
        Reply.Builder reply = new Reply.Builder(Words.text(
                        "swap-tool.take-g-of-for-the-g",
                        Ask.grams(answer.massG()),
                        to,
                        Ask.grams(grams),
                        from,
                        Words.say(answer.keeps())))
                .big(Words.text("bench.take"), Ask.grams(answer.massG()), "g")
                .big(
                        Words.text("swap-tool.about"),
                        figures.volumeFigure(answer.massG() / to.densityGPerMl()),
                        figures.volumeUnit(answer.massG() / to.densityGPerMl()));
        answer.parts().stream()
                .skip(1)
                .forEach(part -> reply.fact(
                        Words.text("swap-tool.and"), Ask.grams(part.massG()) + " g " + Words.say(part.food())));
        for (Substitution.Difference d : answer.differences()) {
            boolean heat = d.what() == Substitution.Changed.HEAT;
            reply.fact(
                    Words.text("swap-tool." + d.what().name().toLowerCase(Locale.ROOT)),
                    Numbers.plain(Math.abs(d.change()), heat ? 0 : 1)
                            + (heat ? " " : " g ")
                            + Words.text(d.change() > 0 ? "swap-tool.more" : "swap-tool.less"));
        }
        if (!to.allergens().equals(from.allergens())) {
            reply.fact(
                    Words.text("swap-tool.allergens-of", to),
                    to.allergens().isEmpty()
                            ? Words.text("swap-tool.none-known")
                            : String.join(
                                    ", ",
                                    to.allergens().stream()
                                            .map(a -> Words.say(a))
                                            .sorted()
                                            .toList()));
        }
        return reply;
    }
}
