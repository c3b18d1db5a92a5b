package app.gradior.kitchen;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads ingredient lines in a kitchen's measures, with the cook's corrections. */
@Component
public class Lines {
    private static final double MOST_G = 100_000;

    private final Catalogue catalogue = Catalogue.standard();
    private final Map<MeasureSystem, LineReader> readers = new EnumMap<>(MeasureSystem.class);

    Lines() {
        for (MeasureSystem system : MeasureSystem.values()) {
            readers.put(system, new LineReader(catalogue, system));
        }
    }

    /**
     * A line as typed, with what the cook corrected.
     *
     * @param foodId the food it is, if the cook said so
     * @param massG what it weighs, if the cook said so
     */
    public record Typed(
            String text, @Nullable String foodId, @Nullable Double massG) {
        public static Typed of(String text) {
            return new Typed(text, null, null);
        }

        public boolean corrected() {
            return foodId != null || massG != null;
        }
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    public LineReading read(MeasureSystem system, String text) {
        LineReader reader = readers.get(system);
        if (reader == null) {
            throw new IllegalStateException("no reader for " + system);
        }
        return reader.read(text);
    }

    /** What a line means, corrections first. */
    public LineReading read(MeasureSystem system, Typed typed) {
        LineReading reading = read(system, typed.text());
        String foodId = typed.foodId();
        Double massG = typed.massG();
        if (foodId == null && massG == null) {
            return reading;
        }
        if (massG != null) {
            Refusal.inRange("massG", massG, 0, MOST_G, " g");
        }
        Food food = foodId != null ? food(foodId, "food") : reading.food().orElse(null);
        return food == null
                ? reading
                : LineReading.corrected(typed.text(), food, massG != null ? massG : reading.massG());
    }

    /** The food of that id, or a refusal of that field. */
    public Food food(String id, String field) {
        return catalogue
                .food(id)
                .orElseThrow(
                        () -> Refusal.unfit(field, "food '" + id + "' is not known: ask /api/v1/foods?q= for names"));
    }
}
