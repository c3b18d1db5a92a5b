package app.gradior.estimate;

import app.gradior.estimate.HiddenCook.Dish;
import app.gradior.estimate.HiddenCook.End;
import app.gradior.estimate.HiddenCook.Step;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.StageEnd;
import app.gradior.sauce.StageKind;
import app.gradior.simmer.PotOnHeat;
import app.gradior.texture.Consistency;
import app.gradior.vessel.PotShape;
import java.util.List;
import java.util.Map;

/** Sauces of all kinds for hidden cooks: by weight, by share and by thickness; of fruit, tomato, stock, cream, pulses, sugar, starch. */
final class HiddenDishes {
    private static final PotShape WIDE = new PotShape(280, 255, 72);
    private static final PotShape POT = new PotShape(240, 232, 130);
    private static final PotShape SMALL = new PotShape(180, 176, 100);
    private static final Map<String, Double> NOTHING = Map.of();

    private HiddenDishes() {}

    /** What is believed of a sauce before it is cooked, as a plan's. */
    static Prior prior(List<BatchStory.StoryStage> stages, PotOnHeat pot, double servedC) {
        Mixture all = Mixture.EMPTY;
        for (BatchStory.StoryStage stage : stages) {
            all = all.plus(stage.stage().adds());
        }
        return Prior.UNKNOWN.ofSauce(
                Consistency.doubtNow(all.cookedThrough(), servedC, Consistency.usualHeldH(servedC)), false);
    }

    private static Step step(StageKind kind, Map<String, Double> foods, Look look, StageEnd end) {
        return new Step(kind, foods, look, LidState.OPEN, end);
    }

    private static Step minutes(StageKind kind, Map<String, Double> foods, Look look, double minutes) {
        return step(kind, foods, look, new StageEnd.Minutes(minutes));
    }

