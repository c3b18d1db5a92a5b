package app.gradior.estimate;

import app.gradior.reading.ReadingKind;

/**
 * How a cook's own hand and eye read otherwise than the model: by so much more, and with such a spread; both as
 * {@link ReadingKind#told} compares readings.
 *
 * @param bias what is read over what the model would read
 * @param sd standard deviation about that, above 0
 */
public record Hand(double bias, double sd) {
    public Hand {
        if (!(sd > 0) || !Double.isFinite(bias)) {
            throw new IllegalArgumentException("a hand reads by " + bias + " with a spread of " + sd);
        }
    }
}
