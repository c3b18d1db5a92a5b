package app.gradior.measure;

import app.gradior.finding.Unfit;
import app.gradior.larder.Food;
import java.util.List;
import java.util.Optional;

/**
 * What was understood of one line.
 *
 * @param text as the cook typed it
 * @param food which food, if one was found
 * @param massG grams, 0 when the line gives no amount
 * @param logSd standard deviation of the logarithm of the mass
 * @param sureness how sure the reader is
 * @param amount how the amount was read, "1½ cups"
 * @param unknownWords words that named neither food, unit nor preparation
 * @param remark what the cook should look at; empty when all is clear
 */
public record LineReading(
        String text,
        Optional<Food> food,
        double massG,
        double logSd,
        Sureness sureness,
        String amount,
        List<String> unknownWords,
        Optional<LineRemark> remark) {
    /** Tenth and ninetieth percentile of a standard normal: a band holds four in five. */
    private static final double BAND = 1.2816;

    private static final double MOST_G = 1e6;

    public LineReading {
        Unfit.inRange("massG", massG, 0, MOST_G, " g");
        unknownWords = List.copyOf(unknownWords);
    }

    /** How sure the reader is of a line. */
    public enum Sureness {
        /** Food, amount and unit found, every word understood. */
        SURE,
        /** A default or an unknown describing word was involved. */
        LIKELY,
        /** No food, no amount, or words that may name another food: the cook must look. */
        UNSURE
    }

    /** Nine in ten times more than this, grams. */
    public double lowG() {
        return massG * Math.exp(-BAND * logSd);
    }

    /** Nine in ten times less than this, grams. */
    public double highG() {
        return massG * Math.exp(BAND * logSd);
    }

    /** Whether it can be put in a pot. */
    public boolean usable() {
        return food.isPresent();
    }

    /** As the cook corrected it: that food, so many grams, taken at its word. */
    public static LineReading corrected(String text, Food food, double massG) {
        return new LineReading(
                text,
                Optional.of(food),
                massG,
                0.01,
                Sureness.SURE,
                Numbers.plain(massG, 1) + " g",
                List.of(),
                Optional.empty());
    }
}
