package app.gradior.practice;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import app.gradior.judge.Stuff;
import app.gradior.larder.Food;
import app.gradior.measure.LineReading;
import app.gradior.sauce.Ingredients;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** A pot of the cook's own sauce in a pot of their own: everything in at once, hot. */
public final class FreePot {
    /** What the pot holds at most, of its volume: room to boil in. */
    private static final double FULLEST = 0.55;

    private FreePot() {}

    /**
     * @param scenario what can be practised on
     * @param leftOut foods that no practice pot knows: a kitchen's own
     */
    public record Made(Scenario scenario, List<Food> leftOut) {}

    /**
     * @param burnerW what the burner brings to the pot, W
     * @throws Unfit when there is nothing to cook
     */
    // Wide: a sauce, a pot, a burner and what is wanted.
    public static Made of(Ingredients ingredients, PotShape shape, double emptyG, double burnerW, Scenario.Goal goal) {
        Map<String, Double> foods = new TreeMap<>();
        List<Food> leftOut = new ArrayList<>();
        double sum = 0;
        for (LineReading line : ingredients.usable()) {
            Food food = line.food().orElseThrow();
            if (Stuff.knows(food.id())) {
                foods.merge(food.id(), line.massG(), Double::sum);
                sum += line.massG();
            } else if (!leftOut.contains(food)) {
                leftOut.add(food);
            }
        }
        if (foods.isEmpty()) {
            throw new Unfit("sauce", new Wrong.Empty("sauce"));
        }
        double fits = Math.min(1, FULLEST * shape.capacityMl() / sum);
        foods.replaceAll((food, grams) -> grams * fits);
        PotSetting pot = new PotSetting(
                foods,
                shape,
                emptyG > 0 ? emptyG : PotSetting.emptyG(shape),
                burnerW,
                PotSetting.HOT_C,
                PotSetting.HALF_UP,
                0);
        return new Made(new Scenario(List.of(pot), goal, Scenario.CORNFLOUR), leftOut);
    }
}
