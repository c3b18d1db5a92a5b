package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.method.ReadRecipe.Span;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/**
 * A line of a recipe while its method is read, and what became of it.
 *
 * @param listed whether the text lists it before the method
 */
final class MethodLine {
    /** The text's words; of a divided line those of the whole. */
    final String text;

    final LineReading reading;
    final Span at;
    final boolean listed;
    final Set<String> words = new HashSet<>();
    String head = "";
    String group = "";
    boolean optional;
    boolean placed;
    boolean thrown;
    boolean part;

    MethodLine(String text, LineReading reading, Span at, boolean listed) {
        this.text = text;
        this.reading = reading;
        this.at = at;
        this.listed = listed;
    }

    Optional<Food> food() {
        return reading.food();
    }
}
