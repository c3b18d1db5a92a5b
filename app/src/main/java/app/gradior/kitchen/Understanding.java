package app.gradior.kitchen;

import app.gradior.batch.EventBody;
import app.gradior.batch.IngredientInput;
import app.gradior.batch.Understood;
import app.gradior.finding.Refusal;
import app.gradior.larder.StarchKind;
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

    /**
     * What an event put into the pot, line by line; empty for one that put nothing in.
     *
     * @param before finds the line that a correction is of
     * @throws Refusal naming the field that is not understood
     */
    List<Understood> of(Kitchen kitchen, Function<EventBody.Corrected, Understood> before, EventBody body) {
        if (body instanceof EventBody.Added added) {
            List<Understood> understood = new ArrayList<>();
            for (int i = 0; i < added.ingredients().size(); i++) {
                understood.add(
                        Understood.of(lines.read(kitchen, added.ingredients().get(i), "ingredients[" + i + "]")));
            }
            return understood;
        }
        if (body instanceof EventBody.Slurry slurry) {
            String powder = lines.catalogue(kitchen)
                    .powder(StarchKind.ofKey(slurry.starch()))
                    .id();
            return List.of(
                    Understood.of(lines.read(kitchen, new IngredientInput(null, powder, slurry.starchG()), "starch")),
                    Understood.of(lines.read(kitchen, new IngredientInput(null, "water", slurry.liquidG()), "liquid")));
        }
        if (body instanceof EventBody.Corrected corrected) {
            Understood recorded = before.apply(corrected);
            String food = corrected.food();
            return List.of(new Understood(
                    recorded.text(),
                    food == null ? recorded.food() : lines.food(kitchen, food, "food"),
                    corrected.massG(),
                    Understood.WEIGHED_LOG_SD));
        }
        return List.of();
    }
}
