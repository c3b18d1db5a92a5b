package app.gradior.room.larder;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A kitchen's own larder as it is kept, for its file: all at once, out and in. */
@Service
public class LarderAsKept {
    private final LarderMapper larder;
    private final SnapshotMapper snapshots;
    private final FoodSnapshots keeping;
    private final Larder known;

    LarderAsKept(LarderMapper larder, SnapshotMapper snapshots, FoodSnapshots keeping, Larder known) {
        this.larder = larder;
        this.snapshots = snapshots;
        this.keeping = keeping;
        this.known = known;
    }

    /** What a kitchen added. */
    public record Own(
            List<LarderFood> foods,
            List<LarderName> names,
            List<LarderMeasure> measures,
            List<LarderInHouse> inHouse) {}

    /** A food as it was when something of it was recorded: JSON, and the name of that content. */
    public record Snapshot(String hash, String food) {}

    public Own of(long kitchenId) {
        return new Own(
                larder.foods(kitchenId),
                larder.names(kitchenId),
                larder.measures(kitchenId),
                larder.inHouse(kitchenId));
    }

    /** Foods as they were, by their names. */
    public List<Snapshot> snapshots(long kitchenId) {
        return snapshots.all(kitchenId);
    }

    /** This larder instead of what the kitchen has, and these foods of then beside those it keeps. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void replace(long kitchenId, Own by, List<String> foodsOfThen) {
        larder.foods(kitchenId).forEach(f -> larder.removeFood(kitchenId, f.foodId()));
        larder.names(kitchenId).forEach(n -> larder.removeName(kitchenId, n.words()));
        larder.measures(kitchenId).forEach(m -> larder.removeMeasure(kitchenId, m.word()));
        larder.inHouse(kitchenId).forEach(h -> larder.outOfHouse(kitchenId, h.foodId()));
        by.foods().forEach(f -> larder.addFood(f.in(kitchenId)));
        by.names().forEach(n -> larder.putName(n.in(kitchenId)));
        by.measures().forEach(m -> larder.putMeasure(m.in(kitchenId)));
        by.inHouse().forEach(h -> larder.putInHouse(h.in(kitchenId)));
        foodsOfThen.forEach(food -> keeping.keep(kitchenId, food));
        known.changed(kitchenId);
    }
}
