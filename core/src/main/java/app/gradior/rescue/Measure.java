package app.gradior.rescue;

import app.gradior.mixture.Mixture;
import app.gradior.plan.Taste;
import app.gradior.texture.Consistency;
import java.util.Locale;

/** What of a sauce can be wished for. */
public enum Measure {
    /** Step of the stair when served. */
    STEP(0.05),
    /** mL at 20 °C. */
    VOLUME(2),
    /** g of salt in 100 g. */
    SALT(0.01),
    /** g of sugars in 100 g. */
    SUGAR(0.1),
    /** g of acids in 100 g, as they are. */
    ACID(0.01),
    /** Scoville units. */
    HEAT(5),
    /** g of fat in 100 g, floating and spread. */
    FAT(0.1);

    /** So many times what nobody notices is there, and is told apart. */
    private static final double THERE = 3;

    private static final double TOLD = 2;

    private final double near;

    Measure(double near) {
        this.near = near;
    }

    /** As near to a wish as nobody notices, in its unit. */
    public double near() {
        return near;
    }

    /** Whether there is enough of it to be tasted, or seen. */
    public boolean isThere(double value) {
        return value > THERE * near;
    }

    /** Whether two values are told from one another. */
    public boolean differ(double one, double other) {
        return Math.abs(one - other) > TOLD * near;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** How much of it a sauce has; NaN for the step of what has no liquid. */
    public double of(Mixture sauce, double servedC, double bodyFactor) {
        return switch (this) {
            case STEP -> sauce.serumG() > 0 ? Consistency.step(sauce, bodyFactor, servedC) : Double.NaN;
            case VOLUME -> sauce.volumeMl20c();
            case SALT -> Taste.SALT.percent(sauce);
            case SUGAR -> Taste.SUGAR.percent(sauce);
            case ACID -> Taste.SHARPNESS.percent(sauce);
            case HEAT -> sauce.pungencyShu();
            case FAT -> sauce.massG() > 0 ? 100 * (sauce.freeFatG() + sauce.emulsifiedFatG()) / sauce.massG() : 0;
        };
    }
}
