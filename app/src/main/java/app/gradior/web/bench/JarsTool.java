package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.vessel.Jar;
import app.gradior.vessel.JarFilling;
import app.gradior.web.frame.Figures;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** How many jars. */
@Component
@Order(8)
class JarsTool implements Tool {
    private final KitchenKit kit;

    JarsTool(KitchenKit kit) {
        this.kit = kit;
    }

    @Override
    public String key() {
        return "jars";
    }

    @Override
    public String title() {
        return Words.text("jars-tool.which-jars");
    }

    @Override
    public String lead() {
        return Words.text("jars-tool.the-jars-of-your-kit-that");
    }

    @Override
    public boolean asksWhatIHave() {
        return false;
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(Field.number("hotMl", Words.text("jars-tool.hot-in-the-pot-ml"), asked.text("hotMl", "1200")));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        double hotMl = asked.number("hotMl", "jars-tool.what-is-in-the-pot", 1200, 1, JarFilling.MOST_ML, " mL");
        List<Jar> jars = KitchenKit.jars(kit.jars(kitchen.id()));
        if (jars.isEmpty()) {
            throw Refusal.unfit("hotMl", Told.of("jars-tool.there-are-no-jars-in-your"));
        }
        JarFilling.Answer answer = Refusal.checked("hotMl", () -> JarFilling.of(hotMl, jars));
        Map<String, Integer> full = new LinkedHashMap<>();
        List<JarFilling.Fill> part = new ArrayList<>();
        for (JarFilling.Fill fill : answer.fills()) {
            if (fill.share() > 0.995) {
                full.merge(fill.jar().name(), 1, Integer::sum);
            } else {
                part.add(fill);
            }
        }
        List<String> words = new ArrayList<>();
        full.forEach((name, count) -> words.add(count + " × " + name));
        part.forEach(fill ->
                words.add(Words.text("jars-tool.one-full", fill.jar().name(), Numbers.plain(100 * fill.share(), 0))));
        Figures figures = new Figures(kitchen);
        Reply.Builder reply = new Reply.Builder(
                        words.isEmpty()
                                ? Words.text("jars-tool.no-jar-is-left-for-it")
                                : Words.text("jars-tool.fill", String.join(", ", words)))
                .big(Words.text("jars-tool.jars"), String.valueOf(answer.fills().size()), "")
                .big(
                        Words.text("jars-tool.left-over"),
                        answer.leftoverMl() < 1
                                ? Words.text("jars-tool.none")
                                : figures.volumeFigure(answer.leftoverMl()),
                        answer.leftoverMl() < 1 ? "" : figures.volumeUnit(answer.leftoverMl()));
        reply.table(
                Words.text("jars-tool.each-jar"),
                List.of(
                        Words.text("bench.jar"),
                        Words.text("jars-tool.holds-to-its-fill-line"),
                        Words.text("bench.gets")),
                answer.fills().stream()
                        .map(fill -> List.of(
                                fill.jar().name(), figures.volume(fill.jar().fillMl()), figures.volume(fill.fillMl())))
                        .toList());
        return reply.fact(Words.text("jars-tool.filled-hot"), Words.text("jars-tool.it-shrinks-by-about-as-it"))
                .fact(Words.text("jars-tool.keeping"), Words.text("jars-tool.fridge-or-freezer-gradior-never-calls"))
                .done();
    }
}
