package app.gradior.larder;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A food of the catalogue.
 *
 * @param id stable name, lower case with dashes
 * @param name what a cook calls it
 * @param aliases other names by which a line may call it
 * @param per100g composition
 * @param starchKind which powder the starch is, present when the composition has starch
 * @param fatForm emulsified or free
 * @param bodyForm smooth or cut
 * @param bodyFactor tomato-juice pulp that one gram of this pulp is worth as thickener; hot-break tomato products 2.5
 * @param densityGPerMl grams in a millilitre as it fills a measure (bulk density for solids)
 * @param measures household measures by key: cup, tbsp, tsp, piece, piece-small, piece-large, clove, can, ...
 * @param ph typical pH
 * @param allergens as in {@link Allergen}
 * @param traits what safety and handling hang on, beside what the allergens say
 * @param scovilleUnits pungency, Scoville heat units of the food as it is
 * @param source kind of source of the numbers: table, label, estimate
 * @param makeup what its parts are made of
 */
// Wide: columns of foods.csv.
public record Food(
        String id,
        String name,
        List<String> aliases,
        Composition per100g,
        Optional<StarchKind> starchKind,
        FatForm fatForm,
        BodyForm bodyForm,
        double bodyFactor,
        double densityGPerMl,
        Map<String, FoodMeasure> measures,
        OptionalDouble ph,
        Set<Allergen> allergens,
        Set<Trait> traits,
        double scovilleUnits,
        String source,
        Makeup makeup) {
    /** The id of plain water. */
    static final String WATER = "water";

    private static final double SALT_PERCENT = 80;

    /** Of an animal's flesh, so that its protein and fat stay in it as it cooks. */
    public boolean ofFlesh() {
        return has(Trait.MEAT) || has(Trait.FISH);
    }

    /** Bulk density of the lightest leaves and of salt, g/mL, with room. */
    public static final double LEAST_DENSITY = 0.03;

    public static final double MOST_DENSITY = 2.5;
    private static final double POURED_LIQUID_PERCENT = 60;
    private static final double POURED_PULP_PERCENT = 1;
    private static final double POURED_DENSITY = 0.9;
    private static final double POURED_DENSEST = 1.2;

    public Food {
        if (!id.matches("[a-z0-9]+(-[a-z0-9]+)*")) {
            throw new IllegalArgumentException(id);
        }
        Unfit.inRange("density", densityGPerMl, LEAST_DENSITY, MOST_DENSITY, " g/mL");
        Unfit.inRange("bodyFactor", bodyFactor, 0, 10, "");
        Unfit.inRange("scovilleUnits", scovilleUnits, 0, 2e7, " SHU");
        if (per100g.starch() > 0 && starchKind.isEmpty()) {
            throw new Unfit("starchKind", new Wrong.NotGiven());
        }
        // Foods kept before there was any have none.
        makeup = makeup == null ? Makeup.NONE : makeup;
        if (!makeup.fitsIn(per100g)) {
            throw new Unfit("makeup", new Wrong.NotTaken());
        }
        aliases = List.copyOf(aliases);
        measures = Map.copyOf(measures);
        allergens = inOrder(Allergen.class, allergens);
        traits = inOrder(Trait.class, withThoseOf(allergens, traits));
    }

    /** Milk, egg and fish are said once, as allergens. */
    private static Set<Trait> withThoseOf(Set<Allergen> allergens, Set<Trait> traits) {
        EnumSet<Trait> all = EnumSet.noneOf(Trait.class);
        all.addAll(traits);
        allergens.forEach(allergen -> allergen.trait().ifPresent(all::add));
        return all;
    }

    /** In one order, so that the same food is always written in the same way. */
    private static <E extends Enum<E>> Set<E> inOrder(Class<E> type, Set<E> set) {
        EnumSet<E> sorted = EnumSet.noneOf(type);
        sorted.addAll(set);
        return Collections.unmodifiableSet(sorted);
    }

    /** The food as a pot knows it: without other names and without household measures. */
    public Food asUsed() {
        return aliases.isEmpty() && measures.isEmpty() ? this : with(List.of(), Map.of());
    }

    /** The same food with one name more. */
    public Food alsoCalled(String words) {
        List<String> names = new ArrayList<>(aliases);
        names.add(words);
        return with(names, measures);
    }

    /** The same food without those of its other names that mean another food; names in lower case. */
    Food notCalled(Set<String> taken) {
        return aliases.stream().noneMatch(alias -> taken.contains(alias.toLowerCase(Locale.ROOT)))
                ? this
                : with(
                        aliases.stream()
                                .filter(alias -> !taken.contains(alias.toLowerCase(Locale.ROOT)))
                                .toList(),
                        measures);
    }

    private Food with(List<String> names, Map<String, FoodMeasure> weights) {
        return new Food(
                id,
                name,
                names,
                per100g,
                starchKind,
                fatForm,
                bodyForm,
                bodyFactor,
                densityGPerMl,
                weights,
                ph,
                allergens,
                traits,
                scovilleUnits,
                source,
                makeup);
    }

    /** The same food, its parts made of that. */
    public Food madeOf(Makeup newMakeup) {
        return new Food(
                id,
                name,
                aliases,
                per100g,
                starchKind,
                fatForm,
                bodyForm,
                bodyFactor,
                densityGPerMl,
                measures,
                ph,
                allergens,
                traits,
                scovilleUnits,
                source,
                newMakeup);
    }

    /** Whether it is plain water. */
    public boolean plainWater() {
        return id.equals(WATER);
    }

    /** Whether it is salt itself, wet sea salt too. */
    public boolean plainSalt() {
        return per100g.salt() >= SALT_PERCENT;
    }

    public boolean has(Trait trait) {
        return traits.contains(trait);
    }

    /** Whether it is of an animal. */
    public boolean ofAnimals() {
        return traits.stream().anyMatch(Trait::ofAnimals);
    }

    /** Whether cooks pour it: then its ounces are fluid ones. Thin liquids, and oils that come by the glug. */
    public boolean pourable() {
        boolean watery = per100g.water() + per100g.ethanol() >= POURED_LIQUID_PERCENT
                && bodyForm == BodyForm.SMOOTH
                && per100g.pulp() < POURED_PULP_PERCENT
                && per100g.coarse() < POURED_PULP_PERCENT
                && densityGPerMl >= POURED_DENSITY
                && densityGPerMl <= POURED_DENSEST;
        return watery || measures.containsKey("glug") || measures.containsKey("drizzle");
    }

    /** The household measure with that key, if this food has it. */
    public Optional<FoodMeasure> measure(String key) {
        return Optional.ofNullable(measures.get(key));
    }
}
