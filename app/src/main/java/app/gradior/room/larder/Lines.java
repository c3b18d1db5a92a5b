package app.gradior.room.larder;

import app.gradior.batch.IngredientInput;
import app.gradior.finding.Refusal;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.LineRemark;
import app.gradior.measure.Numbers;
import app.gradior.method.MethodReader;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads ingredient lines in a kitchen's measures and with its own foods, names and measures, and the cook's corrections. */
@Component
public class Lines {
    private static final double MOST_G = 100_000;

    private final Larder larder;

    Lines(Larder larder) {
        this.larder = larder;
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

    /** The foods that this kitchen's lines may name. */
    public Catalogue catalogue(Kitchen kitchen) {
        return larder.of(kitchen).catalogue();
    }

    /** What this kitchen knows of foods and measures now: another object once its larder has changed. */
    public Object known(Kitchen kitchen) {
        return larder.of(kitchen).reader();
    }

    private LineReader reader(Kitchen kitchen) {
        return larder.of(kitchen).reader();
    }

    /** A reader of whole recipes that knows this kitchen's foods, names and measures. */
    public MethodReader methods(Kitchen kitchen) {
        return new MethodReader(system -> larder.of(kitchen.measuring(system)).reader());
    }

    public LineReading read(Kitchen kitchen, String text) {
        return reader(kitchen).read(text);
    }

    /** What a line means, corrections first. */
    public LineReading read(Kitchen kitchen, Typed typed) {
        LineReading reading = read(kitchen, typed.text());
        String foodId = typed.foodId();
        Double massG = typed.massG();
        if (foodId == null && massG == null) {
            return reading;
        }
        if (massG != null) {
            Refusal.inRange("massG", massG, 0, MOST_G, " g");
        }
        if (foodId != null && massG == null) {
            return reader(kitchen).readAs(typed.text(), food(kitchen, foodId, "food"));
        }
        Food food =
                foodId != null ? food(kitchen, foodId, "food") : reading.food().orElse(null);
        return food == null || massG == null ? reading : LineReading.corrected(typed.text(), food, massG);
    }

    /** Whether a line names a part of a recipe and nothing that goes in. */
    public boolean isHeading(Kitchen kitchen, Typed typed) {
        return read(kitchen, typed)
                .remark()
                .filter(LineRemark.Heading.class::isInstance)
                .isPresent();
    }

    /** The lines of one food each that a line stands for; itself, when it names one or was corrected. */
    public List<Typed> parts(Kitchen kitchen, Typed typed) {
        return typed.corrected()
                ? List.of(typed)
                : reader(kitchen).parts(typed.text()).stream().map(Typed::of).toList();
    }

    /**
     * Reads an ingredient as programs name it, food by food; the field is its path in the request.
     *
     * @throws Refusal when a line names no food
     */
    public List<LineReading> understood(Kitchen kitchen, IngredientInput input, String field) {
        List<LineReading> readings = readings(kitchen, input, field);
        readings.forEach(reading -> named(reading, input, field));
        return readings;
    }

    /** The same of a line that may name no food: then a reading without one. */
    public List<LineReading> readings(Kitchen kitchen, IngredientInput input, String field) {
        return line(input, field)
                .map(line -> reader(kitchen).parts(line).stream()
                        .map(part -> read(kitchen, part))
                        .toList())
                .orElseGet(() -> List.of(weighed(kitchen, input, field)));
    }

    /** Reads an ingredient that programs name as one line. */
    public LineReading read(Kitchen kitchen, IngredientInput input, String field) {
        return line(input, field)
                .map(line -> named(read(kitchen, line), input, field))
                .orElseGet(() -> weighed(kitchen, input, field));
    }

    private static LineReading named(LineReading reading, IngredientInput input, String field) {
        if (!reading.usable() && input.line() != null) {
            throw Refusal.unfit(field + ".line", noFood(input.line()));
        }
        return reading;
    }

    /** That no food was found in a line. */
    public static Told noFood(String line) {
        return Told.of("lines.no-food-found-in-name-a", line);
    }

    private static Optional<String> line(IngredientInput input, String field) {
        String line = input.line();
        if (line != null && (input.food() != null || input.massG() != null)) {
            throw Refusal.unfit(field, Told.of("lines.give-either-a-line-or-a-2"));
        }
        if (line != null && line.length() > LineReader.LONGEST_LINE) {
            throw Refusal.unfit(field + ".line", Told.of("lines.a-line-has-at-most-characters"));
        }
        return Optional.ofNullable(line);
    }

    private LineReading weighed(Kitchen kitchen, IngredientInput input, String field) {
        String food = input.food();
        Double massG = input.massG();
        if (food == null || massG == null) {
            throw Refusal.unfit(field, Told.of("lines.give-either-a-line-or-a"));
        }
        double grams = Refusal.inRange(field + ".massG", massG, 0, MOST_G, " g");
        String amount = Numbers.plain(grams, 1) + " g";
        return new LineReading(
                amount + " " + food,
                Optional.of(food(kitchen, food, field + ".food")),
                grams,
                0,
                LineReading.Sureness.SURE,
                amount,
                List.of(),
                Optional.empty());
    }

    public Food water() {
        return Catalogue.standard().water();
    }

    /** The words of a line that name its food. */
    public String foodWords(Kitchen kitchen, String text) {
        return reader(kitchen).foodWords(text);
    }

    /** The food of that id, or a refusal of that field. */
    public Food food(Kitchen kitchen, String id, String field) {
        return catalogue(kitchen)
                .food(id)
                .orElseThrow(() -> Refusal.unfit(field, Told.of("lines.food-is-not-known-ask-api", id)));
    }

    /** What a kitchen's foods are called, in the order of a list to choose from. */
    public List<String> foodNames(Kitchen kitchen) {
        return catalogue(kitchen).foods().stream().map(Words::say).sorted().toList();
    }
}
