package app.gradior.kitchen;

import app.gradior.measure.LineReading;
import app.gradior.measure.Numbers;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * An ingredient as programs name it: a line, or a food and its mass.
 *
 * @param line as on a recipe; then food and massG must be absent
 * @param food catalogue id; then massG is needed
 * @param massG grams, 0 to 100000
 */
public record IngredientInput(
        @Nullable String line,
        @Nullable String food,
        @Nullable Double massG) {
    private static final double MOST_G = 100_000;

    /** Reads it in a kitchen's measures; the field is its path in the request. */
    public LineReading read(Lines lines, Kitchen kitchen, String field) {
        if (line != null) {
            if (food != null || massG != null) {
                throw Refusal.unfit(field, "give either a line, or a food and its massG, not both");
            }
            if (line.length() > 300) {
                throw Refusal.unfit(field + ".line", "a line has at most 300 characters");
            }
            LineReading reading = lines.read(kitchen, line);
            if (!reading.usable()) {
                throw Refusal.unfit(field + ".line", "no food found in '" + line + "': name a food of /api/v1/foods");
            }
            return reading;
        }
        if (food == null || massG == null) {
            throw Refusal.unfit(field, "give either a line, or a food and its massG");
        }
        double grams = Refusal.inRange(field + ".massG", massG, 0, MOST_G, " g");
        return new LineReading(
                Numbers.plain(grams, 1) + " g " + food,
                Optional.of(lines.food(kitchen, food, field + ".food")),
                grams,
                0,
                LineReading.Sureness.SURE,
                Numbers.plain(grams, 1) + " g",
                List.of(),
                "");
    }
}
