package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Words;
import java.util.ArrayList;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Convert a measure of a food. */
@Component
@Order(10)
class ConvertTool implements Tool {
    private static final double G_PER_OZ = 28.3495;

    private final Lines lines;

    ConvertTool(Lines lines) {
        this.lines = lines;
    }

    @Override
    public String key() {
        return "convert";
    }

    @Override
    public String title() {
        return "Convert a measure";
    }

    @Override
    public String lead() {
        return "What a measure of a food weighs, and the same in other measures.";
    }

    @Override
    public boolean asksWhatIHave() {
        return false;
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(Field.text(
                "line", "As you would write it", asked.text("line", "1½ cups packed brown sugar"), "amount and food"));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        LineReading reading = lines.read(kitchen, asked.text("line", "1½ cups packed brown sugar"));
        Food food =
                reading.food().orElseThrow(() -> Refusal.unfit("line", "No food found: write an amount and a food."));
        if (!(reading.massG() > 0)) {
            throw Refusal.unfit("line", "No amount found: write it as “2 tbsp honey”.");
        }
        double grams = reading.massG();
        double ml = grams / food.densityGPerMl();
        Reply.Builder reply = new Reply.Builder("That is about " + Ask.grams(grams) + " g of " + food.name() + ".")
                .big("Grams", Ask.grams(grams), "g")
                .big("Ounces", Numbers.cooks(grams / G_PER_OZ), "oz")
                .big("Millilitres", Numbers.plain(ml, ml < 20 ? 1 : 0), "mL")
                .fact("Likely between", Ask.grams(reading.lowG()) + " and " + Ask.grams(reading.highG()) + " g");
        reading.remark().ifPresent(remark -> reply.fact("Note", Words.say(remark)));
        List<List<String>> rows = new ArrayList<>();
        for (MeasureSystem system : MeasureSystem.values()) {
            rows.add(List.of(
                    Words.say(system),
                    Numbers.cooks(ml / system.cupMl()),
                    Numbers.cooks(ml / system.tablespoonMl()),
                    Numbers.cooks(ml / system.teaspoonMl()),
                    Numbers.cooks(ml / system.fluidOunceMl())));
        }
        reply.table("By volume", List.of("kitchen", "cups", "tablespoons", "teaspoons", "fl oz"), rows);
        food.measures().entrySet().stream()
                .sorted(java.util.Map.Entry.comparingByKey())
                .filter(e -> e.getKey().startsWith("piece") || e.getKey().length() > 4)
                .limit(5)
                .forEach(e -> reply.fact(
                        "In " + e.getKey().replace('-', ' ') + "s",
                        Numbers.cooks(grams / e.getValue().massG())));
        return reply.done();
    }
}
