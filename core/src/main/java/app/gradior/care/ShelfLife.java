package app.gradior.care;

import app.gradior.mixture.Acidity;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import java.time.LocalDate;

/**
 * How long a sauce keeps: cautious defaults by kind, ours, at or below what food authorities give for home-cooked sauces. A cook
 * may shorten them; lengthening wants a reason. Jars here are kept cold: nothing of Gradior's is shelf-stable.
 *
 * @param kind what decides it
 * @param days from the day it is made
 */
public record ShelfLife(Kind kind, int days) {
    private static final double ACID_PH = 4.0;
    private static final double SWEET_BRIX = 40;
    private static final double SHARP_ACID_PERCENT = 1.0;
    /** What protein and phosphate can take of the acid at most: a third. */
    private static final double MOST_TAKEN_SHARE = 1.0 / 3;

    /** Kinds of sauce by how they spoil. */
    public enum Kind {
        MEAT_OR_DAIRY(3, 60),
        LOW_ACID(4, 90),
        SHARP(7, 120),
        SHARP_AND_SWEET(21, 180);

        private final int fridgeDays;
        private final int freezerDays;

        Kind(int fridgeDays, int freezerDays) {
            this.fridgeDays = fridgeDays;
            this.freezerDays = freezerDays;
        }
    }

    /**
     * The default for a sauce.
     *
     * @param done what it is made of when it is done
     */
    public static ShelfLife of(Ingredients ingredients, Mixture done, Storage storage) {
        Kind kind = kind(ingredients, done);
        return new ShelfLife(
                kind,
                switch (storage) {
                    case EAT_NOW, HOLD_HOT -> 0;
                    case FRIDGE, JARS -> kind.fridgeDays;
                    case FREEZER -> kind.freezerDays;
                });
    }

    /**
     * The last day it may be eaten.
     *
     * @param made the day it was made and packed
     */
    public LocalDate useBy(LocalDate made) {
        return made.plusDays(days);
    }

    private static Kind kind(Ingredients ingredients, Mixture done) {
        if (ingredients.usable().stream()
                .anyMatch(line -> line.food().orElseThrow().ofAnimals())) {
            return Kind.MEAT_OR_DAIRY;
        }
        double acidPercent = 100 * (done.aceticG() + done.otherAcidsG()) / Math.max(1, done.massG());
        // Weighed, not reckoned: a pH that is worked out makes nothing keep longer, it only makes a sauce low in acid.
        double takenMol = Acidity.Buffers.of(done.body()).mostMol();
        double acidMol = Acidity.acidMol(done.aceticG(), done.otherAcidsG());
        boolean sharp =
                acidPercent >= SHARP_ACID_PERCENT && takenMol <= MOST_TAKEN_SHARE * acidMol && done.ph() <= ACID_PH;
        if (!sharp) {
            return Kind.LOW_ACID;
        }
        return done.brixPercent() >= SWEET_BRIX ? Kind.SHARP_AND_SWEET : Kind.SHARP;
    }
}
