package app.gradior.rescue;

import app.gradior.larder.Catalogue;
import app.gradior.larder.Composition;
import app.gradior.larder.Food;
import app.gradior.larder.Trait;
import app.gradior.mixture.Mixture;
import app.gradior.sauce.Ingredients;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a sauce can be stretched with: what went into it, and what most houses have. Usual is what suits it; a cook ticks more, or less.
 *
 * @param all to choose from
 * @param suits ids of those that suit
 */
public record Liquids(List<Food> all, Set<String> suits) {
    public Liquids {
        all = List.copyOf(all);
        suits = Set.copyOf(suits);
    }

    private static final List<String> IN_MOST_HOUSES =
            List.of("vegetable-stock", "passata", "milk", "cream-double", "coconut-milk", "yogurt", "apple-juice");
    private static final Set<String> COOLING = Set.of("milk", "cream-double", "coconut-milk", "yogurt");
    private static final double WET = 60;
    /** From so much sugar on a sauce is a sweet one, g in 100 g. */
    private static final double SWEET = 8;

    /** What is sharper, saltier, sweeter or stronger than this goes in by the spoon, g in 100 g. */
    private static final double SHARP = 1.5;

    private static final double SALTY = 1.5;
    private static final double VERY_SWEET = 20;
    private static final double STRONG = 8;

    private static final int MOST_OWN = 6;
    private static final int MOST_FROM_HOUSE = 12;

    /** For a sauce of these lines; for any where they are not known. */
    public static Liquids of(Ingredients lines, Mixture sauce, Set<Complaint> wrong) {
        List<Food> in = lines.usable().stream()
                .map(line -> line.food().orElseThrow())
                .distinct()
                .toList();
        Set<Food> all = in.stream()
                .filter(food -> isMild(food) && !food.plainWater())
                .limit(MOST_OWN)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        Set<String> suits = all.stream().map(Food::id).collect(Collectors.toCollection(LinkedHashSet::new));
        boolean sweet = Measure.SUGAR.of(sauce, 20, 1) > SWEET;
        boolean dairy = in.stream().anyMatch(food -> food.has(Trait.DAIRY));
        boolean tomato = in.stream()
                .anyMatch(food -> food.id().contains("tomato") || food.id().equals("passata"));
        for (String id : IN_MOST_HOUSES) {
            Food food = Catalogue.standard().food(id).orElseThrow();
            all.removeIf(own -> own.id().equals(id));
            all.add(food);
            boolean fits = switch (id) {
                case "vegetable-stock" -> !sweet;
                case "apple-juice" -> sweet && !dairy && !tomato;
                case "passata" -> tomato;
                case "coconut-milk" -> false;
                default -> dairy;
            };
            if (fits || in.isEmpty() || COOLING.contains(id) && wrong.contains(Complaint.TOO_HOT)) {
                suits.add(id);
            }
        }
        return new Liquids(List.copyOf(all), suits);
    }

    /**
     * The same by what there is in the house: nothing else is ticked, and what else of it is mild can be.
     *
     * @param inHouse ids of foods that there are; empty when nobody ticked any
     */
    public static Liquids of(Ingredients lines, Mixture sauce, Set<Complaint> wrong, Set<String> inHouse) {
        Liquids any = of(lines, sauce, wrong);
        if (inHouse.isEmpty()) {
            return any;
        }
        Set<String> known = any.all.stream().map(Food::id).collect(Collectors.toSet());
        List<Food> all = Stream.concat(
                        any.all.stream(),
                        Catalogue.standard().foods().stream()
                                .filter(food -> inHouse.contains(food.id()) && !known.contains(food.id()))
                                .filter(food -> isMild(food) && !food.plainWater())
                                .limit(MOST_FROM_HOUSE))
                .toList();
        return new Liquids(all, any.suits.stream().filter(inHouse::contains).collect(Collectors.toSet()));
    }

    /** Whether a cup of it goes into a sauce without taking it over: nothing sharp, salty, sweet or strong. */
    private static boolean isMild(Food food) {
        Composition c = food.per100g();
        return food.pourable()
                && c.water() > WET
                && c.acetic() + c.otherAcids() < SHARP
                && c.salt() < SALTY
                && c.sugars() < VERY_SWEET
                && c.ethanol() < STRONG;
    }

    /** The ids of those that suit, a line each. */
    public String usual() {
        return all.stream().map(Food::id).filter(suits::contains).collect(Collectors.joining("\n"));
    }

    /** Those of these ids. */
    public List<Food> of(String ids) {
        Set<String> wanted = ids.lines().collect(Collectors.toSet());
        return all.stream().filter(food -> wanted.contains(food.id())).toList();
    }
}
