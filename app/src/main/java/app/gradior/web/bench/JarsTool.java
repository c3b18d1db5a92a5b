package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.measure.Numbers;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
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
        return "Which jars";
    }

    @Override
    public String lead() {
        return "The jars of your kit that hold it with the least room to spare, and the one that is not quite full.";
    }

    @Override
    public boolean asksWhatIHave() {
        return false;
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(Field.number("hotMl", "Hot in the pot, mL", asked.text("hotMl", "1200")));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        double hotMl = asked.number("hotMl", "What is in the pot", 1200, 1, JarFilling.MOST_ML, " mL");
        List<Jar> jars = KitchenKit.jars(kit.jars(kitchen.id()));
        if (jars.isEmpty()) {
            throw Refusal.unfit("hotMl", "There are no jars in your kit yet: add them on the Kit page.");
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
        part.forEach(
                fill -> words.add("one " + fill.jar().name() + " " + Numbers.plain(100 * fill.share(), 0) + " % full"));
        Figures figures = new Figures(kitchen);
        Reply.Builder reply = new Reply.Builder(
                        words.isEmpty() ? "No jar is left for it." : "Fill " + String.join(", ", words) + ".")
                .big("Jars", String.valueOf(answer.fills().size()), "")
                .big(
                        "Left over",
                        answer.leftoverMl() < 1 ? "none" : figures.volumeFigure(answer.leftoverMl()),
                        answer.leftoverMl() < 1 ? "" : figures.volumeUnit(answer.leftoverMl()));
        reply.table(
                "Each jar",
                List.of("jar", "holds to its fill line", "gets"),
                answer.fills().stream()
                        .map(fill -> List.of(
                                fill.jar().name(), figures.volume(fill.jar().fillMl()), figures.volume(fill.fillMl())))
                        .toList());
        return reply.fact("Filled hot", "it shrinks by about 4 % as it cools")
                .fact("Keeping", "fridge or freezer; Gradior never calls a jar shelf-stable")
                .done();
    }
}
