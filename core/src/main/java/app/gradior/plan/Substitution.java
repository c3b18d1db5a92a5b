package app.gradior.plan;

import app.gradior.finding.Unfit;
import app.gradior.larder.Composition;
import app.gradior.larder.Food;
import app.gradior.mixture.Mixture;
import app.gradior.texture.Consistency;
import java.util.OptionalDouble;

/** One food in place of another: how much keeps what mattered, and what else changes. */
public final class Substitution {
    private static final double SWEET_PERCENT = 30;
    private static final double SHARP_PERCENT = 3;
    private static final double SALTY_PERCENT = 8;
    private static final double STARCHY_PERCENT = 50;
    private static final double FIRST_SPAN_G = 1;
    private static final double MOST_G = 20_000;

    /** What a food is mainly there for, and so what its substitute must keep. */
    public enum Keeps {
        SWEETNESS,
        SHARPNESS,
        SALT,
        THICKNESS,
        VOLUME;

        /** What a food is mainly there for. */
        public static Keeps of(Food food) {
            Composition c = food.per100g();
            if (food.starchKind().isPresent() && c.starch() >= STARCHY_PERCENT) {
                return THICKNESS;
            }
            if (c.salt() >= SALTY_PERCENT) {
                return SALT;
            }
            if (c.sugars() >= SWEET_PERCENT) {
                return SWEETNESS;
            }
            return c.acetic() + c.otherAcids() >= SHARP_PERCENT ? SHARPNESS : VOLUME;
        }
    }

    /**
     * The answer; changes are new minus old, for the whole sauce.
     *
     * @param massG of the substitute
     * @param sauce with it in place
     * @param waterChangeG more or less to boil off
     * @param stepChange at the serving temperature, before any change of cooking
     */
    public record Answer(
            Keeps keeps,
            double massG,
            Mixture sauce,
            double waterChangeG,
            double sugarChangeG,
            double saltChangeG,
            double acidChangeG,
            double alcoholChangeG,
            double stepChange) {}

    private Substitution() {}

    /**
     * Swaps a food of a sauce.
     *
     * @param without the sauce without the food that is missing
     * @param massG what it would have been
     * @throws IllegalArgumentException when the substitute has nothing of what must be kept
     */
    public static Answer of(Mixture without, Food missing, double massG, Food substitute, Keeps keeps, double servedC) {
        Mixture before = without.plus(Mixture.of(missing, massG)).cooked();
        double grams = grams(without, missing, massG, substitute, keeps, servedC);
        Mixture after = without.plus(Mixture.of(substitute, grams)).cooked();
        return new Answer(
                keeps,
                grams,
                after,
                after.waterG() - before.waterG(),
                after.sugarsG() - before.sugarsG(),
                after.saltG() - before.saltG(),
                acidG(after) - acidG(before),
                after.ethanolG() - before.ethanolG(),
                Consistency.step(after, 1, servedC) - Consistency.step(before, 1, servedC));
    }

    private static double grams(
            Mixture without, Food missing, double massG, Food substitute, Keeps keeps, double servedC) {
        Mixture old = Mixture.of(missing, massG);
        Mixture gram = Mixture.of(substitute, 1);
        return switch (keeps) {
            case SWEETNESS -> ratio(old.sugarsG(), gram.sugarsG(), substitute, keeps);
            case SHARPNESS -> ratio(acidG(old), acidG(gram), substitute, keeps);
            case SALT -> ratio(old.saltG(), gram.saltG(), substitute, keeps);
            case VOLUME -> ratio(old.volumeMl20c(), gram.volumeMl20c(), substitute, keeps);
            case THICKNESS -> {
                double wanted = Consistency.step(without.plus(old).cooked(), 1, servedC);
                OptionalDouble found = Roots.upward(
                        FIRST_SPAN_G,
                        MOST_G,
                        g -> Consistency.step(without.plus(gram.times(g)).cooked(), 1, servedC) - wanted);
                yield found.orElseThrow(() -> nothing(substitute, keeps));
            }
        };
    }

    private static double ratio(double oldAmount, double perGram, Food substitute, Keeps keeps) {
        if (!(perGram > 0) || oldAmount / perGram > MOST_G) {
            throw nothing(substitute, keeps);
        }
        return oldAmount / perGram;
    }

    private static IllegalArgumentException nothing(Food substitute, Keeps keeps) {
        return new Unfit("food", new BalanceFinding.BringsNone(substitute, keeps, MOST_G / 1000));
    }

    private static double acidG(Mixture m) {
        return m.aceticG() + m.otherAcidsG();
    }
}
