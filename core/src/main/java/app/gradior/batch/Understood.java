package app.gradior.batch;

import app.gradior.finding.Unfit;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.sauce.Piece;
import java.util.List;
import java.util.Optional;

/**
 * What was understood of a line, or of something added, when it was recorded.
 *
 * @param text as typed, or as it was worked out
 * @param food the food with its composition of that time, without what lines and measures need of it
 * @param massG grams, 0 to 1000000
 * @param logSd standard deviation of the logarithm of the mass, 0 or more
 */
public record Understood(String text, Food food, double massG, double logSd) {
    /** Grams that a cook read off a scale, as a log-sd. */
    public static final double WEIGHED_LOG_SD = 0.01;

    private static final double MOST_G = 1e6;

    public Understood {
        Unfit.inRange("massG", massG, 0, MOST_G, " g");
        Unfit.atLeast("logSd", logSd, 0, "");
        food = food.asUsed();
    }

    /**
     * A line with a food.
     *
     * @throws java.util.NoSuchElementException when it names none
     */
    public static Understood of(LineReading line) {
        return new Understood(line.text(), line.food().orElseThrow(), line.massG(), line.logSd());
    }

    /** So many times as much. */
    public Understood times(double factor) {
        return new Understood(text, food, massG * factor, logSd);
    }

    /** As pieces that may be lifted out. */
    public Piece piece() {
        return Piece.of(food, massG);
    }

    /** As a line that is sure. */
    public LineReading line() {
        return new LineReading(
                text, Optional.of(food), massG, logSd, LineReading.Sureness.SURE, "", List.of(), Optional.empty());
    }
}
