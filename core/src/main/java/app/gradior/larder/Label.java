package app.gradior.larder;

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

    public Label {
        check("fat", fat);
        check("carbohydrate", carbohydrate);
        check("sugars", sugars);
        check("fibre", fibre);
        check("protein", protein);
        check("salt", salt);
        check("alcohol", alcoholPercentVol);
        if (sugars > carbohydrate + 0.05) {
            throw new IllegalArgumentException("sugars is " + sugars + " g: at most the carbohydrate, " + carbohydrate
                    + " g, expected, since a label counts sugars in it");
        }
        double sum = fat + carbohydrate + fibre + protein + salt + alcoholPercentVol * ETHANOL_G_PER_ML;
        if (sum > 100 + Composition.CLOSURE_TOLERANCE_G) {
            throw new IllegalArgumentException(
                    "fat is one of parts that add up to " + Math.round(sum) + " g: at most 100 g expected");
        }
    }

    private static void check(String name, double value) {
        if (!(value >= 0 && value <= 100)) {
            throw new IllegalArgumentException(name + " is " + value + " g: 0 to 100 g in 100 g expected");
        }
    }

    /** A label that speaks of a serving of so many grams. */
    public static Label ofServing(
            double servingG,
            double fat,
            double carbohydrate,
            double sugars,
            double fibre,
            double protein,
            double salt,
            double alcoholPercentVol) {
        if (!(servingG >= 1 && servingG <= 2000)) {
            throw new IllegalArgumentException("servingG is " + servingG + " g: 1 to 2000 g expected");
        }
        double f = 100 / servingG;
        return new Label(fat * f, carbohydrate * f, sugars * f, fibre * f, protein * f, salt * f, alcoholPercentVol);
    }

    /**
     * The composition.
     *
     * @param composition closes to 100 g
     * @param estimated names of the parts that the label does not say
     */
    public record Estimate(Composition composition, List<String> estimated) {
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
        List<String> estimated = new ArrayList<>(List.of("water"));
        if (acetic + acids > 0) {
            estimated.add("acids");
        }
        if (rest > 0) {
            estimated.add("how protein, fibre and starch share out");
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
