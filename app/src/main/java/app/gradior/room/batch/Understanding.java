package app.gradior.room.batch;

import app.gradior.batch.EventBody;
import app.gradior.batch.EventCases;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Understood;
import app.gradior.finding.Refusal;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Understands what is recorded, once: by the kitchen's foods, names and measures of that moment. */
@Component
class Understanding {
    private final Lines lines;

    Understanding(Lines lines) {
        this.lines = lines;
    }

    /** What is asked: of which kitchen, and how to find the line that a correction is of. */
    private record Knowing(Lines lines, Kitchen kitchen, Function<EventBody.Corrected, Understood> before) {
        Understood line(String field, IngredientInput input) {
            return Understood.of(lines.read(kitchen, input, field));
        }

        List<Understood> foods(String field, IngredientInput input) {
            return lines.understood(kitchen, input, field).stream()
                    .map(Understood::of)
                    .toList();
        }
    }

    private static final EventCases<Knowing, List<Understood>> CASES = EventCases.<Knowing, List<Understood>>otherwise(
                    (event, asked) -> List.of())
            .on(EventBody.Added.class, Understanding::added)
            .on(EventBody.Slurry.class, Understanding::slurry)
            .on(EventBody.Corrected.class, Understanding::corrected);

    /**
     * What an event put into the pot, line by line; empty for one that put nothing in.
     *
     * @param before finds the line that a correction is of
     * @throws Refusal naming the field that is not understood
     */
    List<Understood> of(Kitchen kitchen, Function<EventBody.Corrected, Understood> before, EventBody body) {
        return CASES.of(body, new Knowing(lines, kitchen, before));
    }

    private static List<Understood> added(EventBody.Added added, Knowing asked) {
        List<Understood> understood = new ArrayList<>();
        List<IngredientInput> inputs = added.ingredients();
        for (int i = 0; i < inputs.size(); i++) {
            understood.addAll(asked.foods("ingredients[" + i + "]", inputs.get(i)));
        }
        return understood;
    }

    private static List<Understood> slurry(EventBody.Slurry slurry, Knowing asked) {
        String powder =
                asked.lines().catalogue(asked.kitchen()).powder(slurry.starch()).id();
        return List.of(
                asked.line("starch", new IngredientInput(null, powder, slurry.starchG())),
                asked.line("liquid", new IngredientInput(null, "water", slurry.liquidG())));
    }

    private static List<Understood> corrected(EventBody.Corrected corrected, Knowing asked) {
        Understood recorded = asked.before().apply(corrected);
        String food = corrected.food();
        return List.of(new Understood(
                recorded.text(),
                food == null ? recorded.food() : asked.lines().food(asked.kitchen(), food, "food"),
                corrected.massG(),
                Understood.WEIGHED_LOG_SD));
    }
}
