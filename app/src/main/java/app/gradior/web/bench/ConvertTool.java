package app.gradior.web.bench;

import app.gradior.finding.Refusal;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
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
        return Words.text("convert-tool.convert-a-measure");
    }

    @Override
    public String lead() {
        return Words.text("convert-tool.what-a-measure-of-a-food");
    }

    @Override
    public boolean asksWhatIHave() {
        return false;
    }

    @Override
    public List<Field> fields(BenchForm asked, Kitchen kitchen) {
        return List.of(Field.text(
                "line",
                Words.text("convert-tool.as-you-would-write-it"),
                asked.text("line", Words.text("convert-tool.cups-packed-brown-sugar")),
                Words.text("convert-tool.amount-and-food")));
    }

    @Override
    public Reply answer(BenchForm asked, Kitchen kitchen) {
        LineReading reading =
                lines.read(kitchen, asked.text("line", Words.text("convert-tool.cups-packed-brown-sugar")));
        Food food = reading.food()
                .orElseThrow(() -> Refusal.unfit("line", Told.of("convert-tool.no-food-found-write-an-amount")));
        if (!(reading.massG() > 0)) {
            throw Refusal.unfit("line", Told.of("convert-tool.no-amount-found-write-it-as"));
        }
        double grams = reading.massG();
        double ml = grams / food.densityGPerMl();
        Reply.Builder reply = new Reply.Builder(Words.text("convert-tool.that-is-about-g-of", Ask.grams(grams), food))
                .big(Words.text("convert-tool.grams"), Ask.grams(grams), "g")
                .big(Words.text("convert-tool.ounces"), Numbers.cooks(grams / G_PER_OZ), "oz")
                .big(Words.text("convert-tool.millilitres"), Numbers.plain(ml, ml < 20 ? 1 : 0), "mL")
                .fact(
                        Words.text("convert-tool.likely-between"),
                        Words.text("convert-tool.and-g", Ask.grams(reading.lowG()), Ask.grams(reading.highG())));
        reading.remark().ifPresent(remark -> reply.fact(Words.text("convert-tool.note"), Words.say(remark)));
        List<List<String>> rows = new ArrayList<>();
        for (MeasureSystem system : MeasureSystem.values()) {
            rows.add(List.of(
                    Words.say(system),
                    Numbers.cooks(ml / system.cupMl()),
                    Numbers.cooks(ml / system.tablespoonMl()),
                    Numbers.cooks(ml / system.teaspoonMl()),
                    Numbers.cooks(ml / system.fluidOunceMl())));
        }
        reply.table(
                Words.text("convert-tool.by-volume"),
                List.of(
                        Words.text("bench.kitchen"),
                        Words.text("bench.cups"),
                        Words.text("bench.tablespoons"),
                        Words.text("bench.teaspoons"),
                        "fl oz"),
                rows);
        food.measures().entrySet().stream()
                .sorted(java.util.Map.Entry.comparingByKey())
                .filter(e -> e.getKey().startsWith("piece") || e.getKey().length() > 4)
                .limit(5)
                .forEach(e -> reply.fact(
                        Words.text("convert-tool.in-s", e.getKey().replace('-', ' ')),
                        Numbers.cooks(grams / e.getValue().massG())));
        return reply.done();
    }
}
