package app.gradior.larder;

import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** All foods that lines may name, by id. Immutable. */
public final class Catalogue {
    private final Map<String, Food> byId;

    private Catalogue(Map<String, Food> byId) {
        this.byId = Collections.unmodifiableMap(byId);
    }

    /**
     * A catalogue of these foods.
     *
     * @throws IllegalArgumentException when two share an id
     */
    public static Catalogue of(Collection<Food> foods) {
        Map<String, Food> byId = new LinkedHashMap<>();
        for (Food food : foods) {
            if (byId.put(food.id(), food) != null) {
                throw new IllegalArgumentException("two foods have the id " + food.id());
            }
        }
        return new Catalogue(byId);
    }

    /** The catalogue that ships with Gradior. */
    public static Catalogue standard() {
        return Holder.STANDARD;
    }

    /**
     * This catalogue with a kitchen's own foods, which take the place of those with the same id, and its own names for foods. What a
     * kitchen calls a food is no other name of any food of this catalogue any more.
     *
     * @param names words, and the id of the food they mean; names of unknown foods are left out
     */
    public Catalogue with(Collection<Food> own, Map<String, String> names) {
        Set<String> taken = new HashSet<>();
        own.forEach(food -> taken.add(food.name().toLowerCase(Locale.ROOT)));
        names.keySet().forEach(words -> taken.add(words.toLowerCase(Locale.ROOT)));
        Map<String, Food> all = new LinkedHashMap<>();
        byId.forEach((id, food) -> all.put(id, food.notCalled(taken)));
        own.forEach(food -> all.put(food.id(), food));
        names.forEach((words, id) -> all.computeIfPresent(id, (i, food) -> food.alsoCalled(words)));
        return new Catalogue(all);
    }

    /** Plain water. */
    public Food water() {
        return food(Food.WATER).orElseThrow();
    }

    public Optional<Food> food(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** The food of exactly that name, in whatever case. */
    public Optional<Food> named(String name) {
        String wanted = name.strip();
        return byId.values().stream()
                .filter(food -> food.name().equalsIgnoreCase(wanted))
                .findFirst();
    }

    /** The powder that is sold as that starch. */
    public Food powder(StarchKind kind) {
        return byId.values().stream()
                .filter(food -> food.starchKind().filter(kind::equals).isPresent()
                        && Math.abs(food.per100g().starch() - 100 * kind.starchShare()) < 0.01)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(kind.key()));
    }

    public Collection<Food> foods() {
        return byId.values();
    }

    /** Foods whose name or other names contain the words, best first; all of them for an empty query. */
    public List<Food> search(String query) {
        String wanted = query.strip().toLowerCase(Locale.ROOT);
        return byId.values().stream()
                .filter(food -> rank(food, wanted) < NO_MATCH)
                .sorted((a, b) -> Integer.compare(rank(a, wanted), rank(b, wanted)))
                .toList();
    }

    private static final int NO_MATCH = 3;

    private static int rank(Food food, String wanted) {
        String name = food.name().toLowerCase(Locale.ROOT);
        if (name.startsWith(wanted)) {
            return 0;
        }
        if (name.contains(wanted)) {
            return 1;
        }
        return food.aliases().stream().anyMatch(alias -> alias.contains(wanted)) ? 2 : NO_MATCH;
    }

    private static final class Holder {
        static final Catalogue STANDARD = CatalogueFile.read("/larder/foods.csv");
    }
}
