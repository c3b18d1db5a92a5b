package app.gradior.practice;

import app.gradior.vessel.PotShape;
import java.time.LocalDate;
import java.time.temporal.IsoFields;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

/** A pot a week, the same for everybody: drawn from the week's number alone, so that nobody has to be asked for it. */
public final class Weekly {
    private static final int WEEKS = 100;
    private static final List<Map<String, Double>> DISHES = List.of(
            Map.of("damson", 700.0, "sugar", 180.0, "water", 250.0),
            Map.of("passata", 800.0, "pepper-red", 200.0, "vinegar-cider", 50.0),
            Map.of("cream-double", 250.0, "mushroom-stock", 500.0),
            Map.of("gooseberry", 600.0, "sugar", 200.0, "water", 200.0),
            Map.of("blackcurrant", 400.0, "sugar", 350.0, "vinegar-wine-red", 200.0, "water", 200.0),
            Map.of("wine-red", 500.0, "stock-bones", 600.0, "sugar", 30.0),
            Map.of("chicken-stock", 700.0, "cream-double", 150.0));
    private static final double LEAST_STEP = 4;
    private static final double MOST_STEP = 6.5;

    private Weekly() {}

    /** The seed of a day's week. */
    public static long seed(LocalDate day) {
        return day.get(IsoFields.WEEK_BASED_YEAR) * (long) WEEKS + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
    }

    /** What stands there in the week of that seed. */
    public static Scenario scenario(long seed) {
        Random random = new Random(seed);
        Map<String, Double> foods = DISHES.get(random.nextInt(DISHES.size()));
        double diameter = 160 + 20 * random.nextInt(7);
        PotShape pot = new PotShape(diameter, diameter, 90 + 5 * random.nextInt(8));
        double scale = Math.min(1, 0.5 * pot.capacityMl() / sum(foods));
        boolean sweet = foods.getOrDefault("sugar", 0.0) > 0.12 * sum(foods);
        double steps = LEAST_STEP + (MOST_STEP - LEAST_STEP) * random.nextDouble();
        Scenario.Goal goal = Scenario.Goal.of(Math.round(2 * steps) / 2.0, sweet ? 20 : 60);
        return new Scenario(
                List.of(PotSetting.hot(times(foods, scale), pot, 1000 + 100.0 * random.nextInt(10))),
                goal,
                Scenario.CORNFLOUR);
    }

    private static double sum(Map<String, Double> foods) {
        return foods.values().stream().mapToDouble(g -> g).sum();
    }

    private static Map<String, Double> times(Map<String, Double> foods, double factor) {
        Map<String, Double> scaled = new TreeMap<>();
        foods.forEach((food, grams) -> scaled.put(food, (double) Math.round(grams * factor)));
        return scaled;
    }
}
