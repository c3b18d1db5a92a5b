package app.gradior.room.larder;

import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.measure.LineReader;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.faults.Odd;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The foods, names and measures a kitchen knows: the standard catalogue and its own. */
@Service
public class Larder {
    public static final int MOST_OWN = 500;
    private static final double LEAST_ML = 0.05;
    private static final double MOST_ML = 20_000;

    private final LarderMapper larder;
    private final FoodJson json;
    private final Clock clock;
    private final Cache<Key, Known> known =
            Caffeine.newBuilder().maximumSize(200).build();

    Larder(LarderMapper larder, FoodJson json, Clock clock) {
        this.larder = larder;
        this.json = json;
        this.clock = clock;
    }

    private record Key(long kitchen, MeasureSystem measures) {}

    /** A kitchen's foods and the reader that knows them. */
    record Known(Catalogue catalogue, LineReader reader) {}

    Known of(Kitchen kitchen) {
        return known.get(new Key(kitchen.id(), kitchen.measures()), this::load);
    }

    /** A kitchen's foods, whatever it measures in. */
    Catalogue catalogue(long kitchenId) {
        return known.get(new Key(kitchenId, MeasureSystem.METRIC), this::load).catalogue();
    }

    private Known load(Key key) {
        List<Food> own = larder.foods(key.kitchen()).stream()
                .flatMap(row -> read(row, new ArrayList<>()).stream())
                .toList();
        Catalogue foods = Catalogue.standard().with(own, Map.of());
        Map<String, String> names = new HashMap<>();
        larder.names(key.kitchen()).stream()
                .filter(row -> foods.food(row.foodId()).isPresent())
                .forEach(row -> names.put(row.words(), row.foodId()));
        Map<String, Double> measures = new HashMap<>();
        larder.measures(key.kitchen()).forEach(row -> measures.put(row.word(), row.ml()));
        Catalogue catalogue = Catalogue.standard().with(own, names);
        return new Known(catalogue, new LineReader(catalogue, key.measures(), measures));
    }

    private Optional<Food> read(LarderFood row, List<Odd> odd) {
        return Odd.tried(odd, row.foodId(), "/larder/" + row.foodId(), () -> json.read(row.body()));
    }

    /** Foods of a kitchen that cannot be read, and why; its lines do without them. */
    public List<Odd> odd(long kitchenId) {
        List<Odd> odd = new ArrayList<>();
        larder.foods(kitchenId).forEach(row -> read(row, odd));
        return odd;
    }

    /**
     * Takes away a food that cannot be read.
     *
     * @throws Refusal when it can be, since sauces and batches may need it
     */
    @Transactional
    public void removeOdd(long kitchenId, String foodId) {
        if (odd(kitchenId).stream().noneMatch(o -> o.name().equals(foodId))) {
            throw Refusal.missing(Thing.ODD_FOOD);
        }
        larder.removeFood(kitchenId, foodId);
        changed(kitchenId);
    }

    /** Forgets what was worked out for a kitchen, after a change of its larder. */
    public void changed(long kitchenId) {
        for (MeasureSystem system : MeasureSystem.values()) {
            known.invalidate(new Key(kitchenId, system));
        }
    }

    /** Ids of the foods a kitchen added or corrected. */
    public List<String> ownFoods(long kitchenId) {
        return larder.foods(kitchenId).stream().map(LarderFood::foodId).toList();
    }

    /** Which revision of a food this kitchen has; 0 for a food as it is standard or not yet known. */
    public int revision(long kitchenId, String foodId) {
        return larder.foods(kitchenId).stream()
                .filter(row -> row.foodId().equals(foodId))
                .mapToInt(LarderFood::revision)
                .findFirst()
                .orElse(0);
    }

    /**
     * Adds a food of the kitchen's own, or corrects one.
     *
     * @param revision of what was corrected, as {@link #revision} told it
     * @throws Refusal when it was changed meanwhile, its parts are more than the whole, or there are too many
     */
    @Transactional
    public void put(long kitchenId, Food food, int revision) {
        if (!food.per100g().closes()) {
            throw Refusal.unfit(
                    "composition",
                    Told.of(
                            "larder.the-parts-add-up-to-g",
                            Math.round(food.per100g().totalG())));
        }
        LarderFood row = new LarderFood(kitchenId, food.id(), json.write(food), LocalDateTime.now(clock), revision);
        if (revision > 0) {
            if (larder.changeFood(row) == 0) {
                throw changedMeanwhile(food);
            }
        } else {
            add(row.in(kitchenId), food);
        }
        changed(kitchenId);
    }

