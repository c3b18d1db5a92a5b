package app.gradior.care;

import app.gradior.larder.Food;
import app.gradior.larder.Trait;
import app.gradior.measure.LineReading;
import app.gradior.measure.Numbers;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Which cautions a plan calls for. They are matters of safety: none can be switched off. */
public final class Cautions {
    /** What makes raw meat, and a sauce that cooled too slowly, safe when it is reached all through, °C (FDA Food Code 2022, 3-401.11: 165 °F). */
    public static final double SAFE_C = 74;

    private static final String SAFE = Numbers.plain(SAFE_C, 0) + " °C";

    /** A pot fuller than this boils over; kitchen teaching. */
    public static final double FULLEST_SHARE = 2.0 / 3.0;

    private static final double ACID_PERCENT = 0.3;
    private static final double ACID_PH = 4.6;
    private static final double HOT_SHU = 400;
    /** So much of what stings in the nose, of the whole, is felt in its steam; arbitrary. */
    private static final double PUNGENT_SHARE = 0.03;

    private static final double ALCOHOL_G = 5;
    /** A spirit is anything at or above this, g of ethanol in 100 g. */
    static final double SPIRIT_PERCENT = 25;

    private Cautions() {}

    /** Cautions for these ingredients in that pot. */
    public static List<Caution> of(Ingredients ingredients, PotShape shape, PotMaterial material, double startMlHot) {
        List<Caution> cautions = new ArrayList<>();
        Mixture mixture = ingredients.mixture();
        if (startMlHot > FULLEST_SHARE * shape.capacityMl() && shape.holds(startMlHot)) {
            cautions.add(new Caution(
                    "The pot is " + Numbers.plain(100 * startMlHot / shape.capacityMl(), 0) + " % full",
                    "Over two thirds it boils over: take a larger pot or cook it in two."));
        }
        if (material.reactive() && isAcid(ingredients, mixture)) {
            cautions.add(new Caution(
                    "This pot is " + material.label(),
                    "Acid takes metal and taste out of it: use stainless, enamelled or lined."));
        }
        if (ingredients.usable().stream()
                .anyMatch(line -> line.food().orElseThrow().per100g().ethanol() >= SPIRIT_PERCENT)) {
            cautions.add(new Caution(
                    "Spirits catch fire",
                    "Pan off the heat, hood fan off, do not lean over it, lid at hand; then back on."));
        }
        if (mixture.ethanolG() > ALCOHOL_G) {
            cautions.add(
                    new Caution(
                            "Alcohol never cooks off entirely",
                            "The plan says how much is left: it matters to children, in pregnancy, recovery, faith and driving."));
        }
        if (mixture.pungencyShu() > HOT_SHU) {
            cautions.add(new Caution(
                    "Chilli steam chokes", "Open a window and lean back when it first boils; wash your hands after."));
        } else if (share(ingredients, mixture, Trait.PUNGENT) > PUNGENT_SHARE) {
            cautions.add(new Caution("Its steam stings", "Open a window and lean back when it first boils."));
        }
        if (any(ingredients, Trait.HONEY)) {
            cautions.add(new Caution("Honey", "Not for infants under one year."));
        }
        raw(ingredients, cautions);
        if (any(ingredients, Trait.LEAVENING) && isAcid(ingredients, mixture)) {
            cautions.add(
                    new Caution(
                            "It foams up",
                            names(ingredients, Trait.LEAVENING)
                                    + " and acid: a pinch at a time, with the pot half empty. It takes sharpness away, and with it keeping."));
        }
        if (mixture.brixPercent() > 40) {
            cautions.add(new Caution(
                    "Boiling sugar burns", "It is hotter than water and sticks: keep hands and faces away."));
        }
        return cautions;
    }

    /** What a hot sauce does in a blender. */
    public static Caution blender() {
        return new Caution(
                "Hot sauce bursts out of a blender",
                "Let it cool, a third full at most, lid vented and held down with a cloth.");
    }

    /** Whether a pot takes a hot volume without boiling over or giving metal to acid. */
    public static boolean suits(PotShape shape, PotMaterial material, double hotMl) {
        return hotMl <= FULLEST_SHARE * shape.capacityMl() && !material.reactive();
    }

    /** Egg is apart: at the heat that makes raw meat safe a sauce bound with it curdles. */
    private static void raw(Ingredients ingredients, List<Caution> cautions) {
        String egg = names(ingredients, food -> food.has(Trait.RAW) && food.has(Trait.EGG));
        String other = names(ingredients, food -> food.has(Trait.RAW) && !food.has(Trait.EGG));
        if (!egg.isEmpty()) {
            cautions.add(new Caution(
                    "Raw " + egg,
                    "Safe at " + SAFE
                            + ", and curdled: a sauce that stays below wants pasteurised eggs. Else not for the pregnant, the"
                            + " very young, the old or the ill, and eaten the same day."));
        }
        if (!other.isEmpty()) {
            cautions.add(new Caution(
                    "Raw " + other,
                    "Through to " + SAFE
                            + " before anybody tastes it. What touched it raw is boiled, or thrown away."));
        }
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

    /** The foods that have it, by their names. */
    static String names(Ingredients ingredients, Trait trait) {
        return names(ingredients, food -> food.has(trait));
    }

    static String names(Ingredients ingredients, Predicate<Food> wanted) {
        return ingredients.usable().stream()
                .map(line -> line.food().orElseThrow())
                .filter(wanted)
                .map(Food::name)
                .distinct()
                .collect(Collectors.joining(", "));
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
