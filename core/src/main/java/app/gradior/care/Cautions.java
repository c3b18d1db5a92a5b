package app.gradior.care;

import app.gradior.larder.CookingIn;
import app.gradior.larder.Food;
import app.gradior.larder.Trait;
import app.gradior.measure.LineReading;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Which cautions a plan calls for. They are matters of safety: none can be switched off. */
public final class Cautions {
    /** What makes raw meat, and a sauce that cooled too slowly, safe when it is reached all through, °C (FDA Food Code 2022, 3-401.11: 165 °F). */
    public static final double SAFE_C = 74;

    /** A pot fuller than this boils over; kitchen teaching. */
    public static final double FULLEST_SHARE = 2.0 / 3.0;

    private static final double ACID_PERCENT = 0.3;
    private static final double ACID_PH = 4.6;
    private static final double HOT_SHU = 400;
    /** So much of what stings in the nose, of the whole, is felt in its steam; arbitrary. */
    private static final double PUNGENT_SHARE = 0.03;

    /** Hot and so sweet it sticks and burns, g of solids in 100 g of the liquid; kitchen teaching. */
    static final double SUGARY_BRIX = 40;

    private static final double ALCOHOL_G = 5;
    /** A spirit is anything at or above this, g of ethanol in 100 g. */
    static final double SPIRIT_PERCENT = 25;

    private Cautions() {}

    /** Cautions for these ingredients in that pot. */
    public static List<Caution> of(Ingredients ingredients, PotShape shape, PotMaterial material, double startMlHot) {
        List<Caution> cautions = new ArrayList<>();
        Mixture mixture = ingredients.mixture();
        if (startMlHot > FULLEST_SHARE * shape.capacityMl() && shape.holds(startMlHot)) {
            cautions.add(new Caution.Overfull(startMlHot / shape.capacityMl()));
        }
        if (material.reactive() && isAcid(ingredients, mixture)) {
            cautions.add(new Caution.Reactive(material));
        }
        if (ingredients.usable().stream()
                .anyMatch(line -> line.food().orElseThrow().per100g().ethanol() >= SPIRIT_PERCENT)) {
            cautions.add(new Caution.Spirits());
        }
        if (mixture.ethanolG() > ALCOHOL_G) {
            cautions.add(new Caution.Alcohol());
        }
        if (mixture.pungencyShu() > HOT_SHU) {
            cautions.add(new Caution.ChilliSteam());
        } else if (share(ingredients, mixture, Trait.PUNGENT) > PUNGENT_SHARE) {
            cautions.add(new Caution.StingingSteam());
        }
        if (any(ingredients, Trait.HONEY)) {
            cautions.add(new Caution.Honey());
        }
        raw(ingredients, cautions);
        if (any(ingredients, Trait.LEAVENING) && isAcid(ingredients, mixture)) {
            cautions.add(new Caution.Foams(foods(ingredients, food -> food.has(Trait.LEAVENING))));
        }
        if (mixture.brixPercent() > SUGARY_BRIX) {
            cautions.add(new Caution.HotSugar());
        }
        return cautions;
    }

    /**
     * Cautions of a sauce that is brushed on food.
     *
     * @param raw whether the food is raw meat or fish
     */
    public static List<Caution> brushed(Mixture sauce, boolean raw) {
        List<Caution> cautions = new ArrayList<>();
        if (raw) {
            cautions.add(new Caution.RawBrush());
        }
        if (sauce.brixPercent() > SUGARY_BRIX) {
            cautions.add(new Caution.HotSugar());
        }
        return cautions;
    }

    /** What a hot sauce does in a blender. */
    public static Caution blender() {
        return new Caution.Blender();
    }

    /** Whether a pot takes a hot volume without boiling over or giving metal to acid. */
    public static boolean suits(PotShape shape, PotMaterial material, double hotMl) {
        return hotMl <= FULLEST_SHARE * shape.capacityMl() && !material.reactive();
    }

    /** Egg is apart: at the heat that makes raw meat safe a sauce bound with it curdles. */
    private static void raw(Ingredients ingredients, List<Caution> cautions) {
        List<Food> egg = foods(ingredients, food -> food.has(Trait.RAW) && food.has(Trait.EGG));
        List<Food> other = foods(ingredients, food -> food.has(Trait.RAW) && !food.has(Trait.EGG));
        if (!egg.isEmpty()) {
            cautions.add(new Caution.RawEgg(egg, SAFE_C));
        }
        if (!other.isEmpty()) {
            cautions.add(new Caution.Raw(other, safeC(other)));
        }
    }

    /** What makes all of them safe, °C: the hottest that one of them needs. */
    private static double safeC(List<Food> raw) {
        return raw.stream()
                .mapToDouble(food -> CookingIn.of(food)
                        .map(cooks -> cooks.safeC().orElse(SAFE_C))
                        .orElse(SAFE_C))
                .max()
                .orElse(SAFE_C);
    }

    private static boolean any(Ingredients ingredients, Trait trait) {
        return ingredients.usable().stream()
                .anyMatch(line -> line.food().orElseThrow().has(trait));
    }

    private static double share(Ingredients ingredients, Mixture mixture, Trait trait) {
        double grams = ingredients.usable().stream()
                .filter(line -> line.food().orElseThrow().has(trait))
                .mapToDouble(LineReading::massG)
                .sum();
        return grams / Math.max(1, mixture.massG());
    }

    /** The foods of that kind, each once. */
    static List<Food> foods(Ingredients ingredients, Predicate<Food> wanted) {
        return once(ingredients.usable().stream()
                .map(line -> line.food().orElseThrow())
                .filter(wanted));
    }

    /** Each food once, by its name. */
    static List<Food> once(Stream<Food> foods) {
        Map<String, Food> byName = new LinkedHashMap<>();
        foods.forEach(food -> byName.putIfAbsent(food.name(), food));
        return List.copyOf(byName.values());
    }

    /** Whether a sauce is sharp enough to attack a reactive pot. */
    public static boolean isAcid(Ingredients ingredients) {
        return isAcid(ingredients, ingredients.mixture());
    }

    private static boolean isAcid(Ingredients ingredients, Mixture mixture) {
        double acidPercent = 100 * (mixture.aceticG() + mixture.otherAcidsG()) / Math.max(1, mixture.massG());
        return acidPercent > ACID_PERCENT
                || ingredients.usable().stream()
                        .anyMatch(line -> line.massG() > 0.2 * mixture.massG()
                                && line.food().orElseThrow().ph().orElse(7) < ACID_PH);
    }
}