    /** All of them, the reducing done at one look. */
    static List<Dish> all(Look look) {
        return List.of(
                new Dish(
                        "syrup, by half",
                        List.of(step(
                                StageKind.REDUCE,
                                Map.of("sugar", 350.0, "water", 650.0),
                                look,
                                new StageEnd.FractionLeft(0.5))),
                        SMALL,
                        20,
                        End.SHARE),
                new Dish(
                        "wine and shallots by two thirds, then stock by half",
                        List.of(
                                minutes(StageKind.SWEAT, Map.of("shallot", 80.0, "butter", 20.0), Look.STEAMING, 5),
                                step(
                                        StageKind.DEGLAZE,
                                        Map.of("wine-red", 400.0),
                                        look,
                                        new StageEnd.FractionOfAdded(0.35)),
                                step(
                                        StageKind.REDUCE,
                                        Map.of("beef-stock", 800.0),
                                        look,
                                        new StageEnd.FractionLeft(0.5))),
                        WIDE,
                        65,
                        End.SHARE),
                new Dish(
                        "cider and cream, by a third",
                        List.of(
                                step(StageKind.REDUCE, Map.of("cider", 500.0), look, new StageEnd.FractionLeft(0.4)),
                                step(
                                        StageKind.REDUCE,
                                        Map.of("cream-double", 300.0, "chicken-stock", 200.0),
                                        Look.GENTLE,
                                        new StageEnd.FractionLeft(0.67))),
                        SMALL,
                        65,
                        End.SHARE),
                new Dish(
                        "fruit juice and sugar, by half",
                        List.of(step(
                                StageKind.REDUCE,
                                Map.of("apple-juice", 900.0, "sugar", 120.0, "vinegar-cider", 60.0),
                                look,
                                new StageEnd.FractionLeft(0.45))),
                        POT,
                        20,
                        End.SHARE),
                new Dish(
                        "bone stock to a weight",
                        List.of(step(StageKind.REDUCE, Map.of("bone-stock", 1500.0), look, new StageEnd.Weight(420))),
                        POT,
                        65,
                        End.WEIGHT),
                new Dish(
                        "mushroom gravy to a weight",
                        List.of(
                                minutes(StageKind.SWEAT, Map.of("mushroom", 400.0, "butter", 30.0), Look.STEAMING, 10),
                                step(
                                        StageKind.DEGLAZE,
                                        Map.of("wine-white", 300.0),
                                        look,
                                        new StageEnd.FractionOfAdded(0.5)),
                                step(
                                        StageKind.SIMMER,
                                        Map.of("vegetable-stock", 800.0),
                                        look,
                                        new StageEnd.Weight(950))),
                        WIDE,
                        65,
                        End.WEIGHT),
                new Dish(
                        "beans and tomato, lid ajar, then open to a weight",
                        List.of(
                                new Step(
                                        StageKind.SIMMER,
                                        Map.of("tomato-canned", 800.0, "white-bean", 300.0, "onion", 200.0),
                                        Look.GENTLE,
                                        LidState.AJAR,
                                        new StageEnd.Minutes(25)),
                                step(
                                        StageKind.REDUCE,
                                        Map.of("vinegar-cider", 60.0, "sugar-brown", 60.0),
                                        Look.GENTLE,
                                        new StageEnd.Weight(1050))),
                        POT,
                        65,
                        End.WEIGHT),
                new Dish(
                        "peppers and onions to a weight",
                        List.of(
                                minutes(
                                        StageKind.SWEAT,
                                        Map.of("onion", 300.0, "pepper-red", 500.0, "olive-oil", 40.0),
                                        Look.STEAMING,
                                        12),
                                step(
                                        StageKind.REDUCE,
                                        Map.of("vinegar-cider", 250.0, "sugar", 200.0, "water", 200.0),
                                        look,
                                        new StageEnd.Weight(900))),
                        WIDE,
                        20,
                        End.WEIGHT),
                new Dish(
                        "stone fruit, stewed, milled, to a step",
                        List.of(
                                minutes(StageKind.SIMMER, Map.of("damson", 1000.0, "water", 250.0), Look.GENTLE, 18),
                                minutes(StageKind.MILL, NOTHING, Look.STEAMING, 6),
                                minutes(
                                        StageKind.ADD,
                                        Map.of("sugar-brown", 220.0, "vinegar-cider", 120.0),
                                        Look.GENTLE,
                                        2),
                                step(StageKind.REDUCE, NOTHING, look, new StageEnd.StepServed(6.8))),
                        POT,
                        20,
                        End.THICKNESS),
                new Dish(
                        "passata and stock, to a step",
                        List.of(step(
                                StageKind.REDUCE,
                                Map.of("passata", 800.0, "vegetable-stock", 500.0),
                                look,
                                new StageEnd.StepServed(5.8))),
                        WIDE,
                        60,
                        End.THICKNESS),
                new Dish(
                        "apples to a step",
                        List.of(
                                minutes(
                                        StageKind.SIMMER,
                                        Map.of("apple-cooking", 900.0, "water", 250.0),
                                        Look.GENTLE,
                                        20),
                                step(
                                        StageKind.REDUCE,
                                        Map.of("sugar", 120.0),
                                        Look.GENTLE,
                                        new StageEnd.StepServed(7.3))),
                        POT,
                        20,
                        End.THICKNESS),
                new Dish(
                        "milk and flour, to a step",
                        List.of(step(
                                StageKind.SIMMER,
                                Map.of("milk", 1000.0, "wheat-flour", 40.0, "butter", 40.0),
                                Look.GENTLE,
                                new StageEnd.StepServed(5.4))),
                        POT,
                        60,
                        End.THICKNESS),
                new Dish(
                        "honey, vinegar and orange juice, to a step",
                        List.of(step(
                                StageKind.REDUCE,
                                Map.of("honey", 250.0, "vinegar-cider", 150.0, "orange-juice", 400.0),
                                look,
                                new StageEnd.StepServed(5))),
                        SMALL,
                        20,
                        End.THICKNESS),
                new Dish(
                        "syrup of sugar and grape juice, to a step",
                        List.of(step(
                                StageKind.REDUCE,
                                Map.of("sugar", 450.0, "grape-juice", 700.0),
                                look,
                                new StageEnd.StepServed(4.3))),
                        SMALL,
                        20,
                        End.THICKNESS));
    }
}
