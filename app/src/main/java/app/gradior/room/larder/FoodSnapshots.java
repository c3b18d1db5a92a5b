package app.gradior.room.larder;

import app.gradior.access.Hashes;
import app.gradior.batch.Understood;
import app.gradior.larder.Food;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.springframework.stereotype.Service;

/** Foods as they were when something of them was recorded; the same content is kept once a kitchen, and never changed. */
@Service
public class FoodSnapshots {
    private final SnapshotMapper mapper;
    private final FoodJson json;
    private final Larder larder;
    private final Cache<Key, Food> foods =
            Caffeine.newBuilder().maximumSize(20_000).build();

    FoodSnapshots(SnapshotMapper mapper, FoodJson json, Larder larder) {
        this.mapper = mapper;
        this.json = json;
        this.larder = larder;
    }

    private record Key(long kitchenId, String hash) {}

    /** The name of a food's content: the same for the same content, everywhere. */
    public static String hash(FoodJson json, Food food) {
        return hash(json.write(food.asUsed()));
    }

    /** The name of a food as it was written then: fields that foods get later change nothing of it. */
    public static String hash(String written) {
        return Hashes.sha256(written);
    }

    /** Keeps the foods of these lines. */
    public void keep(long kitchenId, List<Understood> lines) {
        lines.stream().map(Understood::food).distinct().forEach(food -> keep(kitchenId, food));
    }

    private void keep(long kitchenId, Food food) {
        keep(kitchenId, json.write(food.asUsed()));
    }

    /** Keeps a food as it was written then. */
    void keep(long kitchenId, String written) {
        mapper.insert(kitchenId, hash(written), written);
    }

    /** A kitchen's foods, then and now. */
    public FoodsThen of(long kitchenId) {
        return new FoodsThen() {
            @Override
            public Food then(String hash) {
                return foods.get(
                        new Key(kitchenId, hash),
                        key -> json.read(mapper.find(kitchenId, hash)
                                .orElseThrow(() ->
                                        new IllegalStateException("a food of this batch was not kept: " + hash))));
            }

            @Override
            public Food now(String foodId) {
                return larder.catalogue(kitchenId)
                        .food(foodId)
                        .orElseThrow(() -> new IllegalStateException(
                                "food " + foodId + " of a batch is no longer in the catalogue"));
            }
        };
    }
}
