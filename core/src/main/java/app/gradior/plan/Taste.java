package app.gradior.plan;

import app.gradior.larder.Food;
import app.gradior.mixture.Mixture;

/** What a cook may set a limit to, because reducing gathers it. */
public enum Taste {
    SALT(2),
    SUGAR(Double.NaN),
    /** Acids of every kind, g in 100 g. */
    SHARPNESS(Double.NaN);

    private final double usualMostPercent;

    Taste(double usualMostPercent) {
        this.usualMostPercent = usualMostPercent;
    }

    /** What most tongues call too much, g in 100 g; NaN where it hangs on the sauce. Kitchen teaching. */
    public double usualMostPercent() {
        return usualMostPercent;
    }

    /** Grams of it in a mixture. */
    public double g(Mixture mixture) {
        return switch (this) {
            case SALT -> mixture.saltG();
            case SUGAR -> mixture.sugarsG();
            case SHARPNESS -> mixture.aceticG() + mixture.otherAcidsG();
        };
    }

    /** Grams of it in 100 g of a mixture. */
    public double percent(Mixture mixture) {
        return mixture.massG() > 0 ? 100 * g(mixture) / mixture.massG() : 0;
    }

    /** Grams of it in 100 g of a food. */
    public double percent(Food food) {
        return switch (this) {
            case SALT -> food.per100g().salt();
            case SUGAR -> food.per100g().sugars();
            case SHARPNESS -> food.per100g().acetic() + food.per100g().otherAcids();
        };
    }
}
