package app.gradior.larder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ShelfTest {
    private static Food food(String id) {
        return Catalogue.standard().food(id).orElseThrow();
    }

    @Test
    void aCookFindsFoodsWhereACookLooks() {
        Map<String, Shelf> where = Map.of(
                "onion", Shelf.VEGETABLES,
                "plum", Shelf.FRUIT,
                "salmon", Shelf.MEAT_AND_FISH,
                "butter", Shelf.FATS,
                "cream-double", Shelf.DAIRY_AND_EGGS,
                "soy-sauce", Shelf.SALT_AND_SAUCES,
                "star-anise", Shelf.HERBS_AND_SPICES,
                "cornflour", Shelf.THICKENERS,
                "lemon-juice", Shelf.VINEGARS,
                "walnut", Shelf.NUTS_AND_PULSES);
        where.forEach((id, shelf) -> assertThat(Shelf.of(food(id))).as(id).isEqualTo(shelf));
        assertThat(Shelf.of(food("chicken-stock"))).isEqualTo(Shelf.STOCKS_AND_JUICES);
        assertThat(Shelf.of(food("honey"))).isEqualTo(Shelf.SWEET);
        assertThat(Shelf.of(food("perry"))).isEqualTo(Shelf.WINE_AND_SPIRITS);
    }

    @Test
    void everyShelfHasFoodsAndNoneHasMostOfThem() {
        Map<Shelf, Long> counts =
                Catalogue.standard().foods().stream().collect(Collectors.groupingBy(Shelf::of, Collectors.counting()));
        assertThat(counts).containsOnlyKeys(Shelf.values());
        assertThat(counts.values()).allMatch(count -> count >= 12 && count <= 90);
    }

    /** What nobody wrote a row for stands by what it is made of. */
    @Test
    void anOwnFoodStandsByWhatItIsMadeOf() {
        Food own = food("vinegar-malt");
        Food renamed = new Food(
                "own-pickling-vinegar",
                "pickling vinegar",
                own.aliases(),
                own.per100g(),
                own.starchKind(),
                own.fatForm(),
                own.bodyForm(),
                own.bodyFactor(),
                own.densityGPerMl(),
                own.measures(),
                own.ph(),
                own.allergens(),
                own.traits(),
                own.scovilleUnits(),
                own.source(),
                own.makeup());
        assertThat(Shelf.of(renamed)).isEqualTo(Shelf.VINEGARS);
    }
}
