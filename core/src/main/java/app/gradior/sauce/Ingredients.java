package app.gradior.sauce;

import app.gradior.larder.Allergen;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The lines of a sauce as understood, and what they make together. */
public record Ingredients(List<LineReading> lines, Texture texture) {
    public Ingredients {
        lines = List.copyOf(lines);
    }

    /** Lines with a food and an amount. */
    public List<LineReading> usable() {
        return lines.stream().filter(line -> line.usable() && line.massG() > 0).toList();
    }

    /** All of them in one pot. */
    public Mixture mixture() {
        Mixture sum = Mixture.EMPTY;
        for (LineReading line : usable()) {
            sum = sum.plus(Mixture.of(line.food().orElseThrow(), line.massG()));
        }
        return texture == Texture.SMOOTH ? sum.blended() : sum;
    }

    /** How far the amounts may be off, from how each line was measured. */
    public Spread spread() {
        double water = 0;
        double waterVariance = 0;
        double solids = 0;
        double solidsVariance = 0;
        for (LineReading line : usable()) {
            Food food = line.food().orElseThrow();
            double liquidG =
                    line.massG() * (food.per100g().water() + food.per100g().ethanol()) / 100;
            double solidG = line.massG() * food.per100g().totalG() / 100 - liquidG;
            water += liquidG;
            waterVariance += square(liquidG * line.logSd());
            solids += solidG;
            solidsVariance += square(solidG * line.logSd());
        }
        return new Spread(
                water > 0 ? Math.sqrt(waterVariance) / water : 0, solids > 0 ? Math.sqrt(solidsVariance) / solids : 0);
    }

    private static double square(double x) {
        return x * x;
    }

    public Set<Allergen> allergens() {
        Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
        usable().forEach(line -> allergens.addAll(line.food().orElseThrow().allergens()));
        return allergens;
    }

    /**
     * Standard deviations of logarithms.
     *
     * @param waterLogSd of the water and alcohol
     * @param solidsLogSd of everything else
     */
    public record Spread(double waterLogSd, double solidsLogSd) {
        /** Everything weighed to the gram. */
        public static final Spread EXACT = new Spread(0, 0);
    }
}
