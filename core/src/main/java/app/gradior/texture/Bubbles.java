package app.gradior.texture;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;

/** How a sauce bubbles by its thickness: size and pace of the bubbles. */
public enum Bubbles {
    /** Small and quick, many at once. */
    SMALL("small", 2.5),
    /** As wide as a thumb, each seen to rise and burst. */
    THUMB("thumb", 5.5),
    /** Slow craters that spatter. */
    CRATERS("craters", 7.5);

    private final String key;
    private final double step;

    Bubbles(String key, double step) {
        this.key = key;
        this.step = step;
    }

    /** Name in the API and in the log. */
    public String key() {
        return key;
    }

    /** Step of the stair that they are most typical of; kitchen teaching. */
    public double step() {
        return step;
    }

    /**
     * The look with that key.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static Bubbles ofKey(String key) {
        for (Bubbles bubbles : values()) {
            if (bubbles.key.equals(key)) {
                return bubbles;
            }
        }
        throw new Unfit(Wrong.Key.of("look", key, values(), Bubbles::key));
    }

    /** As a reading: 1 for the first. */
    public double reading() {
        return ordinal() + 1.0;
    }

    /** The nearest to a reading. */
    public static Bubbles nearest(double reading) {
        return values()[(int) Math.round(Math.max(1, Math.min(values().length, reading))) - 1];
    }

    /** Where a step is between them: 1 for small ones or less, 3 for craters or more. */
    public static double between(double step) {
        Bubbles[] all = values();
        for (int i = 1; i < all.length; i++) {
            if (step < all[i].step) {
                return i + Math.max(0, (step - all[i - 1].step) / (all[i].step - all[i - 1].step));
            }
        }
        return all.length;
    }
}