    private void add(LarderFood row, Food food) {
        if (larder.foods(row.kitchenId()).size() >= MOST_OWN) {
            throw Refusal.unfit("name", Told.of("larder.a-kitchen-has-at-most-foods", MOST_OWN));
        }
        try {
            larder.addFood(row);
        } catch (DuplicateKeyException e) {
            throw changedMeanwhile(food);
        }
    }

    private static Refusal changedMeanwhile(Food food) {
        return Refusal.conflict("revision", Told.of("larder.was-changed-on-another-device", Words.say(food)));
    }

    /** Goes back to the standard food; a food that only this kitchen has stays, since its sauces and batches name it. */
    @Transactional
    public void backToStandard(long kitchenId, String foodId) {
        if (Catalogue.standard().food(foodId).isEmpty()) {
            throw Refusal.unfit("food", Told.of("larder.this-food-is-only-yours-your"));
        }
        larder.removeFood(kitchenId, foodId);
        changed(kitchenId);
    }

    public List<LarderName> names(long kitchenId) {
        return larder.names(kitchenId);
    }

    /** From now on these words mean that food in this kitchen. */
    @Transactional
    public void remember(Kitchen kitchen, String words, String foodId) {
        String plain = words.strip().toLowerCase(Locale.ROOT);
        if (plain.isEmpty() || plain.length() > 120) {
            throw Refusal.unfit("words", Told.of("larder.there-are-no-words-in-this"));
        }
        if (of(kitchen).catalogue().food(foodId).isEmpty()) {
            throw Refusal.unfit("food", Told.of("larder.food-is-not-known", foodId));
        }
        larder.putName(new LarderName(kitchen.id(), plain, foodId));
        changed(kitchen.id());
    }

    @Transactional
    public void forget(long kitchenId, String words) {
        larder.removeName(kitchenId, words);
        changed(kitchenId);
    }

    public List<LarderMeasure> measures(long kitchenId) {
        return larder.measures(kitchenId);
    }

    /** A measure of the kitchen's own: "ladle", 90 mL. */
    @Transactional
    public void putMeasure(long kitchenId, String word, double ml) {
        larder.putMeasure(new LarderMeasure(kitchenId, measure(word, ml), ml));
        changed(kitchenId);
    }

    /** The word of a measure as it is kept, if both can be. */
    public static String measure(String word, double ml) {
        String plain = Refusal.text("word", word, 40).toLowerCase(Locale.ROOT);
        if (!plain.matches("\\p{L}+")) {
            throw Refusal.unfit("word", Told.of("larder.one-word-of-letters-expected-such", plain));
        }
        Refusal.inRange("ml", ml, LEAST_ML, MOST_ML, " mL");
        return plain;
    }

    @Transactional
    public void removeMeasure(long kitchenId, String word) {
        larder.removeMeasure(kitchenId, word);
        changed(kitchenId);
    }

    /** Ids of the foods that there are in the house, as far as the cook ticked them. */
    public Set<String> inHouse(long kitchenId) {
        return larder.inHouse(kitchenId).stream().map(LarderInHouse::foodId).collect(Collectors.toUnmodifiableSet());
    }

    /**
     * Keeps what of some foods there is; of others nothing changes.
     *
     * @param shown ids of those that were asked of
     * @param there ids of those that there are
     */
    @Transactional
    public void keepInHouse(Kitchen kitchen, Collection<String> shown, Collection<String> there) {
        Catalogue foods = of(kitchen).catalogue();
        for (String id : shown) {
            if (there.contains(id) && foods.food(id).isPresent()) {
                larder.putInHouse(new LarderInHouse(kitchen.id(), id));
            } else {
                larder.outOfHouse(kitchen.id(), id);
            }
        }
    }
}
