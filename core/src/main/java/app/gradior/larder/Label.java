package app.gradior.larder;

import app.gradior.finding.Unfit;
import java.util.ArrayList;
import java.util.List;

/**
 * What a packet says of a food, per 100 g, and what must be guessed of the rest: its composition is like that of a food it
 * resembles in how fibre, protein and starch share out.
 *
 * @param fat g
 * @param carbohydrate g, sugars included
 * @param sugars g
 * @param fibre g
 * @param protein g
 * @param salt g
 * @param alcoholPercentVol by volume
 */
public record Label(
        double fat,
        double carbohydrate,
        double sugars,
        double fibre,
        double protein,
        double salt,
        double alcoholPercentVol) {
    private static final double ETHANOL_G_PER_ML = 0.789;
    public static final double LEAST_SERVING_G = 1;
    public static final double MOST_SERVING_G = 2000;

    public Label {
        check("fat", fat);
        check("carbohydrate", carbohydrate);
        check("sugars", sugars);
        check("fibre", fibre);
        check("protein", protein);
        check("salt", salt);
        check("alcohol", alcoholPercentVol);
        if (sugars > carbohydrate + 0.05) {
            throw new Unfit("sugars", new LabelFinding.MoreSugarsThanCarbohydrate(sugars, carbohydrate));
        }
        double sum = fat + carbohydrate + fibre + protein + salt + alcoholPercentVol * ETHANOL_G_PER_ML;
        if (sum > 100 + Composition.CLOSURE_TOLERANCE_G) {
            throw new Unfit("fat", new LabelFinding.MoreThanWhole(sum));
        }
    }

    private static void check(String name, double value) {
        Unfit.inRange(name, value, 0, 100, " g");
    }

    /** A label that speaks of a serving of so many grams. */
    // Wide: the lines of a label.
    public static Label ofServing(
            double servingG,
            double fat,
            double carbohydrate,
            double sugars,
            double fibre,
            double protein,
            double salt,
            double alcoholPercentVol) {
        Unfit.inRange("servingG", servingG, LEAST_SERVING_G, MOST_SERVING_G, " g");
        double f = 100 / servingG;
        return new Label(fat * f, carbohydrate * f, sugars * f, fibre * f, protein * f, salt * f, alcoholPercentVol);
    }

    /** What no label says. */
    public enum Estimated {
        WATER,
        ACIDS,
        /** How protein, fibre and starch share out. */
        SHARES_OF_THE_REST
    }

    /**
     * The composition.
     *
     * @param composition closes to 100 g
     * @param estimated what the label does not say
     */
    public record Estimate(Composition composition, List<Estimated> estimated) {
        public Estimate {
            estimated = List.copyOf(estimated);
        }
    }

    /** The composition, shared out as in a food that is like it. */
    public Estimate like(Food food) {
        Composition c = food.per100g();
        double ethanol = alcoholPercentVol * ETHANOL_G_PER_ML;
        // What a label calls starch, fibre and protein, and leaves unsaid as acids, we call by what it does to a sauce.
        double rest = Math.max(0, carbohydrate - sugars) + fibre + protein;
        double likeRest = c.otherSolubles() + c.starch() + c.pulp() + c.coarse();
        double share = likeRest > 0 ? rest / likeRest : 0;
        double solubles = likeRest > 0 ? c.otherSolubles() * share : rest;
        double said = fat + sugars + rest + salt + ethanol;
        double room = Math.max(0, 100 - said);
        double acetic = Math.min(room, c.acetic());
        double acids = Math.min(room - acetic, c.otherAcids());
        double water = room - acetic - acids;
        List<Estimated> estimated = new ArrayList<>(List.of(Estimated.WATER));
        if (acetic + acids > 0) {
            estimated.add(Estimated.ACIDS);
        }
        if (rest > 0) {
            estimated.add(Estimated.SHARES_OF_THE_REST);
        }
        return new Estimate(
                new Composition(
                        water,
                        ethanol,
                        sugars,
                        solubles,
                        salt,
                        acetic,
                        acids,
                        fat,
                        c.starch() * share,
                        c.pulp() * share,
                        c.coarse() * share),
                estimated);
    }
}
