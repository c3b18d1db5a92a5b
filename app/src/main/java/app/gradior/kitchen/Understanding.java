package app.gradior.kitchen;

import app.gradior.batch.Understood;
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

    /** How many lines an event says of that they went in; 0 when there is nothing to understand. */
    static int lines(EventBody body) {
        if (body instanceof EventBody.Added added) {
            return added.ingredients().size();
        }
        return body instanceof EventBody.Slurry ? 2 : body instanceof EventBody.Corrected ? 1 : 0;
    }

    /** Whether an event says of something that it went in, so that it has to be understood. */
    static boolean needed(EventBody body) {
        return lines(body) > 0;
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
                        Understood.of(added.ingredients().get(i).read(lines, kitchen, "ingredients[" + i + "]")));
            }
            return understood;
        }
        if (body instanceof EventBody.Slurry slurry) {
            String powder = lines.catalogue(kitchen)
                    .powder(StarchKind.ofKey(slurry.starch()))
                    .id();
            return List.of(
                    Understood.of(new IngredientInput(null, powder, slurry.starchG()).read(lines, kitchen, "starch")),
                    Understood.of(new IngredientInput(null, "water", slurry.liquidG()).read(lines, kitchen, "liquid")));
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
