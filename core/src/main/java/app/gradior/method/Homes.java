package app.gradior.method;

import app.gradior.larder.Food;
import app.gradior.sauce.StageKind;
import java.util.List;
import java.util.Set;

/**
 * Where a food goes in by itself, when stages are there and nobody has said so: fats and vegetables to the sweating, spirits and wine to the
 * deglazing, starch to the slurry, cream, butter and fresh herbs to the end. Kitchen teaching.
 */
public final class Homes {
    private static final Set<String> SWEATED = Set.of(
            "onion",
            "shallot",
            "leek",
            "spring-onion",
            "garlic",
            "ginger",
            "celery",
            "carrot",
            "fennel",
            "mushroom",
            "mushroom-wild",
            "pepper-red",
            "pepper-green",
            "chilli-red",
            "chilli-green",
            "celeriac",
            "parsnip");
    private static final Set<String> FRESH =
            Set.of("parsley", "basil", "coriander-leaf", "dill", "tarragon", "mint", "chives", "herb-soft");
    private static final Set<String> LAST = Set.of("lemon-juice", "lime-juice", "yuzu-juice", "lemon", "lime");

    private Homes() {}

    /** Whether it is a soft herb, whose flavour goes with heat. */
    static boolean isFreshHerb(Food food) {
        return FRESH.contains(food.id());
    }

    /** The kinds of stage that a food goes in at, the likeliest first; where none of them is, it goes in at the first. */
    public static List<StageKind> of(Food food) {
        if (FRESH.contains(food.id()) || LAST.contains(food.id())) {
            return List.of(StageKind.SEASON, StageKind.ENRICH, StageKind.ADD, StageKind.REDUCE);
        }
        if (SWEATED.contains(food.id())) {
            return List.of(StageKind.SWEAT, StageKind.TOAST, StageKind.SIMMER, StageKind.REDUCE);
        }
        if (food.id().startsWith("butter")) {
            return List.of(StageKind.ENRICH, StageKind.SWEAT, StageKind.TOAST, StageKind.SEASON);
        }
        return switch (FoodClass.of(food)) {
            case FAT, CURED -> List.of(StageKind.SWEAT, StageKind.TOAST, StageKind.FRY, StageKind.SIMMER);
            case MEAT, NUT, FLOUR -> List.of(StageKind.TOAST, StageKind.SWEAT, StageKind.SIMMER);
            case PASTE -> List.of(StageKind.FRY, StageKind.SWEAT, StageKind.SIMMER, StageKind.REDUCE);
            case SPICE -> List.of(StageKind.TOAST, StageKind.SWEAT, StageKind.SIMMER, StageKind.REDUCE);
            case STARCH -> List.of(StageKind.SLURRY, StageKind.ADD, StageKind.SIMMER);
            case ALCOHOL -> List.of(StageKind.DEGLAZE, StageKind.REDUCE, StageKind.SIMMER);
            case SHARP, SWEET -> List.of(StageKind.ADD, StageKind.REDUCE, StageKind.SIMMER, StageKind.DEGLAZE);
            case STOCK -> List.of(StageKind.SIMMER, StageKind.REDUCE, StageKind.ADD);
            case RICH -> List.of(StageKind.ENRICH, StageKind.SEASON, StageKind.ADD);
            case SALT -> List.of(StageKind.SEASON, StageKind.ENRICH, StageKind.REDUCE);
            default -> List.of(StageKind.SIMMER, StageKind.REDUCE, StageKind.SWEAT, StageKind.ADD);
        };
    }
}
