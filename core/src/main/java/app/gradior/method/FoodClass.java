package app.gradior.method;

import app.gradior.larder.Allergen;
import app.gradior.larder.Composition;
import app.gradior.larder.Food;
import app.gradior.larder.StarchKind;
import app.gradior.larder.Trait;
import java.util.Optional;
import java.util.Set;

/** What a food is to a cook at the stove, by its composition, so that own foods are known too. */
enum FoodClass {
    FAT,
    PRODUCE,
    MEAT,
    CURED,
    PASTE,
    SPICE,
    NUT,
    FLOUR,
    STARCH,
    ALCOHOL,
    SHARP,
    STOCK,
    RICH,
    HERB,
    SALT,
    SWEET,
    OTHER;

    private static final Set<String> PASTES =
            Set.of("tomato-paste", "tomato-puree", "curry-paste", "harissa", "achiote");
    private static final Set<String> BACONS = Set.of("bacon", "guanciale", "chorizo", "ham", "lard", "duck");
    private static final Set<String> SPICY = Set.of(
            "chilli-dried-mild", "chilli-dried-hot", "chipotle", "vanilla-pod", "bay-leaf", "cinnamon", "star-anise");
    private static final Set<String> LEAVES = Set.of(
            "thyme",
            "rosemary",
            "sage",
            "parsley",
            "basil",
            "coriander-leaf",
            "dill",
            "tarragon",
            "mint",
            "chives",
            "herb-soft",
            "bouquet-garni",
            "bay-leaf",
            "curry-leaf",
            "lime-leaf");

    /** Pepper that is ground over to taste. */
    private static final Set<String> PEPPERS = Set.of("black-pepper", "white-pepper");

    /** Whether a food that is given no amount goes in to taste: salt and pepper. */
    static boolean isToTaste(Food food) {
        return of(food) == SALT || PEPPERS.contains(food.id());
    }

    /** Whether there is a food, and it is of that class. */
    static boolean is(Optional<Food> food, FoodClass wanted) {
        return food.filter(f -> of(f) == wanted).isPresent();
    }

    static FoodClass of(Food food) {
        Composition c = food.per100g();
        if (PASTES.contains(food.id())) {
            return PASTE;
        }
        if (LEAVES.contains(food.id())) {
            return HERB;
        }
        if (food.has(Trait.MEAT) && c.water() < 75 && !food.pourable() || food.has(Trait.FISH) && !food.pourable()) {
            return BACONS.contains(food.id()) ? CURED : c.fat() > 90 ? FAT : MEAT;
        }
        if (food.starchKind().isPresent()) {
            return food.starchKind()
                            .filter(kind -> kind == StarchKind.WHEAT_FLOUR)
                            .isPresent()
                    ? FLOUR
                    : STARCH;
        }
        if (food.id().equals("xanthan") || food.id().equals("guar-gum")) {
            return OTHER;
        }
        boolean rich =
                food.allergens().contains(Allergen.MILK) || food.allergens().contains(Allergen.EGG);
        if (rich && !food.id().startsWith("butter") && !food.id().equals("ghee")) {
            return RICH;
        }
        if (c.fat() >= 75) {
            return FAT;
        }
        if (food.plainSalt()) {
            return SALT;
        }
        if (c.fat() >= 45) {
            return NUT;
        }
        if (c.sugars() >= 60) {
            return SWEET;
        }
        if (c.ethanol() >= 3) {
            return ALCOHOL;
        }
        if (c.acids() >= 3 && c.water() > 60 && c.coarse() + c.pulp() < 3) {
            return SHARP;
        }
        if (SPICY.contains(food.id()) || c.water() <= 15) {
            return SPICE;
        }
        if (food.pourable()) {
            return STOCK;
        }
        return c.water() >= 55 && c.salt() < 2 ? PRODUCE : OTHER;
    }
}
